package webodidact.core.list;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Amount;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;

/** What is over of what was bought, by the receipt or by whole packs, and what becomes of it. */
public final class Leftovers {
    /**
     * @param left in the pack's measure
     * @param shown kitchen-rounded
     * @param keepsUntil last day by the table once opened for this lesson, or null without an air time
     * @param plan what was decided, or the best suggestion
     * @param decided the instructor wrote the plan
     * @param lots recipe-sized lots that the rest can be frozen in, 0 where it should not be frozen
     */
    public record Left(
            FoodLine line,
            Food food,
            String item,
            Amount left,
            String shown,
            LocalDate keepsUntil,
            String plan,
            boolean decided,
            long lots) {}

    private Leftovers() {}

    /** @param all lessons of the course, for what a later one can use */
    public static List<Left> of(Lesson lesson, List<Lesson> all, Course course, Knowledge knowledge) {
        var lefts = new ArrayList<Left>();
        for (var row : Costs.of(lesson, course, knowledge).shoot().rows()) {
            var over = over(row, course);
            if (over == null || over.low().isZero()) continue;
            lefts.add(left(lesson, all, row, over, course, knowledge));
        }
        return List.copyOf(lefts);
    }

    /** By what was really bought, where that is known, else by whole packs; null where neither tells. */
    private static Amount over(Costs.Row row, Course course) {
        var bought = row.line().bought();
        if (bought == null || row.exact() == null || row.food() == null)
            return row.buying() == null ? null : row.buying().left();
        return Weighing.in(
                        bought, row.exact().unit(), row.food(), row.line().described(), course.house(), course.house())
                .map(b -> b.low().minus(row.exact().high()))
                .filter(left -> left.isMoreThan(Ratio.ZERO))
                .map(left -> Amount.of(left, row.exact().unit()))
                .orElse(null);
    }

    private static Left left(
            Lesson lesson, List<Lesson> all, Costs.Row row, Amount amount, Course course, Knowledge knowledge) {
        var facts = row.food().facts();
        var until = lesson.air() == null || facts.keeps() == null
                ? null
                : lesson.air().toLocalDate().plusDays(facts.keeps().time());
        long lots = facts.freezes() == null ? 0 : lots(lesson, row, amount, course, knowledge);
        var plan = row.line().plan().isEmpty()
                ? suggestion(lesson, all, row, until, lots)
                : row.line().plan();
        return new Left(
                row.line(),
                row.food(),
                row.item(),
                amount,
                KitchenRounding.round(amount, course.house()).text(),
                until,
                plan,
                !row.line().plan().isEmpty(),
                lots);
    }

    private static long lots(Lesson lesson, Costs.Row row, Amount left, Course course, Knowledge knowledge) {
        var need = GatherList.exact(row.line(), Scaling.forHome(lesson), knowledge);
        return Weighing.in(need, left.unit(), row.food(), row.line().described(), course.house(), course.house())
                .filter(n -> n.low().isMoreThan(Ratio.ZERO))
                .map(n -> left.low().dividedBy(n.low()).floor())
                .orElse(0L);
    }

    private static String suggestion(Lesson lesson, List<Lesson> all, Costs.Row row, LocalDate until, long lots) {
        var next = all.stream()
                .filter(l -> l.number() > lesson.number()
                        && l.foods().stream().anyMatch(f -> row.food().id().equals(f.cooked())))
                .findFirst();
        if (next.isPresent()
                && (until == null
                        || next.get().air() == null
                        || !next.get().air().toLocalDate().isAfter(until))) {
            return Words.OURS.say("keep.lesson", next.get().number(), next.get().title());
        }
        var facts = row.food().facts();
        if (facts.freezes() != null) {
            return lots > 1
                    ? Words.OURS.say(
                            "keep.freeze.lots",
                            lots,
                            facts.freezes().how(),
                            facts.freezes().time())
                    : Words.OURS.say(
                            "keep.freeze",
                            "",
                            facts.freezes().how(),
                            facts.freezes().time());
        }
        if (facts.keeps() == null) return Words.OURS.say("keep.up");
        return facts.keeps().time() > 30
                ? Words.OURS.say("keep.long", facts.keeps().how())
                : Words.OURS.say(
                        "keep.within", facts.keeps().time(), facts.keeps().how());
    }
}

package webodidact.core.list;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.swap.InUse;

/** All that the instructor needs: what is cooked on camera, ready copies and spare takes included. */
public record ShootList(List<Entry> entries, List<Tool> tools, int onCamera, int copies, int spares) {
    /**
     * @param exact all of it, or null where no amount is given
     * @param take kitchen-rounded, whole things rounded up
     * @param why "1 on camera + 1 copy (step 6) + 1 spare"
     */
    public record Entry(FoodLine line, Food food, String item, Amount exact, String take, String why) {}

    /** @param count that many at the same time */
    public record Tool(String name, int count) {}

    public static ShootList of(Lesson lesson, Course course, Knowledge knowledge) {
        var entries = new ArrayList<Entry>();
        int camera = Math.max(1, lesson.sets().demo());
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food != null && food.shelf() == Shelf.TAP) continue;
            var copies = copySteps(lesson, line);
            int times = camera + copies.size() + lesson.sets().spares();
            var exact = line.amount() == null
                    ? null
                    : GatherList.exact(line, Scaling.forHome(lesson).times(times), knowledge);
            var item = line.chosen() == null || food == null ? line.item() : food.name();
            entries.add(new Entry(
                    line,
                    food,
                    item,
                    exact,
                    exact == null ? Words.OURS.say("some") : whole(exact, course),
                    why(camera, copies, lesson.sets().spares())));
        }
        int allCopies = (int) lesson.steps().stream()
                .filter(s -> s.waiting() != null && s.waiting().cover() instanceof Cover.ReadyCopy)
                .count();
        var tools = lesson.tools().stream()
                .map(t -> new Tool(t.name(), t.count() * Math.max(1, camera)))
                .toList();
        return new ShootList(
                List.copyOf(entries), tools, camera, allCopies, lesson.sets().spares());
    }

    /** Numbers of the steps whose ready copy has that food in it. */
    static List<Integer> copySteps(Lesson lesson, FoodLine line) {
        var numbers = new ArrayList<Integer>();
        var use = InUse.of(lesson, line);
        var chain = InUse.madeInto(lesson, line);
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            int number = i + 1;
            boolean copied = step.waiting() != null && step.waiting().cover() instanceof Cover.ReadyCopy;
            if (copied
                    && !use.steps().isEmpty()
                    && (chain.contains(number) || use.later().stream().anyMatch(l -> l.number() == number)))
                numbers.add(number);
        }
        return List.copyOf(numbers);
    }

    private static String why(int camera, List<Integer> copies, int spares) {
        var parts = new ArrayList<String>();
        parts.add(Words.OURS.say("camera", camera));
        for (int copy : copies) parts.add(Words.OURS.say("copy", copy));
        if (spares > 0) parts.add(Words.OURS.say("spares", spares));
        return String.join(" + ", parts);
    }

    /** Nobody buys half a lemon. */
    static String whole(Amount exact, Course course) {
        if (exact.unit().dimension() != Dimension.COUNT
                || exact.unit() == Unit.BUNCH && exact.high().isLessThan(Ratio.ONE))
            return KitchenRounding.round(exact, course.house()).text();
        var up = Ratio.of(exact.high().ceiling());
        return AmountText.of(new Amount(up, up, exact.unit(), false));
    }
}

package webodidact.core.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;

/** What each step takes from each line of the list, and what is left after it; at the lesson's own yield. */
public final class Draws {
    /**
     * @param number of the step, from 1
     * @param taken in the line's own unit, or null where nobody knows
     * @param left after it, or null where nobody knows
     * @param rest takes all that is left
     * @param handles takes nothing new: it goes on with what an earlier step took
     */
    public record Draw(String step, int number, Amount taken, Amount left, boolean rest, boolean handles) {}

    /**
     * @param over how much more is taken than listed, or null
     * @param unused how much is listed and never taken, or null
     */
    public record Line(FoodLine line, List<Draw> draws, Amount over, Amount unused) {
        public Line {
            draws = List.copyOf(draws);
        }

        public Optional<Draw> in(String step) {
            return draws.stream().filter(d -> d.step().equals(step)).findFirst();
        }
    }

    /** Roundings of spoons and scales are no mistake: a fiftieth over, a twentieth unused. */
    private static final Ratio OVER = Ratio.of(51, 50);
    private static final Ratio UNUSED = Ratio.of(19, 20);

    private Draws() {}

    /** By line id, in the order of the list; only lines that some step uses. */
    public static Map<String, Line> of(Lesson lesson, Knowledge knowledge, MeasureSystem system) {
        var all = new LinkedHashMap<String, Line>();
        for (var line : lesson.foods()) {
            if (lesson.steps().stream().anyMatch(s -> s.usesLine(line.id()))) all.put(line.id(), line(lesson, line, knowledge, system));
        }
        return all;
    }

    private static Line line(Lesson lesson, FoodLine line, Knowledge knowledge, MeasureSystem system) {
        var food = knowledge.food(line.cooked()).orElse(null);
        var total = line.amount();
        var draws = new ArrayList<Draw>();
        var used = total == null ? null : Ratio.ZERO;
        boolean allTaken = false;
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            for (var use : step.uses()) {
                if (!use.line().equals(line.id())) continue;
                if (use.amount() == null) {
                    boolean handles = allTaken;
                    var rest = total == null || used == null ? null : total.low().minus(used);
                    boolean some = rest == null || rest.isMoreThan(Ratio.ZERO);
                    allTaken = true;
                    draws.add(new Draw(step.id(), i + 1, handles || rest == null ? null : of(rest, total), total == null ? null : of(Ratio.ZERO, total), !handles && some, handles || !some));
                    if (total != null && used != null && some) used = total.low();
                } else {
                    var taken = total == null ? Optional.of(use.amount()) : in(use.amount(), total, food, line.form(), system);
                    used = used == null || taken.isEmpty() ? null : used.plus(taken.get().low());
                    var left = used == null ? null : of(total.low().minus(used), total);
                    draws.add(new Draw(step.id(), i + 1, taken.orElse(null), left, false, false));
                }
            }
        }
        if (used == null) return new Line(line, draws, null, null);
        var over = used.isMoreThan(total.high().times(OVER)) ? of(used.minus(total.high()), total) : null;
        boolean part = !allTaken && used.isLessThan(total.low().times(UNUSED)) && !line.toTaste() && !line.optional();
        return new Line(line, draws, over, part ? of(total.low().minus(used), total) : null);
    }

    private static Amount of(Ratio value, Amount like) {
        var some = value.isNegative() ? Ratio.ZERO : value;
        return new Amount(some, some, like.unit(), like.approximate());
    }

    private static Optional<Amount> in(Amount amount, Amount like, Food food, String form, MeasureSystem system) {
        return Weighing.in(amount, like.unit(), food, form, system, system);
    }
}

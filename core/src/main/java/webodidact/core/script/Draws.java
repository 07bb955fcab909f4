package webodidact.core.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Use;

/** What each step takes from each line of the list, and what is left after it; at the lesson's own yield. */
public final class Draws {
    /**
     * @param number of the step, from 1
     * @param taken in the line's own unit, or null where nobody knows
     * @param left after it, or null where nobody knows
     * @param rest takes all that no step measures out
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
        var taking = new HashMap<String, List<Taking>>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            for (var use : lesson.steps().get(i).uses())
                taking.computeIfAbsent(use.line(), k -> new ArrayList<>())
                        .add(new Taking(lesson.steps().get(i).id(), i + 1, use.amount(), use.again()));
        }
        for (var line : lesson.foods())
            if (taking.containsKey(line.id())) all.put(line.id(), line(line, taking.get(line.id()), knowledge, system));
        return all;
    }

    /**
     * How much a use takes anew, at the lesson's own yield: what it says, else all that no other use measures out. Null where it goes on
     * with what an earlier step took, and where nobody knows. The one answer for lists, tags and papers.
     */
    public static Amount taken(Map<String, Line> draws, String step, Use use) {
        if (use.amount() != null) return use.amount();
        var line = draws.get(use.line());
        return line == null
                ? null
                : line.draws().stream()
                        .filter(d -> d.step().equals(step) && d.rest())
                        .findFirst()
                        .map(Draw::taken)
                        .orElse(null);
    }

    /** The draws of one line alone. */
    public static Map<String, Line> of(Lesson lesson, FoodLine line, Knowledge knowledge, MeasureSystem system) {
        return of(lesson.but(d -> d.foods = List.of(line)), knowledge, system);
    }

    /** A step takes some of one line; {@code amount} null is all that others leave. */
    private record Taking(String step, int number, Amount amount, boolean again) {}

    /** A step without an amount takes all but what other steps measure out for themselves: the flour, but not that for dusting. */
    private static Line line(FoodLine line, List<Taking> taking, Knowledge knowledge, MeasureSystem system) {
        var total = line.amount();
        var measured = measured(line, taking, knowledge, system);
        var left = total == null || measured == null ? null : total.low();
        var rest = left == null ? null : left.minus(measured);
        boolean taken = false;
        var draws = new ArrayList<Draw>();
        for (var use : taking) {
            if (use.again()) {
                draws.add(new Draw(use.step(), use.number(), null, left == null ? null : of(left, total), false, true));
            } else if (use.amount() == null) {
                boolean handles = taken || rest != null && !rest.isMoreThan(Ratio.ZERO);
                taken = true;
                if (left != null && !handles) left = left.minus(rest);
                draws.add(new Draw(
                        use.step(),
                        use.number(),
                        handles || rest == null ? null : of(rest, total),
                        left == null ? null : of(left, total),
                        !handles,
                        handles));
            } else {
                var some = total == null ? Optional.of(use.amount()) : in(use.amount(), total, line, knowledge, system);
                if (left != null) left = left.minus(some.orElseThrow().low());
                draws.add(new Draw(
                        use.step(),
                        use.number(),
                        some.orElse(null),
                        left == null ? null : of(left, total),
                        false,
                        false));
            }
        }
        if (left == null) return new Line(line, draws, null, null);
        var over = measured.isMoreThan(total.high().times(OVER)) ? of(measured.minus(total.high()), total) : null;
        boolean part = !taken && measured.isLessThan(total.low().times(UNUSED)) && !line.toTaste() && !line.optional();
        return new Line(line, draws, over, part ? of(total.low().minus(measured), total) : null);
    }

    /** All that steps measure out, in the line's unit; null if one of them cannot be compared. */
    private static Ratio measured(FoodLine line, List<Taking> taking, Knowledge knowledge, MeasureSystem system) {
        var sum = Ratio.ZERO;
        if (line.amount() == null) return null;
        for (var use : taking) {
            if (use.amount() == null) continue;
            var some = in(use.amount(), line.amount(), line, knowledge, system);
            if (some.isEmpty()) return null;
            sum = sum.plus(some.get().low());
        }
        return sum;
    }

    private static Amount of(Ratio value, Amount like) {
        var some = value.isNegative() ? Ratio.ZERO : value;
        return new Amount(some, some, like.unit(), like.approximate());
    }

    private static Optional<Amount> in(
            Amount amount, Amount like, FoodLine line, Knowledge knowledge, MeasureSystem system) {
        return Weighing.in(
                amount, like.unit(), knowledge.food(line.cooked()).orElse(null), line.described(), system, system);
    }
}

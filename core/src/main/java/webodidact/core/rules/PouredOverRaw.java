package webodidact.core.rules;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Mixing;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Food;
import webodidact.core.food.Shelf;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.memo.Remembered;

/** Boiling water over raw meat, fish or egg in a bowl warms it and does not cook it. */
final class PouredOverRaw implements Check {
    private static final Pattern POURED = Pattern.compile(
            "\\bpour\\w*\\b[^.]*\\b(?:boiling|hot|just[- ]boiled)\\b[^.]*\\b(?:water|stock|broth)\\b|\\b(?:boiling|hot|just[- ]boiled)\\s+(?:water|stock|broth)\\b[^.]*\\b(?:over|onto|on top)\\b",
            Pattern.CASE_INSENSITIVE);
    /** Washing up. */
    private static final Pattern DOWN =
            Pattern.compile("\\bdown the (?:sink|drain|plughole)\\b", Pattern.CASE_INSENSITIVE);

    private static final Remembered<String, Boolean> IS_POURED =
            new Remembered<>(t -> POURED.matcher(t).find() && !DOWN.matcher(t).find());

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .filter(step -> !step.place().isHot() && (IS_POURED.of(step.doing()) || IS_POURED.of(step.say())))
                .flatMap(step -> {
                    var raw = step.uses().stream()
                            .flatMap(u -> s.lesson().food(u.line()).stream())
                            .filter(f ->
                                    food(s, f).map(x -> x.risk().soilsHands()).orElse(false))
                            .toList();
                    return raw.isEmpty() || cookedLater(s, step, raw)
                            ? Stream.empty()
                            : Stream.of(finding(s, step, raw));
                });
    }

    private static Optional<Food> food(Situation s, FoodLine line) {
        return s.knowledge().food(line.cooked());
    }

    private static boolean cookedLater(Situation s, Step step, List<FoodLine> raw) {
        int at = s.lesson().indexOf(step.id());
        return s.lesson().steps().stream()
                .skip(at + 1L)
                .anyMatch(later -> later.place().isHot() && raw.stream().anyMatch(f -> later.usesLine(f.id())));
    }

    private Finding finding(Situation s, Step step, List<FoodLine> raw) {
        var temperature = temperature(s, step, raw);
        return at(
                        s,
                        step.id(),
                        raw.stream().map(FoodLine::item).toList(),
                        s.course().profile().celsius(Mixing.COOKS),
                        temperature.orElse(""))
                .as(temperature.isPresent() ? "known" : "")
                .mending(mend("ring", Operations.place(step.id(), Place.RING)));
    }

    /** What both together come to at most, where both weights are known. */
    private static Optional<String> temperature(Situation s, Step step, List<FoodLine> raw) {
        var house = s.course().house();
        var cold = Ratio.ZERO;
        for (var line : raw) {
            var grams = line.amount() == null
                    ? Optional.<Amount>empty()
                    : Weighing.in(line.amount(), Unit.G, food(s, line).orElse(null), line.described(), house, house);
            if (grams.isEmpty()) return Optional.empty();
            cold = cold.plus(grams.get().low());
        }
        var hot = step.uses().stream()
                .flatMap(u -> s.lesson().food(u.line()).stream())
                .filter(f -> f.amount() != null
                        && f.amount().unit().dimension() == Dimension.VOLUME
                        && food(s, f)
                                .map(x -> x.shelf() == Shelf.TAP || x.id().endsWith("-stock"))
                                .orElse(false))
                .map(f -> f.amount().in(Unit.ML, house).low())
                .reduce(Ratio.ZERO, Ratio::plus);
        if (hot.isZero()) return Optional.empty();
        return Optional.of(s.course().profile().celsius(Mixing.temperature(hot, 100, cold, Mixing.COLD)));
    }
}

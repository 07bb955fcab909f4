package webodidact.core.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.FoodLine;

/** One food on two lines in measures that do not add up: homes buy one of them. */
final class ListedTwice implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        var seen = new HashMap<String, FoodLine>();
        var found = new ArrayList<Finding>();
        for (var line : s.lesson().foods()) {
            if (line.cooked() == null) continue;
            var first = seen.putIfAbsent(line.cooked(), line);
            if (first == null || first.amount() == null || line.amount() == null) continue;
            if (first.amount().unit().dimension() == line.amount().unit().dimension()) continue;
            if (isAside(s, first, line)) continue;
            found.add(about(
                            new About.OfFood(line.id()),
                            0,
                            line.item(),
                            AmountText.of(first.amount()),
                            AmountText.of(line.amount()))
                    .ofFoods(List.of(first.id(), line.id())));
        }
        return found.stream();
    }

    /** A spoonful beside a bagful is for another job: the gravy's flour, and the batter's. */
    private static final Ratio ASIDE = Ratio.of(1, 4);

    private static boolean isAside(Situation s, FoodLine first, FoodLine second) {
        var system = s.course().house();
        return Weighing.in(
                        second.amount(),
                        first.amount().unit(),
                        s.food(first).orElse(null),
                        second.described(),
                        system,
                        system)
                .filter(in -> {
                    var a = in.high();
                    var b = first.amount().high();
                    return b.times(ASIDE).isMoreThan(a) || a.times(ASIDE).isMoreThan(b);
                })
                .isPresent();
    }
}

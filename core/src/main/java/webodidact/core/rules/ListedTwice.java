package webodidact.core.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
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
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.ToolLine;
import webodidact.core.script.Phrase;

/** Kits with food from the fridge go out and nothing keeps them cold. */
final class KitUncooled implements Check {
    private static final Phrase COLD = Phrase.of(
            "cool[- ]?(?:box|bag)",
            "ice ?packs?",
            "(?:keep|kept|stay) (?:\\p{L}+ ){0,3}(?:cold|chilled|in the fridge)",
            "fridge\\b",
            "chilled");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().sets().groups() == 0) return Stream.empty();
        var cold = s.lesson().foods().stream()
                .filter(l -> s.food(l)
                        .filter(f -> f.shelf() == Shelf.FRIDGE && LeftOutTooLong.spoils(f))
                        .isPresent())
                .toList();
        boolean kept = s.lesson().tools().stream().anyMatch(t -> COLD.isIn(t.name()))
                || s.told().says(COLD);
        if (cold.isEmpty() || kept) return Stream.empty();
        return Stream.of(about(
                        new About.OfLesson(),
                        0,
                        s.lesson().sets().groups(),
                        cold.stream().map(FoodLine::item).toList())
                .ofFoods(cold.stream().map(FoodLine::id).toList())
                .mending(mend(
                        "box",
                        l -> Operations.listTool(ToolLine.of(
                                        l.newToolId(), CheckTable.words().say("said.cool-box"), "cool-box", 1))
                                .apply(l))));
    }
}

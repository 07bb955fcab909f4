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

    /** It is eaten hours later, away from a fridge. */
    private static final Phrase PACKED = Phrase.of(
            "(?:in|into) (?:the |your |their |her |his )?(?:school ?bags?|rucksacks?|satchels?|packed lunch(?:es)?|picnic (?:bag|basket)|work bags?)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        int kits = s.lesson().sets().groups();
        if (kits == 0 && !s.told().says(PACKED)) return Stream.empty();
        var cold = s.lesson().foods().stream()
                .filter(l -> s.food(l)
                        .filter(f -> f.shelf() == Shelf.FRIDGE && LeftOutTooLong.spoils(f))
                        .isPresent())
                .toList();
        boolean kept = s.lesson().tools().stream().anyMatch(t -> COLD.isIn(t.name()))
                || s.told().says(COLD);
        if (cold.isEmpty() || kept) return Stream.empty();
        var found = about(
                new About.OfLesson(), 0, kits, cold.stream().map(FoodLine::item).toList());
        return Stream.of((kits == 0 ? found.as("packed") : found)
                .ofFoods(cold.stream().map(FoodLine::id).toList())
                .mending(mend(
                        "box",
                        l -> Operations.listTool(ToolLine.of(
                                        l.newToolId(), CheckTable.words().say("said.cool-box"), "cool-box", 1))
                                .apply(l))));
    }
}

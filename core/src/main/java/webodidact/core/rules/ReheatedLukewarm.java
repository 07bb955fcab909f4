package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Cooked rice, meat or leftovers are warmed "until hot": how hot nobody says. */
final class ReheatedLukewarm implements Check {
    private static final String UNTIL =
            "(?:until|till) (?:it's|it is|they're|they are|everything's|the rice is|that's)?\\s*(?:all )?(?:nice and |just |good and )?(?:(?:hot|heated)(?! (?:all the way )?through)|warm(?:ed)?)\\b";
    private static final Phrase TO_WARM = Phrase.of(UNTIL);
    private static final Phrase WARM = Phrase.of(UNTIL, "(?:just )?warm (?:it|them|the rice) (?:up|through)\\b");
    private static final Phrase HOT = Phrase.of(
            "steaming\\b",
            "piping\\b",
            "all the way through",
            "right through",
            "hot through",
            "heated through",
            "\\d{2,3} ?(?:°|degrees)");
    private static final Phrase COOKED = Phrase.of("cooked\\b", "left ?over", "yesterday's");

    private static final Phrase AGAIN = Phrase.of(
            "re-?heat",
            "heat (?:it|them) (?:up|through|from frozen|again)",
            "warm (?:it|them) (?:up|through)",
            "from frozen\\b",
            "microwave\\b[^.!?]{0,40}\\b(?:un)?till?\\b");

    /** "Just warm it through tomorrow": through, but warm. */
    private static final Phrase WARMED = Phrase.of("warm (?:it|them) (?:up|through)\\b");

    private static final Phrase ANOTHER_DAY =
            Phrase.of("tomorrow\\b", "next day\\b", "another day\\b", "left ?overs?\\b", "lunch\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var now = s.handsOn()
                .filter(step -> Told.says(step, WARM) && !Told.says(step, HOT))
                .flatMap(step -> cooked(s, step)
                        .map(line -> at(s, step.id(), line.item()).mending(sayAlso(step, line.item()))));
        var later = s.told()
                .all(AGAIN)
                .filter(x -> TO_WARM.isIn(x.sentence())
                        || WARMED.isIn(x.sentence())
                                && (ANOTHER_DAY.isIn(x.sentence()) || ANOTHER_DAY.isIn(x.before())))
                .filter(x -> !HOT.isIn(x.sentence()) && !HOT.isIn(x.after()))
                .filter(x -> !x.is(Asides.Kind.DENIED) && LeftOutTooLong.hasWhatSpoils(s))
                .map(x -> at(s, x.step().id(), x.sentence().strip())
                        .mending(sayAlso(x.step(), CheckTable.words().say("said.food"))));
        return Stream.concat(now, later).limit(1);
    }

    private static Stream<FoodLine> cooked(Situation s, Step step) {
        return s.lesson().foods().stream()
                .filter(line -> step.usesLine(line.id()) && COOKED.isIn(line.described()))
                .limit(1);
    }
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.HeatWords;
import webodidact.core.script.Phrase;

/** An oven figure for a fan oven alone, or for one without alone, leaves the other homes to guess. */
final class OtherOvenUnsaid implements Check {
    private static final Phrase FAN = Phrase.of("fan\\b");
    private static final String HUNDRED =
            "(?:(?:a|one|two|three)[ -](?:hundred(?: and)? )?(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)|(?:a|one|two|three) hundred)\\b";
    private static final Phrase PLAIN = Phrase.of(
            "conventional",
            "no fan",
            "without (?:a )?fan",
            "not (?:a )?fan",
            "haven't (?:got )?(?:a )?fan",
            "gas\\b",
            "\\d{3}[^.!?]{0,40}\\d{3}",
            HUNDRED + "[^.!?]{0,30}" + HUNDRED);

    @Override
    public Stream<Finding> find(Situation s) {
        boolean plain = s.told().says(PLAIN);
        boolean fan = s.told().says(FAN);
        return s.lesson().steps().stream()
                .filter(step -> step.heat() != null && step.heat().mode() != Heat.Mode.UNSTATED)
                .filter(step -> step.heat().mode() == Heat.Mode.FAN ? !plain : !fan)
                .filter(step -> HeatWords.in(step.say()).isPresent())
                .limit(1)
                .map(step -> at(
                                s,
                                step.id(),
                                step.heat().text(),
                                OvenScale.onEveryDial(step.heat(), s.course().house()))
                        .mending(sayAlso(
                                step,
                                OvenScale.onEveryDial(step.heat(), s.course().house()))));
    }
}

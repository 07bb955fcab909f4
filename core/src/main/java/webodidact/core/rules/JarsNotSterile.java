package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;

/** Jars or bottles are filled for weeks, and nobody heats them first. */
final class JarsNotSterile implements Check {
    private static final Phrase FILLED = Phrase.of(
            "(?:fill|pot|spoon|ladle|pour|pack|tip|funnel)\\b(?!,)[^.!?]{0,60}\\b(?:jars?|bottles?)\\b(?! of\\b)",
            "(?:jars?|bottles?) (?:are |get )?filled\\b");
    private static final Phrase FOR_LONG = Phrase.of(
            "(?:keeps?|lasts?|store[ds]?|good|fine|ready|mature)\\b[^.!?]{0,50}\\b(?:(?:two|three|four|five|six|eight|\\d+|a few|several|some) (?:weeks|months)|weeks|months|a month|a year|christmas|all winter)\\b",
            "(?:weeks|months|a month|a year)\\b[^.!?]{0,30}\\b(?:cupboard|larder|pantry|shelf|dark place)\\b");
    private static final Phrase HEATED = Phrase.of(
            "sterili[sz]",
            "(?:jars?|bottles?)\\b[^.!?]{0,60}\\b(?:oven|boil\\p{L}*|scald\\p{L}*|dishwasher|hot wash|microwave)\\b",
            "(?:boil|scald|heat|warm)\\p{L}*\\b[^.!?]{0,40}\\b(?:jars?|bottles?)\\b",
            "hot,? (?:clean |dry |washed )*(?:jars?|bottles?)\\b");
    /** Salt and their own acid keep these, in a clean jar. */
    private static final Phrase FERMENTS =
            Phrase.of("ferment", "kimchi", "sauerkraut", "kraut\\b", "sourdough", "kombucha", "kefir");

    private static final Phrase COLD = Phrase.of("fridge\\b", "freez", "frozen");

    @Override
    public Stream<Finding> find(Situation s) {
        boolean kept = s.told()
                .all(FOR_LONG)
                .anyMatch(x -> !x.is(Asides.Kind.DENIED) && !x.is(Asides.Kind.OTHER_TIME) && !COLD.isIn(x.sentence()));
        if (FERMENTS.isIn(s.lesson().title()) || s.told().says(FERMENTS)) return Stream.empty();
        if (!kept || s.told().all(HEATED).findAny().isPresent()) return Stream.empty();
        return s.told()
                .meant(FILLED)
                .filter(x -> x.step().kind().isHandsOn())
                .limit(1)
                .map(x -> at(s, x.step().id(), x.words().strip()).mending(sayFirst(x.step())));
    }
}

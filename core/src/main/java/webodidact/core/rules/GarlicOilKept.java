package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Garlic or fresh herbs lie in oil out of the fridge, or for weeks. */
final class GarlicOilKept implements Check {
    private static final Phrase IN_OIL = Phrase.of(
            "(?:garlic|chilli|herb|rosemary|basil|thyme|infused|flavoured)[- ]oil\\b",
            "(?:garlic|chilli(?:es)?|herbs?|rosemary|basil|thyme|cloves)\\b[^.!?]{0,50}\\b(?:in|under|with|into) (?:the |your |olive |more |enough |some )*oil\\b",
            "oil\\b[^.!?]{0,30}\\b(?:over|onto) the (?:garlic|cloves|herbs|chillies)");
    private static final Phrase KEPT = Phrase.of(
            "(?:keeps?|lasts?|store[sd]?|kept|fine|good|lives?)\\b[^.!?]{0,40}\\b(?:in|on|at) (?:the |a |your )?(?:cool |dark )*(?:cupboard|larder|pantry|shelf|windowsill|room temperature)\\b",
            "(?:keeps?|lasts?|store|kept)\\b[^.!?]{0,40}\\b(?:weeks|months?|ages|for ?ever|a year|a fortnight)\\b",
            "(?:weeks|months)\\b[^.!?]{0,20}\\b(?:later|on)\\b");
    private static final Phrase COLD =
            Phrase.of("fridge\\b", "freez", "frozen", "(?:use|used|eat|eaten) (?:it )?(?:today|straight away|at once)");
    private static final Phrase GARLIC =
            Phrase.of("garlic", "cloves?\\b", "herbs?\\b", "rosemary", "basil", "thyme", "chilli");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told()
                        .meant(KEPT)
                        .filter(x -> GARLIC.isIn(x.text()) && !COLD.isIn(x.text()))
                        .filter(x -> IN_OIL.isIn(x.sentence()) || IN_OIL.isIn(sentenceBefore(x))))
                .map(x -> at(s, x.step().id(), x.words().strip()).mending(sayAlso(x.step())));
    }

    /** "Pour the oil over the garlic. It keeps for weeks." */
    private static String sentenceBefore(Told.Said said) {
        int at = said.text().indexOf(said.sentence());
        return at <= 0 ? "" : said.text().substring(Math.max(0, at - 160), at);
    }
}

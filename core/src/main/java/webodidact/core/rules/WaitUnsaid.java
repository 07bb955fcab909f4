package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.TimeWords;
import webodidact.core.script.Told;

/** A wait of which nobody has said how long it is. */
final class WaitUnsaid implements Check {
    private static final Phrase LEFT = Phrase.of(
            "(?:leave|let|set|put|pop) (?:it|them|that|this|those|the \\p{L}+|your \\p{L}+)\\b[^.!?,]{0,20}\\b(?:to )?(rest|stand|cool|prove|rise|chill|soak|marinate|set|infuse|simmer|bubble away|sit)\\b");
    private static final Phrase ENDED = Phrase.of(
            "until\\b",
            "till\\b",
            "overnight\\b",
            "when (?:it|they)",
            "while (?:we|you|I|the|that)",
            "for (?:a|one|two|three|five|ten|fifteen|twenty|thirty|\\d+)\\b",
            "once\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var facts = s.lesson().steps().stream()
                .filter(step -> step.waiting() != null && step.waiting().unsaid())
                .map(step -> at(
                        s,
                        step.id(),
                        s.lesson().indexOf(step.id()) + 1,
                        step.waiting().what().isBlank()
                                ? CheckTable.words().message("takes")
                                : step.waiting().what()));
        var words = Told.oncePerStep(s.told().meant(LEFT))
                .filter(x -> x.step().kind().isHandsOn() && x.step().waiting() == null && !ENDED.isIn(x.sentence()))
                .filter(x -> TimeWords.in(x.words() + x.after().replaceFirst("(?s)[.!?\\n].*", ""))
                        .isEmpty())
                .map(x -> at(s, x.step().id(), x.number(), x.words()).as("words"));
        return Stream.concat(facts, words);
    }
}

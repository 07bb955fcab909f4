package webodidact.core.rules;

import java.util.Set;
import webodidact.core.check.CheckTable;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.script.Phrase;
import webodidact.core.time.TimeRange;

/** The wash of hands that mends a step, and the words that tell of one. */
final class Washing {
    /** Twenty seconds of washing, and drying; handwashing advice of public health bodies. */
    private static final int SECONDS = 40;

    /** Hands are washed, or were, wherever it is said. */
    static final Phrase SAID = Phrase.of(
            "(?:wash|scrub)(?:ed|ing|es)? (?:\\p{L}+ ){0,4}hands\\b",
            "hands (?:are |all |both )*(?:clean|washed)\\b",
            "clean hands\\b",
            "wash up (?:first|before|now|good|well|real)\\b(?! the)",
            "hand[- ]?wash",
            "hands\\b[^.!?]{0,40}\\bsoap",
            "soap\\b[^.!?]{0,40}\\b(?:hands|seconds)\\b",
            "(?:wash|scrub) (?:those|them)\\b[^.!?]{0,20}\\b(?:hands|soap|seconds)",
            "hands under the tap\\b",
            "(?:give|gave|giving|got|get|have) (?:\\p{L}+ ){0,3}hands (?:\\p{L}+ ){0,4}(?:wash|washed|scrub|scrubbed|clean|rinse)\\b",
            "hands\\b[^.!?]{0,40}\\b(?:bubbles|sink|tap)\\b");

    private Washing() {}

    /** A wash before that step. */
    static Lesson before(Lesson lesson, Step ready) {
        var wash = Step.blank(
                        lesson.newStepId(), Kind.HYGIENE, CheckTable.words().say("said.wash"))
                .but(d -> {
                    d.say = CheckTable.words().say("said.wash.say");
                    d.hands = TimeRange.of(SECONDS);
                    d.acts = Set.of(Act.WASH_HANDS);
                    d.who = Who.LEARNER;
                });
        return lesson.inserting(lesson.indexOf(ready.id()), wash);
    }
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Kind;
import webodidact.core.script.Phrase;

/** Hands do what must be seen and the camera is on a face. */
final class CameraElsewhere implements Check {
    private static final Phrase FACE = Phrase.of("face\\b", "presenter", "portrait", "head", "selfie");

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .filter(step -> step.kind() == Kind.HANDS_ON
                        && FACE.isIn(step.camera())
                        && !step.hands().isZero())
                .map(step -> at(s, step.id(), s.number(step), step.camera()));
    }
}

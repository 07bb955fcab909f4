package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Step;

/** An oven figure says whether it is for a fan oven: the same number is 20 °C apart. */
final class OvenKindUnstated implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .filter(step -> step.heat() != null && step.heat().mode() == Heat.Mode.UNSTATED)
                .map(step -> at(s, step.id(), step.heat().degrees(), OvenScale.FAN_LOWER)
                        .mending(mend(step, Heat.Mode.FAN), mend(step, Heat.Mode.CONVENTIONAL)));
    }

    private Mend mend(Step step, Heat.Mode mode) {
        var heat = new Heat(step.heat().low(), step.heat().high(), mode);
        return mend("is", Operations.heat(step.id(), heat), mode.title());
    }
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Step;

/** An oven figure says whether it is for a fan oven: the same number is 20 °C apart. */
final class OvenKindUnstated implements Check {
    @Override
    public String id() {
        return "oven-kind-unstated";
    }

    @Override
    public String summary() {
        return "An oven figure says fan or conventional";
    }

    @Override
    public Severity severity() {
        return Severity.STOP;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream().filter(step -> step.heat() != null && step.heat().mode() == Heat.Mode.UNSTATED).map(step -> at(s, step.id(),
                "The oven at " + step.heat().degrees() + " °C: fan or conventional?",
                "Half the homes would bake " + OvenScale.FAN_LOWER + " °C off.", mend(step, Heat.Mode.FAN), mend(step, Heat.Mode.CONVENTIONAL)));
    }

    private static Mend mend(Step step, Heat.Mode mode) {
        var heat = new Heat(step.heat().low(), step.heat().high(), mode);
        return new Mend("It is " + mode.title(), l -> l.withStep(step.id(), x -> x.but(d -> d.heat = heat)));
    }
}

package webodidact.core.rules;

import java.util.ArrayList;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;

/** Something goes into an oven of no stated temperature. */
final class BakedWithoutHeat implements Check {
    @Override
    public String id() {
        return "baked-without-heat";
    }

    @Override
    public String summary() {
        return "What is baked has a temperature";
    }

    @Override
    public Severity severity() {
        return Severity.STOP;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream().filter(x -> x.place() == Place.OVEN && x.heat() == null && x.waiting() != null).map(x -> finding(s, x));
    }

    private Finding finding(Situation s, Step step) {
        var mends = new ArrayList<Mend>();
        s.lesson().steps().stream().filter(x -> x.heat() != null).findFirst().ifPresent(as -> mends.add(new Mend("As in step " + (s.lesson().indexOf(as.id()) + 1) + ": " + as.heat().text(),
                l -> l.withStep(step.id(), x -> x.but(d -> d.heat = as.heat())))));
        mends.add(new Mend("It is not in the oven", l -> l.withStep(step.id(), x -> x.but(d -> d.place = Place.BENCH))));
        return at(s, step.id(), "Step " + (s.lesson().indexOf(step.id()) + 1) + " bakes at no stated temperature.", "Every home would set its oven to something else.", mends.toArray(Mend[]::new));
    }
}

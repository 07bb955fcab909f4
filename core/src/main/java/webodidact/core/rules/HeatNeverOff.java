package webodidact.core.rules;

import java.util.TreeSet;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Place;

/** An oven or ring is used and nobody turns it off. */
final class HeatNeverOff implements Check {
    @Override
    public String id() {
        return "heat-never-off";
    }

    @Override
    public String summary() {
        return "An oven or ring is turned off when its work is done";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.of(finding(s, Place.OVEN, Act.OVEN_OFF, "oven"), finding(s, Place.RING, Act.RING_OFF, "ring")).flatMap(f -> f);
    }

    /** From the last step that uses it, or in which what stood on it is collected, somebody has to turn it off. */
    private Stream<Finding> finding(Situation s, Place place, Act off, String what) {
        int last = -1;
        for (int i = 0; i < s.lesson().steps().size(); i++) {
            var step = s.lesson().steps().get(i);
            if (step.place() != place) continue;
            last = Math.max(last, i);
            if (step.waiting() != null && step.waiting().cover() instanceof Cover.CarryOn(var at)) last = Math.max(last, s.lesson().indexOf(at));
        }
        if (last < 0) return Stream.empty();
        int from = last;
        boolean turned = s.lesson().steps().subList(from, s.lesson().steps().size()).stream().anyMatch(x -> x.acts().contains(off));
        if (turned) return Stream.empty();
        var id = s.lesson().steps().get(last).id();
        return Stream.of(at(s, id, "The " + what + " is never turned off.", "Homes leave it on too: nobody told them.",
                new Mend("Turn it off in step " + (last + 1), l -> l.withStep(id, x -> x.but(d -> {
                    d.acts = new TreeSet<>(x.acts());
                    d.acts.add(off);
                })))));
    }
}

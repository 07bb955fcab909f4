package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Place;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** An oven or ring is used and nobody turns it off. */
final class HeatNeverOff implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.of(finding(s, Place.OVEN, Act.OVEN_OFF), finding(s, Place.RING, Act.RING_OFF), grill(s))
                .flatMap(f -> f);
    }

    private static final Phrase GRILL_OFF = Phrase.of(
            "grill(?:'s| is| goes)? off\\b",
            "(?:turn|switch) (?:the |your |that )?grill off\\b",
            "(?:turn|switch) off (?:the|your|that) grill\\b",
            "everything(?:'s| is| goes)? off\\b",
            "(?:turn|switch) (?:it|that|everything) off\\b");

    /** Food stood under the grill, and from then on nobody turns it off, nor an oven that has it inside. */
    private Stream<Finding> grill(Situation s) {
        var steps = s.lesson().steps();
        int last = -1;
        for (int i = 0; i < steps.size(); i++) if (steps.get(i).place() == Place.GRILL) last = i;
        if (last < 0) return Stream.empty();
        boolean off = steps.subList(last, steps.size()).stream()
                .anyMatch(x -> Told.says(x, GRILL_OFF)
                        || x.acts().contains(Act.OVEN_OFF)
                        || x.acts().contains(Act.RING_OFF)
                        || x.place() == Place.OVEN);
        if (off) return Stream.empty();
        var step = steps.get(last);
        return Stream.of(at(s, step.id(), Place.GRILL.title()).mending(sayAlso(step)));
    }

    /** From the last step that uses it, or in which what stood on it is collected, somebody has to turn it off. */
    private Stream<Finding> finding(Situation s, Place place, Act off) {
        int last = -1;
        int used = -1;
        for (int i = 0; i < s.lesson().steps().size(); i++) {
            var step = s.lesson().steps().get(i);
            if (step.place() != place) continue;
            last = Math.max(last, i);
            used = i;
            if (step.waiting() != null && step.waiting().cover() instanceof Cover.CarryOn(var at))
                last = Math.max(last, s.lesson().indexOf(at));
        }
        if (last < 0) return Stream.empty();
        // Off in the words of the step itself is off at its end.
        var there = s.lesson().steps().get(used);
        boolean turned = Stream.concat(
                        Stream.of(there),
                        s.lesson().steps().subList(last, s.lesson().steps().size()).stream())
                .anyMatch(x -> x.acts().contains(off) || x.acts().contains(Act.KEEPS_HOT));
        if (turned) return Stream.empty();
        var id = s.lesson().steps().get(last).id();
        return Stream.of(at(s, id, place.title())
                .alsoIn(List.of(used + 1, last + 1))
                .mending(mend("off", Operations.act(id, off), last + 1)));
    }
}

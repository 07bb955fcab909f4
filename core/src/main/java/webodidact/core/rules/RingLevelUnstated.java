package webodidact.core.rules;

import java.util.ArrayList;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Ring;
import webodidact.core.lesson.Step;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Something cooks on a ring and nobody says how hot it is set. */
final class RingLevelUnstated implements Check {
    private static final Phrase LEVEL = Phrase.of(
            "low\\b",
            "medium\\b",
            "high\\b",
            "gentl",
            "simmer",
            "boil",
            "steam",
            "hot\\b",
            "full\\b",
            "fierce",
            "moderate",
            "hottest",
            "heat up",
            "smoking",
            "bubbl",
            "poach",
            "barely",
            "turn(?:ed)? (?:it |that |the heat )?(?:right |all the way )?(?:up|down)",
            "\\d{2,3} ?(?:degrees|°)",
            "(?:number|setting|mark) \\p{Alnum}+");

    @Override
    public Stream<Finding> find(Situation s) {
        var open = new ArrayList<Step>();
        // Set in a step before, and neither turned off nor set anew: it goes on.
        boolean set = false;
        for (var step : s.lesson().steps()) {
            if (step.place() != Place.RING) continue;
            boolean said = step.ring() != null || Told.says(step, LEVEL);
            if (!said
                    && !set
                    && step.kind().isHandsOn()
                    && !step.uses().isEmpty()
                    && (step.waiting() != null || !step.hands().isZero())) open.add(step);
            set = said || set && !step.acts().contains(Act.RING_OFF);
        }
        if (open.isEmpty()) return Stream.empty();
        var first = open.getFirst();
        var mends = Stream.of(Ring.LOW, Ring.MEDIUM, Ring.HIGH)
                .map(ring -> mend("is", l -> l.withStep(first.id(), x -> x.but(d -> d.ring = ring)), ring.title()))
                .toList();
        return Stream.of(
                at(s, first.id(), open.size(), open.stream().map(s::number).toList())
                        .alsoIn(open.stream().map(s::number).toList())
                        .mending(mends));
    }
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
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
        var open = s.handsOn()
                .filter(step -> step.place() == Place.RING && step.ring() == null && !Told.says(step, LEVEL))
                .filter(step -> !step.uses().isEmpty()
                        && (step.waiting() != null || !step.hands().isZero()))
                .filter(step -> !keepsAn(s, step))
                .toList();
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

    /** The ring was set in the step before, and goes on. */
    private static boolean keepsAn(Situation s, Step step) {
        int at = s.lesson().indexOf(step.id());
        for (int i = at - 1; i >= 0; i--) {
            var before = s.lesson().steps().get(i);
            if (before.place() == Place.RING)
                return before.ring() != null || Told.says(before, LEVEL) || keepsAn(s, before);
        }
        return false;
    }
}

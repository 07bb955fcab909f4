package webodidact.core.rules;

import java.util.TreeSet;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/** An oven is turned on before air, or in a step early enough for it to be hot. */
final class OvenNeverHeated implements Check {
    @Override
    public String id() {
        return "oven-never-heated";
    }

    @Override
    public String summary() {
        return "An oven is hot when it is used";
    }

    @Override
    public Severity severity() {
        return Severity.STOP;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().ovenBefore()) return Stream.empty();
        var first = s.schedule().steps().stream().filter(p -> p.step().place() == Place.OVEN).findFirst();
        return first.stream().filter(use -> !isHeated(s, use)).map(use -> finding(s, use));
    }

    private static boolean isHeated(Situation s, Placed use) {
        return s.schedule().steps().stream().anyMatch(p -> p.step().acts().contains(Act.OVEN_ON)
                && p.kitchen().start() + s.course().kitchen().ovenHeats() <= needed(use));
    }

    /** When it has to be hot: a cut in the recording is no cut in the kitchen. */
    static int needed(Placed use) {
        return use.kitchen().start() + use.busy().length();
    }

    private Finding finding(Situation s, Placed use) {
        int heats = s.course().kitchen().ovenHeats();
        int lastMoment = needed(use) - heats;
        var early = s.schedule().steps().stream().filter(p -> p.kitchen().start() <= lastMoment && p.number() < use.number()).reduce((a, b) -> b);
        var before = new Mend("Heat it before air", l -> l.but(d -> d.ovenBefore = true));
        boolean tooLate = s.schedule().steps().stream().anyMatch(p -> p.step().acts().contains(Act.OVEN_ON) && p.number() <= use.number());
        var what = tooLate ? "The oven goes on too late for step " + use.number() + "." : "Nothing has heated the oven.";
        var why = "It needs about " + (heats + 59) / 60 + " min" + early.map(p -> "; the last free moment is step " + p.number() + " at "
                + Clock.text(p.span().start()) + ".").orElse(", more than there is on air before it.");
        return early.map(p -> at(s, use.step().id(), what, why,
                        new Mend("Turn it on in step " + p.number(), l -> turnedOn(l, p.step().id())), before))
                .orElseGet(() -> at(s, use.step().id(), what, why, before));
    }

    private static Lesson turnedOn(Lesson lesson, String stepId) {
        return lesson.withStep(stepId, x -> x.but(d -> {
            d.acts = new TreeSet<>(x.acts());
            d.acts.add(Act.OVEN_ON);
        }));
    }
}

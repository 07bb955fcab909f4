package webodidact.core.script;

import java.util.ArrayList;
import java.util.Optional;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepField;

/** Steps split and joined as paragraphs of a text are. */
public final class Cutting {
    private Cutting() {}

    /** The step cut at {@code at} of what is said (or done); what comes after is a step of its own with {@code newId}. */
    public static Lesson split(Lesson lesson, String id, String newId, boolean said, int at) {
        var here = lesson.step(id).orElseThrow();
        var text = said ? here.say() : here.doing();
        int cut = Math.clamp(at, 0, text.length());
        var first = text.substring(0, cut).strip();
        var second = text.substring(cut).strip();
        var next = Step.blank(newId, here.kind(), "").but(d -> {
            for (var field : StepField.ALL) if (field.is(StepField.Trait.SPLIT)) field.copy(here, d);
            if (said) d.say = second;
            else d.doing = second;
            // "Oven off. Ten minutes to set": what comes after is no longer in it.
            if (isLeft(here, first)) d.place = Place.BENCH;
        });
        return lesson.withStep(
                        id,
                        s -> s.but(d -> {
                            if (said) d.say = first;
                            else d.doing = first;
                        }))
                .inserting(lesson.indexOf(id) + 1, next);
    }

    private static boolean isLeft(Step step, String first) {
        var acts = ActWords.in(first);
        return switch (step.place()) {
            case OVEN -> acts.contains(Act.OVEN_OFF);
            case RING -> acts.contains(Act.RING_OFF);
            default -> false;
        };
    }

    /**
     * The step put behind the one before it: words, foods, tools and acts together, hands added, the later wait kept. Empty if
     * there is none before it, or if both have a wait: one of them would be lost.
     */
    public static Optional<Lesson> join(Lesson lesson, String id) {
        int at = lesson.indexOf(id);
        if (at < 1) return Optional.empty();
        var first = lesson.steps().get(at - 1);
        var second = lesson.steps().get(at);
        if (first.waiting() != null && second.waiting() != null) return Optional.empty();
        var joined = StepField.joined(first, second);
        // What was collected in the second is collected in the joined one, unless it began there.
        var steps = new ArrayList<Step>();
        for (var step : lesson.steps()) {
            if (step == second) continue;
            var kept = step == first ? joined : step;
            steps.add(
                    kept.waiting() != null && kept.waiting().cover() instanceof Cover.CarryOn(var by) && by.equals(id)
                            ? kept.but(d ->
                                    d.waiting = d.waiting.covered(new Cover.CarryOn(kept == joined ? "" : first.id())))
                            : kept);
        }
        return Optional.of(lesson.withSteps(steps));
    }
}

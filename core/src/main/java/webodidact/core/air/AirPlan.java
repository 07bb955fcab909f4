package webodidact.core.air;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;
import webodidact.core.branch.Branches;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Filmed;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.TakeKind;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/**
 * What a run goes by: the lesson as it was when the run began, whatever is typed meanwhile.
 *
 * @param ovenHeats seconds from cold to 200 °C
 * @param filmed by the id of each step how it stood then
 */
public record AirPlan(
        Lesson lesson, Schedule schedule, Pace pace, int ovenHeats, TakeKind kind, Map<String, Filmed> filmed) {
    public AirPlan {
        filmed = Map.copyOf(filmed);
    }

    public static AirPlan of(Outcome outcome, TakeKind kind) {
        var plan = new AirPlan(
                Branches.onAir(outcome.lesson()),
                outcome.schedule(),
                outcome.pace(),
                outcome.course().kitchen().ovenHeats(),
                kind,
                filmed(outcome));
        return kind == TakeKind.WORDS ? plan.with(spoken(plan.lesson())) : plan;
    }

    private static Map<String, Filmed> filmed(Outcome outcome) {
        var all = new HashMap<String, Filmed>();
        var steps = outcome.lesson().steps();
        for (int i = 0; i < steps.size(); i++) {
            int number = i + 1;
            var findings = outcome.report().open().stream()
                    .filter(f -> f.steps().contains(number))
                    .map(Finding::check)
                    .toList();
            all.put(steps.get(i).id(), new Filmed(Filmed.of(steps.get(i)), findings));
        }
        return all;
    }

    /** At the table nothing is cut and nothing cooks: what is left of the lesson is its words. */
    private static Lesson spoken(Lesson lesson) {
        return lesson.withSteps(lesson.steps().stream()
                .map(s -> s.but(d -> {
                    d.hands = TimeRange.ZERO;
                    d.waiting = null;
                    d.hold = 0;
                    d.acts = Set.of();
                    d.place = Place.BENCH;
                    d.heat = null;
                }))
                .toList());
    }

    /** The same with another lesson of the same steps: trimmed, held. */
    AirPlan with(Lesson other) {
        return new AirPlan(other, Planner.plan(other, pace).leaving(schedule.left()), pace, ovenHeats, kind, filmed);
    }

    /** What the oven is first set to; empty where no step says. */
    Optional<Heat> firstHeat() {
        return lesson.steps().stream()
                .filter(s -> s.place() == Place.OVEN || s.acts().contains(Act.OVEN_ON))
                .map(Step::heat)
                .filter(h -> h != null)
                .findFirst();
    }

    /** The same in °C; 200 where no step says. */
    int ovenCelsius() {
        return firstHeat().map(Heat::low).orElse(OvenScale.USUAL);
    }

    public int steps() {
        return schedule.steps().size();
    }

    /** Index of the first step on air. */
    int first() {
        int at = 0;
        while (at < steps() && schedule.left().contains(step(at).id())) at++;
        return at;
    }

    public Step step(int index) {
        return schedule.steps().get(index).step();
    }

    public Optional<Integer> indexOf(String step) {
        int at = lesson.indexOf(step);
        return at < 0 ? Optional.empty() : Optional.of(at);
    }

    /** Seconds from one step's first word to the next one's, waiting for food included. */
    public int length(int index) {
        var steps = schedule.steps();
        int start = steps.get(index).span().start();
        return index + 1 < steps.size()
                ? steps.get(index + 1).span().start() - start
                : steps.get(index).span().end() - start;
    }
}

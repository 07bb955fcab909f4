package webodidact.desktop.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import webodidact.core.bench.Job;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.DayPrep;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepTasks;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;
import webodidact.core.time.Span;
import webodidact.desktop.words.Words;

/**
 * The jobs before air as blocks of the timeline.
 *
 * @param start second at which the first of them begins; 0 where there is none
 */
record BeforeAir(
        int start, List<Lane.Block> hands, List<Lane.Block> oven, List<Lane.Block> rings, List<Lane.Block> copies) {
    /** Not done in the kitchen, or a day ahead: drawn with them an hour of air would be a sliver. */
    private static final Set<Task.Kind> ELSEWHERE = Set.of(
            Task.Kind.AIR,
            Task.Kind.AHEAD,
            Task.Kind.LEAD,
            Task.Kind.SHOP,
            Task.Kind.PACK,
            Task.Kind.LOAD,
            Task.Kind.TRAVEL);

    /** Of the Bench's plan. */
    static BeforeAir of(Outcome outcome, PrepPlan plan) {
        var hands = new ArrayList<Lane.Block>();
        var oven = new ArrayList<Lane.Block>();
        var rings = new ArrayList<Lane.Block>();
        var copies = new ArrayList<Lane.Block>();
        int start = 0;
        for (var job : plan.jobs()) {
            var task = job.task();
            if (ELSEWHERE.contains(task.kind()) || !isOwn(outcome, task)) continue;
            start = Math.min(start, job.start());
            var span = new Span(job.start(), job.end());
            if (task.hands() && job.who().equals(PrepTasks.YOU))
                hands.add(new Lane.Block(span, task.what(), "prep", task.step()));
            if (task.kind() == Task.Kind.HEAT)
                (task.place() == Place.RING ? rings : oven)
                        .add(new Lane.Block(span, Words.of("lane.heats"), "heat", task.step()));
            if (task.kind() != Task.Kind.COPY_WAIT) continue;
            if (task.place() == Place.OVEN) oven.add(new Lane.Block(span, task.what(), "copy", task.step()));
            if (task.place() == Place.RING) rings.add(new Lane.Block(span, task.what(), "copy", task.step()));
            outcome.lesson()
                    .step(task.step())
                    .filter(s -> s.waiting() != null && s.waiting().cover() instanceof Cover.ReadyCopy)
                    .map(s -> held(s, job))
                    .ifPresent(copies::add);
        }
        return new BeforeAir(start, hands, oven, rings, copies);
    }

    /** Of this lesson: what another of the same day needs is hours away. */
    private static boolean isOwn(Outcome outcome, Task task) {
        var all = outcome.answers().question().all();
        return DayPrep.owner(outcome.lesson(), all, task.id()).later() == 0;
    }

    /** From when the copy is ready to when it is shown. */
    private static Lane.Block held(Step step, PrepPlan.Job job) {
        int keeps = ((Cover.ReadyCopy) step.waiting().cover()).keeps();
        int due = Math.max(job.end(), job.task().due());
        return new Lane.Block(
                new Span(job.end(), due),
                Words.of("lane.copy", step.title(), Words.of("lane.keeps", keeps / 60), Clock.text(due)),
                "copy",
                step.id());
    }

    /** Of the first plan, worked back in one go. */
    static BeforeAir of(Outcome outcome) {
        var hands = new ArrayList<Lane.Block>();
        var oven = new ArrayList<Lane.Block>();
        var rings = new ArrayList<Lane.Block>();
        var copies = new ArrayList<Lane.Block>();
        for (var job : outcome.bench().jobs()) {
            var step = outcome.lesson().step(job.step());
            if (job.type().needsHands()) hands.add(new Lane.Block(job.span(), job.title(), "prep", job.step()));
            if (job.type() == Job.Type.HEAT)
                oven.add(new Lane.Block(job.span(), Words.of("lane.heats"), "heat", job.step()));
            if (job.type() == Job.Type.COPY_WAIT) {
                var block = new Lane.Block(job.span(), job.title(), "copy", job.step());
                var place = step.map(Step::place).orElse(Place.BENCH);
                if (place == Place.OVEN) oven.add(block);
                if (place == Place.RING) rings.add(block);
            }
            if (job.type() == Job.Type.HOLD)
                copies.add(new Lane.Block(
                        job.span(),
                        Words.of(
                                "lane.copy",
                                step.map(Step::title).orElse(""),
                                job.why(),
                                Clock.text(job.span().end())),
                        "copy",
                        job.step()));
        }
        return new BeforeAir(outcome.bench().firstStart(), hands, oven, rings, copies);
    }
}

package webodidact.core.bench;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import webodidact.core.amount.Heat;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.swap.InUse;
import webodidact.core.time.Clock;
import webodidact.core.time.Span;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;
import webodidact.core.words.Message;

/**
 * Works back from air with one pair of hands: the last thing first, each job as late as what follows it allows. Greedy: an
 * answer at once, not a proof that none is better.
 */
public final class BackTimer {
    /** Camera and sound check, hands washed, water drunk: the last thing before air. */
    static final int CAMERA = 10 * 60;
    /** Wiping down before any food comes out. */
    static final int CLEAN = 10 * 60;
    /** Weighing or counting out one food. */
    static final int PER_FOOD = 45;
    /** Fetching one tool. */
    static final int PER_TOOL = 20;

    private final Lesson lesson;
    private final Schedule schedule;
    private final Kitchen kitchen;
    private final List<Job> jobs = new ArrayList<>();
    private final List<String> clashes = new ArrayList<>();
    /** The copies that have their place, the last step's first. */
    private final List<Made> made = new ArrayList<>();

    /** The ready copy of step {@code number} is begun at {@code start}. */
    private record Made(int number, int start) {}
    /** The hands are free until here; jobs are put in front of it. */
    private int free;

    private BackTimer(Lesson lesson, Schedule schedule, Kitchen kitchen) {
        this.lesson = lesson;
        this.schedule = schedule;
        this.kitchen = kitchen;
    }

    public static BenchPlan plan(Lesson lesson, Schedule schedule, Kitchen kitchen) {
        return lesson.steps().isEmpty()
                ? new BenchPlan(List.of(), List.of())
                : new BackTimer(lesson, schedule, kitchen).work();
    }

    private BenchPlan work() {
        hands(Job.Type.CAMERA, Words.OURS.say("camera"), Words.OURS.say("camera.why"), CAMERA, 0, "");
        var fresh = fresh();
        for (var placed : schedule.steps().reversed()) setOut(placed, fresh.get(placed.number() - 1));
        for (var placed : schedule.steps().reversed()) copy(placed);
        heat();
        hands(Job.Type.CLEAN, Words.OURS.say("clean"), Words.OURS.say("clean.why"), CLEAN, free, "");
        return new BenchPlan(jobs, clashes);
    }

    /** Puts a job of the hands as late as it may be, not after {@code latestEnd}; returns its span. */
    private Span hands(Job.Type type, String title, String why, int length, int latestEnd, String step) {
        int end = Math.min(free, latestEnd);
        var span = new Span(end - length, end);
        free = span.start();
        jobs.add(new Job(type, title, why, span, step));
        return span;
    }

    /** Foods and tools that no earlier step had out. */
    private record Fresh(int foods, int tools) {}

    /** By step: what an earlier one had out is out already. */
    private List<Fresh> fresh() {
        var out = new HashSet<String>();
        var all = new ArrayList<Fresh>();
        for (var step : lesson.steps()) {
            int foods = 0;
            int tools = 0;
            // Two uses of one food in a step are weighed out apart.
            var now = new ArrayList<String>();
            for (var use : step.uses()) {
                if (!out.contains(use.line())) foods++;
                now.add(use.line());
            }
            for (var tool : step.tools()) {
                if (!out.contains("tool/" + tool)) tools++;
                now.add("tool/" + tool);
            }
            out.addAll(now);
            all.add(new Fresh(foods, tools));
        }
        return all;
    }

    private void setOut(Placed placed, Fresh fresh) {
        var step = placed.step();
        int foods = fresh.foods();
        int tools = fresh.tools();
        int length = foods * PER_FOOD + tools * PER_TOOL;
        if (length == 0) return;
        var parts = new ArrayList<Message>();
        if (foods > 0) parts.add(Words.OURS.message("foods", foods));
        if (tools > 0) parts.add(Words.OURS.message("tools", tools));
        hands(
                Job.Type.SET_OUT,
                Words.OURS.say("setOut", placed.number()),
                Words.OURS.say("setOut.why", step.title(), parts),
                length,
                free,
                step.id());
    }

    /** A ready copy: made, cooked, then kept until it is carried in; never kept longer than it stays good. */
    private void copy(Placed placed) {
        var step = placed.step();
        if (step.waiting() == null || !(step.waiting().cover() instanceof Cover.ReadyCopy(int make, int keeps))) return;
        int due = placed.busy().end();
        int cooks = step.waiting().time().high();
        int length = make > 0 ? make : Math.max(60, step.hands().high());
        int ready = Math.min(due, takenOn(placed.number()));
        var making = hands(
                Job.Type.COPY_HANDS,
                Words.OURS.say("copy", step.title()),
                Words.OURS.say("copy.why", Clock.text(due)),
                length,
                ready - cooks,
                step.id());
        made.add(new Made(placed.number(), making.start()));
        int done = making.end() + cooks;
        var cooking = step.waiting().what().isBlank()
                ? Words.OURS.say("cooks")
                : step.waiting().what();
        jobs.add(new Job(
                Job.Type.COPY_WAIT,
                Words.OURS.say("copyWait", cooking),
                step.waiting().time().text(),
                new Span(making.end(), done),
                step.id()));
        jobs.add(new Job(
                Job.Type.HOLD,
                Words.OURS.say("copyHold", step.title()),
                Words.OURS.say("copyHold.why", keeps / 60),
                new Span(done, Math.max(done, due)),
                step.id()));
        if (due - done > keeps) {
            clashes.add(Words.OURS.say("clash.copy", placed.number(), Clock.text(due - done), keeps / 60));
        }
        if (step.place() == Place.OVEN) {
            jobs.add(new Job(
                    Job.Type.HEAT,
                    oven(step.heat()),
                    Words.OURS.say("oven.copy.why"),
                    new Span(making.end() - kitchen.ovenHeats(), making.end()),
                    step.id()));
        }
    }

    /** When a later step's copy of the same food is begun: it is baked only after it was shaped and proved. */
    private int takenOn(int number) {
        return made.stream()
                .filter(m -> lesson.foods().stream()
                        .map(line -> InUse.madeInto(lesson, line))
                        .anyMatch(steps -> steps.contains(number) && steps.contains(m.number())))
                .mapToInt(Made::start)
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    private static String oven(Heat heat) {
        return heat == null ? Words.OURS.say("oven") : Words.OURS.say("oven.at", heat.text());
    }

    /** An oven that is on before air: hot when it is first used, or at air if it is used at once. */
    private void heat() {
        if (!lesson.ovenBefore()) return;
        boolean onAir = lesson.steps().stream().anyMatch(s -> s.acts().contains(Act.OVEN_ON));
        var first = schedule.steps().stream()
                .filter(p -> p.step().place() == Place.OVEN)
                .findFirst();
        if (onAir || first.isEmpty()) return;
        int hot = Math.min(first.get().busy().end(), 0);
        var late = first.get().busy().end() - kitchen.ovenHeats();
        int start = Math.min(late, hot - kitchen.ovenHeats());
        if (late > 0) start = -60;
        jobs.add(new Job(
                Job.Type.HEAT,
                oven(first.get().step().heat()),
                Words.OURS.say(
                        "oven.why",
                        first.get().number(),
                        Clock.text(first.get().busy().end())),
                new Span(start, start + kitchen.ovenHeats()),
                first.get().step().id()));
    }
}

package webodidact.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import webodidact.core.edit.Operations;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/** What may be done to each step to save time, as alternatives for the solver. */
final class Moves {
    /** Seconds on air to show what homes have prepared beforehand. */
    static final int SHOW = 20;
    /** A step shorter than this is not worth asking for beforehand. */
    private static final int WORTH = 60;

    private final Lesson lesson;
    private final Knowledge knowledge;
    private final Pace pace;
    private final Set<Move.Kind> allowed;
    private final List<Flow.Arc> arcs;
    /** As it is today; worked out once. */
    private Schedule plan;

    Moves(Lesson lesson, Knowledge knowledge, Pace pace, Set<Move.Kind> allowed, List<Flow.Arc> arcs) {
        this.lesson = lesson;
        this.knowledge = knowledge;
        this.pace = pace;
        this.allowed = allowed;
        this.arcs = arcs;
    }

    /** The first alternative is always to leave the step as it is. */
    Problem.Task of(int index) {
        var step = lesson.steps().get(index);
        var all = new ArrayList<Problem.Alternative>();
        for (var cover : covers(index, step)) {
            for (var shorter : shorter(index, step)) all.add(alternative(index, step, cover, shorter));
        }
        if (allowed.contains(Move.Kind.TRIM) && isOptionalTalk(index, step)) {
            all.add(new Problem.Alternative(
                    0,
                    0,
                    -1,
                    0,
                    0,
                    60 + talk(step) / 2,
                    List.of(new Move(
                            Move.Kind.TRIM,
                            Words.OURS.say("leaveOut", index + 1, step.title()),
                            60,
                            l -> l.removingStep(step.id())))));
        }
        return new Problem.Task(all);
    }

    private int talk(Step step) {
        return pace.talk(step);
    }

    /** A talk that says of itself that all of it may go, and in which nothing is collected. */
    private boolean isOptionalTalk(int index, Step step) {
        return step.kind() == Kind.TALK
                && step.trim() > 0
                && step.trim() >= busy(step)
                && step.acts().isEmpty()
                && step.waiting() == null
                && lesson.steps().stream()
                        .noneMatch(s -> s.waiting() != null
                                && s.waiting().cover() instanceof Cover.CarryOn(var at)
                                && at.equals(step.id()));
    }

    private int busy(Step step) {
        int hands = step.hands().likely();
        return step.tellThenDo() ? talk(step) + hands : Math.max(talk(step), hands);
    }

    private Problem.Alternative alternative(int index, Step step, Move cover, List<Move> shorter) {
        var moves = new ArrayList<>(shorter);
        if (cover != null) moves.add(cover);
        var changed = lesson;
        for (var move : moves) changed = move.change().apply(changed);
        var now = changed.steps().get(index);
        int collector = now.waiting() != null && now.waiting().cover() instanceof Cover.CarryOn(var at)
                ? changed.indexOf(at)
                : -1;
        if (collector <= index) collector = -1;
        if (collector >= 0 && !lesson.delivery().isLive() && partOf(collector) != partOf(index)) collector = -1;
        int cost = moves.stream().mapToInt(Move::cost).sum();
        var time = now.waiting() == null ? TimeRange.ZERO : now.waiting().time();
        // What is collected too late today may stay as late as it is: that is a finding of its own.
        int late = moves.isEmpty() && step.waiting() != null ? late(index) : 0;
        return new Problem.Alternative(
                Planner.length(now, lesson.delivery(), pace),
                Planner.untilWait(now, pace),
                collector,
                time.low(),
                time.high() + late,
                cost,
                moves);
    }

    private int late(int index) {
        if (plan == null) plan = Planner.plan(lesson, pace);
        var run = plan.steps().get(index).waiting();
        return run == null ? 0 : run.late();
    }

    private int partOf(int index) {
        int part = 0;
        for (int i = 1; i <= index; i++) if (!lesson.steps().get(i).part().isBlank()) part++;
        return part;
    }

    /** The cover as it is, first, then every other that may be chosen. */
    private List<Move> covers(int index, Step step) {
        var all = new ArrayList<Move>();
        all.add(null);
        if (step.waiting() == null || !allowed.contains(Move.Kind.COVER) && !allowed.contains(Move.Kind.ORDER))
            return all;
        var now = step.waiting().cover();
        if (!(now instanceof Cover.CarryOn)) {
            arcs.stream()
                    .filter(a -> a.before() == index
                            && lesson.steps().get(a.after()).kind().isHandsOn())
                    .mapToInt(Flow.Arc::after)
                    .min()
                    .ifPresent(at -> all.add(cover(
                            index,
                            step,
                            new Cover.CarryOn(lesson.steps().get(at).id()),
                            Words.OURS.say("carryOn", index + 1, at + 1),
                            30)));
        }
        if (!allowed.contains(Move.Kind.COVER)) return all;
        if (!(now instanceof Cover.ReadyCopy))
            all.add(cover(index, step, Cover.ReadyCopy.usual(), Words.OURS.say("copy", index + 1), 120));
        if (!lesson.delivery().isLive()) {
            if (!(now instanceof Cover.Cut))
                all.add(cover(index, step, new Cover.Cut(10), Words.OURS.say("cut", index + 1), 40));
            if (!(now instanceof Cover.SpeedUp))
                all.add(cover(index, step, new Cover.SpeedUp(8), Words.OURS.say("speedUp", index + 1), 45));
        }
        return all;
    }

    private Move cover(int index, Step step, Cover cover, String text, int cost) {
        return new Move(Move.Kind.COVER, text, cost, Operations.cover(step.id(), cover));
    }

    private List<List<Move>> shorter(int index, Step step) {
        var all = new ArrayList<List<Move>>();
        all.add(List.of());
        if (allowed.contains(Move.Kind.HOLD) && step.hold() > 0) {
            all.add(List.of(new Move(
                    Move.Kind.HOLD,
                    Words.OURS.say("giveHold", Clock.text(step.hold()), index + 1),
                    5 + step.hold() / 2,
                    Operations.hold(step.id(), 0))));
        }
        int trim = Math.min(step.trim(), step.hands().low());
        if (allowed.contains(Move.Kind.TRIM) && trim > 0) {
            all.add(List.of(new Move(
                    Move.Kind.TRIM,
                    Words.OURS.say("trim", index + 1, step.title(), Clock.text(trim)),
                    10 + trim / 2,
                    Operations.trimHands(step.id(), trim))));
        }
        var verb = allowed.contains(Move.Kind.BEFOREHAND) ? beforehand(step) : "";
        if (!verb.isEmpty()) {
            all.add(List.of(new Move(
                    Move.Kind.BEFOREHAND,
                    Words.OURS.say("beforehand", index + 1, step.title()),
                    60,
                    l -> askedBeforehand(l, step, verb))));
        }
        return all;
    }

    /** What is done to the food, "trimmed", if homes can do it before class; else "". Raw food and skills that are taught stay on camera. */
    private String beforehand(Step step) {
        if (step.kind() != Kind.HANDS_ON
                || step.place() != Place.BENCH
                || step.waiting() != null
                || step.fixed()
                || step.who() == Who.PRESENTER) return "";
        if (!step.skill().isBlank()
                || !step.acts().isEmpty()
                || step.hands().likely() < WORTH
                || step.uses().isEmpty()) return "";
        boolean raw = step.uses().stream()
                .flatMap(u -> lesson.food(u.line()).stream())
                .anyMatch(f -> knowledge
                        .food(f.cooked())
                        .map(x -> x.risk().soilsHands())
                        .orElse(true));
        if (raw) return "";
        for (var text : List.of(step.title(), step.doing(), step.say())) {
            for (var found : knowledge.actionsIn(text))
                if (found.action().ahead()) return found.action().done();
        }
        return "";
    }

    private static Lesson askedBeforehand(Lesson lesson, Step step, String done) {
        var changed = lesson.withStep(
                step.id(),
                s -> s.but(d -> {
                    d.hands = TimeRange.of(SHOW);
                    d.say = Words.OURS.say("beforehand.say", s.title(), done);
                    d.trim = 0;
                }));
        for (var use : step.uses())
            changed = changed.withFood(use.line(), f -> noted(f, Words.OURS.say("beforehand.note", done)));
        return changed;
    }

    private static FoodLine noted(FoodLine line, String note) {
        if (line.note().contains(note)) return line;
        return line.but(d -> d.note = line.note().isBlank() ? note : line.note() + ", " + note);
    }
}

package webodidact.core.prep;

import java.util.Comparator;
import java.util.List;
import webodidact.core.amount.OvenScale;
import webodidact.core.answer.Answers;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.script.Told;
import webodidact.core.script.WaterWords;
import webodidact.core.time.Clock;

/** The lesson itself, for what it occupies, and what it finds hot: the first oven, boiling water. */
final class AirTasks {
    private final Answers answers;
    private final Lesson lesson;
    private final List<Task> tasks;

    AirTasks(Answers answers, List<Task> tasks) {
        this.answers = answers;
        lesson = answers.question().lesson();
        this.tasks = tasks;
    }

    /** What the lesson itself occupies is not there for copies; an oven that it finds hot has been heated before. */
    void derive() {
        int planned = Math.max(1, answers.schedule().planned());
        tasks.add(Task.onAir("air", Words.OURS.say("air", lesson.title()), "", 0, planned)
                .but(d -> {
                    d.hands = true;
                    d.who = PrepTasks.YOU;
                }));
        for (var placed : answers.schedule().steps()) {
            var step = placed.step();
            var place = occupied(step.place());
            // Where a ready copy comes out of the fridge, what was made on air goes in: the same room.
            if (place == null || place.isCold() && CopyTasks.isCopied(step)) continue;
            var run = placed.waiting();
            int end = run == null ? placed.span().end() : Math.max(placed.span().end(), run.latest());
            if (CopyTasks.isCopied(step)) end = placed.busy().end();
            int takes = Math.max(1, end - placed.span().start());
            int heat = place == Place.OVEN && step.heat() != null ? OvenScale.conventional(step.heat()) : 0;
            tasks.add(Task.onAir(
                            "air/" + step.id(),
                            step.title(),
                            Words.OURS.say("air.why", placed.number()),
                            placed.span().start(),
                            takes)
                    .but(d -> {
                        d.step = step.id();
                        d.place = place;
                        d.heat = heat;
                    }));
        }
        firstOven();
        water();
    }

    /** Boiling water that a step near the beginning uses and that nobody puts on on air. */
    private void water() {
        var told = Told.of(lesson);
        var use = WaterWords.uses(told)
                .filter(x -> !WaterWords.isPutOnBefore(told, x))
                .min(Comparator.comparingInt(Told.Said::number));
        if (use.isEmpty()) return;
        var placed = answers.schedule().steps().get(use.get().number() - 1);
        int boils = LITRES * BOILS;
        // What comes later on air is put on there: the check says that nobody does.
        if (placed.span().start() >= boils) return;
        tasks.add(Task.waits(
                        "water/air",
                        Task.Kind.HEAT,
                        Words.OURS.say("water", LITRES),
                        Words.OURS.say(
                                "water.why",
                                placed.number(),
                                Clock.text(placed.span().start())),
                        boils,
                        Place.RING,
                        0)
                .of(placed.step().id())
                .dueBy(placed.span().start()));
    }

    /** Seconds a litre from the tap takes to boil on a ring of 2 kW that gives six tenths of it to the pan: 4.19 kJ a degree. */
    private static final int BOILS = 5 * 60;

    /** Of a pan for pasta or dumplings, where nobody says how much. */
    private static final int LITRES = 2;

    private void firstOven() {
        boolean onAir = lesson.steps().stream().anyMatch(s -> s.acts().contains(Act.OVEN_ON));
        var first = answers.schedule().steps().stream()
                .filter(p -> p.step().place() == Place.OVEN)
                .findFirst();
        if (!lesson.ovenBefore() || onAir || first.isEmpty()) return;
        var step = first.get().step();
        int heat = step.heat() == null ? 0 : OvenScale.conventional(step.heat());
        tasks.add(Task.waits(
                        "heat/air",
                        Task.Kind.HEAT,
                        step.heat() == null
                                ? Words.OURS.say("oven")
                                : Words.OURS.say("oven.at", step.heat().text()),
                        Words.OURS.say(
                                "oven.air",
                                first.get().number(),
                                Clock.text(first.get().busy().end())),
                        answers.question().course().kitchen().ovenHeats(),
                        Place.OVEN,
                        heat)
                .of(step.id())
                // Somebody switches it on before air: on camera nobody does.
                .dueBy(Math.min(
                        first.get().busy().end(),
                        answers.question().course().kitchen().ovenHeats() - 60)));
    }

    static Place occupied(Place place) {
        return place == Place.BENCH ? null : place;
    }
}

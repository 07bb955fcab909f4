package webodidact.desktop.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.PrepPlan;
import webodidact.core.time.Span;
import webodidact.core.timing.Placed;
import webodidact.desktop.words.Words;

/** The lesson as rows of blocks: what the camera sees, what is said, what the hands do, what cooks where, what is ready. */
public final class Lanes {
    private Lanes() {}

    public static List<Lane> of(Outcome outcome) {
        return of(outcome, Optional.empty());
    }

    /** @param plan of the jobs before air, as soon as there is one; until then as one pair of hands works back from air */
    public static List<Lane> of(Outcome outcome, Optional<PrepPlan> plan) {
        var before = plan.map(p -> BeforeAir.of(outcome, p)).orElseGet(() -> BeforeAir.of(outcome));
        var lanes = new ArrayList<Lane>();
        lanes.add(new Lane("camera", Words.of("lane.camera"), Words.of("lane.camera.detail"), camera(outcome)));
        lanes.add(new Lane("say", Words.of("lane.say"), Words.of("lane.say.detail"), say(outcome)));
        lanes.add(new Lane("hands", Words.of("lane.hands"), Words.of("lane.hands.detail"), hands(outcome, before)));
        lanes.add(new Lane("oven", Words.of("lane.oven"), oven(outcome), waits(outcome, Place.OVEN, before)));
        lanes.add(new Lane(
                "rings",
                Words.of("lane.rings"),
                Words.of("lane.rings.detail", outcome.course().kitchen().rings()),
                waits(outcome, Place.RING, before)));
        lanes.add(new Lane("rest", Words.of("lane.rest"), Words.of("lane.rest.detail"), resting(outcome)));
        lanes.add(new Lane("copies", Words.of("lane.copies"), Words.of("lane.copies.detail"), before.copies()));
        lanes.removeIf(l -> l.blocks().isEmpty()
                && List.of("rest", "copies", "oven", "rings").contains(l.id()));
        return lanes;
    }

    private static List<Lane.Block> camera(Outcome outcome) {
        var blocks = new ArrayList<Lane.Block>();
        var name = "";
        int from = 0;
        for (var placed : outcome.schedule().steps()) {
            var here = placed.step().camera();
            if (here.isBlank() || here.equals(name)) continue;
            if (!name.isEmpty())
                blocks.add(new Lane.Block(new Span(from, placed.span().start()), name, "camera", ""));
            name = here;
            from = placed.span().start();
        }
        if (!name.isEmpty())
            blocks.add(new Lane.Block(
                    new Span(from, Math.max(from, outcome.schedule().planned())), name, "camera", ""));
        return blocks;
    }

    private static List<Lane.Block> say(Outcome outcome) {
        return outcome.schedule().steps().stream()
                .filter(p -> p.talk() > 0)
                .map(p -> new Lane.Block(
                        new Span(p.span().start(), p.span().start() + p.talk()),
                        title(p),
                        "talk",
                        p.step().id()))
                .toList();
    }

    private static List<Lane.Block> hands(Outcome outcome, BeforeAir before) {
        var blocks = new ArrayList<>(before.hands());
        for (var p : outcome.schedule().steps()) {
            if (p.hands().isZero()) continue;
            int from = p.step().tellThenDo()
                    ? p.span().start() + p.talk()
                    : p.span().start();
            blocks.add(new Lane.Block(
                    new Span(from, from + p.hands().likely()),
                    title(p),
                    "hands",
                    p.step().id()));
        }
        return blocks;
    }

    private static String title(Placed placed) {
        return placed.number() + " " + placed.step().title();
    }

    private static String oven(Outcome outcome) {
        return outcome.lesson().steps().stream()
                .map(Step::heat)
                .filter(h -> h != null)
                .findFirst()
                .map(h -> h.text())
                .orElse("");
    }

    private static List<Lane.Block> waits(Outcome outcome, Place place, BeforeAir before) {
        var blocks = new ArrayList<>(place == Place.OVEN ? before.oven() : before.rings());
        for (var placed : outcome.schedule().steps()) if (placed.step().place() == place) wait(placed, blocks);
        return blocks;
    }

    private static List<Lane.Block> resting(Outcome outcome) {
        var blocks = new ArrayList<Lane.Block>();
        for (var placed : outcome.schedule().steps()) {
            if (placed.step().place() != Place.OVEN && placed.step().place() != Place.RING) wait(placed, blocks);
        }
        return blocks;
    }

    /** From its start to when it is collected; an open one to its long end. */
    private static void wait(Placed placed, List<Lane.Block> blocks) {
        var run = placed.waiting();
        if (run == null || placed.step().waiting().cover() instanceof Cover.ReadyCopy) return;
        int end = run.isOpen() ? run.latest() : Math.max(run.from(), run.collected());
        var what = placed.step().waiting().what();
        blocks.add(new Lane.Block(
                new Span(run.from(), end),
                placed.step().title()
                        + (what.isBlank() ? " " : " " + what + " ")
                        + placed.step().waiting().time().text(),
                "wait",
                placed.step().id()));
    }
}

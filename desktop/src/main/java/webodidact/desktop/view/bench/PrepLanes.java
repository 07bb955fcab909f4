package webodidact.desktop.view.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import webodidact.core.lesson.Place;
import webodidact.core.prep.PrepGreedy;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.Prepared;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;
import webodidact.core.time.Span;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.geometry.FoldedAxis;
import webodidact.desktop.words.Words;

/** Who and what is at work when: people, ovens, rings and ready copies on one clock, air at its end. */
final class PrepLanes extends Pane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double LEFT = 110;
    private static final double HEAD = 32;
    private static final double LANE = 46;
    /** Pixels between two times. */
    private static final double TICK = 52;
    /** Seconds of air that are shown. */
    private static final int SEEN = 420;

    /** @param start seconds; {@code end} later */
    private record Block(String text, String detail, int start, int end, String style, Task task) {}

    private record Lane(String title, List<Block> blocks) {}

    private final Label hint = Nodes.label("", "drag-hint");
    private final Consumer<Task> pressed;
    private final IntFunction<String> clock;
    private List<Lane> lanes = List.of();
    private FoldedAxis axis;
    private int from;
    private int to;
    private String chosen = "";

    /** What is moved, and the second it is moved to. */
    interface Moved {
        void to(Task task, int second);
    }

    /** Seconds to which a job is moved: nobody means 17:13:42. */
    private static final int STEP = 300;

    private final Moved moved;
    private Prepared shown;
    /** Where the mouse went down. */
    private double down;

    /**
     * @param clock how a second is told
     * @param moved once it is let go
     */
    PrepLanes(Consumer<Task> pressed, IntFunction<String> clock, Moved moved) {
        this.pressed = pressed;
        this.clock = clock;
        this.moved = moved;
        setId("prep-lanes");
        getStyleClass().add("prep-lanes");
        widthProperty().addListener(o -> draw());
        setMinWidth(300);
    }

    void show(Prepared prepared, String step) {
        chosen = step;
        shown = prepared;
        var plan = prepared.plan().orElse(null);
        var all = new ArrayList<Lane>();
        if (plan != null) {
            for (var person : prepared.prep().room().people())
                all.add(lane(
                        person.name(),
                        plan,
                        j -> j.who().equals(person.name()) && !j.task().kind().isAhead()));
            for (int u = 1; u <= prepared.prep().room().ovens(); u++) {
                int unit = u;
                all.add(lane(
                        prepared.prep().room().ovens() == 1 ? Words.of("bench.oven") : Words.of("bench.oven.n", u),
                        plan,
                        j -> j.unit() == unit));
            }
            all.add(lane(Words.of("bench.rings"), plan, j -> j.task().place() == Place.RING));
            all.add(lane(Words.of("bench.fridge"), plan, j -> j.task().place() == Place.COLD));
            all.add(lane(Words.of("bench.freezer"), plan, j -> j.task().place() == Place.FREEZER));
            all.add(lane(
                    Words.of("bench.others"),
                    plan,
                    j -> j.task().place() == Place.MICROWAVE
                            || j.task().place() == Place.BLENDER
                            || j.task().place() == Place.GRILL
                            || j.task().place() == Place.COUNTERTOP
                            || j.task().place() == null && !j.task().hands()));
            all.add(copies(plan));
            all.removeIf(l -> l.blocks().isEmpty());
        }
        from = plan == null ? -3600 : plan.start() - 120;
        // A little of air, more only where a copy is still on its way.
        to = all.stream()
                .flatMap(l -> l.blocks().stream())
                .filter(b -> b.task().kind() != Task.Kind.AIR)
                .mapToInt(Block::end)
                .reduce(SEEN, Math::max);
        for (int l = 0; l < all.size(); l++) {
            int until = to;
            all.set(
                    l,
                    new Lane(
                            all.get(l).title(),
                            all.get(l).blocks().stream()
                                    .filter(b -> b.start() < until)
                                    .toList()));
        }
        all.removeIf(l -> l.blocks().isEmpty());
        lanes = all;
        setPrefHeight(HEAD + LANE * Math.max(1, lanes.size()) + 8);
        setMinHeight(USE_PREF_SIZE);
        draw();
    }

    private Lane lane(String title, PrepPlan plan, Predicate<PrepPlan.Job> in) {
        return new Lane(
                title,
                plan.jobs().stream()
                        .filter(in)
                        .map(j -> new Block(
                                j.task().what(),
                                clock.apply(j.start()) + ", "
                                        + Clock.text(j.task().takes()) + ", "
                                        + j.task().why(),
                                j.start(),
                                j.task().until(j.start()),
                                j.task().kind().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                                j.task()))
                        .toList());
    }

    /** From when each is done until it is carried in. */
    private Lane copies(PrepPlan plan) {
        return new Lane(
                Words.of("bench.copies"),
                plan.jobs().stream()
                        .filter(j -> j.task().isShown())
                        .map(j -> new Block(
                                Words.of("bench.kept", Clock.text(j.task().due() - j.end())),
                                j.task().what(),
                                j.end(),
                                Math.max(j.end() + 60, j.task().due()),
                                "held",
                                j.task()))
                        .toList());
    }

    private double x(int second) {
        return axis.x(second);
    }

    private void draw() {
        getChildren().clear();
        if (getWidth() < LEFT + 50) return;
        axis = new FoldedAxis(
                lanes.stream()
                        .flatMap(l -> l.blocks().stream())
                        .map(b -> new Span(b.start(), Math.max(b.start(), b.end())))
                        .toList(),
                from,
                to,
                LEFT,
                getWidth() - 8);
        folds();
        ticks();
        for (int i = 0; i < lanes.size(); i++) {
            double y = HEAD + i * LANE;
            var title = Nodes.wrapped(lanes.get(i).title(), "lane-title");
            title.resizeRelocate(4, y + 6, LEFT - 10, LANE - 10);
            var line = Nodes.styled(new Region(), "lane-line");
            line.resizeRelocate(LEFT, y + LANE - 3, getWidth() - LEFT - 8, 1);
            getChildren().addAll(title, line);
            for (var block : lanes.get(i).blocks()) block(block, y);
        }
        var air = Nodes.styled(new Region(), "air-line");
        air.resizeRelocate(x(0) - 1, HEAD, 2, LANE * lanes.size());
        getChildren().add(air);
    }

    /** Where nothing happens for long. */
    private void folds() {
        for (var fold : axis.folds()) {
            var band = Nodes.styled(new Region(), "fold-band");
            double left = x(fold.start());
            band.resizeRelocate(left, HEAD, x(fold.end()) - left, LANE * lanes.size());
            Hints.on(band, Words.of("bench.fold", clock.apply(fold.start()), clock.apply(fold.end())));
            getChildren().add(band);
        }
    }

    private void ticks() {
        int open = axis.open();
        int step = open > 3 * 3600 ? 3600 : open > 5400 ? 1800 : 600;
        double last = Double.NEGATIVE_INFINITY;
        for (int second = Math.floorDiv(from, step) * step; second <= to; second += step) {
            if (second < from || axis.isFolded(second) || x(second) - last < TICK) continue;
            last = x(second);
            var tick = Nodes.label(clock.apply(second), "mark-word");
            tick.resizeRelocate(x(second) - 24, 0, 80, HEAD - 2);
            var line = Nodes.styled(new Region(), "tick-line");
            line.resizeRelocate(x(second), HEAD, 1, LANE * lanes.size());
            getChildren().addAll(line, tick);
        }
    }

    private void block(Block block, double y) {
        double left = x(Math.max(from, block.start()));
        double width = Math.max(3, x(Math.min(to, block.end())) - left - 1);
        // A block too narrow for a word shows none.
        var label = new Label(width < 34 ? "" : block.text());
        label.getStyleClass().addAll("prep-block", "prep-" + block.style());
        label.pseudoClassStateChanged(
                CHOSEN, !chosen.isEmpty() && block.task().step().equals(chosen));
        label.setAccessibleText(block.text() + ", " + block.detail());
        Hints.on(label, block.text() + "\n" + block.detail());
        label.resizeRelocate(left, y + 3, width, LANE - 10);
        label.setOnMouseClicked(e -> {
            if (e.isStillSincePress()) pressed.accept(block.task());
        });
        boolean movable = block.task().kind() != Task.Kind.AIR && !block.style().equals("held");
        if (movable) drag(label, block, left);
        getChildren().add(label);
    }

    /** What it pushes is said before it is let go. */
    private void drag(Label label, Block block, double left) {
        label.setOnMousePressed(e -> down = e.getSceneX());
        label.setOnMouseDragged(e -> {
            double dx = e.getSceneX() - down;
            label.setLayoutX(Math.max(LEFT, left + dx));
            label.toFront();
            say(block, second(block, dx));
        });
        label.setOnMouseReleased(e -> {
            double dx = e.getSceneX() - down;
            hint.setVisible(false);
            int second = second(block, dx);
            if (Math.abs(dx) > 4 && second != block.start()) moved.to(block.task(), second);
            else label.setLayoutX(left);
        });
    }

    private int second(Block block, double dx) {
        double at = (double) axis.second(x(block.start()) + dx) / STEP;
        // To the left is earlier, however little: never back past where it stood.
        return (int) (dx < 0 ? Math.floor(at) : Math.ceil(at)) * STEP;
    }

    /** By the plain planner, which answers while the mouse moves; the proved plan follows once it is let go. */
    private void say(Block block, int second) {
        var pinned = shown.prep().with(block.task().id(), t -> t.pinned(second));
        var plan = new PrepGreedy().solve(pinned, 0, () -> false).plan();
        var text = plan.isEmpty()
                ? Words.of("bench.dragNot", clock.apply(second))
                : plan.get().start() == shown.start().orElse(0)
                        ? Words.of("bench.drag", clock.apply(second))
                        : Words.of(
                                "bench.dragStart",
                                clock.apply(second),
                                clock.apply(plan.get().start()));
        hint.setText(text);
        hint.setVisible(true);
        if (!getChildren().contains(hint)) getChildren().add(hint);
        hint.applyCss();
        hint.autosize();
        hint.relocate(Math.clamp(x(second), LEFT, Math.max(LEFT, getWidth() - hint.getWidth() - 4)), 2);
        hint.toFront();
    }

    @Override
    protected void layoutChildren() {
        // Everything has its place by time.
    }
}

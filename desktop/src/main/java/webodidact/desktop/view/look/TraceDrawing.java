package webodidact.desktop.view.look;

import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import webodidact.core.check.Finding;
import webodidact.core.outcome.Outcome;
import webodidact.core.trace.Lane;
import webodidact.core.trace.Touch;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/** Hands, boards and all that touches food as lanes over the steps around a finding; arrows where soil is carried on. */
final class TraceDrawing extends Pane {
    /** At the usual size of text; all three grow with it. */
    private static final double USUAL = 14;

    private double row = 34;
    private double bar = 23;
    private double head = 22;
    /** Steps shown at most, and those before the first that matters. */
    private static final int MOST = 12;

    private static final int BEFORE = 3;
    private static final int LANES = 7;
    private static final double WIDEST = 170;

    private final Outcome outcome;
    private final List<Lane> lanes;
    private final List<Touch> touches;
    private final int from;
    private final int to;

    TraceDrawing(Outcome outcome, Finding finding) {
        this.outcome = outcome;
        var trace = outcome.answers().trace();
        var steps = finding.steps();
        int first = steps.isEmpty() ? 1 : steps.first();
        int last = steps.isEmpty() ? outcome.lesson().steps().size() : steps.last();
        from = Math.max(1, Math.min(first - BEFORE, Math.max(1, last - MOST + 3)));
        to = Math.min(outcome.lesson().steps().size(), from + MOST - 1);
        lanes = trace.lanes().stream()
                .filter(l -> l.spans().stream().anyMatch(s -> !s.isClean() && s.from() <= to && s.to() >= from))
                .limit(LANES)
                .toList();
        touches = trace.touches().stream()
                .filter(t -> t.step() >= from && t.step() <= to)
                .toList();
        getStyleClass().add("trace");
        setId("trace");
        setMinHeight(head + row * (lanes.size() + 1) + 6);
        setPrefHeight(getMinHeight());
        setAccessibleText(words());
        widthProperty().addListener(o -> draw());
    }

    /** The same in words, for who cannot see it. */
    private String words() {
        var all = new StringBuilder(Words.of("trace.title"));
        for (var lane : lanes)
            for (var span : lane.spans())
                if (!span.isClean())
                    all.append(' ')
                            .append(Words.of(
                                    "trace.words",
                                    lane.surface().name(),
                                    span.dirt().soil().title(),
                                    span.from(),
                                    span.to()));
        return all.toString();
    }

    private double left() {
        return Math.min(120, getWidth() * 0.2);
    }

    private double x(int step) {
        return left() + (getWidth() - left()) * (step - from) / (to - from + 1);
    }

    private void draw() {
        getChildren().clear();
        if (getWidth() < 100) return;
        size();
        for (int step = from; step <= to; step++) {
            var line = new Line(x(step), head, x(step), head + row * (lanes.size() + 1));
            line.getStyleClass().add("trace-grid");
            put(line);
            place(Nodes.label(String.valueOf(step), "tiny"), x(step) + 2, 0, x(step + 1) - x(step), head - 4);
        }
        for (int i = 0; i < lanes.size(); i++) lane(lanes.get(i), head + i * row);
        ready(head + lanes.size() * row);
        touches.forEach(this::arrow);
    }

    /** Rows as high as the text in them needs. */
    private void size() {
        var probe = Nodes.label("8");
        getChildren().add(probe);
        probe.applyCss();
        double scale = Math.max(1, probe.getFont().getSize() / USUAL);
        getChildren().clear();
        row = 34 * scale;
        bar = 23 * scale;
        head = 22 * scale;
        setMinHeight(head + row * (lanes.size() + 1) + 6);
        setPrefHeight(getMinHeight());
    }

    private void lane(Lane lane, double y) {
        place(Nodes.label(capital(lane.surface().name()), "strong", "trace-name"), 0, y, left() - 6, row);
        for (var span : lane.spans()) {
            if (span.to() < from || span.from() > to || span.isClean() && !span.washed() && span.from() > 1) continue;
            if (span.isClean() && !isTold(lane, span)) continue;
            var text = span.isClean()
                    ? Words.of(span.washed() ? "trace.washed" : "trace.clean")
                    : Words.of(
                            "trace.since",
                            span.dirt().soil().title(),
                            span.dirt().since());
            var mark = mark(
                    text, span.isClean() ? "trace-clean" : span.dirt().soil().isRaw() ? "trace-raw" : "trace-soil");
            double start = x(Math.max(from, span.from()));
            double end = x(Math.min(to, span.to()) + 1) - 3;
            place(mark, start + 1, y + (row - bar) / 2, end - start, bar);
        }
    }

    /** Clean is shown for hands, and where it was washed. */
    private static boolean isTold(Lane lane, Lane.Span span) {
        return lane.surface().isHands() || span.washed();
    }

    /** What it reaches, in a lane of its own. */
    private void ready(double y) {
        place(Nodes.label(capital(Words.of("trace.reaches")), "strong", "trace-name"), 0, y, left() - 6, row);
        var shown = touches.stream().collect(Collectors.toMap(Touch::step, t -> t, (a, b) -> a, TreeMap::new));
        for (var touch : shown.values()) {
            var next = shown.higherKey(touch.step());
            var mark = mark(touch.what(), "trace-raw");
            Hints.on(mark, touch.what());
            place(
                    mark,
                    x(touch.step()) + 1,
                    y + (row - bar) / 2,
                    Math.min(WIDEST, x(next == null ? to + 1 : next) - x(touch.step()) - 4),
                    bar);
        }
    }

    private void arrow(Touch touch) {
        int at = -1;
        for (int i = 0; i < lanes.size(); i++) if (lanes.get(i).surface().equals(touch.by())) at = i;
        if (at < 0) return;
        double x = x(touch.step()) + 10;
        double top = head + at * row + row / 2;
        double bottom = head + lanes.size() * row + (row - bar) / 2;
        var line = new Line(x, top, x, bottom - 6);
        line.getStyleClass().add("trace-arrow");
        var point = new Polygon(x - 4, bottom - 7, x + 4, bottom - 7, x, bottom);
        point.getStyleClass().add("trace-point");
        put(line);
        put(point);
    }

    private static Label mark(String text, String style) {
        var label = Nodes.label(text, "tiny", "trace-bar", style);
        label.setAlignment(Pos.CENTER_LEFT);
        return label;
    }

    private static String capital(String name) {
        return name.isEmpty() ? name : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    private void place(Region node, double x, double y, double width, double height) {
        node.setMinWidth(0);
        node.resizeRelocate(x, y, width, height);
        node.setManaged(false);
        getChildren().add(node);
        node.applyCss();
        node.layout();
    }

    private void put(Node node) {
        node.setManaged(false);
        getChildren().add(node);
    }
}

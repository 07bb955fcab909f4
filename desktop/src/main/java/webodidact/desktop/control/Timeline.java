package webodidact.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import webodidact.core.time.Clock;
import webodidact.desktop.geometry.Lane;
import webodidact.desktop.geometry.TimeAxis;
import webodidact.desktop.words.Words;

/** The lesson on two sides of the moment it goes on air, one lane under the other, to scale. */
public final class Timeline extends Pane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double HEAD = 30;
    private final Consumer<String> select;
    private List<Lane> lanes = List.of();
    private int from;
    private int to = 60;
    private int slot;
    private int lowTotal;
    private int highTotal;
    private String chosen = "";
    private double labels = 100;

    /** @param select told the id of a step whose block is clicked */
    public Timeline(Consumer<String> select) {
        this.select = select;
        getStyleClass().add("timeline");
        setMinSize(0, 0);
        var edge = new Rectangle();
        edge.widthProperty().bind(widthProperty());
        edge.heightProperty().bind(heightProperty());
        setClip(edge);
    }

    /** @param first second shown, 0 or negative; the total's short and long end are drawn as a band */
    public void show(List<Lane> content, int first, int slotSeconds, int low, int high, String step) {
        lanes = content;
        from = Math.min(0, first);
        slot = slotSeconds;
        lowTotal = low;
        highTotal = high;
        to = Math.max(60, (int) (Math.max(slotSeconds, high) * 1.04));
        chosen = step;
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return HEAD + lanes.size() * 62;
    }

    private TimeAxis axis() {
        double room = Math.max(200, getWidth() - labels);
        double zero = from == 0 ? 0 : room * Math.min(0.34, Math.max(0.16, -from / (double) (to - from)));
        return new TimeAxis(from, to, zero, room);
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        labels = 12 + lanes.stream().flatMap(l -> java.util.stream.Stream.of(Nodes.label(l.title(), "lane-title"), Nodes.label(l.detail(), "lane-detail"))).mapToDouble(this::widthOf).max().orElse(88);
        if (lanes.isEmpty() || getWidth() < 120) return;
        var axis = axis();
        double lane = Math.max(44, Math.min(108, (getHeight() - HEAD - 8) / lanes.size()));
        double block = Math.min(50, lane * 0.62);
        double bottom = HEAD + lanes.size() * lane;
        if (axis.zero() > 0) box("before-air", labels, 0, axis.zero(), bottom);
        if (highTotal > lowTotal) box("total-band", labels + axis.x(lowTotal), 0, axis.x(highTotal) - axis.x(lowTotal), bottom);
        marks(axis, bottom);
        for (int i = 0; i < lanes.size(); i++) lane(lanes.get(i), axis, HEAD + i * lane, lane, block);
        box("air-line", labels + axis.zero() - 1, 0, 2, bottom);
        text(Words.of("clock.onAir"), "air-word", labels + axis.zero() + 5, 4);
        box(slotOver() ? "slot-line over" : "slot-line", labels + axis.x(slot) - 1, 0, 2, bottom);
        var word = Nodes.label(Words.of("clock.slotEnds"), "slot-word");
        add(word, 0, 0);
        word.relocate(Math.round(labels + axis.x(slot) - word.getWidth() - 6), Math.round(bottom - word.getHeight()));
    }

    private boolean slotOver() {
        return lowTotal > slot;
    }

    private void box(String styles, double x, double y, double w, double h) {
        var region = new Region();
        region.getStyleClass().addAll(styles.split(" "));
        region.setMouseTransparent(true);
        region.setManaged(false);
        region.resizeRelocate(Math.round(x), y, Math.max(1, Math.round(w)), h);
        getChildren().add(region);
    }

    private void text(String words, String style, double x, double y) {
        add(Nodes.label(words, style), x, y);
    }

    private void add(Label label, double x, double y) {
        label.setManaged(false);
        label.setMouseTransparent(true);
        getChildren().add(label);
        label.applyCss();
        label.resizeRelocate(Math.round(x), Math.round(y), Math.ceil(label.prefWidth(-1)), Math.ceil(label.prefHeight(-1)));
    }

    private double widthOf(Label label) {
        add(label, 0, 0);
        getChildren().remove(label);
        return label.getWidth();
    }

    private void marks(TimeAxis axis, double bottom) {
        int every = axis.markEvery(70);
        for (int s = every; s < to; s += every) mark(axis, s, Clock.text(s), bottom);
        if (from == 0) return;
        int before = -from > 5400 ? 3600 : -from > 1500 ? 1800 : 600;
        for (int s = -before; s > from; s -= before) mark(axis, s, Words.of("clock.before", -s / 60), bottom);
    }

    private void mark(TimeAxis axis, int second, String words, double bottom) {
        double x = labels + axis.x(second);
        box("mark", x, 0, 1, bottom);
        boolean fits = second > 0 ? x + 46 < getWidth() : x + 50 < labels + axis.zero();
        if (fits) text(words, "mark-word", x + 4, 4);
    }

    private void lane(Lane lane, TimeAxis axis, double y, double height, double tall) {
        box("lane-line", 0, y, getWidth(), 1);
        double middle = y + height / 2;
        var title = Nodes.label(lane.title(), "lane-title");
        add(title, 0, 0);
        title.setLayoutY(Math.round(middle - title.getHeight()));
        text(lane.detail(), "lane-detail", 0, middle);
        double top = y + Math.max(3, (height - tall) / 2);
        for (var block : lane.blocks()) {
            double x = labels + Math.max(0, axis.x(block.span().start()));
            double w = Math.min(getWidth() + 4, labels + axis.x(block.span().end())) - x;
            if (w < 1.5) w = 3;
            getChildren().add(block(lane, block, x, top, w, tall));
        }
    }

    private Node block(Lane lane, Lane.Block block, double x, double y, double w, double tall) {
        var button = new Button(w < 14 ? "" : block.text());
        button.getStyleClass().setAll("block", "block-" + block.look());
        button.setTextOverrun(OverrunStyle.CLIP);
        button.setMinWidth(0);
        button.setManaged(false);
        button.setFocusTraversable(!block.step().isEmpty());
        button.pseudoClassStateChanged(CHOSEN, !block.step().isEmpty() && block.step().equals(chosen));
        button.setAccessibleText(words(lane, block));
        button.setTooltip(new Tooltip(block.text() + "\n" + Clock.text(block.span().start()) + "–" + Clock.text(block.span().end()) + " · " + Clock.text(block.span().length())));
        if (!block.step().isEmpty()) button.setOnAction(e -> select.accept(block.step()));
        button.resizeRelocate(Math.round(x), y, Math.max(3, Math.round(w) - 1), tall);
        return button;
    }

    private static String words(Lane lane, Lane.Block block) {
        return Words.of("clock.block", lane.title(), block.text(), Clock.text(block.span().start()), Clock.text(block.span().end()));
    }

    /** What all blocks are called, lane by lane. */
    public List<String> overview() {
        return lanes.stream().flatMap(lane -> lane.blocks().stream().map(block -> words(lane, block))).toList();
    }
}

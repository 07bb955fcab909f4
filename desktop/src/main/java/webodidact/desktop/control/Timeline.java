package webodidact.desktop.control;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import webodidact.core.time.Clock;
import webodidact.desktop.geometry.BlockLayout;
import webodidact.desktop.geometry.Lane;
import webodidact.desktop.geometry.TimelineModel;
import webodidact.desktop.geometry.Viewport;
import webodidact.desktop.words.Words;

/**
 * The lesson on two sides of the moment it goes on air, one lane under the other, to scale. Zooms about the pointer, pans, and
 * lets lengths and places be dragged. Blocks are reused from one drawing to the next; what is not in view is not there.
 */
public final class Timeline extends Pane {
    /** What the timeline's owner does with what is dragged on it. */
    public interface Edits {
        void select(String step);

        /** The length of a step's hands, or the long end of its wait, while it is dragged. */
        void stretch(String step, boolean wait, int seconds);

        /** The drag is over: the next one is an undo step of its own. */
        void settled();

        /** What moving the step before the one with that index would do, in words. */
        String preview(String step, int index);

        void drop(String step, int index);

        /** Number of steps that begin before that second. */
        int indexAt(int second);
    }

    static final double HEAD = 30;
    private static final double HOMES_SHARE = 1.35;
    /** Behind the blocks: shades, rulers; in front of them: lines and words; both drawn anew each time. */
    private final Pane under = new Pane();

    private final BlockPool blocks;
    private final Pane over = new Pane();
    private final Pane content;
    private final Pane names = new Pane();
    private TimelineModel model = TimelineModel.EMPTY;
    private double labels = 100;
    /** Height that a lane needs for its name. */
    private double least = 44;

    private String measuredFor = "";
    private Viewport view = Viewport.all(0, 1, 200);
    private double pressedX;
    private double pressedPan;

    public Timeline(Edits edits) {
        var drag = new BlockDrag[1];
        blocks = new BlockPool(edits::select, b -> drag[0].on(b));
        content = new Pane(under, blocks, over);
        drag[0] = new BlockDrag(edits, this::view, content);
        getStyleClass().add("timeline");
        setMinWidth(0);
        clip(this);
        clip(content);
        getChildren().addAll(content, names);
        getChildren().addAll(drag[0].marks());
        names.setMouseTransparent(true);
        under.setMouseTransparent(true);
        over.setPickOnBounds(false);
        addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        content.addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            pressedX = e.getX();
            pressedPan = view().pan();
        });
        content.addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (e.getTarget() == content) panTo(pressedPan - (e.getX() - pressedX));
        });
    }

    private static void clip(Region region) {
        var edge = new Rectangle();
        edge.widthProperty().bind(region.widthProperty());
        edge.heightProperty().bind(region.heightProperty());
        region.setClip(edge);
    }

    public void show(TimelineModel content) {
        if (model.equals(content)) return;
        model = content;
        requestLayout();
    }

    /** The part of the time that is in view, in the room there is now. */
    private Viewport view() {
        view = view.of(model.from(), model.to(), Math.max(200, getWidth() - labels));
        return view;
    }

    private void look(Viewport now) {
        view = now;
        requestLayout();
    }

    /** How many times closer than all of it: 1 to 40. */
    public double zoom() {
        return view().zoom();
    }

    public double pan() {
        return view().pan();
    }

    /** @param about pixels from the left of the lanes that stay where they are */
    public void zoomBy(double factor, double about) {
        look(view().zoomedBy(factor, about));
    }

    /** All of it in view again. */
    public void zoomOut() {
        look(Viewport.all(model.from(), model.to(), view().room()));
    }

    public void panBy(double pixels) {
        panTo(view().pan() + pixels);
    }

    /** Brings that second into view, if it is not. */
    public void reveal(int second) {
        look(view().revealing(second));
    }

    private void panTo(double pixels) {
        look(view().pannedTo(pixels));
    }

    private void scrolled(ScrollEvent e) {
        if (e.isControlDown()) zoomBy(e.getDeltaY() > 0 ? 1.25 : 0.8, Math.max(0, e.getX() - labels));
        else if (zoom() > 1) panBy(-(e.getDeltaX() != 0 ? e.getDeltaX() : e.getDeltaY()));
        // All in view, the wheel is for the page.
        else return;
        e.consume();
    }

    @Override
    protected double computeMinHeight(double width) {
        measure();
        return HEAD + 8 + (model.lanes().size() + (model.homes() == null ? 0 : HOMES_SHARE)) * least;
    }

    @Override
    protected double computePrefHeight(double width) {
        return HEAD + model.lanes().size() * 62 + (model.homes() == null ? 0 : 84);
    }

    @Override
    protected void layoutChildren() {
        measure();
        content.resizeRelocate(labels, 0, Math.max(0, getWidth() - labels), getHeight());
        names.resizeRelocate(0, 0, labels, getHeight());
        names.getChildren().clear();
        over.getChildren().clear();
        var now = new ArrayList<Node>();
        var front = new ArrayList<Node>();
        if (model.lanes().isEmpty() || getWidth() < 120) {
            under.getChildren().clear();
            blocks.clear();
            over.getChildren().clear();
            return;
        }
        var seen = view();
        int n = model.lanes().size();
        double shares = n + (model.homes() == null ? 0 : HOMES_SHARE);
        double lane = Math.max(least, Math.min(108, (getHeight() - HEAD - 8) / shares));
        double block = Math.min(50, lane * 0.62);
        double bottom = HEAD + shares * lane;
        double zero = seen.x(0);
        if (model.from() < 0) now.add(box("before-air", -seen.pan(), 0, zero + seen.pan(), bottom));
        if (model.high() > model.low())
            now.add(box("total-band", seen.x(model.low()), 0, seen.x(model.high()) - seen.x(model.low()), bottom));
        marks(seen, bottom, now);
        for (var part : model.parts()) {
            if (part.first() == 1) continue;
            double x = seen.x(part.span().start());
            front.add(box("part-line", x, 0, 1, bottom));
            front.add(text(part.title(), "part-word", x + 4, bottom - 20));
        }
        var wanted = new ArrayList<BlockLayout.Box>();
        for (int i = 0; i < n; i++) wanted.addAll(lane(model.lanes().get(i), seen, HEAD + i * lane, lane, block, now));
        blocks.arrange(wanted, model.step());
        ghosts(seen, lane, block, front);
        if (model.homes() != null) {
            name(Words.of("clock.homes"), Words.of("clock.homesDetail"), HEAD + n * lane + lane * HOMES_SHARE / 2);
            front.add(box("lane-line", 0, HEAD + n * lane, seen.room(), 1));
            var word = text(HomesDrawing.words(model.homes()), HomesDrawing.look(model.homes()), 0, 0);
            front.addAll(HomesDrawing.of(
                    model.homes(), seen.axis(), seen.pan(), seen.room(), HEAD + n * lane, lane * HOMES_SHARE, word));
        }
        front.add(box("air-line", zero - 1, 0, 2, bottom));
        if (zero > -60) front.add(text(Words.of("clock.onAir"), "air-word", zero + 5, 4));
        front.add(box(
                model.low() > model.slot() ? "slot-line over" : "slot-line", seen.x(model.slot()) - 1, 0, 2, bottom));
        var word = text(Words.of("clock.slotEnds"), "slot-word", 0, bottom - 18);
        word.relocate(Math.round(seen.x(model.slot()) - word.getWidth() - 6), Math.round(bottom - word.getHeight()));
        front.add(word);
        flags(seen, front);
        under.getChildren().setAll(now);
        over.getChildren().setAll(front);
    }

    /** The lanes' names take as much room as the longest; measured anew only if they change. */
    private void measure() {
        var all = new StringBuilder();
        model.lanes().forEach(l -> all.append(l.title()).append(l.detail()));
        var key = all.append(model.homes() != null)
                .append(getStyle())
                .append(getScene() == null ? "" : getScene().getRoot().getStyle())
                .toString();
        if (key.equals(measuredFor)) return;
        measuredFor = key;
        var texts = new ArrayList<Label>();
        model.lanes().forEach(l -> {
            texts.add(Nodes.label(l.title(), "lane-title"));
            texts.add(Nodes.label(l.detail(), "lane-detail"));
        });
        if (model.homes() != null) texts.add(Nodes.label(Words.of("clock.homesDetail"), "lane-detail"));
        labels = 12 + texts.stream().mapToDouble(this::widthOf).max().orElse(88);
        least = texts.size() < 2
                ? 44
                : Math.max(44, texts.get(0).prefHeight(-1) + texts.get(1).prefHeight(-1) + 4);
    }

    private double widthOf(Label label) {
        label.setManaged(false);
        names.getChildren().add(label);
        label.applyCss();
        double width = Math.ceil(label.prefWidth(-1));
        names.getChildren().remove(label);
        return width;
    }

    private static Region box(String styles, double x, double y, double w, double h) {
        var region = new Region();
        region.getStyleClass().addAll(styles.split(" "));
        region.setMouseTransparent(true);
        region.setManaged(false);
        region.resizeRelocate(Math.round(x), y, Math.max(1, Math.round(w)), h);
        return region;
    }

    private Label text(String words, String style, double x, double y) {
        return place(Nodes.label(words, style), over, x, y);
    }

    private static Label place(Label label, Pane in, double x, double y) {
        label.setManaged(false);
        label.setMouseTransparent(true);
        in.getChildren().add(label);
        label.applyCss();
        label.resizeRelocate(
                Math.round(x), Math.round(y), Math.ceil(label.prefWidth(-1)), Math.ceil(label.prefHeight(-1)));
        return label;
    }

    private void marks(Viewport seen, double bottom, List<Node> now) {
        int every = seen.axis().markEvery(70);
        int first = Math.max(1, seen.second(0) / every);
        for (int s = first * every; s < model.to() && seen.x(s) < seen.room(); s += every)
            mark(seen, s, Clock.text(s), bottom, now);
        int from = model.from();
        if (from == 0) return;
        int before = -from > 5400 ? 3600 : -from > 1500 ? 1800 : 600;
        for (int s = -before; s > from; s -= before) mark(seen, s, Words.of("clock.before", -s / 60), bottom, now);
    }

    private void mark(Viewport seen, int second, String words, double bottom, List<Node> now) {
        double x = seen.x(second);
        if (x < -50 || x > seen.room()) return;
        now.add(box("mark", x, 0, 1, bottom));
        boolean fits = second > 0 ? x + 46 < seen.room() : x + 50 < seen.x(0);
        if (fits) now.add(text(words, "mark-word", x + 4, 4));
    }

    private void flags(Viewport seen, List<Node> now) {
        for (var flag : model.flags()) {
            double x = seen.x(flag.second());
            if (!seen.isInView(x, 4)) continue;
            var sign = text("▼", flag.missed() ? "flag-missed" : "flag", x - 5, HEAD - 15);
            sign.setMouseTransparent(false);
            Hints.on(sign, flag.text() + " · " + Clock.text(flag.second()));
            sign.setAccessibleText(flag.text() + ", " + Clock.text(flag.second()));
            now.add(sign);
        }
    }

    private List<BlockLayout.Box> lane(Lane lane, Viewport seen, double y, double height, double tall, List<Node> now) {
        now.add(box("lane-line", 0, y, seen.room(), 1));
        name(lane.title(), lane.detail(), y + height / 2);
        return BlockLayout.of(lane, seen, y + Math.max(3, (height - tall) / 2), tall, model.step());
    }

    private void name(String title, String detail, double middle) {
        var head = place(Nodes.label(title, "lane-title"), names, 0, 0);
        head.setLayoutY(Math.round(middle - head.getHeight()));
        place(Nodes.label(detail, "lane-detail"), names, 0, middle);
    }

    /** What is previewed, as bars under what is. */
    private void ghosts(Viewport seen, double lane, double tall, List<Node> now) {
        for (var ghost : model.ghost()) {
            int i = 0;
            while (i < model.lanes().size() && !model.lanes().get(i).id().equals(ghost.id())) i++;
            if (i == model.lanes().size()) continue;
            double top = HEAD + i * lane + Math.max(3, (lane - tall) / 2) + tall + 2;
            if (ghost.id().equals("camera") || ghost.id().equals("say")) continue;
            for (var block : ghost.blocks()) {
                double x = seen.x(block.span().start());
                double w = seen.x(block.span().end()) - x;
                if (x + w < 0 || x > seen.room()) continue;
                now.add(box("ghost", x, top, Math.max(2, w - 1), 5));
            }
        }
    }

    /** What all blocks are called, lane by lane. */
    public List<String> overview() {
        return model.lanes().stream()
                .flatMap(lane -> lane.blocks().stream().map(block -> BlockPool.words(lane, block)))
                .toList();
    }

    /** What is drawn now. */
    public TimelineModel model() {
        return model;
    }
}

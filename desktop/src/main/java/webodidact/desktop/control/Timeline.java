package webodidact.desktop.control;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import webodidact.core.time.Clock;
import webodidact.desktop.geometry.Lane;
import webodidact.desktop.geometry.TimeAxis;
import webodidact.desktop.geometry.TimelineModel;
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

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass ALIKE = PseudoClass.getPseudoClass("alike");
    private static final double HEAD = 30;
    private static final double EDGE = 7;
    private static final double MOST = 40;
    private static final double HOMES_SHARE = 1.35;
    private final Edits edits;
    /** Behind the blocks: shades, rulers; in front of them: lines and words; both drawn anew each time. */
    private final Pane under = new Pane();
    private final Pane blocks = new Pane();
    private final Pane over = new Pane();
    private final Pane content = new Pane(under, blocks, over);
    private final Pane names = new Pane();
    private final Map<String, Button> pool = new HashMap<>();
    private final Map<String, String> shownText = new HashMap<>();
    private final Label floating = Nodes.label("", "drag-word");
    private final Region dropLine = Nodes.styled(new Region(), "drop-line");
    private TimelineModel model = TimelineModel.EMPTY;
    private double labels = 100;
    /** Height that a lane needs for its name. */
    private double least = 44;
    private String measuredFor = "";
    private double zoom = 1;
    private double pan;
    private double pressedX;
    private double pressedPan;
    private String hovered = "";

    public Timeline(Edits edits) {
        this.edits = edits;
        getStyleClass().add("timeline");
        setMinWidth(0);
        clip(this);
        clip(content);
        for (Node hidden : List.of(floating, dropLine)) {
            hidden.setManaged(false);
            hidden.setVisible(false);
            hidden.setMouseTransparent(true);
        }
        getChildren().addAll(content, names, dropLine, floating);
        names.setMouseTransparent(true);
        under.setMouseTransparent(true);
        blocks.setPickOnBounds(false);
        over.setPickOnBounds(false);
        addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        content.addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            pressedX = e.getX();
            pressedPan = pan;
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

    /** How many times closer than all of it: 1 to 40. */
    public double zoom() {
        return zoom;
    }

    public double pan() {
        return pan;
    }

    /** @param about pixels from the left of the lanes that stay where they are */
    public void zoomBy(double factor, double about) {
        var before = axis();
        double second = before.second(about + pan);
        zoom = Math.clamp(zoom * factor, 1, MOST);
        panTo(axis().x((int) second) - about);
        requestLayout();
    }

    /** All of it in view again. */
    public void zoomOut() {
        zoom = 1;
        panTo(0);
    }

    public void panBy(double pixels) {
        panTo(pan + pixels);
    }

    /** Brings that second into view, if it is not. */
    public void reveal(int second) {
        double x = axis().x(second) - pan;
        if (x < 0 || x > room() - 60) panTo(axis().x(second) - room() / 3);
    }

    private void panTo(double pixels) {
        double most = Math.max(0, axis().width() - room());
        pan = Math.clamp(pixels, 0, most);
        requestLayout();
    }

    private void scrolled(ScrollEvent e) {
        if (e.isControlDown()) zoomBy(e.getDeltaY() > 0 ? 1.25 : 0.8, Math.max(0, e.getX() - labels));
        else if (zoom > 1) panBy(-(e.getDeltaX() != 0 ? e.getDeltaX() : e.getDeltaY()));
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

    private double room() {
        return Math.max(200, getWidth() - labels);
    }

    private TimeAxis axis() {
        int from = model.from();
        int to = model.to();
        double zero = from == 0 ? 0 : room() * Math.min(0.34, Math.max(0.16, -from / (double) (to - from)));
        return new TimeAxis(from, to, zero * zoom, room() * zoom);
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
            blocks.getChildren().clear();
            pool.clear();
            shownText.clear();
            over.getChildren().clear();
            return;
        }
        var axis = axis();
        int n = model.lanes().size();
        double shares = n + (model.homes() == null ? 0 : HOMES_SHARE);
        double lane = Math.max(least, Math.min(108, (getHeight() - HEAD - 8) / shares));
        double block = Math.min(50, lane * 0.62);
        double bottom = HEAD + shares * lane;
        if (axis.zero() > 0) now.add(box("before-air", -pan, 0, axis.zero(), bottom));
        if (model.high() > model.low()) now.add(box("total-band", axis.x(model.low()) - pan, 0, axis.x(model.high()) - axis.x(model.low()), bottom));
        marks(axis, bottom, now);
        for (var part : model.parts()) {
            if (part.first() == 1) continue;
            double x = axis.x(part.span().start()) - pan;
            front.add(box("part-line", x, 0, 1, bottom));
            front.add(text(part.title(), "part-word", x + 4, bottom - 20));
        }
        var wanted = new ArrayList<Wanted>();
        for (int i = 0; i < n; i++) lane(model.lanes().get(i), axis, HEAD + i * lane, lane, block, now, wanted);
        arrange(wanted);
        ghosts(axis, lane, block, front);
        if (model.homes() != null) {
            name(Words.of("clock.homes"), Words.of("clock.homesDetail"), HEAD + n * lane + lane * HOMES_SHARE / 2);
            front.add(box("lane-line", 0, HEAD + n * lane, room(), 1));
            var word = text(HomesDrawing.words(model.homes()), HomesDrawing.look(model.homes()), 0, 0);
            front.addAll(HomesDrawing.of(model.homes(), axis, pan, room(), HEAD + n * lane, lane * HOMES_SHARE, word));
        }
        front.add(box("air-line", axis.zero() - 1 - pan, 0, 2, bottom));
        if (axis.zero() - pan > -60) front.add(text(Words.of("clock.onAir"), "air-word", axis.zero() + 5 - pan, 4));
        front.add(box(model.low() > model.slot() ? "slot-line over" : "slot-line", axis.x(model.slot()) - 1 - pan, 0, 2, bottom));
        var word = text(Words.of("clock.slotEnds"), "slot-word", 0, bottom - 18);
        word.relocate(Math.round(axis.x(model.slot()) - pan - word.getWidth() - 6), Math.round(bottom - word.getHeight()));
        front.add(word);
        flags(axis, front);
        under.getChildren().setAll(now);
        over.getChildren().setAll(front);
    }

    /** The lanes' names take as much room as the longest; measured anew only if they change. */
    private void measure() {
        var all = new StringBuilder();
        model.lanes().forEach(l -> all.append(l.title()).append(l.detail()));
        var key = all.append(model.homes() != null).append(getStyle()).append(getScene() == null ? "" : getScene().getRoot().getStyle()).toString();
        if (key.equals(measuredFor)) return;
        measuredFor = key;
        var texts = new ArrayList<Label>();
        model.lanes().forEach(l -> {
            texts.add(Nodes.label(l.title(), "lane-title"));
            texts.add(Nodes.label(l.detail(), "lane-detail"));
        });
        if (model.homes() != null) texts.add(Nodes.label(Words.of("clock.homesDetail"), "lane-detail"));
        labels = 12 + texts.stream().mapToDouble(this::widthOf).max().orElse(88);
        least = texts.size() < 2 ? 44 : Math.max(44, texts.get(0).prefHeight(-1) + texts.get(1).prefHeight(-1) + 4);
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
        label.resizeRelocate(Math.round(x), Math.round(y), Math.ceil(label.prefWidth(-1)), Math.ceil(label.prefHeight(-1)));
        return label;
    }

    private void marks(TimeAxis axis, double bottom, List<Node> now) {
        int every = axis.markEvery(70);
        int first = Math.max(1, axis.second(pan) / every);
        for (int s = first * every; s < model.to() && axis.x(s) - pan < room(); s += every) mark(axis, s, Clock.text(s), bottom, now);
        int from = model.from();
        if (from == 0) return;
        int before = -from > 5400 ? 3600 : -from > 1500 ? 1800 : 600;
        for (int s = -before; s > from; s -= before) mark(axis, s, Words.of("clock.before", -s / 60), bottom, now);
    }

    private void mark(TimeAxis axis, int second, String words, double bottom, List<Node> now) {
        double x = axis.x(second) - pan;
        if (x < -50 || x > room()) return;
        now.add(box("mark", x, 0, 1, bottom));
        boolean fits = second > 0 ? x + 46 < room() : x + 50 < axis.zero() - pan;
        if (fits) now.add(text(words, "mark-word", x + 4, 4));
    }

    private void flags(TimeAxis axis, List<Node> now) {
        for (var flag : model.flags()) {
            double x = axis.x(flag.second()) - pan;
            if (x < -4 || x > room()) continue;
            var sign = text("▼", flag.missed() ? "flag-missed" : "flag", x - 5, HEAD - 15);
            sign.setMouseTransparent(false);
            sign.setTooltip(new Tooltip(flag.text() + " · " + Clock.text(flag.second())));
            sign.setAccessibleText(flag.text() + ", " + Clock.text(flag.second()));
            now.add(sign);
        }
    }

    private void lane(Lane lane, TimeAxis axis, double y, double height, double tall, List<Node> now, List<Wanted> wanted) {
        now.add(box("lane-line", 0, y, room(), 1));
        name(lane.title(), lane.detail(), y + height / 2);
        double top = y + Math.max(3, (height - tall) / 2);
        double drawn = -10;
        int same = 0;
        var last = "";
        for (var block : lane.blocks()) {
            double x = Math.max(-8, axis.x(block.span().start()) - pan);
            double end = Math.min(room() + 4, axis.x(block.span().end()) - pan);
            same = block.step().equals(last) ? same + 1 : 0;
            last = block.step();
            if (end < 0 || x > room()) continue;
            double w = end - x < 1.5 ? 3 : end - x;
            // Where hundreds of blocks share a pixel, one is as good as all.
            if (w <= 3 && x < drawn + 1 && !block.step().equals(model.step())) continue;
            drawn = x;
            var key = lane.id() + "/" + block.step() + "/" + block.look() + "/" + (block.step().isEmpty() ? block.span().start() : same);
            wanted.add(new Wanted(key, lane, block, x, top, w, tall));
        }
    }

    private void name(String title, String detail, double middle) {
        var head = place(Nodes.label(title, "lane-title"), names, 0, 0);
        head.setLayoutY(Math.round(middle - head.getHeight()));
        place(Nodes.label(detail, "lane-detail"), names, 0, middle);
    }

    /** A block where it is to be drawn. */
    private record Wanted(String key, Lane lane, Lane.Block block, double x, double y, double w, double tall) {}

    /**
     * Blocks that are there already stay the same nodes, so that one that is dragged or has the focus keeps it; the others are
     * taken for what is new: making and styling a node costs more than all the rest of a frame.
     */
    private void arrange(List<Wanted> wanted) {
        var keys = new HashSet<String>();
        wanted.forEach(w -> keys.add(w.key()));
        var spare = new ArrayList<Button>();
        for (var key : pool.keySet().stream().filter(k -> !keys.contains(k)).toList()) {
            spare.add(pool.remove(key));
            shownText.remove(key);
        }
        for (var want : wanted) fill(want, pool.computeIfAbsent(want.key(), k -> spare.isEmpty() || spare.getLast().isFocused() ? fresh() : spare.removeLast()));
        blocks.getChildren().removeAll(spare);
    }

    private void fill(Wanted want, Button button) {
        var block = want.block();
        if (!button.getStyleClass().getLast().equals("block-" + block.look())) button.getStyleClass().set(1, "block-" + block.look());
        button.setId("block-" + block.look() + "-" + block.step());
        button.setFocusTraversable(!block.step().isEmpty());
        var spoken = words(want.lane(), block);
        if (!spoken.equals(shownText.put(want.key(), spoken))) {
            button.setAccessibleText(spoken);
            button.getTooltip().setText(block.text() + "\n" + Clock.text(block.span().start()) + "–" + Clock.text(block.span().end()) + " · " + Clock.text(block.span().length()));
        }
        button.setText(want.w() < 14 ? "" : block.text());
        button.getProperties().put("block", block);
        button.pseudoClassStateChanged(CHOSEN, !block.step().isEmpty() && block.step().equals(model.step()));
        button.pseudoClassStateChanged(ALIKE, !block.step().isEmpty() && block.step().equals(hovered));
        button.resizeRelocate(Math.round(want.x()), want.y(), Math.max(3, Math.round(want.w()) - 1), want.tall());
    }

    private static Lane.Block blockOf(Button button) {
        return (Lane.Block) button.getProperties().get("block");
    }

    private Button fresh() {
        var button = new Button();
        button.getStyleClass().setAll("block", "");
        button.setTextOverrun(OverrunStyle.CLIP);
        button.setMinWidth(0);
        button.setManaged(false);
        button.setTooltip(new Tooltip());
        button.setOnAction(e -> {
            if (!blockOf(button).step().isEmpty()) edits.select(blockOf(button).step());
        });
        button.hoverProperty().addListener((o, was, now) -> hover(now ? blockOf(button).step() : ""));
        drag(button);
        blocks.getChildren().add(button);
        return button;
    }

    /** All blocks of the step under the pointer light up, in every lane. */
    private void hover(String step) {
        hovered = step;
        for (var button : pool.values()) {
            button.pseudoClassStateChanged(ALIKE, !blockOf(button).step().isEmpty() && blockOf(button).step().equals(step));
        }
    }

    /** The right edge of hands and waits changes their length; the rest of a block its step's place. */
    private void drag(Button button) {
        var mode = new String[] {""};
        button.setOnMouseMoved(e -> button.setCursor(stretches(button) && e.getX() > button.getWidth() - EDGE ? Cursor.H_RESIZE : Cursor.DEFAULT));
        button.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
            mode[0] = stretches(button) && e.getX() > button.getWidth() - EDGE ? "stretch" : "";
            pressedX = e.getSceneX();
        });
        button.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> {
            if (mode[0].isEmpty() && moves(button) && Math.abs(e.getSceneX() - pressedX) > 6) mode[0] = "move";
            double x = content.sceneToLocal(e.getSceneX(), e.getSceneY()).getX();
            if (mode[0].equals("stretch")) stretch(button, x);
            else if (mode[0].equals("move")) moving(blockOf(button).step(), x, e);
            if (!mode[0].isEmpty()) e.consume();
        });
        button.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            floating.setVisible(false);
            dropLine.setVisible(false);
            if (mode[0].equals("move")) edits.drop(blockOf(button).step(), edits.indexAt(axis().second(content.sceneToLocal(e.getSceneX(), e.getSceneY()).getX() + pan)));
            if (mode[0].equals("stretch")) edits.settled();
            if (!mode[0].isEmpty()) {
                button.disarm();
                e.consume();
            }
            mode[0] = "";
        });
    }

    private static boolean stretches(Button button) {
        var block = blockOf(button);
        return !block.step().isEmpty() && (block.look().equals("hands") || block.look().equals("wait"));
    }

    private static boolean moves(Button button) {
        var block = blockOf(button);
        return !block.step().isEmpty() && (block.look().equals("hands") || block.look().equals("talk"));
    }

    private void stretch(Button button, double x) {
        var block = blockOf(button);
        int seconds = Math.max(5, (axis().second(x + pan) - block.span().start() + 2) / 5 * 5);
        edits.stretch(block.step(), block.look().equals("wait"), seconds);
        tell(Clock.text(seconds), x, button.getLayoutY());
    }

    private void moving(String step, double x, MouseEvent e) {
        int index = edits.indexAt(axis().second(x + pan));
        dropLine.setVisible(true);
        dropLine.resizeRelocate(Math.round(labels + x), HEAD, 2, Math.max(0, getHeight() - HEAD));
        tell(edits.preview(step, index), x, content.sceneToLocal(e.getSceneX(), e.getSceneY()).getY() - 34);
    }

    private void tell(String words, double x, double y) {
        floating.setText(words);
        floating.setVisible(true);
        floating.applyCss();
        double w = Math.ceil(floating.prefWidth(-1));
        floating.resizeRelocate(Math.round(Math.clamp(labels + x + 10, 0, Math.max(0, getWidth() - w))), Math.round(Math.max(0, y)), w, Math.ceil(floating.prefHeight(-1)));
    }

    /** What is previewed, as bars under what is. */
    private void ghosts(TimeAxis axis, double lane, double tall, List<Node> now) {
        for (var ghost : model.ghost()) {
            int i = 0;
            while (i < model.lanes().size() && !model.lanes().get(i).id().equals(ghost.id())) i++;
            if (i == model.lanes().size()) continue;
            double top = HEAD + i * lane + Math.max(3, (lane - tall) / 2) + tall + 2;
            if (ghost.id().equals("camera") || ghost.id().equals("say")) continue;
            for (var block : ghost.blocks()) {
                double x = axis.x(block.span().start()) - pan;
                double w = axis.x(block.span().end()) - pan - x;
                if (x + w < 0 || x > room()) continue;
                now.add(box("ghost", x, top, Math.max(2, w - 1), 5));
            }
        }
    }

    private static String words(Lane lane, Lane.Block block) {
        return Words.of("clock.block", lane.title(), block.text(), Clock.text(block.span().start()), Clock.text(block.span().end()));
    }

    /** What all blocks are called, lane by lane. */
    public List<String> overview() {
        return model.lanes().stream().flatMap(lane -> lane.blocks().stream().map(block -> words(lane, block))).toList();
    }

    /** What is drawn now. */
    public TimelineModel model() {
        return model;
    }
}

package webodidact.desktop.view.papers;

import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.words.Words;
import webodidact.formats.pdf.PageImages;

/** The pages as they will print, or the text of a file; scrolled, made larger and gone through page by page. */
final class PageView extends VBox {
    /** Told of a press on a page. */
    interface Pressed {
        /** @param y points from the upper edge of the page, which is numbered from 0 */
        void at(int page, double y);
    }

    /** Dots an inch of a page as wide as its room. */
    static final int DPI = 96;

    private static final double MOST = 2.5;
    private static final double STEP = 1.25;
    private final VBox pages = Nodes.styled(new VBox(16), "pages");
    private final ScrollPane scroll = Panes.work(pages);
    private final ProgressIndicator busy = new ProgressIndicator();
    private final Label state = Nodes.label("", "soft");
    private final TextArea text = new TextArea();
    private final HBox tools;
    private final Runnable redraw;
    private final Pressed pressed;
    private double zoom = 1;

    /** @param redraw draws the same again, when it is looked at more closely */
    PageView(Runnable redraw, Pressed pressed) {
        super(8);
        this.redraw = redraw;
        this.pressed = pressed;
        busy.setPrefSize(18, 18);
        busy.setMaxSize(18, 18);
        state.setId("preview-state");
        pages.setAlignment(Pos.TOP_CENTER);
        scroll.getStyleClass().add("page-well");
        scroll.addEventFilter(ScrollEvent.SCROLL, e -> {
            if (!e.isShortcutDown()) return;
            e.consume();
            zoom(e.getDeltaY() > 0 ? zoom * STEP : zoom / STEP);
        });
        text.setEditable(false);
        text.setId("file-text");
        text.getStyleClass().add("file-text");
        tools = Nodes.row(
                6,
                busy,
                state,
                Nodes.spring(),
                Nodes.named(
                        Nodes.button("−", () -> zoom(zoom / STEP), "quiet"), "zoom-out", Words.of("papers.smaller")),
                Nodes.named(
                        Nodes.button(Words.of("papers.fit"), () -> zoom(1), "quiet"),
                        "zoom-fit",
                        Words.of("papers.fit")),
                Nodes.named(Nodes.button("+", () -> zoom(zoom * STEP), "quiet"), "zoom-in", Words.of("papers.larger")),
                Nodes.named(Nodes.button("‹", () -> turn(-1), "quiet"), "page-back", Words.of("papers.back")),
                Nodes.named(Nodes.button("›", () -> turn(1), "quiet"), "page-on", Words.of("papers.on")));
        getChildren().addAll(tools, Nodes.grown(scroll));
    }

    int dpi() {
        return (int) (DPI * zoom);
    }

    private void zoom(double to) {
        double was = zoom;
        zoom = Math.clamp(to, 0.5, MOST);
        if (zoom != was) redraw.run();
    }

    /** To the next page that begins below or above what is seen. */
    private void turn(int by) {
        double room = scroll.getViewportBounds().getHeight();
        double all = pages.getHeight() - room;
        if (all <= 0) return;
        double at = scroll.getVvalue() * all;
        var tops = pages.getChildren().stream()
                .map(p -> p.getBoundsInParent().getMinY() - 10)
                .toList();
        double to = at;
        if (by > 0) to = tops.stream().filter(t -> t > at + 4).findFirst().orElse(all);
        else for (var top : tops) if (top < at - 4) to = top;
        if (by < 0 && to == at) to = 0;
        scroll.setVvalue(Math.clamp(to / all, 0, 1));
    }

    void drawing() {
        busy.setVisible(true);
        state.setText(Words.of("papers.drawing"));
    }

    void failed(String why) {
        // No page of an earlier state is left to be taken for this one.
        pages.getChildren().clear();
        busy.setVisible(false);
        state.setText(why);
    }

    /** @param cursor pages can be pressed */
    void show(List<PageImages.Page> drawn, String title, boolean cursor) {
        busy.setVisible(false);
        state.setText(Words.count("papers.pages", drawn.size()));
        double was = scroll.getVvalue();
        pages.getChildren().clear();
        for (int i = 0; i < drawn.size(); i++) pages.getChildren().add(sheet(drawn.get(i), i, title, cursor));
        scroll.setContent(pages);
        scroll.setFitToHeight(false);
        scroll.setVvalue(was);
    }

    void show(String content) {
        busy.setVisible(false);
        state.setText(Words.count("papers.lines", (int) content.lines().count()));
        text.setText(content);
        scroll.setContent(text);
        scroll.setFitToHeight(true);
    }

    private VBox sheet(PageImages.Page page, int number, String title, boolean cursor) {
        var image = new WritableImage(page.width(), page.height());
        image.getPixelWriter()
                .setPixels(
                        0,
                        0,
                        page.width(),
                        page.height(),
                        PixelFormat.getIntArgbInstance(),
                        page.argb(),
                        0,
                        page.width());
        var view = new ImageView(image);
        // A page is never wider than the room for it, unless it is looked at more closely.
        view.setPreserveRatio(true);
        view.setSmooth(true);
        double closer = zoom;
        view.fitWidthProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> {
                            double room =
                                    Math.max(100, scroll.getViewportBounds().getWidth() - 40);
                            return closer > 1 ? room * closer : Math.min(page.width(), room * closer);
                        },
                        scroll.viewportBoundsProperty()));
        view.setAccessibleText(Words.of("papers.page", title));
        var sheet = Nodes.styled(new VBox(view), "page");
        if (cursor) {
            sheet.getStyleClass().add("pressable");
            sheet.setOnMouseClicked(e -> {
                double high = view.getBoundsInParent().getHeight();
                pressed.at(number, e.getY() / high * page.height() * 72 / (DPI * closer));
            });
        }
        sheet.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        return sheet;
    }
}

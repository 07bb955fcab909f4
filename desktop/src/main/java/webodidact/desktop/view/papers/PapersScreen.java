package webodidact.desktop.view.papers;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.check.Report;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;
import webodidact.formats.course.DiskWords;
import webodidact.formats.paper.Paper;
import webodidact.formats.paper.Papers;
import webodidact.formats.pdf.Glyphs;
import webodidact.formats.pdf.PageImages;
import webodidact.formats.pdf.PdfWriter;

/** The papers on the left, the pages as they will print in the middle, what stands against them on the right. */
public final class PapersScreen extends HBox implements Screen {
    private static final int DPI = 88;
    private final Desk desk;
    private final VBox pages = Nodes.styled(new VBox(16), "pages");
    private final VBox side = Nodes.styled(new VBox(12), "side-body");
    private final ProgressIndicator busy = new ProgressIndicator();
    private final Label state = Nodes.label("", "soft");
    private final Label missing = Nodes.wrapped("", "finding", "look", "finding-what");
    private final AtomicLong wanted = new AtomicLong();
    private final ScrollPane scroll;
    private Paper paper = Papers.ALL.getFirst();
    private final CardTexts cards;

    public PapersScreen(Desk desk) {
        this.desk = desk;
        cards = new CardTexts(desk.workspace());
        getStyleClass().add("station");
        var group = new ToggleGroup();
        var choice = new FlowPane(6, 6);
        for (var each : Papers.ALL) {
            ToggleButton button = Nodes.toggle(each.title(), "tab");
            button.setId("paper-" + each.id());
            button.setToggleGroup(group);
            button.setSelected(each == paper);
            button.setOnAction(e -> {
                button.setSelected(true);
                paper = each;
                show();
            });
            choice.getChildren().add(button);
        }
        busy.setPrefSize(18, 18);
        busy.setMaxSize(18, 18);
        state.setId("preview-state");
        pages.setAlignment(Pos.TOP_CENTER);
        scroll = Panes.work(pages);
        scroll.getStyleClass().add("page-well");
        var work = Nodes.styled(
                Nodes.column(
                        10,
                        Nodes.row(14, Nodes.label(Words.of("station.papers"), "title"), Nodes.spring(), busy, state),
                        choice,
                        missing,
                        Nodes.grown(scroll)),
                "work");
        missing.setId("unshown");
        missing.setVisible(false);
        missing.setManaged(false);
        getChildren()
                .addAll(
                        Nodes.grown(work),
                        Panes.side(new VBox(side, Nodes.styled(new VBox(cards), "side-body")), 360, 320));
        desk.workspace().outcomeProperty().addListener(o -> refresh());
        sceneProperty().addListener(o -> refresh());
        refresh();
    }

    /** Only what is on screen is drawn: a PDF for each keystroke elsewhere would be a waste. */
    private void refresh() {
        if (getScene() != null) WorkedOut.show(this, this::show);
    }

    private void show() {
        var outcome = desk.workspace().outcome();
        if (outcome == null) return;
        side(outcome);
        long mine = wanted.incrementAndGet();
        busy.setVisible(true);
        state.setText(Words.of("papers.drawing"));
        var shown = paper;
        desk.background().execute(() -> {
            try {
                if (mine != wanted.get()) return;
                var html = shown.html(outcome);
                var drawn = PageImages.render(PdfWriter.write(html), DPI);
                var without = Glyphs.unshown(html);
                Platform.runLater(() -> {
                    if (mine == wanted.get()) put(drawn, without);
                });
            } catch (IOException | RuntimeException | StackOverflowError e) {
                Platform.runLater(() -> {
                    if (mine != wanted.get()) return;
                    // No page of an earlier state is left to be taken for this one.
                    pages.getChildren().clear();
                    busy.setVisible(false);
                    state.setText(Words.of("papers.failed", DiskWords.of(e)));
                });
            }
        });
    }

    private void put(List<PageImages.Page> drawn, List<String> without) {
        busy.setVisible(false);
        missing.setVisible(!without.isEmpty());
        missing.setManaged(!without.isEmpty());
        if (!without.isEmpty())
            missing.setText("▲ "
                    + Words.of("papers.unshown", String.join(", ", without.subList(0, Math.min(12, without.size())))));
        state.setText(Words.count("papers.pages", drawn.size()));
        pages.getChildren().clear();
        for (var page : drawn) {
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
            // A page is never wider than the room for it: in the smallest window it is drawn smaller.
            view.setPreserveRatio(true);
            view.setSmooth(true);
            view.fitWidthProperty()
                    .bind(Bindings.createDoubleBinding(
                            () -> Math.min(
                                    page.width(),
                                    Math.max(100, scroll.getViewportBounds().getWidth() - 40)),
                            scroll.viewportBoundsProperty()));
            view.setAccessibleText(Words.of("papers.page", paper.title()));
            var sheet = Nodes.styled(new VBox(view), "page");
            sheet.setMaxSize(page.width(), page.height());
            pages.getChildren().add(sheet);
        }
    }

    private void side(Outcome outcome) {
        var stops = outcome.report().open().stream().filter(Finding::isStop).toList();
        boolean card = paper.id().equals("method-card");
        cards.setVisible(card);
        cards.setManaged(card);
        if (card && desk.workspace().lesson() != null)
            cards.show(desk.workspace().lesson());
        side.getChildren()
                .setAll(
                        Nodes.label(Words.of("papers.give"), "overline"),
                        Nodes.label(paper.title(), "title"),
                        Nodes.wrapped(Words.of("papers.about." + paper.id()), "body"));
        Button one = Nodes.named(
                Nodes.button(Words.of("papers.write"), () -> write(List.of(paper)), "primary"),
                "write-paper",
                Words.of("papers.write"));
        Button all = Nodes.named(
                Nodes.button(Words.of("papers.writeAll"), () -> write(Papers.ALL)),
                "write-all",
                Words.of("papers.writeAll"));
        one.setDisable(!stops.isEmpty());
        all.setDisable(!stops.isEmpty());
        side.getChildren().add(Nodes.row(8, one, all));
        if (!stops.isEmpty())
            side.getChildren()
                    .add(Nodes.wrapped(
                            "■ " + Words.count("papers.blocked", stops.size()), "finding", "stop", "finding-what"));
        var actions = new FindingActions(desk.workspace());
        for (var group : Report.grouped(stops)) {
            side.getChildren().add(new FindingCard(group.getFirst(), actions));
            if (group.size() > 1)
                side.getChildren().add(Nodes.wrapped(Words.of("papers.alike", group.size() - 1, steps(group)), "soft"));
        }
        for (var covered : outcome.report().covered()) {
            var reason = outcome.lesson().accepted().stream()
                    .filter(a -> a.check().equals(covered.check()) && a.where().equals(covered.where()))
                    .findFirst()
                    .map(a -> a.reason())
                    .orElse("");
            side.getChildren().add(Nodes.wrapped(Words.of("papers.covered", covered.what(), reason), "soft"));
        }
        side.getChildren().add(Nodes.wrapped(Words.of("papers.rules"), "soft"));
    }

    /** "4, 9, 12 …" */
    private static String steps(List<Finding> group) {
        var numbers = group.stream()
                .skip(1)
                .map(Finding::step)
                .filter(n -> n > 0)
                .distinct()
                .map(String::valueOf)
                .toList();
        return String.join(", ", numbers.subList(0, Math.min(12, numbers.size()))) + (numbers.size() > 12 ? " …" : "");
    }

    private void write(List<Paper> papers) {
        var outcome = desk.workspace().outcome();
        if (!desk.workspace().isCurrent()) {
            desk.tell(Words.of("papers.notCurrent"));
            return;
        }
        desk.askFolder(Words.of("papers.ask"))
                .ifPresent(folder -> desk.background().execute(() -> {
                    try {
                        var written = Papers.writeAll(papers, outcome, folder);
                        var told = Words.of("papers.written", written.files().size(), folder)
                                + (written.failed().isEmpty()
                                        ? ""
                                        : " " + Words.of("papers.rest", String.join("; ", written.failed())));
                        Platform.runLater(() -> desk.tell(told));
                    } catch (Papers.Blocked e) {
                        Platform.runLater(() -> desk.tell(Words.of("papers.notWritten", e.getMessage())));
                    }
                }));
    }
}

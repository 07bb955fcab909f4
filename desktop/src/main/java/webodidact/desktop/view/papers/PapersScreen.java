package webodidact.desktop.view.papers;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;
import webodidact.formats.course.DiskWords;
import webodidact.formats.paper.CardLines;
import webodidact.formats.paper.Changes;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.FilePaper;
import webodidact.formats.paper.PagePaper;
import webodidact.formats.paper.Paper;
import webodidact.formats.paper.Papers;
import webodidact.formats.pdf.Glyphs;
import webodidact.formats.pdf.PageImages;
import webodidact.formats.pdf.PageLines;
import webodidact.formats.pdf.PdfWriter;

/** All papers on the left, the pages as they will print in the middle, for whom and what stands against them on the right. */
public final class PapersScreen extends HBox implements Screen {
    private final Desk desk;
    private final PaperIndex index;
    private final PageView view = new PageView(this::show, this::pressed);
    private final ReaderPanel reader;
    private final SendPanel send;
    private final CardTexts cards;
    private final Label missing = Nodes.wrapped("", "finding", "look", "finding-what");
    private final FlowPane endings = new FlowPane(6, 6);
    private final Label about = Nodes.wrapped("", "soft");
    private final AtomicLong wanted = new AtomicLong();
    private List<PageLines.Line> lines = List.of();
    private String ending = "";

    public PapersScreen(Desk desk) {
        this.desk = desk;
        cards = new CardTexts(desk.workspace());
        reader = new ReaderPanel(desk.workspace(), this::show);
        send = new SendPanel(desk, new Ordered());
        index = new PaperIndex(new PaperIndex.Listener() {
            @Override
            public void shown(Paper paper) {
                show();
            }

            @Override
            public void marked() {
                refresh();
            }
        });
        getStyleClass().add("station");
        missing.setId("unshown");
        visible(missing, false);
        var work = Nodes.styled(
                Nodes.column(
                        8,
                        Nodes.row(10, Nodes.label(Words.of("station.papers"), "title"), Nodes.grown(about)),
                        endings,
                        missing,
                        Nodes.grown(view)),
                "work");
        var list = Panes.side(index, 208, 190);
        // As wide as its longest name, whatever the size of the letters.
        list.setStyle("-fx-pref-width: 15.2em; -fx-min-width: 14em;");
        list.getStyleClass().add("paper-list");
        getChildren()
                .addAll(
                        list,
                        Nodes.grown(work),
                        Panes.side(Nodes.styled(new VBox(16, reader, send, cards), "side-body"), 310, 290));
        desk.workspace().outcomeProperty().addListener(o -> refresh());
        sceneProperty().addListener(o -> refresh());
        refresh();
    }

    /** What is written, for whom. */
    private final class Ordered implements SendPanel.Orders {
        @Override
        public List<Paper> papers() {
            return index.chosen();
        }

        @Override
        public List<Edition> editions(Paper paper) {
            return reader.editions(desk.workspace().outcome(), paper);
        }

        @Override
        public boolean isTogether() {
            return reader.isTogether();
        }

        @Override
        public void written() {
            index.unmark();
            PapersScreen.this.show();
        }

        @Override
        public void show(Paper paper) {
            index.show(paper);
        }
    }

    /** Only what is on screen is drawn: a PDF for each keystroke elsewhere would be a waste. */
    private void refresh() {
        if (getScene() != null) WorkedOut.show(this, this::show);
    }

    private void show() {
        var outcome = desk.workspace().outcome();
        if (outcome == null || index == null || desk.workspace().lesson() == null) return;
        var paper = index.shown();
        about.setText(Words.of("papers.about." + paper.id()));
        boolean card = paper.id().equals("method-card");
        visible(cards, card);
        if (card) cards.show(desk.workspace().lesson());
        reader.show(paper, outcome);
        send.show(paper, outcome);
        formats(paper);
        draw(paper, outcome);
    }

    /** Which of its files is looked at. */
    private void formats(Paper paper) {
        boolean choice = paper instanceof FilePaper && paper.endings().size() > 1;
        visible(endings, choice);
        if (!paper.endings().contains(ending)) ending = paper.endings().getFirst();
        endings.getChildren().clear();
        if (!choice) return;
        for (var each : paper.endings()) {
            var button = Nodes.toggle(each.toUpperCase(Locale.ROOT), "tab");
            button.setId("ending-" + each);
            button.setSelected(each.equals(ending));
            button.setOnAction(e -> {
                ending = each;
                show();
            });
            endings.getChildren().add(button);
        }
    }

    /** What was drawn, apart from the interface. */
    private record Drawn(
            List<PageImages.Page> pages,
            List<PageLines.Line> lines,
            String text,
            List<String> without,
            String remark,
            Changes changes) {}

    private void draw(Paper paper, Outcome outcome) {
        long mine = wanted.incrementAndGet();
        view.drawing();
        var edition = reader.edition(outcome, paper);
        var folder = send.folder();
        int dpi = view.dpi();
        var looked = ending;
        desk.background().execute(() -> {
            try {
                if (mine != wanted.get()) return;
                var drawn = drawn(paper, edition, looked, dpi, Changes.since(folder, paper, edition));
                Platform.runLater(() -> {
                    if (mine == wanted.get()) put(paper, drawn);
                });
                count(edition, mine, paper, 0);
            } catch (IOException | RuntimeException | StackOverflowError e) {
                Platform.runLater(() -> {
                    if (mine == wanted.get()) view.failed(Words.of("papers.failed", DiskWords.of(e)));
                });
            }
        });
    }

    private static Drawn drawn(Paper paper, Edition edition, String ending, int dpi, Changes changes)
            throws IOException {
        if (paper instanceof FilePaper file)
            return new Drawn(List.of(), List.of(), file.text(edition, ending), List.of(), "", changes);
        var page = (PagePaper) paper;
        var html = page.html(edition, PagePaper.Medium.PRINT);
        var pdf = PdfWriter.write(html);
        return new Drawn(
                PageImages.render(pdf, dpi),
                page.id().equals("method-card") ? PageLines.of(pdf) : List.of(),
                null,
                Glyphs.unshown(html),
                page.remark(edition),
                changes);
    }

    /**
     * How many pages the others have, one after the other, until something else is wanted. Each waits behind what has been asked for
     * meanwhile: a paper that is to be written does not wait for twenty to be counted.
     */
    private void count(Edition edition, long mine, Paper shown, int from) {
        if (from == Papers.ALL.size()
                || mine != wanted.get()
                || desk.background().isShutdown()) return;
        desk.background().execute(() -> {
            var paper = Papers.ALL.get(from);
            if (mine == wanted.get() && paper instanceof PagePaper page && paper != shown) {
                var pages = PageCounts.of(page, edition);
                Platform.runLater(() -> {
                    if (mine == wanted.get()) index.count(paper, pages);
                });
            }
            count(edition, mine, shown, from + 1);
        });
    }

    private void later(Runnable work) {
        try {
            desk.background().execute(work);
        } catch (RejectedExecutionException e) {
            // The window has been closed meanwhile: nobody looks.
        }
    }

    private void put(Paper paper, Drawn drawn) {
        lines = drawn.lines();
        send.changes(drawn.changes());
        reader.remark(drawn.remark());
        visible(missing, !drawn.without().isEmpty());
        if (!drawn.without().isEmpty())
            missing.setText("▲ "
                    + Words.of(
                            "papers.unshown",
                            String.join(
                                    ", ",
                                    drawn.without()
                                            .subList(
                                                    0,
                                                    Math.min(12, drawn.without().size())))));
        if (drawn.text() != null) view.show(drawn.text());
        else {
            index.count(paper, String.valueOf(drawn.pages().size()));
            view.show(drawn.pages(), paper.title(), !lines.isEmpty());
        }
    }

    /** A press on a line of the card opens its words for homes. */
    private void pressed(int page, double y) {
        var edition = reader.edition(desk.workspace().outcome(), index.shown());
        CardLines.stepAt(lines, page, y, edition).ifPresent(s -> cards.open(s.id()));
    }

    private static void visible(Node node, boolean on) {
        node.setVisible(on);
        node.setManaged(on);
    }
}

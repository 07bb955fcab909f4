package webodidact.desktop.view.papers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;
import webodidact.formats.paper.FilePaper;
import webodidact.formats.paper.Paper;
import webodidact.formats.paper.PaperGroup;
import webodidact.formats.paper.Papers;

/** All papers, by whom they are for; one is shown, and with Ctrl several are marked to be written together. */
final class PaperIndex extends VBox {
    /** What the screen does with a choice. */
    interface Listener {
        void shown(Paper paper);

        void marked();
    }

    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");

    private final Map<Paper, ToggleButton> rows = new LinkedHashMap<>();
    private final Map<Paper, Label> counts = new LinkedHashMap<>();
    private final Set<Paper> marked = new LinkedHashSet<>();
    private final Listener listener;
    private Paper shown = Papers.ALL.getFirst();

    PaperIndex(Listener listener) {
        this.listener = listener;
        getStyleClass().add("paper-index");
        var group = new ToggleGroup();
        PaperGroup last = null;
        for (var paper : Papers.ALL) {
            if (paper.group() != last)
                getChildren().add(Nodes.label(paper.group().title(), "overline"));
            last = paper.group();
            getChildren().add(row(paper, group));
        }
    }

    private ToggleButton row(Paper paper, ToggleGroup group) {
        var title = Nodes.label(paper.title(), "paper-title");
        title.setMinWidth(0);
        var count = Nodes.label(
                paper instanceof FilePaper
                        ? String.join(
                                ", ",
                                paper.endings().stream()
                                        .map(String::toUpperCase)
                                        .toList())
                        : "",
                "paper-count");
        count.setMinWidth(USE_PREF_SIZE);
        var row = new ToggleButton();
        row.setGraphic(Nodes.row(6, title, Nodes.spring(), count));
        row.getStyleClass().add("paper-row");
        row.setMaxWidth(Double.MAX_VALUE);
        Nodes.named(row, "paper-" + paper.id(), paper.title());
        row.setToggleGroup(group);
        row.setSelected(paper == shown);
        row.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
            if (!e.isShortcutDown()) return;
            e.consume();
            mark(paper);
        });
        row.addEventFilter(KeyEvent.KEY_PRESSED, e -> key(e, paper));
        row.setOnAction(e -> show(paper));
        rows.put(paper, row);
        counts.put(paper, count);
        return row;
    }

    private void key(KeyEvent e, Paper paper) {
        int step = e.getCode() == KeyCode.DOWN ? 1 : e.getCode() == KeyCode.UP ? -1 : 0;
        if (e.getCode() == KeyCode.SPACE && e.isShortcutDown()) {
            e.consume();
            mark(paper);
        } else if (step != 0) {
            e.consume();
            int at = Math.clamp(Papers.ALL.indexOf(paper) + step, 0, Papers.ALL.size() - 1);
            show(Papers.ALL.get(at));
            rows.get(shown).requestFocus();
        }
    }

    Paper shown() {
        return shown;
    }

    void show(Paper paper) {
        shown = paper;
        rows.get(paper).setSelected(true);
        listener.shown(paper);
    }

    private void mark(Paper paper) {
        if (!marked.remove(paper)) marked.add(paper);
        rows.get(paper).pseudoClassStateChanged(MARKED, marked.contains(paper));
        rows.get(paper)
                .setAccessibleText(marked.contains(paper) ? Words.of("papers.marked", paper.title()) : paper.title());
        listener.marked();
    }

    /** Those marked, in the order of the index; the one that is shown where none is. */
    List<Paper> chosen() {
        return marked.isEmpty()
                ? List.of(shown)
                : Papers.ALL.stream().filter(marked::contains).toList();
    }

    boolean isMarked() {
        return !marked.isEmpty();
    }

    void unmark() {
        new ArrayList<>(marked).forEach(this::mark);
    }

    /** @param pages how many, or what stands instead */
    void count(Paper paper, String pages) {
        counts.get(paper).setText(pages);
    }
}

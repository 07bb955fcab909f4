package webodidact.desktop.view.script;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import webodidact.core.script.FindReplace;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** Words searched through the whole script, and put in place of others, one by one or all at once. */
final class FindBar extends FlowPane {
    private final Workspace workspace;
    private final Consumer<FindReplace.Hit> show;
    private final TextField words = Nodes.field("find-words", Words.of("find.words"), Words.of("find.words"));
    private final TextField with = Nodes.field("find-with", Words.of("find.with"), Words.of("find.with"));
    private final CheckBox exact = new CheckBox(Words.of("find.case"));
    private final CheckBox whole = new CheckBox(Words.of("find.whole"));
    private final Label count = Nodes.label("", "soft");
    private List<FindReplace.Hit> hits = List.of();
    private int at = -1;

    /** @param show brings a place found into sight and selects it */
    FindBar(Workspace workspace, Consumer<FindReplace.Hit> show) {
        super(8, 6);
        this.workspace = workspace;
        this.show = show;
        setId("find-bar");
        getStyleClass().add("find-bar");
        setAlignment(Pos.CENTER_LEFT);
        words.setPrefColumnCount(14);
        with.setPrefColumnCount(14);
        exact.setId("find-case");
        whole.setId("find-whole");
        count.setId("find-count");
        getChildren()
                .addAll(
                        words,
                        Nodes.named(
                                Nodes.button("‹", () -> step(-1), "small"), "find-previous", Words.of("find.previous")),
                        Nodes.named(Nodes.button("›", () -> step(1), "small"), "find-next", Words.of("find.next")),
                        count,
                        exact,
                        whole,
                        with,
                        Nodes.named(
                                Nodes.button(Words.of("find.replace"), this::replace, "small"),
                                "find-replace",
                                Words.of("find.replace")),
                        Nodes.named(
                                Nodes.button(Words.of("find.replaceAll"), this::replaceAll, "small"),
                                "find-replace-all",
                                Words.of("find.replaceAll")),
                        Nodes.named(Nodes.button("×", this::close, "off"), "find-close", Words.of("find.close")));
        words.textProperty().addListener(o -> search(true));
        exact.setOnAction(e -> search(true));
        whole.setOnAction(e -> search(true));
        words.setOnAction(e -> step(1));
        with.setOnAction(e -> replace());
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
        workspace.lessonProperty().addListener(o -> {
            if (isVisible()) search(false);
        });
        close();
    }

    void open() {
        setVisible(true);
        setManaged(true);
        search(true);
        words.requestFocus();
        words.selectAll();
    }

    private void close() {
        setVisible(false);
        setManaged(false);
    }

    private FindReplace search() {
        return new FindReplace(words.getText(), exact.isSelected(), whole.isSelected());
    }

    private void search(boolean fresh) {
        hits = workspace.lesson() == null ? List.of() : search().in(workspace.lesson());
        at = fresh ? -1 : Math.min(at, hits.size() - 1);
        tell();
    }

    private void tell() {
        count.setText(
                words.getText().isEmpty()
                        ? ""
                        : hits.isEmpty()
                                ? Words.of("find.none")
                                : at < 0
                                        ? Words.count("find.count", hits.size())
                                        : Words.of("find.at", at + 1, hits.size()));
    }

    private void step(int by) {
        if (hits.isEmpty()) return;
        at = Math.floorMod(at < 0 && by < 0 ? hits.size() - 1 : at + by, hits.size());
        tell();
        show.accept(hits.get(at));
    }

    /** The place shown, then on to the next. */
    private void replace() {
        if (hits.isEmpty()) return;
        if (at < 0) {
            step(1);
            return;
        }
        var hit = hits.get(at);
        var search = search();
        workspace.editLesson(Words.of("edit.replace", words.getText()), l -> search.replace(l, hit, with.getText()));
        if (!hits.isEmpty()) {
            at = Math.min(at, hits.size() - 1);
            tell();
            show.accept(hits.get(at));
        }
    }

    private void replaceAll() {
        var search = search();
        int n = hits.size();
        workspace.editLesson(Words.of("edit.replaceAll", words.getText()), l -> search.replaceAll(l, with.getText()));
        workspace.noticeProperty().set(Words.count("find.replaced", n));
    }
}

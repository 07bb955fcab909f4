package webodidact.desktop.app;

import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/** The list of keys, one key away. */
final class ShortcutSheet extends VBox {
    private static final String[] KEYS = {
        "stations",
        "undo",
        "newLesson",
        "text",
        "look",
        "stepNew",
        "stepSplit",
        "stepMove",
        "stepDelete",
        "stepJoin",
        "stepCopy",
        "find",
        "clockMove",
        "clockZoom",
        "larderAdd",
        "larderDelete",
        "airNext",
        "airBack",
        "airHold",
        "airMark",
        "airTimer",
        "airHelp",
        "airSkip",
        "airAsk",
        "airParts",
        "airUndo",
        "airViews",
        "airText",
        "help"
    };

    ShortcutSheet() {
        super(12);
        getStyleClass().add("sheet");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        var grid = new GridPane(24, 5);
        for (int i = 0; i < KEYS.length; i++) {
            grid.add(Nodes.label(Words.of("keys." + KEYS[i] + ".key"), "key"), 0, i);
            grid.add(Nodes.label(Words.of("keys." + KEYS[i]), "body"), 1, i);
        }
        getChildren()
                .addAll(
                        Nodes.label(Words.of("keys.title"), "title"),
                        grid,
                        Nodes.label(Words.of("keys.close"), "soft"));
    }
}

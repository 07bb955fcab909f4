package webodidact.desktop.view.script;

import java.util.List;
import java.util.function.BiConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import webodidact.core.script.MethodText;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.words.Words;

/** A whole method put in on the left, and on the right the steps it will be, before anything is taken. */
final class MethodPaste extends VBox {
    private final TextArea text = new TextArea();
    private final VBox preview = new VBox(6);
    private final CheckBox said = new CheckBox(Words.of("method.said"));
    private final Button add;
    private List<MethodText.Draft> drafts = List.of();

    /** @param done takes the steps, and whether their words are said rather than done */
    MethodPaste(BiConsumer<List<MethodText.Draft>, Boolean> done, Runnable cancel) {
        super(10);
        setId("method-paste");
        getStyleClass().add("method-paste");
        text.setId("method-text");
        text.setPromptText(Words.of("method.prompt"));
        text.setAccessibleText(Words.of("method.prompt"));
        text.setWrapText(true);
        said.setId("method-said");
        add = Nodes.named(Nodes.button("", () -> done.accept(drafts, said.isSelected()), "primary"), "method-add", "");
        text.textProperty().addListener(o -> read());
        var right = Panes.work(preview);
        HBox.setHgrow(right, Priority.ALWAYS);
        text.setPrefWidth(420);
        text.setMinWidth(200);
        getChildren()
                .addAll(
                        Nodes.wrapped(Words.of("method.title"), "panel-title"),
                        Nodes.grown(new HBox(14, text, right)),
                        said,
                        Nodes.row(
                                8,
                                add,
                                Nodes.named(
                                        Nodes.button(Words.of("method.cancel"), cancel),
                                        "method-cancel",
                                        Words.of("method.cancel"))));
        read();
    }

    void focus() {
        text.requestFocus();
    }

    private void read() {
        drafts = MethodText.read(text.getText());
        preview.getChildren().clear();
        if (drafts.isEmpty()) preview.getChildren().add(Nodes.wrapped(Words.of("method.empty"), "soft"));
        for (int i = 0; i < drafts.size(); i++) {
            preview.getChildren()
                    .add(Nodes.styled(
                            new VBox(
                                    2,
                                    Nodes.wrapped((i + 1) + "  " + drafts.get(i).title(), "offer-title"),
                                    Nodes.wrapped(drafts.get(i).words(), "body")),
                            "draft"));
        }
        add.setText(Words.count("method.add", drafts.size()));
        add.setAccessibleText(add.getText());
        add.setDisable(drafts.isEmpty());
    }
}

package webodidact.desktop.app;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/** A question that has to be answered before anything goes on; the first answer has the focus. */
final class QuestionSheet extends VBox {
    /** @param id of its button; its words are {@code question.<id>} */
    record Answer(String id, Runnable action) {}

    private final Button first;

    QuestionSheet(String title, String text, List<Answer> answers) {
        super(12);
        Nodes.sheet(this, 41.5);
        setId("question");
        var heading = Nodes.wrapped(title, "title");
        var row = new FlowPane(8, 8);
        row.setAlignment(Pos.CENTER_LEFT);
        for (var answer : answers) {
            var words = Words.of("question." + answer.id());
            Button button = Nodes.named(Nodes.button(words, answer.action()), "question-" + answer.id(), words);
            if (row.getChildren().isEmpty()) button.getStyleClass().add("primary");
            row.getChildren().add(button);
        }
        first = (Button) row.getChildren().getFirst();
        Node words = Nodes.wrapped(text, "body");
        words.setId("question-text");
        getChildren().addAll(heading, words, row);
    }

    @Override
    public void requestFocus() {
        first.requestFocus();
    }
}

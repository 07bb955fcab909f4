package webodidact.desktop.app;

import javafx.geometry.Pos;
import javafx.scene.layout.VBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/** A course without a lesson: what to do first. */
final class EmptyCourse extends VBox {
    EmptyCourse(Runnable newLesson) {
        super(
                12,
                Nodes.label(Words.of("empty.title"), "title"),
                Nodes.wrapped(Words.of("empty.text"), "soft"),
                Nodes.named(
                        Nodes.button(Words.of("empty.new"), newLesson, "primary"),
                        "first-lesson",
                        Words.of("empty.new")));
        setAlignment(Pos.CENTER);
        Nodes.atMost(this, 30);
    }
}

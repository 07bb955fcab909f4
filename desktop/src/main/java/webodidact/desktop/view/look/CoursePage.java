package webodidact.desktop.view.look;

import java.util.ArrayList;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.check.Report;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** The findings of all lessons of the course; a lesson is chosen by its card. */
final class CoursePage extends ScrollPane {
    private final Desk desk;
    private final Consumer<String> choose;
    private final VBox cards = new VBox(8);
    private final AtomicLong wanted = new AtomicLong();

    /** @param choose takes the id of the lesson to show */
    CoursePage(Desk desk, Consumer<String> choose) {
        this.desk = desk;
        this.choose = choose;
        setContent(cards);
        setFitToWidth(true);
        getStyleClass().add("plain-scroll");
        setId("look-course-page");
    }

    /** Each lesson is worked out off the interface thread, and shown as soon as it is. */
    void show() {
        long mine = wanted.incrementAndGet();
        var book = desk.workspace().book();
        var question = desk.workspace().outcome().answers().question();
        cards.getChildren().setAll(Nodes.label(Words.of("look.working"), "soft"));
        desk.background().execute(() -> {
            var made = new ArrayList<CardButton>();
            for (var lesson : book.lessons()) {
                if (mine != wanted.get()) return;
                var report = Outcome.of(question.about(lesson)).report();
                Platform.runLater(() -> {
                    if (mine != wanted.get()) return;
                    made.add(card(lesson, report));
                    cards.getChildren().setAll(made);
                });
            }
        });
    }

    private CardButton card(Lesson lesson, Report report) {
        var card = new CardButton("look-lesson", () -> choose.accept(lesson.id()));
        card.setId("look-lesson-" + lesson.id());
        card.getChildren()
                .add(Nodes.row(
                        8,
                        Nodes.label(Words.of("look.lesson", lesson.number(), lesson.title()), "strong"),
                        Nodes.spring(),
                        Nodes.label(
                                Words.of(
                                        "look.counts",
                                        report.stops(),
                                        report.looks(),
                                        report.covered().size()),
                                "soft")));
        for (var group : Report.grouped(report.open())) card.getChildren().add(line(group.getFirst(), group.size()));
        if (report.open().isEmpty()) card.getChildren().add(Nodes.label(Words.of("look.lessonClean"), "good"));
        card.setAccessibleText(Words.of("look.lesson", lesson.number(), lesson.title()));
        return card;
    }

    private static Node line(Finding finding, int count) {
        var sign = finding.isStop() ? "■ " : "▲ ";
        var more = count > 1 ? Words.of("look.more", count - 1) : "";
        return Nodes.wrapped(sign + finding.what() + more, finding.isStop() ? "look-stop-line" : "body");
    }
}

package webodidact.desktop.view.afters;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.layout.VBox;
import webodidact.core.afters.CourseView;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** All lessons of the course by date: slot, state, stops, skills, foods they share. */
final class CoursePane implements AftersPart {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy, HH:mm", Locale.UK);
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Desk desk;
    private final Runnable again;
    private Workbook worked;
    private Workbook working;
    private CourseView view;

    CoursePane(Desk desk, Runnable again) {
        this.desk = desk;
        this.again = again;
    }

    @Override
    public void fill(Outcome outcome, VBox rows, VBox side) {
        work(desk.workspace().book());
        if (view == null) {
            var line = Nodes.wrapped(Words.of("course.working"), "soft");
            line.setId("course-working");
            rows.getChildren().add(line);
            return;
        }
        for (var row : view.rows()) rows.getChildren().add(row(row));
        side.getChildren().add(Nodes.label(Words.of("course.sum"), "overline"));
        long ready = view.rows().stream()
                .filter(r -> r.state() != CourseView.State.EMPTY && r.stops() == 0)
                .count();
        int stops = view.rows().stream().mapToInt(CourseView.Row::stops).sum();
        side.getChildren()
                .addAll(
                        Nodes.wrapped(
                                Words.of("course.ready", ready, view.rows().size()), "figure"),
                        Nodes.wrapped(Words.count("course.stops", stops), "body"),
                        Nodes.wrapped(
                                Words.count("course.open", view.carry().open().size()), "body"));
    }

    private void work(Workbook book) {
        if (book == worked || book == working) return;
        working = book;
        var knowledge = desk.workspace().knowledge();
        desk.background().execute(() -> {
            CourseView found;
            try {
                found = CourseView.of(book, knowledge);
            } catch (RuntimeException | StackOverflowError e) {
                Platform.runLater(() -> desk.tell(Words.of("course.failed")));
                return;
            }
            Platform.runLater(() -> {
                if (working != book) return;
                worked = book;
                working = null;
                view = found;
                again.run();
            });
        });
    }

    private CardButton row(CourseView.Row row) {
        var lesson = row.lesson();
        var title = Nodes.label(lesson.number() + "  " + lesson.title(), "strong");
        title.setMinWidth(0);
        var state = Nodes.label(
                row.state().title(),
                row.state() == CourseView.State.TO_MEND
                        ? "bad"
                        : row.state() == CourseView.State.EMPTY ? "soft" : "good");
        state.setMinWidth(VBox.USE_PREF_SIZE);
        int over = row.planned() - lesson.slot();
        var time = row.untimed() > 0
                ? Words.of("course.untimed", Clock.text(row.planned()), Clock.text(lesson.slot()), row.untimed())
                : Words.of(
                        over > 0 ? "course.over" : "course.fits",
                        Clock.text(row.planned()),
                        Clock.text(lesson.slot()),
                        Clock.text(Math.abs(over)));
        var box = new VBox(
                3,
                Nodes.row(8, title, Nodes.spring(), state),
                Nodes.wrapped(
                        (lesson.air() == null ? Words.of("course.noDay") : DAY.format(lesson.air())) + " · " + time,
                        "body"),
                Nodes.wrapped(Words.of("course.found", row.stops(), row.looks(), row.takes()), "body"));
        if (!row.skills().isEmpty())
            box.getChildren().add(Nodes.wrapped(Words.of("course.skills", String.join(", ", row.skills())), "soft"));
        if (!row.again().isEmpty())
            box.getChildren().add(Nodes.wrapped(Words.of("course.again", String.join(", ", row.again())), "soft"));
        if (!row.shared().isEmpty())
            box.getChildren().add(Nodes.wrapped(Words.of("course.shared", String.join(", ", row.shared())), "soft"));
        var card = new CardButton("row-card", () -> desk.workspace().show(lesson.id()), box);
        card.setId("course-" + lesson.id());
        card.setAccessibleText(lesson.title());
        card.pseudoClassStateChanged(
                CHOSEN,
                desk.workspace().lesson() != null
                        && lesson.id().equals(desk.workspace().lesson().id()));
        return card;
    }
}

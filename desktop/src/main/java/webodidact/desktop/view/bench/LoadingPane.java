package webodidact.desktop.view.bench;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.scene.layout.VBox;
import webodidact.core.answer.Answers;
import webodidact.core.outcome.Outcome;
import webodidact.core.publish.LoadingList;
import webodidact.core.time.Clock;
import webodidact.desktop.control.ListRows;
import webodidact.desktop.words.Words;

/** What is carried to where the lesson is given, crate by crate, and by when what is cold is used up or cold again. */
final class LoadingPane extends VBox {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    LoadingPane(Answers answers, Outcome outcome) {
        super(8);
        setId("bench-loading");
        var course = outcome.course();
        var rows = new ListRows(KitsPane.NARROW);
        boolean away = course.kitchen().travel() > 0;
        rows.say(Words.of(away ? "loading.away" : "loading.here"), "soft");
        rows.say(
                Words.of(
                        "loading.cold",
                        course.profile().degrees(course.profile().fridge())),
                "soft");
        LoadingList.of(answers.question(), answers.shoot(), answers.kit(), outcome.schedule())
                .crates()
                .forEach((crate, items) -> {
                    rows.title(crate.title());
                    for (var item : items) rows.row(item.take(), item.what(), out(item));
                });
        getChildren().add(rows);
    }

    private static String out(LoadingList.Item item) {
        if (item.out() < 0) return "";
        return item.outAt() == null
                ? Words.of("loading.out", Clock.text(item.out()))
                : Words.of("loading.outAt", time(item.outAt()), time(item.backBy()));
    }

    private static String time(LocalDateTime at) {
        return TIME.format(at);
    }
}

package webodidact.desktop.view.afters;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import javafx.scene.layout.VBox;
import webodidact.core.afters.CarryOver;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** What this lesson leaves to later ones, what earlier ones leave to it, and what no lesson takes up. */
final class CarryPane implements AftersPart {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private final Desk desk;

    CarryPane(Desk desk) {
        this.desk = desk;
    }

    @Override
    public void fill(Outcome outcome, VBox rows, VBox side) {
        var carry = desk.carry().carryProperty().get();
        var id = outcome.lesson().id();
        part("carry.from", carry.from(id), rows, true);
        part("carry.into", carry.into(id), rows, false);
        var open = carry.open();
        side.getChildren().add(Nodes.label(Words.of("carry.open"), "overline"));
        if (open.isEmpty()) side.getChildren().add(Nodes.wrapped(Words.of("carry.noneOpen"), "soft"));
        for (var item : open)
            side.getChildren()
                    .add(Nodes.styled(
                            new VBox(
                                    2,
                                    Nodes.wrapped(item.text(), "strong"),
                                    Nodes.wrapped(
                                            Words.of("carry.openIn", item.kind().title(), number(item.from())),
                                            "body")),
                            "finding",
                            "look"));
        side.getChildren().add(Nodes.wrapped(Words.of("carry.hint"), "soft"));
    }

    private int number(String lesson) {
        return desk.workspace().book().lesson(lesson).map(Lesson::number).orElse(0);
    }

    private void part(String key, List<CarryOver.Item> items, VBox rows, boolean from) {
        rows.getChildren().add(Nodes.label(Words.of(key), "overline"));
        if (items.isEmpty()) rows.getChildren().add(Nodes.wrapped(Words.of("carry.nothing"), "soft"));
        for (var item : items) {
            var kind = Nodes.label(item.kind().title(), "soft");
            kind.setMinWidth(90);
            kind.setPrefWidth(90);
            var text = Nodes.grown(Nodes.wrapped(item.text(), "body"));
            text.setMaxWidth(Double.MAX_VALUE);
            var to = Nodes.label(
                    to(item, from),
                    item.isTakenUp() || item.kind() == CarryOver.Kind.LEFT || item.kind() == CarryOver.Kind.FROZEN
                            ? "soft"
                            : "bad");
            rows.getChildren().add(Nodes.styled(Nodes.row(8, kind, text, to), "row-card"));
        }
    }

    private String to(CarryOver.Item item, boolean from) {
        if (!from) return Words.of("carry.fromLesson", number(item.from()));
        var by = item.by() == null ? "" : DAY.format(item.by());
        if (!item.isTakenUp())
            return item.kind() == CarryOver.Kind.LEFT
                    ? by.isEmpty() ? Words.of("carry.useUp") : Words.of("carry.useBy", by)
                    : Words.of(item.kind() == CarryOver.Kind.FROZEN ? "carry.freezer" : "carry.nowhere");
        return switch (item.kind()) {
            case LEFT ->
                by.isEmpty() ? Words.of("carry.use", item.toNumber()) : Words.of("carry.useIn", item.toNumber(), by);
            case FROZEN ->
                by.isEmpty() ? Words.of("carry.use", item.toNumber()) : Words.of("carry.thaw", item.toNumber(), by);
            case SKILL -> Words.of("carry.remind", item.toNumber());
            default ->
                item.isSure()
                        ? Words.of("carry.kept", item.toNumber())
                        : Words.of(
                                "carry.perhaps", item.toNumber(), item.missing().getFirst());
        };
    }
}

package webodidact.desktop.view;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Set;
import javafx.scene.layout.VBox;
import webodidact.core.afters.CarryOver;
import webodidact.core.lesson.Lesson;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/** What earlier lessons leave to the one on the desk, of the kinds that the station is about; nothing where there is nothing. */
public final class CarriedIn extends VBox {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private final Desk desk;
    private final Set<CarryOver.Kind> kinds;

    public CarriedIn(Desk desk, CarryOver.Kind... kinds) {
        super(3);
        this.desk = desk;
        this.kinds = Set.of(kinds);
        setId("carried-in");
        getStyleClass().add("carried");
        desk.carry().carryProperty().addListener(o -> show());
        desk.workspace().lessonProperty().addListener((o, was, now) -> {
            if (was == null || now == null || !was.id().equals(now.id())) show();
        });
        show();
    }

    private void show() {
        getChildren().clear();
        var lesson = desk.workspace().lesson();
        if (lesson != null) {
            for (var item : desk.carry().carryProperty().get().into(lesson.id()))
                if (kinds.contains(item.kind())) getChildren().add(Nodes.wrapped(text(item), "body"));
        }
        if (!getChildren().isEmpty()) getChildren().addFirst(Nodes.label(Words.of("carried.title"), "overline"));
        setVisible(!getChildren().isEmpty());
        setManaged(isVisible());
    }

    private String text(CarryOver.Item item) {
        int from =
                desk.workspace().book().lesson(item.from()).map(Lesson::number).orElse(0);
        var by = item.by() == null ? "" : DAY.format(item.by());
        var text = switch (item.kind()) {
            case LEFT ->
                by.isEmpty()
                        ? Words.of("carried.left", item.text(), from)
                        : Words.of("carried.leftBy", item.text(), from, by);
            case FROZEN ->
                by.isEmpty()
                        ? Words.of("carried.frozen", item.text(), from)
                        : Words.of("carried.frozenBy", item.text(), from, by);
            case SKILL -> Words.of("carried.skill", item.text(), from);
            case PROMISE -> Words.of("carried.promise", item.text(), from);
            case CHANGE -> Words.of("carried.change", item.text(), from);
        };
        var allergens = CarryOver.allergens(item);
        return allergens.isEmpty() ? text : Words.of("carried.opened", text, allergens);
    }
}

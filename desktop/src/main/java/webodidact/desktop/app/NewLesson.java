package webodidact.desktop.app;

import java.text.Normalizer;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.LessonPattern;
import webodidact.core.time.TimeRange;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** Asks the four things a lesson starts with. */
final class NewLesson extends VBox {
    private final Workspace workspace;
    private final Consumer<Lesson> done;
    private final TextField title = Nodes.field("new-title", Words.of("new.titlePrompt"), Words.of("new.title"));
    private final ComboBox<Delivery> delivery =
            Choice.of("new-delivery", Words.of("brief.delivery"), Delivery.values(), Delivery::title);
    private final ComboBox<Audience> audience =
            Choice.of("new-audience", Words.of("brief.audience"), Audience.values(), Audience::title);
    private final TextField slot = Nodes.field("new-slot", "45", Words.of("brief.slot"));
    private final Label trouble = Nodes.wrapped("", "trouble");

    NewLesson(Workspace workspace, Consumer<Lesson> done, Runnable cancel) {
        super(12);
        this.workspace = workspace;
        this.done = done;
        getStyleClass().add("sheet");
        setMaxSize(460, USE_PREF_SIZE);
        delivery.setValue(Delivery.COOK_ALONG);
        audience.setValue(Audience.ADULTS);
        slot.setText("45");
        var grid = new GridPane(12, 10);
        grid.addRow(0, Nodes.label(Words.of("new.title"), "field-name"), title);
        grid.addRow(1, Nodes.label(Words.of("brief.delivery"), "field-name"), delivery);
        grid.addRow(2, Nodes.label(Words.of("brief.audience"), "field-name"), audience);
        grid.addRow(3, Nodes.label(Words.of("brief.slot"), "field-name"), slot);
        title.setPrefColumnCount(24);
        title.setOnAction(e -> create());
        slot.setOnAction(e -> create());
        trouble.setManaged(false);
        var create = Nodes.named(
                Nodes.button(Words.of("new.create"), this::create, "primary"), "create-lesson", Words.of("new.create"));
        getChildren()
                .addAll(
                        Nodes.label(Words.of("new.heading"), "title"),
                        Nodes.wrapped(Words.of("new.text"), "soft"),
                        grid,
                        trouble,
                        Nodes.row(8, create, Nodes.button(Words.of("new.cancel"), cancel)));
    }

    @Override
    public void requestFocus() {
        title.requestFocus();
    }

    private void create() {
        int seconds;
        try {
            seconds = TimeRange.parse(slot.getText()).likely();
            if (seconds == 0) throw new IllegalArgumentException(Words.of("brief.slotZero"));
        } catch (IllegalArgumentException e) {
            trouble.setText(e.getMessage());
            trouble.setManaged(true);
            return;
        }
        int number = workspace.book().lessons().stream()
                        .mapToInt(Lesson::number)
                        .max()
                        .orElse(0)
                + 1;
        var name = title.getText().isBlank()
                ? Words.of("slate.untitled")
                : title.getText().strip();
        done.accept(LessonPattern.start(
                freeId(number, name),
                number,
                name,
                delivery.getValue(),
                audience.getValue(),
                seconds,
                workspace.book().course()));
    }

    /** A file name in plain letters that no file in the folder has. */
    private String freeId(int number, String name) {
        var plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        var base = number + "-" + (plain.isEmpty() ? "lesson" : plain.substring(0, Math.min(40, plain.length())));
        var id = base;
        for (int n = 2;
                workspace.book().lesson(id).isPresent() || !workspace.folder().isFree(id);
                n++) id = base + "-" + n;
        return id;
    }
}

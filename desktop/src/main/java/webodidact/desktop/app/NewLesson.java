package webodidact.desktop.app;

import java.text.Normalizer;
import java.util.Locale;
import java.util.function.BiConsumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.LessonPattern;
import webodidact.core.page.Page;
import webodidact.core.page.PageReader;
import webodidact.core.time.TimeRange;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** Asks the four things a lesson starts with. */
final class NewLesson extends VBox {
    private final Workspace workspace;
    private final BiConsumer<Lesson, Boolean> done;
    private final TextField title = Nodes.field("new-title", Words.of("new.titlePrompt"), Words.of("new.title"));
    private final ComboBox<Delivery> delivery =
            Choice.of("new-delivery", Words.of("brief.delivery"), Delivery.values(), Delivery::title);
    private final ComboBox<Audience> audience =
            Choice.of("new-audience", Words.of("brief.audience"), Audience.values(), Audience::title);
    private final TextField slot = Nodes.field("new-slot", "45", Words.of("brief.slot"));
    private final TextArea page = Nodes.tabbing(Nodes.named(new TextArea(), "new-page", Words.of("new.page")));
    private final Label trouble = Nodes.wrapped("", "trouble");

    /** @param done takes the lesson, and whether a page was pasted into it */
    NewLesson(Workspace workspace, BiConsumer<Lesson, Boolean> done, Runnable cancel) {
        super(12);
        this.workspace = workspace;
        this.done = done;
        Nodes.sheet(this, 33);
        delivery.setValue(Delivery.COOK_ALONG);
        audience.setValue(Audience.ADULTS);
        slot.setText("45");
        var grid = new GridPane(12, 10);
        grid.addRow(0, Nodes.label(Words.of("new.title"), "field-name"), title);
        grid.addRow(1, Nodes.label(Words.of("brief.delivery"), "field-name"), delivery);
        grid.addRow(2, Nodes.label(Words.of("brief.audience"), "field-name"), audience);
        grid.addRow(3, Nodes.label(Words.of("brief.slot"), "field-name"), slot);
        page.setPromptText(Words.of("new.page"));
        page.setPrefRowCount(6);
        page.setWrapText(true);
        page.setPrefColumnCount(24);
        grid.addRow(4, Nodes.label(Words.of("new.pageName"), "field-name"), page);
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
        var read =
                new PageReader(workspace.knowledge(), workspace.book().course().house()).read(page.getText());
        var called = title.getText().isBlank()
                ? read.recipe().title()
                : title.getText().strip();
        var name = called.isBlank() ? Words.of("slate.untitled") : called;
        var start = LessonPattern.start(
                freeId(number, name),
                number,
                name,
                delivery.getValue(),
                audience.getValue(),
                seconds,
                workspace.book().course());
        var lesson = read.isEmpty()
                ? start
                : read.into(Page.place(start), workspace.knowledge()).apply(start);
        done.accept(
                read.recipe().makes().isEmpty() ? lesson : lesson.but(d -> d.homeOf = d.makes.serves()),
                !read.isEmpty());
    }

    /** The place to paste a page has the keyboard. */
    void startWithPage() {
        page.requestFocus();
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

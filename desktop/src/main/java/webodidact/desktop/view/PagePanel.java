package webodidact.desktop.view;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import webodidact.core.amount.AmountText;
import webodidact.core.lesson.Lesson;
import webodidact.core.page.Page;
import webodidact.core.page.PageReader;
import webodidact.core.reading.ReadLine;
import webodidact.core.script.TimeWords;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;
import webodidact.formats.course.DiskWords;
import webodidact.formats.importing.Imported;
import webodidact.formats.importing.Importer;

/** A whole recipe or method is put in; beside it stands what each part of it becomes, before anything is added. */
public final class PagePanel extends VBox {
    private final Desk desk;
    private final Workspace workspace;
    private final TextArea area = Nodes.tabbing(Nodes.named(new TextArea(), "paste-area", Words.of("page.area")));
    private final VBox preview = new VBox(4);
    private final Button add;
    private final ToIntFunction<Lesson> place;
    private final Runnable done;
    /** Letters above which a page is read when typing rests, not at each of them. */
    private static final int LONG = 6000;

    private final PauseTransition rest = new PauseTransition(Duration.millis(250));

    /**
     * @param wide what it becomes stands beside the text, not below it
     * @param place where in the lesson its steps go
     * @param done after it was added or left
     */
    public PagePanel(Desk desk, boolean wide, ToIntFunction<Lesson> place, Runnable done) {
        super(10);
        this.desk = desk;
        this.workspace = desk.workspace();
        this.place = place;
        this.done = done;
        setId("page-panel");
        getStyleClass().add("side-body");
        area.setPromptText(Words.of("page.prompt"));
        area.setPrefRowCount(9);
        area.setWrapText(true);
        add = Nodes.named(Nodes.button("", this::add, "primary"), "add-pasted", Words.of("page.area"));
        var leave = Nodes.named(Nodes.button(Words.of("page.cancel"), done), "page-cancel", Words.of("page.cancel"));
        var file = Nodes.named(
                Nodes.button(Words.of("page.file"), this::open, "quiet"), "page-file", Words.of("page.file"));
        rest.setOnFinished(e -> show());
        area.textProperty().addListener(o -> {
            if (area.getLength() > LONG) rest.playFromStart();
            else show();
        });
        getChildren()
                .addAll(Nodes.label(Words.of("page.over"), "overline"), Nodes.wrapped(Words.of("page.title"), "title"));
        if (wide) beside(file, leave);
        else getChildren().addAll(area, new FlowPane(8, 8, add, file, leave), preview);
        show();
    }

    private void beside(Node file, Node leave) {
        var right = Panes.work(preview);
        HBox.setHgrow(right, Priority.ALWAYS);
        area.setPrefWidth(460);
        area.setMinWidth(220);
        getChildren().addAll(Nodes.grown(new HBox(14, area, right)), Nodes.row(8, add, file, leave));
    }

    public void start() {
        area.requestFocus();
    }

    /** A file's words come into the field, where they can be corrected; what the file had besides is told. */
    private void open() {
        desk.askFile(Words.of("page.file"), Importer.ENDINGS)
                .ifPresent(file -> desk.background().execute(() -> {
                    try {
                        var read = Importer.read(file);
                        Platform.runLater(() -> put(file, read));
                    } catch (IOException | IllegalArgumentException e) {
                        var why = e instanceof IOException ? DiskWords.of(e) : e.getMessage();
                        Platform.runLater(() -> desk.tell(Words.of("page.file.not", file.getFileName(), why)));
                    }
                }));
    }

    private void put(Path file, Imported read) {
        from = new From(read.text(), file.getFileName() + ": " + read.format(), read.left());
        area.setText(read.text());
        show();
    }

    /** @param text as it came from the file; once it is another the page is somebody's own */
    private record From(String text, String format, List<Imported.Left> left) {}

    private From from;

    private Page read() {
        return new PageReader(workspace.knowledge(), workspace.book().course().house()).read(area.getText());
    }

    private void show() {
        var page = read();
        var recipe = page.recipe();
        preview.getChildren().clear();
        add.setText(Words.of(
                "page.add",
                Words.count("page.foods", recipe.lines().size()),
                Words.count("page.steps", page.steps().size())));
        add.setAccessibleText(add.getText());
        add.setDisable(page.isEmpty());
        if (area.getText().isBlank()) preview.getChildren().add(Nodes.wrapped(Words.of("page.empty"), "soft"));
        if (area.getText().isBlank()) from = null;
        if (from != null) {
            preview.getChildren().add(Nodes.wrapped(Words.of("page.from", from.format()), "strong"));
            set("page.left", from.left().stream().map(Imported.Left::text).toList());
        }
        if (!recipe.title().isEmpty()) set("page.name", List.of(recipe.title()));
        recipe.makes().ifPresent(m -> set("page.makes", List.of(AmountText.number(m.count()) + " " + m.what())));
        set("page.about", recipe.about());
        set("page.aside", recipe.aside());
        if (!recipe.lines().isEmpty()) foods(page);
        if (!page.steps().isEmpty()) steps(page);
    }

    private void foods(Page page) {
        var recipe = page.recipe();
        long unsure = recipe.lines().stream().filter(l -> !l.unsure().isEmpty()).count();
        preview.getChildren()
                .add(Nodes.wrapped(
                        unsure == 0 ? Words.of("page.allSure") : Words.count("page.unsure", unsure),
                        unsure == 0 ? "good" : "warn"));
        if (!recipe.headings().isEmpty()) set("page.headings", recipe.headings());
        for (var line : recipe.lines()) preview.getChildren().add(row(line));
    }

    private void steps(Page page) {
        int times = page.steps().stream()
                .mapToInt(s -> TimeWords.in(s.words()).size())
                .sum();
        preview.getChildren()
                .add(Nodes.label(
                        Words.of(
                                "page.method",
                                Words.count("page.steps", page.steps().size()),
                                times),
                        "offer-title"));
        int number = 0;
        for (var step : page.steps()) {
            number++;
            preview.getChildren()
                    .add(Nodes.styled(
                            new VBox(
                                    2,
                                    Nodes.wrapped(number + "  " + step.title(), "offer-title"),
                                    Nodes.wrapped(step.words(), "body")),
                            "draft"));
        }
    }

    /** What is no food is told too: nothing that was pasted disappears unseen. */
    private void set(String key, List<String> lines) {
        if (!lines.isEmpty())
            preview.getChildren().add(Nodes.wrapped(Words.of(key, String.join(" · ", lines)), "soft"));
    }

    private static VBox row(ReadLine line) {
        var parts = new ArrayList<String>();
        if (line.size() != null) parts.add(Words.of("page.size", AmountText.of(line.size())));
        if (line.also() != null) parts.add(Words.of("page.also", AmountText.of(line.also())));
        parts.addAll(line.form());
        if (!line.note().isEmpty()) parts.add(line.note());
        if (line.optional()) parts.add(Words.of("page.optional"));
        if (line.toTaste()) parts.add(Words.of("page.toTaste"));
        for (var other : line.alternatives()) parts.add(Words.of("page.or", other));
        var take = Nodes.label(line.amount() == null ? "–" : AmountText.of(line.amount()), "strong");
        take.setMinWidth(86);
        var row = Nodes.styled(Nodes.column(1, Nodes.row(8, take, Nodes.label(line.item(), "body"))), "read-row");
        if (!parts.isEmpty()) row.getChildren().add(Nodes.wrapped(String.join(" · ", parts), "soft"));
        for (var doubt : line.unsure()) row.getChildren().add(Nodes.wrapped("▲ " + doubt.text(), "warn"));
        return row;
    }

    private void add() {
        var page = read();
        if (page.isEmpty()) return;
        var before = workspace.lesson();
        int at = place.applyAsInt(before);
        workspace.editLesson(Words.of("edit.page"), page.into(at, workspace.knowledge()));
        var lesson = workspace.lesson();
        var added = Page.added(before, lesson);
        if (!added.isEmpty()) workspace.stepProperty().set(added.getFirst());
        lesson.foods().stream()
                .skip(before.foods().size())
                .findFirst()
                .ifPresent(f -> workspace.foodProperty().set(f.id()));
        workspace
                .noticeProperty()
                .set(Words.of(
                        "page.added",
                        Words.count("page.foods", page.recipe().lines().size()),
                        Words.count("page.steps", added.size())));
        area.clear();
        done.run();
    }
}

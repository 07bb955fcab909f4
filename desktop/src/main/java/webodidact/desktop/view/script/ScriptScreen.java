package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import webodidact.core.afters.CarryOver;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.LessonPattern;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepPattern;
import webodidact.core.page.Page;
import webodidact.core.script.Clip;
import webodidact.core.script.Cutting;
import webodidact.core.script.FindReplace;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.CarriedIn;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.view.PagePanel;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** One column of steps, written like a text, with the checks in the margin. */
public final class ScriptScreen extends VBox implements Screen {
    private final Desk desk;
    private final Workspace workspace;
    private final StepColumn column = new StepColumn(this::row, this::fill);
    private final VBox general = new VBox(4);
    private String orderOf = "";
    private List<String> order = List.of();
    private List<Finding> generalFindings = List.of();
    private boolean generalOpen;
    private final ProposalBand band;
    private final FindBar find;
    private final MenuButton patterns = new MenuButton(Words.of("pattern.menu"));
    private final VBox flow = new VBox(8);
    /** Steps marked together with the selected one, for copying. */
    private final Set<String> marked = new LinkedHashSet<>();

    private final Node empty =
            new EmptyState(Words.of("script.empty"), Words.of("script.pattern"), this::startFromPattern);

    public ScriptScreen(Desk desk) {
        this.desk = desk;
        super(8);
        workspace = desk.workspace();
        getStyleClass().addAll("station", "work");
        var add = Nodes.named(
                Nodes.button(Words.of("script.add"), this::addAtEnd, "primary"), "add-step", Words.of("script.add"));
        var hint = Nodes.label(Words.of("script.hint"), "soft");
        hint.setMinWidth(0);
        find = new FindBar(workspace, this::showHit);
        patterns.setId("patterns-menu");
        patterns.setMinWidth(USE_PREF_SIZE);
        patterns.setOnShowing(e -> fillPatterns());
        fillPatterns();
        var search =
                Nodes.named(Nodes.button(Words.of("find.open"), () -> find.open()), "find-open", Words.of("find.open"));
        var paste =
                Nodes.named(Nodes.button(Words.of("page.open"), this::pastePage), "page-open", Words.of("page.open"));
        VBox.setVgrow(flow, Priority.ALWAYS);
        band = new ProposalBand(workspace);
        var carried = new CarriedIn(desk, CarryOver.Kind.SKILL, CarryOver.Kind.PROMISE, CarryOver.Kind.CHANGE);
        flow.getChildren().setAll(find, band, general, carried, Nodes.grown(column.scroll()));
        getChildren()
                .addAll(
                        Nodes.row(
                                10,
                                Nodes.label(Words.of("station.script"), "title"),
                                hint,
                                Nodes.spring(),
                                search,
                                paste,
                                patterns,
                                add),
                        flow);
        general.setId("lesson-findings");
        workspace.lessonProperty().addListener(o -> refresh());
        workspace.outcomeProperty().addListener(o -> WorkedOut.show(this, this::derived));
        workspace.stepProperty().addListener((o, was, now) -> choose(now));
        sceneProperty().addListener(o -> reveal());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        refresh();
        derived();
        choose(workspace.stepProperty().get());
    }

    private void refresh() {
        Lesson lesson = workspace.lesson();
        if (lesson == null) return;
        var ids = lesson.steps().stream().map(Step::id).toList();
        boolean moved = !lesson.id().equals(orderOf) || !ids.equals(order);
        orderOf = lesson.id();
        order = ids;
        for (var row : column.rows()) {
            int at = lesson.indexOf(row.step());
            if (at >= 0) row.refresh(lesson, at, moved);
        }
        column.show(lesson.steps(), empty);
    }

    private StepRow row(String id) {
        return new StepRow(workspace, id, this::dropped, this::mark);
    }

    /** A row that was made while others were there already. */
    private void fill(StepRow row) {
        var lesson = workspace.lesson();
        int at = lesson == null ? -1 : lesson.indexOf(row.step());
        if (at < 0) return;
        row.refresh(lesson, at, true);
        if (workspace.outcome() != null) row.derived(workspace.outcome());
        row.choose(row.step().equals(workspace.stepProperty().get()));
        row.mark(marked.size() > 1 && marked.contains(row.step()));
    }

    private void derived() {
        var outcome = workspace.outcome();
        if (outcome == null) return;
        column.rows().forEach(r -> r.derived(outcome));
        band.propose(outcome.proposals());
        var now = outcome.report().open().stream().filter(f -> f.step() == 0).toList();
        // Found anew after each keystroke, mostly the same: a card that stands keeps what is typed in it.
        if (now.equals(generalFindings)) return;
        generalFindings = now;
        showGeneral();
    }

    /** What concerns the whole lesson is one line; it opens. */
    private void showGeneral() {
        general.getChildren().clear();
        general.setVisible(!generalFindings.isEmpty());
        general.setManaged(!generalFindings.isEmpty());
        if (generalFindings.isEmpty()) return;
        var first = generalFindings.getFirst();
        var text = Words.of("lesson.findings", generalFindings.size(), first.what());
        var label = Nodes.label((first.isStop() ? "■ " : "▲ ") + text, "body");
        label.setMinWidth(0);
        var open = Nodes.named(
                Nodes.button(
                        Words.of(generalOpen ? "lesson.findingsLess" : "lesson.findingsMore"),
                        () -> {
                            generalOpen = !generalOpen;
                            showGeneral();
                        },
                        "small"),
                "lesson-findings-open",
                text);
        general.getChildren()
                .add(Nodes.styled(
                        Nodes.row(8, label, Nodes.spring(), open), "lesson-line", first.isStop() ? "stop" : "look"));
        if (generalOpen)
            generalFindings.forEach(f -> general.getChildren().add(new FindingCard(f, new FindingActions(workspace))));
    }

    private void choose(String id) {
        if (!marked.contains(id)) {
            marked.clear();
            column.rows().forEach(row -> row.mark(false));
        }
        column.choose(id);
        column.rows().forEach(row -> row.choose(row.step().equals(id)));
        reveal();
    }

    /** Scrolls as far as needed for the selected step to be seen. */
    private void reveal() {
        if (getScene() == null) return;
        Platform.runLater(() -> {
            applyCss();
            layout();
            column.reveal();
            // Rows made on the way there are measured now.
            Platform.runLater(() -> {
                layout();
                column.reveal();
            });
        });
    }

    private void fillPatterns() {
        patterns.getItems().clear();
        var lesson = workspace.lesson();
        if (lesson == null) return;
        for (var pattern : LessonPattern.suiting(workspace.book().course(), lesson.delivery(), lesson.audience())) {
            var item = new MenuItem(Words.of("pattern.insert", pattern.name()));
            item.setOnAction(e -> insertPattern(pattern));
            patterns.getItems().add(item);
        }
        var keep = new MenuItem(Words.of("pattern.keep"));
        keep.setId("pattern-keep");
        keep.setOnAction(e -> keepPattern());
        keep.setDisable(lesson.step(workspace.stepProperty().get()).isEmpty());
        var edit = new MenuItem(Words.of("pattern.edit"));
        edit.setId("pattern-edit");
        edit.setOnAction(e -> editPatterns(""));
        patterns.getItems().addAll(new SeparatorMenuItem(), keep, edit);
    }

    private void insertPattern(StepPattern pattern) {
        var lesson = workspace.lesson();
        int at = lesson.indexOf(workspace.stepProperty().get()) + 1;
        var id = lesson.newStepId();
        workspace.editLesson(
                Words.of("edit.patternInsert", pattern.name()),
                l -> l.inserting(at, LessonPattern.step(pattern, id, l.title())));
        workspace.stepProperty().set(id);
    }

    /** The selected step becomes a pattern for lessons like this one; its name and words can be changed at once. */
    private void keepPattern() {
        var lesson = workspace.lesson();
        var step = lesson.step(workspace.stepProperty().get()).orElseThrow();
        var all = LessonPattern.all(workspace.book().course());
        var base = step.title().isBlank() ? Words.of("pattern.unnamed") : step.title();
        var name = base;
        for (int n = 2; ; n++) {
            var candidate = name;
            if (all.stream().noneMatch(p -> p.name().equals(candidate))) break;
            name = base + " " + n;
        }
        var kept = LessonPattern.keep(name, lesson, step, Set.of(lesson.delivery()), Set.of(lesson.audience()), false);
        workspace.edit(
                Words.of("edit.patternKeep", name),
                b -> b.withCourse(b.course().but(d -> {
                    var own = new ArrayList<>(d.patterns);
                    own.add(kept);
                    d.patterns = own;
                })));
        editPatterns(name);
    }

    private void editPatterns(String name) {
        var panel = new PatternsPanel(workspace, this::backToFlow);
        if (!name.isEmpty()) panel.choose(name);
        instead(panel);
    }

    /** Another panel in the place of the steps. */
    private void instead(VBox panel) {
        VBox.setVgrow(panel, Priority.ALWAYS);
        getChildren().set(1, panel);
    }

    private void backToFlow() {
        getChildren().set(1, flow);
    }

    /** The page goes after the selected step; of a lesson that stands at its first, before the goodbye. */
    private void pastePage() {
        var panel = new PagePanel(
                desk,
                true,
                lesson -> {
                    int at = lesson.indexOf(workspace.stepProperty().get());
                    return at <= 0 ? Page.place(lesson) : at + 1;
                },
                this::backToFlow);
        instead(panel);
        panel.start();
    }

    private void showHit(FindReplace.Hit hit) {
        workspace.stepProperty().set(hit.step());
        column.row(hit.step()).show(hit);
    }

    /** The steps from the selected one to that one, marked for copying. */
    private void mark(String to) {
        var steps = workspace.lesson().steps();
        int a = workspace.lesson().indexOf(workspace.stepProperty().get());
        int b = workspace.lesson().indexOf(to);
        marked.clear();
        for (int i = Math.min(a, b); i >= 0 && i <= Math.max(a, b); i++)
            marked.add(steps.get(i).id());
        column.rows().forEach(row -> row.mark(marked.size() > 1 && marked.contains(row.step())));
    }

    private void copy() {
        var ids = marked.contains(workspace.stepProperty().get())
                ? marked
                : Set.of(workspace.stepProperty().get());
        var clip = Clip.of(workspace.lesson(), ids);
        workspace.setClip(clip);
        workspace.noticeProperty().set(Words.count("script.copied", clip.steps().size()));
    }

    private void paste() {
        if (workspace.clip().isEmpty()) {
            workspace.noticeProperty().set(Words.of("script.nothingCopied"));
            return;
        }
        int at = workspace.lesson().indexOf(workspace.stepProperty().get()) + 1;
        workspace.editLesson(
                Words.count("edit.pasteSteps", workspace.clip().steps().size()),
                l -> workspace.clip().into(l, at).lesson());
        workspace.stepProperty().set(workspace.lesson().steps().get(at).id());
    }

    private void startFromPattern() {
        workspace.editLesson(
                Words.of("edit.pattern"),
                l -> l.withSteps(LessonPattern.start(
                                l.id(),
                                l.number(),
                                l.title(),
                                l.delivery(),
                                l.audience(),
                                l.slot(),
                                workspace.book().course())
                        .steps()));
        workspace.stepProperty().set("s1");
    }

    private void addAtEnd() {
        insert(workspace.lesson().steps().size());
    }

    /** A new hands-on step; its title is ready to be typed. */
    private void insert(int index) {
        var step = Step.blank(workspace.lesson().newStepId(), Kind.HANDS_ON, "");
        workspace.editLesson(Words.of("edit.addStep"), l -> l.inserting(index, step));
        workspace.stepProperty().set(step.id());
        Platform.runLater(() -> column.row(step.id()).focusTitle());
    }

    private void dropped(String id, double sceneY) {
        int target = column.indexAt(sceneY, id);
        workspace.editLesson(Words.of("edit.moveStep"), l -> l.moving(id, target));
    }

    private void key(KeyEvent e) {
        if (workspace.lesson() != null
                && e.isShortcutDown()
                && (e.getCode() == KeyCode.F || e.getCode() == KeyCode.H)) {
            find.open();
            e.consume();
            return;
        }
        if (workspace.lesson() != null && e.isShortcutDown() && e.isShiftDown() && e.getCode() == KeyCode.V) {
            paste();
            e.consume();
            return;
        }
        var id = workspace.stepProperty().get();
        int at = workspace.lesson() == null ? -1 : workspace.lesson().indexOf(id);
        if (at < 0) return;
        if (e.isAltDown() && (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN)) {
            int to = at + (e.getCode() == KeyCode.UP ? -1 : 1);
            if (to >= 0 && to < workspace.lesson().steps().size())
                workspace.editLesson(Words.of("edit.moveStep"), l -> l.moving(id, to));
            reveal();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
            column.row(id).split();
            e.consume();
        } else if (e.isShortcutDown() && e.isShiftDown() && e.getCode() == KeyCode.C) {
            copy();
            e.consume();
        } else if (e.getCode() == KeyCode.BACK_SPACE && column.row(id).isAtStart()) {
            join(id);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && column.row(id).isInTitle()) {
            insert(at + 1);
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE && e.isShortcutDown() && e.isShiftDown()) {
            delete(id, at);
            e.consume();
        }
    }

    /** Backspace before the first word puts the step behind the one above it. */
    private void join(String id) {
        var lesson = workspace.lesson();
        var joined = Cutting.join(lesson, id);
        if (joined.isEmpty()) {
            if (lesson.indexOf(id) > 0) workspace.noticeProperty().set(Words.of("script.cannotJoin"));
            return;
        }
        var above = lesson.steps().get(lesson.indexOf(id) - 1);
        workspace.editLesson(Words.of("edit.joinStep"), l -> Cutting.join(l, id).orElse(l));
        workspace.stepProperty().set(above.id());
        Platform.runLater(() -> column.row(above.id()).caretAfter(above));
    }

    private void delete(String id, int at) {
        workspace.editLesson(
                Words.of("edit.deleteStep", workspace.lesson().steps().get(at).title()), l -> l.removingStep(id));
        List<Step> left = workspace.lesson().steps();
        if (!left.isEmpty())
            workspace.stepProperty().set(left.get(Math.min(at, left.size() - 1)).id());
    }
}

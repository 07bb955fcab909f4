package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.amount.Heat;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Rounds;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepField;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Who;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.CoverOptions;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.CoverWords;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;

/** All of a step that is not its words; stands under the words of the step that is selected. */
final class StepEditor extends VBox {
    private final Workspace workspace;
    private final String id;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final FlowPane uses;
    private final WaysBar ways;
    private boolean refreshing;

    StepEditor(Workspace workspace, String id) {
        super(8);
        this.workspace = workspace;
        this.id = id;
        getStyleClass().add("step-editor");
        var first = new FlowPane(10, 8);
        first.getChildren()
                .addAll(
                        named(
                                "step.kind",
                                choice(
                                        "kind",
                                        Kind.values(),
                                        Kind::title,
                                        Step::kind,
                                        (s, v) -> s.but(d -> d.kind = v))),
                        named(
                                "step.who",
                                choice("who", Who.values(), Who::title, Step::who, (s, v) -> s.but(d -> d.who = v))),
                        named(
                                "step.place",
                                choice(
                                        "place",
                                        Place.values(),
                                        Place::title,
                                        Step::place,
                                        (s, v) -> s.but(d -> d.place = v))),
                        named("step.heat", heat()),
                        named(
                                "step.hands",
                                field(
                                        "hands",
                                        8,
                                        s -> s.hands().isZero() ? "" : plain(s.hands()),
                                        (s, t) -> s.but(d -> d.hands = TimeRange.parse(t)))),
                        named(
                                "step.camera",
                                field("camera", 10, Step::camera, (s, t) -> s.but(d -> d.camera = t.strip()))));
        var second = new FlowPane(10, 8);
        second.getChildren()
                .addAll(
                        named(
                                "step.wait",
                                field(
                                        "wait",
                                        8,
                                        s -> s.waiting() == null
                                                ? ""
                                                : plain(s.waiting().time()),
                                        StepEditor::wait)),
                        named(
                                "step.waitWhat",
                                field(
                                        "wait-what",
                                        9,
                                        s -> s.waiting() == null
                                                ? ""
                                                : s.waiting().what(),
                                        (s, t) -> waiting(s, w -> w.called(t.strip())))),
                        named(
                                "step.waitCue",
                                field(
                                        "wait-cue",
                                        16,
                                        s -> s.waiting() == null
                                                ? ""
                                                : s.waiting().cue(),
                                        (s, t) -> waiting(s, w -> w.until(t.strip())))),
                        named("step.cover", cover()),
                        named(
                                "step.hold",
                                field(
                                        "hold",
                                        5,
                                        s -> s.hold() == 0 ? "" : plain(TimeRange.of(s.hold())),
                                        (s, t) -> s.but(
                                                d -> d.hold = TimeRange.parse(t).likely()))),
                        named(
                                "step.trim",
                                field(
                                        "trim",
                                        5,
                                        s -> s.trim() == 0 ? "" : plain(TimeRange.of(s.trim())),
                                        (s, t) -> s.but(
                                                d -> d.trim = TimeRange.parse(t).likely()))));
        var third = new FlowPane(10, 8);
        third.getChildren()
                .addAll(
                        named("step.looks", field("looks", 18, s -> looks(s), StepEditor::looking)),
                        named("step.rounds", field("rounds", 12, s -> rounds(s), StepEditor::inRounds)),
                        named(
                                "step.stopRule",
                                field(
                                        "stop-rule",
                                        16,
                                        s -> s.waiting() == null || s.waiting().rounds() == null
                                                ? ""
                                                : s.waiting().rounds().stop(),
                                        StepEditor::stopping)),
                        named(
                                "step.reachBy",
                                field(
                                        "reach-by",
                                        6,
                                        s -> s.reachBy() == 0 ? "" : Clock.text(s.reachBy()),
                                        (s, t) -> s.but(d -> d.reachBy = t.isBlank()
                                                ? 0
                                                : TimeRange.parse(t).likely()))));
        for (var text : StepField.texts(StepField.Trait.LINE)) {
            third.getChildren()
                    .add(named(
                            "step." + text.name(),
                            field(
                                    text.name(),
                                    18,
                                    text.get(),
                                    (s, t) -> s.but(d -> text.set().accept(d, t.strip())))));
        }
        ways = new WaysBar(workspace, id);
        var more = Nodes.toggle(Words.of("step.more"), "small");
        more.setId("more-" + id);
        third.visibleProperty().bind(more.selectedProperty());
        third.managedProperty().bind(more.selectedProperty());
        more.setSelected(hasMore(step()));
        uses = new FlowPane(8, 6);
        uses.setAlignment(Pos.CENTER_LEFT);
        var acts = new FlowPane(14, 6);
        acts.getChildren()
                .addAll(
                        act(Act.WASH_HANDS),
                        act(Act.OVEN_ON),
                        act(Act.OVEN_OFF),
                        act(Act.RING_OFF),
                        tellThenDo(),
                        fixed(),
                        more);
        getChildren().addAll(first, second, uses, acts, third, ways);
        refresh();
    }

    private static boolean hasMore(Step step) {
        boolean within = step.waiting() != null && !step.waiting().moments().isEmpty();
        return within
                || step.reachBy() > 0
                || StepField.texts(StepField.Trait.LINE).stream()
                        .anyMatch(f -> !f.get().apply(step).isBlank());
    }

    /** "16-20" for whole minutes, "2:30" else: what {@link TimeRange#parse} reads. */
    static String plain(TimeRange range) {
        return range.text().replace(" min", "").replace('–', '-');
    }

    private static Node named(String key, Node control) {
        return Nodes.column(1, Nodes.label(Words.of(key), "tiny"), control);
    }

    private Step step() {
        var lesson = workspace.lesson();
        return lesson.step(id).orElseGet(() -> Step.blank(id, Kind.HANDS_ON, ""));
    }

    private void edit(String label, UnaryOperator<Step> change) {
        if (!refreshing) workspace.editLesson(label, l -> l.withStep(id, change));
    }

    /** How a step changes by a value. */
    private interface Change<T> {
        Step apply(Step step, T value);
    }

    private <T> ComboBox<T> choice(
            String name, T[] values, Function<T, String> title, Function<Step, T> get, Change<T> set) {
        var box = Choice.of(
                name + "-" + id,
                Words.of("step." + name),
                values,
                title,
                v -> edit(Words.of("edit.step." + name), s -> set.apply(s, v)));
        refreshers.add(() -> box.setValue(get.apply(step())));
        return box;
    }

    private TextField field(String name, int columns, Function<Step, String> get, Change<String> set) {
        var field = Nodes.field(name + "-" + id, "", Words.of("field." + name));
        field.setPrefColumnCount(columns);
        var typed = Typed.onEnter(
                field, () -> get.apply(step()), t -> edit(Words.of("edit.step." + name), s -> set.apply(s, t)));
        refreshers.add(typed::refresh);
        return field;
    }

    private static Step wait(Step step, String text) {
        var time = TimeRange.parse(text);
        if (time.isZero()) return step.but(d -> d.waiting = null);
        return step.but(d -> d.waiting = step.waiting() == null
                ? new Wait(time, "", "", new Cover.CarryOn(""))
                : step.waiting().lasting(time));
    }

    private static Step waiting(Step step, UnaryOperator<Wait> change) {
        if (step.waiting() == null) throw new IllegalArgumentException(Words.of("step.noWait"));
        return step.but(d -> d.waiting = change.apply(step.waiting()));
    }

    private Node heat() {
        var degrees =
                field("heat", 7, s -> s.heat() == null ? "" : s.heat().degrees().replace('–', '-'), (s, t) -> {
                    if (t.isBlank()) return s.but(d -> d.heat = null);
                    var m = Pattern.compile("\\s*(\\d{2,3})\\s*(?:[-–]\\s*(\\d{2,3}))?\\s*(?:°?\\s*C)?\\s*")
                            .matcher(t);
                    if (!m.matches()) throw new IllegalArgumentException(Words.of("step.heatWrong", t));
                    int low = Integer.parseInt(m.group(1));
                    int high = m.group(2) == null ? low : Integer.parseInt(m.group(2));
                    var heat = new Heat(
                            low,
                            high,
                            s.heat() == null ? Heat.Mode.UNSTATED : s.heat().mode());
                    return s.but(d -> {
                        d.heat = heat;
                        d.place = Place.OVEN;
                    });
                });
        var mode = Choice.of(
                "heat-mode-" + id,
                Words.of("step.heat"),
                Heat.Mode.values(),
                Heat.Mode::title,
                v -> edit(
                        Words.of("edit.step.heat"),
                        s -> s.heat() == null
                                ? s
                                : s.but(d -> d.heat =
                                        new Heat(s.heat().low(), s.heat().high(), v))));
        refreshers.add(() -> {
            mode.setValue(step().heat() == null ? null : step().heat().mode());
            mode.setDisable(step().heat() == null);
        });
        return Nodes.row(4, degrees, mode);
    }

    /** The cover of the wait; "carry on" picks the first step in which it can be collected. */
    private MenuButton cover() {
        var menu = new MenuButton();
        menu.setId("cover-" + id);
        refreshers.add(() -> {
            var wait = step().waiting();
            menu.setDisable(wait == null);
            menu.getItems().clear();
            menu.setText(wait == null ? "–" : CoverWords.title(wait.cover()));
            menu.setAccessibleText(Words.of("step.cover") + " " + menu.getText());
            if (wait == null) return;
            var pace = workspace.pace();
            for (var option : CoverOptions.of(workspace.lesson(), id, pace)) {
                var item = new MenuItem(
                        CoverWords.title(option.cover()) + (option.isAllowed() ? "" : " (" + option.refused() + ")"));
                item.setDisable(!option.isAllowed());
                item.setOnAction(
                        e -> workspace.editLesson(Words.of("edit.step.cover"), Operations.cover(id, option.cover())));
                menu.getItems().add(item);
            }
        });
        return menu;
    }

    private CheckBox act(Act act) {
        var box = new CheckBox(act.title());
        box.setId(act.name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + id);
        box.setOnAction(e -> workspace.editLesson(
                Words.of("edit.step.act", act.title()),
                box.isSelected() ? Operations.act(id, act) : Operations.noAct(id, act)));
        refreshers.add(() -> box.setSelected(step().acts().contains(act)));
        return box;
    }

    /** "9:00 turn the tray; 12:00 stir". */
    private static String looks(Step step) {
        if (step.waiting() == null) return "";
        return step.waiting().looks().stream()
                .map(l -> Clock.text(l.at()) + " " + l.what())
                .collect(Collectors.joining("; "));
    }

    private static Step looking(Step step, String text) {
        if (text.isBlank()) return step.waiting() == null ? step : waiting(step, w -> w.looking(List.of()));
        var all = new ArrayList<Look>();
        for (var part : text.split(";")) {
            var m = Pattern.compile("\\s*(\\d{1,3}(?::\\d{2})?)\\s+(.+?)\\s*").matcher(part);
            if (!m.matches()) throw new IllegalArgumentException(Words.of("step.looksWrong", part.strip()));
            all.add(new Look(TimeRange.parse(m.group(1)).likely(), m.group(2)));
        }
        return waiting(step, w -> w.looking(all));
    }

    private static String rounds(Step step) {
        if (step.waiting() == null || step.waiting().rounds() == null) return "";
        return step.waiting().rounds().times().stream()
                .map(t -> plain(TimeRange.of(t)))
                .collect(Collectors.joining(" + "));
    }

    /** "2 + 2 + 1": minutes of each round, tested after each. */
    private static Step inRounds(Step step, String text) {
        if (text.isBlank()) return step.waiting() == null ? step : waiting(step, w -> w.inRounds(null));
        var times = Arrays.stream(text.split("\\+"))
                .map(t -> TimeRange.parse(t.strip()).likely())
                .toList();
        var stop = step.waiting() == null || step.waiting().rounds() == null
                ? ""
                : step.waiting().rounds().stop();
        var rounds = new Rounds(times, stop);
        return step.but(d -> d.waiting = step.waiting() == null
                ? new Wait(rounds.time(), "", "", Cover.STAY).inRounds(rounds)
                : step.waiting().inRounds(rounds));
    }

    private static Step stopping(Step step, String text) {
        if (step.waiting() == null || step.waiting().rounds() == null) {
            if (text.isBlank()) return step;
            throw new IllegalArgumentException(Words.of("step.noRounds"));
        }
        return waiting(step, w -> w.inRounds(new Rounds(w.rounds().times(), text.strip())));
    }

    private CheckBox fixed() {
        var box = new CheckBox(Words.of("step.fixed"));
        box.setId("fixed-" + id);
        box.setOnAction(e -> edit(Words.of("edit.step.fixed"), s -> s.but(d -> d.fixed = box.isSelected())));
        refreshers.add(() -> box.setSelected(step().fixed()));
        return box;
    }

    private CheckBox tellThenDo() {
        var box = new CheckBox(Words.of("step.tellThenDo"));
        box.setId("tell-" + id);
        box.setOnAction(e -> edit(Words.of("edit.step.tell"), s -> s.but(d -> d.tellThenDo = box.isSelected())));
        refreshers.add(() -> box.setSelected(step().tellThenDo()));
        return box;
    }

    void refresh() {
        if (workspace.lesson() == null || workspace.lesson().step(id).isEmpty()) return;
        refreshing = true;
        refreshers.forEach(Runnable::run);
        UseBar.fill(uses, workspace, id);
        ways.show(step());
        refreshing = false;
    }
}

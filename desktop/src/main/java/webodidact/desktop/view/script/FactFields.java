package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import webodidact.core.amount.Heat;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Ring;
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

/**
 * What can be said of a step beside its words, fact by fact: how its tag reads, and what stands in the place of the tag while it is
 * open. Foods, tools and ways have a room of their own ({@link FoodFacts}).
 */
final class FactFields {
    /**
     * @param name of the tag and of the entry under "+"
     * @param is the step has it
     * @param tag as the tag says it
     * @param style of the tag beside its own, or ""
     * @param open what stands in its place while it is open
     * @param off the step without it, or null where there is no without
     */
    record Field(
            String name,
            Predicate<Step> is,
            Function<Step, String> tag,
            String style,
            Function<FactFields, List<Node>> open,
            UnaryOperator<Step> off) {}

    static final List<Field> ALL = new ArrayList<>();

    static {
        ALL.add(new Field(
                "who",
                s -> s.with() != null,
                s -> Words.of("tag.with", s.with().title()),
                "",
                FactFields::people,
                s -> s.but(d -> d.with = null)));
        ALL.add(new Field(
                "hands",
                s -> !s.hands().isZero(),
                s -> Words.of("tag.hands", s.hands().text()),
                "",
                f -> List.of(f.hands(), f.hint("hint.minutes")),
                s -> s.but(d -> d.hands = TimeRange.ZERO)));
        ALL.add(new Field(
                "off-camera",
                s -> s.offCamera() > 0,
                s -> Words.of("tag.offCamera", Clock.text(s.offCamera())),
                "",
                f -> List.of(
                        f.seconds("off-camera", Step::offCamera, (d, v) -> d.offCamera = v), f.hint("hint.minutes")),
                s -> s.but(d -> d.offCamera = 0)));
        ALL.add(new Field(
                "heat",
                s -> s.heat() != null,
                s -> Words.of("tag.oven", s.heat().text()),
                "",
                FactFields::heat,
                s -> s.but(d -> d.heat = null)));
        ALL.add(new Field(
                "place",
                s -> s.place() != Place.BENCH && s.heat() == null,
                s -> s.place().title(),
                "",
                f -> List.of(f.choice("place", Place.values(), Place::title, Step::place, (d, v) -> d.place = v)),
                s -> s.but(d -> d.place = Place.BENCH)));
        ALL.add(new Field(
                "ring",
                s -> s.ring() != null,
                s -> Words.of("tag.ring", s.ring().title()),
                "",
                f -> List.of(f.choice("ring", Ring.values(), Ring::title, Step::ring, (d, v) -> {
                    d.ring = v;
                    d.place = Place.RING;
                })),
                s -> s.but(d -> d.ring = null)));
        ALL.add(new Field(
                "wait",
                s -> s.waiting() != null,
                s -> "",
                "tag-wait",
                FactFields::waiting,
                s -> s.but(d -> d.waiting = null)));
        ALL.add(new Field(
                "looks",
                s -> s.waiting() != null && !s.waiting().looks().isEmpty(),
                FactFields::looks,
                "tag-wait",
                f -> List.of(f.field("looks", 18, FactFields::looks, FactFields::looking), f.hint("hint.looks")),
                s -> s.but(d -> d.waiting = s.waiting().looking(List.of()))));
        ALL.add(new Field(
                "rounds",
                s -> s.waiting() != null && s.waiting().rounds() != null,
                s -> s.waiting().rounds().text(),
                "tag-wait",
                f -> List.of(
                        f.field("rounds", 9, FactFields::rounds, FactFields::inRounds),
                        f.field("stop-rule", 14, FactFields::stop, FactFields::stopping)),
                s -> s.but(d -> d.waiting = s.waiting().inRounds(null))));
        ALL.add(new Field(
                "hold",
                s -> s.hold() > 0,
                s -> Words.of("tag.hold", Clock.text(s.hold())),
                "",
                f -> List.of(f.seconds("hold", Step::hold, (d, v) -> d.hold = v), f.hint("hint.minutes")),
                s -> s.but(d -> d.hold = 0)));
        ALL.add(new Field(
                "trim",
                s -> s.trim() > 0,
                s -> Words.of("tag.trim", Clock.text(s.trim())),
                "",
                f -> List.of(f.seconds("trim", Step::trim, (d, v) -> d.trim = v), f.hint("hint.minutes")),
                s -> s.but(d -> d.trim = 0)));
        ALL.add(new Field(
                "camera",
                s -> !s.camera().isBlank(),
                s -> Words.of("tag.camera", s.camera()),
                "",
                f -> List.of(f.field("camera", 12, Step::camera, (s, t) -> s.but(d -> d.camera = t.strip()))),
                s -> s.but(d -> d.camera = "")));
        ALL.add(new Field(
                "reach-by",
                s -> s.reachBy() > 0,
                s -> Words.of("tag.reachBy", Clock.text(s.reachBy())),
                "",
                f -> List.of(f.field(
                        "reach-by",
                        6,
                        s -> s.reachBy() == 0 ? "" : Clock.text(s.reachBy()),
                        (s, t) -> s.but(d ->
                                d.reachBy = t.isBlank() ? 0 : TimeRange.parse(t).likely()))),
                s -> s.but(d -> d.reachBy = 0)));
        for (var text : StepField.texts(StepField.Trait.LINE))
            ALL.add(new Field(
                    text.name(),
                    s -> !text.get().apply(s).isBlank(),
                    s -> Words.of("tag." + text.name(), text.get().apply(s)),
                    "",
                    f -> List.of(f.field(
                            text.name(),
                            22,
                            text.get(),
                            (s, t) -> s.but(d -> text.set().accept(d, t.strip())))),
                    s -> s.but(d -> text.set().accept(d, ""))));
        for (var act : Act.values())
            ALL.add(new Field(
                    code(act),
                    s -> s.acts().contains(act),
                    s -> act.title(),
                    "tag-act",
                    null,
                    s -> s.but(d -> d.acts.remove(act))));
        ALL.add(new Field(
                "tell",
                Step::tellThenDo,
                s -> Words.of("step.tellThenDo"),
                "",
                null,
                s -> s.but(d -> d.tellThenDo = false)));
        ALL.add(new Field(
                "fixed", Step::fixed, s -> Words.of("step.fixed"), "", null, s -> s.but(d -> d.fixed = false)));
    }

    private final Workspace workspace;
    private final String id;

    FactFields(Workspace workspace, String id) {
        this.workspace = workspace;
        this.id = id;
    }

    static String code(Act act) {
        return act.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What is put on at once where there is nothing to type: an act, or how words and hands go together. */
    static UnaryOperator<Step> on(Field field) {
        for (var act : Act.values()) if (code(act).equals(field.name())) return s -> s.but(d -> d.acts.add(act));
        return field.name().equals("tell") ? s -> s.but(d -> d.tellThenDo = true) : s -> s.but(d -> d.fixed = true);
    }

    /** "16-20" for whole minutes, "2:30" else: what {@link TimeRange#parse} reads. */
    static String plain(TimeRange range) {
        return range.text().replace(" min", "").replace('–', '-');
    }

    Step step() {
        return workspace.lesson().step(id).orElseGet(() -> Step.blank(id, Kind.HANDS_ON, ""));
    }

    void edit(String name, UnaryOperator<Step> change) {
        workspace.editLesson(Words.of("edit.step." + name), l -> l.withStep(id, change));
    }

    /** How a step changes by a value. */
    private interface Change<T> {
        Step apply(Step step, T value);
    }

    private interface Setting<T> {
        void set(Step.Draft draft, T value);
    }

    private Node hint(String key) {
        return Nodes.label(Words.of(key), "soft");
    }

    private <T> ComboBox<T> choice(
            String name, T[] values, Function<T, String> title, Function<Step, T> get, Setting<T> set) {
        var showing = new boolean[] {true};
        var box = Choice.of(name + "-" + id, Words.of("step." + name), values, title, v -> {
            if (!showing[0] && v != get.apply(step())) edit(name, s -> s.but(d -> set.set(d, v)));
        });
        box.setValue(get.apply(step()));
        showing[0] = false;
        return box;
    }

    private TextField field(String name, int columns, Function<Step, String> get, Change<String> set) {
        var field = Nodes.field(name + "-" + id, "", Words.of("field." + name));
        field.setPrefColumnCount(columns);
        Typed.onEnter(field, () -> get.apply(step()), t -> edit(name, s -> set.apply(s, t)));
        return field;
    }

    private TextField hands() {
        return field(
                "hands",
                7,
                s -> s.hands().isZero() ? "" : plain(s.hands()),
                (s, t) -> s.but(d -> d.hands = TimeRange.parse(t)));
    }

    private TextField seconds(String name, Function<Step, Integer> get, Setting<Integer> set) {
        return field(
                name,
                6,
                s -> get.apply(s) == 0 ? "" : plain(TimeRange.of(get.apply(s))),
                (s, t) -> s.but(d -> set.set(d, TimeRange.parse(t).likely())));
    }

    private List<Node> people() {
        var with = choice("with", Who.values(), Who::title, Step::with, (d, v) -> d.with = v);
        with.setPromptText(Words.of("step.withNobody"));
        return List.of(
                choice("kind", Kind.values(), Kind::title, Step::kind, (d, v) -> d.kind = v),
                choice("who", Who.values(), Who::title, Step::who, (d, v) -> d.who = v),
                hint("step.with"),
                with);
    }

    private List<Node> heat() {
        var degrees =
                field("heat", 7, s -> s.heat() == null ? "" : s.heat().degrees().replace('–', '-'), FactFields::heated);
        var mode = Choice.of("heat-mode-" + id, Words.of("step.heat"), Heat.Mode.values(), Heat.Mode::title, v -> {
            var now = step().heat();
            if (now != null && now.mode() != v)
                edit("heat", s -> s.but(d -> d.heat = new Heat(now.low(), now.high(), v)));
        });
        mode.setValue(step().heat() == null ? null : step().heat().mode());
        return List.of(degrees, hint("hint.celsius"), mode);
    }

    private static Step heated(Step s, String t) {
        if (t.isBlank()) return s.but(d -> d.heat = null);
        var m = Pattern.compile("\\s*(\\d{2,3})\\s*(?:[-–]\\s*(\\d{2,3}))?\\s*(?:°?\\s*C)?\\s*")
                .matcher(t);
        if (!m.matches()) throw new IllegalArgumentException(Words.of("step.heatWrong", t));
        int low = Integer.parseInt(m.group(1));
        int high = m.group(2) == null ? low : Integer.parseInt(m.group(2));
        var heat = new Heat(
                low, high, s.heat() == null ? Heat.Mode.UNSTATED : s.heat().mode());
        return s.but(d -> {
            d.heat = heat;
            d.place = Place.OVEN;
        });
    }

    private List<Node> waiting() {
        return List.of(
                field(
                        "wait-what",
                        8,
                        s -> s.waiting() == null ? "" : s.waiting().what(),
                        (s, t) -> waiting(s, w -> w.called(t.strip()))),
                field("wait", 6, FactFields::waitTime, FactFields::wait),
                hint("step.waitCue"),
                field(
                        "wait-cue",
                        13,
                        s -> s.waiting() == null ? "" : s.waiting().cue(),
                        (s, t) -> waiting(s, w -> w.until(t.strip()))),
                cover());
    }

    private static String waitTime(Step s) {
        return s.waiting() == null
                ? ""
                : s.waiting().unsaid() ? "?" : plain(s.waiting().time());
    }

    /** "?" is a wait of which nobody has said how long it is. */
    private static Step wait(Step step, String text) {
        if (text.isBlank()) return step.but(d -> d.waiting = null);
        var time = text.strip().equals("?") ? TimeRange.ZERO : TimeRange.parse(text);
        return step.but(d -> d.waiting = step.waiting() == null
                ? new Wait(time, "", "", new Cover.CarryOn(""))
                : step.waiting().lasting(time));
    }

    private static Step waiting(Step step, UnaryOperator<Wait> change) {
        if (step.waiting() == null) {
            var blank = new Wait(TimeRange.ZERO, "", "", new Cover.CarryOn(""));
            return step.but(d -> d.waiting = change.apply(blank));
        }
        return step.but(d -> d.waiting = change.apply(step.waiting()));
    }

    /** The cover of the wait; "carry on" picks the first step in which it can be collected. */
    private MenuButton cover() {
        var menu = new MenuButton();
        menu.setId("cover-" + id);
        var wait = step().waiting();
        menu.setDisable(wait == null);
        menu.setText(wait == null ? "–" : CoverWords.title(wait.cover()));
        menu.setAccessibleText(Words.of("step.cover") + " " + menu.getText());
        if (wait == null) return menu;
        for (var option : CoverOptions.of(workspace.lesson(), id, workspace.pace())) {
            var item = new MenuItem(
                    CoverWords.title(option.cover()) + (option.isAllowed() ? "" : " (" + option.refused() + ")"));
            item.setDisable(!option.isAllowed());
            item.setOnAction(
                    e -> workspace.editLesson(Words.of("edit.step.cover"), Operations.cover(id, option.cover())));
            menu.getItems().add(item);
        }
        return menu;
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
        if (step.waiting() == null) throw new IllegalArgumentException(Words.of("step.noWait"));
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

    private static String stop(Step step) {
        return step.waiting() == null || step.waiting().rounds() == null
                ? ""
                : step.waiting().rounds().stop();
    }

    /** "2 + 2 + 1": minutes of each round, tested after each. */
    private static Step inRounds(Step step, String text) {
        if (text.isBlank()) return step.waiting() == null ? step : waiting(step, w -> w.inRounds(null));
        var times = Arrays.stream(text.split("\\+"))
                .map(t -> TimeRange.parse(t.strip()).likely())
                .toList();
        var rounds = new Rounds(times, stop(step));
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
}

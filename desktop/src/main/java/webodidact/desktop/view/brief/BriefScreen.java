package webodidact.desktop.view.brief;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.converter.LocalDateStringConverter;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.branch.Branches;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Yield;
import webodidact.core.reading.AmountReader;
import webodidact.core.safety.Profile;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;
import webodidact.core.words.Language;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** The questions on the left, what each answer means on the right. */
public final class BriefScreen extends HBox implements Screen {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
    private final Workspace workspace;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final GridPane grid = new GridPane(16, 12);
    private final Consequences consequences = new Consequences();
    private int line;
    private boolean refreshing;

    public BriefScreen(Desk desk) {
        workspace = desk.workspace();
        getStyleClass().add("station");
        heading("brief.lesson");
        ask("brief.title", typed("brief-title", l -> l.title(), (l, t) -> l.but(d -> d.title = t)));
        ask(
                "brief.delivery",
                toggles(
                        "delivery",
                        Delivery.values(),
                        Delivery::title,
                        Lesson::delivery,
                        (l, v) -> l.but(d -> d.delivery = v)));
        ask(
                "brief.audience",
                toggles(
                        "audience",
                        Audience.values(),
                        Audience::title,
                        Lesson::audience,
                        (l, v) -> l.but(d -> d.audience = v)));
        ask("brief.slot", Nodes.row(8, minutes(), Nodes.wrapped(Words.of("brief.minutes"), "soft")));
        ask("brief.air", air());
        ask("brief.makes", makes());
        ask(
                "brief.home",
                Nodes.row(
                        8,
                        number("brief-home", l -> l.homeOf(), 1, 30, (l, n) -> l.but(d -> d.homeOf = n)),
                        Nodes.wrapped(Words.of("brief.people"), "soft")));
        ask(
                "brief.language",
                toggles(
                        "brief-language",
                        Language.values(),
                        l -> Words.of("brief.language." + l.name().toLowerCase(Locale.ROOT)),
                        Lesson::language,
                        (l, v) -> l.but(d -> d.language = v)));
        branches();
        heading("brief.paceHead");
        var aloud = new ReadAloud(workspace, () -> desk.ticker().seconds());
        refreshers.add(aloud::refresh);
        ask("brief.paceYours", aloud);
        ask("brief.carry", Nodes.row(8, carry(), Nodes.wrapped(Words.of("brief.carrySeconds"), "soft")));
        heading("brief.kitchen");
        ask(
                "brief.kitchenName",
                courseField("brief-kitchen", c -> c.kitchen().name(), (k, t) -> k.but(d -> d.name = t)));
        ask("brief.rings", kitchenNumbers());
        ask("brief.house", Nodes.row(8, house(), Nodes.wrapped(Words.of("brief.currency"), "soft"), currency()));
        ask("brief.profile", profile());
        var scroll = Panes.work(Nodes.styled(
                new VBox(
                        8,
                        Nodes.row(
                                14,
                                Nodes.label(Words.of("station.brief"), "title"),
                                Nodes.label(Words.of("brief.hint"), "soft")),
                        grid),
                "work"));
        getChildren().addAll(Nodes.grown(scroll), Panes.side(consequences, 400, 340));
        grid.getColumnConstraints().add(new ColumnConstraints());
        workspace.lessonProperty().addListener(o -> refresh());
        WhenSeen.of(
                consequences,
                () -> consequences.show(workspace, desk.prep()),
                workspace.outcomeProperty(),
                desk.prep().preparedProperty());
        refresh();
    }

    private void refresh() {
        if (workspace.lesson() == null) return;
        refreshing = true;
        refreshers.forEach(Runnable::run);
        refreshing = false;
    }

    private void heading(String key) {
        grid.add(Nodes.label(Words.of(key), "group-title"), 0, line++, 2, 1);
    }

    private void ask(String key, Node answer) {
        // Beside a large text's answers a name takes two lines before any of both is cut.
        var name = Nodes.wrapped(Words.of(key), "field-name");
        name.setStyle("-fx-min-width: 6.5em;");
        grid.add(name, 0, line);
        GridPane.setValignment(name, VPos.TOP);
        grid.add(answer, 1, line++);
        GridPane.setHgrow(answer, Priority.ALWAYS);
    }

    /** How a lesson changes by a value. */
    private interface Change<T> {
        Lesson apply(Lesson lesson, T value);
    }

    private TextField typed(String id, Function<Lesson, String> get, Change<String> set) {
        var field = Nodes.field(id, "", Words.of("brief.title"));
        var bound = Typed.bind(
                field,
                () -> workspace.lesson() == null ? "" : get.apply(workspace.lesson()),
                t -> workspace.editLesson(Words.of("edit.title"), id, l -> set.apply(l, t)));
        refreshers.add(bound::refresh);
        return field;
    }

    private <T> FlowPane toggles(
            String id, T[] values, Function<T, String> title, Function<Lesson, T> get, Change<T> set) {
        var group = new ToggleGroup();
        var pane = Nodes.flow(8, 8);
        for (var value : values) {
            ToggleButton button = Nodes.toggle(title.apply(value), "choice");
            button.setId(id + "-" + value.toString().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setUserData(value);
            button.setOnAction(e -> {
                button.setSelected(true);
                workspace.editLesson(Words.of("edit." + id), l -> set.apply(l, value));
            });
            pane.getChildren().add(button);
        }
        refreshers.add(() ->
                group.getToggles().forEach(t -> t.setSelected(t.getUserData() == get.apply(workspace.lesson()))));
        return pane;
    }

    /** Which branch is shown, where the lesson has any. */
    private void branches() {
        var pane = Nodes.flow(8, 8);
        ask("brief.branch", pane);
        var name = grid.getChildren().get(grid.getChildren().size() - 2);
        refreshers.add(() -> {
            var names = Branches.names(workspace.lesson());
            for (var node : List.of(name, pane)) {
                node.setVisible(!names.isEmpty());
                node.setManaged(!names.isEmpty());
            }
            var buttons = names.stream().map(this::branch).toList();
            pane.getChildren().setAll(buttons);
        });
    }

    /** Pixels of a branch's name. */
    private static final int LONGEST = 320;

    private ToggleButton branch(String name) {
        ToggleButton button = Nodes.toggle(name, "choice");
        // A long name must not push the questions out of sight; it is told whole to a pointer that rests on it.
        button.setMaxWidth(LONGEST);
        Hints.on(button, name);
        button.setId("branch-" + Branches.names(workspace.lesson()).indexOf(name));
        button.setSelected(name.equals(Branches.shown(workspace.lesson())));
        button.setOnAction(e -> {
            button.setSelected(true);
            workspace.editLesson(Words.of("edit.branch"), l -> l.but(d -> d.branch = name));
        });
        return button;
    }

    private TextField minutes() {
        var field = Nodes.field("brief-slot", "45", Words.of("brief.slot"));
        field.setPrefColumnCount(5);
        var bound = Typed.onEnter(field, () -> minutes(workspace.lesson().slot()), t -> {
            int seconds = TimeRange.parse(t).likely();
            if (seconds == 0) throw new IllegalArgumentException(Words.of("brief.slotZero"));
            workspace.editLesson(Words.of("edit.slot"), l -> l.but(d -> d.slot = seconds));
        });
        refreshers.add(bound::refresh);
        return field;
    }

    private static String minutes(int seconds) {
        return seconds % 60 == 0 ? String.valueOf(seconds / 60) : Clock.text(seconds);
    }

    private HBox air() {
        var day = new DatePicker();
        day.setId("brief-day");
        day.setAccessibleText(Words.of("brief.day"));
        day.getEditor().setPrefColumnCount(11);
        day.setConverter(new LocalDateStringConverter(DAY, DAY));
        var time = Nodes.field("brief-time", "17:30", Words.of("brief.time"));
        time.setPrefColumnCount(5);
        day.setOnAction(e -> {
            if (refreshing) return;
            setAir(
                    day.getValue(),
                    workspace.lesson().air() == null
                            ? LocalTime.of(18, 0)
                            : workspace.lesson().air().toLocalTime());
        });
        var bound = Typed.onEnter(
                time,
                () -> workspace.lesson().air() == null
                        ? ""
                        : workspace.lesson().air().toLocalTime().toString(),
                t -> {
                    try {
                        var at = LocalTime.parse(t.strip().length() == 4 ? "0" + t.strip() : t.strip());
                        setAir(day.getValue() == null ? LocalDate.now() : day.getValue(), at);
                    } catch (DateTimeException e) {
                        throw new IllegalArgumentException(Words.of("brief.timeWrong", t), e);
                    }
                });
        refreshers.add(() -> {
            day.setValue(
                    workspace.lesson().air() == null
                            ? null
                            : workspace.lesson().air().toLocalDate());
            bound.refresh();
        });
        return Nodes.row(8, day, time);
    }

    private void setAir(LocalDate day, LocalTime time) {
        workspace.editLesson(
                Words.of("edit.air"), l -> l.but(d -> d.air = day == null ? null : LocalDateTime.of(day, time)));
    }

    private HBox makes() {
        var count = Nodes.field("brief-count", "4", Words.of("brief.count"));
        count.setPrefColumnCount(4);
        var what = Nodes.field("brief-what", Words.of("brief.whatPrompt"), Words.of("brief.what"));
        what.setPrefColumnCount(11);
        var a = Typed.onEnter(
                count, () -> AmountText.number(workspace.lesson().makes().count()), t -> {
                    Ratio n = AmountReader.whole(t).low();
                    workspace.editLesson(
                            Words.of("edit.makes"),
                            l -> l.but(d -> d.makes =
                                    new Yield(n, l.makes().what(), l.makes().serves())));
                });
        var b = Typed.bind(
                what,
                () -> workspace.lesson().makes().what(),
                t -> workspace.editLesson(
                        Words.of("edit.makes"),
                        "makes",
                        l -> l.but(d -> d.makes =
                                new Yield(l.makes().count(), t, l.makes().serves()))));
        refreshers.add(a::refresh);
        refreshers.add(b::refresh);
        var serves = number(
                "brief-serves",
                l -> l.makes().serves(),
                1,
                500,
                (l, n) -> l.but(
                        d -> d.makes = new Yield(l.makes().count(), l.makes().what(), n)));
        return Nodes.row(8, count, what, Nodes.label(Words.of("brief.serves"), "soft"), serves);
    }

    private TextField number(String id, Function<Lesson, Integer> get, int low, int high, Change<Integer> set) {
        var field = Nodes.field(id, "", Words.of("field." + id));
        field.setPrefColumnCount(4);
        var bound = Typed.onEnter(
                field,
                () -> String.valueOf(get.apply(workspace.lesson())),
                t -> workspace.editLesson(Words.of("edit.makes"), l -> set.apply(l, whole(t, low, high))));
        refreshers.add(bound::refresh);
        return field;
    }

    private static int whole(String text, int low, int high) {
        var t = text.strip();
        if (!t.matches("\\d{1,6}") || Integer.parseInt(t) < low || Integer.parseInt(t) > high) {
            throw new IllegalArgumentException(Words.of("brief.wholeWrong", t, low, high));
        }
        return Integer.parseInt(t);
    }

    /** How the kitchen changes by a text. */
    private interface KitchenChange {
        Kitchen apply(Kitchen kitchen, String text);
    }

    private TextField courseField(String id, Function<Course, String> get, KitchenChange set) {
        var field = Nodes.field(id, "", Words.of("field." + id));
        var bound = Typed.onEnter(
                field,
                () -> get.apply(workspace.book().course()),
                t -> workspace.edit(
                        Words.of("edit.kitchen"),
                        b -> b.withCourse(
                                b.course().withKitchen(set.apply(b.course().kitchen(), t)))));
        refreshers.add(bound::refresh);
        return field;
    }

    private TextField carry() {
        var field = Nodes.field("brief-carry", "", Words.of("field.brief-carry"));
        field.setPrefColumnCount(3);
        var bound = Typed.onEnter(
                field, () -> String.valueOf(workspace.book().course().carry()), t -> {
                    int seconds = whole(t, 1, 600);
                    workspace.edit(
                            Words.of("edit.carry"), b -> b.withCourse(b.course().but(d -> d.carry = seconds)));
                });
        refreshers.add(bound::refresh);
        return field;
    }

    private FlowPane kitchenNumbers() {
        var rings = courseField(
                "brief-rings",
                c -> String.valueOf(c.kitchen().rings()),
                (k, t) -> k.but(d -> d.rings = whole(t, 0, 12)));
        var ovens = courseField(
                "brief-ovens",
                c -> String.valueOf(c.kitchen().ovens()),
                (k, t) -> k.but(d -> d.ovens = whole(t, 0, 6)));
        var heats = courseField(
                "brief-heats",
                c -> minutes(c.kitchen().ovenHeats()),
                (k, t) -> k.but(d -> d.ovenHeats = TimeRange.parse(t).likely()));
        var watts = courseField(
                "brief-watts",
                c -> String.valueOf(c.kitchen().watts()),
                (k, t) -> k.but(d -> d.watts = whole(t, 300, 2000)));
        for (var field : List.of(rings, ovens, heats, watts)) field.setPrefColumnCount(3);
        var pane = Nodes.flow(
                8,
                6,
                rings,
                Nodes.label(Words.of("brief.ringsWord"), "soft"),
                ovens,
                Nodes.label(Words.of("brief.ovensWord"), "soft"),
                heats,
                Nodes.label(Words.of("brief.heatsWord"), "soft"),
                watts,
                Nodes.label(Words.of("brief.wattsWord"), "soft"));
        pane.setPrefWrapLength(520);
        return pane;
    }

    private TextField currency() {
        var field = Nodes.field("brief-currency", "£", Words.of("field.brief-currency"));
        field.setPrefColumnCount(2);
        var bound = Typed.onEnter(field, () -> workspace.book().course().currency(), t -> {
            if (t.strip().length() > 4) throw new IllegalArgumentException(Words.of("brief.currencyWrong", t.strip()));
            workspace.edit(
                    Words.of("edit.currency"), b -> b.withCourse(b.course().but(d -> d.currency = t.strip())));
        });
        refreshers.add(bound::refresh);
        return field;
    }

    private ComboBox<Profile> profile() {
        Consumer<Profile> set = v -> {
            if (!refreshing)
                workspace.edit(
                        Words.of("edit.profile"), b -> b.withCourse(b.course().but(d -> d.profile = v)));
        };
        var box = Choice.of("brief-profile", Words.of("brief.profile"), Profile.values(), Profile::title, set);
        refreshers.add(() -> box.setValue(workspace.book().course().profile()));
        return box;
    }

    private ComboBox<MeasureSystem> house() {
        Consumer<MeasureSystem> set = v -> {
            if (!refreshing)
                workspace.edit(
                        Words.of("edit.house"), b -> b.withCourse(b.course().withHouse(v)));
        };
        var box = Choice.of("brief-house", Words.of("brief.house"), MeasureSystem.values(), MeasureSystem::title, set);
        refreshers.add(() -> box.setValue(workspace.book().course().house()));
        return box;
    }
}

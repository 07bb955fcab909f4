package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.LessonPattern;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepPattern;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;

/** The patterns that lessons start from: their words, for whom they are, and whether new lessons begin with them. */
final class PatternsPanel extends VBox {
    private final Workspace workspace;
    private final VBox names = new VBox(2);
    private final VBox body = new VBox(8);
    private final Button remove = Nodes.named(Nodes.button("", this::remove), "pattern-remove", "");
    private String chosen;

    PatternsPanel(Workspace workspace, Runnable close) {
        super(10);
        this.workspace = workspace;
        setId("patterns");
        chosen = LessonPattern.SHIPPED.getFirst().name();
        var list = Panes.work(names);
        list.setPrefWidth(260);
        list.setMinWidth(200);
        getChildren()
                .addAll(
                        Nodes.row(
                                10,
                                Nodes.label(Words.of("pattern.title"), "panel-title"),
                                Nodes.spring(),
                                Nodes.named(
                                        Nodes.button(Words.of("pattern.close"), close),
                                        "patterns-close",
                                        Words.of("pattern.close"))),
                        Nodes.wrapped(Words.of("pattern.about"), "soft"),
                        Nodes.grown(new HBox(14, list, Nodes.grown(Panes.work(body)))));
        workspace.bookProperty().addListener(o -> {
            if (getScene() != null) list();
        });
        list();
        show();
    }

    /** Shows that pattern, ready to be changed. */
    void choose(String name) {
        chosen = name;
        list();
        show();
    }

    private StepPattern pattern() {
        return LessonPattern.all(workspace.book().course()).stream()
                .filter(p -> p.name().equals(chosen))
                .findFirst()
                .orElse(LessonPattern.SHIPPED.getFirst());
    }

    private static boolean isShipped(String name) {
        return LessonPattern.SHIPPED.stream().anyMatch(p -> p.name().equals(name));
    }

    private void list() {
        remove.setDisable(workspace.book().course().patterns().stream()
                .noneMatch(p -> p.name().equals(chosen)));
        names.getChildren().clear();
        for (var pattern : LessonPattern.all(workspace.book().course())) {
            boolean own = workspace.book().course().patterns().stream()
                    .anyMatch(p -> p.name().equals(pattern.name()));
            ToggleButton button = Nodes.toggle(
                    pattern.name() + (own && isShipped(pattern.name()) ? " · " + Words.of("pattern.changed") : ""),
                    "pattern-name");
            button.setId("pattern-" + pattern.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
            button.setSelected(pattern.name().equals(chosen));
            button.setOnAction(e -> choose(pattern.name()));
            button.setMaxWidth(Double.MAX_VALUE);
            names.getChildren().add(button);
        }
    }

    private void show() {
        body.getChildren().clear();
        var pattern = pattern();
        var title = Nodes.field("pattern-step-title", "", Words.of("script.titleName"));
        Typed.bind(title, () -> pattern().step().title(), t -> step("title", d -> d.title = t));
        var say = area("pattern-say", Words.of("script.say"));
        Typed.bind(say, () -> pattern().step().say(), t -> step("say", d -> d.say = t));
        var doing = area("pattern-do", Words.of("script.do"));
        Typed.bind(doing, () -> pattern().step().doing(), t -> step("do", d -> d.doing = t));
        var how = new FlowPane(12, 6);
        for (var delivery : Delivery.values())
            how.getChildren()
                    .add(box(
                            "pattern-" + delivery.name(),
                            delivery.title(),
                            StepPattern::deliveries,
                            delivery,
                            (p, set) -> new StepPattern(p.name(), set, p.audiences(), p.first(), p.step())));
        var whom = new FlowPane(12, 6);
        for (var audience : Audience.values())
            whom.getChildren()
                    .add(box(
                            "pattern-" + audience.name(),
                            audience.title(),
                            StepPattern::audiences,
                            audience,
                            (p, set) -> new StepPattern(p.name(), p.deliveries(), set, p.first(), p.step())));
        var first = new CheckBox(Words.of("pattern.first"));
        first.setId("pattern-first");
        first.setSelected(pattern.first());
        first.setOnAction(e -> change(
                "", p -> new StepPattern(p.name(), p.deliveries(), p.audiences(), first.isSelected(), p.step())));
        body.getChildren()
                .addAll(
                        Nodes.label(Words.of("pattern.step"), "tiny"),
                        title,
                        Nodes.label(Words.of("script.say"), "tiny"),
                        say,
                        Nodes.label(Words.of("script.do"), "tiny"),
                        doing,
                        Nodes.label(Words.of("pattern.deliveries"), "tiny"),
                        how,
                        Nodes.label(Words.of("pattern.audiences"), "tiny"),
                        whom,
                        first);
        var back = Words.of(isShipped(chosen) ? "pattern.restore" : "pattern.delete");
        remove.setText(back);
        remove.setAccessibleText(back);
        body.getChildren().add(remove);
    }

    private static TextArea area(String id, String name) {
        var area = new TextArea();
        area.setId(id);
        area.setWrapText(true);
        area.setPrefRowCount(3);
        area.setAccessibleText(name);
        return area;
    }

    /** How a pattern changes by a set. */
    private interface Scope<T> {
        StepPattern with(StepPattern pattern, Set<T> set);
    }

    private <T> CheckBox box(String id, String title, Function<StepPattern, Set<T>> get, T value, Scope<T> scope) {
        var box = new CheckBox(title);
        box.setId(id.toLowerCase(Locale.ROOT).replace('_', '-'));
        box.setSelected(get.apply(pattern()).contains(value));
        box.setOnAction(e -> change("", p -> {
            var set = new TreeSet<>(get.apply(p));
            if (box.isSelected()) set.add(value);
            else set.remove(value);
            return scope.with(p, set);
        }));
        return box;
    }

    private void step(String field, Consumer<Step.Draft> change) {
        change(
                field,
                p -> new StepPattern(
                        p.name(),
                        p.deliveries(),
                        p.audiences(),
                        p.first(),
                        p.step().but(change)));
    }

    /** A shipped pattern that is changed becomes one of the course's own under the same name. */
    private void change(String field, UnaryOperator<StepPattern> change) {
        var next = change.apply(pattern());
        workspace.edit(
                Words.of("edit.patternChange", chosen),
                field.isEmpty() ? "" : "pattern/" + chosen + "/" + field,
                b -> b.withCourse(b.course().but(d -> {
                    var all = new ArrayList<>(d.patterns);
                    all.removeIf(p -> p.name().equals(next.name()));
                    all.add(next);
                    d.patterns = all;
                })));
        if (field.isEmpty()) show();
    }

    private void remove() {
        workspace.edit(
                Words.of("edit.patternRemove", chosen),
                b -> b.withCourse(b.course()
                        .but(d -> d.patterns = d.patterns.stream()
                                .filter(p -> !p.name().equals(chosen))
                                .toList())));
        if (!isShipped(chosen)) chosen = LessonPattern.SHIPPED.getFirst().name();
        list();
        show();
    }
}

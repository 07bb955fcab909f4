package webodidact.desktop.view.afters;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.afters.WentChange;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Went;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** What worked, what did not, what was learned, what changes; each line can become a note on a step or go on to the next lesson. */
final class WentPane implements AftersPart {
    /** One of the four questions. */
    private record Part(String key, Function<Went, List<String>> get, BiFunction<Went, List<String>, Went> set) {}

    private static final List<Part> PARTS = List.of(
            new Part("worked", Went::worked, (w, l) -> new Went(l, w.didNot(), w.learned(), w.next())),
            new Part("didNot", Went::didNot, (w, l) -> new Went(w.worked(), l, w.learned(), w.next())),
            new Part("learned", Went::learned, (w, l) -> new Went(w.worked(), w.didNot(), l, w.next())),
            new Part("next", Went::next, (w, l) -> new Went(w.worked(), w.didNot(), w.learned(), l)));

    private final Workspace workspace;

    WentPane(Desk desk) {
        workspace = desk.workspace();
    }

    @Override
    public void fill(Outcome outcome, VBox rows, VBox side) {
        var went = outcome.lesson().howItWent();
        for (var part : PARTS) {
            var title = Words.of("went." + part.key());
            var area = Nodes.tabbing(new TextArea(String.join("\n", part.get().apply(went))));
            area.setId("went-" + part.key());
            area.setAccessibleText(title);
            area.setPromptText(Words.of("went.prompt"));
            area.setPrefRowCount(3);
            area.setWrapText(true);
            area.focusedProperty().addListener((o, was, now) -> {
                if (!now) keep(part, area.getText());
            });
            rows.getChildren().addAll(Nodes.label(title, "overline"), area);
        }
        lines(outcome, went, side);
        heard(outcome, side);
    }

    private void keep(Part part, String text) {
        if (workspace.lesson() == null) return;
        var lines = List.of(text.split("\n"));
        workspace.editLesson(
                Words.of("edit.went"), l -> l.but(d -> d.went = part.set().apply(l.howItWent(), lines)));
    }

    private void lines(Outcome outcome, Went went, VBox side) {
        var all = new ArrayList<>(went.didNot());
        all.addAll(went.learned());
        side.getChildren().add(Nodes.label(Words.of("went.becomes"), "overline"));
        if (all.isEmpty()) side.getChildren().add(Nodes.wrapped(Words.of("went.nothing"), "soft"));
        all.addAll(went.next());
        var chosen = outcome.lesson().step(workspace.stepProperty().get()).orElse(null);
        for (var line : all) {
            var buttons = new FlowPane(6, 6);
            WentChange.of(line, outcome.lesson(), chosen, workspace.knowledge(), outcome.pace())
                    .ifPresent(c -> buttons.getChildren().add(AftersPart.button(workspace, c)));
            var step = WentChange.step(line, outcome.lesson()).orElse(chosen);
            if (step != null) {
                int number = outcome.lesson().indexOf(step.id()) + 1;
                buttons.getChildren()
                        .add(Nodes.button(
                                Words.of("went.onto", number, step.title()),
                                () -> workspace.editLesson(
                                        Words.of("edit.wentNote"), Operations.teach(step.id(), line))));
            }
            if (!went.next().contains(line))
                buttons.getChildren()
                        .add(Nodes.button(
                                Words.of("went.carry"),
                                () -> workspace.editLesson(
                                        Words.of("edit.wentCarry"),
                                        l -> l.but(d -> d.went = carried(l.howItWent(), line)))));
            side.getChildren().add(Nodes.styled(new VBox(6, Nodes.wrapped(line, "body"), buttons), "row-card"));
        }
    }

    private static Went carried(Went went, String line) {
        var next = new ArrayList<>(went.next());
        next.add(line);
        return new Went(went.worked(), went.didNot(), went.learned(), next);
    }

    /** What homes wrote besides their answers. */
    private void heard(Outcome outcome, VBox side) {
        var notes = workspace.book().receivedOf(outcome.lesson().id()).stream()
                .filter(r -> !r.note().isBlank())
                .toList();
        if (notes.isEmpty()) return;
        side.getChildren().add(Nodes.label(Words.of("went.heard"), "overline"));
        for (var each : notes)
            side.getChildren().add(Nodes.wrapped(Words.of("went.note", each.home(), each.note()), "body"));
    }
}

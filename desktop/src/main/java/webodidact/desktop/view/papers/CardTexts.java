package webodidact.desktop.view.papers;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.publish.CardText;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;
import webodidact.formats.paper.CardLines;

/** What learners read of each step, written beside the card it stands on: what hands do, until it is written otherwise. */
final class CardTexts extends VBox {
    private final Workspace workspace;
    private final List<Runnable> refreshers = new ArrayList<>();
    private List<String> shown = List.of();

    CardTexts(Workspace workspace) {
        super(6);
        this.workspace = workspace;
        setId("card-texts");
    }

    void show(Lesson lesson) {
        var steps = CardLines.steps(lesson);
        var ids = steps.stream().map(s -> lesson.id() + "/" + s.id()).toList();
        if (ids.equals(shown)) {
            refreshers.forEach(Runnable::run);
            return;
        }
        shown = ids;
        refreshers.clear();
        getChildren()
                .setAll(Nodes.label(Words.of("card.title"), "overline"), Nodes.wrapped(Words.of("card.about"), "soft"));
        for (var step : steps) row(step.id());
    }

    private void row(String id) {
        var head = Nodes.label("", "offer-title");
        var area = Nodes.tabbing(new TextArea());
        area.setId("card-" + id);
        area.setWrapText(true);
        area.setPrefRowCount(3);
        area.setAccessibleText(Words.of("card.name"));
        var typed = Typed.bind(
                area,
                () -> here(id).card(),
                t -> workspace.editLesson(
                        Words.of("edit.card"), "card/" + id, l -> l.withStep(id, s -> s.but(d -> d.card = t))));
        refreshers.add(() -> {
            var step = here(id);
            head.setText((workspace.lesson().indexOf(id) + 1) + "  " + step.title());
            area.setPromptText(CardText.of(step, workspace.knowledge()).text());
            typed.refresh();
        });
        refreshers.getLast().run();
        getChildren().addAll(head, area);
    }

    /** Goes to the words of a step; one that is not there has none. */
    void open(String id) {
        if (lookup("#card-" + id) instanceof TextArea area) {
            area.requestFocus();
            area.end();
            Panes.reveal(area);
        }
    }

    private Step here(String id) {
        return workspace.lesson().step(id).orElseGet(() -> Step.blank(id, Kind.HANDS_ON, ""));
    }
}

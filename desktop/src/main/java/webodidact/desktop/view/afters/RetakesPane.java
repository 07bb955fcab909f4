package webodidact.desktop.view.afters;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.afters.Best;
import webodidact.core.afters.Retakes;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** What is to be done again, camera by camera, with the list of what that takes; and of each step the take that homes see. */
final class RetakesPane implements AftersPart {
    private final Desk desk;
    private final Workspace workspace;

    RetakesPane(Desk desk) {
        this.desk = desk;
        workspace = desk.workspace();
    }

    @Override
    public void fill(Outcome outcome, VBox rows, VBox side) {
        var takes = workspace.book().takesOf(outcome.lesson().id());
        var retakes = Retakes.of(outcome, takes);
        if (takes.stream().allMatch(t -> t.kind().isRehearsal())) {
            rows.getChildren()
                    .add(new EmptyState(Words.of("retakes.empty"), Words.of("afters.run"), () -> desk.go("on-air")));
            return;
        }
        if (retakes.retakes().isEmpty()) rows.getChildren().add(Nodes.wrapped(Words.of("retakes.none"), "figure"));
        var camera = "";
        for (var retake : retakes.retakes()) {
            if (!retake.camera().equals(camera) || camera.isEmpty()) {
                camera = retake.camera();
                rows.getChildren()
                        .add(Nodes.label(
                                camera.isEmpty() ? Words.of("retakes.anyCamera") : Words.of("retakes.camera", camera),
                                "overline"));
            }
            rows.getChildren().add(retake(retake, takes));
        }
        rows.getChildren().add(Nodes.label(Words.of("retakes.chosen"), "overline"));
        for (var placed : outcome.schedule().steps()) {
            var row = choice(placed.number(), placed.step().id(), placed.step().title(), takes);
            if (row != null) rows.getChildren().add(row);
        }
        side(retakes, side);
    }

    private VBox retake(Retakes.Retake retake, List<Take> takes) {
        var step = retake.placed().step();
        var why = switch (retake.why()) {
            case NEVER -> Words.of("retakes.never");
            case SPOILT -> Words.of("retakes.spoilt");
            case MARKED ->
                retake.detail().isBlank() ? Words.of("retakes.marked") : Words.of("retakes.markedWhy", retake.detail());
            case MENDED -> Words.of("retakes.mended", retake.detail());
            case CHANGED -> Words.of("retakes.changed", retake.detail());
            case LONG -> Words.of("retakes.long", retake.detail());
        };
        var box = Nodes.styled(
                new VBox(
                        4,
                        Nodes.row(
                                8,
                                Nodes.label(String.valueOf(retake.placed().number()), "step-number"),
                                Nodes.label(step.title(), "strong"),
                                Nodes.spring(),
                                Nodes.label(Clock.text(retake.placed().span().length()), "time")),
                        Nodes.wrapped(why, "body")),
                "row-card");
        Best.of(step.id(), takes)
                .ifPresent(best -> box.getChildren()
                        .add(Nodes.named(
                                Nodes.button(
                                        Words.of("retakes.fine"),
                                        () -> choose(best.take(), step.id(), Take.Choice.KEPT)),
                                "fine-" + step.id(),
                                Words.of("retakes.fine"))));
        return box;
    }

    private void choose(Take take, String step, Take.Choice choice) {
        workspace.edit(Words.of("edit.chooseTake"), b -> {
            var after = b;
            // Of each step homes see one.
            if (choice == Take.Choice.KEPT)
                for (var other : b.takesOf(take.lesson()))
                    if (other.of(step)
                            .filter(t -> t.choice() == Take.Choice.KEPT)
                            .isPresent()) after = after.adding(other.choosing(step, Take.Choice.OPEN));
            return after.adding(take.choosing(step, choice));
        });
    }

    private FlowPane choice(int number, String step, String title, List<Take> takes) {
        var best = Best.of(step, takes);
        var row = new FlowPane(6, 4);
        int n = 0;
        for (var take : takes) {
            n++;
            var time = take.of(step).orElse(null);
            if (time == null || take.kind().isRehearsal()) continue;
            boolean seen = best.filter(b -> b.take().equals(take)).isPresent();
            var text = Words.of(
                    time.choice() == Take.Choice.SPOILT
                            ? "retakes.takeSpoilt"
                            : time.marks() > 0 ? "retakes.takeMarked" : "retakes.take",
                    n,
                    Clock.text(time.seconds()),
                    time.why());
            var toggle = Nodes.named(Nodes.toggle(text, "take-choice"), "take-" + step + "-" + take.id(), text);
            toggle.setSelected(seen);
            toggle.setOnAction(e -> choose(
                    take,
                    step,
                    seen && time.choice() == Take.Choice.KEPT
                            ? Take.Choice.SPOILT
                            : time.choice() == Take.Choice.SPOILT ? Take.Choice.OPEN : Take.Choice.KEPT));
            row.getChildren().add(toggle);
        }
        if (row.getChildren().isEmpty()) return null;
        var name = Nodes.label(number + "  " + title, "body");
        name.setMinWidth(190);
        name.setPrefWidth(190);
        row.getChildren().addFirst(name);
        return row;
    }

    private static void side(Retakes retakes, VBox side) {
        side.getChildren().add(Nodes.label(Words.of("retakes.takes"), "overline"));
        int seconds = retakes.retakes().stream()
                .mapToInt(r -> r.placed().span().length())
                .sum();
        Set<String> cameras = retakes.retakes().stream()
                .map(Retakes.Retake::camera)
                .filter(c -> !c.isEmpty())
                .collect(Collectors.toCollection(HashSet::new));
        side.getChildren()
                .add(Nodes.wrapped(
                        Words.of("retakes.sum", retakes.retakes().size(), Clock.text(seconds), cameras.size()),
                        "figure"));
        if (!retakes.shopping().isEmpty())
            side.getChildren().add(Nodes.label(Words.of("retakes.shopping"), "overline"));
        for (var need : retakes.shopping()) {
            var steps = need.steps().stream().map(String::valueOf).collect(Collectors.joining(", "));
            var line = need.amount().isEmpty()
                    ? Words.of("retakes.needSome", need.item(), steps)
                    : Words.of("retakes.need", need.amount(), need.item(), steps);
            side.getChildren().add(Nodes.wrapped(need.asItWas() ? Words.of("retakes.asItWas", line) : line, "body"));
        }
        if (!retakes.copies().isEmpty()) side.getChildren().add(Nodes.label(Words.of("retakes.copies"), "overline"));
        for (var copy : retakes.copies()) side.getChildren().add(Nodes.wrapped(copy, "body"));
    }
}

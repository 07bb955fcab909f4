package webodidact.desktop.view.script;

import java.util.Locale;
import javafx.application.Platform;
import javafx.scene.layout.FlowPane;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepField;
import webodidact.core.lesson.Use;
import webodidact.core.script.Draws;
import webodidact.core.swap.CookedAmount;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** What a step takes and does, as small tags under its words. */
final class StepTags {
    private StepTags() {}

    static void fill(FlowPane tags, Lesson lesson, Step step, Workspace workspace) {
        tags.getChildren().clear();
        var to = new Tagging(tags, step.id(), workspace);
        for (var use : step.uses())
            to.tag(useText(lesson, step.id(), use, workspace), "use-" + step.id() + "-" + use.line(), "tag");
        for (var id : step.tools())
            to.tag(workspace.knowledge().tool(id).map(Tool::name).orElse(id), "use-tool-" + step.id(), "tag");
        if (step.heat() != null) to.tag(Words.of("tag.oven", step.heat().text()), "heat-" + step.id(), "tag");
        else if (step.place() != Place.BENCH) to.tag(step.place().title(), "place-" + step.id(), "tag");
        if (step.waiting() != null) {
            to.tag(waitText(lesson, step), "wait-" + step.id(), "tag", "tag-wait");
            if (!step.waiting().cue().isBlank())
                to.tag(
                        Words.of("tag.cue", step.waiting().cue().replace(" °", "\u00a0°")),
                        "wait-cue-" + step.id(),
                        "tag");
            for (var look : step.waiting().looks())
                to.tag(Clock.text(look.at()) + " " + look.what(), "looks-" + step.id(), "tag", "tag-wait");
        }
        if (step.hold() > 0) to.tag(Words.of("tag.hold", Clock.text(step.hold())), "hold-" + step.id(), "tag");
        if (!step.camera().isBlank()) to.tag(Words.of("tag.camera", step.camera()), "camera-" + step.id(), "tag");
        for (var text : StepField.texts(StepField.Trait.LINE)) {
            var says = text.get().apply(step);
            if (!says.isBlank()) to.tag(Words.of("tag." + text.name(), says), text.name() + "-" + step.id(), "tag");
        }
        if (!step.ways().isEmpty()) to.tag(Words.of("tag.ways", step.ways().size() + 1), "ways-" + step.id(), "tag");
        for (var act : step.acts())
            to.tag(
                    act.title(),
                    act.name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + step.id(),
                    "tag",
                    "tag-act");
        boolean raw = step.uses().stream()
                        .flatMap(u -> lesson.food(u.line()).stream())
                        .flatMap(f -> workspace.knowledge().food(f.cooked()).stream())
                        .anyMatch(f -> f.risk().soilsHands())
                && !step.place().isHot();
        if (raw) to.tag(Words.of("tag.raw"), "", "tag", "tag-raw");
    }

    /** A tag is pressed to change what it says: its field under the words gets the focus. */
    private record Tagging(FlowPane tags, String step, Workspace workspace) {
        void tag(String text, String field, String... styles) {
            var label = Nodes.label(text, styles);
            if (!field.isEmpty()) {
                label.getStyleClass().add("tag-edit");
                label.setOnMouseClicked(e -> {
                    workspace.stepProperty().set(step);
                    Platform.runLater(() -> {
                        var node =
                                tags.getScene() == null ? null : tags.getScene().lookup("#" + field);
                        if (node != null) node.requestFocus();
                    });
                });
            }
            tags.getChildren().add(label);
        }
    }

    static String useText(Lesson lesson, String step, Use use, Workspace workspace) {
        var line = lesson.food(use.line()).orElse(null);
        if (line == null) return Words.of("tag.gone");
        var house = workspace.book().course().house();
        var taken = use.amount() != null
                ? use.amount()
                : Draws.taken(Draws.of(lesson, line, workspace.knowledge(), house), step, use);
        var amount = taken == null
                ? null
                : CookedAmount.of(line, taken, workspace.knowledge()).times(Scaling.forHome(lesson));
        var name = line.chosen() == null
                ? line.item()
                : workspace.knowledge().food(line.chosen()).map(f -> f.name()).orElse(line.item());
        return amount == null || amount.low().isZero()
                ? name
                : KitchenRounding.round(amount, house).text(name) + " " + name;
    }

    private static String waitText(Lesson lesson, Step step) {
        var wait = step.waiting();
        var what = (wait.what().isBlank() ? Words.of("tag.waits") : wait.what()) + " "
                + wait.time().text();
        return what + " → "
                + switch (wait.cover()) {
                    case Cover.Stay _ -> Words.of("cover.stay.short");
                    case Cover.CarryOn(var at) ->
                        lesson.indexOf(at) < 0
                                ? Words.of("cover.open.short")
                                : Words.of("cover.carryOn.short", lesson.indexOf(at) + 1);
                    case Cover.Cut _ -> Words.of("cover.cut.short");
                    case Cover.ReadyCopy _ -> Words.of("cover.copy.short");
                    case Cover.Elsewhere _ -> Words.of("cover.elsewhere.short");
                    case Cover.SpeedUp(int times) -> Words.of("cover.speed.short", times);
                };
    }
}

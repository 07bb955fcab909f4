package webodidact.desktop.view.script;

import javafx.scene.layout.FlowPane;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Scaling;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** What a step takes and does, as small tags under its words. */
final class StepTags {
    private StepTags() {}

    static void fill(FlowPane tags, Lesson lesson, Step step, Workspace workspace) {
        tags.getChildren().clear();
        for (var use : step.uses()) tag(tags, useText(lesson, use, workspace), "tag");
        for (var id : step.tools()) tag(tags, workspace.knowledge().tool(id).map(Tool::name).orElse(id), "tag");
        if (step.heat() != null) tag(tags, Words.of("tag.oven", step.heat().text()), "tag");
        else if (step.place() != Place.BENCH) tag(tags, step.place().title(), "tag");
        if (step.waiting() != null) tag(tags, waitText(lesson, step), "tag", "tag-wait");
        if (!step.skill().isBlank()) tag(tags, Words.of("tag.skill", step.skill()), "tag");
        for (var act : step.acts()) tag(tags, act.title(), "tag", "tag-act");
        boolean raw = step.uses().stream().flatMap(u -> lesson.food(u.line()).stream()).flatMap(f -> workspace.knowledge().food(f.cooked()).stream())
                .anyMatch(f -> f.risk().soilsHands()) && !step.place().isHot();
        if (raw) tag(tags, Words.of("tag.raw"), "tag", "tag-raw");
    }

    private static void tag(FlowPane tags, String text, String... styles) {
        tags.getChildren().add(Nodes.label(text, styles));
    }

    static String useText(Lesson lesson, Use use, Workspace workspace) {
        var line = lesson.food(use.line()).orElse(null);
        if (line == null) return Words.of("tag.gone");
        var amount = use.amount() == null ? null : use.amount().times(Scaling.forHome(lesson));
        var name = line.chosen() == null ? line.item() : workspace.knowledge().food(line.chosen()).map(f -> f.name()).orElse(line.item());
        if (amount != null) return KitchenRounding.round(amount, workspace.book().course().house()).text() + " " + name;
        boolean first = lesson.steps().stream().filter(s -> s.usesLine(use.line())).findFirst().map(s -> s.uses().contains(use)).orElse(false);
        if (first && line.amount() != null) {
            return KitchenRounding.round(line.amount().times(Scaling.forHome(lesson)), workspace.book().course().house()).text() + " " + name;
        }
        return name;
    }

    private static String waitText(Lesson lesson, Step step) {
        var wait = step.waiting();
        var what = (wait.what().isBlank() ? Words.of("tag.waits") : wait.what()) + " " + wait.time().text();
        return what + " → " + switch (wait.cover()) {
            case Cover.Stay _ -> Words.of("cover.stay.short");
            case Cover.CarryOn(var at) -> lesson.indexOf(at) < 0 ? Words.of("cover.open.short") : Words.of("cover.carryOn.short", lesson.indexOf(at) + 1);
            case Cover.Cut _ -> Words.of("cover.cut.short");
            case Cover.ReadyCopy _ -> Words.of("cover.copy.short");
            case Cover.SpeedUp(int times) -> Words.of("cover.speed.short", times);
        };
    }
}

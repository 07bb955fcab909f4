package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import webodidact.core.amount.AmountText;
import webodidact.core.branch.Branches;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.publish.CardText;
import webodidact.formats.recipe.RecipeLd;

/** The lesson as a recipe for the web. */
final class RecipeFile implements FilePaper {
    @Override
    public String id() {
        return "recipe";
    }

    @Override
    public List<String> endings() {
        return List.of("jsonld");
    }

    @Override
    public String written(Edition edition, String ending) {
        var outcome = edition.outcome();
        var lesson = outcome.lesson();
        var ingredients = edition.answers().gather().entries().stream()
                .map(e -> e.line().optional() ? Words.say("noted", e.told(), Words.say("page.optional")) : e.told())
                .toList();
        var description = new ArrayList<String>();
        description.add(GatherPaper.contains(edition));
        if (!lesson.foods().isEmpty()) description.add(Words.say("page.labels"));
        if (lesson.audience().needsAdult()) description.add(Words.say("page.adult"));
        description.add(Words.say("page.local"));
        var count =
                AmountText.number(lesson.makes().count().times(outcome.gather().factor()));
        boolean complete = outcome.schedule().isComplete();
        return RecipeLd.write(new RecipeLd.Recipe(
                lesson.title(),
                String.join(" ", description).strip(),
                outcome.course().instructor(),
                edition.language().code(),
                count + " " + lesson.makes().what(),
                ingredients,
                lesson.tools().stream().map(t -> t.name()).toList(),
                sections(edition),
                complete ? hands(Branches.onAir(lesson)) : 0,
                complete ? cooking(Branches.onAir(lesson)) : 0,
                complete ? outcome.schedule().kitchen() : 0));
    }

    private static List<RecipeLd.Section> sections(Edition edition) {
        var parts = new LinkedHashMap<String, List<RecipeLd.Step>>();
        var part = "";
        for (var step : edition.lesson().steps()) {
            if (!step.part().isBlank()) part = step.part();
            if (!step.kind().isHandsOn()) continue;
            var section = step.branch().isEmpty() ? part : step.branch();
            parts.computeIfAbsent(section, k -> new ArrayList<>())
                    .add(new RecipeLd.Step(step.title(), text(edition, step)));
        }
        return parts.entrySet().stream()
                .map(e -> new RecipeLd.Section(parts.size() < 2 ? "" : e.getKey(), e.getValue()))
                .toList();
    }

    private static String text(Edition edition, Step step) {
        var text = CardText.of(step, edition.outcome().knowledge()).text();
        var said = text.isBlank() ? step.title() : text;
        var wait = MethodCard.waiting(step);
        return wait.isEmpty() ? said : Words.say("recipe.wait", said, wait);
    }

    private static int hands(Lesson lesson) {
        return lesson.steps().stream().mapToInt(s -> s.hands().likely()).sum();
    }

    private static int cooking(Lesson lesson) {
        return lesson.steps().stream()
                .filter(s -> s.place().isHot() && s.waiting() != null)
                .mapToInt(s -> s.waiting().time().likely())
                .sum();
    }
}

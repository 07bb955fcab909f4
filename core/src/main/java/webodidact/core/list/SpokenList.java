package webodidact.core.list;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;

/** The list as it is said aloud in the gather check, against the list as it is. */
public record SpokenList(Step step, int number, List<FoodLine> said, List<FoodLine> unsaid) {
    public static SpokenList of(Lesson lesson, Knowledge knowledge) {
        return of(lesson, Mentions.of(lesson, knowledge), knowledge);
    }

    /** Empty lists and no step where nothing is gathered on air. */
    public static SpokenList of(Lesson lesson, Mentions finder, Knowledge knowledge) {
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            if (step.kind() == Kind.RUN_THROUGH) return of(lesson, step, i + 1, finder, knowledge);
        }
        return new SpokenList(null, 0, List.of(), List.of());
    }

    private static SpokenList of(Lesson lesson, Step step, int number, Mentions mentions, Knowledge knowledge) {
        var named = new HashSet<String>();
        mentions.in(step.say()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .forEach(m -> named.add(m.id()));
        var said = new ArrayList<FoodLine>();
        var unsaid = new ArrayList<FoodLine>();
        for (var line : lesson.foods()) {
            boolean tap = knowledge
                    .food(line.cooked())
                    .map(f -> f.shelf() == Shelf.TAP)
                    .orElse(false);
            // What no step uses is another mistake, and has its own finding.
            boolean used = lesson.steps().stream().anyMatch(x -> x.usesLine(line.id()));
            boolean isNamed = named.contains(line.id()) || isShort(step.say(), line, lesson, knowledge);
            if (!tap && (used || isNamed)) (isNamed ? said : unsaid).add(line);
        }
        return new SpokenList(step, number, List.copyOf(said), List.copyOf(unsaid));
    }

    /** "Soy" for the soy sauce: a word of its name that no other line has, and that does not only describe it. */
    private static boolean isShort(String text, FoodLine line, Lesson lesson, Knowledge knowledge) {
        var said = words(text);
        if (isOneOfBoth(text, line, lesson)
                || SPICES.matcher(text).find()
                        && knowledge
                                .food(line.cooked())
                                .filter(f -> f.shelf() == Shelf.SPICE)
                                .isPresent()) return true;
        return words(line.item()).stream()
                .filter(w -> w.length() > 2 && said.contains(w) && !knowledge.isDescription(w))
                .anyMatch(w -> lesson.foods().stream()
                        .noneMatch(o -> o != line && words(o.item()).contains(w)));
    }

    /** "Both oils": the two lines whose names have it. */
    private static boolean isOneOfBoth(String text, FoodLine line, Lesson lesson) {
        var m = BOTH.matcher(text);
        while (m.find()) {
            var noun = m.group(1).toLowerCase(Locale.ROOT);
            if (words(line.item()).contains(noun)
                    && lesson.foods().stream()
                                    .filter(o -> words(o.item()).contains(noun))
                                    .count()
                            == 2) return true;
        }
        return false;
    }

    /** All of them at once. */
    private static final Pattern SPICES =
            Pattern.compile("\\b(?:the|your|my|our|all|these|those) (?:\\p{L}+ )?spices\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern BOTH = Pattern.compile(
            "\\bboth (?:of )?(?:the |your |kinds of |types of |sorts of )?(\\p{L}{3,}?)s?\\b",
            Pattern.CASE_INSENSITIVE);

    private static List<String> words(String text) {
        return Arrays.asList(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
    }
}

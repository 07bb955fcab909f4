package webodidact.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import webodidact.core.edit.Operations;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.reading.RecipeReader;

/**
 * A whole page of a recipe or a method as it was understood; no word of its method is lost.
 *
 * @param recipe title, foods, yield and what else was on the page
 * @param steps the method, one wait a step at the most
 */
public record Page(RecipeReader.Recipe recipe, List<Piece> steps) {
    /**
     * One step of a method.
     *
     * @param title its first doing, in a few words
     * @param words as written
     * @param spoken the words are said rather than done
     */
    public record Piece(String title, String words, Kind kind, boolean spoken) {}

    public Page {
        steps = List.copyOf(steps);
    }

    public boolean isEmpty() {
        return steps.isEmpty() && recipe.lines().isEmpty();
    }

    /** The whole page put into a lesson, its steps at {@code index}, from 0 to the number of steps. */
    public UnaryOperator<Lesson> into(int index, Knowledge knowledge) {
        return lesson -> {
            var changed = Operations.paste(recipe, knowledge).apply(lesson);
            int at = index;
            for (var piece : steps) changed = changed.inserting(at++, step(piece, changed.newStepId()));
            return changed;
        };
    }

    private static Step step(Piece piece, String id) {
        return Step.blank(id, piece.kind(), piece.title()).but(d -> {
            if (piece.spoken()) d.say = piece.words();
            else d.doing = piece.words();
            if (!piece.kind().isHandsOn()) d.who = Who.PRESENTER;
        });
    }

    /** Before the goodbye: behind the last step that is done, or behind the welcome where none is yet. */
    public static int place(Lesson lesson) {
        var steps = lesson.steps();
        int last = -1;
        for (int i = 0; i < steps.size(); i++) if (steps.get(i).kind().isHandsOn()) last = i;
        if (last >= 0) return last + 1;
        int end = steps.size();
        while (end > 0 && (steps.get(end - 1).kind() == Kind.TASK || isClosing(steps, end - 1))) end--;
        return end;
    }

    /** A talk after the hands and the gather check closes the lesson. */
    private static boolean isClosing(List<Step> steps, int i) {
        return steps.get(i).kind() == Kind.TALK && i > 0 && i == steps.size() - 1;
    }

    /** The first step in which hands work on food, where a lesson made of a page is begun to be read. */
    public static Optional<String> firstOf(Lesson lesson) {
        return lesson.steps().stream()
                .filter(s -> s.kind() == Kind.HANDS_ON)
                .map(Step::id)
                .findFirst();
    }

    /** The ids of the steps that a lesson has beyond another. */
    public static List<String> added(Lesson before, Lesson after) {
        var all = new ArrayList<String>();
        for (var step : after.steps()) if (before.step(step.id()).isEmpty()) all.add(step.id());
        return List.copyOf(all);
    }
}

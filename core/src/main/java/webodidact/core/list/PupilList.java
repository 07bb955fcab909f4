package webodidact.core.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;

/** The gather list withheld as an exercise: what is told, what is asked, and the answer key. */
public record PupilList(List<Question> questions, List<String> foods, List<String> answers) {
    /**
     * @param step number of it, from 1
     * @param blanks foods that have to be found for it
     */
    public record Question(int step, String title, String doing, int blanks) {}

    /** The key is the gather list itself, so it can never differ from it. */
    public static PupilList of(Lesson lesson, MeasureSystem house, Knowledge knowledge) {
        var questions = new ArrayList<Question>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            if (!step.uses().isEmpty())
                questions.add(new Question(
                        i + 1, step.title(), step.doing(), step.uses().size()));
        }
        var entries = GatherList.of(lesson, house, knowledge).entries();
        // In the alphabet's order the list does not give away which step wants what.
        var foods = entries.stream()
                .map(GatherList.Entry::item)
                .sorted(Comparator.comparing(s -> s.toLowerCase(Locale.ROOT)))
                .toList();
        var answers = entries.stream()
                .map(e ->
                        Words.OURS.say(e.steps().isEmpty() ? "answer" : "answer.steps", e.item(), e.take(), e.steps()))
                .toList();
        return new PupilList(List.copyOf(questions), foods, answers);
    }
}

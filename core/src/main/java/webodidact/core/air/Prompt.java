package webodidact.core.air;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Step;
import webodidact.core.publish.Prompter;
import webodidact.core.timing.Pace;
import webodidact.core.words.SpokenWords;

/** The words of a step in breaths, each with the second of the step at which it is due at the instructor's own pace. */
public record Prompt(List<Line> lines) {
    /**
     * @param from second of the step at which it is due, exact
     * @param to second at which it is said
     * @param caution said at {@link Pace#CAUTION} words a minute at the most
     * @param ends a sentence ends with it
     */
    public record Line(String words, Ratio from, Ratio to, boolean caution, boolean ends) {}

    public Prompt {
        lines = List.copyOf(lines);
    }

    public static Prompt of(Step step, Pace pace) {
        var lines = new ArrayList<Line>();
        int own = pace.wordsPerMinute(step.segment());
        var now = read(lines, step.say(), Ratio.ZERO, own);
        if (!step.question().isBlank()) {
            now = read(lines, step.question(), now, own);
            read(lines, step.answer(), now.plus(Ratio.of(Pace.ANSWER_PAUSE)), own);
        }
        return new Prompt(lines);
    }

    private static Ratio read(List<Line> lines, String text, Ratio from, int own) {
        var now = from;
        for (var breath : Prompter.breaths(text)) {
            int a = breath.caution() ? Math.min(own, Pace.CAUTION) : own;
            var to = now.plus(Ratio.of(SpokenWords.count(breath.words()) * 60L, a));
            lines.add(new Line(breath.words(), now, to, breath.caution(), breath.ends()));
            now = to;
        }
        return now;
    }

    /** The line that is due at that second of the step; the number of lines once all is said, then it waits. */
    public int due(int second) {
        var now = Ratio.of(second);
        for (int i = 0; i < lines.size(); i++) if (now.isLessThan(lines.get(i).to())) return i;
        return lines.size();
    }
}

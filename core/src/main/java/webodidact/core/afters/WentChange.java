package webodidact.core.afters;

import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.FactLine;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;

/**
 * A line of how it went as a change of a step, where its words are facts that the Script's own line takes: "Step 4: hands 5", "hold 45 s
 * after step 2". What is said in a sentence stays a sentence: nothing is guessed from it.
 */
public final class WentChange {
    private static final Pattern STEP = Pattern.compile(
            "[\\s,;:–-]*\\b(?:in|at|after|on|for|of)?\\s*step (\\d{1,3})\\b[\\s,:–-]*", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPENING = Pattern.compile(
            "^(?:(?:next time,?|plan|give it|give|make it|needs?(?: an?)?|add(?: an?)?|use|let it)\\s+)+",
            Pattern.CASE_INSENSITIVE);
    /** How it was, or was not, tells no figure to set. */
    private static final Pattern TOLD = Pattern.compile(
            "\\b(too|over|late|early|longer|shorter|more|less|behind|ahead|not?|never|was|were|ran|took|had|almost|nearly)\\b|n['’]t\\b",
            Pattern.CASE_INSENSITIVE);

    private WentChange() {}

    /** The step that a line names; empty where it names none, or one that the lesson has not. */
    public static Optional<Step> step(String line, Lesson lesson) {
        var m = STEP.matcher(line);
        if (!m.find()) return Optional.empty();
        int number = Integer.parseInt(m.group(1));
        return number >= 1 && number <= lesson.steps().size()
                ? Optional.of(lesson.steps().get(number - 1))
                : Optional.empty();
    }

    /** @param chosen the step that is meant where the line names none; null for none */
    public static Optional<Differently.Change> of(
            String line, Lesson lesson, Step chosen, Knowledge knowledge, Pace pace) {
        boolean names = STEP.matcher(line).find();
        var step = names ? step(line, lesson).orElse(null) : chosen;
        var words = OPENING.matcher(STEP.matcher(line).replaceFirst(" ").strip())
                .replaceFirst("")
                .replaceAll("[.!]+$", "");
        if (step == null || words.isBlank() || TOLD.matcher(words).find()) return Optional.empty();
        var read = FactLine.settings(words, lesson, step, knowledge);
        var changed = read.isWhole() ? read.taken(step) : step;
        if (changed.equals(step)) return Optional.empty();
        UnaryOperator<Lesson> change = l -> l.withStep(step.id(), read::taken);
        int planned = Planner.plan(lesson, pace).planned();
        var facts = read.facts().stream().map(FactLine.Fact::text).collect(Collectors.joining(", "));
        return Optional.of(new Differently.Change(
                Words.OURS.say("went.change", lesson.indexOf(step.id()) + 1, facts),
                Planner.plan(change.apply(lesson), pace).planned() - planned,
                b -> b.withLesson(lesson.id(), change)));
    }
}

package webodidact.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.answer.Answers;
import webodidact.core.food.Action;
import webodidact.core.food.Actions;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Asides;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.script.Told;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Schedule;
import webodidact.core.trace.Trace;

/**
 * All that a check may look at: the answer book of the lesson. Where an answer could not be worked out, the checks that ask for it are
 * left out, and its failure is told once.
 */
public record Situation(Answers answers) {
    public Lesson lesson() {
        return answers.question().lesson();
    }

    public Course course() {
        return answers.question().course();
    }

    public Knowledge knowledge() {
        return answers.question().knowledge();
    }

    public Pace pace() {
        return answers.pace();
    }

    public Schedule schedule() {
        return answers.schedule();
    }

    /** By step id, what its say text names. */
    public Map<String, List<Mentions.Mention>> mentions() {
        return answers.said();
    }

    /** By step id, what its do text names. */
    public Map<String, List<Mentions.Mention>> done() {
        return answers.done();
    }

    /** There are steps, and no hands-on step is without a fact: before that what is in no step yet is no slip. */
    public boolean isWritten() {
        return lesson().steps().stream().anyMatch(step -> step.kind() == Kind.HANDS_ON)
                && lesson().steps().stream()
                        .filter(step -> step.kind() == Kind.HANDS_ON)
                        .allMatch(step -> hasFacts(step) || isRead(step));
    }

    private static boolean hasFacts(Step step) {
        return !step.uses().isEmpty()
                || !step.hands().isZero()
                || step.waiting() != null
                || !step.tools().isEmpty()
                || !step.acts().isEmpty();
    }

    /** "Here's one from this morning": it has words, and nothing in them is left to take. */
    private boolean isRead(Step step) {
        return !(step.say().isBlank() && step.doing().isBlank())
                && !answers.proposals().containsKey(step.id());
    }

    public Trace trace() {
        return answers.trace();
    }

    /** All texts of the lesson, to be searched for words. */
    public Told told() {
        return Told.of(lesson());
    }

    /** The food that a line is cooked with, where the table knows it. */
    public Optional<Food> food(FoodLine line) {
        return knowledge().food(line.cooked());
    }

    /** The foods that a step uses, as far as the table knows them. */
    public Stream<Food> foods(Step step) {
        return step.uses().stream()
                .flatMap(u -> lesson().food(u.line()).stream())
                .flatMap(l -> food(l).stream());
    }

    /** What the words of a step do here and now, in their order. */
    public Stream<Action> deeds(Step step) {
        return Stream.of(step.say(), step.doing())
                .flatMap(text -> knowledge().actionsIn(text).stream()
                        .filter(a -> !Asides.of(text).covers(a.start())))
                .map(Actions.Found::action);
    }

    /** The foods of the list that the table knows. */
    public Stream<Food> foods() {
        return lesson().foods().stream().flatMap(l -> food(l).stream());
    }

    /** The step uses the line, or its words name it. */
    public boolean isAt(Step step, FoodLine line) {
        return step.usesLine(line.id()) || mentions().get(step.id()).stream().anyMatch(m -> m.id().equals(line.id()));
    }

    /** Steps in which hands work on food, in their order. */
    public Stream<Step> handsOn() {
        return lesson().steps().stream().filter(step -> step.kind().isHandsOn());
    }

    /** Number of a step, from 1. */
    public int number(Step step) {
        return number(step.id());
    }

    /** Number of the step of that id, from 1; 0 if there is none. */
    public int number(String step) {
        return answers.numbers().getOrDefault(step, 0);
    }

    public Map<String, Draws.Line> draws() {
        return answers.draws();
    }
}

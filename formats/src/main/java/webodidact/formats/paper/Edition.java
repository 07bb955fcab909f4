package webodidact.formats.paper;

import java.util.Map;
import java.util.function.Supplier;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.answer.Answers;
import webodidact.core.branch.Branches;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.list.HomeList;
import webodidact.core.outcome.Outcome;
import webodidact.core.publish.AirTimes;
import webodidact.core.script.Draws;
import webodidact.core.words.Language;

/**
 * A lesson's papers for one reader: whose home, in which measures and language, on what paper.
 *
 * @param home the home it is for, or null for any home of the lesson's number of people
 * @param draft stops are open, and every page says so
 * @param take what captions and chapters are timed by, or null for the plan
 * @param answers the lesson's answers, worked out in that language
 */
public record Edition(
        Outcome outcome,
        Household home,
        MeasureSystem measures,
        Language language,
        Print print,
        boolean draft,
        Take take,
        Answers answers) {
    public static Edition of(Outcome outcome) {
        var language = outcome.lesson().language();
        return new Edition(
                outcome,
                null,
                outcome.course().house(),
                language,
                Print.USUAL,
                false,
                null,
                answers(outcome, language));
    }

    /** Those of the interface have been worked out in its language; a paper in another one works out its own when they are asked for. */
    private static Answers answers(Outcome outcome, Language language) {
        return language == Language.ofInterface()
                ? outcome.answers()
                : new Answers(outcome.answers().question(), language);
    }

    /** For that home, in its own measures. */
    public Edition forHome(Household other) {
        return new Edition(
                outcome, other, other == null ? measures : other.system(), language, print, draft, take, answers);
    }

    public Edition in(MeasureSystem other) {
        return new Edition(outcome, home, other, language, print, draft, take, answers);
    }

    public Edition in(Language other) {
        return new Edition(outcome, home, measures, other, print, draft, take, answers(outcome, other));
    }

    public Edition printed(Print other) {
        return new Edition(outcome, home, measures, language, other, draft, take, answers);
    }

    public Edition asDraft(boolean on) {
        return new Edition(outcome, home, measures, language, print, on, take, answers);
    }

    public Edition timedBy(Take other) {
        return new Edition(outcome, home, measures, language, print, draft, other, answers);
    }

    AirTimes times() {
        return take == null ? AirTimes.plan(outcome.schedule()) : AirTimes.take(outcome.schedule(), take);
    }

    Lesson lesson() {
        return outcome.lesson();
    }

    /** As its reader takes it: a home one branch of it, everybody else all of them. */
    Lesson taken() {
        return home == null ? lesson() : Branches.forHome(lesson(), home, outcome.knowledge());
    }

    /** What the steps take of the list; of a branch that is not on air, what its own steps do. */
    Map<String, Draws.Line> draws(Step step) {
        if (step.branch().isEmpty() || step.branch().equals(Branches.shown(lesson()))) return outcome.draws();
        return answers.about(Branches.taking(lesson(), step.branch())).draws();
    }

    <T> T speaking(Supplier<T> work) {
        return language.during(work);
    }

    /** Every home has these amounts and words: no swaps of a home's own, no other measures. */
    boolean isUsual() {
        return home == null && measures == outcome.course().house();
    }

    /** The home it is for; where it is for any, one that lacks nothing. */
    Household reader() {
        return (home == null ? Household.named("-") : home).but(d -> d.system = measures);
    }

    /** The list in the reader's words and measures. */
    HomeList list() {
        if (home != null && home.system() == measures) return answers.homeList(home);
        var reader = reader();
        var question = answers.question();
        return HomeList.of(taken(), reader, question.homes(), outcome.knowledge(), outcome.course());
    }
}

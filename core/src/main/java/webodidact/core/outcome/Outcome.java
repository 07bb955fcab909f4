package webodidact.core.outcome;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Missing;
import webodidact.core.answer.Question;
import webodidact.core.bench.BenchPlan;
import webodidact.core.branch.Branches;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Family;
import webodidact.core.check.Report;
import webodidact.core.check.Situation;
import webodidact.core.check.Unworked;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.list.GatherList;
import webodidact.core.rules.Rules;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.script.Suggestion;
import webodidact.core.timing.Calibration;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Schedule;
import webodidact.core.words.Message;

/**
 * What follows from a lesson: its answer book, of which the times, what the steps take, the plan of the Bench and the gather list are
 * worked out at once, and what the checks say of it. A pure function of the question. Each part is worked out apart: one that fails is
 * empty and told in {@code unworked} and as a stop, the others are of the lesson as it stands.
 */
public final class Outcome {
    /** What is worked out apart from the rest. */
    public enum Part {
        TIMES,
        USES,
        BENCH,
        GATHER;

        private Message said() {
            return part(name().toLowerCase(Locale.ROOT));
        }
    }

    private static final Message ALL = part("all");
    private static final BenchPlan NO_PLAN = new BenchPlan(List.of(), List.of());

    private final Answers answers;
    private final Report report;
    private final List<Unworked> unworked;

    private Outcome(Answers answers, Report report, List<Unworked> unworked) {
        this.answers = answers;
        this.report = report;
        this.unworked = unworked;
    }

    public static Outcome of(Lesson lesson, Course course, Knowledge knowledge) {
        return of(Question.of(lesson, course, knowledge));
    }

    /** The times, and those checks alone: whoever asks for no more need not wait for what the words say; that is worked out once asked. */
    public static Outcome ofTimes(Question question, List<Check> checks) {
        var answers = new Answers(question);
        return new Outcome(answers, question, checks, times(answers));
    }

    public static Outcome of(Question question) {
        var answers = new Answers(question);
        var apart = times(answers);
        apart.work(part("mentions"), answers::said, null);
        apart.work(part("mentions"), answers::done, null);
        apart.work(Part.USES.said(), answers::draws, null);
        apart.work(part("mentions"), answers::proposals, null);
        apart.work(Part.BENCH.said(), answers::bench, null);
        apart.work(Part.GATHER.said(), answers::gather, null);
        return new Outcome(answers, question, Rules.ALL, apart);
    }

    private static Unworked.Apart times(Answers answers) {
        var apart = new Unworked.Apart();
        apart.work(part("pace"), answers::pace, null);
        apart.work(Part.TIMES.said(), answers::schedule, null);
        return apart;
    }

    private Outcome(Answers answers, Question question, List<Check> checks, Unworked.Apart apart) {
        this(
                answers,
                Branches.isForked(question.lesson())
                        ? ofBranches(question, checks, apart.failed())
                        : Report.of(checks, new Situation(answers), apart.failed()),
                apart.failed());
    }

    /** What is wrong as it is shown, and in each other branch what is wrong there alone. */
    private static Report ofBranches(Question question, List<Check> checks, List<Unworked> failed) {
        var shown = Branches.shown(question.lesson());
        var report = ofBranch(question, shown, checks, failed);
        for (var name : Branches.names(question.lesson()))
            if (!name.equals(shown))
                report = report.and(
                        // What is not shown has no dead air.
                        ofBranch(question, name, checks, List.of()).without(f -> f.family() == Family.DELIVERY), name);
        return report;
    }

    private static Report ofBranch(Question question, String name, List<Check> checks, List<Unworked> failed) {
        var lesson = question.lesson();
        var taken = question.about(Branches.walking(lesson, name));
        return Report.of(checks, new Situation(new Answers(taken)), failed)
                .without(f -> isOfOthers(lesson, name, f.foods())
                        || isOfOthers(lesson, name, f.concerns().tools()));
    }

    /** "Nobody uses the beef": those who take the other branch do. */
    private static boolean isOfOthers(Lesson lesson, String name, List<String> things) {
        return !things.isEmpty() && things.stream().allMatch(t -> Branches.leaves(lesson, name, t));
    }

    /** Nothing could be worked out: a stop says so, and nothing is shown of an earlier state. */
    public static Outcome failed(Question question, Throwable why) {
        var all = List.of(Unworked.of(ALL, why));
        return new Outcome(
                new Answers(question), new Report(List.of(all.getFirst().finding()), List.of()), all);
    }

    private static Message part(String code, Object... args) {
        return CheckTable.words().message("part." + code, args);
    }

    /** What was worked out, or {@code instead} where that was not possible. */
    private <T> T or(Supplier<T> answer, Supplier<T> instead) {
        if (unworked.stream().anyMatch(u -> u.what().equals(ALL))) return instead.get();
        try {
            return answer.get();
        } catch (Missing e) {
            return instead.get();
        }
    }

    /** The whole answer book; an answer that could not be worked out throws {@link Missing}. */
    public Answers answers() {
        return answers;
    }

    public Lesson lesson() {
        return answers.question().lesson();
    }

    public Course course() {
        return answers.question().course();
    }

    public Knowledge knowledge() {
        return answers.question().knowledge();
    }

    public Map<Segment, Calibration.Measured> measured() {
        return answers.question().measured();
    }

    public Pace pace() {
        return or(answers::pace, () -> Pace.of(lesson().audience(), Map.of(), Map.of()));
    }

    /** Without times every step is at 0:00: {@link #missing} says so. */
    public Schedule schedule() {
        return or(answers::schedule, () -> Schedule.unknown(lesson()));
    }

    /** By step id, what its words say and nobody has taken. */
    public Map<String, List<Suggestion>> proposals() {
        return or(answers::proposals, Map::of);
    }

    public Map<String, List<Mentions.Mention>> said() {
        return or(answers::said, Map::of);
    }

    public Map<String, List<Mentions.Mention>> done() {
        return or(answers::done, Map::of);
    }

    public Map<String, Draws.Line> draws() {
        return or(answers::draws, Map::of);
    }

    public BenchPlan bench() {
        return or(answers::bench, () -> NO_PLAN);
    }

    public GatherList gather() {
        return or(answers::gather, GatherList::none);
    }

    public Report report() {
        return report;
    }

    public List<Unworked> unworked() {
        return unworked;
    }

    /** Why that part is empty: it could not be worked out. Without times every step is at 0:00, and there is no plan for the Bench. */
    public Optional<Unworked> missing(Part part) {
        return unworked.stream()
                .filter(u -> u.what().equals(ALL)
                        || u.what().equals(part.said())
                        || part == Part.BENCH && u.what().equals(Part.TIMES.said()))
                .findFirst();
    }

    /** For what can show nothing without that part. @throws Missing if it could not be worked out */
    public void need(Part part) {
        missing(part).ifPresent(u -> {
            throw new Missing(u.text() + " " + u.why());
        });
    }
}

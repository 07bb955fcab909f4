package webodidact.core.answer;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Supplier;
import webodidact.core.bench.BackTimer;
import webodidact.core.bench.BenchPlan;
import webodidact.core.branch.Branches;
import webodidact.core.homes.Coverage;
import webodidact.core.homes.CoverageGrid;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.list.BenchList;
import webodidact.core.list.Costs;
import webodidact.core.list.GatherList;
import webodidact.core.list.HomeList;
import webodidact.core.list.ImpliedTools;
import webodidact.core.list.KitList;
import webodidact.core.list.LeadTimes;
import webodidact.core.list.Leftovers;
import webodidact.core.list.Makes;
import webodidact.core.list.PupilList;
import webodidact.core.list.SaltShare;
import webodidact.core.list.Sharing;
import webodidact.core.list.ShootList;
import webodidact.core.list.SpokenList;
import webodidact.core.list.SubstitutionSheet;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.script.Suggestion;
import webodidact.core.script.Suggestions;
import webodidact.core.swap.DishLabels;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;
import webodidact.core.trace.Trace;
import webodidact.core.words.Language;

/**
 * The answer book of one {@link Question}: every list and figure, each worked out when it is first asked for and then kept. Checks,
 * screens and papers ask the same book, so that they cannot disagree. Each may throw {@link Missing} if it could not be worked out.
 */
public final class Answers {
    private final Question question;
    private final Language language;
    private final Supplier<Lesson> onAir = new Lazy<>(this::language, () -> Branches.onAir(lesson()));
    private final Supplier<Map<String, Integer>> numbers = new Lazy<>(this::language, this::count);
    private final Supplier<Pace> pace = new Lazy<>(this::language, this::findPace);
    private final Supplier<Schedule> schedule = new Lazy<>(this::language, () -> Planner.plan(lesson(), pace()));
    private final Supplier<Mentions> finder =
            new Lazy<>(this::language, () -> Mentions.of(lesson(), question().knowledge()));
    private final Supplier<Trace> trace = new Lazy<>(
            this::language, () -> Trace.of(onAir(), finder(), question().knowledge()));
    private final Supplier<Map<String, List<Mentions.Mention>>> said =
            new Lazy<>(this::language, () -> mentions(Step::say));
    private final Supplier<Map<String, List<Mentions.Mention>>> done =
            new Lazy<>(this::language, () -> mentions(Step::doing));
    private final Supplier<Map<String, List<Suggestion>>> proposals = new Lazy<>(this::language, this::propose);
    private final Supplier<Map<String, Draws.Line>> draws = new Lazy<>(
            this::language,
            () -> Draws.of(onAir(), question().knowledge(), question().course().house()));
    private final Supplier<BenchPlan> bench = new Lazy<>(
            this::language,
            () -> BackTimer.plan(onAir(), schedule(), question().course().kitchen()));
    private final Supplier<GatherList> gather = new Lazy<>(
            this::language,
            () -> GatherList.of(
                    lesson(), question().course().house(), question().knowledge()));
    private final Supplier<ShootList> shoot = new Lazy<>(
            this::language,
            () -> ShootList.of(onAir(), question().course(), question().knowledge()));
    private final Supplier<BenchList> setOut = new Lazy<>(
            this::language,
            () -> BenchList.of(onAir(), question().course(), question().knowledge()));
    private final Supplier<KitList> kit = new Lazy<>(
            this::language,
            () -> KitList.of(onAir(), question().course(), question().knowledge()));
    private final Supplier<PupilList> pupil = new Lazy<>(
            this::language,
            () -> PupilList.of(lesson(), question().course().house(), question().knowledge()));
    private final Supplier<SpokenList> spoken = new Lazy<>(
            this::language, () -> SpokenList.of(lesson(), finder(), question().knowledge()));
    private final Supplier<SubstitutionSheet> substitutions = new Lazy<>(
            this::language,
            () -> SubstitutionSheet.of(lesson(), question().course(), question().knowledge()));
    private final Supplier<List<LeadTimes.Lead>> leads =
            new Lazy<>(this::language, () -> LeadTimes.of(lesson(), question().knowledge()));
    private final Supplier<Costs> costs = new Lazy<>(
            this::language,
            () -> Costs.of(lesson(), question().course(), question().knowledge()));
    private final Supplier<List<Leftovers.Left>> leftovers = new Lazy<>(
            this::language,
            () -> Leftovers.of(
                    onAir(), question().all(), question().course(), question().knowledge()));
    private final Supplier<Makes> makes = new Lazy<>(
            this::language,
            () -> Makes.of(onAir(), question().course(), question().knowledge()));
    private final Supplier<SaltShare> salt = new Lazy<>(
            this::language,
            () -> SaltShare.of(onAir(), question().course(), question().knowledge()));
    private final Supplier<List<Sharing.Delay>> delays = new Lazy<>(this::language, () -> Sharing.delays(onAir()));
    private final Supplier<DishLabels> labels =
            new Lazy<>(this::language, () -> DishLabels.of(lesson(), question().knowledge()));
    private final Supplier<Map<String, Integer>> implied = new Lazy<>(
            this::language, () -> ImpliedTools.of(lesson(), question().knowledge()));
    private final Supplier<CoverageGrid> grid = new Lazy<>(
            this::language,
            () -> CoverageGrid.of(
                    lesson(),
                    question().homes(),
                    question().knowledge(),
                    question().course()));
    private final Map<String, Supplier<List<Offer>>> offers = new ConcurrentHashMap<>();
    private final Map<String, Supplier<Coverage>> coverage = new ConcurrentHashMap<>();
    private final Map<String, Supplier<HomeList>> homes = new ConcurrentHashMap<>();

    public Answers(Question question) {
        this(question, Language.ofInterface());
    }

    /** For papers: their words are those of that language. */
    public Answers(Question question, Language language) {
        this.question = question;
        this.language = language;
    }

    private Language language() {
        return language;
    }

    /** The same of another lesson of the course, in the same language. */
    public Answers about(Lesson other) {
        return new Answers(question.about(other), language);
    }

    public Question question() {
        return question;
    }

    private Lesson lesson() {
        return question.lesson();
    }

    /** As it is shown, without the branches that are not. */
    private Lesson onAir() {
        return onAir.get();
    }

    private Pace findPace() {
        return Pace.of(lesson().audience(), question.course().pace(), question.measured())
                .carrying(question.course().carry());
    }

    private Map<String, List<Mentions.Mention>> mentions(Function<Step, String> text) {
        var all = new LinkedHashMap<String, List<Mentions.Mention>>();
        for (var step : lesson().steps()) all.put(step.id(), finder().in(text.apply(step)));
        return all;
    }

    /** How fast it is spoken. */
    public Pace pace() {
        return pace.get();
    }

    /** By step id, its number from 1. */
    public Map<String, Integer> numbers() {
        return numbers.get();
    }

    private Map<String, Integer> count() {
        var all = new HashMap<String, Integer>();
        for (int i = 0; i < lesson().steps().size(); i++)
            all.putIfAbsent(lesson().steps().get(i).id(), i + 1);
        return all;
    }

    public Schedule schedule() {
        return schedule.get();
    }

    /** Finds foods and tools of this lesson in words. */
    public Mentions finder() {
        return finder.get();
    }

    /** What hands and tools carry through the lesson. */
    public Trace trace() {
        return trace.get();
    }

    /** By step id, what its say text names. */
    public Map<String, List<Mentions.Mention>> said() {
        return said.get();
    }

    /** By step id, what its do text names. */
    public Map<String, List<Mentions.Mention>> done() {
        return done.get();
    }

    /** By step id, what its words say and nobody has taken; in the order of the steps, only those that have any. */
    public Map<String, List<Suggestion>> proposals() {
        return proposals.get();
    }

    private Map<String, List<Suggestion>> propose() {
        var all = new LinkedHashMap<String, List<Suggestion>>();
        var reader = new Suggestions(lesson(), question.knowledge(), question.hands());
        for (var step : lesson().steps()) {
            var found = reader.of(step);
            if (!found.isEmpty()) all.put(step.id(), found);
        }
        return all;
    }

    /** By food line id, what the steps take of it and leave. */
    public Map<String, Draws.Line> draws() {
        return draws.get();
    }

    /** What must be ready before air, by the clock. */
    public BenchPlan bench() {
        return bench.get();
    }

    public GatherList gather() {
        return gather.get();
    }

    public ShootList shoot() {
        return shoot.get();
    }

    /** The mise en place, step by step. */
    public BenchList setOut() {
        return setOut.get();
    }

    public KitList kit() {
        return kit.get();
    }

    public PupilList pupil() {
        return pupil.get();
    }

    /** What the gather check names aloud. */
    public SpokenList spoken() {
        return spoken.get();
    }

    public SubstitutionSheet substitutions() {
        return substitutions.get();
    }

    /** What is begun before class. */
    public List<LeadTimes.Lead> leads() {
        return leads.get();
    }

    public Costs costs() {
        return costs.get();
    }

    public List<Leftovers.Left> leftovers() {
        return leftovers.get();
    }

    public Makes makes() {
        return makes.get();
    }

    public SaltShare salt() {
        return salt.get();
    }

    /** Where groups wait for a tool. */
    public List<Sharing.Delay> delays() {
        return delays.get();
    }

    public DishLabels labels() {
        return labels.get();
    }

    /** Tools that steps need and no line of the kit has: number of the first step by the tool's id. */
    public Map<String, Integer> implied() {
        return implied.get();
    }

    public CoverageGrid grid() {
        return grid.get();
    }

    /** What could stand in for that line, for all homes. */
    public List<Offer> offers(FoodLine line) {
        return offers.computeIfAbsent(
                        line.id(),
                        k -> new Lazy<>(
                                this::language,
                                () -> new Swaps(question.knowledge(), question.course())
                                        .offers(lesson(), line, question.homes())))
                .get();
    }

    public Coverage coverage(FoodLine line) {
        return coverage.computeIfAbsent(
                        line.id(),
                        k -> new Lazy<>(
                                this::language,
                                () -> Coverage.of(
                                        lesson(), line, question.homes(), question.knowledge(), question.course())))
                .get();
    }

    /** The list of one home. */
    public HomeList homeList(Household home) {
        return homes.computeIfAbsent(
                        home.alias(),
                        k -> new Lazy<>(
                                this::language,
                                () -> HomeList.of(
                                        Branches.forHome(lesson(), home, question.knowledge()),
                                        home,
                                        question.homes(),
                                        question.knowledge(),
                                        question.course())))
                .get();
    }
}

package webodidact.core.lesson;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import webodidact.core.time.Seconds;
import webodidact.core.words.Language;

/**
 * One lesson: what it needs, what is said and done, and the decisions taken.
 *
 * @param id the file's name without ending
 * @param number its place in the course, 1 or more
 * @param slot seconds the broadcast or the kept recording may last, more than zero
 * @param air when it goes on air, or null
 * @param homeOf people in the home that the gather list is written for, 1 or more
 * @param ovenBefore the oven is heated before air
 * @param sets how often it is made at once: groups, demonstration, spares
 * @param shaping how the mixture is portioned, or null
 * @param language of its papers for homes; the interface has its own
 * @param went how it went, or null while nobody has said
 * @param bench what is decided about the plan before air, or null where all is left to it
 * @param branch the branch that is shown on air; "" for the first of each fork
 */
public record Lesson(
        String id,
        int number,
        String title,
        Delivery delivery,
        Audience audience,
        int slot,
        LocalDateTime air,
        Yield makes,
        int homeOf,
        boolean ovenBefore,
        List<FoodLine> foods,
        List<ToolLine> tools,
        List<Step> steps,
        List<Accepted> accepted,
        Sets sets,
        Shaping shaping,
        Language language,
        Went went,
        BenchEdits bench,
        String branch) {
    private static final Pattern FILE_NAME =
            Pattern.compile("[^./;\\\\\\p{Cntrl}\\p{Cs}][^/;\\\\\\p{Cntrl}\\p{Cs}]{0,119}");

    public Lesson {
        if (id == null || !FILE_NAME.matcher(id).matches())
            throw new IllegalArgumentException(Words.OURS.say("wrong.lesson", id));
        number = Math.clamp(number, 1, 10_000);
        title = title == null ? "" : title;
        delivery = delivery == null ? Delivery.COOK_ALONG : delivery;
        audience = audience == null ? Audience.ADULTS : audience;
        Seconds.checked(slot, Words.OURS.message("what.lesson"));
        if (slot == 0) throw new IllegalArgumentException(Words.OURS.say("wrong.lesson.2", slot));
        makes = makes == null ? Yield.UNKNOWN : makes;
        homeOf = homeOf < 1 ? makes.serves() : homeOf;
        if (homeOf > 1000) throw new IllegalArgumentException(Words.OURS.say("wrong.lesson.3", homeOf));
        foods = foods == null ? List.of() : List.copyOf(foods);
        tools = tools == null ? List.of() : List.copyOf(tools);
        steps = steps == null ? List.of() : List.copyOf(steps);
        accepted = accepted == null ? List.of() : List.copyOf(accepted);
        sets = sets == null ? Sets.NONE : sets;
        language = language == null ? Language.ENGLISH : language;
        went = went == null || went.isEmpty() ? null : went;
        bench = bench == null || bench.isEmpty() ? null : bench;
        branch = branch == null ? "" : branch.strip();
        unique(foods.stream().map(FoodLine::id).toList(), Words.OURS.message("what.lesson.2"));
        unique(steps.stream().map(Step::id).toList(), Words.OURS.message("what.lesson.3"));
        unique(tools.stream().map(ToolLine::id).toList(), Words.OURS.message("what.lesson.4"));
    }

    private static void unique(List<String> ids, Object what) {
        var seen = new HashSet<String>();
        for (var id : ids) {
            if (!seen.add(id)) throw new IllegalArgumentException(Words.OURS.say("wrong.lesson.4", what, id));
        }
    }

    public static Lesson blank(String id, int number, String title) {
        return new Lesson(
                id,
                number,
                title,
                Delivery.COOK_ALONG,
                Audience.ADULTS,
                45 * 60,
                null,
                Yield.UNKNOWN,
                4,
                false,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Sets.NONE,
                null,
                Language.ENGLISH,
                null,
                null,
                "");
    }

    /**
     * This lesson, if all that follows from it can be worked out: see {@link Workbook}.
     *
     * @throws IllegalArgumentException with what is out of bounds, where, and what was expected
     */
    public Lesson bounded() {
        Bounds.check(this);
        return this;
    }

    public Optional<Step> step(String stepId) {
        int at = indexOf(stepId);
        return at < 0 ? Optional.empty() : Optional.of(steps.get(at));
    }

    public Optional<FoodLine> food(String lineId) {
        for (var food : foods) if (food.id().equals(lineId)) return Optional.of(food);
        return Optional.empty();
    }

    /** The step's place from 0, or -1. */
    public int indexOf(String stepId) {
        for (int i = 0; i < steps.size(); i++) if (steps.get(i).id().equals(stepId)) return i;
        return -1;
    }

    public Lesson withSteps(List<Step> other) {
        return but(d -> d.steps = other);
    }

    public Lesson withFoods(List<FoodLine> other) {
        return but(d -> d.foods = other);
    }

    /** How it went; nothing where nobody has said. */
    public Went howItWent() {
        return went == null ? Went.NOTHING : went;
    }

    /** What is decided about the plan before air; nothing where all is left to it. */
    public BenchEdits benchEdits() {
        return bench == null ? BenchEdits.NONE : bench;
    }

    public Lesson withBench(UnaryOperator<BenchEdits> change) {
        return but(d -> d.bench = change.apply(benchEdits()));
    }

    /** This lesson with one step changed; unchanged if there is no such step. */
    public Lesson withStep(String stepId, UnaryOperator<Step> change) {
        return withSteps(steps.stream()
                .map(s -> s.id().equals(stepId) ? change.apply(s) : s)
                .toList());
    }

    /** This lesson with one food line changed; unchanged if there is no such line. */
    public Lesson withFood(String lineId, UnaryOperator<FoodLine> change) {
        return withFoods(foods.stream()
                .map(f -> f.id().equals(lineId) ? change.apply(f) : f)
                .toList());
    }

    /** {@code index} from 0 to the number of steps. */
    public Lesson inserting(int index, Step step) {
        var list = new ArrayList<>(steps);
        list.add(index, step);
        return withSteps(list);
    }

    public Lesson moving(String stepId, int to) {
        int from = indexOf(stepId);
        if (from < 0) return this;
        var list = new ArrayList<>(steps);
        var step = list.remove(from);
        list.add(Math.clamp(to, 0, list.size()), step);
        return withSteps(list);
    }

    /** Without the step; a wait that was collected in it is open again. */
    public Lesson removingStep(String stepId) {
        return withSteps(steps.stream()
                .filter(s -> !s.id().equals(stepId))
                .map(s ->
                        s.waiting() != null && s.waiting().cover() instanceof Cover.CarryOn(var at) && at.equals(stepId)
                                ? s.but(d -> d.waiting = s.waiting().covered(new Cover.CarryOn("")))
                                : s)
                .toList());
    }

    /** Without the line; steps no longer use it. */
    public Lesson removingFood(String lineId) {
        return but(d -> {
            d.foods = foods.stream().filter(f -> !f.id().equals(lineId)).toList();
            d.steps = steps.stream()
                    .map(s -> s.usesLine(lineId)
                            ? s.but(x -> x.uses = s.uses().stream()
                                    .filter(u -> !u.line().equals(lineId))
                                    .toList())
                            : s)
                    .toList();
        });
    }

    public String newStepId() {
        return Ids.next("s", steps.stream().map(Step::id).toList());
    }

    public String newFoodId() {
        return Ids.next("f", foods.stream().map(FoodLine::id).toList());
    }

    public String newToolId() {
        return Ids.next("t", tools.stream().map(ToolLine::id).toList());
    }

    public Lesson but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return draft.lesson();
    }

    /** The fields of a lesson while it is changed; lives only inside {@link Lesson#but}. */
    public static final class Draft {
        public String id;
        public int number;
        public String title;
        public Delivery delivery;
        public Audience audience;
        public int slot;
        public LocalDateTime air;
        public Yield makes;
        public int homeOf;
        public boolean ovenBefore;
        public List<FoodLine> foods;
        public List<ToolLine> tools;
        public List<Step> steps;
        public List<Accepted> accepted;
        public Sets sets;
        public Shaping shaping;
        public Language language;
        public Went went;
        public BenchEdits bench;
        public String branch;

        private Draft(Lesson l) {
            id = l.id;
            number = l.number;
            title = l.title;
            delivery = l.delivery;
            audience = l.audience;
            slot = l.slot;
            air = l.air;
            makes = l.makes;
            homeOf = l.homeOf;
            ovenBefore = l.ovenBefore;
            foods = l.foods;
            tools = l.tools;
            steps = l.steps;
            accepted = l.accepted;
            sets = l.sets;
            shaping = l.shaping;
            language = l.language;
            went = l.went;
            bench = l.bench;
            branch = l.branch;
        }

        private Lesson lesson() {
            return new Lesson(
                    id,
                    number,
                    title,
                    delivery,
                    audience,
                    slot,
                    air,
                    makes,
                    homeOf,
                    ovenBefore,
                    foods,
                    tools,
                    steps,
                    accepted,
                    sets,
                    shaping,
                    language,
                    went,
                    bench,
                    branch);
        }
    }
}

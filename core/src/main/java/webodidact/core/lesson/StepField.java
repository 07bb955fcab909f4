package webodidact.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.stream.Stream;
import webodidact.core.time.TimeRange;

/**
 * One field of a step. Whatever goes through all fields (files, search, splitting, joining, comparing, the editor and its tags) walks
 * {@link #ALL}, so that a new field is nowhere forgotten.
 *
 * @param name as in a file
 * @param joined of the field of two steps that become one
 * @param traits what else goes for it
 */
public record StepField<T>(
        String name,
        Function<Step, T> get,
        BiConsumer<Step.Draft, T> set,
        BinaryOperator<T> joined,
        Set<Trait> traits) {
    /**
     * SEARCHED: free text in which words are found and replaced. LINE: a text of one line that is typed as it is. SPLIT: what comes after
     * a cut has it too. SECONDS: a whole number that is a time.
     */
    public enum Trait {
        SEARCHED,
        LINE,
        SPLIT,
        SECONDS
    }

    /** In the order in which a file has them. */
    public static final List<StepField<?>> ALL = List.of(
            of("id", Step::id, (d, v) -> d.id = v, first()),
            of("title", Step::title, (d, v) -> d.title = v, given(), Trait.SEARCHED),
            of(
                    "kind",
                    Step::kind,
                    (d, v) -> d.kind = v,
                    (a, b) -> a.isHandsOn() || !b.isHandsOn() ? a : Kind.HANDS_ON,
                    Trait.SPLIT),
            of("say", Step::say, (d, v) -> d.say = v, glued(), Trait.SEARCHED),
            of("doing", Step::doing, (d, v) -> d.doing = v, glued(), Trait.SEARCHED),
            of("card", Step::card, (d, v) -> d.card = v, glued(), Trait.SEARCHED, Trait.LINE),
            of("camera", Step::camera, (d, v) -> d.camera = v, given(), Trait.SPLIT),
            of("place", Step::place, (d, v) -> d.place = v, (a, b) -> a == Place.BENCH ? b : a, Trait.SPLIT),
            of("heat", Step::heat, (d, v) -> d.heat = v, whichever()),
            of("hands", Step::hands, (d, v) -> d.hands = v, StepField::sum),
            of("tellThenDo", Step::tellThenDo, (d, v) -> d.tellThenDo = v, first()),
            of("waiting", Step::waiting, (d, v) -> d.waiting = v, whichever()),
            of("who", Step::who, (d, v) -> d.who = v, first(), Trait.SPLIT),
            of("with", Step::with, (d, v) -> d.with = v, whichever(), Trait.SPLIT),
            of("branch", Step::branch, (d, v) -> d.branch = v, first(), Trait.SPLIT, Trait.LINE),
            of("hold", Step::hold, (d, v) -> d.hold = v, Integer::sum, Trait.SECONDS),
            of("trim", Step::trim, (d, v) -> d.trim = v, Integer::sum, Trait.SECONDS),
            of("acts", Step::acts, (d, v) -> d.acts = v, (a, b) -> {
                var all = new TreeSet<>(a);
                all.addAll(b);
                return all;
            }),
            of("offCamera", Step::offCamera, (d, v) -> d.offCamera = v, Integer::sum, Trait.SECONDS),
            of("ring", Step::ring, (d, v) -> d.ring = v, whichever()),
            of("uses", Step::uses, (d, v) -> d.uses = v, both()),
            of("tools", Step::tools, (d, v) -> d.tools = v, both()),
            of("skill", Step::skill, (d, v) -> d.skill = v, glued(), Trait.LINE),
            of("teaching", Step::teaching, (d, v) -> d.teaching = v, glued(), Trait.LINE, Trait.SEARCHED),
            of("question", Step::question, (d, v) -> d.question = v, glued(), Trait.LINE, Trait.SEARCHED),
            of("answer", Step::answer, (d, v) -> d.answer = v, glued(), Trait.LINE, Trait.SEARCHED),
            of("part", Step::part, (d, v) -> d.part = v, first(), Trait.LINE),
            of("reachBy", Step::reachBy, (d, v) -> d.reachBy = v, first(), Trait.SECONDS),
            of("fixed", Step::fixed, (d, v) -> d.fixed = v, first()),
            of("way", Step::way, (d, v) -> d.way = v, first()),
            of("ways", Step::ways, (d, v) -> d.ways = v, first()),
            of("declined", Step::declined, (d, v) -> d.declined = v, first()));

    private static <T> StepField<T> of(
            String name,
            Function<Step, T> get,
            BiConsumer<Step.Draft, T> set,
            BinaryOperator<T> joined,
            Trait... traits) {
        return new StepField<>(name, get, set, joined, Set.of(traits));
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /** The fields with that trait; those that are text are all {@code StepField<String>}. */
    @SuppressWarnings("unchecked")
    public static List<StepField<String>> texts(Trait trait) {
        return ALL.stream()
                .filter(f -> f.is(trait))
                .map(f -> (StepField<String>) f)
                .toList();
    }

    /** The text of that name. @throws IllegalArgumentException if there is none */
    public static StepField<String> text(String name) {
        return Stream.of(Trait.SEARCHED, Trait.LINE)
                .flatMap(t -> texts(t).stream())
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Words.OURS.say("wrong.stepField", name)));
    }

    /** Two steps as one, field by field. */
    public static Step joined(Step first, Step second) {
        return first.but(d -> ALL.forEach(f -> f.join(d, first, second)));
    }

    private void join(Step.Draft into, Step first, Step second) {
        set.accept(into, joined.apply(get.apply(first), get.apply(second)));
    }

    /** Copies the field from one step. */
    public void copy(Step from, Step.Draft into) {
        set.accept(into, get.apply(from));
    }

    private static <T> BinaryOperator<T> first() {
        return (a, b) -> a;
    }

    private static <T> BinaryOperator<T> whichever() {
        return (a, b) -> a == null ? b : a;
    }

    private static BinaryOperator<String> given() {
        return (a, b) -> a.isBlank() ? b : a;
    }

    private static BinaryOperator<String> glued() {
        return (a, b) -> a.isBlank() ? b : b.isBlank() ? a : a.stripTrailing() + " " + b.stripLeading();
    }

    private static <T> BinaryOperator<List<T>> both() {
        return (a, b) -> {
            var all = new ArrayList<>(a);
            b.stream().filter(x -> !all.contains(x)).forEach(all::add);
            return all;
        };
    }

    private static TimeRange sum(TimeRange a, TimeRange b) {
        return a.isZero() ? b : b.isZero() ? a : a.plus(b);
    }
}

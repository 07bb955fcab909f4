package webodidact.core.branch;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.swap.Swaps;

/**
 * A lesson that forks: with beef, or with beans. Steps that stand together and each name a branch are a fork; a branch takes its own of
 * them and leaves out the others', with their times, hands and foods. One branch is shown on air, each home takes the one that suits it.
 * What a branch leaves out stays in its place as a step without words, hands or wait, so that a step has one number in all of them.
 */
public final class Branches {
    /**
     * Steps that stand together, each of some branch.
     *
     * @param from index of the first, {@code to} is after the last
     * @param names of its branches, in the order in which they stand
     */
    public record Fork(int from, int to, List<String> names) {
        public Fork {
            names = List.copyOf(names);
        }

        /**
         * The branch that is taken here by who takes that one elsewhere: where this fork has none of that name the first of several; of
         * a fork of one, what is only for others, none.
         */
        String taken(String name) {
            if (names.contains(name)) return name;
            return names.size() > 1 ? names.getFirst() : "";
        }
    }

    private Branches() {}

    public static boolean isForked(Lesson lesson) {
        return lesson.steps().stream().anyMatch(s -> !s.branch().isEmpty());
    }

    /** In the order of the steps. */
    public static List<Fork> forks(Lesson lesson) {
        var all = new ArrayList<Fork>();
        var steps = lesson.steps();
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).branch().isEmpty()) continue;
            int to = i;
            var names = new LinkedHashSet<String>();
            while (to < steps.size() && !steps.get(to).branch().isEmpty())
                names.add(steps.get(to++).branch());
            all.add(new Fork(i, to, List.copyOf(names)));
            i = to;
        }
        return List.copyOf(all);
    }

    /** All names, in the order in which they stand; none of a lesson without forks. */
    public static List<String> names(Lesson lesson) {
        return lesson.steps().stream()
                .map(Step::branch)
                .filter(b -> !b.isEmpty())
                .distinct()
                .toList();
    }

    /** The one on air. */
    public static String shown(Lesson lesson) {
        var names = names(lesson);
        return names.contains(lesson.branch()) || names.isEmpty() ? lesson.branch() : names.getFirst();
    }

    /** As it is shown on air. */
    public static Lesson onAir(Lesson lesson) {
        return taking(lesson, shown(lesson));
    }

    /** Ids of the steps that are not shown on air. */
    public static Set<String> offAir(Lesson lesson) {
        return left(lesson, shown(lesson));
    }

    /** Ids of the steps that a branch leaves out. */
    public static Set<String> left(Lesson lesson, String name) {
        var all = new HashSet<String>();
        for (var fork : forks(lesson))
            for (var step : lesson.steps().subList(fork.from(), fork.to()))
                if (!step.branch().equals(fork.taken(name))) all.add(step.id());
        return all;
    }

    /** The lesson as one branch takes it, without forks, with what that branch needs; itself where it has none. */
    public static Lesson taking(Lesson lesson, String name) {
        var left = left(lesson, name);
        if (left.isEmpty()) return lesson;
        return walking(lesson, name).but(d -> {
            d.foods = lesson.foods().stream()
                    .filter(f -> !isLeft(lesson, f.id(), left))
                    .toList();
            d.tools = lesson.tools().stream()
                    .filter(t -> !isToolLeft(lesson, t.tool(), left))
                    .toList();
        });
    }

    /** The same with the lists of the whole lesson: they are read aloud for all branches. */
    public static Lesson walking(Lesson lesson, String name) {
        var left = left(lesson, name);
        if (left.isEmpty()) return lesson;
        return lesson.withSteps(lesson.steps().stream()
                .map(s -> left.contains(s.id()) ? blank(s) : collected(lesson, s, left))
                .map(s -> s.branch().isEmpty() ? s : s.but(d -> d.branch = ""))
                .toList());
    }

    /** Whether a food line or tool is only for what that branch leaves out. */
    public static boolean leaves(Lesson lesson, String name, String lineOrTool) {
        var left = left(lesson, name);
        return isLeft(lesson, lineOrTool, left) || isToolLeft(lesson, lineOrTool, left);
    }

    /** Whether a step, as some branch takes the lesson, is one that it leaves out. */
    public static boolean isLeftOut(Step taken) {
        return taken.equals(blank(taken));
    }

    private static Step blank(Step step) {
        return Step.blank(step.id(), Kind.TALK, step.title());
    }

    /** What would be collected in a step that is left out is collected in the next one that is not. */
    private static Step collected(Lesson lesson, Step step, Set<String> left) {
        if (step.waiting() == null || !(step.waiting().cover() instanceof Cover.CarryOn(var at)) || !left.contains(at))
            return step;
        var next = lesson.steps().subList(lesson.indexOf(at), lesson.steps().size()).stream()
                .map(Step::id)
                .filter(id -> !left.contains(id))
                .findFirst()
                .orElse("");
        return step.but(d -> d.waiting = step.waiting().covered(new Cover.CarryOn(next)));
    }

    private static boolean isLeft(Lesson lesson, String line, Set<String> left) {
        return isOnly(lesson.steps().stream().filter(s -> s.usesLine(line)), left);
    }

    private static boolean isToolLeft(Lesson lesson, String tool, Set<String> left) {
        return tool != null
                && isOnly(lesson.steps().stream().filter(s -> s.tools().contains(tool)), left);
    }

    /** At least one of them, and all of them left out. */
    private static boolean isOnly(Stream<Step> steps, Set<String> left) {
        var all = steps.toList();
        return !all.isEmpty() && all.stream().allMatch(s -> left.contains(s.id()));
    }

    /** The branches that take a food line, where not all do; else none. */
    public static List<String> only(Lesson lesson, String line) {
        var taking = names(lesson).stream()
                .filter(n -> !isLeft(lesson, line, left(lesson, n)))
                .toList();
        return taking.size() == names(lesson).size() ? List.of() : taking;
    }

    /** The branch that a home takes: the one on air where the home can eat all of it, else the first that it can; empty where it can none. */
    public static Optional<String> suiting(Lesson lesson, Household home, Knowledge knowledge) {
        var shown = shown(lesson);
        return Stream.concat(Stream.of(shown), names(lesson).stream())
                .filter(n -> taking(lesson, n).foods().stream().allMatch(f -> canUse(home, f, knowledge)))
                .findFirst();
    }

    private static boolean canUse(Household home, FoodLine line, Knowledge knowledge) {
        return line.optional()
                || knowledge
                        .food(line.cooked())
                        .map(f -> Swaps.canUse(home, f))
                        .orElse(home.allergies().isEmpty() && home.diets().isEmpty());
    }

    /** The lesson as that home takes it; as it is shown, where no branch suits it. */
    public static Lesson forHome(Lesson lesson, Household home, Knowledge knowledge) {
        return isForked(lesson)
                ? taking(lesson, suiting(lesson, home, knowledge).orElse(shown(lesson)))
                : lesson;
    }
}

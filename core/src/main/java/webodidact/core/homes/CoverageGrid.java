package webodidact.core.homes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import webodidact.core.branch.Branches;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;

/** All homes against all that the lesson needs: food, kit, and the heat to cook on. */
public record CoverageGrid(List<String> homes, List<Need> needs) {
    /**
     * One thing needed.
     *
     * @param id of the food or tool line, or the place ("oven")
     * @param steps numbers of the steps that need it, from 1
     * @param coverage one entry a home, in the grid's order
     */
    public record Need(String id, String name, List<Integer> steps, Coverage coverage) {}

    /** A home that cannot do the lesson as it is, and the first step that stops it. */
    public record Blocked(String home, String need, int step) {}

    /** The one thing whose arranging lets most homes in. */
    public record Change(Need need, List<String> homes) {}

    public static CoverageGrid of(Lesson lesson, List<Household> households, Knowledge knowledge, Course course) {
        var needs = new ArrayList<Need>();
        for (var line : lesson.foods()) {
            needs.add(new Need(
                    line.id(),
                    line.item(),
                    steps(lesson, s -> s.usesLine(line.id())),
                    Coverage.of(lesson, line, households, knowledge, course)));
        }
        for (var line : lesson.tools()) {
            var steps = steps(lesson, s -> line.tool() != null && s.tools().contains(line.tool()));
            needs.add(new Need(
                    line.id(),
                    line.name(),
                    steps,
                    new Coverage(households.stream()
                            .map(h -> tool(Branches.forHome(lesson, h, knowledge), h, line, knowledge))
                            .toList())));
        }
        place(lesson, households, knowledge, Place.OVEN, Words.OURS.say("need.oven"), Household::oven)
                .ifPresent(needs::add);
        place(lesson, households, knowledge, Place.RING, Words.OURS.say("need.hob"), Household::hob)
                .ifPresent(needs::add);
        place(lesson, households, knowledge, Place.MICROWAVE, Words.OURS.say("need.microwave"), Household::microwave)
                .ifPresent(needs::add);
        return new CoverageGrid(households.stream().map(Household::alias).toList(), List.copyOf(needs));
    }

    private static List<Integer> steps(Lesson lesson, Predicate<Step> needs) {
        var numbers = new ArrayList<Integer>();
        for (int i = 0; i < lesson.steps().size(); i++)
            if (needs.test(lesson.steps().get(i))) numbers.add(i + 1);
        return List.copyOf(numbers);
    }

    private static Coverage.Home tool(Lesson taken, Household home, ToolLine line, Knowledge knowledge) {
        if (!taken.tools().contains(line)
                || line.tool() == null
                || !home.missingTools().contains(line.tool()))
            return new Coverage.Home(home.alias(), Coverage.Stand.HAS, "");
        var instead = knowledge.tool(line.tool()).map(Tool::instead).orElse(List.of());
        return instead.stream()
                .filter(i -> !home.missingTools().contains(i.tool()))
                .findFirst()
                .map(i -> new Coverage.Home(
                        home.alias(),
                        Coverage.Stand.SWAPS,
                        knowledge.tool(i.tool()).map(Tool::name).orElse(i.tool())))
                .orElseGet(() -> new Coverage.Home(home.alias(), Coverage.Stand.BLOCKED, ""));
    }

    private static Optional<Need> place(
            Lesson lesson,
            List<Household> households,
            Knowledge knowledge,
            Place place,
            String name,
            Predicate<Household> has) {
        var steps = steps(lesson, s -> s.place() == place);
        if (steps.isEmpty()) return Optional.empty();
        return Optional.of(new Need(
                place.title(),
                name,
                steps,
                new Coverage(households.stream()
                        .map(h -> has.test(h)
                                ? new Coverage.Home(h.alias(), Coverage.Stand.HAS, "")
                                : otherwise(Branches.forHome(lesson, h, knowledge), h, place))
                        .toList())));
    }

    /** By a way that homes are told of, for each of the steps that need the place and that they do themselves. */
    private static Coverage.Home otherwise(Lesson lesson, Household home, Place place) {
        var names = new LinkedHashSet<String>();
        if (lesson.steps().stream().noneMatch(s -> s.place() == place))
            return new Coverage.Home(home.alias(), Coverage.Stand.HAS, "");
        for (var step : lesson.steps()) {
            if (step.place() != place || step.who().isBeforeCamera()) continue;
            // Who only looks into the oven there has put something into it before.
            if (step.waiting() == null && !names.isEmpty()) continue;
            var way = step.ways().stream()
                    .filter(w -> w.offered() && w.place() != place && has(home, w.place()))
                    .findFirst();
            if (way.isEmpty()) return new Coverage.Home(home.alias(), Coverage.Stand.BLOCKED, "");
            names.add(way.get().name());
        }
        return new Coverage.Home(home.alias(), Coverage.Stand.SWAPS, String.join(", ", names));
    }

    private static boolean has(Household home, Place place) {
        return switch (place) {
            case OVEN -> home.oven();
            case RING -> home.hob();
            case MICROWAVE -> home.microwave();
            // Nobody has asked for a grill or an air fryer.
            case BENCH, BLENDER, COLD, FREEZER, GRILL, COUNTERTOP -> true;
        };
    }

    /** In the order of the homes; the step is the first that needs what is missing, 0 if no step uses it yet. */
    public List<Blocked> blocked() {
        var all = new ArrayList<Blocked>();
        for (int i = 0; i < homes.size(); i++) {
            int home = i;
            needs.stream()
                    .filter(n -> n.coverage().homes().get(home).stand() == Coverage.Stand.BLOCKED)
                    .min(Comparator.comparingInt(n ->
                            n.steps().isEmpty() ? Integer.MAX_VALUE : n.steps().getFirst()))
                    .ifPresent(n -> all.add(new Blocked(
                            homes.get(home),
                            n.name(),
                            n.steps().isEmpty() ? 0 : n.steps().getFirst())));
        }
        return all;
    }

    /** Empty if nobody is blocked, or no single change lets anybody in. */
    public Optional<Change> bestChange() {
        return needs.stream()
                .map(n -> new Change(n, onlyBlockedBy(n)))
                .filter(c -> !c.homes().isEmpty())
                .max(Comparator.comparingInt((Change c) -> c.homes().size())
                        .thenComparing(c -> c.need().name(), Comparator.reverseOrder()));
    }

    private List<String> onlyBlockedBy(Need need) {
        var all = new ArrayList<String>();
        for (int i = 0; i < homes.size(); i++) {
            int home = i;
            var stops = needs.stream()
                    .filter(n -> n.coverage().homes().get(home).stand() == Coverage.Stand.BLOCKED)
                    .toList();
            if (stops.size() == 1 && stops.getFirst() == need) all.add(homes.get(home));
        }
        return List.copyOf(all);
    }
}

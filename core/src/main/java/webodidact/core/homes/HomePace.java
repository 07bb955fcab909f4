package webodidact.core.homes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.amount.Ratio;
import webodidact.core.branch.Branches;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;

/**
 * How long each step's hands take in one home, before chance: the instructor's likely hands x the pace of who cooks there x
 * the tool it has x its turns, and more for a substitute. All in milliseconds.
 *
 * @param lesson as that home takes it: of a fork, its own branch
 * @param millis by step; zero for what is only watched
 * @param because by reason, how much of all of it is beyond the instructor's own hands
 */
public record HomePace(
        Household home, Lesson lesson, List<Integer> millis, Map<Reason, Integer> because, List<String> notes) {
    /** Seconds. */
    private static final int DAY = 24 * 3600;
    /** Why a home is slower than the instructor. */
    public enum Reason {
        AGE,
        TOOL,
        SUBSTITUTE,
        NO_ADULT;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    /** Years from which a child is counted as a cook: a baby does not chop. An assumption of ours. */
    public static final int COOKS_FROM = 3;

    /** With no stand-in at all a tool's work takes half as long again: an assumption of ours, to be replaced by what takes show. */
    private static final Ratio WITHOUT = Ratio.of(3, 2);

    public static List<HomePace> of(Lesson lesson, List<Household> households, Knowledge knowledge, Course course) {
        var homes = households.isEmpty() ? List.of(Household.named(Words.OURS.say("usual"))) : households;
        var taken = new HashMap<Lesson, List<List<Offer>>>();
        return homes.stream()
                .map(h -> {
                    var own = Branches.forHome(lesson, h, knowledge);
                    var offers = taken.computeIfAbsent(own, l -> offers(l, households, knowledge, course));
                    return new Work(own, h, knowledge, offers).pace();
                })
                .toList();
    }

    /** By food line, what could stand in for it. */
    private static List<List<Offer>> offers(
            Lesson lesson, List<Household> households, Knowledge knowledge, Course course) {
        var swaps = new Swaps(knowledge, course);
        return lesson.foods().stream()
                .map(line -> households.isEmpty() ? List.<Offer>of() : swaps.offers(lesson, line, households))
                .toList();
    }

    private static final class Work {
        private final Lesson lesson;
        private final Household home;
        private final Knowledge knowledge;
        private final List<List<Offer>> offers;
        private final Map<Reason, Integer> because = new EnumMap<>(Reason.class);
        private final List<String> notes = new ArrayList<>();

        Work(Lesson lesson, Household home, Knowledge knowledge, List<List<Offer>> offers) {
            this.lesson = lesson;
            this.home = home;
            this.knowledge = knowledge;
            this.offers = offers;
        }

        HomePace pace() {
            var millis = new int[lesson.steps().size()];
            for (int i = 0; i < millis.length; i++)
                millis[i] = step(lesson.steps().get(i));
            substitutes(millis);
            return new HomePace(
                    home,
                    lesson,
                    Arrays.stream(millis).boxed().toList(),
                    Collections.unmodifiableMap(because),
                    List.copyOf(notes));
        }

        private int step(Step step) {
            if (step.who().isBeforeCamera() || step.hands().isZero()) return 0;
            if (step.who() != Who.LEARNER && !home.adult()) {
                because.merge(Reason.NO_ADULT, 1, Integer::sum);
                note(Words.OURS.say("adult", step.title()));
            }
            // Nobody's hands are played for longer than a day: milliseconds would not hold them.
            var own = Ratio.of(Math.min(step.hands().likely(), DAY) * 1000L);
            var byAge = own.times(factor(step));
            var byTool = byAge.times(tools(step));
            add(
                    Reason.AGE,
                    byAge.minus(own.times(isAtOwnPace(step) ? lesson.audience().handsFactor() : Ratio.ONE)));
            add(Reason.TOOL, byTool.minus(byAge));
            return (int) Math.min(byTool.nearest(), DAY * 1000L);
        }

        private void add(Reason reason, Ratio millis) {
            int more = (int) Math.clamp(millis.nearest(), -DAY * 1000L, DAY * 1000L);
            if (more != 0) because.merge(reason, more, HomePace.Work::bounded);
        }

        private static int bounded(int a, int b) {
            return (int) Math.clamp((long) a + b, Integer.MIN_VALUE, Integer.MAX_VALUE);
        }

        private void note(String text) {
            if (!notes.contains(text)) notes.add(text);
        }

        /** Washing, fetching and tasting take everybody as long; what an adult does goes at an adult's pace. */
        private Ratio factor(Step step) {
            if (!isAtOwnPace(step)) return Ratio.ONE;
            return step.who() == Who.ADULT && home.adult() ? Audience.ADULTS.handsFactor() : handsFactor();
        }

        private static boolean isAtOwnPace(Step step) {
            return step.kind() == Kind.HANDS_ON || step.kind() == Kind.PLATE;
        }

        /** The youngest cook sets the pace; who is too young to cook only eats. */
        private Ratio handsFactor() {
            var cooks = home.ages().stream().filter(age -> age >= COOKS_FROM).toList();
            if (cooks.isEmpty()) return lesson.audience().handsFactor();
            int youngest = cooks.stream().mapToInt(Integer::intValue).min().orElseThrow();
            return (youngest < 5
                            ? Audience.EARLY_YEARS
                            : youngest < 7
                                    ? Audience.AGES_5_7
                                    : youngest < 11
                                            ? Audience.AGES_7_11
                                            : youngest < 16 ? Audience.AGES_11_16 : Audience.ADULTS)
                    .handsFactor();
        }

        /** A way that is offered and can be done here comes first, then the tool table's stand-in. */
        private Ratio tools(Step step) {
            var missing =
                    step.tools().stream().filter(home.missingTools()::contains).toList();
            if (missing.isEmpty()) return Ratio.ONE;
            var way = step.ways().stream()
                    .filter(w -> w.offered()
                            && !w.hands().isZero()
                            && w.tools().stream().noneMatch(home.missingTools()::contains))
                    .findFirst();
            if (way.isPresent()) {
                note(way.get().name());
                return Ratio.of(way.get().hands().likely(), step.hands().likely());
            }
            var factor = Ratio.ONE;
            for (var id : missing) factor = factor.times(instead(id));
            return factor;
        }

        private Ratio instead(String id) {
            var tool = knowledge.tool(id);
            var name = tool.map(Tool::name).orElse(id);
            var instead = tool.map(Tool::instead).orElse(List.of()).stream()
                    .filter(i -> !home.missingTools().contains(i.tool()))
                    .findFirst();
            note(instead.map(i -> knowledge.tool(i.tool()).map(Tool::name).orElse(i.tool()))
                    .map(i -> Words.OURS.say("instead", i, name))
                    .orElse(Words.OURS.say("none", name)));
            return instead.map(Tool.Instead::time).orElse(WITHOUT);
        }

        private void substitutes(int[] millis) {
            for (int i = 0; i < offers.size(); i++) {
                var line = lesson.foods().get(i);
                var food = knowledge.food(line.cooked());
                if (food.isEmpty() || Swaps.canUse(home, food.get())) continue;
                var offer = offers.get(i).stream()
                        .filter(o -> o.helps(home, knowledge))
                        .findFirst();
                if (offer.isEmpty()) continue;
                note(Words.OURS.say("instead", offer.get().title(), line.item()));
                int at = first(line.id());
                if (at < 0 || offer.get().onAir() <= 0) continue;
                millis[at] = bounded(millis[at], offer.get().onAir() * 1000);
                because.merge(Reason.SUBSTITUTE, offer.get().onAir() * 1000, Integer::sum);
            }
        }

        private int first(String line) {
            for (int i = 0; i < lesson.steps().size(); i++)
                if (lesson.steps().get(i).usesLine(line)) return i;
            return -1;
        }
    }
}

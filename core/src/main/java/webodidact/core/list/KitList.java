package webodidact.core.list;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.money.Price;

/** Sets for groups in one room and for the demonstration: what goes into each pot, and what has to be bought for all. */
public record KitList(int sets, List<Pot> pots, List<Total> totals, List<Tool> tools) {
    private static final Set<Group> DRY = EnumSet.of(Group.GRAIN, Group.SEASONING, Group.RAISING, Group.SUGAR);
    /**
     * One pot or bag of a set.
     *
     * @param label what stands on it
     * @param lines in it; more than one where they go in at the same moment
     */
    public record Pot(String label, List<String> lines) {}

    /**
     * @param exact for all sets, or null
     * @param take whole fruit and whole things rounded up
     * @param packs "2 × bag of 1500 g", or "" where no pack is known
     */
    public record Total(String line, String item, Amount exact, String take, String packs) {}

    /**
     * @param wanted one for each set
     * @param there of them, where they are shared; else the same
     * @param turns how often each has to be handed on, 1 if never
     */
    public record Tool(String name, int wanted, int there, int turns) {}

    public static KitList of(Lesson lesson, Course course, Knowledge knowledge) {
        int sets = lesson.sets().inRoom();
        var pots = pots(lesson, course, knowledge);
        var totals = new ArrayList<Total>();
        var takes = GatherList.takes(lesson, Scaling.forHome(lesson), course.house(), knowledge);
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food != null && food.shelf() == Shelf.TAP) continue;
            var exact =
                    line.amount() == null ? null : total(line, takes.get(line.id()), sets, lesson, course, knowledge);
            totals.add(new Total(
                    line.id(),
                    name(line, food),
                    exact,
                    exact == null ? Words.OURS.say("some") : ShootList.whole(exact, course),
                    packs(exact, food, line, course)));
        }
        var tools = lesson.tools().stream()
                .map(t -> {
                    int wanted = t.count() * sets;
                    int there = t.shared() == 0 ? wanted : Math.min(t.shared(), wanted);
                    return new Tool(t.name(), wanted, there, Sharing.turns(t, sets));
                })
                .toList();
        return new KitList(sets, pots, List.copyOf(totals), tools);
    }

    /** So often what is really measured into a pot; halves of counted things first become wholes together. */
    private static Amount total(
            FoodLine line, KitchenRounding.Rounded pot, int sets, Lesson lesson, Course course, Knowledge knowledge) {
        var exact = GatherList.exact(line, Scaling.forHome(lesson).times(sets), knowledge);
        return exact.unit().dimension() == Dimension.COUNT
                ? exact
                : pot.measured(course.house()).times(Ratio.of(sets));
    }

    private static String name(FoodLine line, Food food) {
        return line.chosen() == null || food == null ? line.item() : food.name();
    }

    /** Foods share a pot if the very same steps use all of them, both are dry, and nothing raw or allergenic is among them. */
    private static List<Pot> pots(Lesson lesson, Course course, Knowledge knowledge) {
        var pots = new ArrayList<Pot>();
        var done = new ArrayList<String>();
        var takes = GatherList.takes(lesson, Scaling.forHome(lesson), course.house(), knowledge);
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (done.contains(line.id()) || food != null && food.shelf() == Shelf.TAP) continue;
            var together = new ArrayList<FoodLine>();
            together.add(line);
            if (isDry(food)) {
                for (var other : lesson.foods()) {
                    if (other != line
                            && !done.contains(other.id())
                            && isDry(knowledge.food(other.cooked()).orElse(null))
                            && sameSteps(lesson, line, other)) together.add(other);
                }
            }
            together.forEach(l -> done.add(l.id()));
            pots.add(new Pot(
                    String.join(
                            " + ",
                            together.stream()
                                    .map(l -> pot(l, takes.get(l.id()), knowledge))
                                    .toList()),
                    together.stream().map(FoodLine::id).toList()));
        }
        return List.copyOf(pots);
    }

    private static String pot(FoodLine line, KitchenRounding.Rounded take, Knowledge knowledge) {
        var name = name(line, knowledge.food(line.cooked()).orElse(null));
        return (take == null ? Words.OURS.say("some") : take.text(name)) + " " + name;
    }

    private static String name(Price pack, Course course) {
        boolean counted = pack.holds().unit() == Unit.PIECE
                && pack.holds().low().equals(Ratio.ONE)
                && !pack.name().isEmpty();
        if (counted) return pack.name();
        var holds = KitchenRounding.round(pack.holds(), course.house()).text();
        return pack.name().isEmpty() ? holds : Words.OURS.say("pack.of", pack.name(), holds);
    }

    private static boolean isDry(Food food) {
        return food != null
                && DRY.contains(food.group())
                && food.shelf() != Shelf.FRIDGE
                && food.densityIn("").map(d -> d.isLessThan(Ratio.of(13, 10))).orElse(true);
    }

    private static boolean sameSteps(Lesson lesson, FoodLine a, FoodLine b) {
        boolean any = lesson.steps().stream().anyMatch(s -> s.usesLine(a.id()));
        return any && lesson.steps().stream().allMatch(s -> s.usesLine(a.id()) == s.usesLine(b.id()));
    }

    private static String packs(Amount exact, Food food, FoodLine line, Course course) {
        if (exact == null || food == null) return "";
        var pack = Buying.best(exact, food, line, course).orElse(null);
        if (pack == null || exact.unit().dimension() == Dimension.COUNT && food.piece() == null) return "";
        return Weighing.in(exact, pack.holds().unit(), food, line.described(), course.house(), course.house())
                .map(a -> a.high().dividedBy(pack.holds().low()).ceiling() + " × " + name(pack, course))
                .orElse("");
    }
}

package webodidact.core.list;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;

/**
 * What a home pays, and what the shoot costs.
 *
 * @param home seen from one home
 * @param shoot seen from the instructor: copies, spare takes and, with groups, all sets
 */
public record Costs(Side home, Side shoot) {
    /**
     * @param outlay paid at the till, in whole packs, smallest coin
     * @param used worth of what goes into the dish, exact
     * @param unpriced items without a price; they are in neither sum
     */
    public record Side(List<Row> rows, Ratio outlay, Ratio used, List<String> unpriced) {}

    /** @param buying null where no pack is known */
    public record Row(FoodLine line, Food food, String item, Amount exact, Buying buying) {
        public boolean isPriced() {
            return buying != null && buying.pack().coins() > 0;
        }
    }

    public static Costs of(Lesson lesson, Course course, Knowledge knowledge) {
        var home = new ArrayList<Row>();
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food != null && food.shelf() == Shelf.TAP) continue;
            var exact = line.amount() == null ? null : GatherList.exact(line, Scaling.forHome(lesson), knowledge);
            home.add(row(line, food, exact, course));
        }
        var shoot = new ArrayList<Row>();
        boolean groups = lesson.sets().groups() > 0;
        for (var entry : ShootList.of(lesson, course, knowledge).entries()) {
            var exact = entry.exact();
            if (groups && exact != null) exact = plusSets(exact, entry.line(), lesson, course, knowledge);
            shoot.add(row(entry.line(), entry.food(), exact, course));
        }
        return new Costs(side(once(home, course)), side(once(shoot, course)));
    }

    /** The same food on several lines is bought once. */
    private static List<Row> once(List<Row> rows, Course course) {
        var all = new LinkedHashMap<String, Row>();
        for (var row : rows) {
            var key = row.food() == null ? row.line().id() : row.food().id();
            var first = all.get(key);
            var both = first == null ? Optional.<Amount>empty() : together(first, row, course);
            if (both.isPresent()) all.put(key, row(first.line(), first.food(), both.get(), course));
            else all.put(first == null ? key : row.line().id(), row);
        }
        return List.copyOf(all.values());
    }

    /** Juice and zest come from the same fruit; everything else adds up. Empty where nobody can say. */
    private static Optional<Amount> together(Row first, Row other, Course course) {
        if (first.exact() == null || other.exact() == null) return Optional.empty();
        var same = Weighing.in(
                other.exact(),
                first.exact().unit(),
                other.food(),
                other.line().described(),
                course.house(),
                course.house());
        boolean parts =
                isPart(first, "juice") && isPart(other, "zest") || isPart(first, "zest") && isPart(other, "juice");
        return same.map(a -> !parts
                ? first.exact().plus(a, course.house())
                : a.low().isMoreThan(first.exact().low()) ? a : first.exact());
    }

    private static boolean isPart(Row row, String part) {
        return row.line().described().contains(part);
    }

    private static Amount plusSets(Amount exact, FoodLine line, Lesson lesson, Course course, Knowledge knowledge) {
        return exact.plus(
                GatherList.exact(
                        line, Scaling.forHome(lesson).times(lesson.sets().groups()), knowledge),
                course.house());
    }

    private static Row row(FoodLine line, Food food, Amount exact, Course course) {
        var item = line.chosen() == null || food == null ? line.item() : food.name();
        return new Row(
                line, food, item, exact, Buying.of(exact, food, line, course).orElse(null));
    }

    private static Side side(List<Row> rows) {
        var outlay = Ratio.ZERO;
        var used = Ratio.ZERO;
        var unpriced = new ArrayList<String>();
        for (var row : rows) {
            if (!row.isPriced()) {
                unpriced.add(row.item());
                continue;
            }
            outlay = outlay.plus(row.buying().outlay());
            used = used.plus(row.buying().used());
        }
        return new Side(List.copyOf(rows), outlay, used, List.copyOf(unpriced));
    }

    /** "£2.45"; with {@code exact} coins rounded to whole ones, halves up. */
    public static String money(Ratio coins, String sign) {
        return sign
                + new BigDecimal(coins.toStep(Ratio.ONE).toString())
                        .movePointLeft(2)
                        .setScale(2)
                        .toPlainString();
    }
}

package webodidact.core.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.swap.CookedAmount;
import webodidact.core.swap.InUse;

/**
 * Salt in a portion, summed over all that carries it. Household figures: labels and qualified advice come first.
 *
 * @param grams in one portion
 * @param limit of the audience for a day, grams
 * @param carriers the largest first
 * @param uncounted "salt, to taste": carriers without an amount
 */
public record SaltShare(Ratio grams, int limit, List<Carrier> carriers, List<String> uncounted) {
    /** A portion with more than this share of the day's limit is worth a word: there are other meals. */
    public static final Ratio MOST = Ratio.HALF;

    public record Carrier(String line, String item, Ratio grams) {}

    public static SaltShare of(Lesson lesson, Course course, Knowledge knowledge) {
        var carriers = new ArrayList<Carrier>();
        var uncounted = new ArrayList<String>();
        var sum = Ratio.ZERO;
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food == null
                    || isPouredAway(lesson, line)
                    || food.facts().salt() == null
                    || line.item().toLowerCase(Locale.ROOT).contains("unsalted")) continue;
            var amount = CookedAmount.of(line, line.amount(), knowledge);
            var grams = amount == null
                    ? null
                    : Weighing.in(amount, Unit.G, food, line.described(), course.house(), course.house())
                            .map(Amount::low)
                            .orElse(null);
            if (grams == null) {
                if (food.facts().salt().isMoreThan(Ratio.of(2))) uncounted.add(line.item());
                continue;
            }
            var salt = grams.times(food.facts().salt())
                    .dividedBy(Ratio.of(100))
                    .dividedBy(Ratio.of(lesson.makes().serves()));
            sum = sum.plus(salt);
            carriers.add(new Carrier(line.id(), line.item(), salt));
        }
        carriers.sort(Comparator.comparing(Carrier::grams).reversed());
        return new SaltShare(sum, lesson.audience().saltLimit(), List.copyOf(carriers), List.copyOf(uncounted));
    }

    /** Salt in water that is drained off is not eaten: every step with it boils in water, and something is drained afterwards. */
    private static boolean isPouredAway(Lesson lesson, FoodLine line) {
        if (!"salt".equals(line.cooked()) && !"flaky-salt".equals(line.cooked())) return false;
        boolean used = false;
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            if (!step.usesLine(line.id())) continue;
            used = true;
            var text = text(step);
            boolean drained = InUse.says(text, "drain")
                    || i + 1 < lesson.steps().size()
                            && InUse.says(text(lesson.steps().get(i + 1)), "drain");
            boolean inWater = text.toLowerCase(Locale.ROOT).contains("water")
                    && (InUse.says(text, "boil") || InUse.says(text, "cook") || InUse.says(text, "simmer"));
            if (!inWater || !drained) return false;
        }
        return used;
    }

    private static String text(Step step) {
        return step.title() + ". " + step.doing() + " " + step.say();
    }

    /** The same against another limit for a day, grams. */
    public SaltShare against(int other) {
        return new SaltShare(grams, Math.min(limit, other), carriers, uncounted);
    }

    /** Of the day's limit, relative. */
    public Ratio share() {
        return grams.dividedBy(Ratio.of(limit));
    }

    public boolean isMuch() {
        return share().isMoreThan(MOST);
    }
}

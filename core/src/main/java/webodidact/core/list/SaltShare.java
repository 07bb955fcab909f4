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
import webodidact.core.lesson.Lesson;
import webodidact.core.swap.CookedAmount;

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

    /** Of the day's limit, relative. */
    public Ratio share() {
        return grams.dividedBy(Ratio.of(limit));
    }

    public boolean isMuch() {
        return share().isMoreThan(MOST);
    }
}

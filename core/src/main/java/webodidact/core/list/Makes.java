package webodidact.core.list;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.batch.Pieces;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.food.Tins;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;

/**
 * What the recipe as written really makes, against what it says and what is served.
 *
 * @param grams all that goes into the mixture by the list, as far as it can be weighed
 * @param unweighed items of it that cannot
 * @param pieces that come out of the size worked with; null while no size is stated
 * @param stated pieces the recipe says
 * @param served pieces the people it feeds are given
 * @param left of the mixture, in the portion's measure; null with a sheet
 * @param loads of the tray or pan for the pieces; 0 where that is no limit
 * @param wholes that come out where each needs partners
 */
public record Makes(
        Ratio grams,
        List<String> unweighed,
        Long pieces,
        long stated,
        long served,
        Amount left,
        long loads,
        long wholes) {
    public static Makes of(Lesson lesson, Course course, Knowledge knowledge) {
        var shaping = lesson.shaping();
        var unweighed = new ArrayList<String>();
        var grams = Ratio.ZERO;
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (line.amount() == null || line.optional()) continue;
            var weight = weight(line.amount(), line.size(), food, line.described(), course);
            if (weight.isPresent()) grams = grams.plus(weight.get());
            else if (food == null || food.shelf() != Shelf.TAP) unweighed.add(line.item());
        }
        long stated = lesson.makes().count().nearest();
        if (shaping == null) return new Makes(grams, List.copyOf(unweighed), null, stated, stated, null, 0, stated);
        long served = (long) lesson.makes().serves() * shaping.each();
        if (shaping.sheet() != null) {
            var s = shaping.sheet();
            long n = Pieces.fromSheet(s.length(), s.width(), s.cutter(), s.again());
            return new Makes(
                    grams,
                    List.copyOf(unweighed),
                    n,
                    stated,
                    served,
                    null,
                    loads(n, shaping.load()),
                    n / shaping.partners());
        }
        if (shaping.portion() == null)
            return new Makes(
                    grams,
                    List.copyOf(unweighed),
                    null,
                    stated,
                    served,
                    null,
                    loads(stated, shaping.load()),
                    stated / shaping.partners());
        var mixture = shaping.mixture() == null ? Amount.of(grams, Unit.G) : shaping.mixture();
        if (!mixture.unit().convertsTo(shaping.portion().unit()))
            return new Makes(
                    grams, List.copyOf(unweighed), null, stated, served, null, loads(stated, shaping.load()), stated);
        var cut = Pieces.bySize(
                mixture.in(shaping.portion().unit(), course.house()).low(),
                shaping.portion().low());
        return new Makes(
                grams,
                List.copyOf(unweighed),
                cut.pieces(),
                stated,
                served,
                Amount.of(cut.left(), shaping.portion().unit()),
                loads(cut.pieces(), shaping.load()),
                cut.pieces() / shaping.partners());
    }

    private static long loads(long pieces, int load) {
        return load == 0 ? 0 : Pieces.loads(pieces, load);
    }

    private static Optional<Ratio> weight(Amount amount, Amount size, Food food, String form, Course course) {
        if (size != null
                && amount.unit().dimension() == Dimension.COUNT
                && size.unit().dimension() == Dimension.MASS) {
            var used = amount.unit() == Unit.TIN ? Tins.used(size, food, form) : size;
            return Optional.of(used.in(Unit.G, course.house()).low().times(amount.low()));
        }
        return Weighing.in(amount, Unit.G, food, form, course.house(), course.house())
                .map(Amount::low);
    }

    /** The stated number and what comes out are more than a tenth apart. */
    public boolean isWrong() {
        return pieces != null && Pieces.disagree(stated, pieces);
    }

    /** Pieces that nobody is served; negative where there are too few. */
    public long over() {
        return (pieces == null ? stated : pieces) - served;
    }
}

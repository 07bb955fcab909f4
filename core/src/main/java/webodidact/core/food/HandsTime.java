package webodidact.core.food;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import webodidact.core.amount.Ratio;
import webodidact.core.table.TableFile;
import webodidact.core.time.TimeRange;

/**
 * How long hands take over a verb: once, for each piece, or by weight. The figures are an estimate of ours for a practised presenter who
 * shows it on camera, with its range; takes replace them ({@code docs/timing.md}).
 */
public record HandsTime(List<Rate> rates) {
    /** Per what. */
    public enum Basis {
        FIXED,
        EACH,
        HUNDRED_GRAMS,
        FIFTY_GRAMS_OF_FAT
    }

    /**
     * @param food a word of the food's name or the name of its group, or "" for any
     * @param seconds short and long end
     */
    public record Rate(String food, Basis basis, TimeRange seconds) {}

    public static final HandsTime UNKNOWN = new HandsTime(List.of());
    /** More of one thing than this is not prepared on camera one by one. */
    private static final long MOST_PIECES = 40;

    private static final Pattern RATE =
            Pattern.compile("(?:(\\p{L}[\\p{L} -]*?) )?(fixed|each|100g|50g of fat) (\\d+)(?:-(\\d+))?");

    public HandsTime {
        rates = List.copyOf(rates);
    }

    /** @throws IllegalStateException if the table's cell is none */
    static HandsTime parse(String cell) {
        var all = new ArrayList<Rate>();
        for (var part : TableFile.list(cell)) {
            var m = RATE.matcher(part);
            if (!m.matches()) throw new IllegalStateException("actions.txt: " + cell);
            var basis = switch (m.group(2)) {
                case "fixed" -> Basis.FIXED;
                case "each" -> Basis.EACH;
                case "100g" -> Basis.HUNDRED_GRAMS;
                default -> Basis.FIFTY_GRAMS_OF_FAT;
            };
            int low = Integer.parseInt(m.group(3));
            all.add(new Rate(
                    m.group(1) == null ? "" : m.group(1),
                    basis,
                    new TimeRange(low, m.group(4) == null ? low : Integer.parseInt(m.group(4)))));
        }
        return all.isEmpty() ? UNKNOWN : new HandsTime(all);
    }

    /**
     * @param food what it is done to, or null
     * @param name as the list has it
     * @param pieces how many, or null where nobody knows
     * @param grams how much, or null where nobody knows
     * @return zero if the verb has no time
     */
    public TimeRange of(Food food, String name, Ratio pieces, Ratio grams) {
        var mine = rates.stream().filter(r -> isOf(r, food, name)).toList();
        var those =
                mine.isEmpty() ? rates.stream().filter(r -> r.food().isEmpty()).toList() : mine;
        var counted = pieces != null || food == null || food.piece() == null || grams == null
                ? pieces
                : grams.dividedBy(food.piece());
        var sum = those.stream()
                .filter(r -> r.basis() == Basis.FIXED)
                .findFirst()
                .map(Rate::seconds)
                .orElse(TimeRange.ZERO);
        var per = per(those, counted, grams);
        // What is said of a weight stands for the fixed time too: rubbing in goes by the fat.
        return per == null
                ? sum
                : those.stream().anyMatch(r -> r.basis() == Basis.FIFTY_GRAMS_OF_FAT) ? per : sum.plus(per);
    }

    private static TimeRange per(List<Rate> rates, Ratio pieces, Ratio grams) {
        Rate each = null;
        Rate weight = null;
        for (var rate : rates) {
            if (rate.basis() == Basis.EACH) each = rate;
            else if (rate.basis() != Basis.FIXED) weight = rate;
        }
        if (grams != null && weight != null && (pieces == null || each == null)) {
            var share = grams.dividedBy(Ratio.of(weight.basis() == Basis.HUNDRED_GRAMS ? 100 : 50))
                    .min(Ratio.of(MOST_PIECES));
            return times(weight.seconds(), share);
        }
        if (each == null) return null;
        var count = pieces == null ? 1 : Math.clamp(pieces.nearest(), 1, MOST_PIECES);
        return times(each.seconds(), Ratio.of(count));
    }

    private static TimeRange times(TimeRange seconds, Ratio by) {
        return new TimeRange((int) by.times(seconds.low()).ceiling(), (int)
                by.times(seconds.high()).ceiling());
    }

    private static boolean isOf(Rate rate, Food food, String name) {
        if (rate.food().isEmpty()) return false;
        if (food != null && rate.food().equals(food.group().code() + "s")) return true;
        return List.of(name.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).stream()
                .anyMatch(w -> w.equals(rate.food()) || w.equals(rate.food() + "s") || w.equals(rate.food() + "es"));
    }
}

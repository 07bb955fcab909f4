package webodidact.core.list;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tins;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.reading.LineReader;

/**
 * What was really bought, against what the lesson needs: typed or pasted from a receipt, a thing a line.
 *
 * @param rows in the order of the list
 * @param unread lines that name nothing of the list, as they stand: what they are nobody guesses
 */
public record Receipt(List<Row> rows, List<String> unread) {
    /** Whether there is enough of it. */
    public enum Verdict {
        ENOUGH,
        SHORT,
        MISSING,
        /** Bought, but in a measure that cannot be held against the need. */
        OPEN;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    /**
     * @param need for everything that is made, copies included; null where no amount is stated
     * @param bought of it, in the measure of the need where that can be; null if none
     */
    public record Row(FoodLine line, String item, Amount need, Amount bought, Verdict verdict) {
        /** What is over; empty where nothing is, or nobody can tell. */
        public Optional<Amount> over() {
            if (verdict != Verdict.ENOUGH || need == null || bought == null) return Optional.empty();
            var left = bought.low().minus(need.high());
            return left.isZero() ? Optional.empty() : Optional.of(Amount.of(left, need.unit()));
        }
    }

    /** "4.20", "£ 4.20 A" at the end of a line is what it cost. */
    private static final Pattern PRICE =
            Pattern.compile("\\s+[£$€]?\\s?-?\\d{1,4}[.,]\\d{2}\\s*[£$€]?\\s*[A-Z*]?\\s*$");
    /** "250G" and "2X": receipts leave the space out. */
    private static final Pattern TIGHT = Pattern.compile("(?<=\\d)(?=(?:g|kg|ml|l|cl|x|pk)\\b)");
    /** "2 x butter 250 g". */
    private static final Pattern TIMES = Pattern.compile("^(\\d{1,2}) ?[x×] (.*)$");

    public Receipt {
        rows = List.copyOf(rows);
        unread = List.copyOf(unread);
    }

    public static Receipt of(String text, Lesson lesson, Course course, Knowledge knowledge) {
        var reader = new LineReader(knowledge);
        var bought = new LinkedHashMap<String, List<FoodLine>>();
        var unread = new ArrayList<String>();
        var needs = Costs.of(lesson, course, knowledge).shoot().rows();
        for (var line : text.split("\\R")) {
            if (line.isBlank()) continue;
            var read = read(line, reader);
            boolean known = read.food() != null
                    && read.unsure().stream().allMatch(d -> d.kind() == Doubt.Kind.NO_AMOUNT)
                    && needs.stream()
                            .anyMatch(n -> n.food() != null && n.food().id().equals(read.food()));
            if (known)
                bought.computeIfAbsent(read.food(), k -> new ArrayList<>()).add(read);
            else unread.add(line.strip());
        }
        return new Receipt(needs.stream().map(n -> row(n, bought, course)).toList(), unread);
    }

    private static FoodLine read(String line, LineReader reader) {
        var words = TIGHT.matcher(PRICE.matcher(line.strip()).replaceFirst("").toLowerCase(Locale.ROOT))
                .replaceAll(" ");
        var times = TIMES.matcher(words);
        int count = times.matches() ? Integer.parseInt(times.group(1)) : 1;
        var read = reader.read(times.matches() ? times.group(2) : words).toFoodLine("r");
        var amount = read.amount();
        // Two packs of 250 g are 500 g; of tins it counts what is left when they are drained, and that the food
        // decides.
        if (amount != null
                && read.size() != null
                && amount.unit().dimension() == Dimension.COUNT
                && amount.unit() != Unit.TIN) amount = read.size().times(amount.low());
        var all = amount == null ? null : amount.times(Ratio.of(count));
        // One pack of several: the weight of that is what stands on it.
        var one = amount != null && amount.unit().dimension() == Dimension.MASS && read.size() == null
                ? amount
                : read.size();
        return read.but(d -> {
            d.amount = all;
            d.size = one;
        });
    }

    private static Row row(Costs.Row need, Map<String, List<FoodLine>> bought, Course course) {
        var lines = need.food() == null
                ? List.<FoodLine>of()
                : bought.getOrDefault(need.food().id(), List.of());
        if (lines.isEmpty()) return new Row(need.line(), need.item(), need.exact(), null, Verdict.MISSING);
        Amount sum = null;
        for (var line : lines) {
            if (need.exact() == null || line.amount() == null)
                return new Row(
                        need.line(),
                        need.item(),
                        need.exact(),
                        line.amount(),
                        need.exact() == null ? Verdict.ENOUGH : Verdict.OPEN);
            var same = same(line, need, course);
            if (same.isEmpty()) return new Row(need.line(), need.item(), need.exact(), line.amount(), Verdict.OPEN);
            sum = sum == null ? same.get() : sum.plus(same.get(), course.house());
        }
        boolean enough = !sum.low().isLessThan(need.exact().high());
        return new Row(need.line(), need.item(), need.exact(), sum, enough ? Verdict.ENOUGH : Verdict.SHORT);
    }

    /** What was bought, in the measure of the need: of tins what is left when they are drained. */
    private static Optional<Amount> same(FoodLine line, Costs.Row need, Course course) {
        var unit = need.exact().unit();
        var wanted = need.line().size();
        var bought = line.amount();
        // Where the list names no size a tin is a tin.
        if (unit == Unit.TIN && bought.unit() == Unit.TIN && wanted == null) return Optional.of(bought);
        var size = line.size();
        if (size != null && size.unit().dimension() == Dimension.MASS) {
            var count = bought.unit() == Unit.TIN ? bought.low() : bought.low().dividedBy(size.low());
            bought = Tins.drained(size, need.food()).times(count);
        }
        if (unit != Unit.TIN || bought.unit() == Unit.TIN)
            return Weighing.in(bought, unit, need.food(), need.line().described(), course.house(), course.house());
        if (wanted == null || !wanted.unit().convertsTo(bought.unit())) return Optional.empty();
        var one = Tins.drained(wanted, need.food()).in(bought.unit(), course.house());
        return Optional.of(Amount.of(bought.low().dividedBy(one.low()), Unit.TIN));
    }

    /** The lesson with what was bought of each line: what is over goes on to later lessons. */
    public UnaryOperator<Lesson> taken() {
        return lesson -> {
            var now = lesson;
            for (var row : rows) now = now.withFood(row.line().id(), f -> f.but(d -> d.bought = row.bought()));
            return now;
        };
    }
}

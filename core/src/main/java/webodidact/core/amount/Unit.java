package webodidact.core.amount;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import webodidact.core.table.TableFile;
import webodidact.core.words.Language;

/**
 * A kitchen measure: a line of {@code units.txt}, with its sizes by region, the words that read and print it, and the source. Mass is
 * based on the gram, volume on the millilitre, length on the centimetre. Each is there once: they are compared by identity.
 */
public final class Unit {
    /** With what an amount in it is measured out, and so how it is rounded. */
    public enum MeasuredBy {
        SCALE,
        LARGE,
        SPOONS,
        PART
    }

    private static final Map<String, Unit> BY_SYMBOL = new LinkedHashMap<>();
    private static final Map<String, Unit> BY_NAME = new HashMap<>();
    private static final Map<Language, Map<String, String[]>> PRINTED = new EnumMap<>(Language.class);

    static {
        for (var cells : TableFile.rows(Unit.class, "units.txt", 9)) {
            var unit = new Unit(cells);
            BY_SYMBOL.put(unit.symbol, unit);
            BY_NAME.put(unit.symbol, unit);
            unit.aliases.forEach(alias -> BY_NAME.put(alias.length() == 1 ? alias : plain(alias), unit));
        }
        for (var cells : TableFile.rows(Unit.class, "units_de.txt", 3))
            PRINTED.computeIfAbsent(Language.GERMAN, l -> new HashMap<>()).put(cells[0], cells);
    }

    public static final Unit G = parse("g");
    public static final Unit KG = parse("kg");
    public static final Unit OZ = parse("oz");
    public static final Unit LB = parse("lb");
    public static final Unit ML = parse("ml");
    public static final Unit DL = parse("dl");
    public static final Unit L = parse("l");
    public static final Unit TSP = parse("tsp");
    public static final Unit DESSERTSPOON = parse("dessertspoon");
    public static final Unit TBSP = parse("tbsp");
    public static final Unit CUP = parse("cup");
    public static final Unit FLOZ = parse("floz");
    public static final Unit PINT = parse("pint");
    public static final Unit CLOVE = parse("clove");
    public static final Unit SLICE = parse("slice");
    public static final Unit STALK = parse("stalk");
    public static final Unit SHEET = parse("sheet");
    public static final Unit BUNCH = parse("bunch");
    public static final Unit TIN = parse("tin");
    public static final Unit BLOCK = parse("block");
    public static final Unit PIECE = parse("piece");
    public static final Unit CM = parse("cm");
    public static final Unit INCH = parse("inch");
    public static final Unit PINCH = parse("pinch");
    public static final Unit KNOB = parse("knob");

    private final String symbol;
    private final Dimension dimension;
    private final Ratio size;
    private final Map<MeasureSystem, Ratio> elsewhere = new EnumMap<>(MeasureSystem.class);
    /** Of an informal measure: the symbol of the unit its size is told in. */
    private final String usualIn;

    private final List<String> printed;
    private final Ratio step;
    private final MeasuredBy measuredBy;
    private final List<String> aliases;

    private Unit(String[] cells) {
        symbol = cells[0];
        dimension = Dimension.valueOf(cells[1].toUpperCase(Locale.ROOT));
        var told = cells[2].split(" ");
        size = told[0].isEmpty() ? Ratio.ONE : Ratio.parseDecimal(told[0]);
        usualIn = told.length > 1 ? told[1] : "";
        for (var other : TableFile.list(cells[3])) {
            elsewhere.put(
                    MeasureSystem.valueOf(other.substring(0, other.indexOf('=')).toUpperCase(Locale.ROOT)),
                    Ratio.parseDecimal(other.substring(other.indexOf('=') + 1)));
        }
        printed = TableFile.list(cells[4]);
        step = cells[5].isEmpty() ? Ratio.ONE : Ratio.parse(cells[5]);
        measuredBy = MeasuredBy.valueOf(cells[6].toUpperCase(Locale.ROOT));
        aliases = TableFile.list(cells[7]);
    }

    /** All of them, in the order of the table. */
    public static List<Unit> all() {
        return List.copyOf(BY_SYMBOL.values());
    }

    /** Words of several parts, "fluid ounces", the longest first: what a reader has to look for before it looks for one word. */
    public static List<String> phrases() {
        var all = new ArrayList<String>();
        BY_SYMBOL
                .values()
                .forEach(u -> u.aliases.stream().filter(a -> a.indexOf(' ') > 0).forEach(all::add));
        all.sort(Comparator.comparing(a -> -a.length()));
        return all;
    }

    public String symbol() {
        return symbol;
    }

    public Dimension dimension() {
        return dimension;
    }

    public MeasuredBy measuredBy() {
        return measuredBy;
    }

    public List<String> aliases() {
        return aliases;
    }

    /** The unit of that symbol or alias, whatever the case and full stops; empty if there is none. "T" is a tablespoon, "t" a teaspoon. */
    public static Optional<Unit> named(String text) {
        var written = BY_NAME.get(text);
        return written != null ? Optional.of(written) : Optional.ofNullable(BY_NAME.get(plain(text)));
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replace(".", "").replace(" ", "");
    }

    /** The unit printed as {@code symbol}. */
    public static Unit parse(String symbol) {
        return named(symbol).orElseThrow(() -> new IllegalArgumentException(Words.OURS.say("wrong.unit", symbol)));
    }

    /** Grams, millilitres or centimetres in one of this unit; only for measures of mass, volume and length. */
    public Ratio base(MeasureSystem system) {
        if (dimension == Dimension.COUNT || dimension == Dimension.INFORMAL) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.unit.2", symbol));
        }
        return elsewhere.getOrDefault(system, size);
    }

    /** The word means another size in another region. */
    public boolean isRegional() {
        return !elsewhere.isEmpty();
    }

    /** What an informal measure usually is: 1/8 tsp a pinch, 15 g a knob. */
    public Amount usualSize() {
        if (dimension != Dimension.INFORMAL) throw new IllegalArgumentException(Words.OURS.say("wrong.unit.3", symbol));
        return Amount.of(size, parse(usualIn));
    }

    /** The smallest part a count is divided into: whole sheets, half cloves, quarter pieces. */
    public Ratio smallestPart() {
        return step;
    }

    /** Whether amounts in both can be added without knowing the food. */
    public boolean convertsTo(Unit other) {
        return this == other || dimension == other.dimension && dimension.compareTo(Dimension.LENGTH) <= 0;
    }

    /** As printed after {@code value}, in the language spoken here: "tsp", but "2 cloves". */
    public String word(Ratio value) {
        boolean several = value.isMoreThan(Ratio.ONE);
        var own = PRINTED.getOrDefault(Language.current(), Map.of()).get(symbol);
        if (own != null) return own[several ? 2 : 1];
        return several ? printed.getLast() : printed.getFirst();
    }

    /** The food's name ends with the measure, "garlic clove", so that a figure before it is enough. @param name in lower case */
    boolean endsName(String name) {
        return name.equals(symbol)
                || name.endsWith(" " + symbol)
                || printed.stream().anyMatch(w -> name.equals(w) || name.endsWith(" " + w));
    }

    @Override
    public String toString() {
        return symbol;
    }
}

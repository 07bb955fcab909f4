package webodidact.core.amount;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A kitchen measure. Mass is based on the gram, volume on the millilitre, length on the centimetre.
 * Sizes: SI and the international yard and pound agreement of 1959; UK Weights and Measures Act 1985, schedule 1
 * (pint 568.26125 ml); NIST Handbook 44, appendix C (US pint 473.176473 ml); metric and Australian cups and spoons
 * as in AS 1325 (cup 250 ml, Australian tablespoon 20 ml).
 */
public enum Unit {
    G("g", Dimension.MASS, "1", "gram", "grams", "gramme", "grammes", "gm", "gms", "gr"),
    KG("kg", Dimension.MASS, "1000", "kilo", "kilos", "kilogram", "kilograms", "kgs"),
    OZ("oz", Dimension.MASS, "28.349523125", "ounce", "ounces", "ozs"),
    LB("lb", Dimension.MASS, "453.59237", "pound", "pounds", "lbs"),
    ML("ml", Dimension.VOLUME, "1", "millilitre", "millilitres", "milliliter", "milliliters", "mls", "cc"),
    DL("dl", Dimension.VOLUME, "100", "decilitre", "decilitres", "deciliter", "deciliters"),
    L("l", Dimension.VOLUME, "1000", "litre", "litres", "liter", "liters", "ltr"),
    TSP("tsp", Dimension.VOLUME, "5", "teaspoon", "teaspoons", "tsps", "teaspoonful", "teaspoonfuls"),
    DESSERTSPOON("dessertspoon", Dimension.VOLUME, "10", "dessertspoons", "dsp", "dessertspoonful"),
    TBSP("tbsp", Dimension.VOLUME, "15", "tablespoon", "tablespoons", "tbsps", "tbs", "tbl", "tablespoonful", "tablespoonfuls"),
    CUP("cup", Dimension.VOLUME, "250", "cups", "cupful", "cupfuls"),
    FLOZ("floz", Dimension.VOLUME, "28.4130625", "fluid ounce", "fluid ounces", "fl oz", "fl. oz", "fl. oz."),
    PINT("pint", Dimension.VOLUME, "568.26125", "pints", "pt", "pts"),
    QUART("quart", Dimension.VOLUME, "1136.5225", "quarts", "qt", "qts"),
    CLOVE("clove", Dimension.COUNT, "1/2", "cloves"),
    SLICE("slice", Dimension.COUNT, "1/2", "slices", "rasher", "rashers"),
    STALK("stalk", Dimension.COUNT, "1/2", "stalks", "stick", "sticks", "rib", "ribs"),
    SHEET("sheet", Dimension.COUNT, "1", "sheets"),
    SPRIG("sprig", Dimension.COUNT, "1", "sprigs"),
    BUNCH("bunch", Dimension.COUNT, "1/4", "bunches"),
    TIN("tin", Dimension.COUNT, "1/2", "tins", "can", "cans"),
    BLOCK("block", Dimension.COUNT, "1/4", "blocks"),
    PIECE("piece", Dimension.COUNT, "1/4", "pieces"),
    CM("cm", Dimension.LENGTH, "1", "centimetre", "centimetres", "centimeter", "centimeters"),
    INCH("inch", Dimension.LENGTH, "2.54", "inches"),
    PINCH("pinch", Dimension.INFORMAL, "1/8", "pinches"),
    DASH("dash", Dimension.INFORMAL, "1/8", "dashes"),
    KNOB("knob", Dimension.INFORMAL, "15", "knobs"),
    HANDFUL("handful", Dimension.INFORMAL, "30", "handfuls"),
    DRIZZLE("drizzle", Dimension.INFORMAL, "2", "drizzles");

    private static final Map<String, Unit> BY_NAME = new HashMap<>();
    private static final Ratio US_TSP = Ratio.parseDecimal("4.92892159375"); // 1/768 US gallon of 231 cubic inches

    static {
        for (var unit : values()) {
            BY_NAME.put(unit.symbol, unit);
            unit.aliases.forEach(alias -> BY_NAME.put(alias, unit));
        }
    }

    private final String symbol;
    private final Dimension dimension;
    private final Ratio size;
    private final List<String> aliases;

    Unit(String symbol, Dimension dimension, String size, String... aliases) {
        this.symbol = symbol;
        this.dimension = dimension;
        this.size = Ratio.parseDecimal(size);
        this.aliases = List.of(aliases);
    }

    public String symbol() {
        return symbol;
    }

    public Dimension dimension() {
        return dimension;
    }

    public List<String> aliases() {
        return aliases;
    }

    /** The unit of that symbol or alias, whatever the case; empty if there is none. */
    public static Optional<Unit> named(String text) {
        return Optional.ofNullable(BY_NAME.get(text.toLowerCase(Locale.ROOT)));
    }

    /** The unit printed as {@code symbol}. */
    public static Unit parse(String symbol) {
        return named(symbol).orElseThrow(() -> new IllegalArgumentException(
                "Unit '" + symbol + "': expected a kitchen measure, as in 'g', 'ml', 'tbsp' or 'clove'"));
    }

    /** Grams, millilitres or centimetres in one of this unit; only for measures of mass, volume and length. */
    public Ratio base(MeasureSystem system) {
        if (dimension == Dimension.COUNT || dimension == Dimension.INFORMAL) {
            throw new IllegalArgumentException("Unit '" + symbol + "' has no size of its own: ask the food");
        }
        return switch (system) {
            case US -> switch (this) {
                case TSP -> US_TSP;
                case DESSERTSPOON -> US_TSP.times(2);
                case TBSP -> US_TSP.times(3);
                case FLOZ -> US_TSP.times(6);
                case CUP -> US_TSP.times(48);
                case PINT -> US_TSP.times(96);
                case QUART -> US_TSP.times(192);
                default -> size;
            };
            case IMPERIAL -> this == CUP ? PINT.size.times(Ratio.HALF) : size;
            case AU -> this == TBSP ? Ratio.of(20) : size;
            case METRIC -> size;
        };
    }

    /** The default of an informal measure: 1/8 tsp a pinch or dash, 15 g a knob, 30 g a handful, 2 tsp a drizzle. */
    public Amount usualSize() {
        return switch (this) {
            case PINCH, DASH, DRIZZLE -> Amount.of(size, TSP);
            case KNOB, HANDFUL -> Amount.of(size, G);
            default -> throw new IllegalArgumentException("Unit '" + symbol + "' is not an informal measure");
        };
    }

    /** The smallest part a count is divided into: whole sheets, half cloves, quarter pieces. */
    public Ratio smallestPart() {
        return dimension == Dimension.COUNT ? size : Ratio.ONE;
    }

    /** Whether amounts in both can be added without knowing the food. */
    public boolean convertsTo(Unit other) {
        return this == other || dimension == other.dimension && dimension.compareTo(Dimension.LENGTH) <= 0;
    }

    /** As printed after {@code value}: "tsp", but "2 cloves". */
    public String word(Ratio value) {
        boolean plain = dimension.compareTo(Dimension.LENGTH) <= 0 && this != CUP && this != PINT && this != QUART
                && this != DESSERTSPOON;
        if (this == FLOZ) return "fl oz";
        if (plain || !value.isMoreThan(Ratio.ONE)) return symbol;
        return switch (this) {
            case PINCH, DASH, BUNCH, INCH -> symbol + "es";
            default -> symbol + "s";
        };
    }
}

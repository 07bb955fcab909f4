package webodidact.terminal;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.LinkedHashMap;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Weighing;
import webodidact.core.reading.AmountReader;
import webodidact.core.reading.LineReader;

/** One amount of a food in other measures, exact and as it can be measured. */
final class ConvertCommand implements Command {
    /** Where an amount can be told to. */
    enum Target {
        METRIC,
        US,
        IMPERIAL,
        AU,
        G,
        ML
    }

    private Told told;

    private boolean json;

    private String food;

    private Target to;

    private MeasureSystem from;

    private String times = "1";

    private String amount;

    @Override
    public Manual manual() {
        return new Manual("convert")
                .flag("json")
                .needed("food", "FOOD")
                .needed("to", "SYSTEM")
                .option("from", "SYSTEM")
                .option("times", "N", "1")
                .argument("AMOUNT");
    }

    @Override
    public int run(Told told) {
        this.told = told;
        json = told.has("json");
        food = told.text("food");
        to = told.oneOf("to", Target.class);
        from = told.oneOf("from", MeasureSystem.class);
        times = told.text("times");
        amount = told.argument();
        var asWritten = new LineReader(Knowledge.shipped(), from == null ? MeasureSystem.METRIC : from)
                .read(amount + " " + food);
        var known = Knowledge.shipped()
                .food(food)
                .or(() -> Knowledge.shipped().food(asWritten.food()))
                .orElseThrow(() -> unknown());
        var form = Knowledge.shipped().food(food).isPresent() ? "" : food + " " + String.join(" ", asWritten.form());
        var factor = Ratio.parse(times);
        if (!factor.isMoreThan(Ratio.ZERO)) throw new IllegalArgumentException(Words.say("convert.times", times));
        var read = AmountReader.whole(amount).times(factor);
        var system = system();
        var converted = Weighing.in(read, target(read, known, form), known, form, from == null ? system : from, system)
                .orElseThrow(() -> new IllegalArgumentException(Words.say(
                        "convert.unknown", amount, known.name(), to.name().toLowerCase())));
        var rounded = KitchenRounding.round(converted, system);
        print(converted, rounded);
        return 0;
    }

    private IllegalArgumentException unknown() {
        var nearest =
                Knowledge.shipped().nearest(food, 4).stream().map(Food::name).toList();
        return new IllegalArgumentException(
                nearest.isEmpty() ? Words.say("convert.food", food) : Words.say("convert.near", food, nearest));
    }

    private MeasureSystem system() {
        return switch (to) {
            case US -> MeasureSystem.US;
            case IMPERIAL -> MeasureSystem.IMPERIAL;
            case AU -> MeasureSystem.AU;
            case METRIC, G, ML -> MeasureSystem.METRIC;
        };
    }

    /** A kitchen there would weigh, or take cups and spoons. */
    private Unit target(Amount read, Food known, String form) {
        var unit = read.unit();
        boolean spoons = unit == Unit.TSP || unit == Unit.TBSP || unit == Unit.CUP || unit == Unit.DESSERTSPOON;
        return switch (to) {
            case G -> Unit.G;
            case ML -> Unit.ML;
            case METRIC, AU ->
                unit.dimension() == Dimension.MASS
                        ? Unit.G
                        : spoons ? spoon(unit) : unit.dimension() == Dimension.VOLUME ? Unit.ML : unit;
            case IMPERIAL ->
                unit.dimension() == Dimension.MASS
                        ? Unit.OZ
                        : spoons ? spoon(unit) : unit.dimension() == Dimension.VOLUME ? Unit.FLOZ : unit;
            case US ->
                unit.dimension() == Dimension.VOLUME
                        ? spoons ? spoon(unit) : Unit.CUP
                        : unit.dimension() == Dimension.MASS
                                ? known.densityIn(form).isPresent() ? Unit.CUP : Unit.OZ
                                : unit;
        };
    }

    private static Unit spoon(Unit unit) {
        return unit == Unit.DESSERTSPOON ? Unit.TSP : unit;
    }

    private void print(Amount exact, KitchenRounding.Rounded rounded) {
        var out = told.out();
        if (!json) {
            out.println(
                    rounded.error().isZero() ? rounded.text() : Words.say("convert.exactly", rounded.text(), exact));
            return;
        }
        var map = new LinkedHashMap<String, Object>();
        map.put("value", exact.low().toString());
        if (exact.isRange()) map.put("max", exact.high().toString());
        map.put("unit", exact.unit().symbol());
        map.put("shown", rounded.text());
        map.put("error", new BigDecimal(rounded.error().toDouble(), new MathContext(6)).stripTrailingZeros());
        out.println(Json.pretty(map));
    }
}

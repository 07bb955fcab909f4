package webodidact.core.amount;

import java.util.ArrayList;
import java.util.Optional;

/**
 * Oven settings in other scales. A fan oven is set 20 °C lower than a conventional one; dials in Fahrenheit go in steps of
 * 25 °F; gas mark n is 250 + 25 n °F. These are the usual conversion tables of cookery books; ovens differ, so test.
 */
public final class OvenScale {
    /** How much lower a fan oven is set, °C. */
    public static final int FAN_LOWER = 20;

    /** Of a kitchen in which an oven has stood off, °C. */
    public static final int COLD = 20;
    /** What kitchens are asked of their ovens: how long one takes to it from cold, °C. */
    public static final int USUAL = 200;

    private static final int DIAL = 25;

    private OvenScale() {}

    /**
     * Seconds in which an oven gets so much warmer, evenly; rounded up.
     *
     * @param heats seconds from cold to 200 °C
     * @return 0 where it need not get warmer
     */
    public static int heating(int heats, int from, int to) {
        return Math.ceilDiv(heats * Math.max(0, to - from), USUAL - COLD);
    }

    /** °C on the dial of an oven without a fan, of the low end of a setting. */
    public static int conventional(Heat heat) {
        return heat.mode() == Heat.Mode.FAN ? heat.low() + FAN_LOWER : heat.low();
    }

    /** The nearest mark on a Fahrenheit dial: 175 °C is 350 °F. */
    public static int fahrenheit(int celsius) {
        var exact = Ratio.of(celsius).times(Ratio.of(9, 5)).plus(Ratio.of(32));
        return (int) exact.toStep(Ratio.of(DIAL)).nearest();
    }

    /** The nearest whole degree: 350 °F is 177 °C. */
    public static int celsius(int fahrenheit) {
        return (int) Ratio.of(fahrenheit - 32).times(Ratio.of(5, 9)).nearest();
    }

    /** A gas mark from 1 to 9; empty if the dial has none for it. */
    public static Optional<Integer> gas(int celsius) {
        int mark = (fahrenheit(celsius) - 250) / DIAL;
        return mark >= 1 && mark <= 9 ? Optional.of(mark) : Optional.empty();
    }

    /** @param mark from 1 to 9 */
    public static int celsiusOfGas(int mark) {
        if (mark < 1 || mark > 9) throw new IllegalArgumentException(Words.OURS.say("wrong.ovenScale", mark));
        return celsius(250 + DIAL * mark);
    }

    /** The same heat for the other kind of oven; fails if nobody has said which kind is meant. */
    public static Heat other(Heat heat) {
        return switch (heat.mode()) {
            case FAN -> new Heat(heat.low() + FAN_LOWER, heat.high() + FAN_LOWER, Heat.Mode.CONVENTIONAL);
            case CONVENTIONAL -> new Heat(heat.low() - FAN_LOWER, heat.high() - FAN_LOWER, Heat.Mode.FAN);
            case UNSTATED -> throw new IllegalArgumentException(Words.OURS.say("wrong.ovenScale.2", heat.degrees()));
        };
    }

    /**
     * One setting on every dial, that of those measures first: "180 °C fan (200 °C conventional, 400 °F, gas 6)". A figure of which nobody
     * has said the kind of oven stays as it is: no other dial can be told from it.
     */
    public static String onEveryDial(Heat heat, MeasureSystem system) {
        // Beyond what any dial has there is no other to tell.
        boolean edge = heat.low() - FAN_LOWER < 30 || heat.high() + FAN_LOWER > 300;
        if (heat.mode() == Heat.Mode.UNSTATED || edge) return heat.text();
        var conventional = heat.mode() == Heat.Mode.CONVENTIONAL ? heat : other(heat);
        var fan = heat.mode() == Heat.Mode.FAN ? heat : other(heat);
        int low = fahrenheit(conventional.low());
        int high = fahrenheit(conventional.high());
        var dials = new ArrayList<String>();
        dials.add(heat.text());
        dials.add((heat.mode() == Heat.Mode.FAN ? conventional : fan).text());
        dials.add((low == high ? String.valueOf(low) : low + "–" + high) + " °F");
        gas(conventional.low()).ifPresent(g -> dials.add("gas " + g));
        if (system == MeasureSystem.US) dials.addFirst(dials.remove(2));
        return dials.getFirst() + " (" + String.join(", ", dials.subList(1, dials.size())) + ")";
    }

    /** "175 °C conventional = 155 °C fan = 350 °F = gas 4". */
    public static String text(Heat heat) {
        if (heat.mode() == Heat.Mode.UNSTATED) return heat.text();
        var conventional = heat.mode() == Heat.Mode.CONVENTIONAL ? heat : other(heat);
        var fan = heat.mode() == Heat.Mode.FAN ? heat : other(heat);
        var gas = gas(conventional.low()).map(g -> " = gas " + g).orElse("");
        return conventional.text() + " = " + fan.text() + " = " + fahrenheit(conventional.low()) + " °F" + gas;
    }
}

package webodidact.core.amount;

/**
 * So much of something: a value, or a range with both ends, in one unit.
 *
 * @param low the smaller end, zero or more
 * @param high the larger end, equal to {@code low} if it is no range
 * @param approximate true for "about", and always for informal measures
 */
public record Amount(Ratio low, Ratio high, Unit unit, boolean approximate) {
    public Amount {
        if (low == null || high == null || unit == null)
            throw new IllegalArgumentException(Words.OURS.say("wrong.amount", low, high, unit));
        if (low.isNegative()) throw new IllegalArgumentException(Words.OURS.say("wrong.amount.2", low));
        if (high.isLessThan(low)) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.amount.3", low, high));
        }
        approximate = approximate || unit.dimension() == Dimension.INFORMAL;
    }

    public static Amount of(Ratio value, Unit unit) {
        return new Amount(value, value, unit, false);
    }

    public static Amount of(long value, Unit unit) {
        return of(Ratio.of(value), unit);
    }

    public boolean isRange() {
        return !low.equals(high);
    }

    public Amount times(Ratio factor) {
        return new Amount(low.times(factor), high.times(factor), unit, approximate);
    }

    /** This amount in {@code target}, exactly. Fails with {@link MixedUnits} if the kinds differ. */
    public Amount in(Unit target, MeasureSystem system) {
        return in(target, system, system);
    }

    /** This amount, measured with the spoons of {@code from}, as told to someone with the spoons of {@code to}. */
    public Amount in(Unit target, MeasureSystem from, MeasureSystem to) {
        if (!unit.convertsTo(target)) throw new MixedUnits(this, target);
        if (unit.dimension().compareTo(Dimension.LENGTH) > 0) return this;
        var factor = unit.base(from).dividedBy(target.base(to));
        return new Amount(low.times(factor), high.times(factor), target, approximate);
    }

    /** The sum, in this amount's unit. Fails with {@link MixedUnits} if the kinds differ. */
    public Amount plus(Amount other, MeasureSystem system) {
        var same = other.in(unit, system);
        return new Amount(low.plus(same.low), high.plus(same.high), unit, approximate || same.approximate);
    }

    /** {@code 1/2 tsp}, {@code 2-3 clove}, {@code ~2 handful}: for files. What people read is {@link AmountText}. */
    @Override
    public String toString() {
        boolean mark = approximate && unit.dimension() != Dimension.INFORMAL;
        return (mark ? "~" : "") + low + (isRange() ? "-" + high : "") + " " + unit.symbol();
    }

    /** Reads what {@link #toString()} prints. */
    public static Amount parse(String text) {
        int space = text.indexOf(' ');
        try {
            if (space < 1) throw new IllegalArgumentException(Words.OURS.say("wrong.amount.4"));
            boolean about = text.startsWith("~");
            var number = text.substring(about ? 1 : 0, space);
            int dash = number.indexOf('-', 1);
            var low = Ratio.parse(dash < 0 ? number : number.substring(0, dash));
            var high = dash < 0 ? low : Ratio.parse(number.substring(dash + 1));
            return new Amount(low, high, Unit.parse(text.substring(space + 1)), about);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.amount.5", text, e.getMessage()), e);
        }
    }
}

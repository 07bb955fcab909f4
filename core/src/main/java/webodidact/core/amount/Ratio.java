package webodidact.core.amount;

import java.math.BigInteger;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.BigFraction;

/** An exact number: always in lowest terms with a positive denominator, so equal numbers are equal objects. */
public record Ratio(BigFraction value) implements Comparable<Ratio> {
    public static final Ratio ZERO = of(0);
    public static final Ratio ONE = of(1);
    public static final Ratio HALF = of(1, 2);
    private static final Pattern SHAPE = Pattern.compile("(-?\\d{1,18})(?:/([1-9]\\d{0,17}))?");
    private static final Pattern DECIMAL = Pattern.compile("(-?\\d{1,12})\\.(\\d{1,18})");

    public Ratio {
        if (value.getDenominator().signum() < 0) {
            value = BigFraction.of(
                    value.getNumerator().negate(), value.getDenominator().negate());
        }
    }

    public static Ratio of(long whole) {
        return new Ratio(BigFraction.of(whole));
    }

    /** @throws ArithmeticException if {@code den} is 0 */
    public static Ratio of(long num, long den) {
        if (den == 0) throw new ArithmeticException("Ratio " + num + "/0: the denominator must not be 0");
        return new Ratio(BigFraction.of(num, den));
    }

    /** Reads what {@link #toString()} prints: {@code 3}, {@code 1/2} or {@code -1/2}; no comma, no point. */
    public static Ratio parse(String text) {
        var m = SHAPE.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.ratio", text));
        }
        return of(Long.parseLong(m.group(1)), m.group(2) == null ? 1 : Long.parseLong(m.group(2)));
    }

    /** Reads a plain decimal with a point, exactly: {@code 14.79} is 1479/100; a whole number or fraction is read too. */
    public static Ratio parseDecimal(String text) {
        var m = DECIMAL.matcher(text);
        if (!m.matches()) return parse(text);
        var digits = new BigInteger(m.group(1) + m.group(2));
        return new Ratio(BigFraction.of(digits, BigInteger.TEN.pow(m.group(2).length())));
    }

    public Ratio plus(Ratio other) {
        return new Ratio(value.add(other.value));
    }

    public Ratio minus(Ratio other) {
        return new Ratio(value.subtract(other.value));
    }

    public Ratio times(Ratio other) {
        return new Ratio(value.multiply(other.value));
    }

    public Ratio times(long factor) {
        return new Ratio(value.multiply(factor));
    }

    /** @throws ArithmeticException if {@code other} is zero */
    public Ratio dividedBy(Ratio other) {
        if (other.isZero()) throw new ArithmeticException(this + " divided by 0");
        return new Ratio(value.divide(other.value));
    }

    public Ratio negated() {
        return new Ratio(value.negate());
    }

    public Ratio abs() {
        return new Ratio(value.abs());
    }

    public boolean isZero() {
        return value.signum() == 0;
    }

    public boolean isNegative() {
        return value.signum() < 0;
    }

    public boolean isWhole() {
        return value.getDenominator().equals(BigInteger.ONE);
    }

    public boolean isLessThan(Ratio other) {
        return compareTo(other) < 0;
    }

    public boolean isMoreThan(Ratio other) {
        return compareTo(other) > 0;
    }

    public Ratio max(Ratio other) {
        return isLessThan(other) ? other : this;
    }

    public Ratio min(Ratio other) {
        return isLessThan(other) ? this : other;
    }

    /** The largest whole number not above this one. */
    public long floor() {
        var parts = value.getNumerator().divideAndRemainder(value.getDenominator());
        long whole = parts[0].longValueExact();
        return parts[1].signum() < 0 ? whole - 1 : whole;
    }

    /** The smallest whole number not below this one. */
    public long ceiling() {
        return -negated().floor();
    }

    /** The nearest whole number, halves up. */
    public long nearest() {
        return plus(HALF).floor();
    }

    /** The nearest whole number, halves up, of any size. */
    private Ratio whole() {
        var parts = plus(HALF).value;
        var floor = parts.getNumerator().divideAndRemainder(parts.getDenominator());
        return new Ratio(BigFraction.of(floor[1].signum() < 0 ? floor[0].subtract(BigInteger.ONE) : floor[0]));
    }

    /** The multiple of {@code step} nearest to this number, halves up: 7/3 in steps of 1/4 is 9/4. */
    public Ratio toStep(Ratio step) {
        return step.times(dividedBy(step).whole());
    }

    /** For drawing and printing only; never put back into an amount. */
    public double toDouble() {
        return value.doubleValue();
    }

    @Override
    public int compareTo(Ratio other) {
        // Not BigFraction's own: in commons-numbers 1.2 it orders two negative numbers the wrong way round.
        return value.getNumerator()
                .multiply(other.value.getDenominator())
                .compareTo(other.value.getNumerator().multiply(value.getDenominator()));
    }

    @Override
    public String toString() {
        return isWhole() ? value.getNumerator().toString() : value.getNumerator() + "/" + value.getDenominator();
    }
}

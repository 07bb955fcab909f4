package webodidact.core.amount;

import java.math.BigDecimal;
import java.math.MathContext;
import java.text.DecimalFormatSymbols;
import java.util.Map;
import webodidact.core.words.Language;

/** Amounts as people read them: "1½ tsp", "2–3 cloves", "350 g". */
public final class AmountText {
    private static final Map<Ratio, String> SIGNS = Map.of(
            Ratio.of(1, 4),
            "¼",
            Ratio.of(1, 3),
            "⅓",
            Ratio.of(1, 2),
            "½",
            Ratio.of(2, 3),
            "⅔",
            Ratio.of(3, 4),
            "¾",
            Ratio.of(1, 8),
            "⅛");

    private AmountText() {}

    /** "1½", "350" or, where no sign exists, a decimal with at most two places; one figure that counts where it is less than a hundredth. */
    public static String number(Ratio value) {
        long whole = value.floor();
        var rest = value.minus(Ratio.of(whole));
        if (rest.isZero()) return String.valueOf(whole);
        var sign = SIGNS.get(rest);
        if (sign != null) return whole == 0 ? sign : whole + sign;
        var hundredths = value.times(100).nearest();
        if (hundredths == 0)
            return new BigDecimal(value.toDouble(), new MathContext(1))
                    .toPlainString()
                    .replace(".", point());
        var text = hundredths / 100 + point() + (hundredths % 100 < 10 ? "0" : "") + hundredths % 100;
        return text.endsWith("0") ? text.substring(0, text.length() - 1) : text;
    }

    /** In the language spoken here, never in the machine's. */
    private static String point() {
        return String.valueOf(
                DecimalFormatSymbols.getInstance(Language.current().locale()).getDecimalSeparator());
    }

    /** The whole amount, with its unit; pieces are counted without a word. */
    public static String of(Amount amount) {
        var number = amount.isRange() ? number(amount.low()) + "–" + number(amount.high()) : number(amount.low());
        var unit = amount.unit();
        return unit == Unit.PIECE ? number : number + " " + unit.word(amount.high());
    }
}

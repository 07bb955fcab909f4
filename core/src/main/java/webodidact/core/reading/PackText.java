package webodidact.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.money.Price;

/** Packs and their prices as she types them: "block 400 g 5.20; grated bag 250 g 2.95". */
public final class PackText {
    private static final Pattern PACK = Pattern.compile(
            "(.*?)\\s*(\\d\\S*\\s*[a-zA-Z]*?)\\s*(?:[:=@]\\s*|\\s)\\D{0,3}?(\\d{1,6})(?:[.,](\\d{2}))?");

    /** Letters of one pack; the pattern looks for the amount at every figure. */
    private static final int LONGEST = 120;

    private PackText() {}

    /** What {@link #read} reads. */
    public static String of(List<Price> prices) {
        return String.join(
                "; ",
                prices.stream()
                        .map(p -> (p.name() + " " + AmountText.of(p.holds())
                                        + (p.holds().unit() == Unit.PIECE ? " piece" : "") + " " + p.coins() / 100 + "."
                                        + (p.coins() % 100 < 10 ? "0" : "") + p.coins() % 100)
                                .strip())
                        .toList());
    }

    /**
     * The packs of one food; none for a blank text.
     *
     * @throws IllegalArgumentException with the pack that was not understood and what was expected
     */
    public static List<Price> read(String food, String text) {
        var all = new ArrayList<Price>();
        for (var part : text.split(";")) if (!part.isBlank()) all.add(one(food, part.strip()));
        return List.copyOf(all);
    }

    private static Price one(String food, String part) {
        var m = PACK.matcher(part);
        if (part.length() <= LONGEST && m.matches()) {
            try {
                var holds = AmountReader.whole(m.group(2).strip().replaceFirst("(?i)\\s*piece$", ""));
                long coins = Long.parseLong(m.group(3)) * 100 + (m.group(4) == null ? 0 : Long.parseLong(m.group(4)));
                if (holds.low().isMoreThan(Ratio.ZERO))
                    return new Price(food, m.group(1).strip(), holds, coins);
            } catch (IllegalArgumentException e) {
                throw wrong(part);
            }
        }
        throw wrong(part);
    }

    private static IllegalArgumentException wrong(String part) {
        return new IllegalArgumentException(
                Words.OURS.say("wrong.pack", part.length() > LONGEST ? part.substring(0, LONGEST) + "…" : part));
    }
}

package webodidact.core.swap;

import java.util.List;
import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.table.TableFile;

/**
 * One substitution of the table, or one that a family of foods implies.
 *
 * @param job what the food does there, "body and sourness"
 * @param context where it holds, in words; {@code contexts} is the same for the computer, empty for anywhere
 * @param standIn id of the food, or "" where nothing stands in: {@code change} says why
 * @param howMuch of the stand-in
 * @param need what has to be added, or null
 * @param change what else changes
 * @param seconds more (or less) time on air
 * @param words what to say
 * @param tools ids of tools it needs
 * @param family it follows from being alike, nobody has written it down for this pair
 */
public record SwapRule(
        String food,
        String job,
        String context,
        Set<Context> contexts,
        String standIn,
        HowMuch howMuch,
        Need need,
        String change,
        int seconds,
        String words,
        List<String> tools,
        boolean family) {
    /**
     * How much of the stand-in: parts of it for one part, by weight or in the line's own measure; parts by volume; or so much for so much.
     *
     * @param of null where it goes by parts
     */
    public record HowMuch(Ratio parts, boolean byVolume, Amount of, Amount per) {
        /** "13/15", "1/3 vol" or "3 tbsp / 1 piece". */
        static HowMuch parse(String text) {
            int slash = text.indexOf(" / ");
            if (slash > 0)
                return new HowMuch(
                        Ratio.ONE,
                        false,
                        Amount.parse(text.substring(0, slash)),
                        Amount.parse(text.substring(slash + 3)));
            boolean byVolume = text.endsWith(" vol");
            return new HowMuch(Ratio.parse(text.replace(" vol", "")), byVolume, null, null);
        }

        static HowMuch same() {
            return new HowMuch(Ratio.ONE, false, null, null);
        }
    }

    /**
     * What has to be added for so much of the food.
     *
     * @param item as the food table names it
     */
    public record Need(Amount amount, String item, Amount per) {
        /** "1 tbsp water / 150 g". */
        static Need parse(String text) {
            var sides = text.split(" / ");
            var words = sides[0].split(" ", 3);
            return new Need(Amount.parse(words[0] + " " + words[1]), words[2], Amount.parse(sides[1]));
        }
    }

    static SwapRule of(String[] c) {
        return new SwapRule(
                c[0],
                c[1],
                c[2],
                Context.parse(c[2]),
                c[3],
                c[4].isEmpty() ? HowMuch.same() : HowMuch.parse(c[4]),
                c[5].isEmpty() ? null : Need.parse(c[5]),
                c[6],
                Integer.parseInt(c[7]),
                c[8],
                TableFile.list(c[9]),
                false);
    }

    boolean isNothing() {
        return standIn.isEmpty();
    }
}

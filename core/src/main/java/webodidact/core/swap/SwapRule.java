package webodidact.core.swap;

import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;

/**
 * One substitution of the table.
 *
 * @param job what the food does there, "body and sourness"
 * @param context where it holds, in words; {@code contexts} is the same for the computer, empty for anywhere
 * @param ratio parts of the stand-in for one part of the food
 * @param need what has to be added, or null
 * @param change what else changes
 * @param seconds more (or less) time on air
 * @param words what to say
 */
public record SwapRule(
        String food,
        String job,
        String context,
        Set<Context> contexts,
        String standIn,
        Ratio ratio,
        Need need,
        String change,
        int seconds,
        String words) {
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
                Ratio.parse(c[4]),
                c[5].isEmpty() ? null : Need.parse(c[5]),
                c[6],
                Integer.parseInt(c[7]),
                c[8]);
    }
}

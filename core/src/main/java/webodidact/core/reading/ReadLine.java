package webodidact.core.reading;

import java.util.List;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.FoodLine;

/**
 * What one written recipe line was understood to say.
 *
 * @param amount null where none is given
 * @param size of one tin or piece, "2 x 400 g tins", or null
 * @param also an equivalence stated in brackets, or null
 * @param food id in the table, or null
 * @param unsure each thing not understood; never dropped
 */
public record ReadLine(
        String line,
        Amount amount,
        Amount size,
        Amount also,
        String item,
        List<String> form,
        String note,
        boolean optional,
        boolean toTaste,
        List<String> alternatives,
        String food,
        List<Doubt> unsure) {
    public ReadLine {
        form = List.copyOf(form);
        alternatives = List.copyOf(alternatives);
        unsure = List.copyOf(unsure);
    }

    /** The same, as a part of that line. */
    ReadLine of(String whole) {
        return new ReadLine(whole, amount, size, also, item, form, note, optional, toTaste, alternatives, food, unsure);
    }

    /** It says how much by weight, by volume or by a kitchen measure, and does not only count. */
    public boolean isMeasured() {
        return amount != null && amount.unit().dimension() != Dimension.COUNT;
    }

    public FoodLine toFoodLine(String id) {
        return new FoodLine(
                id,
                item,
                food,
                amount,
                size,
                also,
                String.join(", ", form),
                note,
                optional,
                toTaste,
                alternatives,
                unsure,
                null,
                List.of(),
                "",
                "",
                null,
                "",
                null);
    }
}

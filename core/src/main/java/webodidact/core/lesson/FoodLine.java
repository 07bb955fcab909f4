package webodidact.core.lesson;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import webodidact.core.amount.Amount;
import webodidact.core.food.Allergen;

/**
 * One line of what the recipe needs, at the lesson's own yield.
 *
 * @param item as the instructor calls it
 * @param food id in the food table, or null while unknown
 * @param amount null where none is given ("salt")
 * @param size of one piece or tin, or null
 * @param also the same stated in another measure, "(225 g)", or null; what is used is {@code amount}
 * @param form "chopped", "drained"
 * @param alternatives items named with "or" in the recipe
 * @param unsure what reading it was unsure of
 * @param chosen food id of the substitute cooked with in this lesson, or null
 * @param mentioned food ids of substitutes that are announced
 * @param use how it is used where the words do not tell ("baked"), or ""
 * @param because id of the line whose substitute asked for this one, or ""
 * @param labelSays allergens read on the label of the pack used here; null while nobody has read it
 * @param plan what becomes of what is left over, or ""
 * @param bought what was really bought for the lesson, by its receipt; null while nobody knows
 */
public record FoodLine(
        String id,
        String item,
        String food,
        Amount amount,
        Amount size,
        Amount also,
        String form,
        String note,
        boolean optional,
        boolean toTaste,
        List<String> alternatives,
        List<Doubt> unsure,
        String chosen,
        List<String> mentioned,
        String use,
        String because,
        Set<Allergen> labelSays,
        String plan,
        Amount bought) {
    public FoodLine {
        Ids.checked(id, Words.OURS.message("what.foodLine"));
        item = item == null ? "" : item;
        food = food == null || food.isBlank() ? null : food;
        chosen = chosen == null || chosen.isBlank() ? null : chosen;
        form = form == null ? "" : form;
        note = note == null ? "" : note;
        alternatives = alternatives == null ? List.of() : List.copyOf(alternatives);
        unsure = unsure == null ? List.of() : List.copyOf(unsure);
        mentioned = mentioned == null ? List.of() : List.copyOf(mentioned);
        use = use == null ? "" : use;
        because = because == null ? "" : because;
        labelSays = labelSays == null ? null : Collections.unmodifiableSet(new TreeSet<>(labelSays));
        plan = plan == null ? "" : plan;
    }

    /** All that is said of how the food is: "large, finely chopped". */
    public String described() {
        return form.isEmpty() ? item : item + ", " + form;
    }

    public static FoodLine of(String id, String item, String food, Amount amount) {
        return new FoodLine(
                id, item, food, amount, null, null, "", "", false, false, List.of(), List.of(), null, List.of(), "", "",
                null, "", null);
    }

    /** The food cooked with: the chosen substitute, else the food named. */
    public String cooked() {
        return chosen == null ? food : chosen;
    }

    public FoodLine but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return draft.line();
    }

    /** The fields of a line while it is changed; lives only inside {@link FoodLine#but}. */
    public static final class Draft {
        public String id;
        public String item;
        public String food;
        public Amount amount;
        public Amount size;
        public Amount also;
        public String form;
        public String note;
        public boolean optional;
        public boolean toTaste;
        public List<String> alternatives;
        public List<Doubt> unsure;
        public String chosen;
        public List<String> mentioned;
        public String use;
        public String because;
        public Set<Allergen> labelSays;
        public String plan;
        public Amount bought;

        private Draft(FoodLine f) {
            id = f.id;
            item = f.item;
            food = f.food;
            amount = f.amount;
            size = f.size;
            also = f.also;
            form = f.form;
            note = f.note;
            optional = f.optional;
            toTaste = f.toTaste;
            alternatives = f.alternatives;
            unsure = f.unsure;
            chosen = f.chosen;
            mentioned = f.mentioned;
            use = f.use;
            because = f.because;
            labelSays = f.labelSays;
            plan = f.plan;
            bought = f.bought;
        }

        private FoodLine line() {
            return new FoodLine(
                    id,
                    item,
                    food,
                    amount,
                    size,
                    also,
                    form,
                    note,
                    optional,
                    toTaste,
                    alternatives,
                    unsure,
                    chosen,
                    mentioned,
                    use,
                    because,
                    labelSays,
                    plan,
                    bought);
        }
    }
}

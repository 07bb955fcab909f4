package webodidact.core.food;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** What people call an allergen: its name, and foods that are nothing else. Words only: whether a food has it, its table says. */
public final class AllergenWords {
    private static final Map<Allergen, Pattern> NAMES = new EnumMap<>(Allergen.class);

    static {
        name(Allergen.GLUTEN, "gluten|coeliac|celiac");
        name(Allergen.WHEAT, "wheat");
        name(Allergen.CRUSTACEANS, "crustaceans?|shellfish|prawns?|shrimps?|crab|lobster");
        name(Allergen.EGGS, "eggs?");
        name(Allergen.FISH, "fish");
        name(Allergen.PEANUTS, "peanuts?");
        name(Allergen.SOYA, "soya?");
        name(Allergen.MILK, "milk|dairy|lactose");
        name(Allergen.NUTS, "nuts?|almonds?|hazelnuts?|walnuts?|cashews?|pecans?|pistachios?");
        name(Allergen.CELERY, "celery");
        name(Allergen.MUSTARD, "mustard");
        name(Allergen.SESAME, "sesame|tahini");
        name(Allergen.SULPHITES, "sulph?ites?|sulfites?");
        name(Allergen.LUPIN, "lupin");
        name(Allergen.MOLLUSCS, "molluscs?|mussels?|oysters?|squid|shellfish");
    }

    private AllergenWords() {}

    private static void name(Allergen allergen, String words) {
        NAMES.put(allergen, Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE));
    }

    public static boolean isNamed(Allergen allergen, String text) {
        return NAMES.get(allergen).matcher(text).find();
    }

    /** All that the text names, in the order of the list; shellfish names both kinds. */
    public static List<Allergen> in(String text) {
        return NAMES.keySet().stream().filter(a -> isNamed(a, text)).toList();
    }
}

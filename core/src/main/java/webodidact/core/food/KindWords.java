package webodidact.core.food;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Words for a kind of food rather than for one: "the cheese" of a list with mozzarella on it is the mozzarella. */
public final class KindWords {
    private static final Set<String> CHEESES = Set.of(
            "cheddar",
            "mozzarella",
            "feta",
            "goats-cheese",
            "ricotta",
            "cottage-cheese",
            "halloumi",
            "paneer",
            "blue-cheese",
            "parmesan",
            "gruyere",
            "brie",
            "gouda",
            "pecorino",
            "parmesan-style",
            "burrata",
            "soft-cheese",
            "mascarpone",
            "processed-cheese",
            "vegan-cheese",
            "vegan-feta");

    private static final Map<String, Predicate<Food>> KINDS = Map.ofEntries(
            Map.entry("cheese", f -> CHEESES.contains(f.id())),
            Map.entry("nut", f -> f.group() == Group.NUT),
            Map.entry("fish", f -> f.group() == Group.FISH),
            Map.entry("meat", f -> f.group() == Group.MEAT),
            Map.entry("herb", f -> f.group() == Group.HERB),
            Map.entry("fruit", f -> f.group() == Group.FRUIT),
            Map.entry(
                    "pasta",
                    f -> f.id().contains("pasta")
                            || Set.of("spaghetti", "linguine", "tagliatelle", "orzo", "vermicelli")
                                    .contains(f.id())),
            Map.entry(
                    "noodle",
                    f -> f.id().contains("noodle")
                            || Set.of("udon", "soba", "rice-vermicelli").contains(f.id())),
            Map.entry("bird", f -> f.risk() == Risk.RAW_POULTRY),
            Map.entry("rice", f -> f.id().endsWith("rice") || f.id().equals("basmati")),
            Map.entry("oil", f -> f.id().endsWith("-oil")),
            Map.entry("bean", f -> f.group() == Group.PULSE && f.name().contains("bean")),
            Map.entry("bread", f -> f.group() == Group.BAKERY),
            Map.entry("crumb", f -> f.id().contains("breadcrumbs") || f.id().equals("panko")),
            Map.entry("mince", f -> f.risk() == Risk.RAW_MINCE),
            Map.entry("chocolate", f -> f.id().contains("chocolate")),
            Map.entry("stock", f -> f.id().contains("stock")),
            Map.entry("sugar", f -> f.group() == Group.SUGAR));

    private KindWords() {}

    /** Those words, in their singular. */
    public static Set<String> all() {
        return KINDS.keySet();
    }

    /** Which foods a word in its singular means; empty for a word that means one food, or none. */
    public static Optional<Predicate<Food>> of(String word) {
        return Optional.ofNullable(KINDS.get(word));
    }

    /** A food that some kind word means is meant by that word. */
    public static boolean isMeantBy(Food food, String word) {
        return of(word).filter(k -> k.test(food)).isPresent();
    }
}

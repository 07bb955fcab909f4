package webodidact.core.rules;

import java.util.List;
import java.util.Map;
import java.util.Set;

/** Tools that do one another's job well enough that nobody fetches the one who has the other. */
final class SameJob {
    private static final List<Set<String>> CLASSES = List.of(
            Set.of(
                    "pan",
                    "frying-pan",
                    "stock-pot",
                    "small-pan",
                    "casserole",
                    "wok",
                    "saute-pan",
                    "griddle",
                    "pancake-pan",
                    "paella-pan",
                    "hot-plate",
                    "double-boiler",
                    "tagine",
                    "pressure-cooker",
                    "slow-cooker"),
            Set.of(
                    "mixing-bowl",
                    "small-bowl",
                    "bain-marie",
                    "serving-bowl",
                    "soup-bowl",
                    "ramekins",
                    "serving-dish",
                    "pie-dish",
                    "jug",
                    "stand-mixer",
                    "cup-mug"),
            Set.of(
                    "wooden-spoon",
                    "spatula",
                    "spoons",
                    "dessert-spoon",
                    "teaspoon-tool",
                    "serving-spoon",
                    "fork",
                    "slotted-spoon",
                    "ladle",
                    "table-knife",
                    "pasta-spoon",
                    "ice-cream-scoop",
                    "spoon-back",
                    "tongs"),
            Set.of("fish-slice", "tongs", "spatula", "palette-knife", "fork", "slotted-spoon", "wooden-spoon"),
            Set.of("colander", "sieve", "salad-spinner", "steamer", "muslin", "sifter"),
            Set.of("jug", "measuring-cups", "cup-mug", "jam-jar", "bottle", "scales", "spoons"),
            Set.of(
                    "knife",
                    "paring-knife",
                    "carving-knife",
                    "bread-knife",
                    "filleting-knife",
                    "cleaver",
                    "table-knife",
                    "scissors",
                    "cutter",
                    "cookie-cutter-set",
                    "dough-scraper"),
            Set.of("blender", "stick-blender", "bullet-blender", "food-processor"),
            Set.of("grater", "zester", "food-processor", "mandoline"),
            Set.of(
                    "baking-tray",
                    "roasting-tin",
                    "cake-tin",
                    "loaf-tin",
                    "muffin-tin",
                    "muffin-tin-12",
                    "pie-dish",
                    "tart-tin",
                    "square-tin",
                    "sandwich-tin",
                    "springform",
                    "gratin-dish",
                    "pizza-stone",
                    "casserole",
                    "ramekins",
                    "bundt-tin",
                    "silicone-mat",
                    "cooling-tray"),
            Set.of("board", "pastry-board", "rolling-mat", "clean-bench", "silicone-mat", "plate", "baking-tray"),
            Set.of("whisk", "mixer", "stand-mixer", "fork", "wooden-spoon", "mixing-bowl"),
            Set.of("kitchen-paper", "cloth", "kitchen-towel"),
            Set.of("wire-rack", "cooling-tray", "board", "plate"),
            Set.of("probe", "sugar-thermometer"),
            Set.of("masher", "ricer", "fork"),
            Set.of("foil", "film", "lidded-box", "parchment", "cloth"),
            Set.of("lidded-box", "freezer-bag", "jam-jar"),
            Set.of("kettle", "pan"),
            Set.of("skewer", "cake-tester"));

    /** By tool, what does its job while it does not do theirs: a knife peels and tests a cake, and neither a peeler nor a skewer chops. */
    private static final Map<String, Set<String>> ONE_WAY = Map.of(
            "juicer", Set.of("fork", "knife", "board"),
            "garlic-press", Set.of("knife", "paring-knife", "grater", "zester"),
            "skewer", Set.of("knife", "fork"),
            "cake-tester", Set.of("knife", "fork"),
            "peeler", Set.of("knife", "paring-knife"),
            "palette-knife", Set.of("knife", "table-knife"));

    private SameJob() {}

    /** One of those is it, or does its job. */
    static boolean isAmong(String tool, Set<String> others) {
        return others.contains(tool)
                || ONE_WAY.getOrDefault(tool, Set.of()).stream().anyMatch(others::contains)
                || CLASSES.stream()
                        .filter(c -> c.contains(tool))
                        .anyMatch(c -> c.stream().anyMatch(others::contains));
    }
}

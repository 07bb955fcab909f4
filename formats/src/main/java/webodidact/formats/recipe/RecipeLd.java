package webodidact.formats.recipe;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import webodidact.formats.json.JsonText;

/** A recipe in schema.org's terms, as JSON-LD. */
public final class RecipeLd {
    /**
     * @param ingredients "150 g thick plain yoghurt"
     * @param hands seconds of work, or 0 where nobody knows
     * @param cooking seconds of waits at a heat, or 0
     * @param total seconds from the first step to the last, or 0
     */
    public record Recipe(
            String name,
            String description,
            String author,
            String language,
            String yield,
            List<String> ingredients,
            List<String> tools,
            List<Section> sections,
            int hands,
            int cooking,
            int total) {}

    /** @param name "" where the recipe has no sections */
    public record Section(String name, List<Step> steps) {}

    public record Step(String name, String text) {}

    private RecipeLd() {}

    public static String write(Recipe recipe) {
        var map = new LinkedHashMap<String, Object>();
        map.put("@context", "https://schema.org");
        map.put("@type", "Recipe");
        map.put("name", recipe.name());
        put(map, "description", recipe.description());
        if (!recipe.author().isBlank()) map.put("author", typed("Person", "name", recipe.author()));
        map.put("inLanguage", recipe.language());
        put(map, "recipeYield", recipe.yield());
        time(map, "prepTime", recipe.hands());
        time(map, "cookTime", recipe.cooking());
        time(map, "totalTime", recipe.total());
        map.put("recipeIngredient", recipe.ingredients());
        if (!recipe.tools().isEmpty())
            map.put(
                    "tool",
                    recipe.tools().stream()
                            .map(t -> typed("HowToTool", "name", t))
                            .toList());
        map.put("recipeInstructions", instructions(recipe.sections()));
        // Pasted into a page it stands inside a script element, which only "</" could end.
        return JsonText.pretty(map).replace("</", "<\\/");
    }

    private static List<Map<String, Object>> instructions(List<Section> sections) {
        var all = new ArrayList<Map<String, Object>>();
        int n = 0;
        for (var section : sections) {
            var steps = new ArrayList<Map<String, Object>>();
            for (var step : section.steps()) {
                var map = typed("HowToStep", "name", step.name());
                map.put("position", ++n);
                map.put("text", step.text());
                steps.add(map);
            }
            if (section.name().isEmpty()) all.addAll(steps);
            else {
                var map = typed("HowToSection", "name", section.name());
                map.put("itemListElement", steps);
                all.add(map);
            }
        }
        return all;
    }

    private static Map<String, Object> typed(String type, String key, Object value) {
        var map = new LinkedHashMap<String, Object>();
        map.put("@type", type);
        map.put(key, value);
        return map;
    }

    private static void put(Map<String, Object> map, String key, String value) {
        if (!value.isBlank()) map.put(key, value);
    }

    private static void time(Map<String, Object> map, String key, int seconds) {
        if (seconds > 0) map.put(key, Duration.ofSeconds(seconds).toString());
    }
}

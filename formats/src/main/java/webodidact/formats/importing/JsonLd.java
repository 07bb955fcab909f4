package webodidact.formats.importing;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.json.JsonReadFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import webodidact.core.time.Clock;

/** Recipes in schema.org's terms as JSON-LD, in all the shapes that pages have them. */
final class JsonLd {
    private static final ObjectMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(Limits.DEPTH)
                            .maxStringLength(Limits.TEXT)
                            .build())
                    .build())
            .enable(JsonReadFeature.ALLOW_UNESCAPED_CONTROL_CHARS, JsonReadFeature.ALLOW_TRAILING_COMMA)
            .enable(JsonReadFeature.ALLOW_JAVA_COMMENTS, JsonReadFeature.ALLOW_BACKSLASH_ESCAPING_ANY_CHARACTER)
            .build();
    /** Of no use to a lesson, and known to be: not told. */
    private static final Set<String> SILENT =
            Set.of("@context", "@type", "@id", "inLanguage", "url", "mainEntityOfPage", "isPartOf");

    private JsonLd() {}

    /** All recipes in it. @throws IllegalArgumentException if it is no JSON */
    static List<RecipeText> recipes(String json) {
        var all = new ArrayList<RecipeText>();
        try {
            find(MAPPER.readTree(unwrapped(json)), all, 0);
        } catch (JsonProcessingException e) {
            var at = e.getLocation();
            throw new IllegalArgumentException(
                    at == null ? Words.say("json") : Words.say("json.at", at.getLineNr(), at.getColumnNr()), e);
        }
        return all;
    }

    /** Without what keeps it from old browsers. */
    private static String unwrapped(String json) {
        return json.strip()
                .replaceFirst("^(?://)?\\s*<!\\[CDATA\\[", "")
                .replaceFirst("(?://)?\\s*]]>\\s*$", "")
                .replaceFirst("^<!--", "")
                .replaceFirst("-->\\s*$", "");
    }

    private static void find(JsonNode node, List<RecipeText> all, int depth) {
        if (depth > Limits.DEPTH || node == null) return;
        if (node.isObject() && isType(node, "Recipe")) {
            all.add(recipe(node));
            return;
        }
        for (var child : node) if (child.isContainerNode()) find(child, all, depth + 1);
    }

    private static boolean isType(JsonNode node, String type) {
        var said = node.get("@type");
        if (said == null) return false;
        if (said.isArray()) {
            for (var each : said) if (each.asText().endsWith(type)) return true;
            return false;
        }
        return said.asText().equals(type)
                || said.asText().endsWith("/" + type)
                || said.asText().endsWith(":" + type);
    }

    private static RecipeText recipe(JsonNode node) {
        var recipe = new RecipeText();
        recipe.title = RecipeText.plain(word(node.path("name")));
        for (var field : node.properties()) {
            var value = field.getValue();
            switch (field.getKey()) {
                case "name" -> {}
                case "recipeYield", "yield" -> {
                    if (recipe.yield.isEmpty()) recipe.yield = made(value);
                }
                case "recipeIngredient", "ingredients", "supply" -> foods(value, recipe.foods);
                case "tool" ->
                    each(value)
                            .forEach(t -> recipe.tools.add(RecipeText.plain(word(t.isObject() ? t.path("name") : t))));
                case "recipeInstructions", "step", "steps" -> steps(value, recipe, 0);
                case "prepTime" -> time(value, "time.prep", recipe);
                case "cookTime" -> time(value, "time.cook", recipe);
                case "totalTime" -> time(value, "time.total", recipe);
                default -> {
                    if (!SILENT.contains(field.getKey()) && !value.isNull() && !value.isEmpty()
                            || value.isValueNode() && !SILENT.contains(field.getKey()))
                        recipe.left.add(Imported.Left.of(
                                field.getKey(), value.isTextual() ? value.asText() : value.toString()));
                }
            }
        }
        recipe.foods.removeIf(String::isBlank);
        recipe.tools.removeIf(String::isBlank);
        return recipe;
    }

    /** Of several ways of saying it the one with most words: "6 slices" rather than "6". */
    private static String made(JsonNode value) {
        if (value.isObject()) return (word(value.path("value")) + " " + word(value.path("unitText"))).strip();
        return each(value).stream()
                .map(JsonLd::word)
                .map(RecipeText::plain)
                .reduce("", (a, b) -> b.length() > a.length() ? b : a);
    }

    private static void foods(JsonNode value, List<String> all) {
        for (var each : each(value)) {
            if (each.isObject()) all.add(food(each));
            else for (var line : RecipeText.lines(each.asText().replace("\n", "<br>"))) all.add(bare(line));
        }
    }

    private static String food(JsonNode node) {
        var amount = node.has("requiredQuantity") ? node.path("requiredQuantity") : node.path("amount");
        var quantity = amount.isObject()
                ? word(amount.path("value")) + " " + word(amount.path("unitText"))
                : amount.isMissingNode() ? word(node.path("value")) : word(amount);
        return RecipeText.plain((quantity.strip() + " " + word(node.path("name"))).strip());
    }

    /** Without the sign of a list, and without pictures in the text. */
    private static String bare(String line) {
        return line.replaceFirst("^[-*•▢☐]\\s*", "").strip();
    }

    private static void steps(JsonNode value, RecipeText recipe, int depth) {
        if (depth > 20) return;
        for (var each : each(value)) {
            if (each.isArray()) steps(each, recipe, depth + 1);
            else if (!each.isObject())
                for (var line : RecipeText.lines(each.asText().replace("\n", "<br>")))
                    recipe.tell(RecipeText.parted(line));
            else if (each.has("itemListElement")) {
                int first = recipe.steps.size();
                steps(each.path("itemListElement"), recipe, depth + 1);
                recipe.head(first, word(each.path("name")));
            } else if (each.has("item")) steps(each.path("item"), recipe, depth + 1);
            else if (isType(each, "HowToTip"))
                recipe.left.add(Imported.Left.of(Words.say("where.tip"), word(each.path("text"))));
            else if (each.has("text") || each.has("name") || each.has("description")) {
                var text = each.hasNonNull("text")
                        ? each.path("text")
                        : each.hasNonNull("description") ? each.path("description") : each.path("name");
                int first = recipe.steps.size();
                recipe.tell(RecipeText.parted(RecipeText.plain(word(text))));
                if (each.hasNonNull("text") || each.hasNonNull("description"))
                    recipe.head(first, word(each.path("name")));
            }
        }
    }

    private static List<JsonNode> each(JsonNode value) {
        if (!value.isArray()) return List.of(value);
        var all = new ArrayList<JsonNode>();
        value.forEach(all::add);
        return all;
    }

    private static String word(JsonNode value) {
        if (value.isArray()) return value.isEmpty() ? "" : word(value.get(0));
        return value.isObject() ? word(value.path("@value")) : value.isNull() ? "" : value.asText("");
    }

    private static void time(JsonNode value, String key, RecipeText recipe) {
        try {
            long seconds = Duration.parse(word(value).strip()).toSeconds();
            if (seconds > 0 && seconds < 30L * 24 * 3600) recipe.about.add(Words.say(key, Clock.spell((int) seconds)));
        } catch (DateTimeParseException e) {
            recipe.left.add(Imported.Left.of(key.substring(5), word(value)));
        }
    }
}

package webodidact.formats.importing;

import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** Recipes whose parts are marked in the text of a page: microdata and RDFa with schema.org's names. */
final class Marked {
    private Marked() {}

    static List<RecipeText> recipes(Document page) {
        var all = new ArrayList<RecipeText>();
        for (var root : page.select("[itemtype~=(?i)schema\\.org/Recipe\\b]")) all.add(recipe(root, "itemprop"));
        if (all.isEmpty())
            for (var root : page.select("[typeof~=(?i)(^|:|/)Recipe$]")) all.add(recipe(root, "property"));
        return all;
    }

    private static RecipeText recipe(Element root, String attribute) {
        var recipe = new RecipeText();
        recipe.title = first(root, attribute, "name");
        recipe.yield = first(root, attribute, "recipeYield");
        if (recipe.yield.isEmpty()) recipe.yield = first(root, attribute, "yield");
        for (var food : root.select("[" + attribute + "=recipeIngredient], [" + attribute + "=ingredients]"))
            recipe.foods.addAll(RecipeText.lines(food));
        for (var tool : root.select("[" + attribute + "=tool]")) recipe.tools.add(value(tool));
        for (var step : root.select("[" + attribute + "=recipeInstructions]"))
            for (var line : RecipeText.lines(step)) recipe.steps.addAll(RecipeText.parted(line));
        return recipe;
    }

    private static String first(Element root, String attribute, String name) {
        var found = root.selectFirst("[" + attribute + "=" + name + "]");
        return found == null ? "" : value(found);
    }

    private static String value(Element element) {
        return element.hasAttr("content")
                ? element.attr("content").strip()
                : String.join(" ", RecipeText.lines(element));
    }
}

package webodidact.formats.importing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** A saved web page: its recipe data if it has any, as JSON-LD or marked in its text; else the words of its main part. */
final class WebPage {
    private WebPage() {}

    static Imported read(String name, Document page) {
        page.traverse((node, depth) -> {
            if (depth > Limits.NESTED) throw new IllegalArgumentException(Words.say("nested", name));
        });
        var left = new ArrayList<Imported.Left>();
        var found = new ArrayList<RecipeText>();
        for (var script : page.select("script[type*=ld+json]")) {
            try {
                found.addAll(JsonLd.recipes(script.data()));
            } catch (IllegalArgumentException e) {
                // One script that is broken says nothing of the others.
                left.add(Imported.Left.of(Words.say("where.script", e.getMessage()), script.data()));
            }
        }
        if (found.stream().noneMatch(RecipeText::isRecipe)) found.addAll(Marked.recipes(page));
        found.removeIf(r -> !r.isRecipe());
        if (found.isEmpty()) return words(page, left);
        var best = found.stream()
                .max(Comparator.comparingInt(r -> r.foods.size() + r.steps.size()))
                .orElseThrow();
        for (var other : found)
            if (other != best)
                left.add(Imported.Left.of(
                        Words.say("where.other"), other.title + ": " + String.join(", ", other.foods)));
        around(page, best, left);
        best.left.addAll(left);
        return best.as(Words.say("format.data"));
    }

    /** What the page says besides its recipe. */
    private static void around(Document page, RecipeText recipe, List<Imported.Left> left) {
        var taken = (recipe.title + " " + recipe.yield + " " + String.join(" ", recipe.foods) + " "
                        + String.join(" ", recipe.steps))
                .toLowerCase(Locale.ROOT);
        var rest = RecipeText.lines(page.body()).stream()
                .filter(l -> !taken.contains(l.toLowerCase(Locale.ROOT)))
                .toList();
        if (!rest.isEmpty()) left.add(Imported.Left.of(Words.say("where.around"), String.join(" ", rest)));
    }

    private static Imported words(Document page, List<Imported.Left> left) {
        var main = main(page);
        var around = page.body().clone();
        // Everything the main part does not have is named as left.
        var all = new ArrayList<>(RecipeText.lines(around));
        var lines = lines(main);
        for (var line : RecipeText.lines(main)) all.remove(line);
        if (!all.isEmpty()) left.add(Imported.Left.of(Words.say("where.around"), String.join(" ", all)));
        var title = main.selectFirst("h1") == null ? page.title() : "";
        var text = (title.isEmpty() ? "" : title + "\n") + String.join("\n", lines) + "\n";
        return Imported.text(Words.say("format.page"), Limits.checked(text), left);
    }

    /** The part of a page that holds its matter; without one all of it but menus and footers. */
    private static Element main(Document page) {
        var marked = page.select("article, main, [role=main]");
        if (!marked.isEmpty())
            return marked.stream()
                    .max(Comparator.comparingInt(e -> e.text().length()))
                    .orElseThrow();
        var body = page.body().clone();
        body.select("nav, header, footer, aside, form, [role=navigation]").remove();
        return body;
    }

    /** A blank line before each heading and around lists, so that it reads as it looks. */
    private static List<String> lines(Element main) {
        var copy = main.clone();
        for (var list : copy.select("ol"))
            for (int i = 0; i < list.children().size(); i++) list.child(i).prependText(i + 1 + ". ");
        return RecipeText.lines(copy);
    }
}

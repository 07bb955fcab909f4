package webodidact.formats.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import webodidact.formats.importing.Imported;
import webodidact.formats.importing.Importer;

/** What is written as a recipe for the web is read back as it was, alone and inside a page. */
class RecipeRoundTripTest {
    private static RecipeLd.Recipe recipe(List<String> foods, List<String> steps) {
        return new RecipeLd.Recipe(
                "Fish & chips",
                "Contains fish.",
                "Wren",
                "en",
                "4 portions",
                foods,
                List.of("pan"),
                List.of(new RecipeLd.Section(
                        "",
                        steps.stream().map(s -> new RecipeLd.Step("Step", s)).toList())),
                600,
                0,
                3600);
    }

    private static Imported read(String name, String content) throws IOException {
        var file = Files.createTempDirectory("webodidact-recipe").resolve(name);
        Files.writeString(file, content, StandardCharsets.UTF_8);
        try {
            return Importer.read(file);
        } finally {
            Files.delete(file);
            Files.delete(Path.of(file.getParent().toString()));
        }
    }

    @Provide
    Arbitrary<List<String>> lines() {
        return Arbitraries.of(
                        "2 eggs, beaten",
                        "1½ cups (225 g) plain flour",
                        "a pinch of salt",
                        "½ lemon & its zest",
                        "350 g potatoes – small",
                        "“good” oil")
                .list()
                .ofMinSize(1)
                .ofMaxSize(8);
    }

    @Provide
    Arbitrary<List<String>> steps() {
        return Arbitraries.of(
                        "Chop the onions.",
                        "Bake at 180 °C for 20 min.",
                        "Stir; taste & adjust.",
                        "Wait until it “sings”.",
                        "Whisk in ½ of the milk.")
                .list()
                .ofMinSize(1)
                .ofMaxSize(8);
    }

    @Property(tries = 60)
    void foodsAndStepsComeBackAsTheyWere(@ForAll("lines") List<String> foods, @ForAll("steps") List<String> steps)
            throws IOException {
        var written = RecipeLd.write(recipe(foods, steps));
        var alone = read("x.jsonld", written);
        assertThat(alone.title()).isEqualTo("Fish & chips");
        assertThat(alone.foods()).isEqualTo(foods);
        assertThat(alone.steps()).isEqualTo(steps);
        assertThat(alone.text()).contains("Total time: 1 hour", "Preparation time: 10 minutes");
        var page = read(
                "x.html",
                "<html><head><script type=\"application/ld+json\">" + written
                        + "</script></head><body><p>Hello</p></body></html>");
        assertThat(page.foods()).isEqualTo(foods);
        assertThat(page.steps()).isEqualTo(steps);
    }

    @Test
    void nothingInARecipeEndsTheScriptItStandsIn() {
        var written = RecipeLd.write(recipe(List.of("</script><script>alert(1)</script>"), List.of("x")));
        var page = Jsoup.parse(
                "<html><head><script type=\"application/ld+json\">" + written + "</script></head><body></body></html>");
        assertThat(page.select("script")).hasSize(1);
    }
}

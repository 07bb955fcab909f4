package webodidact.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Yield;

class RecipeReaderTest {
    private final RecipeReader reader = new RecipeReader(Knowledge.shipped());
    private static final String PAGE = """
            Marsh pie with greens
            ★★★★☆ 14 reviews
            Jump to recipe | Print
            Serves 6
            Prep time: 20 minutes
            Cooking time 1 hour

            Ingredients
            • 1½ cups (225 g) plain flour, sifted
            ▢ 110g cold butter, cubed
            1 tsp salt

            For the filling:
            2 x 400 g tins chickpeas, drained
            200g spinach
            juice of 1 lemon
            2 tbsp samphire paste

            Method
            1. Heat the oven to 180 °C fan. Rub the butter into the flour.
            2. Roll out and line the dish.
            Bake for 40 minutes.
            Share this recipe https://example.invalid/pie
            """;

    @Test
    void aWholePageIsTakenApart() {
        var recipe = reader.read(PAGE);
        assertThat(recipe.lines())
                .extracting(ReadLine::item)
                .containsExactly("plain flour", "butter", "salt", "chickpeas", "spinach", "lemon", "samphire paste");
        assertThat(recipe.parts())
                .containsExactly(
                        "", "", "", "For the filling", "For the filling", "For the filling", "For the filling");
        assertThat(recipe.headings()).containsExactly("Ingredients", "For the filling:", "Method");
        assertThat(recipe.method()).hasSize(3).first().asString().startsWith("1. Heat the oven");
        assertThat(recipe.about()).containsExactly("Serves 6", "Prep time: 20 minutes", "Cooking time 1 hour");
        assertThat(recipe.aside())
                .containsExactly(
                        "★★★★☆ 14 reviews", "Jump to recipe | Print", "Share this recipe https://example.invalid/pie");
        assertThat(recipe.makes()).contains(new Yield(Ratio.of(6), "portions", 6));
        assertThat(recipe.title()).isEqualTo("Marsh pie with greens");
    }

    @Test
    void noLineIsLost() {
        var recipe = reader.read(PAGE);
        int all = recipe.lines().size()
                + recipe.headings().size()
                + recipe.method().size()
                + recipe.about().size()
                + recipe.aside().size()
                + (recipe.title().isEmpty() ? 0 : 1);
        assertThat(all).isEqualTo(PAGE.lines().filter(l -> !l.isBlank()).count());
    }

    @Test
    void whatItMakesIsReadAsWritten() {
        assertThat(reader.read("Makes about 12 scones").makes()).contains(new Yield(Ratio.of(12), "scones", 4));
        assertThat(reader.read("Yield: 24 dumplings (for a party)").makes())
                .contains(new Yield(Ratio.of(24), "dumplings", 4));
        assertThat(reader.read("Servings: 4-6").makes()).contains(new Yield(Ratio.of(4), "portions", 4));
        assertThat(reader.read("2 tbsp oil").makes()).isEmpty();
        assertThat(reader.read("Berry pancakes (serves 2)\n1 egg").makes())
                .contains(new Yield(Ratio.of(2), "portions", 2));
        assertThat(reader.read("Garlic naan – makes 6\n1 egg").makes()).contains(new Yield(Ratio.of(6), "pieces", 4));
        assertThat(reader.read("Slaw\nPrep 15 min | Serves 4\n1 egg").makes())
                .contains(new Yield(Ratio.of(4), "portions", 4));
    }

    @Test
    void plainLinesStayFoods() {
        for (var line : List.of("1 tbsp oil", "2 sheets filo", "paper, 2 sheets"))
            assertThat(reader.read(line).lines()).as(line).hasSize(1);
        assertThat(reader.read("salt and pepper").lines())
                .extracting(ReadLine::food)
                .containsExactly("salt", "black-pepper");
    }

    @Test
    void aTitleIsTheFirstLineThatIsNoFood() {
        assertThat(reader.read("Leek and Potato Soup\n2 leeks\n1 kg potatoes").title())
                .isEqualTo("Leek and Potato Soup");
        assertThat(reader.read("2 leeks\n1 kg potatoes").title()).isEmpty();
        assertThat(reader.read("butter\nsalt\n2 leeks").title()).isEmpty();
        assertThat(reader.read("Ingredients\nSamphire Salad Surprise\n2 leeks").title())
                .isEmpty();
        assertThat(reader.read("Marsh pie").title())
                .as("a line on its own may be a food")
                .isEmpty();
    }
}

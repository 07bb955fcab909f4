package webodidact.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Amount;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Doubt;

class LineReaderTest {
    private final LineReader reader = new LineReader(Knowledge.shipped());

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1½ cups (225 g) plain flour, sifted|3/2 cup|plain flour|plain-flour",
                "2 x 400 g tins chickpeas, drained|2 tin|chickpeas|chickpeas",
                "½–¾ tsp chilli flakes, to taste|1/2-3/4 tsp|chilli flakes|chilli-flakes",
                "a knob of butter|1 knob|butter|butter",
                "juice of 1 lemon|1 piece|lemon|lemon",
                "1 1/2 tsp baking powder|3/2 tsp|baking powder|baking-powder",
                "350g new potatoes|350 g|new potatoes|new-potato",
                "2-3 garlic cloves, crushed|2-3 piece|garlic cloves|garlic",
                "3 cloves of garlic|3 clove|garlic|garlic",
                "0,5 l milk|1/2 l|milk|milk",
                "half a pint of milk|1/2 pint|milk|milk",
                "1 T soy sauce|1 tbsp|soy sauce|soy-sauce",
                "1 t salt|1 tsp|salt|salt",
                "about 2 handfuls spinach|2 handful|spinach|spinach",
                "- 4 spring onions, finely chopped|4 piece|spring onions|spring-onion",
                "2 tbsp finely chopped dill|2 tbsp|dill|dill",
                "8 fl oz heavy cream|8 floz|heavy cream|double-cream",
                "1 bunch cilantro|1 bunch|cilantro|coriander-leaf",
                "two courgettes|2 piece|courgettes|courgette",
                "80 g / 3 oz butter, melted|80 g|butter|butter",
                "zest and juice of 2 limes|2 piece|limes|lime",
                "1,200 g plain flour|1200 g|plain flour|plain-flour"
            })
    void readsLinesAsPeopleWriteThem(String line, String amount, String item, String food) {
        var read = reader.read(line);
        assertThat(read.amount()).isEqualTo(amount.equals("null") ? null : Amount.parse(amount));
        assertThat(read.item()).isEqualTo(item);
        assertThat(read.food()).isEqualTo(food);
    }

    @Test
    void keepsSizesEquivalencesFormsAndAlternatives() {
        var tins = reader.read("2 x 400 g tins chickpeas, drained and rinsed");
        assertThat(tins.size()).isEqualTo(Amount.parse("400 g"));
        assertThat(tins.form()).containsExactly("drained and rinsed");
        assertThat(reader.read("1½ cups (225 g) plain flour").also()).isEqualTo(Amount.parse("225 g"));
        assertThat(reader.read("150 g yoghurt or soured cream").alternatives()).containsExactly("soured cream");
        var lemon = reader.read("zest and juice of 2 limes");
        assertThat(lemon.form()).containsExactly("zest", "juice");
        var flour = reader.read("350 g plain flour, plus extra for dusting");
        assertThat(flour.note()).isEqualTo("plus extra for dusting");
        assertThat(reader.read("1 tsp mustard powder, optional").optional()).isTrue();
        assertThat(reader.read("salt, to taste").toTaste()).isTrue();
    }

    @Test
    void saysWhatItIsUnsureOf() {
        assertThat(reader.read("2 tbsp moonberry paste").unsure())
                .containsExactly(new Doubt(Doubt.Kind.UNKNOWN_FOOD, "moonberry paste"));
        assertThat(reader.read("plain flour").unsure()).containsExactly(Doubt.of(Doubt.Kind.NO_AMOUNT));
        assertThat(reader.read("2 tbsp dill").unsure()).isEmpty();
        assertThat(reader.read("").unsure()).isNotEmpty();
    }

    @Test
    void headingsAreToldApartFromFoods() {
        var recipe = new RecipeReader(Knowledge.shipped())
                .read("For the sauce:\n150 g yoghurt\n\nIngredients\n2 tbsp dill\n");
        assertThat(recipe.headings()).containsExactly("For the sauce:", "Ingredients");
        assertThat(recipe.lines()).extracting(ReadLine::food).containsExactly("yoghurt", "dill");
    }

    @Test
    void anAmountCellReadsOneAmountOrSaysWhatItExpected() {
        assertThat(AmountReader.whole("1½ cup")).isEqualTo(Amount.parse("3/2 cup"));
        assertThatThrownBy(() -> AmountReader.whole("lots"))
                .hasMessage("Amount 'lots': expected a number and a measure, as in '1½ cup', '350 g' or '2'");
        assertThatThrownBy(() -> AmountReader.whole("2 g of salt")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aFigureNobodyCanMeanSpoilsItsOwnLineOnly() {
        for (var line : List.of(
                "9999999999999999999 g flour",
                "1/0 cup sugar",
                "2 x 99999999999 g tins tomatoes",
                "3/00 tsp salt",
                "999999 kg butter")) {
            var read = new LineReader(Knowledge.shipped()).read(line);
            assertThat(read.unsure()).as(line).isNotEmpty();
        }
        var recipe = new RecipeReader(Knowledge.shipped())
                .read("200 g plain flour\n1/0 cup sugar\n9999999999999999999 eggs\n2 tbsp dill\n");
        assertThat(recipe.lines()).hasSize(4);
        assertThat(recipe.lines().getFirst().food()).isEqualTo("plain-flour");
        assertThat(recipe.lines().getLast().amount()).isEqualTo(Amount.parse("2 tbsp"));
        assertThatThrownBy(() -> AmountReader.whole("1/0 cup"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("expected a number and a measure");
    }
}

package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.MeasureSystem;

/** The same word is another food across the sea; where nobody knows which is meant it is asked. */
class RegionalWordsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            tomato sauce  | US     | passata
            tomato sauce  | AU     | ketchup
            tomato sauce  | METRIC | ?
            tomato paste  | US     | tomato-puree
            corn flour    | US     | maize-flour
            corn flour    | IMPERIAL | cornflour
            corn flour    | METRIC | ?
            jelly         | US     | jam
            jelly         | METRIC | ?
            biscuits      | METRIC | ?
            half-and-half | US     | single-cream
            corn starch   | US     | cornflour
            skim milk     | US     | milk
            skimmed milk  | METRIC | milk
            bocconcini    | AU     | mozzarella
            stewing steak | METRIC | stewing-beef
            chuck steak   | US     | stewing-beef
            navy beans    | US     | ?
            zucchini      | AU     | courgette
            arugula       | US     | rocket
            rutabaga      | US     | swede
            cilantro      | US     | coriander-leaf
            """)
    void aWordMeansWhatItMeansThere(String word, MeasureSystem region, String food) {
        var match = Knowledge.shipped().match(word, null, "", region);
        assertThat(match.food().map(Food::id).orElse("?")).isEqualTo(food);
    }
}

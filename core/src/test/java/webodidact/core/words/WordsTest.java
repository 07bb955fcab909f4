package webodidact.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    @ParameterizedTest
    @CsvSource({
        "Tomatoes, tomato",
        "berries, berry",
        "radishes, radish",
        "couscous, couscous",
        "Cook’s, cook",
        "peas, pea",
        "glass, glass",
        "leaves, leaf"
    })
    void pluralsHaveTheStemOfTheirSingular(String word, String stem) {
        assertThat(Word.stem(word)).isEqualTo(stem);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Cut it in two.|4",
                "180|4",
                "42|2",
                "20|1",
                "2500|4",
                "105|4",
                "1½ cups|3",
                "don’t|1",
                "25%|3",
                "''|0"
            })
    void figuresCountAsTheyAreSpoken(String text, int words) {
        assertThat(SpokenWords.count(text)).isEqualTo(words);
    }

    @Test
    void theLongestNameWinsAndPlacesAreTrue() {
        var names = new Names();
        names.add("onion", "onion");
        names.add("spring onion", "spring");
        var text = "Slice the Spring Onions, then an onion.";
        var found = names.find(text);
        assertThat(found).extracting(Names.Found::id).containsExactly("spring", "onion");
        assertThat(text.substring(found.getFirst().start(), found.getFirst().end()))
                .isEqualTo("Spring Onions");
    }
}

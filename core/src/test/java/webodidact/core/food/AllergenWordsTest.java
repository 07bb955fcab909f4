package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AllergenWordsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            my son is coeliac                          | GLUTEN
            we can't have dairy                        | MILK
            Shellfish, all of it                       | CRUSTACEANS MOLLUSCS
            she reacts to hazelnuts and sesame         | NUTS SESAME
            the coconut and the doughnut are fine      | ''
            eggplant, milkshake and a nutmeg           | ''
            sulfites in the wine                       | SULPHITES
            peanut butter                              | PEANUTS
            """)
    void wholeWordsNameAnAllergenPartsOfOthersDoNot(String text, String named) {
        assertThat(String.join(
                        " ", AllergenWords.in(text).stream().map(Enum::name).toList()))
                .isEqualTo(named);
    }

    @Test
    void everyAllergenIsFoundByItsOwnTitle() {
        for (var each : Allergen.values())
            assertThat(AllergenWords.isNamed(each, each.title()))
                    .as(each.title())
                    .isTrue();
    }
}

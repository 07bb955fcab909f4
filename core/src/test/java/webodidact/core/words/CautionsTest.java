package webodidact.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.Chars;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CautionsTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Careful, it spits.",
                "Mind your fingers.",
                "Grown-ups, this one is yours.",
                "Never leave the pan.",
                "Don't touch the tray.",
                "The handle is very hot.",
                "Tuck your fingertips in.",
                "Stand back from the oven door.",
                "Wash after raw chicken.",
                "Read the label if you have an allergy."
            })
    void theseWarn(String text) {
        assertThat(Cautions.in(text)).containsExactly(new Cautions.Sentence(0, text.length()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Hotpot is lovely.",
                "Cut the sharpest cheddar you like.",
                "A burnished crust.",
                "Stir in the oil.",
                ""
            })
    void theseDoNot(String text) {
        assertThat(Cautions.in(text)).isEmpty();
    }

    @Test
    void onlyTheSentenceThatWarnsIsMarked() {
        var text = "Stir it well. Careful, it spits! Then taste.";
        var found = Cautions.in(text);
        assertThat(found).hasSize(1);
        assertThat(text.substring(found.getFirst().start(), found.getFirst().end())
                        .strip())
                .isEqualTo("Careful, it spits!");
    }

    @Property
    void sentencesStandInTheirOrderInsideTheText(
            @ForAll @StringLength(max = 80) @AlphaChars @Chars({' ', '.', '!', '\n'}) String text) {
        int last = 0;
        for (var s : Cautions.in(text + " Careful. " + text)) {
            assertThat(s.start()).isGreaterThanOrEqualTo(last);
            assertThat(s.end()).isGreaterThan(s.start()).isLessThanOrEqualTo(2 * text.length() + 10);
            last = s.end();
        }
        assertThat(last).isPositive();
    }
}

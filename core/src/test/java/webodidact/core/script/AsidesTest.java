package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AsidesTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Don't add the salt yet. | salt | DENIED
            Use oil instead of the butter. | butter | DENIED
            Roll it to the size of a walnut. | walnut | LIKENESS
            It should look like wet sand. | sand | LIKENESS
            Next week it is dumplings. | dumplings | OTHER_TIME
            In a minute we'll be adding the stock. | stock | TO_COME
            My aunt always puts cinnamon in. | cinnamon | HABIT
            Normally I'd use cream. | cream | HABIT
            Curry powder is really just cumin. | cumin | CONTENTS
            The rice is nice with coriander. | coriander | PRAISE
            Put the milk back in the fridge. | milk | PUT_AWAY
            Who likes spinach? | spinach | ASKED
            When the onions are soft add garlic. | onions | STATE
            """)
    void saysWhatIsNotDoneHereAndNow(String text, String word, Asides.Kind kind) {
        assertThat(Asides.of(text).covers(text.indexOf(word), kind)).as(text).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Don't forget the salt! | salt
            Not all of the flour, but most of it, and the butter. | butter
            Chop it like this: the onion in half. | onion
            So now I'm going to take my carrots. | carrots
            When the onions are soft add garlic. | garlic
            Use oil instead of the butter. | oil
            Add the eggs, then the sugar. | sugar
            Chop the onions and you could add the garlic too. | onions
            Put the butter in and it might spit. | butter
            Toast the cumin for two minutes so it would not burn. | cumin
            """)
    void whatIsDoneStaysDone(String text, String word) {
        assertThat(Asides.of(text).covers(text.indexOf(word))).as(text).isFalse();
    }

    static List<Asides.Sign> signs() {
        return Asides.SIGNS;
    }

    /** Each line of the table is heard in its own sentence, and by the kind it names. */
    @ParameterizedTest
    @MethodSource("signs")
    void eachSignIsHeardInItsExample(Asides.Sign sign) {
        assertThat(sign.pattern().matcher(sign.example()).find())
                .as(sign.example())
                .isTrue();
        assertThat(Asides.of(sign.example()).all())
                .extracting(Asides.Aside::kind)
                .contains(sign.kind());
    }

    @Test
    void aPageWithoutFullStopsIsReadInPieces() {
        var page = "no sugar in this one and then " + "we chop and stir and pour and chop again ".repeat(30)
                + "the butter";
        assertThat(Asides.of(page).covers(page.indexOf("butter"))).isFalse();
    }

    /** Speech has few full stops: what is an aside in a long sentence is a part of it, in a short one all of it. */
    @Test
    void anAsideIsAPartOfALongSentence() {
        var boil =
                "Peel your potatoes and chop them into chunks, in the big pan, cover them, and that's coming up to the "
                        + "boil, and then fifteen minutes until they fall off the knife.";
        assertThat(Asides.of(boil).covers(boil.indexOf("potatoes"))).isFalse();
        var aunt =
                "My aunt always put cinnamon in hers but there you go, and now the butter goes in and the sugar goes in "
                        + "and you stir it until it all comes together in the pan.";
        assertThat(Asides.of(aunt).covers(aunt.indexOf("cinnamon"))).isTrue();
        assertThat(Asides.of(aunt).covers(aunt.indexOf("butter"))).isFalse();
        var written = "My aunt always put cinnamon in hers, and now the butter.";
        assertThat(Asides.of(written).covers(written.indexOf("butter"))).isTrue();
    }
}

package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Slips of hurried talk: the leftover bowl, the batch done again, the grid counted wrong; each beside what sounds like it and is none. */
class SlipsOfHurryTest {
    private static final String ADULTS = "ADULTS RECORDED 60 4 UK";
    private static final String CHILDREN = "AGES_7_11 COOK_ALONG 60 4 UK";

    private static boolean finds(String check, String head, String foods, String tools, String... steps) {
        return WholeLessons.finds("A lesson", check, head, foods, tools, steps);
    }

    @ParameterizedTest
    @CsvSource({
        "marinade-reused, 'Brush them with what''s left in the bowl.', true",
        "marinade-reused, 'Spoon over whatever is left in the dish, and serve.', true",
        "marinade-reused, 'Boil what''s left in the bowl for five minutes, then brush it over.', false",
        "marinade-reused, 'Wash what''s left in the bowl down the sink.', false",
        "health-claim, 'That''s healthy, that is.', true",
        "health-claim, 'All that iron, it''ll sort your blood out.', true",
        "health-claim, 'Sort out your bowls.', false",
        "health-claim, 'All that lovely juice.', false",
        "cue-contradicts, 'If the skewer comes out with batter on it, it''s done.', true",
        "cue-contradicts, 'If it comes out clean it''s done.', false",
        "cue-contradicts, 'If it comes out with batter on it, five minutes more.', false",
        "degrees-unstated, 'Oven on at 200 degrees.', true",
        "degrees-unstated, 'Oven on at 200 degrees, that''s 180 fan, gas 6.', false",
        "degrees-unstated, 'Oven on at 190 degrees, gas mark 5.', false",
        "degrees-unstated, 'Oven on at 200 degrees. The fan in the window is broken.', true"
    })
    void aSentenceOfASlip(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        ADULTS,
                        "500 g chicken thighs; 2 tbsp honey",
                        "1 baking tray",
                        "= HANDS_ON First",
                        "Toss the chicken thighs in the honey in the bowl.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Mark it into squares, four one way and four the other, so that''s twelve.', true",
        "'Mark it into squares, four one way and three the other, so that''s twelve.', false",
        "'Three across and five down makes sixteen.', true",
        "'Three across and five down makes fifteen.', false",
        "'Four one way and a bit the other.', false"
    })
    void aGridHasAsManySquaresAsItsSidesMake(String words, boolean wrong) {
        assertThat(finds("uneven-share", ADULTS, "250 g oats", "", "= HANDS_ON Cut", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Cut it in four, that''s about 300 grams each.', true",
        "'Cut it in four, that''s about 200 grams each.', false",
        "'Divide it into six, 150 g each.', false",
        "'Divide the dough into eight, that is 150 g each.', true"
    })
    void piecesOfADoughWeighTogetherWhatWentIntoIt(String words, boolean wrong) {
        assertThat(finds(
                        "each-too-much",
                        ADULTS,
                        "500 g strong flour; 320 ml water; 10 g salt",
                        "",
                        "= HANDS_ON Mix",
                        "Mix the flour, the water and the salt to a dough.",
                        "= HANDS_ON Divide",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** Of what nobody weighs nobody knows the whole. */
    @Test
    void aDoughWithAHandfulOfSomethingIsNotJudged() {
        assertThat(finds(
                        "each-too-much",
                        ADULTS,
                        "500 g strong flour; water; 10 g salt",
                        "",
                        "= HANDS_ON Mix",
                        "Mix the flour, the water and the salt to a dough.",
                        "= HANDS_ON Divide",
                        "Cut it in four, that's about 300 grams each."))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "'Slide it onto the tray and bake it for eight minutes. The same again for the other three.', true",
        "'Slide them onto the tray and bake them for eight minutes.', false"
    })
    void whatIsDoneAgainHasItsTimeAgainAndItsFood(String words, boolean again) {
        var steps = new String[] {
            "= HANDS_ON Oven",
            "Oven on at 220 °C fan.",
            "= HANDS_ON Top",
            "A quarter of the mozzarella over.",
            "= HANDS_ON Bake",
            words
        };
        assertThat(finds("batches-not-counted", ADULTS, "200 g mozzarella", "1 baking tray", steps))
                .isEqualTo(again);
        assertThat(finds("part-never-used", ADULTS, "200 g mozzarella", "1 baking tray", steps))
                .as("three quarters of it")
                .isEqualTo(!again);
    }

    @ParameterizedTest
    @CsvSource({
        "'Ask your grown-up to put the oven on.', true",
        "'Ask your grown-up to put the oven on and to stay close by.', false",
        "'Have a grown-up with you from here on.', false"
    })
    void whoTurnsTheOvenOnHasNotBeenAskedToTheHob(String words, boolean uncalled) {
        assertThat(finds(
                        "adult-not-called",
                        CHILDREN,
                        "100 g butter",
                        "1 saucepan",
                        "= HANDS_ON Oven",
                        words,
                        "= HANDS_ON Melt",
                        "Melt the butter in the pan on the hob, low heat."))
                .as(words)
                .isEqualTo(uncalled);
    }

    @ParameterizedTest
    @CsvSource({
        "'1 knife', false",
        "'1 grater', false",
        "'1 wooden spoon', true",
    })
    void garlicIsCrushedWithWhatThereIs(String tools, boolean missing) {
        assertThat(finds("tool-not-listed", ADULTS, "2 cloves garlic", tools, "= HANDS_ON Mix", "Crush the garlic."))
                .isEqualTo(missing);
    }

    @ParameterizedTest
    @CsvSource({
        "'1 peeler', true",
        "'1 zester', true",
        "'1 skewer', true",
        "'1 paring knife', false",
    })
    void neitherAPeelerNorASkewerIsAKnife(String tools, boolean missing) {
        assertThat(finds(
                        "tool-not-listed",
                        ADULTS,
                        "2 onions",
                        tools + "; 1 board",
                        "= HANDS_ON Chop",
                        "Chop the onions."))
                .isEqualTo(missing);
    }

    @ParameterizedTest
    @CsvSource({
        "'Melt the butter in the pan.', '1 saucepan', false",
        "'Melt the chocolate in a bowl over a pan of water.', '1 saucepan', true",
        "'Squeeze the salt through the dough.', '1 saucepan', false",
        "'Squeeze the lemon.', '1 saucepan', true"
    })
    void aVerbNeedsItsToolWhereItsMatterDoes(String words, String tools, boolean missing) {
        assertThat(finds(
                        "tool-not-listed",
                        ADULTS,
                        "100 g butter; 100 g dark chocolate; 1 lemon; 10 g salt",
                        tools,
                        "= HANDS_ON Do",
                        words))
                .as(words)
                .isEqualTo(missing);
    }

    @Test
    void chunksTheSizeOfAnEggAreOfNoEgg() {
        assertThat(finds(
                        "listed-not-used",
                        ADULTS,
                        "2 eggs; 1 kg potatoes",
                        "",
                        "= HANDS_ON Cut",
                        "Cut the potatoes into chunks about the size of an egg."))
                .isTrue();
        assertThat(finds(
                        "listed-not-used",
                        ADULTS,
                        "2 eggs; 1 kg potatoes",
                        "",
                        "= HANDS_ON Cut",
                        "Cut the potatoes, and beat the eggs."))
                .isFalse();
    }

    @Test
    void steamIsNoWarningOfChilli() {
        var chop = "Slice the chilli, seeds and all.";
        for (boolean warned : new boolean[] {true, false})
            assertThat(finds(
                            "chilli-hands",
                            ADULTS,
                            "1 red chilli; 200 g noodles",
                            "",
                            "= HANDS_ON Noodles",
                            "Drain the noodles, mind the steam, away from your face.",
                            "= HANDS_ON Chop",
                            warned ? chop + " Don't touch your eyes." : chop))
                    .isEqualTo(!warned);
    }

    @ParameterizedTest
    @CsvSource({
        "'Both stock cubes in 500 ml of boiling water.', true",
        "'Both stock cubes into a litre of boiling water.', false",
        "'Both stock cubes in two litres of water.', true"
    })
    void cubesAreHeldAgainstTheWaterThatIsSaid(String words, boolean wrong) {
        assertThat(finds("stock-out-of-strength", ADULTS, "2 stock cubes", "", "= HANDS_ON Stock", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Read your stock cube, there can be celery in it.', false",
        "'Read the label of the stock cubes.', false",
        "'Stock cubes in.', true"
    })
    void whoeverIsToldToReadItReadsIt(String words, boolean unread) {
        assertThat(finds("label-unread", ADULTS, "2 stock cubes", "", "= HANDS_ON Stock", words))
                .as(words)
                .isEqualTo(unread);
    }

    @ParameterizedTest
    @CsvSource({
        "'Press it down. Jaydon that''s brilliant, look at that.', true",
        "'Press it down. Now that''s brilliant, look at that.', false",
        "'Press it down. Butter that''s soft is best.', false"
    })
    void praiseForSomebodyNamesThem(String words, boolean named) {
        assertThat(finds("name-published", ADULTS, "250 g oats", "", "= HANDS_ON Press", words))
                .as(words)
                .isEqualTo(named);
    }

    @ParameterizedTest
    @CsvSource({
        "'Mix it with your hands and wash them.', true",
        "'Mix it with your hands. Wash your hands and the board.', false"
    })
    void friedFoodGoesBackOnTheBoardThatTheRawWasCutOn(String words, boolean reused) {
        assertThat(finds(
                        "raw-tool-reused",
                        ADULTS,
                        "150 g raw prawns; 12 spring roll wrappers",
                        "1 board; 1 knife; 1 wok; 1 slotted spoon",
                        "= HANDS_ON Prawns",
                        "Chop the prawns small. " + words,
                        "= HANDS_ON Fry",
                        "Oil in the wok, careful, it spits, medium heat, four minutes.",
                        "= HANDS_ON Drain",
                        "Out with the slotted spoon onto the same board."))
                .as(words)
                .isEqualTo(reused);
    }

    @ParameterizedTest
    @CsvSource({
        "left-out-too-long, 'Leave the pan on the side and have it tomorrow night.', true",
        "left-out-too-long, 'Leave the pan on the side for ten minutes.', false",
        "left-out-too-long, 'It''ll keep for a week in a tin, with the cream in.', true",
        "dried-for-fresh, 'If you''ve only fresh oregano use the same.', true",
        "dried-for-fresh, 'If you''ve only fresh oregano use three times as much.', false",
        "hot-blend-sealed, 'Blend it while it''s hot, lid on tight.', true",
        "hot-blend-sealed, 'Off the heat, stick blender, blend it while it''s hot.', false",
        "name-published, 'My daughter Kaylee eats two bowls.', true",
        "name-published, 'My daughter eats two bowls.', false",
        "oven-kind-unstated, 'Oil in the wok, get it to 180 degrees C.', false"
    })
    void anotherSentenceOfASlip(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        ADULTS,
                        "500 g chicken thighs; 300 ml double cream; 1 tbsp dried oregano",
                        "1 wok",
                        "= HANDS_ON First",
                        "Fry the chicken thighs in the wok.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }
}

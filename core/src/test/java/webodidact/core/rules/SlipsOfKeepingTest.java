package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is eaten raw, kept in jars and oil, or cooked from dry, in many people's words; each beside its nearest twin. */
class SlipsOfKeepingTest {
    private static boolean finds(String title, String check, String foods, String... steps) {
        return WholeLessons.finds(title, check, "ADULTS COOK_ALONG 60 4 UK", foods, "", steps);
    }

    @ParameterizedTest
    @CsvSource({
        "Salmon sashimi, 'Slice the salmon across the grain.', true",
        "Salmon supper, 'Slice the salmon, it''s lovely raw, just like that.', true",
        "Salmon supper, 'Lay the raw salmon strips into the rolls.', true",
        "Salmon sashimi, 'Slice the salmon, it was frozen for a week.', false",
        "Salmon sashimi, 'Ask for one that''s safe to eat raw and slice the salmon.', false",
        "Salmon supper, 'Slice the salmon and fry it over a medium heat for four minutes.', false",
        "Salmon supper, 'Slice the salmon. Whisk the cream of tartar in.', false",
        "Salmon supper, 'Wash your hands after the raw salmon and slice the lime.', false",
        "Sushi rice bowl, 'Slice the salmon. Grill the salmon for six minutes.', false"
    })
    void fishThatIsEatenRaw(String title, String words, boolean wrong) {
        assertThat(finds(
                        title,
                        "raw-fish-unfrozen",
                        "300 g salmon fillet; 1 lime; 200 g sushi rice",
                        "= HANDS_ON Fish",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** Who eats the fish raw is not warned of hands that go from it to the rice. */
    @ParameterizedTest
    @CsvSource({
        "'Slice the raw salmon for the sashimi.', false",
        "'Slice the raw salmon into strips and fry it for four minutes.', true"
    })
    void handsFromFishToSalad(String words, boolean wrong) {
        assertThat(finds(
                        "Salmon supper",
                        "no-wash-after-raw",
                        "300 g salmon fillet; 1 lettuce",
                        "= HANDS_ON Fish",
                        words,
                        "= HANDS_ON Leaves",
                        "Tear the lettuce onto the plates."))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "250 g dried kidney beans, 'Beans in the slow cooker on low for eight hours.', true",
        "250 g dried kidney beans, 'Beans in, turn it down, lid on.', true",
        "250 g dried kidney beans, 'Beans in fresh water, a rolling boil for ten minutes, then turn it down.', false",
        "250 g dried kidney beans, 'Boil the beans fast for a good ten minutes.', false",
        "1 tin kidney beans, 'Beans in the slow cooker on low for eight hours.', false"
    })
    void driedBeans(String food, String words, boolean wrong) {
        assertThat(finds("Chilli", "beans-not-boiled", food, "= HANDS_ON Cook", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'That garlic oil is fine on the shelf.', true",
        "'Push the rosemary into the oil. It lasts for weeks.', true",
        "'That garlic oil goes in the fridge and you use it by Friday.', false",
        "'Fry the garlic in the oil for a minute.', false",
        "'Stir the garlic into the oil and leave it on the side while we chop.', false",
        "'Toss the garlic in the oil and roast it on the top shelf.', false",
        "'Fry the garlic in the oil from the cupboard.', false",
        "'The olive oil keeps for months in the cupboard.', false"
    })
    void garlicAndHerbsInOil(String words, boolean wrong) {
        assertThat(finds(
                        "Dressings",
                        "garlic-oil-kept",
                        "4 cloves garlic; 300 ml olive oil",
                        "= HANDS_ON Bottle",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "Plum chutney, 'Spoon it into jars. It keeps for three months in the larder.', true",
        "Plum chutney, 'Spoon it into your sterilised jars. It keeps for three months in the larder.', false",
        "Plum chutney, 'The jars have been through the dishwasher. Fill the jars. It keeps for three months.', false",
        "Plum chutney, 'Spoon it into jars. It keeps for two weeks in the fridge.', false",
        "Kimchi, 'Pack it into the jar. It keeps for three months.', false",
        "Plum chutney, 'A spoon, jars and a ladle. It keeps for three months.', false"
    })
    void jarsForTheLarder(String title, String words, boolean wrong) {
        assertThat(finds(title, "jars-not-sterile", "1 kg plums; 500 g sugar", "= HANDS_ON Pot", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'A 1.6 kilo chicken and a kilo of potatoes.', false",
        "'A 2.5 kilo chicken and a kilo of potatoes.', true",
        "'One chicken, four hundred grams of potatoes.', true",
        "'One chicken, a thousand grams of potatoes.', false"
    })
    void amountsSaidWithAPointAndInWords(String words, boolean wrong) {
        assertThat(finds(
                        "Roast",
                        "amount-said-otherwise",
                        "1.6 kg whole chicken; 1 kg potatoes",
                        "= RUN_THROUGH List",
                        words,
                        "= HANDS_ON Cook",
                        "Roast the chicken and the potatoes."))
                .as(words)
                .isEqualTo(wrong);
        assertThat(finds("Roast", "not-worked-out", "1.6 kg whole chicken; 1 kg potatoes", "= RUN_THROUGH List", words))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "'Simmer the rice over a low heat for ten minutes. Stove off.', false",
        "'Simmer the rice over a low heat for ten minutes. Mind the stove.', true"
    })
    void aStoveIsTurnedOff(String words, boolean wrong) {
        assertThat(finds("Rice", "heat-never-off", "200 g rice", "= HANDS_ON Cook", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({"'Carrots in sticks. Rinse them first.', false", "'Carrots in sticks. Rinse the rice first.', true"})
    void whatIsRinsedIsWhatWasNamed(String words, boolean wrong) {
        assertThat(finds("Veg", "produce-unwashed", "4 carrots; 200 g rice", "= HANDS_ON Cut", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'One wrapper in, fill it, roll it. Do that eight times.', false",
        "'One wrapper in, fill it, roll it.', true"
    })
    void whatIsDoneAgainTakesAll(String words, boolean wrong) {
        // What is weighed is as much as is said, however often something is done.
        assertThat(finds(
                        "Rolls",
                        "part-never-used",
                        "200 g butter",
                        "= HANDS_ON Roll",
                        "50 g of the butter in the pan. Do that four times."))
                .isTrue();
        assertThat(finds("Rolls", "part-never-used", "8 rice paper wrappers", "= HANDS_ON Roll", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Cut it in six so everybody round the table gets a square.', true",
        "'Cut it in four so everybody round the table gets a square.', false",
        "'Cut it in six so there is a square for tomorrow.', false"
    })
    void aSquareForEverybody(String words, boolean wrong) {
        assertThat(finds("Traybake", "uneven-share", "200 g flour", "= PLATE Serve", words))
                .as(words)
                .isEqualTo(wrong);
    }
}

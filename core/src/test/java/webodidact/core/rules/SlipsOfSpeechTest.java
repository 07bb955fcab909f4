package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Place;

/** Slips as they are said in passing, each beside what sounds like it and is none. */
class SlipsOfSpeechTest {
    private static List<Finding> findings(String head, String foods, String... steps) {
        var lines = new ArrayList<String>();
        lines.add("# A lesson");
        lines.add("for " + head);
        Arrays.stream(foods.split("; ")).map(f -> "food " + f).forEach(lines::add);
        lines.addAll(List.of(steps));
        return WholeLessons.whole(lines).outcome().report().open();
    }

    private static boolean finds(String check, String head, String foods, String... steps) {
        return findings(head, foods, steps).stream().anyMatch(f -> f.check().equals(check));
    }

    private static final String ADULTS = "ADULTS COOK_ALONG 60 4 UK";
    private static final String TEENS = "AGES_11_16 COOK_ALONG 60 4 UK";

    @ParameterizedTest
    @CsvSource({
        "'The rest of the milk, that''s a hundred mils, in the jug.', true",
        "'The rest of the milk, that''s fifty mils, in the jug.', false",
        "'In goes the rest of the milk, 100 ml.', true",
        "'The rest of the milk goes in the jug.', false"
    })
    void theRestIsWhatIsLeft(String words, boolean wrong) {
        assertThat(finds(
                        "share-wrong",
                        ADULTS,
                        "250 ml milk",
                        "= HANDS_ON First",
                        "Stir 200 ml of milk into the bowl.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    @Test
    void whatIsSetOutInEachVesselLeavesNobodyKnowsWhat() {
        assertThat(finds(
                        "share-wrong",
                        ADULTS,
                        "100 g oats; 250 ml milk",
                        "= HANDS_ON Jars",
                        "Fifty grams of oats in each jar, and a hundred mils of milk.",
                        "= HANDS_ON Then",
                        "The rest of the milk, that's fifty mils, in the blender."))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "'A teaspoon of honey, and that''s fine for baby from about eight months.', true",
        "'Stir in the honey, lovely for ten month olds.', true",
        "'Stir in the honey, but nothing with honey for baby under 11 months.', false",
        "'Stir in the honey and leave it be.', false"
    })
    void honeyIsOfferedToABaby(String words, boolean offered) {
        assertThat(finds("honey-under-one", ADULTS, "2 tbsp honey; 100 g oats", "= HANDS_ON Stir", words))
                .as(words)
                .isEqualTo(offered);
    }

    @ParameterizedTest
    @CsvSource({
        "sugar-claim-wrong, 'There''s no sugar in any of this.', true",
        "sugar-claim-wrong, 'No sugar anywhere.', true",
        "sugar-claim-wrong, 'No sugar left in the bag.', false",
        "stray-talk, 'Is it still going? Have I stopped it?', true",
        "stray-talk, 'Which button was it?', true",
        "stray-talk, 'Is it still bubbling?', false",
        "diet-claim-wrong, 'It''s suitable for vegans too.', true",
        "diet-claim-wrong, 'Good for vegetarians as well.', false",
        "diet-claim-wrong, 'For vegans, use oil.', false",
        "free-from-claimed, 'Label them, and you can say gluten free.', true",
        "free-from-claimed, 'Call them gluten-free on the stall.', true",
        "free-from-claimed, 'Only if the label says gluten free.', false",
        "reheated-twice, 'Heat it again tomorrow, and the day after if there''s still some.', true",
        "reheated-twice, 'Warm it up on Monday and again on Tuesday.', true",
        "reheated-twice, 'What you don''t eat, heat it again tomorrow and the day after.', true",
        "reheated-twice, 'Heat it again tomorrow, once, and bin the rest.', false"
    })
    void saidInPassing(String check, String words, boolean slip) {
        assertThat(finds(check, ADULTS, "200 g butter; 50 g sugar; 300 g rice; 200 g plain flour", "= TALK On", words))
                .as(words)
                .isEqualTo(slip);
    }

    @ParameterizedTest
    @CsvSource({
        "'Use the small knife, careful.', 'Oil in the pan, let it get really hot.', true",
        "'Mind, hot oil spits.', 'Oil in the pan, let it get really hot.', false",
        "'Use the small knife.', 'Oil in the pan, let it get really hot, stand back.', false"
    })
    void aCautionOfTheKnifeIsNoneOfTheOil(String before, String words, boolean missing) {
        assertThat(finds(
                        "oil-caution-missing",
                        TEENS,
                        "2 tbsp oil; 1 onion",
                        "= WELCOME Hello",
                        "Have an adult with you.",
                        "= HANDS_ON Chop",
                        "Chop the onion. " + before,
                        "= HANDS_ON Fry",
                        words))
                .as(words)
                .isEqualTo(missing);
    }

    @ParameterizedTest
    @CsvSource({
        "'Ten minutes, seventy five in the middle.', false, false",
        "'Ten minutes, sixty three in the middle.', false, true",
        "'Ten minutes, a hundred and seventy inside.', false, false",
        "'Ten minutes till it''s golden.', true, false",
        "'Ten minutes, and sixty seconds in the middle of the rack.', true, false"
    })
    void aCoreTemperatureInWords(String words, boolean unsaid, boolean low) {
        var found = findings(
                ADULTS,
                "2 chicken breasts; 1 tbsp oil",
                "= HANDS_ON Fry",
                "Fry the chicken breasts in the pan over a medium heat. " + words);
        assertThat(found.stream().anyMatch(f -> f.check().equals("doneness-unsaid")))
                .as(words)
                .isEqualTo(unsaid);
        assertThat(found.stream().anyMatch(f -> f.check().equals("core-too-low")))
                .as(words)
                .isEqualTo(low);
    }

    @ParameterizedTest
    @CsvSource({
        "'Three tortillas each, and the sauce.', true",
        "'Two tortillas each, and the sauce.', false",
        "'Cut them: three tortilla pieces each.', false"
    })
    void soManyEach(String words, boolean short_) {
        assertThat(finds("pieces-not-enough", ADULTS, "8 corn tortillas; 1 lime", "= PLATE Up", words))
                .as(words)
                .isEqualTo(short_);
    }

    @ParameterizedTest
    @CsvSource({
        "'Wash your hands, and your limes and coriander while you''re there.', false",
        "'Wash your hands.', true",
        "'The coriander is out of the bag.', false"
    })
    void produceIsWashedAlongWithHands(String words, boolean unwashed) {
        assertThat(finds(
                        "produce-unwashed",
                        ADULTS,
                        "1 bunch coriander; 200 g rice",
                        "= HYGIENE Wash",
                        words,
                        "= HANDS_ON Chop",
                        "Chop the coriander and stir it in."))
                .as(words)
                .isEqualTo(unwashed);
    }

    @ParameterizedTest
    @CsvSource({"'Rice and both oils.', false", "'Rice and the sesame oil.', true"})
    void bothAreNamedAtOnce(String words, boolean forgotten) {
        assertThat(finds(
                        "gather-check-forgets",
                        ADULTS,
                        "1 tbsp vegetable oil; 1 tsp sesame oil; 200 g rice",
                        "= RUN_THROUGH Get",
                        words,
                        "= HANDS_ON Mix",
                        "Stir the rice, the vegetable oil and the sesame oil together."))
                .as(words)
                .isEqualTo(forgotten);
    }

    @ParameterizedTest
    @CsvSource({
        "'On with the veg: slice the carrots and the celery.', true",
        "'Chop all the veg and in it goes.', false"
    })
    void aGroupThatIsGoneThroughByNameLeavesOthersOut(String words, boolean unused) {
        assertThat(finds(
                        "listed-not-used",
                        ADULTS,
                        "2 carrots; 2 sticks celery; 100 g mangetout",
                        "= HANDS_ON Veg",
                        words,
                        "= HANDS_ON Cook",
                        "Simmer for ten minutes in the pan over a low heat."))
                .as(words)
                .isEqualTo(unused);
    }

    @ParameterizedTest
    @CsvSource({
        "'Adult, oven to 180 fan-forced.', true",
        "'Oven goes to two hundred fan.', true",
        "'Adult, stand by the oven.', false"
    })
    void theOvenIsTurnedOnInAFewWords(String words, boolean on) {
        var lesson = WholeLessons.whole(List.of("# A lesson", "food 200 g plain flour", "= HANDS_ON Heat", words))
                .question()
                .lesson();
        assertThat(lesson.steps().getFirst().acts().contains(Act.OVEN_ON))
                .as(words)
                .isEqualTo(on);
    }

    @ParameterizedTest
    @CsvSource({
        "'Into the hot wok, oil in, two minutes.', RING",
        "'Same skillet, two minutes a side.', RING",
        "'In the pan with a bit of oil, medium, ten minutes.', RING",
        "'Now the garlic, another two minutes.', RING",
        "'Now the garlic.', BENCH"
    })
    void whereItCooksIsHeardWithoutTheWordHob(String words, Place place) {
        var lesson = WholeLessons.whole(List.of(
                        "# A lesson",
                        "food 2 cloves garlic",
                        "= HANDS_ON Fry",
                        "Fry over a medium heat for two minutes.",
                        "= HANDS_ON Then",
                        words))
                .question()
                .lesson();
        assertThat(lesson.steps().getLast().place()).as(words).isEqualTo(place);
    }

    @ParameterizedTest
    @CsvSource({"'Makes for four', 4, false", "'Hello', 4, false", "'Hello', -, true"})
    void fourPortionsAreAYieldLikeAnyOther(String words, String makes, boolean unstated) {
        assertThat(finds(
                        "yield-unstated",
                        "ADULTS COOK_ALONG 60 " + makes + " UK",
                        "200 g rice",
                        "= WELCOME Hello",
                        words + " all."))
                .isEqualTo(unstated);
    }

    @ParameterizedTest
    @CsvSource({
        "hot-filled, 'Cover it while it''s hot and straight in the freezer.', true",
        "hot-filled, 'Let it cool and straight in the freezer.', false",
        "tasting-spoon-returns, 'Lick the spoon, yum, and another big spoon.', true",
        "tasting-spoon-returns, 'Lick the spoon, it is the cook''s share.', false",
        "health-claim, 'You''ll never get a cold.', true",
        "health-claim, 'It''s better for your gut.', true",
        "health-claim, 'Oats look after your heart.', true",
        "health-claim, 'You''ll never get bored of it.', false",
        "fat-down-drain, 'The oil stays hot for an hour. Then pour it down the drain.', true",
        "fat-down-drain, 'The pasta is done. Then pour it down the drain.', false",
        "left-out-too-long, 'Leftovers, in the fridge by bedtime.', true",
        "left-out-too-long, 'Leftovers, in the fridge by half past.', false",
        "cue-contradicts, 'Don''t let them brown. See how golden brown that is?', true",
        "cue-contradicts, 'Don''t let them brown. See how pale that is?', false",
        "swap-announced-late, 'If you''re off dairy use oil, I should have said that at the start.', true",
        "swap-announced-late, 'If you''re off dairy use oil.', false",
        "wait-unsaid, 'Cover it with the towel and leave it.', true",
        "wait-unsaid, 'Cover it with the towel and leave it for an hour.', false",
        "wait-unsaid, 'Now these want a good soak.', true",
        "wait-unsaid, 'Now these want a good soak, an hour at least.', false",
        "water-not-boiling, 'Pasta in the water, ten minutes.', true",
        "steam-caution-missing, 'Boil the pasta for ten minutes, then drain.', true"
    })
    void doneInPassing(String check, String words, boolean slip) {
        assertThat(finds(
                        check,
                        ADULTS,
                        "300 g pasta; 200 ml milk; 2 chicken breasts; 1 litre oil",
                        "= HANDS_ON First",
                        "Stir the milk in the pan over a medium heat for two minutes.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(slip);
    }

    @ParameterizedTest
    @CsvSource({
        "'Roll it in little balls, you should get forty.', true",
        "'Roll it in little balls, you should get twenty.', false",
        "'Roll it in little balls.', false"
    })
    void anotherNumberIsMadeThanIsPromised(String words, boolean wrong) {
        assertThat(finds(
                        "yield-wrong",
                        "ADULTS COOK_ALONG 60 20 UK",
                        "250 g plain flour",
                        "= WELCOME Hello",
                        "Makes twenty.",
                        "= HANDS_ON Shape",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({"'Use all of it, a hundred and fifty grams.', true", "'Use all of it, a hundred grams.', false"})
    void allOfItIsWhatTheListHas(String words, boolean wrong) {
        assertThat(finds("share-wrong", ADULTS, "100 g cheddar", "= HANDS_ON Grate", "Grate the cheddar, and " + words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Grate your carrot, every last bit.', true",
        "'Grate your carrot, and stop before your knuckles.', false",
        "'Stir your carrot.', false"
    })
    void aGraterIsHeldTooWhereChildrenAreSmall(String words, boolean unsaid) {
        assertThat(finds(
                        "grip-unsaid",
                        "AGES_7_11 COOK_ALONG 60 4 UK",
                        "1 carrot",
                        "= WELCOME Hello",
                        "Hello, and hello to your grown-up, who stays.",
                        "= HANDS_ON Grate",
                        words + " Your grown-up helps."))
                .as(words)
                .isEqualTo(unsaid);
    }

    @ParameterizedTest
    @CsvSource({"'Cover it with a tea towel.', false", "'Cover it.', true", "'Cover it with cold water, lid on.', true"
    })
    void whatIsCoveredWithAClothNeedsNoLid(String words, boolean lid) {
        assertThat(
                        findings(
                                        ADULTS,
                                        "200 g rice",
                                        "tool 1 pan",
                                        "= HANDS_ON Cover",
                                        "The rice goes in the pan. " + words)
                                .stream()
                                .anyMatch(f -> f.check().equals("tool-not-listed")
                                        && f.what().contains("lid")))
                .as(words)
                .isEqualTo(lid);
    }

    @ParameterizedTest
    @CsvSource({
        "'Dice the chicken breasts. Give the board a wash, and your hands.', true",
        "'Give the board a wash, and your hands. Dice the chicken breasts.', false"
    })
    void aWashAfterTheFoodIsNotTheOneBefore(String words, boolean missing) {
        assertThat(finds("no-opening-wash", ADULTS, "2 chicken breasts", "= HANDS_ON Dice", words))
                .as(words)
                .isEqualTo(missing);
    }

    @ParameterizedTest
    @CsvSource({
        "'While that''s browning chop your onion and your carrots.', BENCH",
        "'Turn the mince while it is browning over a medium heat, in the pan.', RING"
    })
    void whatGoesOnMeanwhileIsNotWhereHandsAre(String words, Place place) {
        var lesson = WholeLessons.whole(List.of(
                        "# A lesson", "food 1 onion", "food 2 carrots", "food 400 g mince", "= HANDS_ON Veg", words))
                .question()
                .lesson();
        assertThat(lesson.steps().getFirst().place()).as(words).isEqualTo(place);
    }

    @ParameterizedTest
    @CsvSource({
        "share-wrong, 'Half the milk, about 70 ml, in the jug.', true",
        "share-wrong, 'Half the milk, about 100 ml, in the jug.', false",
        "share-wrong, 'Half the stock in, that''s three quarters of a cup.', true",
        "share-wrong, 'Half the stock in, that''s half a cup.', false",
        "left-out-too-long, 'Keep the leftover rice warm in the pan and have it tomorrow.', true",
        "left-out-too-long, 'Keep the rice warm in the pan for five minutes.', false",
        "left-out-too-long, 'It is fine in the turned-off cooker till the end, four hours or so.', true",
        "left-out-too-long, 'It is fine in the turned-off cooker for ten minutes.', false",
        "wait-unsaid, 'Leave to cool.', true",
        "wait-unsaid, 'Leave to cool for ten minutes.', false",
        "health-claim, 'That is two of your five a day.', true",
        "cue-contradicts, 'Don''t let it boil, and bring it to a good rolling boil.', true",
        "cue-contradicts, 'Don''t let it boil over, and bring it to a good simmer.', false",
        "uneven-share, 'Cut it into sixteen, four by five.', true",
        "uneven-share, 'Cut it into sixteen, four by four.', false",
        "name-published, 'Hello Marsha!', true",
        "name-published, 'Hello Marshlings! You are the Marshlings.', false",
        "name-published, 'Hello Beavers!', false",
        "label-unread, 'Check that jar.', false",
        "label-unread, 'Open that jar.', true",
        "used-not-listed, 'Spoon it into the ice cube tray.', false"
    })
    void passedOver(String check, String words, boolean slip) {
        assertThat(finds(
                        check,
                        ADULTS,
                        "200 ml milk; 1 cup stock; 300 g rice; 2 tbsp barbecue sauce",
                        "= WELCOME Now",
                        "Milk, celery, fish, wheat, egg, soya, mustard and sesame in this.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(slip);
    }

    @ParameterizedTest
    @CsvSource({"'Twelve banana muffins!', false", "'You need twelve bananas.', true"})
    void aDishIsNoAmountOfItsFood(String words, boolean otherwise) {
        assertThat(finds("amount-said-otherwise", ADULTS, "2 bananas; 200 g plain flour", "= WELCOME Hello", words))
                .as(words)
                .isEqualTo(otherwise);
    }

    /** To 160 °C an oven needs less than to 200: eleven minutes and forty seconds of fifteen. */
    @ParameterizedTest
    @CsvSource({"160, 12, false", "200, 12, true", "160, 9, true"})
    void anOvenIsHotByWhatItIsAskedFor(int degrees, int minutes, boolean late) {
        assertThat(finds(
                        "oven-never-heated",
                        ADULTS,
                        "200 g plain flour; 100 g butter",
                        "= HANDS_ON Heat",
                        "Turn the oven on, " + degrees + " conventional.",
                        "= HANDS_ON Knead",
                        "Leave the dough to rest for " + minutes + " minutes, we stay with it.",
                        "= HANDS_ON Bake",
                        "Bake it at " + degrees + " conventional for twenty minutes."))
                .isEqualTo(late);
    }
}

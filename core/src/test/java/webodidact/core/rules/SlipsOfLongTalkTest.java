package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Slips in sentences that run on, as somebody at a stove talks; each beside what sounds like it and is none. */
class SlipsOfLongTalkTest {
    private static boolean finds(String check, String head, String foods, String tools, String... steps) {
        return WholeLessons.finds("Chicken and rice", check, head, foods, tools, steps);
    }

    @ParameterizedTest
    @CsvSource({
        "name-published, 'Well done Jayden I can see you''ve got yours in.', true",
        "name-published, 'Well done I can see you''ve got yours in.', false",
        "stray-talk, 'Is this thing recording, yes it is.', true",
        "stray-talk, 'Is this rice hot, yes it is.', false",
        "promise-unkept, 'At the end I''m going to show you how to freeze it for another day as well.', true",
        "promise-unkept, 'Next week I''m going to show you how to freeze it at the end.', false",
        "reheated-lukewarm, 'The leftovers you just warm it through tomorrow.', true",
        "reheated-lukewarm, 'The leftovers you warm it through tomorrow till it''s steaming all the way through.', false",
        "reheated-lukewarm, 'Just warm it through while I find a plate.', false",
        "keeping-unsaid, 'Leftover rice, that''ll keep in the fridge for a week, no bother.', true",
        "keeping-unsaid, 'Leftover rice, that''ll keep in the fridge for a day, no longer.', false",
        "used-not-listed, 'Leftover rice goes in the fridge within the hour.', false",
        "doneness-unsaid, 'The chicken''s done when it''s gone white on the outside.', true",
        "doneness-unsaid, 'The chicken is lovely and brown so it''s done.', true",
        "doneness-unsaid, 'The chicken is lovely and brown, and the juices run clear.', false",
        "yield-wrong, 'That''s enough for eight with some veg.', true",
        "yield-wrong, 'That''s enough for four with some veg.', false",
        "yield-wrong, 'That''s enough for two minutes.', false",
        "uneven-share, 'Cut it in six so everybody gets the same.', true",
        "uneven-share, 'Cut it in eight so everybody gets the same.', false",
        "uneven-share, 'Cut it in six so it cooks.', false",
        "share-wrong, 'Double the water, so two hundred grams of rice and three hundred mils of water.', true",
        "share-wrong, 'Double the water, so two hundred grams of rice and four hundred mils of water.', false",
        "stock-out-of-strength, 'Crumble your stock cube in with a mug of water, about two litres.', true",
        "stock-out-of-strength, 'Crumble your stock cube in with some water, about five hundred mils.', false",
        "raw-meat-rinsed, 'Take the chicken out of the bag, rinse out the inside, and pat it dry.', true",
        "raw-meat-rinsed, 'Take the chicken out of the bag, and rinse out the bowl.', false",
        "left-out-too-long, 'The chicken can be sitting out on the counter for sandwiches, it''s good for a few hours.', true",
        "left-out-too-long, 'The chicken is on the counter while we set the table.', false",
        "poured-over-raw, 'Chicken on a plate. Pour the fat down the sink with plenty of hot water.', false",
        "equivalence-wrong, 'One chicken breast, that''s eight hundred grams.', false",
        "produce-unwashed, 'Slice the cucumber.', true",
        "produce-unwashed, 'Give your hands a wash, and the veg. Slice the cucumber.', false",
        "produce-unwashed, 'The veggies get a rinse. Slice the cucumber.', false",
        "used-not-listed, 'Little balls, about a walnut each.', false",
        "used-not-listed, 'Chop a walnut.', true",
        "produce-unwashed, 'Give your veg a rinse. Slice the cucumber.', false",
        "produce-unwashed, 'Give your herbs a rinse. Slice the cucumber.', true",
        "tasting-spoon-returns, 'I have my tasting spoon here, so I will just stir it with that.', true",
        "tasting-spoon-returns, 'I have my tasting spoon here, and stir it with the big one.', false",
        "uneven-share, 'Three bowls, rice, chicken on top.', false",
        "yield-wrong, 'You should get about ten. Two each.', false",
        "yield-wrong, 'You should get about ten. Two tablespoons in each.', true",
        "promise-unkept, 'We''ll taste some raw at the end.', true",
        "promise-unkept, 'We''ll taste some chicken at the end. Taste the chicken.', false",
        "list-said-late, 'If you don''t do dairy, coconut milk is lovely, I should have said.', false",
        "reheated-lukewarm, 'The leftovers, heat them up tomorrow till it''s warm through.', true",
        "reheated-lukewarm, 'The leftovers, heat them up tomorrow till it''s hot through.', false",
        "health-claim, 'It''s great for your cholesterol.', true",
        "health-claim, 'It''s great for your lunch.', false",
        "share-wrong, 'Half of that rice, mind, fifty grams or so, goes in.', true",
        "share-wrong, 'Half of that rice, mind, a hundred grams or so, goes in.', false",
        "heat-never-off, 'Little pot on the heat, rice in.', true",
        "heat-never-off, 'Fry the chicken on a medium heat. Everything off now.', false",
        "heat-never-off, 'Fry the chicken on a medium heat. Take everything off the board.', true"
    })
    void aSentenceThatRunsOn(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 4 UK",
                        "500 g chicken thighs; 200 g rice; 1 cucumber; 1 vegetable stock cube",
                        "",
                        "= HANDS_ON Then",
                        words,
                        "= PLATE Serve",
                        "There we are."))
                .as(words)
                .isEqualTo(wrong);
    }

    /** An amount behind its food, in another breath. */
    @ParameterizedTest
    @CsvSource({
        "'The milk goes in a bit at a time, that''s three hundred and fifty mils.', true",
        "'The milk goes in a bit at a time, that''s four hundred mils.', false",
        "'The milk goes in, all of it. That''s about three hundred mils.', true",
        "'The milk goes in with the flour. That''s about three hundred grams.', false",
        "'The milk goes in, and stir it, that''s a job for the children.', false"
    })
    void anAmountBehindItsFood(String words, boolean left) {
        assertThat(finds(
                        "part-never-used",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "400 ml whole milk; 300 g flour",
                        "",
                        "= HANDS_ON Sauce",
                        words,
                        "= HANDS_ON Then",
                        "Stir it."))
                .as(words)
                .isEqualTo(left);
    }

    /** So many on each, of so many: in words that a count of the list can be held against. */
    @ParameterizedTest
    @CsvSource({
        "'Two tomatoes for the eyes, one for the nose, that''s three on each pizza.', true",
        "'Two tomatoes for the eyes, that''s two on each pizza.', false",
        "'Roll it into twenty little balls. Four bowls, ten balls in each.', true",
        "'Roll it into twenty little balls. Four bowls, five balls in each.', false"
    })
    void soManyOnEach(String words, boolean wrong) {
        assertThat(finds(
                        "pieces-not-enough",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "8 cherry tomatoes; 200 g flour",
                        "",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** What is taken out in so many words is collected there; a recording leaves out what nobody fills. */
    @ParameterizedTest
    @CsvSource({
        "COOK_ALONG, 'Tray out, mind your hands.', collected-off-time, false",
        "RECORDED, 'It''s been an hour. Tray out.', dead-air, false",
        "COOK_ALONG, 'It''s been an hour. Tray out.', dead-air, true"
    })
    void whatComesOut(String delivery, String words, String check, boolean found) {
        assertThat(finds(
                        check,
                        "ADULTS " + delivery + " 60 4 UK",
                        "200 g rice; 600 g potatoes",
                        "",
                        "= HANDS_ON Oven",
                        "Tray in the oven at 200 degrees, 180 fan, for "
                                + (check.equals("dead-air") ? "forty" : "twelve")
                                + " minutes.",
                        "= HANDS_ON Meanwhile",
                        "Peel the potatoes and chop them. Stir the rice for nine minutes.",
                        "= HANDS_ON Out",
                        words))
                .as(words)
                .isEqualTo(found);
    }

    @ParameterizedTest
    @CsvSource({
        "wait-unsaid, 'Rice in, bring it up and then turn it right down, lid on.', true",
        "wait-unsaid, 'Rice in, bring it up and then turn it right down, lid on, for ten minutes.', false",
        "steam-caution-missing, 'Rice in, bring it up. Lid off. Lovely.', true",
        "steam-caution-missing, 'Rice in, bring it up. Lid off, mind the steam. Lovely.', false",
        "used-not-listed, 'And a bit of bread with it.', true",
        "used-not-listed, 'And a bit of dough with it.', false",
        "used-not-listed, 'A big pan of salted water on.', true",
        "used-not-listed, 'A big pan of water on.', false",
        "used-not-listed, 'My wife swears by a spoon of mustard.', false",
        "equivalence-wrong, 'Milk, one and three quarter cups, that''s about three hundred mils.', true",
        "equivalence-wrong, 'Milk, one and three quarter cups, that''s about four hundred and forty mils.', false",
        "free-from-claimed, 'So it''s dairy free, nut free, on the table in twenty.', true",
        "free-from-claimed, 'So it''s rice and dairy free milk, on the table in twenty.', false"
    })
    void ofAStewOrAPan(String check, String words, boolean found) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 4 UK",
                        "200 g rice; 400 g chicken breast; 400 ml milk; 1 cucumber",
                        "1 knife; 1 board",
                        "= HANDS_ON Do",
                        words))
                .as(words)
                .isEqualTo(found);
    }

    @ParameterizedTest
    @CsvSource({"'Cut up the chicken.', true", "'Cut up the chicken. Wash the knife and the board.', false"})
    void aKnifeRunThroughHerbs(String before, boolean found) {
        assertThat(finds(
                        "raw-tool-reused",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "400 g chicken breast; 1 cucumber",
                        "1 knife; 1 board",
                        "= HANDS_ON Cut",
                        before,
                        "= HYGIENE Hands",
                        "Wash your hands.",
                        "= HANDS_ON Cucumber",
                        "And the cucumber, just run your knife through it."))
                .isEqualTo(found);
    }

    /** What was announced and what is done; what was used up and what is taken more of. */
    @ParameterizedTest
    @CsvSource({
        "pieces-not-enough, 'Tacos tonight, two tacos each.', 'Fill them.', 'Three each and you''ll be stuffed.', true",
        "pieces-not-enough, 'Tacos tonight, two tacos each.', 'Fill them.', 'Two each and you''ll be stuffed.', false",
        "yield-wrong, 'Rice balls, eight little ones.', 'Cut it into ten, roll each one.', 'Eat.', true",
        "yield-wrong, 'Rice balls, eight little ones.', 'Cut it into sixteen, roll each one.', 'Eat.', false",
        "yield-wrong, 'Rice balls, eight little ones.', 'Cut it into ten minutes later.', 'Eat.', false",
        "used-more-than-listed, 'Rice tonight.', 'In go two tablespoons of honey.', 'A bit more honey on top.', true",
        "used-more-than-listed, 'Rice tonight.', 'In goes a tablespoon of honey.', 'A bit more honey on top.', false",
        "used-not-listed, 'Rice tonight.', 'Stir the rice.', 'Don''t forget to fish the stick out.', false",
        "used-not-listed, 'Rice tonight.', 'Stir the rice.', 'Serve it with some fish.', true",
        "used-not-listed, 'Rice tonight.', 'Take your fish out of the fridge.', 'Eat.', true",
        "used-not-listed, 'Rice tonight.', 'Then fish out the stick.', 'Eat.', false"
    })
    void whatWasAnnounced(String check, String welcome, String does, String plate, boolean found) {
        assertThat(finds(
                        check,
                        "AGES_11_16 COOK_ALONG 60 4 UK",
                        "200 g rice; 2 tbsp honey; 2 tbsp oil",
                        "",
                        "= WELCOME Hello",
                        welcome,
                        "= HANDS_ON Do",
                        does,
                        "= PLATE Plate",
                        plate))
                .as(does + " " + plate)
                .isEqualTo(found);
    }

    /** "Right, oven. Get that on": what is turned on was named a sentence before. */
    @ParameterizedTest
    @CsvSource({
        "'Right, oven. Get that on to two hundred.', oven-kind-unstated, true",
        "'Right, oven. Get that on to two hundred fan.', oven-kind-unstated, false",
        "'Right, grill. Get that on to two hundred.', oven-kind-unstated, false"
    })
    void theOvenNamedBefore(String words, String check, boolean found) {
        assertThat(finds(check, "ADULTS COOK_ALONG 60 4 UK", "200 g rice", "", "= HANDS_ON Oven", words))
                .as(words)
                .isEqualTo(found);
    }
}

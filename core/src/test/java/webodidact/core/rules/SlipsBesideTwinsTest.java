package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One sentence each, of every check that hears words, beside the nearest one that is all right. */
class SlipsBesideTwinsTest {
    @ParameterizedTest
    @CsvSource({
        "label-unread, WELCOME, 4 pork sausages, 'Hello. Sausages today.', true",
        "label-unread, WELCOME, 4 pork sausages, 'There may be wheat in the sausages, so look on the pack.', false",
        "question-unanswered, TALK, 200 g flour, 'Who knows why it goes up? Anyone? Right, on we go.', true",
        "question-unanswered, TALK, 200 g flour, 'Who knows why it goes up? Steam. Lots of it.', false",
        "stray-talk, TALK, 200 g flour, 'Sorry. I''ll say that again.', true",
        "stray-talk, TALK, 200 g flour, 'I''ll say it again, two cups of flour.', false",
        "stray-talk, TALK, 200 g flour, 'Let me start that again, sorry.', true",
        "allergen-unsaid, WELCOME, 400 g cod fillet, 'Hello. Nice to see you, fish lovers.', true",
        "allergen-unsaid, WELCOME, 400 g cod fillet, 'Hello. Fish, obviously.', false",
        "listed-twice, WELCOME, 140 g plain flour; 1 cup plain flour, 'Hello.', true",
        "listed-twice, WELCOME, 140 g plain flour; 1 tbsp plain flour, 'Hello.', false",
        "produce-unwashed, HANDS_ON, 200 g grapes, 'Halve the grapes into the bowl.', true",
        "produce-unwashed, HANDS_ON, 200 g peas, 'Tip the peas into the bowl.', false",
        "diet-claim-wrong, WELCOME, 50 g parmesan, 'Vegetarian friends, this one''s for you.', true",
        "diet-claim-wrong, WELCOME, 50 g cheddar, 'Vegetarian friends, this one''s for you.', false",
        "yield-wrong, PLATE, 300 g rice, 'That''s six generous servings.', true",
        "yield-wrong, PLATE, 300 g rice, 'That''s four generous servings.', false",
        "yield-wrong, PLATE, 300 g rice, 'That''s two servings of veg in each bowl.', false",
        "keeping-unsaid, TALK, 400 g sea bass fillet, 'It keeps three days in this ceviche.', true",
        "keeping-unsaid, TALK, 400 g sea bass fillet; 300 g rice, 'Eat this ceviche today. The rice keeps three days.', false",
        "keeping-unsaid, TALK, 400 g sea bass fillet; 6 limes, 'Eat this ceviche today. The limes keep five days.', false",
        "reheated-twice, TALK, 300 g rice, 'Reheat till it steams. And reheat the rest the day after again.', true",
        "reheated-twice, TALK, 300 g rice, 'Reheat it till it steams. And warm the bowls.', false",
        "wait-unsaid, HANDS_ON, 300 g flour, 'Knead the dough. It needs to double. Somewhere warm.', true",
        "wait-unsaid, HANDS_ON, 300 g flour, 'Knead the dough. It needs to double, an hour.', false",
        "wait-unsaid, HANDS_ON, 300 g flour, 'For more of you it needs to double the flour.', false",
        "metal-in-microwave, TALK, 4 slices bread, 'Toaster tomorrow, and use a knife to fish it out if it''s stuck.', true",
        "metal-in-microwave, TALK, 4 slices bread, 'Out of the toaster and butter it with a knife.', false",
        "metal-in-microwave, TALK, 4 slices bread, 'Bread in the toaster. Fish on the board, and your knife.', false",
        "metal-in-microwave, TALK, 4 slices bread, 'Toaster on, knife ready for the butter. If the jam is stuck, warm it.', false",
        "metal-in-microwave, TALK, 4 slices bread, 'Stuck in the toaster? Never a knife. Unplug it.', false",
        "stone-struck, HANDS_ON, 2 avocados, 'Tap the blade into the stone and twist.', true",
        "stone-struck, HANDS_ON, 2 avocados, 'Scoop the stone out with a spoon.', false",
        "listed-not-used, HANDS_ON, 300 g rice; 1 tsp sea salt, 'Wash the rice. Taste the salad.', true",
        "listed-not-used, HANDS_ON, 300 g rice; 1 tsp sea salt, 'Boil the rice five minutes, taste and season.', false",
        "wait-unsaid, TALK, 300 g flour, 'Leave it in the tin.', true",
        "wait-unsaid, TALK, 300 g flour, 'Leave it in the tin. A good ten minutes.', false",
        "wait-unsaid, TALK, 300 g flour, 'Leave it in the tin until it is cold.', false",
        "wait-unsaid, HANDS_ON, 400 g minced beef, 'Fry the beef five minutes. Turn it down and let it simmer.', true",
        "wait-unsaid, HANDS_ON, 400 g minced beef, 'Fry the beef five minutes. Let it simmer for ten minutes more.', false",
        "used-not-listed, RUN_THROUGH, 75 g demerara sugar; 4 apples, 'Apples and brown sugar.', false",
        "used-not-listed, RUN_THROUGH, 75 g caster sugar; 4 apples, 'Apples and brown sugar.', true",
        "heat-never-off, HANDS_ON, 300 ml milk, 'Heat the milk till it steams, three minutes.', true",
        "heat-never-off, HANDS_ON, 300 ml milk, 'Heat the milk in the microwave till it steams, three minutes.', false",
        "free-from-claimed, WELCOME, 4 corn tortillas, 'If you''re gluten free take these, they''re free from everything.', true",
        "free-from-claimed, WELCOME, 4 corn tortillas, 'If you''re gluten free take these, and read the label.', false",
        "hot-filled, TALK, 300 g rice, 'Wrap the other ones hot in foil and they''re your lunch Thursday.', true",
        "hot-filled, TALK, 300 g rice, 'Wrap the other ones in foil, cold, and they''re your lunch Thursday.', false",
        "pieces-not-enough, PLATE, 4 flour tortillas, 'Two burritos each.', true",
        "pieces-not-enough, PLATE, 4 flour tortillas, 'Cut in half and two pieces of wrap each.', false",
        "pieces-not-enough, PLATE, 8 flour tortillas, 'Two burritos each.', false",
        "steam-caution-missing, HANDS_ON, 200 g rice; 1 tin black beans, 'Boil the rice ten minutes. |Open the can, drain the beans and in with them.', false",
        "steam-caution-missing, HANDS_ON, 200 g rice; 1 tin black beans, 'Boil the rice ten minutes. |Drain the rice.', true",
        "part-never-used, HANDS_ON, 6 cherry tomatoes, 'Everybody gets a whole cherry tomato.', false",
        "part-never-used, HANDS_ON, 6 cherry tomatoes, 'Slice one whole cherry tomato.', true",
        "oven-never-heated, HANDS_ON, 300 g rice, 'Rice in the dish, in the oven for twenty minutes.', true",
        "oven-never-heated, HANDS_ON, 300 g rice, 'Hot oven, 200. |Stir the rice for fifteen minutes. |In the oven for twenty minutes.', false"
    })
    void isHeardAndItsTwinIsNot(String check, String kind, String foods, String words, boolean wrong) {
        assertThat(finds(check, kind, foods, words)).as(words).isEqualTo(wrong);
    }

    private static boolean finds(String check, String kind, String foods, String words) {
        var parts = words.split("\\|");
        var steps = new String[parts.length * 2];
        for (int i = 0; i < parts.length; i++) {
            steps[2 * i] = "= " + kind + " Part " + (i + 1);
            steps[2 * i + 1] = parts[i].strip();
        }
        return WholeLessons.finds("Supper", check, "ADULTS COOK_ALONG 60 4 UK", foods, "", steps);
    }

    @ParameterizedTest
    @CsvSource({
        "'Dip the cod in egg, then crumbs.', 'Left over egg can go in the fridge for pancakes.', true",
        "'Dip the cod in egg, then crumbs.', 'Left over egg goes in the bin.', false",
        "'Dip the cod in egg, then crumbs.', 'Spare flour goes back in the bag.', false",
        "'Coat the cod in egg. Serve it with a dip.', 'What''s left of the flour goes back in the bag.', false",
        "'Fry the cod for six minutes.', 'Left over egg can go in the fridge for pancakes.', false"
    })
    void whatRawFoodWasTurnedIn(String words, String later, boolean wrong) {
        var foods = "400 g cod fillet; 2 eggs; 100 g breadcrumbs";
        var lesson = new String[] {"= HANDS_ON Fish", words, "= TALK Later", later};
        assertThat(WholeLessons.finds("Supper", "marinade-reused", "ADULTS COOK_ALONG 60 4 UK", foods, "", lesson))
                .as(words + later)
                .isEqualTo(wrong);
    }

    /** As many skewers as the list of tools has are threaded. */
    @ParameterizedTest
    @CsvSource({"'Three skewers each.', true", "'Two skewers each.', false"})
    void skewersForEach(String words, boolean wrong) {
        var lesson = new String[] {"= PLATE Serve", words};
        assertThat(WholeLessons.finds(
                        "Satay",
                        "pieces-not-enough",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "400 g rice",
                        "8 wooden skewers",
                        lesson))
                .as(words)
                .isEqualTo(wrong);
    }

    /** The board of the onion is not that of the beef that hands crumble into the pan. */
    @ParameterizedTest
    @CsvSource({
        "'Dice the onion. Crumble the minced beef in with your hands. Wash your hands.', false",
        "'Dice the onion. Chop the minced beef up. Wash your hands.', true",
        "'Take the minced beef. Cut it up with the onion. Wash your hands.', true"
    })
    void whatItsSentenceSaysIsCut(String words, boolean wrong) {
        var lesson = new String[] {"= HANDS_ON Beef", words, "= HANDS_ON Salad", "Slice the cucumber."};
        assertThat(WholeLessons.finds(
                        "Supper",
                        "raw-tool-reused",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "400 g minced beef; 1 onion; 1 cucumber",
                        "1 knife; 1 chopping board",
                        lesson))
                .as(words)
                .isEqualTo(wrong);
    }

    /** What had to be done the night before is told while the list is read out, of the food that stands beside it. */
    @ParameterizedTest
    @CsvSource({
        "'Flour, a cup of pumpkin, boiled last night and cold, and butter.', 250 g pumpkin, true",
        "'Flour, a cup of pumpkin, boiled last night and cold, and butter.', '250 g pumpkin, cooked', false",
        "'Flour, a cup of pumpkin, roasted for two hours if you like, and butter.', 250 g pumpkin, false",
        "'Flour, a cup of pumpkin, and butter I bought last night.', 250 g pumpkin, false"
    })
    void whatIsToldTooLate(String words, String pumpkin, boolean wrong) {
        var foods = "300 g flour; " + pumpkin + "; 50 g butter";
        var lesson = new String[] {"= RUN_THROUGH List", words, "= HANDS_ON Mix", "Beat the butter with the pumpkin."};
        assertThat(WholeLessons.finds("Scones", "prework-unlisted", "ADULTS COOK_ALONG 60 4 UK", foods, "", lesson))
                .as(words)
                .isEqualTo(wrong);
    }

    /** Half of what was fried goes in, and the other half is never heard of. */
    @ParameterizedTest
    @CsvSource({
        "'Half the mushrooms go in. Stir.', true",
        "'Half the mushrooms go in. Stir. The rest on top.', false",
        "'The mushrooms go in. Stir.', false"
    })
    void theOtherHalf(String words, boolean wrong) {
        var foods = "250 g mushrooms; 300 g rice";
        var lesson = new String[] {
            "= HANDS_ON Fry",
            "Fry the mushrooms for five minutes and lift them onto a plate.",
            "= HANDS_ON Rice",
            "Boil the rice for ten minutes.",
            "= HANDS_ON Finish",
            words,
            "= PLATE Serve",
            "Spoon it into bowls."
        };
        assertThat(WholeLessons.finds("Risotto", "part-never-used", "ADULTS COOK_ALONG 60 4 UK", foods, "", lesson))
                .as(words)
                .isEqualTo(wrong);
    }
}

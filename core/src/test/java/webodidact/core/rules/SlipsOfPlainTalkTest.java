package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Slips in passing: what a stand-in brings, what keeps too long, what thaws in the sun; each beside what sounds like it and is none. */
class SlipsOfPlainTalkTest {
    private static boolean finds(String check, String head, String foods, String tools, String... steps) {
        return WholeLessons.finds("Fish tacos", check, head, foods, tools, steps);
    }

    @ParameterizedTest
    @CsvSource({
        "'No fish sauce? Soy sauce will do you instead.', true",
        "'If you have no fish sauce use Worcestershire sauce instead.', true",
        "'If you have no fish sauce, use soy sauce instead, mind there''s wheat in it.', false",
        "'If you have no fish sauce, use soy sauce instead and check the label.', false",
        "'If you''re out of rice use couscous instead.', true",
        "'If you''re out of rice use quinoa instead.', false",
        "'If you''re out of rice use egg noodles instead.', false",
        "'You could use miso instead of fish sauce.', true",
        "'If you''ve no rice use some couscous.', true",
        "'There''s no need to use some couscous.', false",
        "'My aunt always used miso instead of fish sauce.', false",
        "'Use soya cream instead of coconut milk.', false",
        "'Use salmon instead of cod.', false"
    })
    void whatAStandInBringsIsSaid(String words, boolean wrong) {
        assertThat(finds(
                        "stand-in-allergen-unsaid",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "400 g cod; 1 tbsp fish sauce; 200 g rice; 200 ml coconut milk",
                        "",
                        "= TALK First",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "keeping-unsaid, 'Into the fridge, they''ll keep for about a fortnight like that.', true",
        "keeping-unsaid, 'It keeps for two weeks in the fridge.', true",
        "keeping-unsaid, 'It keeps two days in the fridge.', false",
        "keeping-unsaid, 'Freeze it, it keeps for a month.', false",
        "keeping-unsaid, 'The jam keeps for a month.', false",
        "keeping-unsaid, 'It does not keep for two weeks.', false",
        "left-out-too-long, 'The rice, that''s fine on the side till the morning.', true",
        "left-out-too-long, 'The rice is fine on the side for ten minutes.', false",
        "left-out-too-long, 'It''s fine in the fridge till the morning.', false",
        "thawed-warm, 'It freezes. Then get it out and leave it on the windowsill in the sun till teatime.', true",
        "thawed-warm, 'It freezes. Then get it out in the morning and put it in the fridge.', false",
        "thawed-warm, 'Get the tray out and put it on the side.', false",
        "honey-under-one, 'It''s lovely for the baby as well.', true",
        "honey-under-one, 'It''s not good for the baby.', false",
        "honey-under-one, 'It''s lovely for the table.', false",
        "pieces-not-enough, 'Three tacos each, there you go.', true",
        "pieces-not-enough, 'Two tacos each, there you go.', false",
        "pieces-not-enough, 'Three limes each, there you go.', false",
        "doneness-unsaid, 'Fry the chicken thighs, no pink when you cut one, then they''re done.', true",
        "doneness-unsaid, 'Fry the chicken thighs, cut one open and the juices run clear.', false",
        "heat-never-off, 'Fry the chicken thighs on a medium heat. Turn the pan off.', false",
        "heat-never-off, 'Fry the chicken thighs on a medium heat. Take the pan.', true",
        "tool-not-listed, 'Cut one and look, or use a probe.', false",
        "tool-not-listed, 'Cut one, and use a probe.', true"
    })
    void aSentenceInPassing(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 4 UK",
                        "500 g chicken thighs; 200 g rice; 200 ml whole milk; 2 tbsp honey",
                        "1 frying pan; 1 knife; 1 chopping board",
                        "= WELCOME Hello",
                        "It feeds four, two each.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** An oven that goes on nine minutes of work before it is used is in time or not by how long the work takes; a stated wait is one. */
    @ParameterizedTest
    @CsvSource({
        "'Beat the butter and the sugar for five minutes. Slice the apples, and dice them all.', false",
        "'Leave it to rest for five minutes, we stay with it.', true"
    })
    void anOvenIsTooLateOnlyWhereTheTimeIsKnown(String words, boolean late) {
        assertThat(finds(
                        "oven-never-heated",
                        "AGES_7_11 COOK_ALONG 60 4 UK",
                        "175 g butter; 175 g sugar; 6 apples; 200 g flour",
                        "",
                        "= HANDS_ON Oven",
                        "Put the oven on at a hundred and eighty, a hundred and sixty fan.",
                        "= HANDS_ON Then",
                        words,
                        "= HANDS_ON Bake",
                        "Into the oven for forty-five minutes at 160 fan."))
                .as(words)
                .isEqualTo(late);
    }

    @ParameterizedTest
    @CsvSource({
        "'Put the oven on at a hundred and eighty, a hundred and sixty fan.', false",
        "'Put the oven on at a hundred and sixty fan.', true",
        "'It is a party with a beauty of a tart, so the oven on at a hundred and sixty fan.', true"
    })
    void aPairInWordsIsAPair(String words, boolean one) {
        assertThat(finds(
                        "other-oven-unsaid",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "6 apples",
                        "",
                        "= HANDS_ON Oven",
                        words,
                        "= HANDS_ON Bake",
                        "Bake the apples for half an hour until soft."))
                .as(words)
                .isEqualTo(one);
    }

    @ParameterizedTest
    @CsvSource({
        "cue-contradicts, 'When they go to the bottom they''re cooked.', true",
        "cue-contradicts, 'When they come to the top they''re cooked.', false",
        "cue-contradicts, 'If you get a bit of yolk in there don''t worry.', true",
        "cue-contradicts, 'Not a bit of yolk in there, please.', false",
        "left-out-too-long, 'They''ll be fine in your bag till lunch tomorrow.', true",
        "left-out-too-long, 'They''ll be fine in your bag with an ice pack.', false",
        "left-out-too-long, 'Back in the slow cooker on warm, and it''s good for tomorrow.', true",
        "left-out-too-long, 'Keep the plates on warm.', false",
        "raw-tool-reused, 'Lift it on to the plate you had the raw ones on.', true",
        "raw-tool-reused, 'Lift it on to a clean plate.', false",
        "wait-unsaid, 'Fridge, until it''s set.', true",
        "wait-unsaid, 'Fridge, until it''s set, about two hours.', false",
        "yield-wrong, 'It serves two, that, with some salad.', true",
        "yield-wrong, 'It serves four, that, with some salad.', false",
        "promise-unkept, 'Trifle is just this with sponge, I''ll show you that in a minute.', true",
        "promise-unkept, 'I showed you that a minute ago.', false",
        "tool-not-listed, 'Serve it piping hot.', false",
        "tool-not-listed, 'Warm the milk till it steams in the frying pan.', false",
        "tool-not-listed, 'Put the lid of bread on.', false",
        "ring-level-unstated, 'Rice in the frying pan with a spoon of oil, medium heat, five minutes.', false",
        "ring-level-unstated, 'Fry the rice in the frying pan with a spoon of oil, five minutes.', true",
        "heat-never-off, 'Fry the rice on a medium heat. Hobs off, all of them.', false",
        "core-too-low, 'Flour on, a hundred and fifty, egg in the middle.', false",
        "core-too-low, 'Sixty, in the middle, and the chicken''s done.', true"
    })
    void anotherInPassing(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 4 UK",
                        "500 g chicken thighs; 200 g rice; 200 ml whole milk; 2 eggs; 100 g flour; 1 tbsp oil",
                        "1 frying pan; 1 knife; 1 chopping board",
                        "= HANDS_ON First",
                        "Slice the chicken thighs, then wash your hands, the board and the knife.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "honey-under-one, 'A drop of honey on the top.', true",
        "honey-under-one, 'No honey, of course.', false",
        "honey-under-one, 'A spot of honey''s lovely instead of the apple.', true",
        "salt-over-limit, 'Blend it with a pinch of salt. Half in baby''s bowl.', false",
        "salt-over-limit, 'Blend it with a pinch of salt.', true",
        "salt-over-limit, 'Blend it, no salt.', false",
        "choking-shape, 'Mash the squash. And sticks of raw apple.', true",
        "choking-shape, 'Grate the apple.', false"
    })
    void whatABabyIsGiven(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS DEMONSTRATION 20 4 UK",
                        "1 butternut squash; 1 apple",
                        "",
                        "= WELCOME Hello",
                        "We're at about six months, first tastes.",
                        "= HANDS_ON Then",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** Children told to work alone are alone, whoever else is named. */
    @ParameterizedTest
    @CsvSource({
        "'Children, grate the cheese, all by yourselves now, grown-ups put the kettle on.', true",
        "'Grown-ups, grate the cheese with them.', false"
    })
    void workOfTheirOwnIsTheirs(String words, boolean wrong) {
        assertThat(finds(
                        "task-over-age", "AGES_5_7 COOK_ALONG 30 4 UK", "100 g cheddar", "", "= HANDS_ON Grate", words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** A wash that says why is a wash. */
    @ParameterizedTest
    @CsvSource({
        "'Wash your hands, there''s raw egg and flour on them.', false",
        "'There''s raw egg and flour on your hands.', true"
    })
    void whatIsOnHandsIsWashedOff(String words, boolean wrong) {
        assertThat(finds(
                        "no-wash-after-raw",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "1 egg; 150 g flour; 30 g parmesan",
                        "",
                        "= HANDS_ON Dough",
                        "Flour on, crack the egg in, bring it together with your hands.",
                        "= HANDS_ON Wash",
                        words,
                        "= PLATE Serve",
                        "Parmesan grated over."))
                .as(words)
                .isEqualTo(wrong);
    }

    /** What is offered to people with an allergy is read against that allergy. */
    @ParameterizedTest
    @CsvSource({
        "'If you''re allergic to nuts, use cashew butter instead.', true",
        "'If you can''t have nuts, use cashew butter instead.', true",
        "'No nuts for you? Use almonds.', true",
        "'No nuts? Use almonds.', false",
        "'If you don''t have nuts, use almonds.', false",
        "'If you''re off nuts, use almonds.', true",
        "'If you''re allergic to peanuts, use sunflower seed butter instead.', false"
    })
    void whatIsOfferedToTheAllergicIsNotWhatTheyMustNotHave(String words, boolean wrong) {
        assertThat(finds(
                        "stand-in-allergen-unsaid",
                        "ADULTS RECORDED 20 1 UK",
                        "2 tbsp peanut butter; 1 nest egg noodles",
                        "",
                        "= HANDS_ON Sauce",
                        "Stir the peanut butter into the noodles. " + words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "tool-not-listed, 1 banana, 'Peel your banana and mash it with a fork.', false",
        "tool-not-listed, 1 carrot, 'Peel your carrot and mash it with a fork.', true",
        "tool-not-listed, 1 kg pork shoulder, 'Shred the pork with two forks.', false",
        "tool-not-listed, 1 tbsp tomato puree, 'Puree, flour, stir.', false",
        "tool-not-listed, 1 carrot, 'Puree the carrot.', true",
        "tool-not-listed, 1 kg pork shoulder, 'Shred the pork with two forks, then chop it.', true",
        "heat-never-off, 1 carrot, 'Fry the carrot in the pan for five minutes. Hob''s off.', false",
        "name-published, 1 kg strawberries, 'Dawid, thanks for the gift!', true",
        "name-published, 1 kg strawberries, 'Brilliant, well done everybody!', false",
        "health-claim, 1 kg strawberries, 'It brings your blood pressure down.', true",
        "listed-not-used, 1 handful mint, 'Herbs picked and on top.', false",
        "listed-not-used, 1 tbsp soy sauce, 'Beans and the sauces in.', false",
        "heat-never-off, 1 carrot, 'Fry the carrot in the pan for five minutes, off.', false",
        "wait-unsaid, 600 ml cream, 'Pour the cream in the glasses. Fridge. They''re set when they wobble.', true",
        "wait-unsaid, 600 ml cream, 'Pour the cream in the glasses. Fridge, four hours.', false",
        "health-claim, 1 kg strawberries, 'It has less sugar, so it''s good for diabetics.', true",
        "health-claim, 1 kg strawberries, 'Diabetics, ask whoever looks after you.', false",
        "oil-caution-missing, 300 ml vegetable oil, 'Oil in the deep pan, about a third full, on high.', true",
        "oil-caution-missing, 300 ml vegetable oil, 'Oil in the deep pan, a third full, and never leave it.', false",
        "used-not-listed, 1 tin chickpeas, 'Roll the chickpeas into balls, walnut size.', false",
        "used-not-listed, 1 tin chickpeas, 'Roll the chickpeas in chopped walnuts.', true",
        "oven-kind-unstated, 1 carrot, 'Oven on, two hundred, fan one eighty. Roast the carrot.', false",
        "oven-kind-unstated, 1 carrot, 'Oven on, two hundred. Roast the carrot.', true",
        "heat-never-off, 1 carrot, 'Fry the carrot in the pan for five minutes. Oven off, and the hob.', false",
        "heat-never-off, 1 carrot, 'Fry the carrot in the pan for five minutes. Oven off.', true"
    })
    void saidInOtherWords(String check, String food, String words, boolean wrong) {
        assertThat(finds(check, "ADULTS RECORDED 30 2 UK", food, "1 fork; 1 bowl", "= HANDS_ON Then", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({"'Oven on, two hundred.', true", "'Wash your hands. Oven on, two hundred.', false"})
    void aKnobIsAHandle(String words, boolean wrong) {
        assertThat(finds(
                        "soiled-hands-go-on",
                        "ADULTS RECORDED 90 4 UK",
                        "1 whole chicken; 50 g butter",
                        "",
                        "= HANDS_ON Bird",
                        "Rub the butter all over the chicken with your hands.",
                        "= HANDS_ON Oven",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** From seven on children grate and stir; the oven is an adult's, unless one stays. */
    @ParameterizedTest
    @CsvSource({
        "AGES_7_11, 'Oven on, please, grown-ups.', 'Into the oven for twelve minutes.', true",
        "AGES_7_11, 'Grown-ups stay with them, please.', 'Into the oven for twelve minutes.', false",
        "AGES_7_11, 'Oven on, please, grown-ups.', 'Grown-ups, into the oven for twelve minutes.', false",
        "AGES_7_11, 'Oven on, please, grown-ups.', 'Grandma does it, into the oven for twelve minutes.', false",
        "AGES_11_16, 'Oven on, please, grown-ups.', 'Into the oven for twelve minutes.', false"
    })
    void theOvenIsAnAdults(String ages, String first, String then, boolean wrong) {
        assertThat(finds(
                        "task-over-age",
                        ages + " COOK_ALONG 40 6 UK",
                        "100 g cheddar",
                        "",
                        "= WELCOME Hello",
                        first,
                        "= HANDS_ON Bake",
                        then))
                .as(then)
                .isEqualTo(wrong);
    }

    /** Of what it stands in for the tables know, where the words do not say. */
    @ParameterizedTest
    @CsvSource({
        "'Fry the falafel.', 'Gluten-free lot, corn tortillas will do you.', true",
        "'Gluten-free lot, corn tortillas will do you. Warm the flatbreads.', 'Eat up.', false",
        "'Fry the falafel.', 'Corn tortillas are lovely, too.', false"
    })
    void whoHearsOfItTooLate(String before, String then, boolean wrong) {
        assertThat(finds(
                        "swap-announced-late",
                        "ADULTS DEMONSTRATION 30 4 UK",
                        "4 flatbreads; 1 tin chickpeas",
                        "",
                        "= HANDS_ON First",
                        before,
                        "= HANDS_ON Wrap",
                        "Chickpeas in the flatbread, roll it.",
                        "= TALK Then",
                        then))
                .as(then)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'You cut the strawberries in half with the table knife. Grapes can go on whole, they roll about too much.', true",
        "'You cut the strawberries in half with the table knife. Miss cuts the grapes in quarters, lengthways.', false"
    })
    void grapesOfSmallChildrenAreCut(String words, boolean wrong) {
        assertThat(finds(
                        "choking-shape",
                        "EARLY_YEARS DEMONSTRATION 15 10 UK",
                        "10 strawberries; 10 green grapes",
                        "",
                        "= HANDS_ON Yours",
                        words,
                        "= HANDS_ON Thread",
                        "Thread them on your straw: strawberry, grape, strawberry."))
                .as(words)
                .isEqualTo(wrong);
    }

    /** What a step makes goes by its title, and is cooked with it. */
    @ParameterizedTest
    @CsvSource({
        "'Mince in the dish, mash on top. In the oven for twenty-five minutes.', false",
        "'Mince in the dish. In the oven for twenty-five minutes.', true"
    })
    void whatIsMadeIsCookedByItsTitle(String words, boolean wrong) {
        assertThat(finds(
                        "no-wash-after-raw",
                        "ADULTS RECORDED 75 4 UK",
                        "500 g beef mince; 1 carrot; 40 g butter; 50 g cheddar",
                        "",
                        "= HANDS_ON Mince",
                        "Crumble the mince in the bowl with your hands.",
                        "= HANDS_ON Mash",
                        "Crumble the cheddar in with the butter.",
                        "= HANDS_ON Build",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }
}

package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Slips of the last minutes and of the sums in passing: names, leftovers, the grill, halves that are none; each beside its nearest twin. */
class SlipsInPassingTest {
    private static boolean finds(String check, String head, String foods, String tools, String... steps) {
        return WholeLessons.finds("Fish tacos", check, head, foods, tools, steps);
    }

    @ParameterizedTest
    @CsvSource({
        "runny-egg, 'If you''re pregnant a runny yolk is fine too.', true",
        "runny-egg, 'If you''re pregnant ask your midwife whether a runny yolk is fine.', false",
        "runny-egg, 'A runny yolk is fine.', false",
        "health-claim, 'It''s got fish in it so it counts as healthy.', true",
        "health-claim, 'That counts as your fish for the week.', false",
        "keeping-unsaid, 'Leftover rice, have it whenever.', true",
        "keeping-unsaid, 'Leftover rice, have it tomorrow.', false",
        "name-published, 'So Kieran, Aleesha, brilliant work tonight.', true",
        "name-published, 'So everyone, brilliant work tonight.', false"
    })
    void whatIsSaidAtTheEnd(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 4 UK",
                        "400 g cod; 2 eggs; 200 g rice",
                        "",
                        "= HANDS_ON Cook",
                        "Boil the eggs for five minutes.",
                        "= TALK Last",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** A step that only shows a copy leaves nothing to take, and holds nothing up. */
    @ParameterizedTest
    @CsvSource({
        "'Here''s one from this morning.', 'Rice in the pan.', true",
        "'Here''s one from this morning.', 'Rice and eggs in the pan.', false",
        "'Here''s one from this morning.', 'Rice in the pan, stir it all in.', false",
        "'Tomorrow morning, eggs on top.', 'Rice in the pan.', false"
    })
    void aListIsReadWhereAStepShowsACopy(String shown, String doing, boolean wrong) {
        assertThat(finds(
                        "listed-not-used",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "200 g rice; 2 eggs",
                        "",
                        "= HANDS_ON Cook",
                        doing,
                        "= HANDS_ON Show",
                        shown))
                .as(doing)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "heat-never-off, 'Bread under the grill, two minutes.', 'Cut it in half.', true",
        "heat-never-off, 'Bread under the grill, two minutes.', 'Grill off, cut it in half.', false",
        "heat-never-off, 'Bread under the grill, two minutes.', 'Cut it in half, and everything''s off.', false",
        "task-over-age, 'Bread under the grill, two minutes.', 'Cut it in half.', true",
        "task-over-age, 'A grown-up puts the bread under the grill, two minutes.', 'Cut it in half.', false",
        "uneven-share, 'Bread in the tin.', 'Cut it four one way and five the other.', true",
        "uneven-share, 'Bread in the tin.', 'Cut it four one way and four the other.', false",
        "allergen-unsaid, 'Bread in the tin.', 'Cut it.', true",
        "other-oven-unsaid, 'Bake it at one-fifty, one-thirty fan, ten minutes.', 'Cut it.', false",
        "other-oven-unsaid, 'Bake it at one-thirty fan, ten minutes.', 'Cut it.', true"
    })
    void underTheGrillAndOnTheBoard(String check, String doing, String serving, boolean wrong) {
        assertThat(finds(
                        check,
                        "AGES_7_11 COOK_ALONG 60 16 UK",
                        "4 slices bread; 40 g cheddar",
                        "",
                        "= WELCOME Hello",
                        "Hello, there is milk in the cheese.",
                        "= HANDS_ON Do",
                        doing,
                        "= PLATE Serve",
                        serving))
                .as(check + " " + doing + " " + serving)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Flour and suet, soft dough.', 'Beef in the plain flour.', false",
        "'Suet and water, soft dough.', 'Beef in the plain flour.', true",
        "'Suet and water, soft dough.', 'Beef in a pan.', true"
    })
    void whichOfTwoFloursNobodyKnows(String dough, String beef, boolean wrong) {
        assertThat(finds(
                        "listed-not-used",
                        "ADULTS COOK_ALONG 60 6 UK",
                        "1 kg stewing beef; 2 tbsp plain flour; 200 g self-raising flour; 100 g suet",
                        "",
                        "= HANDS_ON Beef",
                        beef,
                        "= HANDS_ON Dough",
                        dough))
                .as(dough + beef)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "reheated-lukewarm, 'Even better the next day. Cool it, fridge, and warm it through gently.', true",
        "reheated-lukewarm, 'Even better the next day. Cool it, fridge, and heat it till it''s piping hot.', false",
        "keeping-unsaid, 'Good for a week is that.', true",
        "keeping-unsaid, 'Good for two days is that.', false",
        "keeping-unsaid, 'They''ll keep in a tin.', true",
        "keeping-unsaid, 'They''ll keep in a tin for three days.', false",
        "left-out-too-long, 'Put your leftovers on the side till tomorrow.', true",
        "left-out-too-long, 'Put your leftovers in the fridge till tomorrow.', false"
    })
    void whatBecomesOfTheStew(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS DEMONSTRATION 60 6 UK",
                        "1 kg stewing beef; 500 ml beef stock",
                        "",
                        "= HANDS_ON Stew",
                        "Beef and stock in the oven at 150, 130 fan, two and a half hours.",
                        "= TALK Last",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** A name that people go by is one wherever it stands; what is a food, a dish or a deed as well is none. */
    @ParameterizedTest
    @CsvSource({
        "'We made this round at Zainab''s and it was gone in a minute.', true",
        "'I think that was Owen knocking, ignore him.', true",
        "'Sally Lunn buns are another thing altogether.', false",
        "'Pat it dry, mark it in squares and will it to rise.', false",
        "'Mark it in squares. Basil on top. Rosemary too.', false",
        "'Victoria sponge is next week.', false"
    })
    void whoseNameIsSaidInPassing(String words, boolean wrong) {
        assertThat(finds("name-published", "ADULTS RECORDED 60 4 UK", "400 g cod", "", "= TALK Last", words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Moira wants to know, can she use oil.', 'somebody wants to know, can she use oil.'",
        "'Well done Mavis, lovely to see you.', 'Well done, lovely to see you.'",
        "'That is it. Kieran, lovely work.', 'That is it. Lovely work.'"
    })
    void aNameIsLeftOut(String words, String left) {
        var lesson = WholeLessons.whole(
                List.of("# Fish tacos", "for ADULTS RECORDED 60 4 UK", "food 400 g cod", "= TALK Last", words));
        var finding = lesson.outcome().report().open().stream()
                .filter(f -> f.check().equals("name-published"))
                .findFirst()
                .orElseThrow();
        var mended = finding.mends().getFirst().change().apply(lesson.question().lesson());
        assertThat(mended.steps().getFirst().say()).isEqualTo(left);
    }

    /** What is left of it is not half, whatever the words say. */
    @ParameterizedTest
    @CsvSource({
        "'Sixty grams of the walnuts, chopped.', 'The other half of the walnuts on top.', true",
        "'Fifty grams of the walnuts, chopped.', 'The other half of the walnuts on top.', false",
        "'Half the walnuts, chopped.', 'The other half of the walnuts on top.', false",
        "'Sixty grams of the walnuts, chopped.', 'The rest of the walnuts on top.', false",
        "'Some of the walnuts, chopped.', 'The other half of the walnuts on top.', false"
    })
    void theOtherHalfIsHalf(String first, String second, boolean wrong) {
        assertThat(finds(
                        "share-wrong",
                        "ADULTS RECORDED 60 12 UK",
                        "100 g walnuts; 200 g flour",
                        "",
                        "= HANDS_ON First",
                        first,
                        "= PLATE Second",
                        second))
                .as(first + second)
                .isEqualTo(wrong);
    }

    /** A swap takes one food out; what else has the allergen stays in. */
    @ParameterizedTest
    @CsvSource({
        "'You can make this dairy free by using oil in place of the butter.', true",
        "'You can make this dairy free by using oil in place of the butter and leaving out the cream.', false",
        "'You can make this nut free by leaving out the walnuts.', false",
        "'You can make this egg free.', false"
    })
    void oneSwapDoesNotMakeItFree(String words, boolean wrong) {
        assertThat(finds(
                        "free-from-claimed",
                        "ADULTS RECORDED 60 12 UK",
                        "100 g walnuts; 200 g flour; 50 g butter; 100 ml double cream",
                        "",
                        "= TALK First",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "prework-unlisted, '8 wooden skewers; 1 oven gloves', 'Thread the chicken on the skewers.', 'Under the grill, ten minutes.', true",
        "prework-unlisted, '8 metal skewers; 1 oven gloves', 'Thread the chicken on the skewers.', 'Under the grill, ten minutes.', false",
        "prework-unlisted, '8 wooden skewers; 1 oven gloves', 'Thread the chicken on your soaked skewers.', 'Under the grill, ten minutes.', false",
        "prework-unlisted, '8 wooden skewers; 1 oven gloves', 'Thread the chicken on the skewers.', 'Into the fridge, ten minutes.', false",
        "tool-not-listed, '1 baking tray', 'Chicken on the tray.', 'Under the grill, ten minutes.', true",
        "tool-not-listed, '1 baking tray; 1 oven gloves', 'Chicken on the tray.', 'Under the grill, ten minutes.', false"
    })
    void underTheGrill(String check, String tools, String before, String under, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 4 UK",
                        "400 g chicken thighs",
                        tools,
                        "= HANDS_ON First",
                        before,
                        "= HANDS_ON Then",
                        under))
                .as(before + " " + under)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "keeping-unsaid, 'Cold pork keeps for a week in the fridge.', true",
        "keeping-unsaid, 'Cold pork keeps for two days in the fridge.', false",
        "keeping-unsaid, 'Honey keeps for a week in the fridge.', false",
        "yield-wrong, 'Cool in the tin, then cut into sixteen.', true",
        "yield-wrong, 'Cool in the tin, then cut into twelve.', false"
    })
    void atTheEndOfTwelveSquares(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 12 UK",
                        "1 kg pork loin joint; 2 tbsp honey",
                        "",
                        "= WELCOME Hello",
                        "Hello, twelve little squares today.",
                        "= HANDS_ON Last",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** "Eggs over" is poured from the bowl they were beaten in; "crack the eggs over" is not. */
    @ParameterizedTest
    @CsvSource({"'Eggs over, crumble the feta on top.', false", "'Crack the eggs over, crumble the feta on top.', true"
    })
    void whatIsPouredLeavesHandsAsTheyWere(String words, boolean wrong) {
        assertThat(finds(
                        "no-wash-after-raw",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "4 eggs; 100 g feta; 1 lettuce",
                        "",
                        "= HANDS_ON Eggs",
                        "Beat the eggs in the bowl. Wash your hands, raw egg.",
                        "= HANDS_ON Fill",
                        words,
                        "= HANDS_ON Salad",
                        "Tear the lettuce into the salad bowl."))
                .as(words)
                .isEqualTo(wrong);
    }

    @ParameterizedTest
    @CsvSource({
        "'Put what is left in your lunch box tomorrow with an ice pack.', false",
        "'Don''t use the blender for this.', false",
        "'My gran always used a mandoline.', false",
        "'Put what is left in your lunch box.', true",
        "'Use the blender for this.', true"
    })
    void toolsOfAnotherDayAreNotNeeded(String words, boolean needed) {
        assertThat(finds(
                        "tool-not-listed",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "1 lettuce",
                        "1 bowl",
                        "= HANDS_ON Salad",
                        words))
                .as(words)
                .isEqualTo(needed);
    }

    @ParameterizedTest
    @CsvSource({
        "free-from-claimed, 'This one''s dairy free because we''re using oat milk.', true",
        "free-from-claimed, 'This one has oat milk in it: check the label.', false",
        "diet-claim-wrong, 'Fish stew, vegetarian and ready in half an hour.', true",
        "diet-claim-wrong, 'Fish stew, easy and ready in half an hour.', false",
        "used-not-listed, 'Mince the garlic.', false",
        "used-not-listed, 'Brown the mince.', true",
        "wait-unsaid, 'Wine in, let it bubble away.', false",
        "wait-unsaid, 'Stock in, let it bubble away.', true",
        "yield-wrong, 'Shape six burgers.', true",
        "yield-wrong, 'Shape eight burgers.', false"
    })
    void whatIsSaidOfTheDish(String check, String words, boolean wrong) {
        assertThat(finds(
                        check,
                        "ADULTS COOK_ALONG 60 8 UK",
                        "400 g cod; 3 cloves garlic; 200 ml white wine; 500 ml stock",
                        "",
                        "= WELCOME Hello",
                        "Hello, eight burgers today.",
                        "= HANDS_ON Cook",
                        words))
                .as(words)
                .isEqualTo(wrong);
    }

    /** Said once of draining, it holds. */
    @ParameterizedTest
    @CsvSource({"'Drain them, away from your face.', false", "'Drain them.', true"})
    void theSteamIsSpokenOfOnce(String first, boolean wrong) {
        assertThat(finds(
                        "steam-caution-missing",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "500 g potatoes; 300 g frozen peas",
                        "1 pan; 1 colander",
                        "= HANDS_ON Potatoes",
                        "Boil the potatoes for fifteen minutes. " + first,
                        "= HANDS_ON Peas",
                        "Boil the peas in the pan for three minutes, drain the peas."))
                .as(first)
                .isEqualTo(wrong);
    }

    /** A cube is half salt: for a baby one among four is more than half a day's. */
    @ParameterizedTest
    @CsvSource({"1 fish stock cube, true", "1 bay leaf, false"})
    void aStockCubeIsSalt(String more, boolean much) {
        assertThat(finds(
                        "salt-over-limit",
                        "ADULTS COOK_ALONG 60 4 UK",
                        "300 g cod fillet; 200 ml milk; " + more,
                        "",
                        "homes 30 0",
                        "= HANDS_ON Fish",
                        "Simmer the cod in the milk for six minutes."))
                .as(more)
                .isEqualTo(much);
    }
}

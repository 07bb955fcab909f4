package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Ratio;

/**
 * Household densities (g/ml) and piece weights (g) against the ranges of their sources: USDA FoodData Central, household measures, a cup of
 * 236.6 ml; a class a line. A figure outside its range is a slip of the table.
 */
class DensityRangesTest {
    private final Knowledge table = Knowledge.shipped();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "flours | plain-flour self-raising-flour strong-flour wholemeal-flour spelt-flour rye-flour | | 0.42 | 0.60",
                "starches | cornflour arrowroot tapioca-flour | | 0.48 | 0.60",
                "cocoa | cocoa | | 0.32 | 0.42",
                "sugar | sugar caster-sugar demerara | | 0.80 | 0.90",
                "icing sugar | icing-sugar | | 0.42 | 0.56",
                "brown sugar, packed | brown-sugar dark-sugar | packed | 0.90 | 0.98",
                "brown sugar, loose | brown-sugar dark-sugar | | 0.60 | 0.82",
                "syrups | honey maple-syrup golden-syrup treacle agave | | 1.30 | 1.45",
                "oils | olive-oil sunflower-oil sesame-oil peanut-oil coconut-oil walnut-oil | | 0.90 | 0.94",
                "hard fat | butter margarine vegan-spread lard | | 0.88 | 0.97",
                "milks and creams | milk oat-drink soya-drink single-cream double-cream buttermilk kefir | | 0.97 | 1.05",
                "yoghurt | yoghurt soya-yoghurt coconut-yoghurt quark | | 0.97 | 1.06",
                "grated hard cheese | cheddar gruyere gouda | grated | 0.40 | 0.50",
                "grated parmesan | parmesan pecorino parmesan-style | grated | 0.38 | 0.48",
                "crumbled cheese | feta goats-cheese blue-cheese | crumbled | 0.42 | 0.68",
                "rice | rice basmati brown-rice risotto-rice | | 0.75 | 0.88",
                "oats | oats | | 0.34 | 0.42",
                "breadcrumbs, dry | breadcrumbs | | 0.38 | 0.48",
                "breadcrumbs, fresh | fresh-breadcrumbs | | 0.15 | 0.25",
                "drained pulses | chickpeas kidney-beans black-beans cannellini butter-beans | drained | 0.62 | 0.80",
                "chopped onion | onion red-onion | chopped | 0.60 | 0.72",
                "chopped chocolate | dark-chocolate milk-chocolate white-chocolate | chopped | 0.65 | 0.78",
                "melted chocolate | dark-chocolate | melted | 1.10 | 1.25",
                "ground almonds | ground-almonds almond-flour | | 0.36 | 0.45",
                "fine salt | salt | | 1.15 | 1.30",
                "coarse salt | flaky-salt | | 0.50 | 0.75",
                "leaves, dried | dried-oregano dried-thyme dried-basil mixed-herbs dried-parsley dried-mint | | 0.08 | 0.25",
                "dried chives | dried-chives | | 0.03 | 0.06",
                "fresh ginger, grated | ginger | grated | 0.35 | 0.45"
            })
    void eachClassIsInItsRange(String what, String ids, String form, String low, String high) {
        for (var id : ids.strip().split(" "))
            assertThat(table.food(id)
                            .orElseThrow(() -> new AssertionError(id))
                            .densityIn(form == null ? "" : form.strip()))
                    .as(what + ": " + id)
                    .hasValueSatisfying(d ->
                            assertThat(d).isBetween(Ratio.parseDecimal(low.strip()), Ratio.parseDecimal(high.strip())));
    }

    @ParameterizedTest
    @CsvSource({
        "walnut, 2, 4",
        "dried-fig, 7, 10",
        "date, 20, 26",
        "radish, 4, 6",
        "egg, 48, 58",
        "onion, 110, 160",
        "garlic, 3, 6",
        "lemon, 80, 120",
        "lime, 60, 75",
        "carrot, 60, 90",
        "main-potato, 150, 210",
        "new-potato, 30, 50",
        "apple, 150, 200",
        "banana, 100, 130",
        "tomato, 100, 130",
        "celery, 35, 60",
        "chicken-breast, 140, 200",
        "bread, 30, 45"
    })
    void eachPieceIsInItsRange(String id, String low, String high) {
        assertThat(table.food(id).orElseThrow().piece())
                .as(id)
                .isBetween(Ratio.parseDecimal(low), Ratio.parseDecimal(high));
    }
}

package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.swap.Swaps;

/**
 * The table against the lists of Regulation (EU) No 1169/2011, annex II, and of the US Food Allergen Labeling and Consumer Protection Act:
 * one case a class. What is not declared of a compound food is on its label.
 */
class AllergenAuditTest {
    private final Knowledge table = Knowledge.shipped();

    private Food food(String id) {
        return table.food(id.strip()).orElseThrow(() -> new AssertionError(id));
    }

    /** Each of these declares it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "WHEAT|plain-flour self-raising-flour strong-flour wholemeal-flour spelt-flour semolina couscous bulgur freekeh dried-pasta spaghetti linguine tagliatelle orzo lasagne-sheet fresh-pasta gnocchi egg-noodle wholewheat-noodle instant-noodle udon bread wholemeal-bread baguette ciabatta bagel burger-bun brioche naan pitta tortilla flatbread chapati croissant filo puff-pastry shortcrust breadcrumbs fresh-breadcrumbs panko digestive cracker seitan suet vegetable-suet soy-sauce hoisin oyster-sauce teriyaki fish-fingers crab-stick pizza-base pizza-dough stuffing-mix gravy sausagemeat wonton-wrapper",
                "GLUTEN|rye-flour pearl-barley oats oat-drink malt-vinegar beer stout yeast-extract rye-bread oatcake worcestershire cornflakes black-pudding",
                "CRUSTACEANS|prawn cooked-prawn frozen-prawn crab lobster langoustine crayfish crab-stick thai-curry-paste",
                "EGGS|egg egg-white egg-yolk mayonnaise salad-cream meringue-nest egg-noodle egg-fried-rice lemon-curd lasagne-sheet brioche tartare-sauce hollandaise sponge-finger royal-icing crab-stick mycoprotein",
                "FISH|white-fish salmon trout mackerel anchovy tinned-tuna smoked-salmon fish-sauce worcestershire fish-stock fish-stock-cube crab-stick fish-fingers dashi bonito fish-roe salad-dressing",
                "PEANUTS|peanut peanut-butter mixed-nuts",
                "SOYA|tofu silken-tofu smoked-tofu tempeh soya-drink soya-yoghurt soya-cream soy-sauce tamari miso edamame soya-beans tvp black-bean-sauce",
                "MILK|milk butter ghee double-cream single-cream yoghurt soured-cream creme-fraiche buttermilk kefir cheddar parmesan mozzarella feta gruyere brie gouda pecorino quark paneer halloumi condensed-milk custard ice-cream milk-chocolate white-chocolate lemon-curd naan croissant garlic-bread pesto dulce-de-leche",
                "NUTS|almond walnut hazelnut cashew pecan pistachio brazil-nut macadamia ground-almonds almond-flour almond-butter cashew-butter almond-drink cashew-cream marzipan pine-nut chocolate-spread amaretti dukkah walnut-oil almond-extract",
                "CELERY|celery celeriac celery-salt celery-seed vegetable-stock-cube chicken-stock-cube beef-stock-cube stock-powder vegetable-stock yeast-extract",
                "MUSTARD|mustard mustard-powder mustard-seed dijon wholegrain-mustard english-mustard american-mustard honey-mustard mayonnaise salad-cream wasabi",
                "SESAME|sesame-seeds sesame-oil tahini hummus zaatar dukkah mixed-seeds",
                "SULPHITES|white-wine red-wine cider sherry port marsala prosecco dried-apricot wine-vinegar red-wine-vinegar balsamic pickled-onion",
                "LUPIN|lupin-flour",
                "MOLLUSCS|mussel clam oyster squid octopus scallop oyster-sauce"
            })
    void eachOfTheseDeclaresIt(Allergen allergen, String ids) {
        for (var id : ids.split(" ")) assertThat(food(id).allergens()).as(id).contains(allergen);
    }

    /** What is easily over-declared is not: the label says it where it is so. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SULPHITES|raisin sultana currant dried-fig prune dried-cranberry desiccated-coconut",
                "NUTS|nutmeg coconut-milk coconut-oil desiccated-coconut chestnut water-chestnut butter-beans",
                "GLUTEN|buckwheat-flour rice quinoa polenta gram-flour gluten-free-flour glass-noodle rice-noodle tamari millet",
                "MILK|coconut-milk cocoa-butter peanut-butter almond-butter oat-drink vegan-spread vegan-cheese cream-of-tartar",
                "EGGS|aubergine vegan-mayonnaise egg-replacer"
            })
    void noneOfTheseDeclaresIt(Allergen allergen, String ids) {
        for (var id : ids.split(" ")) assertThat(food(id).allergens()).as(id).doesNotContain(allergen);
    }

    @Test
    void groupsThatAreAnAllergenDeclareOne() {
        var fishy = Set.of(Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS);
        for (var food : table.foods()) {
            if (food.group() == Group.FISH)
                assertThat(food.allergens()).as(food.id()).containsAnyElementsOf(fishy);
            if (food.group() == Group.EGG)
                assertThat(food.allergens()).as(food.id()).contains(Allergen.EGGS);
            if (food.allergens().contains(Allergen.WHEAT))
                assertThat(food.allergens()).as(food.id()).contains(Allergen.GLUTEN);
            boolean animal = food.allergens().stream().anyMatch(Set.of(Allergen.MILK, Allergen.EGGS)::contains);
            if (animal) assertThat(food.diet()).as(food.id()).isNotEqualTo(Diet.VEGAN);
        }
    }

    /** A food made of several says "check the label": nobody knows every make. */
    @Test
    void compoundFoodsAskForTheLabel() {
        var compound = Set.of(Group.SAUCE, Group.BAKERY);
        var known = Set.of("fish-sauce", "tamarind", "capers", "dripping");
        var silent = table.foods().stream()
                .filter(f -> compound.contains(f.group()) && !f.checkLabel() && !known.contains(f.id()))
                .map(Food::id)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(silent).isEmpty();
        assertThat(food("stock-cube").contains()).as("of unknown make").isEqualTo("check the label");
        assertThat(food("vegetable-stock-cube").suits(Diet.VEGETARIAN)).isTrue();
        assertThat(food("parmesan").suits(Diet.VEGETARIAN)).isFalse();
        assertThat(food("parmesan-style").suits(Diet.VEGETARIAN)).isTrue();
    }

    /** {@code docs/food-table.md} lists each class as the table has it. */
    @Test
    void theDocumentIsTheTable() throws IOException {
        var document = Files.readString(Path.of("../docs/food-table.md"));
        for (var allergen : Allergen.values()) {
            var declared = table.foods().stream()
                    .filter(f -> f.allergens().contains(allergen))
                    .map(Food::id)
                    .sorted()
                    .collect(Collectors.joining(" "));
            assertThat(document).contains("| " + declared + " |");
        }
    }

    /** Something stands in, or it is said that nothing does: at least 85 of a hundred foods. */
    @Test
    void mostFoodsHaveAnAnswer() {
        var none = table.foods().stream()
                .filter(f -> !Swaps.knows(f.id()))
                .map(Food::id)
                .toList();
        assertThat(none.size() * 100)
                .as(none.toString())
                .isLessThanOrEqualTo(15 * table.foods().size());
    }

    /** Before any food a word that makes another food of it: an entry of its own, or a doubt, never the bare food. */
    @Test
    void aQualifierNeverMatchesTheBareFood() {
        for (var food : table.foods()) {
            for (var name : food.names()) {
                for (var qualifier : QUALIFIERS) {
                    var item = qualifier + " " + name;
                    var match =
                            table.match(item, null, "", MeasureSystem.METRIC).food();
                    match.ifPresent(m -> assertThat(m.names().stream().anyMatch(n -> saysAll(n, qualifier))
                                    || m.usNames().stream().anyMatch(n -> saysAll(n, qualifier)))
                            .as(item + " is taken for " + m.id())
                            .isTrue());
                }
            }
        }
    }

    private static final String[] QUALIFIERS = {
        "vegan",
        "vegetarian",
        "plant-based",
        "soya",
        "mock",
        "meatless",
        "dairy-free",
        "gluten-free",
        "egg-free",
        "almond",
        "coconut",
        "lemon",
        "garlic",
        "smoked",
        "dried",
        "frozen",
        "pickled",
        "candied",
        "tinned",
        "fried",
        "roasted",
        "powdered",
        "chocolate"
    };

    private static boolean saysAll(String name, String qualifier) {
        return Arrays.asList(name.toLowerCase().split("[ -]+")).containsAll(Arrays.asList(qualifier.split("[ -]+")));
    }
}

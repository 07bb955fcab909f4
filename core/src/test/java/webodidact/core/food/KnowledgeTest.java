package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;
import webodidact.core.swap.Swaps;
import webodidact.core.words.Word;

class KnowledgeTest {
    private final Knowledge table = Knowledge.shipped();

    @Test
    void isLargeEnough() {
        assertThat(table.foods()).hasSizeGreaterThanOrEqualTo(600);
        assertThat(table.tools()).hasSizeGreaterThanOrEqualTo(140);
        assertThat(Swaps.rules().values().stream().mapToInt(List::size).sum()).isGreaterThanOrEqualTo(250);
    }

    @Test
    void densitiesArePhysicalAndEveryFigureHasASource() {
        for (var food : table.foods()) {
            assertThat(food.source()).as(food.id()).isIn("usda", "kitchen", "definition");
            food.density()
                    .forEach((form, d) ->
                            assertThat(d).as(food.id() + " " + form).isBetween(Ratio.of(1, 50), Ratio.of(3, 2)));
            if (food.piece() != null) assertThat(food.piece()).as(food.id()).isBetween(Ratio.of(1, 10), Ratio.of(2000));
        }
    }

    @Test
    void noNameBelongsToTwoFoodsInOneRegion() {
        for (var region : List.of("uk", "us", "au")) {
            var owner = new HashMap<String, String>();
            for (var food : table.foods()) {
                var names = new ArrayList<>(food.names());
                if (region.equals("us")) names.addAll(food.usNames());
                if (region.equals("au")) names.addAll(food.auNames());
                for (var name : names) {
                    var stems = String.join(
                            " ", Word.of(name).stream().map(Word::stem).toList());
                    var other = owner.put(stems, food.id());
                    assertThat(other).as("'" + name + "' in " + region).isIn(null, food.id());
                }
            }
        }
    }

    @Test
    void everyReferenceResolves() {
        for (var tool : table.tools()) {
            for (var instead : tool.instead())
                assertThat(table.tool(instead.tool()))
                        .as(tool.id() + " → " + instead.tool())
                        .isPresent();
        }
        Swaps.rules().forEach((food, rules) -> {
            assertThat(table.food(food)).as(food).isPresent();
            for (var rule : rules) {
                if (rule.standIn().isEmpty()) assertThat(rule.change()).as(food).isNotBlank();
                else
                    assertThat(table.food(rule.standIn()))
                            .as(food + " → " + rule.standIn())
                            .isPresent();
                for (var tool : rule.tools())
                    assertThat(table.tool(tool)).as(tool).isPresent();
            }
        });
    }

    @Test
    void animalFoodsAreNeverCalledVegan() {
        var animal = Set.of(Allergen.MILK, Allergen.EGGS, Allergen.FISH);
        for (var food : table.foods()) {
            if (food.allergens().stream().anyMatch(animal::contains))
                assertThat(food.diet()).as(food.id()).isNotEqualTo(Diet.VEGAN);
            if (food.group() == Group.MEAT || food.group() == Group.FISH)
                assertThat(food.diet()).as(food.id()).isEqualTo(Diet.NONE);
        }
    }

    @Test
    void everyNameFindsItsFood() {
        assertThat(table.foodNamed("zucchini").orElseThrow().id()).isEqualTo("courgette");
        assertThat(table.foodNamed("skinless white fish fillets").orElseThrow().id())
                .isEqualTo("white-fish");
        assertThat(table.toolsImpliedBy("Grate the cheese").getFirst().id()).isEqualTo("grater");
        assertThat(table.food(null)).isEmpty();
        assertThat(table.food("stock-cube").orElseThrow().contains()).isEqualTo("check the label");
        assertThat(table.food("cheddar").orElseThrow().densityIn("finely grated"))
                .contains(Ratio.parseDecimal("0.45"));
        assertThat(table.food("new-potato").orElseThrow().densityIn("")).isEmpty();
    }

    @Test
    void factsSpeakOfKnownFoodsAndGroupsAndAreSensible() {
        var groups = new HashSet<String>();
        table.foods().forEach(f -> groups.add(f.group().code()));
        for (var who : new FactTable().subjects()) {
            if (who.startsWith("group:")) assertThat(groups).contains(who.substring(6));
            else assertThat(table.food(who)).as(who).isPresent();
        }
        for (var food : table.foods()) {
            var facts = food.facts();
            if (facts.salt() != null) assertThat(facts.salt()).as(food.id()).isBetween(Ratio.ZERO, Ratio.of(100));
            assertThat(facts.before()).allSatisfy(b -> assertThat(b.seconds()).isBetween(60, 48 * 3600));
            assertThat(facts.cannot()).allSatisfy(c -> assertThat(c.because()).isNotBlank());
            assertThat(facts.packs())
                    .allSatisfy(p -> assertThat(p.holds().low()).isGreaterThan(Ratio.ZERO));
        }
        assertThat(table.food("feta").orElseThrow().facts().keeps().time()).isEqualTo(5);
        assertThat(table.food("mozzarella").orElseThrow().facts().keeps().time())
                .isEqualTo(3);
        assertThat(table.tool("lid")
                        .orElseThrow()
                        .instead()
                        .getFirst()
                        .cannot()
                        .getFirst()
                        .verbs())
                .contains("shake");
    }

    @Test
    void aCourseAddsAndChangesFoods() {
        var own = List.of(
                new OwnFood(
                        "samphire-salt",
                        List.of("samphire salt"),
                        Shelf.SPICE,
                        null,
                        null,
                        Set.of(),
                        false,
                        null,
                        Diet.VEGAN,
                        Ratio.of(80)),
                new OwnFood(
                        "yoghurt",
                        null,
                        null,
                        Map.of("", Ratio.parseDecimal("1.1")),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null),
                new OwnFood("marsh-honey", List.of("honey"), null, null, null, null, null, null, null, null));
        var known = Knowledge.of(own);
        assertThat(known.foodNamed("fine samphire salt").orElseThrow().shelf()).isEqualTo(Shelf.SPICE);
        assertThat(known.food("yoghurt").orElseThrow().densityIn("")).contains(Ratio.parseDecimal("1.1"));
        assertThat(known.food("yoghurt").orElseThrow().allergens()).containsExactly(Allergen.MILK);
        assertThat(known.foodNamed("honey").orElseThrow().id())
                .as("the course's own name wins")
                .isEqualTo("marsh-honey");
        assertThat(known.food("marsh-honey").orElseThrow().checkLabel())
                .as("nobody has stated its allergens")
                .isTrue();
        assertThat(table.foodNamed("samphire salt").map(Food::id)).isNotEqualTo(Optional.of("samphire-salt"));
        assertThat(Knowledge.of(List.of())).isSameAs(table);
        Assertions.assertThatThrownBy(
                        () -> new OwnFood("x", null, null, Map.of("", Ratio.of(9)), null, null, null, null, null, null))
                .hasMessage("Density '9' of 'x': expected 0.05 to 3 g in a millilitre");
    }
}

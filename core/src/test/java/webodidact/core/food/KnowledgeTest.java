package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;
import webodidact.core.swap.Swaps;
import webodidact.core.words.Word;

class KnowledgeTest {
    private final Knowledge table = Knowledge.shipped();

    @Test
    void isLargeEnough() {
        assertThat(table.foods()).hasSizeGreaterThanOrEqualTo(300);
        assertThat(table.tools()).hasSizeGreaterThanOrEqualTo(90);
        assertThat(Swaps.rules().values().stream().mapToInt(List::size).sum()).isGreaterThanOrEqualTo(250);
    }

    @Test
    void densitiesArePhysicalAndEveryFigureHasASource() {
        for (var food : table.foods()) {
            assertThat(food.source()).as(food.id()).isIn("usda", "kitchen", "definition");
            food.density().forEach((form, d) -> assertThat(d).as(food.id() + " " + form).isBetween(Ratio.of(1, 50), Ratio.of(3, 2)));
            if (food.piece() != null) assertThat(food.piece()).as(food.id()).isBetween(Ratio.of(1, 10), Ratio.of(2000));
            assertThat(food.diet()).as(food.id()).isIn("vegan", "vegetarian", "none");
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
                    var stems = String.join(" ", Word.of(name).stream().map(Word::stem).toList());
                    var other = owner.put(stems, food.id());
                    assertThat(other).as("'" + name + "' in " + region).isIn(null, food.id());
                }
            }
        }
    }

    @Test
    void everyReferenceResolves() {
        for (var tool : table.tools()) {
            assertThat(tool.hazard()).as(tool.id()).isIn("", "blade", "heat", "glass", "electrical");
            for (var instead : tool.instead()) assertThat(table.tool(instead.tool())).as(tool.id() + " → " + instead.tool()).isPresent();
        }
        Swaps.rules().forEach((food, rules) -> {
            assertThat(table.food(food)).as(food).isPresent();
            for (var rule : rules) assertThat(table.food(rule.standIn())).as(food + " → " + rule.standIn()).isPresent();
        });
    }

    @Test
    void animalFoodsAreNeverCalledVegan() {
        var animal = Set.of(Allergen.MILK, Allergen.EGGS, Allergen.FISH);
        for (var food : table.foods()) {
            if (food.allergens().stream().anyMatch(animal::contains)) assertThat(food.diet()).as(food.id()).isNotEqualTo("vegan");
            if (food.group().equals("meat") || food.group().equals("fish")) assertThat(food.diet()).as(food.id()).isEqualTo("none");
        }
    }

    @Test
    void everyNameFindsItsFood() {
        assertThat(table.foodNamed("zucchini").orElseThrow().id()).isEqualTo("courgette");
        assertThat(table.foodNamed("skinless white fish fillets").orElseThrow().id()).isEqualTo("white-fish");
        assertThat(table.toolsImpliedBy("Grate the cheese").getFirst().id()).isEqualTo("grater");
        assertThat(table.food(null)).isEmpty();
        assertThat(table.food("stock-cube").orElseThrow().contains()).isEqualTo("check the label");
        assertThat(table.food("cheddar").orElseThrow().densityIn("finely grated")).contains(Ratio.parseDecimal("0.45"));
        assertThat(table.food("new-potato").orElseThrow().densityIn("")).isEmpty();
    }
}

package webodidact.core.swap;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.homes.Coverage;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;

class SwapsTest {
    private final FoodLine yoghurt = food("f1", "yoghurt", "300 g");
    private final Lesson lesson = of(List.of(yoghurt), using(hands("a", 60), "f1")).but(d -> d.homeOf = 2);

    private static Household home(String alias, String diet, String allergy, String missing) {
        return new Household(alias, MeasureSystem.METRIC, set(diet), set(allergy), Set.of(), set(missing), List.of(), true, true, true, true);
    }

    private static Set<String> set(String one) {
        return one.isEmpty() ? Set.of() : Set.of(one);
    }

    private List<Offer> offers(Household... homes) {
        return new Swaps(Knowledge.shipped()).offers(lesson, yoghurt, List.of(homes), MeasureSystem.METRIC);
    }

    @Test
    void offersAreWorkedOutForTheAmountsOfOneHome() {
        var cream = offers().stream().filter(o -> o.title().equals("soured cream")).findFirst().orElseThrow();
        assertThat(cream.amount()).isEqualTo("130 g");
        assertThat(cream.rule().needs()).isEqualTo("1 tbsp water");
        assertThat(cream.added()).isEmpty();
        var soya = offers().stream().filter(o -> o.title().equals("soya yoghurt")).findFirst().orElseThrow();
        assertThat(soya.added()).containsExactly(Allergen.SOYA);
        assertThat(soya.removed()).containsExactly(Allergen.MILK);
    }

    @Test
    void anAllergyOfOneHomeRefusesAnOfferWithTheReason() {
        var refused = offers(home("A", "", "nuts", "")).stream().filter(Offer::isRefused).toList();
        assertThat(refused).extracting(Offer::title).containsExactly("cashew cream");
        assertThat(refused.getFirst().refused()).isEqualTo("One home lists tree nuts as an allergy.");
        assertThat(offers(home("A", "", "nuts", ""))).last().satisfies(o -> assertThat(o.isRefused()).isTrue());
    }

    @Test
    void offersThatCoverMoreHomesComeFirst() {
        var first = offers(home("A", "vegan", "", ""), home("B", "", "milk", ""), home("C", "", "", "yoghurt")).getFirst();
        assertThat(first.title()).isEqualTo("soya yoghurt");
        assertThat(first.covers()).containsExactly("A", "B", "C");
    }

    @Test
    void leavingItOutIsAnOfferWithItsConsequence() {
        assertThat(offers().stream().filter(Offer::isLeaveOut).findFirst().orElseThrow().rule().change()).startsWith("Step 1 goes without it");
    }

    @Test
    void coverageSaysWhoHasSwapsOrIsBlocked() {
        var fish = food("f1", "white-fish", "2 piece");
        var dish = of(List.of(fish), using(hands("a", 60), "f1"));
        var homes = List.of(home("A", "", "", ""), home("B", "vegan", "", ""), home("C", "vegan", "soya", ""));
        var coverage = Coverage.of(dish, fish, homes, Knowledge.shipped(), MeasureSystem.METRIC);
        assertThat(coverage.homes()).extracting(Coverage.Home::stand).containsExactly(Coverage.Stand.HAS, Coverage.Stand.BLOCKED, Coverage.Stand.BLOCKED);
        var without = Coverage.of(dish, fish, homes.subList(0, 2), Knowledge.shipped(), MeasureSystem.METRIC);
        assertThat(without.homes().get(1).with()).isEqualTo("firm tofu");
    }

    @Test
    void rawFoodDoesNotReplaceReadyFood() {
        for (var rules : Swaps.rules().values()) {
            for (var rule : rules) {
                var from = Knowledge.shipped().food(rule.food()).orElseThrow();
                var to = Knowledge.shipped().food(rule.standIn()).orElseThrow();
                assertThat(to.risk().soilsHands() && !from.risk().soilsHands()).as(rule.food() + " → " + rule.standIn()).isFalse();
            }
        }
    }
}

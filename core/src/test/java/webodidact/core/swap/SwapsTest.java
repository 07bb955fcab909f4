package webodidact.core.swap;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.at;
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
import webodidact.core.lesson.Place;

class SwapsTest {
    private final FoodLine yoghurt = food("f1", "yoghurt", "300 g");
    private final Lesson lesson =
            of(List.of(yoghurt), using(hands("a", 60), "f1")).but(d -> d.homeOf = 2);

    private static Household home(String alias, String diet, String allergy, String missing) {
        return new Household(
                alias,
                MeasureSystem.METRIC,
                set(diet),
                allergy.isEmpty() ? Set.of() : Set.of(Allergen.parse(allergy)),
                Set.of(),
                set(missing),
                List.of(),
                true,
                true,
                true,
                true,
                null);
    }

    private static Set<String> set(String one) {
        return one.isEmpty() ? Set.of() : Set.of(one);
    }

    private List<Offer> offers(Household... homes) {
        return new Swaps(Knowledge.shipped(), COURSE).offers(lesson, yoghurt, List.of(homes));
    }

    private static Offer named(List<Offer> offers, String title) {
        return offers.stream().filter(o -> o.title().equals(title)).findFirst().orElseThrow();
    }

    @Test
    void offersAreWorkedOutForTheAmountsOfOneHome() {
        var cream = named(offers(), "soured cream");
        assertThat(cream.amount()).isEqualTo("130 g");
        assertThat(cream.addedText()).isEqualTo("1 tbsp water");
        assertThat(cream.allergensAdded()).isEmpty();
        var soya = named(offers(), "soya yoghurt");
        assertThat(soya.allergensAdded()).containsExactly(Allergen.SOYA);
        assertThat(soya.allergensRemoved()).containsExactly(Allergen.MILK);
    }

    @Test
    void whatIsAddedScalesWithTheAmount() {
        var twice = lesson.but(d -> d.homeOf = 4);
        var offer = named(new Swaps(Knowledge.shipped(), COURSE).offers(twice, yoghurt, List.of()), "soured cream");
        assertThat(offer.amount()).isEqualTo("260 g");
        assertThat(offer.addedText()).isEqualTo("2 tbsp water");
        assertThat(offer.added())
                .singleElement()
                .satisfies(l -> assertThat(l.because()).isEqualTo("f1"));
    }

    @Test
    void whatOneHomeMustNotHaveIsStillOfferedToTheOthers() {
        var homes = new Household[] {home("A", "", "nuts", "yoghurt"), home("B", "", "milk", "")};
        var cashew = named(offers(homes), "cashew cream");
        assertThat(cashew.isRefused()).isFalse();
        assertThat(cashew.covers()).containsExactly("B");
        assertThat(cashew.of(KnockOn.Kind.SAFETY)).contains("Not for one home that must not have tree nuts.");
        assertThat(cashew.helps(homes[0], Knowledge.shipped())).isFalse();
        assertThat(cashew.helps(homes[1], Knowledge.shipped())).isTrue();
    }

    @Test
    void offersThatCoverMoreHomesComeFirst() {
        var first = offers(home("A", "vegan", "", ""), home("B", "", "milk", ""), home("C", "", "", "yoghurt"))
                .getFirst();
        assertThat(first.title()).isEqualTo("soya yoghurt");
        assertThat(first.covers()).containsExactly("A", "B", "C");
    }

    @Test
    void leavingItOutIsAnOfferWithItsConsequence() {
        assertThat(offers().stream()
                        .filter(Offer::isLeaveOut)
                        .findFirst()
                        .orElseThrow()
                        .rule()
                        .change())
                .startsWith("Step 1 goes without it");
    }

    @Test
    void coverageSaysWhoHasSwapsOrIsBlocked() {
        var fish = food("f1", "white-fish", "2 piece");
        var dish = of(List.of(fish), at(using(hands("a", 60), "f1"), Place.OVEN));
        var homes = List.of(home("A", "", "", ""), home("B", "vegan", "", ""), home("C", "vegan", "soya", ""));
        var coverage = Coverage.of(dish, fish, homes, Knowledge.shipped(), COURSE);
        assertThat(coverage.homes())
                .extracting(Coverage.Home::stand)
                .as("what C must not have is no reason to keep it from B")
                .containsExactly(Coverage.Stand.HAS, Coverage.Stand.SWAPS, Coverage.Stand.BLOCKED);
        var without = Coverage.of(dish, fish, homes.subList(0, 2), Knowledge.shipped(), COURSE);
        assertThat(without.homes().get(1).with()).isEqualTo("firm tofu");
    }
}

package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.Set;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Doubt;
import webodidact.core.swap.DishLabels;
import webodidact.core.time.TimeRange;

/** A substitution from the panel through every station it reaches, and back. */
class SwapJourneyTest extends WindowTest {
    @Test
    void cookingWithAStandInChangesTheListTheWordsAndTheTimeAndIsUndoneAtOnce() {
        go(2);
        click("#take-f2");
        assertThat(wordsIn("#swap-panel"))
                .anyMatch(t -> t.equals(
                        "Its job here: body and sourness, steps 8, 15. Nothing heats it, so it need not stand heat."));
        var before = lesson();
        click("#cook-soft-cheese");
        assertThat(lesson().food("f2").orElseThrow().chosen()).isEqualTo("soft-cheese");
        assertThat(text("#take-f2")).isEqualTo("100 g");
        assertThat(step("s8").say()).startsWith("Soft cheese in the bowl");
        assertThat(step("s8").hands()).isEqualTo(TimeRange.parse("4:40-5:40"));
        assertThat(lesson().foods())
                .anyMatch(f -> f.item().equals("milk") && f.because().equals("f2"));
        undo();
        assertThat(lesson()).isEqualTo(before);
        click("#cook-soft-cheese");
        click("#cook-soft-cheese");
        assertThat(lesson().food("f2").orElseThrow().chosen())
                .as("the same button takes it back")
                .isNull();
        assertThat(lesson().foods()).hasSize(before.foods().size());
        reopen();
        assertThat(lesson().food("f2").orElseThrow().chosen()).isNull();
    }

    @Test
    void anOfferIsAgreedWithOneHomeAndStandsInItsListAndOnDisk() throws Exception {
        go(2);
        click("#take-f2");
        MenuButton menu = find("#home-soya-yoghurt");
        robot.interact(() -> menu.getItems().getFirst().fire());
        settle();
        var home = workspace().book().households().stream()
                .filter(h -> h.agreedFor("1-fish-parcels", "f2") != null)
                .findFirst()
                .orElseThrow();
        assertThat(home.diets().contains("vegan")
                        || home.allergies().contains(Allergen.MILK)
                        || home.missingFoods().contains("yoghurt"))
                .as("homes that cannot use it come first")
                .isTrue();
        assertThat(Files.readString(course.resolve("households.csv"))).contains("1-fish-parcels/f2=soya-yoghurt");
        click("#tab-homes");
        click("#home-head-" + home.alias());
        assertThat(wordsIn("#home-panel")).contains("soya yoghurt (for thick plain yoghurt)", "agreed");
        undo();
        assertThat(workspace().book().households()).allMatch(h -> h.agreed().isEmpty());
    }

    @Test
    void whatIsMentionedIsOnTheSheetWithItsStep() {
        go(2);
        click("#take-f2");
        click("#mention-soft-cheese");
        assertThat(wordsIn("#swap-panel")).anyMatch(t -> t.startsWith("Say before step 8: Soft cheese"));
        assertThat(outcome().report().open())
                .anyMatch(
                        f -> f.check().equals("swap-announced-late") && f.what().contains("soft cheese"));
        go(6);
        click("#paper-substitution-sheet");
        assertThat(text("#preview-state")).isNotBlank();
    }

    @Test
    void severalChoicesAreWorkedOutTogetherAndTakenWithOnePress() {
        show("2-cheese-scones");
        go(2);
        click("#variant-open");
        click("#wish-vegan");
        click("#wish-gluten");
        assertThat(wordsIn("#variant-panel")).anyMatch(t -> t.contains("change together"));
        var before = lesson();
        click("#variant-cook");
        var labels = DishLabels.of(lesson(), Knowledge.shipped());
        assertThat(labels.contains()).doesNotContain(Allergen.MILK, Allergen.GLUTEN, Allergen.WHEAT, Allergen.EGGS);
        assertThat(lesson().foods().stream().filter(f -> f.chosen() != null)).hasSizeGreaterThan(3);
        undo();
        assertThat(lesson()).isEqualTo(before);
    }

    @Test
    void aLabelThatNobodyHasReadLeavesTheDietWordUnknown() {
        show("2-cheese-scones");
        go(2);
        click("#take-f7");
        assertThat(wordsIn("#swap-panel"))
                .anyMatch(t -> t.startsWith("▲ Diet words are unknown until you read the label of the mustard powder"));
        fill("#label-says", "sunshine");
        assertThat(find("#label-says").getAccessibleHelp())
                .startsWith("Label ‘sunshine’: expected allergens as in ‘milk, soya’");
        fill("#label-says", "mustard");
        assertThat(lesson().food("f7").orElseThrow().labelSays()).isEqualTo(Set.of(Allergen.MUSTARD));
        assertThat(DishLabels.of(lesson(), Knowledge.shipped()).vegetarian().truth())
                .isEqualTo(DishLabels.Truth.YES);
        fill("#label-says", "nothing");
        assertThat(lesson().food("f7").orElseThrow().labelSays()).isEmpty();
        reopen();
        show("2-cheese-scones");
        assertThat(lesson().food("f7").orElseThrow().labelSays())
                .as("read, and nothing in it, comes back from disk")
                .isNotNull()
                .isEmpty();
    }

    @Test
    void whatIsStatedAboutTheUseChangesTheOffers() {
        show("2-cheese-scones");
        go(2);
        click("#take-f6");
        assertThat(wordsIn("#swap-panel"))
                .as("the egg is brushed on")
                .anyMatch(t -> t.startsWith("Its job here: glaze"))
                .anyMatch(t -> t.endsWith("In step 7 its job is glaze, not binder."));
        click("#take-f2");
        assertThat(isThere("#cook-lard")).as("rubbed in").isTrue();
        ComboBox<String> use = find("#line-use");
        robot.interact(() -> use.setValue("cold"));
        settle();
        assertThat(lesson().food("f2").orElseThrow().use()).isEqualTo("cold");
        assertThat(isThere("#cook-vegan-spread")).isTrue();
        assertThat(wordsIn("#swap-panel"))
                .anyMatch(
                        t -> t.contains("It is known where it is rubbed in or baked; here it is cold: try it first."));
    }

    @Test
    void aFoodIsAddedToTheCoursesOwnTableAndAShippedOneIsChanged() {
        go(2);
        fill("#add-food", "2 tbsp moonberry paste");
        var id = lesson().foods().getLast().id();
        assertThat(outcome().gather().entries().getLast().contains()).isEqualTo("unknown: check");
        click("#food-form-open");
        click("#own-add");
        assertThat(lesson().food(id).orElseThrow().food()).isEqualTo("moonberry-paste");
        assertThat(lesson().food(id).orElseThrow().unsure()).noneMatch(u -> u.kind() == Doubt.Kind.UNKNOWN_FOOD);
        fill("#own-allergens", "sulphites");
        fill("#own-density", "1.2");
        assertThat(outcome().gather().entries().stream()
                        .filter(e -> e.line().id().equals(id))
                        .findFirst()
                        .orElseThrow())
                .satisfies(e -> {
                    assertThat(e.contains()).isEqualTo("sulphites");
                    assertThat(e.also()).isEqualTo("35 g");
                });
        fill("#own-density", "heavy");
        assertThat(find("#own-density").getAccessibleHelp())
                .isEqualTo("‘heavy’: expected a number, as in ‘0.6’ or ‘130’");
        click("#own-close");
        click("#take-f2");
        click("#food-form-open");
        fill("#own-allergens", "milk, soya");
        assertThat(outcome().gather().entries().stream()
                        .filter(e -> e.line().id().equals("f2"))
                        .findFirst()
                        .orElseThrow()
                        .contains())
                .isEqualTo("soya, milk");
        click("#own-forget");
        assertThat(outcome().gather().entries().stream()
                        .filter(e -> e.line().id().equals("f2"))
                        .findFirst()
                        .orElseThrow()
                        .contains())
                .isEqualTo("milk");
        reopen();
        assertThat(workspace()
                        .knowledge()
                        .foodNamed("moonberry paste")
                        .orElseThrow()
                        .allergens())
                .containsExactly(Allergen.SULPHITES);
    }
}

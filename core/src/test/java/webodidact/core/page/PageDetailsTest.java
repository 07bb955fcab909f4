package webodidact.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.ToolLine;

/** Single lines of pages that were once taken for something else. */
class PageDetailsTest {
    private static final Knowledge KNOWN = Knowledge.shipped();

    private static Page read(String text) {
        return new PageReader(KNOWN, MeasureSystem.METRIC).read(text);
    }

    /** A line behind two others of a method that stands under its heading. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Start by frying the onions for 5 minutes.",
                "Place the cookies on two trays.",
                "Share the filling between the wraps.",
                "Level the flour with a knife.",
                "Time the eggs from when the water boils.",
                "Print the pattern into the dough with a fork.",
                "Like this the crust stays crisp.",
                "Thanks to the egg the dough is rich.",
                "Love this with chips.",
                "Rest: 30 minutes, covered."
            })
    void aSentenceOfTheMethodIsNoFurnitureOfThePage(String line) {
        var page = read("Buns\n\n200 g flour\n1 egg\n\nMethod\nMix the flour and egg.\n" + line);
        assertThat(page.recipe().method()).contains(line);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Print this recipe",
                "Share",
                "12 reviews",
                "We use cookies",
                "By Wren Tolland",
                "#buns #easy",
                "Recipe from the Saltmarsh Supper School"
            })
    void furnitureOfThePageIsNoSentenceOfTheMethod(String line) {
        var page = read("Buns\n\n200 g flour\n1 egg\n\nMethod\nMix the flour and egg.\n" + line);
        assertThat(page.recipe().method()).containsExactly("Mix the flour and egg.");
        assertThat(page.recipe().aside()).contains(line);
    }

    @Test
    void whatStandsUnderEquipmentBecomesTools() {
        var lesson =
                read("Buns\n\n200 g flour\n\nEquipment\n- 2 baking trays\na whisk, a large bowl\na flux capacitor\n\nMethod\nMix.")
                        .into(0, KNOWN)
                        .apply(Lesson.blank("draft", 1, ""));
        assertThat(lesson.tools())
                .extracting(ToolLine::name, ToolLine::count)
                .contains(tuple("baking trays", 2), tuple("whisk", 1));
        assertThat(lesson.foods()).hasSize(1);
    }

    @Test
    void aTipInTheMiddleDoesNotEndTheMethod() {
        var page = read(
                "Buns\n\n200 g flour\n1 egg\n\n1. Mix the flour and egg.\nTip: use a fork.\n2. Bake for 10 minutes.");
        assertThat(page.steps()).hasSize(2);
        assertThat(page.recipe().aside()).containsExactly("Tip: use a fork.");
    }

    @Test
    void whatComesBehindNotesIsNoStep() {
        var page = read(
                "Buns\n\n200 g flour\n1 egg\n\nMethod\nMix the flour and egg.\n\nNotes\nThey freeze well.\nFill them with jam.");
        assertThat(page.steps()).hasSize(1);
        assertThat(page.recipe().aside()).containsExactly("Notes", "They freeze well.", "Fill them with jam.");
    }

    @Test
    void aFoodAloneOverTheListIsNoHeading() {
        var page = read("butter\nsalt\n\nolive oil\n2 leeks\n1 kg potatoes");
        assertThat(page.recipe().lines()).hasSize(5);
        assertThat(page.recipe().headings()).isEmpty();
    }

    @Test
    void aShortDeedBetweenSentencesStaysAStep() {
        var page = read(
                "Pasta\n\n200 g pasta\n1 tin chopped tomatoes\n\nMethod\nBoil the pasta for 10 minutes.\nDrain the pasta\nStir in the tomatoes.");
        assertThat(page.steps()).extracting(Page.Piece::title).contains("Drain the pasta");
        assertThat(page.recipe().headings()).containsExactly("Method");
    }

    @Test
    void anAmountBehindSpacesIsNoSecondColumn() {
        var page = read("Oat cakes\n\nOats      100 g\nButter      50 g\nWater      80 ml");
        assertThat(page.recipe().lines())
                .extracting(l -> l.food())
                .doesNotContainNull()
                .hasSize(3);
        assertThat(page.recipe().lines()).allMatch(l -> l.amount() != null);
    }

    @Test
    void whatIsMeasuredAndNotKnownIsAskedAboutNotLeftOut() {
        var page = read("You'll need 500 ml stock and 2 tbsp plain flour. Whisk the flour into the stock.");
        assertThat(page.recipe().lines()).hasSize(2);
        assertThat(page.recipe().lines().getFirst().unsure()).isNotEmpty();
    }

    @Test
    void aLongPageOfHeadingsIsReadInNoTime() {
        var page = read("Buns\n\n" + "note:\n".repeat(4000));
        assertThat(page.recipe().headings()).hasSize(4000);
        assertThat(page.steps()).isEmpty();
    }
}

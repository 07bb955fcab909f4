package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.edit.Operations;
import webodidact.core.food.Allergen;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.list.HomeList;

class LarderTest extends WindowTest {
    private void larder() {
        go(2);
    }

    @Test
    void amountsAreTypedForTheHomeShown() {
        larder();
        assertThat(text("#take-f2")).isEqualTo("150 g");
        fill("#take-f2", "1½ cup");
        assertThat(lesson().food("f2").orElseThrow().amount()).isEqualTo(Amount.parse("3 cup"));
        assertThat(text("#take-f2")).isEqualTo("1½ cups");
        undo();
        assertThat(text("#take-f2")).isEqualTo("150 g");
        assertThat(text("#notice")).isEqualTo("Undone: Change the amount of thick plain yoghurt");
    }

    @Test
    void aWrongAmountIsMarkedAndNothingIsLost() {
        larder();
        fill("#take-f2", "lots");
        assertThat(find("#take-f2").getPseudoClassStates()).contains(PseudoClass.getPseudoClass("wrong"));
        assertThat(find("#take-f2").getAccessibleHelp()).contains("expected a number and a measure");
        assertThat(lesson().food("f2").orElseThrow().amount()).isEqualTo(Amount.parse("300 g"));
    }

    @Test
    void addMoveAndDeleteByKeyboardAlone() {
        larder();
        fill("#add-food", "2 tbsp capers");
        assertThat(lesson().foods().getLast().food()).isEqualTo("capers");
        assertThat(lesson().foods().getLast().amount()).isEqualTo(Amount.parse("4 tbsp"));
        click("#take-f1");
        robot.push(KeyCode.DOWN);
        settle();
        assertThat(workspace().foodProperty().get()).isEqualTo("f2");
        robot.push(KeyCode.CONTROL, KeyCode.DELETE);
        settle();
        assertThat(lesson().food("f2")).isEmpty();
        undo();
        assertThat(lesson().food("f2")).isPresent();
    }

    @Test
    void aToolTypedAmongTheFoodsGoesToTheKit() {
        larder();
        fill("#add-food", "whisk");
        assertThat(lesson().tools().getLast().tool()).isEqualTo("whisk");
        click("#tab-kit");
        assertThat(text("#name-" + lesson().tools().getLast().id())).isEqualTo("whisk");
    }

    @Test
    void scalingTheHomeScalesTheList() {
        larder();
        fill("#larder-home", "4");
        assertThat(text("#take-f2")).isEqualTo("300 g");
        assertThat(text("#take-f1")).isEqualTo("4");
    }

    @Test
    void aSubstituteIsCookedWithOrMentioned() {
        larder();
        click("#take-f2");
        click("#cook-soya-yoghurt");
        assertThat(lesson().food("f2").orElseThrow().cooked()).isEqualTo("soya-yoghurt");
        assertThat(outcome().gather().entries().stream()
                        .filter(e -> e.line().id().equals("f2"))
                        .findFirst()
                        .orElseThrow()
                        .contains())
                .contains("soya");
        click("#mention-soft-cheese");
        assertThat(lesson().food("f2").orElseThrow().mentioned()).contains("soft-cheese");
        undo();
        undo();
        assertThat(lesson().food("f2").orElseThrow().cooked()).isEqualTo("yoghurt");
    }

    @Test
    void toolsThatTheWordsNeedAreSuggested() {
        show("3-vegetable-dumplings");
        robot.interact(() -> workspace().editLesson("Without", Operations.delistTool("t6")));
        larder();
        click("#tab-kit");
        click("#suggest-grater");
        assertThat(lesson().tools()).anyMatch(t -> "grater".equals(t.tool()));
        assertThat(isThere("#suggest-grater")).isFalse();
    }

    @Test
    void whatIsUnsureOfAPastedRecipeIsSaidBeforeAndAfterItIsAdded() {
        larder();
        click("#paste-recipe");
        paste("#paste-area", "For the sauce:\n2 tbsp moonberry paste\nplain flour\n");
        assertThat(robot.lookup(".warn").queryAllAs(Label.class))
                .extracting(l -> l.getText())
                .contains(
                        "2 foods need a look; they are added all the same and stay marked.",
                        "▲ “moonberry paste” is not in the food table",
                        "▲ no amount is given");
        click("#add-pasted");
        assertThat(robot.lookup(".chip-look").queryAllAs(Label.class))
                .extracting(l -> l.getText())
                .contains("▲ unsure");
    }

    @Test
    void aPastedPageIsTakenApartAndNothingOfItDisappears() {
        robot.interact(() -> workspace().edit("x", b -> b.adding(Lesson.blank("9-pie", 9, "Pie"))));
        show("9-pie");
        larder();
        click("#paste-recipe");
        paste(
                "#paste-area",
                "Marsh pie\nServes 6\nJump to recipe\n110g cold butter\nFor the filling:\n200g spinach\nMethod\n1. Rub the butter into the flour. Bake.\n");
        var shown = robot.lookup(".soft").queryAllAs(Label.class).stream()
                .map(l -> l.getText())
                .toList();
        assertThat(shown).contains("Title: Marsh pie", "Said about it: Serves 6", "Set aside: Jump to recipe");
        click("#add-pasted");
        assertThat(lesson().makes().serves()).isEqualTo(6);
        assertThat(lesson().foods())
                .extracting(f -> f.item() + "/" + f.note())
                .containsExactly("butter/", "spinach/for the filling");
        undo();
        assertThat(lesson().foods()).isEmpty();
    }

    @Test
    void homesAreReadFromATableAndReallyDeleted() throws Exception {
        Files.writeString(home.resolve("homes.csv"), "alias,allergies,oven\nPuffin,milk,yes\nPintail,sunshine,yes\n");
        Files.writeString(course.resolve("households.csv.kept-1"), "alias\nSomebody\n");
        larder();
        click("#tab-homes");
        click("#read-homes");
        assertThat(workspace().book().households())
                .as("nothing counts before it was looked at")
                .hasSize(24);
        assertThat(robot.from(robot.lookup("#column-panel").queryAll())
                        .lookup(".label")
                        .queryAllAs(Label.class))
                .extracting(l -> l.getText())
                .contains("Allergies: milk 1. No allergy said: 0.", "Puffin: milk");
        click("#columns-take");
        assertThat(workspace().book().households()).extracting(h -> h.alias()).containsExactly("Puffin");
        assertThat(robot.lookup(".warn").queryAllAs(Label.class))
                .extracting(l -> l.getText())
                .contains(
                        "▲ homes.csv, line 3, at column allergies: 'sunshine': expected a declared allergen, as in 'milk', 'eggs' or 'nuts'");
        assertThat(find("#need-f2").getAccessibleText()).contains("1 swap");
        undo();
        assertThat(workspace().book().households()).hasSize(24);
        click("#forget-homes");
        assertThat(workspace().book().households()).isEmpty();
        undo();
        assertThat(workspace().book().households()).isEmpty();
        try (var files = Files.walk(course)) {
            for (var file : files.filter(Files::isRegularFile).toList()) {
                assertThat(file.getFileName().toString()).doesNotContain("households");
                assertThat(Files.readString(file)).doesNotContain("Avocet").doesNotContain("Somebody");
            }
        }
    }

    @Test
    void theGridSaysWhoIsStoppedWhereAndWhatLetsMostIn() {
        larder();
        click("#tab-homes");
        assertThat(find("#need-f2").getAccessibleText())
                .isEqualTo("thick plain yoghurt: 17 have it, 0 read the label, 7 swap, 0 blocked");
        var panel =
                robot.from(robot.lookup("#homes-panel").queryAll()).lookup(".label").queryAllAs(Label.class).stream()
                        .map(l -> l.getText())
                        .toList();
        assertThat(panel).contains("■ Tern stops at step 7: an oven");
        assertThat(panel).anyMatch(t -> t.startsWith("One change lets 1 home in: arrange “an oven”"));
        click("#need-t6");
        assertThat(robot.from(robot.lookup("#homes-panel").queryAll())
                        .lookup(".label")
                        .queryAllAs(Label.class))
                .anyMatch(l -> l.getText().equals("swaps to vegetable peeler: Bittern, Redshank"));
    }

    @Test
    void aLineThatIsAddedIsScrolledIntoSight() {
        robot.interact(() -> workspace()
                .editLesson(
                        "Many",
                        l -> l.withFoods(IntStream.range(0, 60)
                                .mapToObj(i -> FoodLine.of("x" + i, "thing " + i, null, null))
                                .toList())));
        settle();
        larder();
        fill("#add-food", "2 tbsp moonberry paste");
        settle();
        assertThatIsInSight(workspace().foodProperty().get());
        robot.interact(() -> workspace().foodProperty().set("x2"));
        settle();
        assertThatIsInSight("x2");
    }

    private void assertThatIsInSight(String line) {
        var card = find("#take-" + line);
        var where = card.localToScene(card.getBoundsInLocal());
        assertThat(where.getMinY()).isGreaterThan(60);
        assertThat(where.getMaxY()).isLessThan(stage.getScene().getHeight());
    }

    @Test
    void whatIsTakenAwayDoesNotGiveTheTitleTheKeyboard() {
        larder();
        var gone = new Button("gone");
        robot.interact(() -> {
            var pane = (Pane) stage.getScene().lookup(".station");
            pane.getChildren().add(gone);
            gone.requestFocus();
            pane.getChildren().remove(gone);
        });
        settle();
        var owner = stage.getScene().getFocusOwner();
        assertThat(owner == null ? "" : String.valueOf(owner.getId())).isNotEqualTo("slate-title");
    }

    /** A home with celery, nut and gluten needs is served right, and what is not sure is asked. */
    @Test
    void aHomeWithThreeNeedsIsServedRightAndADoubtIsAsked() {
        robot.interact(() -> workspace()
                .edit(
                        "x",
                        b -> b.adding(Lesson.blank("9-stew", 9, "Stew"))
                                .withHouseholds(List.of(Household.named("Plover")
                                        .but(d -> d.allergies =
                                                Set.of(Allergen.CELERY, Allergen.NUTS, Allergen.GLUTEN))))));
        show("9-stew");
        larder();
        fill("#add-food", "2 tbsp almond butter");
        fill("#add-food", "1 tsp each cumin and turmeric");
        fill("#add-food", "200 g carrots");
        fill("#add-food", "1 tbsp garlic butter");
        assertThat(lesson().foods())
                .extracting(FoodLine::food)
                .containsExactly("almond-butter", "cumin", "turmeric", "carrot", null);
        var home = workspace().book().households().getFirst();
        var list = HomeList.of(
                lesson(),
                home,
                workspace().book().households(),
                workspace().knowledge(),
                workspace().book().course());
        assertThat(list.entries())
                .extracting(e -> e.line() + " " + e.stand())
                .contains("f1 OFFERED", "f2 HAS", "f4 HAS", "f5 LABEL");
        assertThat(list.entries().getFirst().item()).as("no nut, no gluten").isEqualTo("sunflower seed butter");
        click("#what-f5");
        assertThat(robot.lookup(".finding").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.contains("“garlic butter” is not in the food table"));
        click("#means-butter");
        assertThat(lesson().food("f5").orElseThrow().food()).isEqualTo("butter");
        assertThat(lesson().food("f5").orElseThrow().unsure()).isEmpty();
        undo();
        assertThat(lesson().food("f5").orElseThrow().food()).isNull();
        fill("#what-f4", "celeriac");
        assertThat(HomeList.of(
                                lesson(),
                                home,
                                workspace().book().households(),
                                workspace().knowledge(),
                                workspace().book().course())
                        .entries())
                .filteredOn(e -> e.line().equals("f4"))
                .extracting(HomeList.Entry::item)
                .first()
                .isNotEqualTo("celeriac")
                .isNotEqualTo("celery");
    }
}

package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Sets;

/** The lists, the homes and the table, as they are worked with. */
class ListsJourneyTest extends WindowTest {
    @Test
    void groupsAndSparesGoIntoTheKitAndTheShootAndNotIntoAHome() {
        show("2-cheese-scones");
        go(2);
        click("#tab-lists");
        assertThat(wordsIn("#lists")).contains("235 g", "self-raising flour");
        fill("#sets-groups", "5");
        assertThat(lesson().sets()).isEqualTo(new Sets(5, 1, 1));
        assertThat(wordsIn("#lists")).as("a home's list inherits nothing").contains("235 g");
        click("#list-kit");
        assertThat(wordsIn("#lists"))
                .contains("Pots of one set, and their labels (6 sets)", "1410 g", "1 × bag of 1500 g");
        click("#list-shoot");
        assertThat(wordsIn("#lists")).anyMatch(t -> t.equals("1 on camera + 1 ready copy (step 7) + 1 spare take"));
        click("#list-pupil");
        assertThat(wordsIn("#lists")).contains("What pupils see: steps with blanks", "Answer key");
        click("#list-bench");
        assertThat(wordsIn("#lists")).contains("3 Rub in");
        undo();
        assertThat(lesson().sets()).isEqualTo(new Sets(0, 1, 1));
    }

    @Test
    void portionsTellTheYieldAndAWrongOneIsAFinding() {
        show("2-cheese-scones");
        go(2);
        click("#tab-lists");
        fill("#sets-mixture", "420 g");
        fill("#sets-portion", "10 g");
        assertThat(text("#sets-result")).startsWith("▲ That makes 42 scones; the recipe says 12.");
        assertThat(outcome().report().open()).anyMatch(f -> f.check().equals("yield-wrong"));
        fill("#sets-portion", "spoonful");
        assertThat(find("#sets-portion").getAccessibleHelp()).contains("expected a number and a measure");
        assertThat(lesson().shaping().portion().toString()).isEqualTo("10 g");
        fill("#sets-sheet", "24 × 18 / 6");
        assertThat(lesson().shaping().portion()).as("stamped, not spooned").isNull();
        assertThat(text("#sets-result")).startsWith("That makes 13 scones; the recipe says 12.");
        fill("#sets-sheet", "big");
        assertThat(find("#sets-sheet").getAccessibleHelp())
                .startsWith("Sheet ‘big’: expected length, width and cutter");
    }

    @Test
    void packsAndPricesGiveCostAndLeftovers() {
        show("2-cheese-scones");
        go(2);
        click("#tab-lists");
        click("#list-cost");
        fill("#packs-cheddar", "block 400 g 5.20; bag 250 g 2.95");
        assertThat(wordsIn("#lists")).anyMatch(t -> t.startsWith("A home pays £"));
        fill("#packs-cheddar", "a lump");
        assertThat(find("#packs-cheddar").getAccessibleHelp())
                .isEqualTo("Pack 'a lump': expected what it holds and its price, as in 'block 400 g 5.20'");
        assertThat(workspace().book().course().prices().stream()
                        .filter(p -> p.food().equals("cheddar")))
                .hasSize(2);
        click("#list-left");
        fill("#plan-f2", "Shortbread on Friday");
        assertThat(lesson().food("f2").orElseThrow().plan()).isEqualTo("Shortbread on Friday");
        reopen();
        assertThat(workspace()
                        .book()
                        .lesson("2-cheese-scones")
                        .orElseThrow()
                        .food("f2")
                        .orElseThrow()
                        .plan())
                .isEqualTo("Shortbread on Friday");
    }

    @Test
    void leadTimesHaveClockTimes() {
        go(2);
        click("#tab-lists");
        click("#list-before");
        assertThat(wordsIn("#lists")).contains("Nothing has to be begun before class.");
        click("#tab-food");
        fill("#add-food", "250 g dried chickpeas");
        click("#tab-lists");
        assertThat(wordsIn("#lists"))
                .anyMatch(t -> t.startsWith("dried chickpeas: Soak"))
                .contains("Thu 3 Dec 03:00");
    }

    @Test
    void aHomeIsChangedInPlaceAndHasItsOwnList() {
        go(2);
        click("#tab-homes");
        assertThat(wordsIn("#homes-panel")).anyMatch(t -> t.startsWith("Its hob could take that over"));
        click("#home-head-Gannet");
        assertThat(wordsIn("#home-panel"))
                .contains(
                        "½ cup + 2 tbsp",
                        "plain yogurt (here: thick plain yoghurt)",
                        "string beans (here: green beans)");
        fill("#home-allergies", "fish");
        assertThat(home("Gannet").allergies()).containsExactly(Allergen.FISH);
        assertThat(wordsIn("#home-panel")).contains("firm tofu (for skinless white fish fillets)", "not agreed yet");
        fill("#home-allergies", "sunshine");
        assertThat(find("#home-allergies").getAccessibleHelp()).startsWith("Label ‘sunshine’");
        assertThat(home("Gannet").allergies()).containsExactly(Allergen.FISH);
        ComboBox<MeasureSystem> system = find("#home-system");
        robot.interact(() -> system.setValue(MeasureSystem.AU));
        settle();
        assertThat(home("Gannet").system()).isEqualTo(MeasureSystem.AU);
        fill("#home-alias", "Godwit");
        assertThat(workspace().book().households())
                .extracting(Household::alias)
                .contains("Godwit")
                .doesNotContain("Gannet");
        fill("#home-alias", "Avocet");
        assertThat(find("#home-alias").getAccessibleHelp())
                .isEqualTo("‘Avocet’ is there already: expected each home once");
        assertThat(wordsIn("#home-panel")).doesNotContain("Without an oven");
        click("#home-oven");
        assertThat(home("Godwit").oven()).isFalse();
        assertThat(wordsIn("#home-panel"))
                .contains("Without an oven", "Step 7, Parcels in the oven")
                .anyMatch(t -> t.startsWith("hob, 20–24 min, in a covered pan"));
        click("#tell-s7-hob");
        assertThat(lesson().step("s7").orElseThrow().ways())
                .singleElement()
                .satisfies(w -> assertThat(w.offered()).isTrue());
        assertThat(wordsIn("#home-panel")).doesNotContain("Without an oven");
        undo();
        assertThat(wordsIn("#home-panel")).contains("Without an oven");
        click("#home-delete");
        assertThat(workspace().book().households()).hasSize(23);
        undo();
        assertThat(workspace().book().households()).hasSize(24);
        click("#add-home");
        assertThat(workspace().book().households().getLast().alias()).isEqualTo("Home 1");
    }

    private Household home(String alias) {
        return workspace().book().households().stream()
                .filter(h -> h.alias().equals(alias))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFormToolsTableIsMatchedColumnByColumn() throws Exception {
        Files.writeString(
                home.resolve("homes.csv"),
                "Timestamp,Family nickname,Any allergies?,Do you have an oven?,Ages of children,Country\n"
                        + "1,Puffin,dairy,yes,\"9, 12\",UK\n2,Pintail,sunshine,yes,7,USA\n3,Smew,none,no,8 and 10,Australia\n");
        go(2);
        click("#tab-homes");
        click("#read-homes");
        assertThat(chosenIn("#column-alias")).isEqualTo("Family nickname");
        assertThat(chosenIn("#column-allergies")).isEqualTo("Any allergies?");
        assertThat(chosenIn("#column-diets")).isEmpty();
        assertThat(wordsIn("#column-panel"))
                .anyMatch(
                        t -> t.equals(
                                "▲ homes.csv, line 3, at column Any allergies?: 'sunshine': expected a declared allergen, as in 'milk', 'eggs' or 'nuts'"));
        assertThat(text("#columns-take")).isEqualTo("Take 2 homes");
        ComboBox<String> allergies = find("#column-allergies");
        robot.interact(() -> allergies.setValue(""));
        settle();
        assertThat(text("#columns-take")).isEqualTo("Take 0 homes");
        assertThat(find("#columns-take").isDisabled())
                .as("without a column for allergies nobody is taken")
                .isTrue();
        assertThat(wordsIn("#column-panel"))
                .anyMatch(t -> t.startsWith("■ homes.csv, line 1: no column is matched with 'allergies'"));
        robot.interact(() -> allergies.setValue("Any allergies?"));
        click("#columns-take");
        assertThat(workspace().book().households()).extracting(Household::alias).containsExactly("Puffin", "Smew");
        assertThat(home("Puffin").allergies()).containsExactly(Allergen.MILK);
        assertThat(home("Smew").oven()).isFalse();
        assertThat(home("Smew").ages()).containsExactly(8, 10);
        assertThat(home("Smew").system()).isEqualTo(MeasureSystem.AU);
        undo();
        assertThat(workspace().book().households()).hasSize(24);
    }

    @SuppressWarnings("unchecked")
    private String chosenIn(String query) {
        return ((ComboBox<String>) find(query)).getValue();
    }

    @Test
    void groupsShareAToolAndTheTimeIsHeld() {
        show("3-vegetable-dumplings");
        go(2);
        click("#tab-kit");
        fill("#shared-t3", "2");
        assertThat(lesson().tools().get(2).shared()).isEqualTo(2);
        assertThat(outcome().report().open())
                .anyMatch(f -> f.what().startsWith("2 × steamer basket for 5 groups: step 5 takes 3 turns"));
        fill("#shared-t3", "many");
        assertThat(lesson().tools().get(2).shared()).isEqualTo(2);
    }

    @Test
    void theFilterShowsOnlyWhatItNames() {
        go(2);
        type("#find-food", "milk");
        assertThat(isThere("#take-f2")).isTrue();
        assertThat(isThere("#take-f1")).isFalse();
        type("#find-food", "moonberry");
        assertThat(robot.lookup(".empty").queryAllAs(Label.class))
                .anyMatch(l -> l.getText().equals("No line has “moonberry” in it."));
        type("#find-food", " ");
        assertThat(isThere("#take-f1")).isTrue();
    }

    @Test
    void theTableIsEditedByKeyboardAlone() {
        go(2);
        click("#take-f1");
        robot.push(KeyCode.INSERT);
        write("1½ cup milk");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(lesson().foods().getLast().food()).isEqualTo("milk");
        var id = lesson().foods().getLast().id();
        click("#take-" + id);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        write("250 ml");
        robot.push(KeyCode.TAB);
        settle();
        assertThat(text("#take-" + id)).isEqualTo("250 ml");
        assertThat(stage.getScene().getFocusOwner().getId())
                .as("on to the name")
                .isEqualTo("what-" + id);
        robot.push(KeyCode.CONTROL, KeyCode.DELETE);
        settle();
        assertThat(lesson().food(id)).isEmpty();
        undo();
        assertThat(lesson().food(id)).isPresent();
    }

    @Test
    void aReceiptIsHeldAgainstTheListAndWhatIsOverIsKept() {
        go(2);
        click("#tab-lists");
        click("#list-cost");
        type("#receipt-text", "yoghurt 500 g 1.80");
        click("#receipt-compare");
        assertThat(wordsIn("#receipt")).contains("enough", "not on the receipt");
        click("#receipt-take");
        assertThat(lesson().foods()).filteredOn(f -> f.bought() != null).hasSize(1);
        undo();
        assertThat(lesson().foods()).allMatch(f -> f.bought() == null);
    }
}

package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;

/** From a page of text to a timed lesson, counted in key presses and clicks; and the proposals looked at one by one. */
class PageJourneyTest extends WindowTest {
    private static final String PAGE = """
            Saltmarsh bean stew
            Serves 4
            1 tbsp olive oil
            2 onions
            2 carrots
            3 cloves garlic
            2 tins butter beans
            400 ml vegetable stock
            1 handful parsley
            Method
            1. Finely chop the onions.
            2. Peel and dice the carrots. Crush the garlic.
            3. Fry the onions and carrots in the oil for 8 to 10 minutes until soft.
            4. Add the garlic and cook for 1 minute.
            5. Tip in the beans and the stock. Simmer for 20 minutes.
            6. Chop the parsley, stir it through and serve.
            """;

    private int presses;

    private void press(String query) {
        click(query);
        presses++;
    }

    @Test
    void aPageIsATimedLessonInAtMostTwentyFivePresses() {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        presses++;
        settle();
        press("#new-page");
        paste("#new-page", PAGE);
        presses++;
        press("#create-lesson");
        assertThat(lesson().title()).isEqualTo("Saltmarsh bean stew");
        assertThat(window.station()).isEqualTo("script");
        assertThat(lesson().foods()).hasSize(7);
        assertThat(lesson().steps().getLast().kind())
                .as("the goodbye stays last")
                .isEqualTo(Kind.TASK);
        assertThat(text("#planned")).startsWith("at least");
        assertThat(text("#in-hand")).isEqualTo("6 steps untimed");
        assertThat(outcome().report().open())
                .as("what is in no step yet is no slip before the lesson is written")
                .noneMatch(f -> f.check().equals("listed-not-used"));
        var before = lesson();
        assertThat(text("#proposals-text"))
                .contains("facts proposed by the words")
                .contains("about waits");
        press("#proposals-take");
        assertThat(isThere("#proposals-take") && find("#proposals-take").isVisible())
                .isFalse();
        assertThat(lesson().steps()).hasSizeGreaterThanOrEqualTo(10);
        assertThat(outcome().schedule().untimed()).isEmpty();
        assertThat(text("#in-hand")).endsWith("in hand");
        assertThat(presses).isLessThanOrEqualTo(22);
        undo();
        assertThat(lesson()).as("one undo step").isEqualTo(before);
    }

    @Test
    void aFileComesIntoTheFieldAndIsCorrectedBeforeItIsAdded() throws Exception {
        Files.writeString(
                home.resolve("homes.csv"), "food,amount,unit,shop\npearl barley,200,g,corner\nonion,1,,market\n");
        go(2);
        click("#paste-recipe");
        click("#page-file");
        for (int i = 0; i < 100 && text("#paste-area").isBlank(); i++) Thread.sleep(30);
        settle();
        assertThat(text("#paste-area")).contains("200 g pearl barley", "1 onion");
        assertThat(wordsIn("#page-panel"))
                .anyMatch(t -> t.startsWith("From homes.csv: a table of foods"))
                .anyMatch(t -> t.equals("Left in the file: a column: shop"));
        int before = lesson().foods().size();
        click("#add-pasted");
        assertThat(lesson().foods()).hasSize(before + 2);
        undo();
        assertThat(lesson().foods()).hasSize(before);
        Files.write(home.resolve("homes.csv"), new byte[] {0, 1, 2, 0, 5});
        click("#paste-recipe");
        click("#page-file");
        for (int i = 0; i < 100 && !text("#notice").contains("was not read"); i++) Thread.sleep(30);
        assertThat(text("#notice")).startsWith("homes.csv was not read: ");
    }

    @Test
    void proposalsAreLookedAtOneByOne() {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        settle();
        paste("#new-page", PAGE);
        click("#create-lesson");
        click("#proposals-look");
        assertThat(text("#proposals-text")).startsWith("1 of ");
        var first = workspace().stepProperty().get();
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(step(first).hands().isZero()
                        && step(first).uses().isEmpty()
                        && step(first).tools().isEmpty())
                .as("Enter takes")
                .isFalse();
        robot.push(KeyCode.DELETE);
        settle();
        assertThat(lesson().steps().stream().mapToInt(s -> s.declined().size()).sum())
                .as("Del puts away")
                .isEqualTo(1);
        robot.push(KeyCode.RIGHT);
        settle();
        assertThat(text("#proposals-text")).startsWith("2 of ");
        undo();
        assertThat(lesson().steps().stream().map(Step::declined).allMatch(d -> d.isEmpty()))
                .isTrue();
        robot.interact(() -> find("#proposals").requestFocus());
        click("#proposals-done");
        assertThat(text("#proposals-text")).contains("proposed");
    }

    @Test
    void aFactIsTypedInPlainWordsAndShownBeforeItIsTaken() {
        go(3);
        choose("s6");
        type("#fact-s6", "camera side; bakes 16 to 20 min at 200 fan; wibble");
        assertThat(robot.lookup("#becomes-s6 .tag").queryAll()).hasSize(3);
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(step("s6").camera()).isEqualTo("side");
        assertThat(step("s6").waiting().what()).isEqualTo("bakes");
        assertThat(text("#fact-s6")).as("what is not understood stays").isEqualTo("wibble");
        undo();
        assertThat(step("s6").waiting()).isNull();
        fact("camera", "s6");
        type("#camera-s6", "from above");
        robot.push(KeyCode.TAB);
        robot.push(KeyCode.TAB);
        settle();
        assertThat(step("s6").camera()).isEqualTo("from above");
        assertThat(isThere("#camera-s6")).as("Tab moves on").isFalse();
        fact("camera", "s6");
        click("#off-camera-s6");
        assertThat(step("s6").camera()).isEmpty();
        assertThat(isThere("#tag-camera-s6")).isFalse();
    }
}

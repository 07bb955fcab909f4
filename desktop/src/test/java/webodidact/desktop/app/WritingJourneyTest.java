package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.lesson.LessonPattern;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.time.TimeRange;

/** The writing desk through the real window: a method put in, its words taken up, found, carried over and done another way. */
class WritingJourneyTest extends WindowTest {
    private static final String METHOD =
            "1. Grate the lemon zest into half the yoghurt.\n2. Simmer it for 10 to 12 minutes until it is thick, then leave it.\n3. Bake at 180 degrees fan for 20 minutes.";

    private Step titled(String title) {
        return lesson().steps().stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aMethodIsPastedAndNothingOfItsWordsIsTakenUnasked() {
        go(3);
        choose("s8");
        var before = lesson();
        click("#page-open");
        paste("#paste-area", METHOD);
        assertThat(robot.lookup(".draft").queryAll()).hasSize(3);
        assertThat(text("#add-pasted")).isEqualTo("Add no food and 3 steps");
        click("#add-pasted");
        assertThat(lesson().steps())
                .extracting(Step::title)
                .containsSequence(
                        "Herb yoghurt",
                        "Grate the lemon zest",
                        "Simmer it",
                        "Bake at 180 degrees fan",
                        "Why fish flakes");
        var simmer = titled("Simmer it");
        assertThat(simmer.waiting()).as("only proposed").isNull();
        choose(simmer.id());
        proposal("#suggest-" + simmer.id() + "-wait-600-720");
        assertThat(titled("Simmer it").waiting().time()).isEqualTo(new TimeRange(600, 720));
        assertThat(titled("Simmer it").waiting().cue()).isEqualTo("it is thick");
        assertThat(isThere("#suggest-" + simmer.id() + "-wait-600-720")).isFalse();
        undo();
        assertThat(titled("Simmer it").waiting()).isNull();
        var grate = titled("Grate the lemon zest");
        choose(grate.id());
        proposal("#decline-" + grate.id() + "-tool-grater");
        assertThat(isThere("#suggest-" + grate.id() + "-tool-grater")).isFalse();
        click("#suggest-all-" + grate.id());
        var taken = titled("Grate the lemon zest");
        assertThat(taken.uses())
                .anyMatch(u -> u.line().equals("f2") && u.amount().equals(Amount.parse("150 g")));
        assertThat(taken.tools()).doesNotContain("grater");
        reopen();
        assertThat(titled("Grate the lemon zest").declined()).containsExactly("tool/grater");
        choose(titled("Bake at 180 degrees fan").id());
        click("#suggest-all-" + titled("Bake at 180 degrees fan").id());
        assertThat(titled("Bake at 180 degrees fan").heat().text()).isEqualTo("180 °C fan");
        assertThat(titled("Bake at 180 degrees fan").place()).isEqualTo(Place.OVEN);
        for (int i = 0; i < 3; i++) undo();
        assertThat(lesson().steps().size())
                .isGreaterThanOrEqualTo(before.steps().size());
    }

    @Test
    void whatIsFoundIsReplacedAllAtOnceAndUndoneAtOnce() {
        go(3);
        robot.push(KeyCode.CONTROL, KeyCode.F);
        settle();
        write("yoghurt");
        click("#find-next");
        assertThat(text("#find-count")).startsWith("1 of ");
        var before = lesson();
        type("#find-with", "curd");
        click("#find-replace-all");
        assertThat(lesson().steps())
                .noneMatch(s -> (s.say() + s.doing() + s.title())
                        .toLowerCase(Locale.ROOT)
                        .contains("yoghurt"));
        assertThat(lesson().step("s8").orElseThrow().title()).isEqualTo("Herb curd");
        undo();
        assertThat(lesson()).isEqualTo(before);
        click("#find-whole");
        type("#find-words", "nowhere at all");
        assertThat(text("#find-count")).isEqualTo("not there");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(find("#find-bar").isVisible()).isFalse();
    }

    @Test
    void stepsAreCarriedToAnotherLessonWithWhatTheyUse() {
        go(3);
        choose("s8");
        click("#do-s8");
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        settle();
        show("3-vegetable-dumplings");
        choose("s6");
        click("#do-s6");
        int foods = lesson().foods().size();
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
        settle();
        assertThat(lesson().steps().get(6).title()).isEqualTo("Herb yoghurt");
        assertThat(lesson().foods().size()).isGreaterThan(foods);
        assertThat(lesson().foods()).anyMatch(f -> "yoghurt".equals(f.food()));
        undo();
        assertThat(lesson().foods()).hasSize(foods);
    }

    @Test
    void backspaceBeforeTheFirstWordJoinsAndUndoParts() {
        go(3);
        choose("s9");
        var before = lesson();
        click("#say-s9");
        robot.push(KeyCode.CONTROL, KeyCode.HOME);
        robot.push(KeyCode.BACK_SPACE);
        settle();
        assertThat(lesson().step("s9")).isEmpty();
        assertThat(step("s8").say()).contains(before.step("s9").orElseThrow().say());
        undo();
        assertThat(lesson()).isEqualTo(before);
    }

    @Test
    void patternsAreChangedForTheCourseAndNewLessonsBeginWithThem() {
        go(3);
        var menu = (MenuButton) find("#patterns-menu");
        robot.interact(() -> menu.getItems().getLast().fire());
        settle();
        click("#pattern-welcome-live");
        type("#pattern-say", "Good evening! {dish} tonight.");
        var course = workspace().book().course();
        var fresh = LessonPattern.start("x", 9, "pie", lesson().delivery(), lesson().audience(), 1800, course);
        assertThat(fresh.steps().getFirst().say()).isEqualTo("Good evening! pie tonight.");
        click("#pattern-remove");
        assertThat(workspace().book().course().patterns()).isEmpty();
        click("#patterns-close");
        choose("s12");
        robot.interact(() -> menu.getItems().stream()
                .filter(i -> "pattern-keep".equals(i.getId()))
                .findFirst()
                .orElseThrow()
                .fire());
        settle();
        assertThat(workspace().book().course().patterns())
                .extracting(p -> p.name())
                .containsExactly("Wash down");
        click("#patterns-close");
        int steps = lesson().steps().size();
        robot.interact(() -> menu.getOnShowing().handle(null));
        robot.interact(() -> menu.getItems().stream()
                .filter(i -> "Wash down".equals(i.getText()))
                .findFirst()
                .orElseThrow()
                .fire());
        settle();
        assertThat(lesson().steps()).hasSize(steps + 1);
        assertThat(lesson().steps().get(12).title()).isEqualTo("Wash down");
    }

    @Test
    void anotherWayMovesTimeToolsAndWordsAndIsOfferedToHomes() {
        go(3);
        choose("s5");
        var before = step("s5");
        fact("ways", "s5");
        click("#way-choose-s5-with-scissors");
        assertThat(step("s5").hands()).isEqualTo(TimeRange.of(90));
        assertThat(step("s5").tools()).containsExactly("scissors", "board");
        assertThat(step("s5").doing()).startsWith("Snip the stalk ends");
        assertThat(text("#do-s5")).startsWith("Snip the stalk ends");
        assertThat(step("s5").ways()).extracting(w -> w.name()).containsExactly("with a table knife");
        undo();
        assertThat(step("s5")).isEqualTo(before);
        click("#way-offer-s5-with-scissors");
        assertThat(step("s5").ways().getFirst().offered()).isFalse();
        fill("#way-time-s5-with-scissors", "2:10");
        assertThat(step("s5").ways().getFirst().hands()).isEqualTo(TimeRange.of(130));
    }

    @Test
    void whatRemainsIsShownAndWhatIsWithinAWaitIsTyped() {
        go(3);
        choose("s4");
        fact("use-f10", "s4");
        assertThat(text("#left-s4-f10")).isEqualTo("⅛ tsp left");
        fact("use-f4", "s4");
        assertThat(text("#left-s4-f4")).isEqualTo("none left");
        assertThat(isThere("#left-s4-f10")).as("one tag is open at a time").isFalse();
        assertThat(isThere("#looks-s4")).as("nothing empty is shown").isFalse();
        fact("looks", "s4");
        fill("#looks-s4", "8:00 stir; 12 shake the pan");
        assertThat(step("s4").waiting().looks())
                .isEqualTo(List.of(new Look(480, "stir"), new Look(720, "shake the pan")));
        fact("rounds", "s4");
        fill("#rounds-s4", "2 + 2 + 1");
        assertThat(step("s4").waiting().time()).isEqualTo(new TimeRange(120, 300));
        fact("rounds", "s4");
        fill("#stop-rule-s4", "leave them");
        assertThat(step("s4").waiting().rounds().stop()).isEqualTo("leave them");
        fact("looks", "s4");
        fill("#looks-s4", "soon");
        assertThat(find("#looks-s4").getPseudoClassStates().toString()).contains("wrong");
        fact("reach-by", "s4");
        fill("#reach-by-s4", "5:00");
        assertThat(step("s4").reachBy()).isEqualTo(300);
        fill("#fact-s4", "ask: Why a lid?");
        assertThat(step("s4").question()).isEqualTo("Why a lid?");
    }
}

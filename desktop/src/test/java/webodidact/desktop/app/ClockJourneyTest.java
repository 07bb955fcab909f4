package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Step;
import webodidact.desktop.Hands;
import webodidact.desktop.control.Timeline;

/** The Clock through the real window: lengths and places dragged, homes held for, a way to fit looked at, taken and taken back. */
class ClockJourneyTest extends WindowTest {
    private Timeline timeline() {
        return find("#timeline");
    }

    private void waitFor(String query) {
        for (int i = 0; i < 500 && !isThere(query); i++) {
            try {
                Thread.sleep(100);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
        settle();
    }

    private Node held;
    private Point2D at;

    /** Pressed and drawn in steps by so many pixels. */
    private void drag(String block, double fromShare, double by) {
        held = find(block);
        robot.interact(() -> {
            var bounds = held.localToScene(held.getBoundsInLocal());
            at = new Point2D(
                    fromShare >= 1 ? bounds.getMaxX() - 2 : bounds.getMinX() + bounds.getWidth() * fromShare,
                    bounds.getCenterY());
            Hands.mouse(MouseEvent.MOUSE_PRESSED, held, at);
        });
        for (int i = 0; i < 4; i++) {
            robot.interact(() -> {
                at = at.add(by / 4, 0);
                Hands.mouse(MouseEvent.MOUSE_DRAGGED, held, at);
            });
        }
    }

    private void letGo() {
        Hands.mouse(MouseEvent.MOUSE_RELEASED, held, at);
        settle();
    }

    @Test
    void draggingAnEdgeChangesALengthWithItsConsequencesLiveAndOneUndo() {
        go(4);
        var before = lesson();
        var total = text("#clock-total");
        int hands = step("s8").hands().likely();
        drag("#block-hands-s8", 1, 60);
        settle();
        assertThat(step("s8").hands().likely()).as("while it is dragged").isGreaterThan(hands);
        assertThat(text("#clock-total")).isNotEqualTo(total);
        letGo();
        undo();
        assertThat(lesson()).isEqualTo(before);
        assertThat(text("#clock-total")).isEqualTo(total);
    }

    @Test
    void draggingAWaitsEdgeChangesItsLongEnd() {
        go(4);
        var before = step("s4").waiting().time();
        drag("#block-wait-s4", 1, 40);
        letGo();
        assertThat(step("s4").waiting().time().high()).isNotEqualTo(before.high());
        assertThat(step("s4").waiting().time().low()).isEqualTo(before.low());
    }

    @Test
    void draggingAStepMovesItAndTellsTheTotalBeforeItIsDropped() {
        go(4);
        var before = lesson();
        drag("#block-hands-s8", 0.3, 190);
        var word = robot.lookup(".drag-word").queryLabeled();
        assertThat(word.isVisible()).isTrue();
        assertThat(word.getText()).contains("to place ").contains("→");
        assertThat(lesson()).as("nothing happens before it is dropped").isEqualTo(before);
        letGo();
        assertThat(lesson().indexOf("s8")).isGreaterThan(before.indexOf("s8"));
        assertThat(robot.lookup(".drag-word").queryLabeled().isVisible()).isFalse();
        undo();
        assertThat(lesson()).isEqualTo(before);
    }

    @Test
    void theKeyboardDoesWhatTheMouseDoes() {
        choose("s8");
        go(4);
        robot.interact(() -> timeline().requestFocus());
        var before = lesson();
        robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
        settle();
        assertThat(step("s8").hands().likely())
                .isEqualTo(before.step("s8").orElseThrow().hands().likely() + 5);
        undo();
        robot.push(KeyCode.ALT, KeyCode.RIGHT);
        settle();
        assertThat(lesson().steps()).extracting(Step::id).containsSequence("s9", "s8");
        undo();
        assertThat(lesson()).isEqualTo(before);
        click("#zoom-in");
        assertThat(timeline().zoom()).isGreaterThan(1);
        Button far = (Button) robot.lookup(".block-hands").nth(0).query();
        assertThat(far.getWidth()).isPositive();
        robot.interact(() -> timeline().requestFocus());
        robot.push(KeyCode.DIGIT0);
        settle();
        assertThat(timeline().zoom()).isEqualTo(1);
        robot.moveTo("#block-hands-s8");
        settle();
        assertThat(find("#block-talk-s8").getPseudoClassStates().toString()).contains("alike");
    }

    @Test
    void theHomesAreHeldForAsLongAsTheTimeInHandAllows() {
        choose("s7");
        go(4);
        waitFor("#homes-ready");
        assertThat(text("#homes-ready")).endsWith(" % are ready when this step is shown.");
        int ready = Integer.parseInt(text("#homes-ready").replaceAll("\\D.*", ""));
        assertThat(ready).isLessThan(85);
        assertThat(timeline().model().homes().points()).hasSize(17);
        int hold = step("s6").hold();
        var inHand = outcome().schedule().inHand();
        click("#hold-here");
        assertThat(step("s6").hold()).isGreaterThan(hold);
        assertThat(outcome().schedule().inHand())
                .isEqualTo(inHand - (step("s6").hold() - hold))
                .isGreaterThanOrEqualTo(0);
        // While it is worked out anew there is none.
        for (int i = 0;
                i < 100 && (!isThere("#homes-ready") || text("#homes-ready").startsWith(ready + " %"));
                i++) robot.sleep(100);
        assertThat(Integer.parseInt(text("#homes-ready").replaceAll("\\D.*", "")))
                .isGreaterThanOrEqualTo(84);
        click("#hold-less");
        undo();
        undo();
        assertThat(step("s6").hold()).isEqualTo(hold);
    }

    @Test
    void nobodyIsLeftBehindWhereHomesOnlyWatch() {
        show("3-vegetable-dumplings");
        go(4);
        assertThat(robot.lookup(".soft").queryAllAs(Labeled.class))
                .anyMatch(l -> l.getText() != null && l.getText().startsWith("Homes do not cook along"));
        assertThat(timeline().model().homes()).isNull();
    }

    @Test
    void aWayToFitIsLookedAtOnTheTimelineTakenInOnePressAndTakenBackInOneUndo() {
        show("3-vegetable-dumplings");
        go(4);
        var before = lesson();
        long stops = outcome().report().stops();
        assertThat(outcome().schedule().inHand()).isNegative();
        click("#fit-look");
        waitFor("#fit-take-3");
        assertThat(robot.lookup(".fit-card").queryAll()).hasSizeGreaterThanOrEqualTo(3);
        assertThat(timeline().model().ghost()).isEmpty();
        robot.interact(() -> find("#fit-take-1").requestFocus());
        settle();
        assertThat(timeline().model().ghost()).as("previewed").isNotEmpty();
        assertThat(lesson()).as("and nothing else").isEqualTo(before);
        click("#fit-take-1");
        assertThat(outcome().schedule().inHand()).isGreaterThanOrEqualTo(0);
        assertThat(outcome().report().stops()).isLessThan(stops);
        assertThat(isThere("#fit-take-1"))
                .as("what was proposed was for the lesson before")
                .isFalse();
        undo();
        assertThat(lesson()).isEqualTo(before);
    }

    @Test
    void aWaitIsCoveredThreeWaysAndPartsAreShown() {
        show("2-cheese-scones");
        choose("s7");
        go(4);
        assertThat(timeline().model().parts()).extracting(p -> p.title()).containsExactly("Dough", "Shape", "Bake");
        assertThat(lesson().delivery()).isEqualTo(Delivery.RECORDED);
        var copy = text("#clock-total");
        click("#choose-cut");
        var cut = text("#clock-total");
        click("#choose-stay");
        var stay = text("#clock-total");
        assertThat(Set.of(copy, cut, stay)).hasSize(3);
        for (int i = 0; i < 2; i++) undo();
        assertThat(step("s7").waiting().cover()).isInstanceOf(Cover.ReadyCopy.class);
        assertThat(text("#clock-total")).isEqualTo(copy);
    }
}

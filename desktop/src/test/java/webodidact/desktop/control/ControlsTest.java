package webodidact.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import webodidact.core.check.About;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;
import webodidact.desktop.geometry.Lane;
import webodidact.desktop.geometry.TimelineModel;

/** Each control alone in a window of its own. */
class ControlsTest {
    private Stage stage;

    @BeforeEach
    void start() throws Exception {
        FxToolkit.registerPrimaryStage();
        FxToolkit.setupFixture(() -> stage = new Stage());
    }

    @AfterEach
    void end() throws Exception {
        FxToolkit.setupFixture(() -> stage.hide());
    }

    private void show(Region node, double width, double height) throws Exception {
        FxToolkit.setupFixture(() -> {
            var root = new StackPane(new VBox(node));
            root.getStyleClass().add("app");
            var scene = new Scene(root, width, height);
            scene.getStylesheets()
                    .add(ControlsTest.class
                            .getResource("/webodidact/desktop/app/webodidact.css")
                            .toExternalForm());
            stage.setScene(scene);
            stage.show();
        });
        settle();
    }

    private static void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static <T> T ask(Callable<T> question) throws Exception {
        return WaitForAsyncUtils.asyncFx(question).get(5, TimeUnit.SECONDS);
    }

    private static void run(Runnable task) throws Exception {
        WaitForAsyncUtils.asyncFx(task).get(5, TimeUnit.SECONDS);
        settle();
    }

    private static Step step(String id, int seconds, Kind kind) {
        return Step.blank(id, kind, "Title " + id).but(d -> d.hands = TimeRange.of(seconds));
    }

    private static Schedule schedule(int slot, Step... steps) {
        return Planner.plan(
                Lesson.blank("x", 1, "X").withSteps(List.of(steps)).but(d -> d.slot = slot),
                new Pace(Audience.ADULTS, Map.of()));
    }

    @Test
    void aWordFieldIsAsTallAsItsWordsAndNarrowerIsTaller() throws Exception {
        var field = ask(WordField::new);
        show(field, 400, 300);
        run(() -> field.area().setText("one line"));
        double one = ask(() -> field.prefHeight(400));
        run(() -> field.area().setText("many words ".repeat(40)));
        double many = ask(() -> field.prefHeight(400));
        assertThat(many).isGreaterThan(one * 3);
        assertThat(ask(() -> field.prefHeight(200))).isGreaterThan(many * 1.5);
        assertThat(ask(field::getHeight)).isEqualTo(many);
    }

    @Test
    void marksAreDrawnUnderTheirWordsOnEveryLineTheyCover() throws Exception {
        var field = ask(WordField::new);
        show(field, 300, 300);
        run(() -> field.area()
                .setText("Stir the oil into the yoghurt, and then the very long rest of a sentence that wraps."));
        run(() -> field.setMarks(List.of(
                new WordField.Mark(9, 12, "listed"),
                new WordField.Mark(22, 80, "unlisted"),
                new WordField.Mark(70, 900, "tool"))));
        var boxes = ask(() ->
                field.lookupAll(".mark-wash").stream().map(n -> (Rectangle) n).toList());
        assertThat(boxes).hasSizeGreaterThanOrEqualTo(3);
        assertThat(boxes.getFirst().getX()).isGreaterThan(20);
        assertThat(boxes).allSatisfy(b -> {
            assertThat(b.getX() + b.getWidth()).isLessThanOrEqualTo(300);
            assertThat(b.getY() + b.getHeight()).isLessThanOrEqualTo(field.getHeight() + 1);
        });
        assertThat(boxes).noneMatch(b -> b.getStyleClass().contains("tool"));
        run(() -> field.setMarks(List.of()));
        assertThat(ask(() -> field.lookupAll(".mark-wash"))).isEmpty();
    }

    @Test
    void aCardIsPressedByKeysAndMouseUnlessItIsDisabled() throws Exception {
        var pressed = new ArrayList<String>();
        var card =
                ask(() -> new CardButton("row-card", () -> pressed.add("x"), new Label("Words that wrap ".repeat(9))));
        show(card, 200, 300);
        for (var key : List.of(KeyCode.ENTER, KeyCode.SPACE, KeyCode.A)) {
            run(() ->
                    Event.fireEvent(card, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false)));
        }
        run(card::fire);
        assertThat(pressed).hasSize(3);
        run(() -> card.setDisable(true));
        run(card::fire);
        assertThat(pressed).hasSize(3);
    }

    @Test
    void theGaugeTellsInHandAndOver() throws Exception {
        var gauge = ask(FitGauge::new);
        show(gauge, 400, 100);
        run(() -> gauge.show(schedule(600, step("a", 540, Kind.HANDS_ON))));
        assertThat(ask(gauge::getAccessibleText)).isEqualTo("9:00 planned, slot 10:00 · 1:00 in hand");
        run(() -> gauge.show(schedule(600, step("a", 700, Kind.HANDS_ON))));
        assertThat(ask(gauge::getAccessibleText)).endsWith("1:40 over");
        assertThat(ask(gauge::getStyleClass)).contains("over");
        run(() -> gauge.show(null));
        assertThat(ask(gauge::getStyleClass)).doesNotContain("over");
    }

    @Test
    void theGaugeKeepsItsFiguresWholeWhereThereIsLittleRoom() throws Exception {
        for (int width : new int[] {180, 240, 700}) {
            var gauge = ask(FitGauge::new);
            gauge.setStyle("-fx-min-width: %1$dpx; -fx-pref-width: %1$dpx; -fx-max-width: %1$dpx".formatted(width));
            show(gauge, 800, 100);
            run(() -> gauge.show(schedule(600, step("a", 8000, Kind.HANDS_ON), Step.blank("b", Kind.HANDS_ON, "B"))));
            run(() -> gauge.getScene().getRoot().layout());
            var shown = ask(() -> gauge.lookupAll(".label").stream()
                    .map(Label.class::cast)
                    .filter(Node::isVisible)
                    .toList());
            assertThat(shown).as("at %d", width).allSatisfy(label -> {
                assertThat(label.getWidth()).isGreaterThanOrEqualTo(label.prefWidth(-1) - 0.5);
                assertThat(label.getLayoutX() + label.getWidth()).isLessThanOrEqualTo(width + 1);
            });
            for (int i = 1; i < shown.size(); i++)
                for (int j = 0; j < i; j++)
                    assertThat(shown.get(i)
                                    .getBoundsInParent()
                                    .intersects(shown.get(j).getBoundsInParent()))
                            .as("%s on %s at %d", shown.get(i), shown.get(j), width)
                            .isFalse();
            if (width != 240) assertThat(shown).hasSize(width == 180 ? 2 : 4);
        }
    }

    @Test
    void theRibbonIsToScaleAndSaysItsSteps() throws Exception {
        var chosen = new ArrayList<String>();
        var ribbon = ask(() -> new Ribbon(chosen::add));
        show(ribbon, 1000, 40);
        run(() -> ribbon.show(
                schedule(
                        600, step("a", 100, Kind.HANDS_ON), step("b", 300, Kind.HANDS_ON), step("c", 60, Kind.HYGIENE)),
                "b"));
        var blocks =
                ask(() -> ribbon.getChildren().stream().map(n -> (Button) n).toList());
        assertThat(blocks).hasSize(3);
        assertThat(blocks.get(1).getWidth() / blocks.get(0).getWidth()).isBetween(2.4, 3.2);
        assertThat(blocks.get(1).getAccessibleText()).isEqualTo("Step 2, Title b, from 1:40, takes 5:00");
        assertThat(blocks.get(2).getStyleClass()).contains("wash");
        run(() -> blocks.get(2).fire());
        assertThat(chosen).containsExactly("c");
    }

    /** Writes down what it is told. */
    private static final class Told implements Timeline.Edits {
        private final List<String> all = new ArrayList<>();

        @Override
        public void select(String step) {
            all.add(step);
        }

        @Override
        public void stretch(String step, boolean wait, int seconds) {
            all.add(step + (wait ? " waits " : " takes ") + seconds);
        }

        @Override
        public void settled() {
            all.add("settled");
        }

        @Override
        public String preview(String step, int index) {
            return step + " to " + index;
        }

        @Override
        public void drop(String step, int index) {
            all.add(step + " dropped at " + index);
        }

        @Override
        public int indexAt(int second) {
            return second / 300;
        }
    }

    private static TimelineModel model(List<Lane> lanes, String step) {
        return new TimelineModel(lanes, -700, 1200, 900, 1000, step, List.of(), List.of(), null, List.of());
    }

    private static List<Button> blocks(Timeline timeline) throws Exception {
        return ask(() -> {
            timeline.layout();
            return timeline.lookupAll(".block").stream().map(n -> (Button) n).toList();
        });
    }

    @Test
    void theTimelineKeepsItsBlocksInsideAndInOrder() throws Exception {
        var told = new Told();
        var timeline = ask(() -> new Timeline(told));
        timeline.setPrefSize(900, 300);
        show(timeline, 900, 300);
        var lanes = List.of(new Lane(
                "hands",
                "Hands",
                "you",
                List.of(
                        new Lane.Block(new Span(-600, 0), "before", "prep", ""),
                        new Lane.Block(new Span(0, 300), "first", "hands", "a"),
                        new Lane.Block(new Span(300, 99_000), "endless", "wait", "b"))));
        run(() -> timeline.show(model(lanes, "a")));
        var blocks = blocks(timeline);
        assertThat(blocks).hasSize(3);
        assertThat(blocks.get(0).getLayoutX() + blocks.get(0).getWidth())
                .isLessThanOrEqualTo(blocks.get(1).getLayoutX() + 1);
        assertThat(blocks.get(2).getLayoutX() + blocks.get(2).getWidth()).isLessThanOrEqualTo(910);
        assertThat(blocks.get(0).isFocusTraversable()).isFalse();
        run(() -> blocks.get(1).fire());
        assertThat(told.all).containsExactly("a");
        assertThat(timeline.overview()).contains("Hands: first, 0:00 to 5:00");
    }

    @Test
    void zoomingKeepsWhatIsUnderThePointerAndPanningEndsAtTheEnds() throws Exception {
        var timeline = ask(() -> new Timeline(new Told()));
        timeline.setPrefSize(900, 300);
        show(timeline, 900, 300);
        var lanes = List.of(new Lane(
                "hands",
                "Hands",
                "you",
                IntStream.range(0, 600)
                        .mapToObj(i -> new Lane.Block(new Span(i * 2, i * 2 + 2), "s" + i, "hands", "s" + i))
                        .toList()));
        run(() -> timeline.show(model(lanes, "")));
        int all = blocks(timeline).size();
        assertThat(all).as("blocks that share a pixel are drawn once").isLessThan(400);
        run(() -> timeline.zoomBy(20, 500));
        int near = blocks(timeline).size();
        assertThat(timeline.zoom()).isEqualTo(20);
        assertThat(near).as("what is out of view is not there").isLessThan(80).isPositive();
        run(() -> timeline.panBy(-1_000_000));
        assertThat(timeline.pan()).isZero();
        run(() -> timeline.panBy(1_000_000));
        double end = timeline.pan();
        run(() -> timeline.panBy(10));
        assertThat(timeline.pan()).isEqualTo(end);
        run(timeline::zoomOut);
        assertThat(blocks(timeline)).hasSize(all);
    }

    /** A sentence to say is longer than the margin is wide. */
    @Test
    void aLongMendTakesAsManyLinesAsItNeeds() throws Exception {
        var words = "Mind the steam: lean back as you pour, and keep the children behind you.";
        var mend = new Mend(CheckTable.words().message("mend.say-first", words), l -> l);
        var actions = new FindingCard.Actions() {
            @Override
            public void mend(Finding finding, Mend mend) {}

            @Override
            public void cover(Finding finding, String reason) {}
        };
        var card = ask(() -> new FindingCard(
                new Finding("heat-never-off", "", new About.OfStep("s"), 1, List.of("oven"), List.of(mend)), actions));
        show(new VBox(card), 240, 400);
        var button = ask(() -> (Button) card.lookup("#mend-heat-never-off"));
        assertThat(ask(card::getWidth)).isLessThanOrEqualTo(240);
        assertThat(ask(button::getWidth)).isLessThanOrEqualTo(240 - 28);
        assertThat(ask(() -> ((Text) button.lookup(".text")).getText())).contains("behind you");
        assertThat(ask(button::getHeight)).isGreaterThan(40);
    }

    @Test
    void stopsAndLooksCanBeCovered() throws Exception {
        var done = new ArrayList<String>();
        var actions = new FindingCard.Actions() {
            @Override
            public void mend(Finding finding, Mend mend) {
                done.add(mend.label());
            }

            @Override
            public void cover(Finding finding, String reason) {
                done.add(reason);
            }
        };
        var mends = List.of(new Mend(CheckTable.words().message("over-slot.mend.slot", 25), l -> l));
        var stop = ask(() -> new FindingCard(
                new Finding("over-slot", "", new About.OfLesson(), 0, List.of("2:00", "18:20"), mends), actions));
        var look = ask(() -> new FindingCard(
                new Finding("heat-never-off", "", new About.OfStep("s"), 1, List.of("oven"), mends), actions));
        show(new VBox(stop, look), 400, 400);
        assertThat(ask(() -> look.lookup("#cover-heat-never-off"))).isNotNull();
        run(() -> ((Button) stop.lookup("#mend-over-slot")).fire());
        run(() -> ((Button) stop.lookup("#cover-over-slot")).fire());
        var reason = ask(() -> (TextField) stop.lookup("#reason-over-slot"));
        run(() -> Event.fireEvent(reason, new ActionEvent()));
        run(() -> {
            reason.setText(" Because. ");
            Event.fireEvent(reason, new ActionEvent());
        });
        assertThat(done).containsExactly("Make the slot 25 min", "Because.");
        assertThat(stop.getAccessibleText()).isEqualTo("Stop: The lesson is 2:00 over its slot of 18:20.");
    }
}

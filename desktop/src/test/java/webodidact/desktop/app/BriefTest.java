package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Delivery;

class BriefTest extends WindowTest {
    private String consequences() {
        settle();
        return String.join(
                "\n",
                robot.from(robot.lookup("#consequences").queryAll()).lookup(".label").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .toList());
    }

    @Test
    void inLargeLettersARowOfChoicesIsAsHighAsItsRows() {
        go(1);
        for (int i = 0; i < 3; i++) robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
        settle();
        for (var pane : robot.lookup(n -> n instanceof FlowPane && n.getScene() != null && n.isVisible())
                .<FlowPane>queryAll()) {
            double lowest = pane.getChildren().stream()
                    .mapToDouble(n -> n.getBoundsInParent().getMaxY())
                    .max()
                    .orElse(0);
            assertThat(pane.getHeight()).as("%s", pane).isLessThan(lowest + 12);
        }
    }

    @Test
    void eachChoiceShowsItsConsequenceAtOnce() {
        go(1);
        assertThat(consequences()).contains("126 words a minute", "in hand", "Nothing can be cut");
        click("#audience-adults");
        assertThat(lesson().audience()).isEqualTo(Audience.ADULTS);
        assertThat(consequences()).contains("126 words a minute");
        click("#delivery-recorded");
        assertThat(lesson().delivery()).isEqualTo(Delivery.RECORDED);
        assertThat(consequences()).contains("Waits can be cut or sped up");
        fill("#brief-slot", "40");
        assertThat(consequences()).contains("over the slot");
        assertThat(text("#in-hand")).endsWith("over");
        assertThat(text("#stops")).isEqualTo("■ 2 stops");
        undo();
        assertThat(text("#in-hand")).endsWith("in hand");
    }

    @Test
    void titleAirTimeYieldAndKitchenAreKept() {
        go(1);
        type("#brief-title", "Parcels");
        assertThat(text("#slate-title")).isEqualTo("Parcels");
        fill("#brief-time", "9:05");
        assertThat(lesson().air()).isEqualTo(LocalDateTime.of(2026, 12, 3, 9, 5));
        fill("#brief-count", "6");
        fill("#brief-serves", "3");
        fill("#brief-heats", "20");
        assertThat(lesson().makes().serves()).isEqualTo(3);
        assertThat(workspace().book().course().kitchen().ovenHeats()).isEqualTo(1200);
        fill("#brief-rings", "many");
        assertThat(find("#brief-rings").getAccessibleHelp()).contains("expected a whole number");
        robot.push(KeyCode.TAB);
        reopen();
        assertThat(lesson().title()).isEqualTo("Parcels");
        assertThat(workspace().book().course().kitchen().ovenHeats()).isEqualTo(1200);
    }
}

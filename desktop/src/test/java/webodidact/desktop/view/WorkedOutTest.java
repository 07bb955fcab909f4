package webodidact.desktop.view;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import webodidact.core.answer.Missing;

class WorkedOutTest {
    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @Test
    void whatCannotBeShownSaysSoInItsPlaceAndIsThereAgainAfterwards() throws Exception {
        var stale = WaitForAsyncUtils.asyncFx(() -> new Label("42 g")).get();
        var hidden = WaitForAsyncUtils.asyncFx(() -> new Label("never shown")).get();
        var pane = WaitForAsyncUtils.asyncFx(() -> new VBox(stale, hidden)).get();
        WaitForAsyncUtils.asyncFx(() -> {
                    hidden.setVisible(false);
                    WorkedOut.show(pane, () -> {
                        throw new ArithmeticException("/ by zero");
                    });
                    assertThat(stale.isVisible())
                            .as("nothing of an earlier state is left to be seen")
                            .isFalse();
                    var said = (Label) pane.lookup("#fault");
                    assertThat(said.getText())
                            .startsWith("■ Something here was not worked out")
                            .contains("WorkedOutTest")
                            .doesNotContain("Exception");
                    WorkedOut.show(pane, () -> {
                        throw new Missing("Not worked out: the times.");
                    });
                    assertThat(((Label) pane.lookup("#fault")).getText()).isEqualTo("■ Not worked out: the times.");
                    WorkedOut.show(pane, () -> stale.setText("43 g"));
                    assertThat(pane.lookup("#fault")).isNull();
                    assertThat(stale.isVisible()).isTrue();
                    assertThat(hidden.isVisible()).isFalse();
                    return null;
                })
                .get();
    }
}

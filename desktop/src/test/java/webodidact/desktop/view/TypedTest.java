package webodidact.desktop.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import javafx.css.PseudoClass;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

class TypedTest {
    private TextField field;
    private String value = "12";
    private int reads;

    @BeforeEach
    void start() throws Exception {
        FxToolkit.registerPrimaryStage();
        field = WaitForAsyncUtils.asyncFx(() -> new TextField()).get(5, TimeUnit.SECONDS);
    }

    private void read(String text) {
        reads++;
        if (!text.matches("\\d+")) throw new IllegalArgumentException("expected a number");
        value = text;
    }

    private void run(Runnable task) throws Exception {
        WaitForAsyncUtils.asyncFx(task).get(5, TimeUnit.SECONDS);
    }

    private boolean isWrong() {
        return field.getPseudoClassStates().contains(PseudoClass.getPseudoClass("wrong"));
    }

    @Test
    void eachKeystrokeThatReadsIsKeptAndOneThatDoesNotIsMarked() throws Exception {
        run(() -> Typed.bind(field, () -> value, this::read));
        assertThat(field.getText()).isEqualTo("12");
        run(() -> field.setText("123"));
        assertThat(value).isEqualTo("123");
        run(() -> field.setText("123x"));
        assertThat(value).isEqualTo("123");
        assertThat(isWrong()).isTrue();
        assertThat(field.getAccessibleHelp()).isEqualTo("expected a number");
        run(() -> field.setText("9"));
        assertThat(isWrong()).isFalse();
        assertThat(field.getAccessibleHelp()).isNull();
    }

    @Test
    void showingAValueIsNotTyping() throws Exception {
        var typed = new Typed[1];
        run(() -> typed[0] = Typed.bind(field, () -> value, this::read));
        value = "77";
        run(() -> typed[0].refresh());
        assertThat(field.getText()).isEqualTo("77");
        assertThat(reads).isZero();
    }

    @Test
    void onEnterNothingIsReadBeforeEnterAndAnUnchangedTextNever() throws Exception {
        run(() -> Typed.onEnter(field, () -> value, this::read));
        run(() -> Event.fireEvent(field, new ActionEvent()));
        assertThat(reads).isZero();
        run(() -> field.setText("5"));
        assertThat(value).isEqualTo("12");
        run(() -> Event.fireEvent(field, new ActionEvent()));
        assertThat(value).isEqualTo("5");
        run(() -> {
            field.setText("five");
            Event.fireEvent(field, new ActionEvent());
        });
        assertThat(value).isEqualTo("5");
        assertThat(isWrong()).isTrue();
    }
}

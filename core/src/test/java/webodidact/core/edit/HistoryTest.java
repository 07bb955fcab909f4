package webodidact.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Workbook;

class HistoryTest {
    private Workbook book = titled("a");
    private final History history = new History();

    private static Workbook titled(String title) {
        return new Workbook(Course.named(title), List.of(), List.of(), List.of());
    }

    private void type(String title) {
        var next = titled(title);
        history.add(new Edit("Change the title", "title", book, next));
        book = next;
    }

    @Test
    void typingInOneFieldIsOneStep() {
        type("ab");
        type("abc");
        assertThat(history.undo()).contains(titled("a"));
        assertThat(history.undo()).isEmpty();
        assertThat(history.redo()).contains(titled("abc"));
    }

    @Test
    void aSealStartsANewStepAndSoDoesUndo() {
        type("ab");
        history.seal();
        type("abc");
        assertThat(history.undoLabel()).contains("Change the title");
        book = history.undo().orElseThrow();
        assertThat(book).isEqualTo(titled("ab"));
        type("abd");
        assertThat(history.redo()).isEmpty();
        assertThat(history.undo()).contains(titled("ab"));
    }

    @Test
    void whatChangesNothingIsNoStep() {
        history.add(new Edit("x", "", book, titled("a")));
        assertThat(history.undoLabel()).isEmpty();
    }

    @Test
    void itForgetsTheOldest() {
        for (int i = 0; i < History.DEPTH + 10; i++) {
            history.seal();
            type("t" + i);
        }
        int steps = 0;
        while (history.undo().isPresent()) steps++;
        assertThat(steps).isEqualTo(History.DEPTH);
    }
}

package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Household;
import webodidact.desktop.Hands;
import webodidact.formats.paper.LabelGrid;
import webodidact.formats.paper.Sheet;

/** The Papers station through the window: what is shown, for whom, what holds it, writing, and what has changed since. */
class PapersStationTest extends WindowTest {
    @BeforeEach
    void there() throws InterruptedException {
        go(6);
        drawn("page");
    }

    private void drawn(String words) throws InterruptedException {
        for (int i = 0; i < 300 && !text("#preview-state").contains(words); i++) Thread.sleep(30);
        assertThat(text("#preview-state")).contains(words);
        settle();
    }

    private void told(String words) throws InterruptedException {
        for (int i = 0; i < 600 && !text("#notice").contains(words); i++) Thread.sleep(30);
        assertThat(text("#notice")).contains(words);
        settle();
    }

    private Path papers() {
        return workspace().folder().path().resolve("Papers/1-fish-parcels");
    }

    @Test
    void aPaperIsWrittenIntoTheCourseAndWhatChangesLaterIsTold() throws InterruptedException {
        assertThat(wordsIn("#changes")).containsExactly("It has not been written to this folder yet.");
        click("#open-folder");
        told("write a paper first");
        click("#write-paper");
        told("2 files written to");
        assertThat(papers().resolve("1-fish-parcels-gather-list.pdf")).exists();
        drawn("page");
        assertThat(wordsIn("#changes")).singleElement().asString().startsWith("Nothing since ");
        go(2);
        robot.interact(() -> window.workspace()
                .editLesson("x", l -> l.withFood("f5", f -> f.but(d -> d.amount = d.amount.times(Ratio.of(2))))));
        settle();
        go(6);
        for (int i = 0; i < 200 && wordsIn("#changes").size() < 3; i++) Thread.sleep(30);
        assertThat(wordsIn("#changes")).contains("− 120 g green beans", "+ 240 g green beans");
    }

    @Test
    void aPressOnALineOfTheCardOpensItsWordsForHomes() throws InterruptedException {
        click("#paper-method-card");
        drawn("2 pages");
        var page = find(".page");
        Hands.mouse(
                MouseEvent.MOUSE_CLICKED,
                page,
                page.localToScene(90, page.getLayoutBounds().getHeight() * 0.42));
        settle();
        assertThat(stage.getScene().getFocusOwner()).isInstanceOf(TextArea.class);
        var id = stage.getScene().getFocusOwner().getId();
        assertThat(id).startsWith("card-s");
        var step = id.substring(5);
        type("#" + id, "In other words");
        assertThat(step(step).card()).isEqualTo("In other words");
    }

    @Test
    void forOneHomeItIsInItsWordsAndForAllAFileEach() throws InterruptedException {
        ComboBox<Household> one = find("#for-home");
        robot.interact(() -> one.setValue(one.getItems().stream()
                .filter(h -> h.alias().equals("Dunlin"))
                .findFirst()
                .orElseThrow()));
        settle();
        drawn("page");
        click("#write-paper");
        told("2 files written to");
        assertThat(papers().resolve("1-fish-parcels-gather-list-dunlin.pdf")).exists();
        click("#for-all");
        settle();
        click("#write-paper");
        told("48 files written to");
        assertThat(papers().resolve("1-fish-parcels-gather-list-avocet.html")).exists();
        click("#in-one-file");
        click("#write-paper");
        told("1 files written to");
        assertThat(papers().resolve("1-fish-parcels-gather-list-all-homes.pdf")).exists();
        click("#for-any");
        assertThat(find("#in-one-file").isVisible()).isFalse();
    }

    @Test
    void whatIsHeldIsNotWrittenUnlessAsADraft() throws Exception {
        assertThat(wordsIn(".side-body")).anyMatch(t -> t.startsWith("■ ") && t.contains("other papers are held"));
        click("#look-held");
        drawn("2 pages");
        assertThat(find("#write-paper").isDisabled()).isTrue();
        click("#as-draft");
        assertThat(find("#write-paper").isDisabled()).isFalse();
        click("#write-paper");
        told("2 files written to");
        assertThat(Files.readString(papers().resolve("1-fish-parcels-method-card.html")))
                .contains("DRAFT · 1 stop is open");
    }

    @Test
    void labelsGoOnTheSheetsThatAreThereFromTheFirstThatIsLeft() throws InterruptedException {
        assertThat(find("#label-grid").getParent().isVisible()).isFalse();
        click("#paper-labels");
        drawn("page");
        assertThat(text("#labels-remark")).contains("11 labels on 1 sheet", "All words stand on their label.");
        ComboBox<LabelGrid> grid = find("#label-grid");
        ComboBox<Integer> first = find("#first-label");
        assertThat(grid.getItems()).isEqualTo(LabelGrid.on(Sheet.A4));
        robot.interact(() -> grid.setValue(LabelGrid.A4_8));
        settle();
        drawn("page");
        robot.interact(() -> first.setValue(8));
        settle();
        drawn("page");
        assertThat(text("#labels-remark")).contains("11 labels on 3 sheets");
        click("#sheet-letter");
        drawn("page");
        assertThat(grid.getValue()).isEqualTo(LabelGrid.LETTER_10);
        assertThat(first.getValue()).isOne();
        click("#paper-gather-list");
        drawn("page");
        assertThat(grid.getParent().isVisible()).isFalse();
    }

    @Test
    void aFileIsShownAsItsTextInEachFormat() throws InterruptedException {
        click("#paper-captions");
        drawn("lines");
        assertThat(text("#file-text")).startsWith("WEBVTT");
        click("#ending-srt");
        drawn("lines");
        assertThat(text("#file-text")).startsWith("1\r\n00:00:00,000 --> ".replace("\r", ""));
        click("#paper-gather-list");
        drawn("page");
    }

    @Test
    void severalAreMarkedAndWrittenTogetherByKeyboardAlone() throws InterruptedException {
        robot.interact(() -> find("#paper-gather-list").requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.SPACE);
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.DOWN);
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.SPACE);
        settle();
        assertThat(text("#write-paper")).isEqualTo("Write 2 papers");
        robot.interact(() -> find("#write-paper").requestFocus());
        robot.push(KeyCode.SPACE);
        told("4 files written to");
        assertThat(papers().resolve("1-fish-parcels-substitution-sheet.pdf")).exists();
        assertThat(text("#write-paper")).as("nothing is marked any more").isEqualTo("Write PDF and page");
    }

    @Test
    void theSheetTheLettersAndTheZoomAreChosen() throws InterruptedException {
        click("#sheet-letter");
        drawn("page");
        click("#large-print");
        drawn("pages");
        double was = find(".page").getLayoutBounds().getWidth();
        click("#zoom-in");
        drawn("pages");
        assertThat(find(".page").getLayoutBounds().getWidth()).isGreaterThan(was * 1.1);
        click("#zoom-fit");
        drawn("pages");
        click("#large-print");
        drawn("1 page");
        ComboBox<Object> language = find("#language");
        robot.interact(() -> language.setValue(language.getItems().getLast()));
        drawn("page");
    }
}

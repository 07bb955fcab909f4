package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.List;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import webodidact.core.afters.Best;
import webodidact.core.air.AirRun;
import webodidact.core.check.Covering;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.desktop.state.AirWatch;
import webodidact.formats.air.AirJournal;

/** Whole runs on the desk, by keys alone: a difficult room, a recording in parts, a rehearsal, and what goes wrong. */
class LiveDeskTest extends WindowTest {
    private void mended() {
        robot.interact(() -> workspace().show("1-fish-parcels"));
        settle();
        choose("s8");
        go(7);
        click("#mend-no-wash-after-raw");
    }

    private void live() {
        mended();
        click("#go-live");
    }

    private void press(KeyCode... code) {
        robot.push(code);
        settle();
    }

    private void pass(int seconds) {
        ticker.pass(seconds);
        robot.interact(() -> workspace().live().tick());
        settle();
    }

    private AirRun run() {
        return workspace().live().runProperty().get();
    }

    private AirWatch.Seen seen() {
        settle();
        return workspace().watch().seenProperty().get();
    }

    /** Every step as long as it was planned. */
    private void toStep(int number) {
        while (run().index() + 1 < number) {
            pass(run().leftHere());
            press(KeyCode.SPACE);
        }
    }

    /** By keyboard: it asks, and is told. */
    private void endByKeys() {
        press(KeyCode.ESCAPE);
        press(KeyCode.ENTER);
    }

    @Test
    void aWholeLiveLessonWithADifficultRoomEndsOnTimeAndEveryQuestionHasAnAnswer() throws Exception {
        robot.interact(() -> workspace()
                .edit(
                        "Homes",
                        b -> b.withHouseholds(b.households().stream()
                                .map(h -> h.alias().equals("Quail") ? h.but(d -> d.oven = false) : h)
                                .toList())));
        settle();
        live();
        int planned = run().schedule().planned();
        toStep(6);
        assertThat(text("#air-behind")).isEqualTo("on time");
        assertThat(run().finishesAt()).isEqualTo(planned);
        // Told on air, and typed by a helper.
        press(KeyCode.Q);
        write("my son is allergic to milk");
        press(KeyCode.ENTER);
        var told = seen().asked().getFirst();
        assertThat(told.answer().about()).isEqualTo("milk");
        assertThat(told.answer().say()).contains("yoghurt declares it");
        assertThat(text("#air-asks .studio-answer")).isEqualTo(told.answer().say());
        press(KeyCode.Y);
        assertThat(seen().asked()).noneMatch(a -> a.id().equals(told.id()));
        pass(60);
        assertThat(seen().asked()).extracting(AirWatch.Asked::home).contains("Merlin");
        var kitchens = seen().kitchens().orElseThrow();
        assertThat(kitchens.homes()).hasSize(24);
        // Folding is cut short: homes are left behind, and the hold that is offered brings them back.
        press(KeyCode.SPACE);
        pass(5);
        kitchens = seen().kitchens().orElseThrow();
        assertThat(kitchens.share()).isLessThan(85);
        assertThat(kitchens.hold()).isPositive();
        assertThat(text("#air-hold")).startsWith("K: hold ").contains("of 24 are ready for step 8");
        press(KeyCode.K);
        assertThat(seen().kitchens().orElseThrow().share()).isGreaterThanOrEqualTo(85);
        while (run() != null) {
            pass(Math.max(1, run().leftHere()));
            press(KeyCode.SPACE);
        }
        var asked = seen();
        assertThat(asked).as("the run is over").isNull();
        var take = workspace().book().takesOf("1-fish-parcels").getLast();
        assertThat(take.kind()).isEqualTo(TakeKind.LIVE);
        assertThat(take.steps()).hasSize(18);
        assertThat(AirJournal.read(course).orElseThrow().isOver()).isTrue();
    }

    @Test
    void bothHomesWithoutAnOvenAreToldWhatIsKnown() {
        robot.interact(() -> workspace()
                .edit(
                        "Homes",
                        b -> b.withHouseholds(b.households().stream()
                                .map(h -> h.alias().equals("Quail") ? h.but(d -> d.oven = false) : h)
                                .toList())));
        settle();
        live();
        toStep(7);
        pass(50);
        var ovens =
                seen().asked().stream().filter(a -> a.id().endsWith("/oven")).toList();
        assertThat(ovens).extracting(AirWatch.Asked::home).containsExactlyInAnyOrder("Quail", "Tern");
        assertThat(ovens).allSatisfy(a -> assertThat(a.answer().say()).contains("step 7"));
    }

    @Test
    void whatBringsItBackOnTimeIsShownBeforeItIsTakenAndTakenBack() {
        live();
        pass(400);
        var help = seen().onTime();
        assertThat(help.helps()).isNotEmpty();
        var first = help.helps().getFirst();
        var button = robot.lookup("#air-helps .button").queryAll().stream().toList();
        assertThat(button).hasSameSizeAs(help.helps());
        int ends = run().finishesAt();
        press(KeyCode.X);
        assertThat(run().finishesAt()).isLessThan(ends);
        assertThat(run().skipped()).hasSize(1);
        assertThat(text("#notice")).endsWith("Z takes it back.");
        press(KeyCode.Z);
        assertThat(run().finishesAt()).isEqualTo(ends);
        assertThat(first.text()).isNotBlank();
        press(KeyCode.DIGIT2);
        assertThat(run().index()).isEqualTo(2);
        press(KeyCode.Z);
        assertThat(run().index()).isZero();
    }

    @Test
    void aCutOffRunIsTakenUpWhereItWouldBeNow() throws Exception {
        live();
        toStep(5);
        pass(20);
        var timers = run().timers();
        robot.interact(() -> Event.fireEvent(stage, new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        int second = timers.getFirst().from();
        ticker.pass(45);
        robot.interact(() -> {
            window.open(course);
            stage.show();
        });
        settle();
        go(7);
        assertThat(((Labeled) robot.lookup("#cut-off .label").query()).getText())
                .contains("was cut off in step 5");
        int before = workspace().book().takesOf("1-fish-parcels").size();
        click("#take-up");
        assertThat(text("#air-title")).isEqualTo("Trim the beans");
        assertThat(run().here().spent()).isEqualTo(65);
        assertThat(run().timers()).isEqualTo(timers);
        assertThat(run().timers().getFirst().from()).isEqualTo(second);
        endByKeys();
        assertThat(workspace().book().takesOf("1-fish-parcels"))
                .as("the same take")
                .hasSize(before);
        go(1);
        go(7);
        assertThat(isThere("#cut-off")).isFalse();
    }

    @Test
    void aRunThatWasEndedByMistakeGoesOnWithinTheMinute() {
        live();
        toStep(3);
        pass(10);
        endByKeys();
        ticker.pass(20);
        click("#take-up-again");
        assertThat(text("#air-title")).isEqualTo("Gather check");
        assertThat(run().here().spent()).isEqualTo(30);
        endByKeys();
        ticker.pass(61);
        go(1);
        go(7);
        assertThat(isThere("#take-up-again")).isFalse();
    }

    @Test
    void aSleepingMachineLosesNoTimeAndSaysSo() {
        live();
        pass(30);
        ticker.sleep(200);
        pass(1);
        assertThat(run().elapsed()).isEqualTo(231);
        assertThat(text("#notice")).startsWith("This machine slept or its clock was set: 3:20");
    }

    @Test
    void aRecordingInPartsWithTwoRetakes() throws Exception {
        robot.interact(() -> workspace().show("2-cheese-scones"));
        settle();
        go(7);
        robot.interact(() -> workspace()
                .editLesson(
                        "Cover",
                        l -> l.but(d -> d.accepted = workspace().outcome().report().open().stream()
                                .filter(Finding::isStop)
                                .map(f -> new Accepted(
                                        f.check(), f.where(), "rehearsed and watched", "", null, Covering.stands(f, l)))
                                .toList())));
        settle();
        click("#go-live");
        assertThat(text("#air-state")).isEqualTo("STANDBY");
        pass(30);
        assertThat(run().onAir()).isZero();
        press(KeyCode.L);
        assertThat(text("#air-state")).isEqualTo("IN 3");
        pass(13);
        assertThat(text("#air-state")).isEqualTo("● CAMERA ON");
        assertThat(text("#air-take")).isEqualTo("take 1");
        press(KeyCode.SHIFT, KeyCode.M);
        write("hair in frame");
        press(KeyCode.ENTER);
        press(KeyCode.R);
        assertThat(text("#air-take")).isEqualTo("take 2");
        press(KeyCode.L);
        pass(3 + 20);
        press(KeyCode.SPACE);
        pass(15);
        press(KeyCode.SHIFT, KeyCode.R);
        assertThat(text("#air-title")).isEqualTo(run().plan().step(0).title());
        press(KeyCode.L);
        pass(3 + 18);
        endByKeys();
        var takes = workspace().book().takesOf("2-cheese-scones");
        var three = takes.subList(takes.size() - 3, takes.size());
        assertThat(three).allMatch(t -> t.kind() == TakeKind.PART);
        assertThat(three).extracting(Take::total).containsExactly(10, 35, 18);
        assertThat(three.getFirst().steps().getFirst().why()).isEqualTo("hair in frame");
        assertThat(Files.readString(course.resolve("takes.csv"))).contains(",part,hair in frame,");
        var tally = course.resolve("Recorder/" + three.getFirst().id() + ".csv");
        for (int i = 0; i < 100 && !Files.exists(tally); i++) Thread.sleep(20);
        assertThat(Files.readString(tally))
                .contains("1,mark,")
                .contains("hair in frame")
                .contains("\n3,shot,");
    }

    @Test
    void aRehearsalRunsWithStopsOnAFastClock() throws Exception {
        robot.interact(() -> workspace().show("1-fish-parcels"));
        settle();
        go(7);
        assertThat(find("#go-live").isDisabled()).isTrue();
        click("#air-kind-words");
        click("#air-speed-10");
        click("#go-live");
        pass(3);
        assertThat(run().elapsed()).isEqualTo(30);
        assertThat(run().timers()).as("nothing cooks at the table").isEmpty();
        press(KeyCode.SPACE);
        endByKeys();
        assertThat(workspace().book().takesOf("1-fish-parcels").getLast().kind())
                .isEqualTo(TakeKind.WORDS);
    }

    @Test
    void theHelpersWindowShowsTheRunAndLeavesTheKeyboardWithTheDesk() {
        live();
        pass(10);
        press(KeyCode.W);
        var helper = Window.getWindows().stream()
                .filter(w -> w != stage && w.isShowing())
                .findFirst()
                .orElseThrow();
        Node clock = helper.getScene().lookup("#air-elapsed");
        pass(5);
        assertThat(((Label) clock).getText()).isEqualTo("0:15");
        press(KeyCode.SPACE);
        assertThat(run().index()).isEqualTo(1);
        press(KeyCode.W);
        assertThat(helper.isShowing()).isFalse();
    }

    @Test
    void whatWasTypedMeanwhileIsToldAndTheRunKeepsItsOwn() throws Exception {
        live();
        toStep(3);
        robot.interact(() -> Event.fireEvent(stage, new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        robot.interact(() -> {
            window.open(course);
            stage.show();
        });
        settle();
        robot.interact(() -> workspace().editLesson("Title", l -> l.withStep("s3", s -> s.but(d -> d.title = "Look"))));
        settle();
        go(7);
        var told = robot.lookup("#cut-off .label").queryAll().stream()
                .map(n -> ((Labeled) n).getText())
                .toList();
        assertThat(told).anySatisfy(t -> assertThat(t).startsWith("1 part of the lesson has changed since"));
        click("#take-up");
        assertThat(text("#air-title")).isEqualTo("Gather check");
    }

    @Test
    void aRunThatWasCutOffIsKeptAsATakeIfNobodyGoesOn() throws Exception {
        live();
        pass(20);
        press(KeyCode.SPACE);
        pass(10);
        robot.interact(() -> workspace().live().leave());
        robot.interact(() -> workspace().edit("Forget", b -> b.withTakes(List.of())));
        settle();
        ticker.pass(4 * 3600);
        go(1);
        go(7);
        assertThat(((Labeled) robot.lookup("#cut-off .label").query()).getText())
                .contains("By now it would long be over");
        assertThat(isThere("#take-up")).isFalse();
        click("#keep-cut");
        assertThat(workspace().book().takes()).hasSize(1);
        assertThat(workspace().book().takes().getFirst().total()).isEqualTo(20);
        assertThat(isThere("#cut-off")).isFalse();
        assertThat(course.resolve(AirJournal.FILE)).doesNotExist();
    }

    @Test
    void aFolderThatTakesNoJournalIsToldAndTheRunGoesOn() throws Exception {
        mended();
        Files.createDirectory(course.resolve(AirJournal.FILE));
        click("#go-live");
        assertThat(text("#notice")).startsWith("What is pressed on air cannot be written");
        pass(20);
        press(KeyCode.SPACE);
        assertThat(run().index()).isEqualTo(1);
        assertThat(workspace().book().takesOf("1-fish-parcels").getLast().total())
                .isEqualTo(20);
        Files.delete(course.resolve(AirJournal.FILE));
    }

    @Test
    void whatIsStillHotIsSaidWhenTheRunIsOver() {
        live();
        toStep(8);
        endByKeys();
        var told = robot.lookup(".studio-warning .label").queryAll().stream()
                .map(n -> ((Labeled) n).getText())
                .toList();
        assertThat(told).anySatisfy(t -> assertThat(t).contains("Still on: ").contains("Oven"));
        assertThat(told)
                .anySatisfy(
                        t -> assertThat(t).contains("Still being waited for: ").contains("Parcels"));
    }

    @Test
    void anAnswerGoesOntoTheSubstitutionSheetWithOneKey() {
        live();
        toStep(9);
        press(KeyCode.Q);
        write("no dill, is mint ok?");
        press(KeyCode.ENTER);
        var asked = seen().asked().getFirst();
        var food = asked.answer().standIn();
        press(KeyCode.U);
        if (food.isPresent())
            assertThat(lesson().food("f6").orElseThrow().mentioned()).contains(food.get());
        else assertThat(lesson().food("f6").orElseThrow().mentioned()).containsExactly("parsley");
        press(KeyCode.Q);
        write("no dill here");
        press(KeyCode.ENTER);
        assertThat(seen().asked().getFirst().answer().standIn()).hasValue("parsley");
        int open = seen().asked().size();
        press(KeyCode.U);
        assertThat(seen().asked()).hasSize(open - 1);
    }

    @Test
    void theWordsAreMirroredAndTheirSizeIsMeasured() {
        live();
        press(KeyCode.V);
        assertThat(find("#prompt-words").getScaleX()).isEqualTo(-1);
        press(KeyCode.V);
        assertThat(find("#prompt-words").getScaleX()).isEqualTo(1);
        press(KeyCode.F2);
        assertThat(text("#notice")).matches("48 px: capitals of \\d+′ at 2 m.*");
    }

    @Test
    void footPedalsTurnTheSteps() {
        live();
        pass(5);
        press(KeyCode.PAGE_DOWN);
        assertThat(run().index()).isEqualTo(1);
        press(KeyCode.PAGE_UP);
        assertThat(run().index()).isZero();
        press(KeyCode.RIGHT);
        press(KeyCode.LEFT);
        assertThat(run().index()).isZero();
        assertThat(run().elapsed()).isEqualTo(5);
    }

    /** All of the scones: three parts, two of them with a retake; the best of all takes is the lesson once. */
    @Test
    void threePartsWithTwoRetakesAreTheWholeLesson() throws Exception {
        robot.interact(() -> workspace().show("2-cheese-scones"));
        settle();
        robot.interact(() -> workspace()
                .editLesson(
                        "Cover",
                        l -> l.but(d -> d.accepted = workspace().outcome().report().open().stream()
                                .filter(Finding::isStop)
                                .map(f ->
                                        new Accepted(f.check(), f.where(), "watched", "", null, Covering.stands(f, l)))
                                .toList())));
        settle();
        go(7);
        click("#go-live");
        int retakes = 0;
        int parts = 0;
        while (run() != null) {
            if (!run().isRolling()) {
                parts++;
                press(KeyCode.L);
                pass(AirRun.LEAD_IN);
            }
            pass(Math.max(1, run().leftHere()));
            boolean begins = !run().plan().step(run().index()).part().isBlank();
            if (begins && run().index() > 0 && retakes < 2 && run().number() <= parts) {
                retakes++;
                press(KeyCode.M);
                press(KeyCode.R);
                continue;
            }
            press(KeyCode.SPACE);
        }
        assertThat(retakes).isEqualTo(2);
        var takes = workspace().book().takesOf("2-cheese-scones");
        assertThat(takes).as("three parts and two retakes").hasSize(5);
        var best = Best.all(lesson(), takes).orElseThrow();
        assertThat(best.steps())
                .extracting(Take.StepTime::step)
                .isEqualTo(lesson().steps().stream().map(s -> s.id()).toList());
        assertThat(best.steps()).allMatch(s -> s.marks() == 0);
    }
}

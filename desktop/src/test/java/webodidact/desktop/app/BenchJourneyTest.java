package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Wait;
import webodidact.core.prep.Prepared;
import webodidact.core.time.TimeRange;
import webodidact.desktop.Hands;

/** The Bench from end to end: a helper more, a job pinned, dragged, given away, left out; what clashes gives way; the day itself. */
class BenchJourneyTest extends WindowTest {
    private void bench() throws Exception {
        robot.interact(() -> workspace().show("1-fish-parcels"));
        settle();
        go(5);
        planned();
    }

    private void await(BooleanSupplier there) throws Exception {
        for (int i = 0; i < 400 && !there.getAsBoolean(); i++) Thread.sleep(30);
        assertThat(there.getAsBoolean()).isTrue();
        settle();
    }

    /** Waits for a plan of the lesson as it is. */
    private void planned() throws Exception {
        settle();
        await(() -> prepared() != null);
        settle();
    }

    private Prepared prepared() {
        var found = new Prepared[1];
        robot.interact(() -> found[0] = window.preparedNow());
        return found[0];
    }

    private int start(String job) {
        return prepared().plan().orElseThrow().of(job).orElseThrow().start();
    }

    @Test
    void aJobIsPinnedByTypingByKeysAndBackAndUndone() throws Exception {
        bench();
        int before = start("set-out/s5");
        click("#job-set-out-s5");
        fill("#job-at", "16:00");
        planned();
        assertThat(start("set-out/s5")).isEqualTo(-90 * 60);
        assertThat(text("#bench-start")).isLessThanOrEqualTo("16:00");
        assertThat(Files.readString(course.resolve("1-fish-parcels.lesson.json")))
                .contains("\"set-out/s5\"");
        Node row = find("#job-set-out-s5");
        robot.interact(row::requestFocus);
        robot.push(KeyCode.ALT, KeyCode.RIGHT);
        planned();
        assertThat(start("set-out/s5")).isEqualTo(-85 * 60);
        click("#job-back");
        planned();
        assertThat(start("set-out/s5")).isEqualTo(before);
        assertThat(lesson().bench()).isNull();
        undo();
        planned();
        assertThat(start("set-out/s5")).isEqualTo(-85 * 60);
    }

    @Test
    void aJobThatIsDraggedSaysWhatItPushesBeforeItIsLetGo() throws Exception {
        bench();
        var block =
                robot.lookup(".prep-set-out").queryAll().stream().findFirst().orElseThrow();
        var from = block.localToScene(5, 5);
        Hands.mouse(MouseEvent.MOUSE_PRESSED, block, from);
        Hands.mouse(MouseEvent.MOUSE_DRAGGED, block, from.add(-120, 0));
        assertThat(text(".drag-hint")).containsPattern("\\d\\d:\\d\\d");
        Hands.mouse(MouseEvent.MOUSE_RELEASED, block, from.add(-120, 0));
        planned();
        assertThat(lesson().benchEdits().jobs()).hasSize(1);
        assertThat(lesson().benchEdits().jobs().getFirst().at() % 300).isZero();
    }

    @Test
    void helpersHaveNamesHoursAndSkillsAndGetWhatTheyMayDo() throws Exception {
        bench();
        click("#crew-add");
        planned();
        int helpers = workspace().book().course().kitchen().helpers();
        fill("#crew-name-0", "Wren");
        planned();
        assertThat(prepared().prep().room().people()).extracting(p -> p.name()).contains("Wren");
        click("#job-set-out-s5");
        ChoiceBox<String> who = find("#job-who");
        robot.interact(() -> who.setValue("Wren"));
        planned();
        assertThat(prepared()
                        .plan()
                        .orElseThrow()
                        .of("set-out/s5")
                        .orElseThrow()
                        .who())
                .isEqualTo("Wren");
        click("#crew-less");
        planned();
        assertThat(workspace().book().course().kitchen().helpers()).isEqualTo(helpers - 1);
    }

    @Test
    void whatIsLeftOutComesBackAndAJobOfOnesOwnIsPlanned() throws Exception {
        bench();
        click("#job-set-out-s5");
        click("#job-off");
        planned();
        assertThat(prepared().plan().orElseThrow().of("set-out/s5")).isEmpty();
        type("#own-what", "Fetch the ice");
        type("#own-takes", "10");
        fill("#own-before", "60");
        planned();
        assertThat(prepared().plan().orElseThrow().of("own/j1").orElseThrow().end())
                .isLessThanOrEqualTo(-3600);
        click("#own-add");
        assertThat(lesson().benchEdits().own())
                .as("nothing is added without a name")
                .hasSize(1);
    }

    @Test
    void aLongJobIsSplitTwoAreDoneInOneGoAndBothAreUndone() throws Exception {
        bench();
        click("#job-set-out-s6");
        int whole = prepared().prep().task("set-out/s6").orElseThrow().takes();
        click("#job-split");
        planned();
        var parts = prepared().prep().tasks().stream()
                .filter(t -> t.id().startsWith("set-out/s6"))
                .toList();
        assertThat(parts).hasSize(2);
        assertThat(parts.stream().mapToInt(t -> t.takes()).sum()).isEqualTo(whole);
        assertThat(isThere("#job-set-out-s6#2") || text("#job-whole").equals("One job, as before"))
                .isTrue();
        click("#job-whole");
        planned();
        assertThat(prepared().prep().task("set-out/s6").orElseThrow().takes()).isEqualTo(whole);
        int jobs = prepared().prep().tasks().size();
        assertThat(text("#job-join")).startsWith("In one go with “");
        click("#job-join");
        planned();
        assertThat(prepared().prep().tasks()).hasSize(jobs - 1);
        assertThat(prepared().prep().task("set-out/s6").orElseThrow().what()).contains("; then ");
        undo();
        planned();
        assertThat(prepared().prep().tasks()).hasSize(jobs);
    }

    @Test
    void shoppingAndTheWayAreAskedOnceAndThenPlanned() throws Exception {
        bench();
        assertThat(prepared().prep().task("shop")).isEmpty();
        fill("#place-shopping", "an hour");
        assertThat(lesson().benchEdits().isEmpty()).isTrue();
        assertThat(workspace().book().course().kitchen().shopping()).isZero();
        fill("#place-shopping", "60");
        planned();
        fill("#place-travel", "25");
        planned();
        var plan = prepared().plan().orElseThrow();
        assertThat(plan.of("shop").orElseThrow().end())
                .isLessThanOrEqualTo(plan.of("load").orElseThrow().start());
        assertThat(plan.of("travel").orElseThrow().end())
                .isLessThanOrEqualTo(plan.of("clean").orElseThrow().start());
        assertThat(isThere("#job-travel")).isTrue();
        reopen();
        assertThat(workspace().book().course().kitchen().travel()).isEqualTo(1500);
    }

    @Test
    void aClashNamesWhatCannotBeKeptAndGivingWayPlansAnew() throws Exception {
        bench();
        fill("#bench-opens", "17:20");
        planned();
        assertThat(isThere("#bench-clash")).isTrue();
        click("#relax-opens");
        planned();
        assertThat(isThere("#bench-clash")).isFalse();
        assertThat(lesson().benchEdits().given()).containsExactly("opens/");
        undo();
        planned();
        assertThat(isThere("#bench-clash")).isTrue();
    }

    @Test
    void setsAndCratesStandBesideTheLanesAndTheKeyboardStaysOnTheirTabs() throws Exception {
        bench();
        click("#bench-side-kits");
        assertThat(texts("#bench-kits .label")).anyMatch(t -> t.startsWith("Every home cooks for itself: one set"));
        assertThat(robot.lookup("#bench-side-kits").query().isFocused()).isTrue();
        robot.interact(() -> workspace().show("3-vegetable-dumplings"));
        planned();
        assertThat(texts("#bench-kits .label"))
                .contains("Who gets something else", "In each set, a label a pot", "For all sets")
                .anyMatch(t -> t.startsWith("5 sets for groups"))
                .anyMatch(t -> t.contains("the label decides"));
        click("#bench-side-loading");
        robot.interact(() -> workspace().show("1-fish-parcels"));
        planned();
        assertThat(texts("#bench-loading .label"))
                .anyMatch(t -> t.startsWith("The kitchen is where everything is"))
                .anyMatch(t -> t.matches("out at \\d\\d:\\d\\d, used or cold again by \\d\\d:\\d\\d")
                        || t.startsWith("out of the cold at"));
        fill("#place-travel", "25");
        planned();
        assertThat(texts("#bench-loading .label")).anyMatch(t -> t.startsWith("Tools first, what is cold last"));
        click("#bench-side-kits");
        click("#kits-print");
        assertThat(isThere(".paper-list")).isTrue();
    }

    /** Fish that is shown ready spoils: how long it is held is said with what keeps it safe. */
    @Test
    void aCopyThatIsHeldSaysHowLongAndWhatKeepsItSafe() throws Exception {
        bench();
        robot.interact(() -> workspace()
                .editLesson(
                        "Copy",
                        l -> l.withStep(
                                "s7",
                                s -> s.but(d -> d.waiting =
                                        new Wait(TimeRange.of(960), "bakes", "", new Cover.ReadyCopy(0, 4 * 3600))))));
        planned();
        var done = prepared().plan().orElseThrow().of("copy/s7/s7/wait").orElseThrow();
        robot.interact(() -> workspace()
                .editLesson(
                        "Pin",
                        l -> l.withBench(b ->
                                b.pinning("copy/s7/s7/wait", Math.floorDiv(done.start() - 1800, 60) * 60))));
        planned();
        assertThat(prepared().holds()).anyMatch(h -> h.spoils() && h.seconds() > 900);
        assertThat(robot.lookup(".finding").queryAllAs(Labeled.class))
                .extracting(Labeled::getText)
                .anyMatch(t -> t.contains("is held") && t.contains("Keep it at 63 °C or above, or chill it"));
    }

    /** A first guess is told as one, and gives way to the plan, in the slate and in the Brief alike. */
    @Test
    void whenTheDayBeginsIsSaidForSureOnlyOnceItIsPlanned() throws Exception {
        bench();
        go(1);
        planned();
        var seen = new ArrayList<String>();
        Label slate = find("#slate-first-job");
        robot.interact(() -> slate.textProperty().addListener((o, was, now) -> seen.add(now)));
        robot.interact(() -> workspace()
                .editLesson("Longer", l -> l.withStep("s5", s -> s.but(d -> d.hands = new TimeRange(400, 600)))));
        planned();
        assertThat(seen).anyMatch(s -> s.contains("about"));
        assertThat(slate.getText()).doesNotContain("about");
        var sure = slate.getText().replaceAll("[^0-9:]", "");
        assertThat(robot.lookup("#consequences .body").queryAllAs(Labeled.class))
                .extracting(Labeled::getText)
                .anyMatch(s -> s.contains("first job") && s.contains(sure) && !s.contains("about"));
    }

    /** Another lesson of the same day shares kitchen and hands; what is decided of its jobs is written to it. */
    @Test
    void anotherLessonOfTheDayIsPlannedAlongAndKeepsWhatIsDecidedOfItsJobs() throws Exception {
        bench();
        var noon = lesson().air().toLocalDate().atTime(12, 0);
        robot.interact(() ->
                workspace().edit("Air", b -> b.withLesson("2-cheese-scones", l -> l.but(d -> d.air = noon))));
        planned();
        assertThat(start("2-cheese-scones/clean")).isLessThan(-5 * 3600);
        assertThat(text("#bench-start")).isLessThan("12:00");
        Node theirs = find("#job-2-cheese-scones-clean");
        assertThat(theirs.getAccessibleText()).contains("lesson 2");
        click("#job-2-cheese-scones-clean");
        fill("#job-at", "09:00");
        planned();
        assertThat(start("2-cheese-scones/clean")).isEqualTo(-(8 * 3600 + 1800));
        assertThat(lesson().bench()).isNull();
        assertThat(workspace()
                        .book()
                        .lesson("2-cheese-scones")
                        .orElseThrow()
                        .benchEdits()
                        .of("clean"))
                .hasValueSatisfying(j -> assertThat(j.at()).isEqualTo(-3 * 3600));
        int seen = start("clean");
        robot.interact(() -> workspace().show("2-cheese-scones"));
        planned();
        assertThat(start("clean")).isEqualTo(-3 * 3600);
        assertThat(start("1-fish-parcels/clean")).isEqualTo(seen + 5 * 3600 + 1800);
        click("#bench-day-tab");
        planned();
        Node tick = find("#tick-1-fish-parcels-clean");
        robot.interact(() -> ((CheckBox) tick).fire());
        planned();
        assertThat(workspace()
                        .book()
                        .lesson("1-fish-parcels")
                        .orElseThrow()
                        .benchEdits()
                        .of("clean"))
                .hasValueSatisfying(j -> assertThat(j.done()).isNotNull());
        undo();
        assertThat(workspace().book().lesson("1-fish-parcels").orElseThrow().bench())
                .isNull();
    }

    @Test
    void onTheDayTicksAreKeptAndWhoIsTwelveMinutesLateSeesTheRestMoved() throws Exception {
        robot.interact(() -> workspace()
                .edit(
                        "x",
                        b -> b.withLesson(
                                "1-fish-parcels",
                                l -> l.but(d -> d.air = l.air().plusMinutes(90)))));
        bench();
        var first = prepared().plan().orElseThrow().jobs().getFirst();
        int now = -90 * 60;
        click("#bench-day-tab");
        assertThat(text("#day-now")).contains("90:00 to air");
        var tick = "#tick-" + first.task().id().replace('/', '-');
        CheckBox box = find(tick);
        assertThat(box.isSelected()).isFalse();
        click(tick);
        assertThat(isThere("#day-now"))
                .as("the list stays while a tick is taken in")
                .isTrue();
        assertThat(lesson().benchEdits().of(first.task().id()).orElseThrow().done())
                .isEqualTo(now);
        assertThat(Files.readString(course.resolve("1-fish-parcels.lesson.json")))
                .contains("\"done\"");
        undo();
        ticker.pass(first.end() - now + 720);
        click("#bench-plan");
        click("#bench-day-tab");
        await(() -> isThere("#day-late"));
        assertThat(texts("#day-late .strong")).first().asString().contains("12:00 late");
    }

    private List<String> texts(String query) {
        return robot.lookup(query).queryAll().stream()
                .map(n -> ((Labeled) n).getText())
                .toList();
    }
}

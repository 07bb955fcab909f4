package webodidact.formats.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.air.AirEvent;
import webodidact.core.air.AirKey;
import webodidact.core.air.AirPlan;
import webodidact.core.air.AirRun;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.TakeKind;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;

class AirJournalTest {
    private static final Instant AIR = Instant.parse("2026-12-03T17:30:00Z");

    @TempDir
    Path folder;

    private AirPlan plan(String lesson, TakeKind kind) throws Exception {
        DemoCourse.copyTo(folder);
        var read = (Read.Done<CourseFolder.Opened>) CourseFolder.open(folder);
        var book = read.value().workbook();
        return AirPlan.of(Outcome.of(book.lesson(lesson).orElseThrow(), book.course(), Knowledge.shipped()), kind);
    }

    /** Keys as somebody presses them through a whole lesson, with a few that are wrong and taken back. */
    private static List<AirEvent> keys(AirPlan plan, long seed) {
        var dice = new SplittableRandom(seed);
        var all = new ArrayList<AirEvent>();
        int now = 0;
        for (int i = 0; i < 60; i++) {
            now += dice.nextInt(1, 90);
            var step = plan.step(dice.nextInt(plan.steps())).id();
            all.add(
                    switch (dice.nextInt(9)) {
                        case 0 -> AirEvent.of(now, AirKey.HOLD);
                        case 1 -> new AirEvent(now, AirKey.MARK, "steam “in” frame, Schärfe");
                        case 2 -> AirEvent.of(now, AirKey.TIMER);
                        case 3 -> new AirEvent(now, AirKey.TRIM, AirKey.with(step, dice.nextInt(60)));
                        case 4 -> AirEvent.of(now, AirKey.UNDO);
                        case 5 -> new AirEvent(now, AirKey.ASK, "no parchment?");
                        case 6 -> AirEvent.of(now, AirKey.BACK);
                        default -> AirEvent.of(now, AirKey.NEXT);
                    });
        }
        return all;
    }

    @Test
    void cutOffAtAHundredMomentsItGoesOnWhereItWasWithItsTimers() throws Exception {
        var plan = plan("1-fish-parcels", TakeKind.LIVE);
        var keys = keys(plan, 5);
        try (var journal = AirJournal.begin(folder, new AirJournal.Head("take-9", AIR, plan))) {
            for (var key : keys) journal.add(key, AIR.plusSeconds(key.at()));
            journal.force();
        }
        var file = folder.resolve(AirJournal.FILE);
        var whole = Files.readAllBytes(file);
        int head = indexOf(whole, '\n') + 1;
        var dice = new SplittableRandom(11);
        for (int i = 0; i < 100; i++) {
            int cut = dice.nextInt(head, whole.length + 1);
            Files.write(file, Arrays.copyOf(whole, cut));
            int written = 0;
            for (int b = head; b < cut; b++) if (whole[b] == '\n') written++;
            var kept = AirJournal.read(folder).orElseThrow();
            // A last line that lacks only its end is whole, too.
            assertThat(kept.events().size()).isBetween(written, written + 1);
            var expected = keys.subList(0, kept.events().size());
            assertThat(kept.events()).isEqualTo(expected);
            int last = expected.isEmpty() ? 0 : expected.getLast().at();
            // A minute and a half later somebody opens the course again.
            int second = kept.second(AIR.plusSeconds(last + 90L));
            assertThat(second).isEqualTo(last + 90);
            var goesOn = AirEvent.run(kept.head().plan(), kept.events()).at(second);
            var never = AirEvent.run(plan, expected).at(second);
            assertThat(goesOn.index()).isEqualTo(never.index());
            assertThat(goesOn.timers()).isEqualTo(never.timers());
            assertThat(goesOn.laps()).isEqualTo(never.laps());
            assertThat(goesOn.finishesAt()).isEqualTo(never.finishesAt());
            try (var again = AirJournal.goOn(folder)) {
                again.add(AirEvent.of(second, AirKey.NEXT), AIR.plusSeconds(second));
            }
            assertThat(AirJournal.read(folder).orElseThrow().events())
                    .hasSize(kept.events().size() + 1);
        }
    }

    private static int indexOf(byte[] bytes, char sign) {
        for (int i = 0; i < bytes.length; i++) if (bytes[i] == sign) return i;
        return -1;
    }

    @Test
    void theRunKeepsItsOwnCopyOfTheLessonAndItsPace() throws Exception {
        for (var lesson : List.of("1-fish-parcels", "2-cheese-scones", "3-vegetable-dumplings")) {
            var plan = plan(lesson, lesson.startsWith("2") ? TakeKind.PART : TakeKind.WORDS);
            AirJournal.begin(folder, new AirJournal.Head("take-1", AIR, plan)).close();
            var kept = AirJournal.read(folder).orElseThrow();
            assertThat(kept.head().plan().lesson()).isEqualTo(plan.lesson());
            assertThat(kept.head().plan().schedule()).isEqualTo(plan.schedule());
            assertThat(kept.head().plan().kind()).isEqualTo(plan.kind());
            assertThat(AirRun.start(kept.head().plan()).finishesAt())
                    .isEqualTo(AirRun.start(plan).finishesAt());
            Files.delete(folder.resolve(AirJournal.FILE));
            clear();
        }
    }

    private void clear() throws Exception {
        try (var files = Files.list(folder)) {
            for (var file : files.toList()) Files.delete(file);
        }
    }

    @Test
    void aClockThatWasSetBackTakesNothingAway() throws Exception {
        var plan = plan("1-fish-parcels", TakeKind.LIVE);
        try (var journal = AirJournal.begin(folder, new AirJournal.Head("t", AIR, plan))) {
            journal.add(AirEvent.of(50, AirKey.NEXT), AIR.plusSeconds(50));
        }
        assertThat(AirJournal.read(folder).orElseThrow().second(AIR.minusSeconds(3600)))
                .isEqualTo(50);
    }

    @Test
    void whatIsNoJournalIsNothingToGoOnWith() throws Exception {
        assertThat(AirJournal.read(folder)).isEmpty();
        for (var text : List.of("", "\n\n", "{}", "{\"format\":1}", "nonsense\n{\"at\":1}", "[1,2]")) {
            Files.writeString(folder.resolve(AirJournal.FILE), text);
            assertThat(AirJournal.read(folder)).as(text).isEmpty();
        }
    }

    @Test
    void aRunThatEndedIsOverUnlessTheEndWasTakenBack() throws Exception {
        var plan = plan("1-fish-parcels", TakeKind.LIVE);
        try (var journal = AirJournal.begin(folder, new AirJournal.Head("t", AIR, plan))) {
            journal.add(AirEvent.of(50, AirKey.NEXT), AIR.plusSeconds(50));
            journal.add(AirEvent.of(60, AirKey.END), AIR.plusSeconds(60));
            assertThat(AirJournal.read(folder).orElseThrow().isOver()).isTrue();
            journal.add(AirEvent.of(70, AirKey.UNDO), AIR.plusSeconds(70));
        }
        assertThat(AirJournal.read(folder).orElseThrow().isOver()).isFalse();
    }
}

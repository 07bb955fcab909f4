package webodidact.bench.chaos;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import webodidact.core.lesson.Workbook;
import webodidact.desktop.state.Workspace;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.KeptCopies;
import webodidact.formats.demo.DemoCourse;

/** Disks that are full or can only be read, a folder that goes away, and two that write one course: trouble is told, nothing is half, nothing is overwritten unseen. */
public final class DiskChaos {
    private DiskChaos() {}

    /** @param rounds of two writers on one course */
    public static List<String> run(long seed, int rounds, Tally tally) throws Exception {
        var faults = new ArrayList<String>();
        var place = Files.createTempDirectory("webodidact-disk");
        try {
            vanished(place.resolve("vanished"), faults, tally);
            if (mount(place.resolve("small"), "size=600k")) {
                full(place.resolve("small"), faults, tally);
                command("umount", place.resolve("small").toString());
            } else {
                tally.add("full and read-only disk not tried: no right to mount one", 1);
            }
            for (int i = 0; i < rounds; i++) twoWriters(place.resolve("two-" + i), seed + i, faults, tally);
        } finally {
            KillChaos.delete(place);
        }
        return faults;
    }

    private static boolean mount(Path at, String options) throws IOException, InterruptedException {
        Files.createDirectories(at);
        return command("mount", "-t", "tmpfs", "-o", options, "none", at.toString());
    }

    private static boolean command(String... words) throws IOException, InterruptedException {
        try {
            return new ProcessBuilder(words)
                            .redirectErrorStream(true)
                            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                            .start()
                            .waitFor()
                    == 0;
        } catch (IOException e) {
            return false;
        }
    }

    /** What is told to it after it has ended is nobody's business. */
    private static ExecutorService interfaceThread() {
        return new ThreadPoolExecutor(
                1, 1, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), new ThreadPoolExecutor.DiscardPolicy());
    }

    private static Workspace on(Path folder, ExecutorService fx) throws Exception {
        var opened = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value();
        return fx.submit(() -> new Workspace(opened, fx)).get();
    }

    private static Workbook disk(Path folder) {
        return ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
    }

    private static void title(Workspace workspace, ExecutorService fx, String title) throws Exception {
        fx.submit(() -> workspace.editLesson("title", l -> l.but(d -> d.title = title)))
                .get();
    }

    private static void expect(boolean is, String what, List<String> faults) {
        if (!is) faults.add(what);
    }

    /** A stick that is pulled and put in again. */
    private static void vanished(Path folder, List<String> faults, Tally tally) throws Exception {
        DemoCourse.copyTo(folder);
        var fx = interfaceThread();
        var workspace = on(folder, fx);
        var away = folder.resolveSibling("away");
        Files.move(folder, away);
        title(workspace, fx, "While away");
        var state = workspace.saver().flush();
        expect(!state.saved() && state.trouble().contains("is not there"), "a folder that went away: " + state, faults);
        expect(!Files.exists(folder), "a folder that went away was made anew", faults);
        Files.move(away, folder);
        expect(
                workspace.saver().flush().saved()
                        && disk(folder)
                                .lesson(Writing.LESSON)
                                .orElseThrow()
                                .title()
                                .equals("While away"),
                "a folder that came back was not written",
                faults);
        workspace.close();
        fx.shutdownNow();
        tally.add("folders taken away", 1);
    }

    private static void full(Path folder, List<String> faults, Tally tally) throws Exception {
        DemoCourse.copyTo(folder);
        var fx = interfaceThread();
        var workspace = on(folder, fx);
        for (int i = 0; i < 5; i++) {
            title(workspace, fx, "Before " + i);
            expect(workspace.saver().flush().saved(), "not saved before the disk was full", faults);
            var whole = disk(folder);
            fx.submit(() -> workspace.editLesson(
                            "long", l -> l.withStep("s1", s -> s.but(d -> d.say = "x".repeat(900_000)))))
                    .get();
            var state = workspace.saver().flush();
            expect(!state.saved() && state.trouble().contains("the disk is full"), "a full disk: " + state, faults);
            expect(disk(folder).equals(whole), "a full disk changed what was on it", faults);
            title(workspace, fx, "More " + i);
            expect(
                    !workspace.saver().stateProperty().get().trouble().isEmpty(),
                    "trouble was forgotten at the next edit",
                    faults);
            fx.submit(() -> workspace.editLesson("short", l -> l.withStep("s1", s -> s.but(d -> d.say = "short"))))
                    .get();
            expect(
                    workspace.saver().flush().saved() && disk(folder).equals(workspace.book()),
                    "not saved when there was room again",
                    faults);
            if (command("mount", "-o", "remount,ro", folder.toString())) {
                title(workspace, fx, "Read only " + i);
                state = workspace.saver().flush();
                expect(!state.saved() && !state.trouble().isEmpty(), "a disk that can only be read: " + state, faults);
                command("mount", "-o", "remount,rw", folder.toString());
                expect(
                        workspace.saver().flush().saved() && disk(folder).equals(workspace.book()),
                        "not saved when it could be written again",
                        faults);
                tally.add("disks made read-only", 1);
            }
            tally.add("disks filled", 1);
        }
        workspace.close();
        fx.shutdownNow();
    }

    /** Two on one course without a lock: whatever one has written is on disk, on a desk, or kept. */
    private static void twoWriters(Path folder, long seed, List<String> faults, Tally tally) throws Exception {
        DemoCourse.copyTo(folder);
        var random = new SplittableRandom(seed);
        var fx = List.of(interfaceThread(), interfaceThread());
        var both = List.of(on(folder, fx.get(0)), on(folder, fx.get(1)));
        for (int i = 0; i < 12; i++) {
            int who = random.nextInt(2);
            var workspace = both.get(who);
            title(workspace, fx.get(who), "By " + who + " number " + i);
            var before = Files.readString(folder.resolve(Writing.LESSON + CourseFolder.LESSON));
            workspace.saver().flush();
            var after = Files.readString(folder.resolve(Writing.LESSON + CourseFolder.LESSON));
            // What stood there was this one's own, or is kept because it was looked at.
            boolean foreign = before.contains("\"By " + (1 - who) + " ");
            if (foreign && !after.equals(before)) {
                boolean kept = false;
                for (var copy : KeptCopies.in(folder))
                    kept |= Files.readString(copy.path()).equals(before);
                expect(kept, "seed " + seed + ": overwritten unseen", faults);
            }
            tally.add("writes of two", 1);
            settle(workspace, fx.get(who), random, tally);
        }
        for (int who = 0; who < 2; who++) {
            both.get(who).close();
            fx.get(who).shutdownNow();
            fx.get(who).awaitTermination(5, TimeUnit.SECONDS);
        }
    }

    /** Now and then somebody looks at both and keeps the own one. */
    private static void settle(Workspace workspace, ExecutorService fx, SplittableRandom random, Tally tally)
            throws Exception {
        var state = workspace.saver().flush();
        if (state.foreign().isEmpty() || random.nextInt(3) > 0) return;
        var foreign = state.foreign().getFirst();
        fx.submit(() -> workspace.settle(
                        foreign,
                        b -> workspace.folder().with(b, foreign) instanceof Read.Done<Workbook>(var theirs, var _)
                                ? theirs
                                : b,
                        workspace.book()))
                .get();
        workspace.saver().flush();
        tally.add("both looked at", 1);
    }
}

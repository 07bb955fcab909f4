package webodidact.bench.chaos;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicBoolean;
import webodidact.core.lesson.Lesson;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;
import webodidact.formats.demo.DemoCourse;

/** Kills a process that edits a course, at any moment: the course opens whole, and nothing older than a second is lost. */
public final class KillChaos {
    /** Nanoseconds after which an edit must be on disk. */
    private static final long PROMISED = 1_000_000_000L;

    private static final int LONG = 1 << 20;

    private KillChaos() {}

    /** @param kills half of them with a lesson of a megabyte, and a third on a loaded machine */
    public static List<String> run(long seed, int kills, Tally tally) throws IOException, InterruptedException {
        var faults = new ArrayList<String>();
        for (int i = 0; i < kills && faults.size() < 10; i++) {
            var folder = Files.createTempDirectory("webodidact-kill");
            var stop = new AtomicBoolean();
            if (i % 3 == 2) load(stop);
            var fault = one(folder, seed + i, i % 2 == 1 ? LONG : 0, tally);
            stop.set(true);
            delete(folder);
            if (!fault.isEmpty()) faults.add("seed " + (seed + i) + ": " + fault);
            tally.add("kills", 1);
        }
        return faults;
    }

    /** Other programs that want the machine. */
    private static void load(AtomicBoolean stop) {
        for (int i = 0; i < Runtime.getRuntime().availableProcessors(); i++) {
            Thread.ofPlatform().daemon().start(() -> {
                long x = 1;
                while (!stop.get()) x = x * 6364136223846793005L + 1442695040888963407L;
                if (x == 0) System.out.print("");
            });
        }
    }

    private static String one(Path folder, long seed, int letters, Tally tally)
            throws IOException, InterruptedException {
        DemoCourse.copyTo(folder);
        var victim = Victim.killing(
                Writing.class,
                new SplittableRandom(seed).nextInt(2200),
                folder.toString(),
                String.valueOf(letters),
                String.valueOf(seed));
        return victim.fault().isEmpty() ? looked(folder, victim, tally) : victim.fault();
    }

    private static String looked(Path folder, Victim victim, Tally tally) throws IOException {
        if (CourseLock.holder(folder).isPresent()) return "the dead process is taken for one at work";
        if (!(CourseFolder.open(folder) instanceof Read.Done<CourseFolder.Opened>(var opened, var warnings)))
            return "the course does not open";
        if (!warnings.isEmpty()) return "not whole: " + warnings.getFirst().text();
        int onDisk = opened.workbook()
                .lesson(Writing.LESSON)
                .map(Lesson.class::cast)
                .map(Writing::number)
                .orElse(-1);
        var lost = victim.told().stream().filter(t -> t.number() > onDisk).findFirst();
        long age = lost.map(t -> victim.killed() - t.at()).orElse(0L);
        tally.most("oldest edit lost ms", age / 1_000_000);
        CourseFolder.sweep(folder);
        // What the machine stood still for is no time that the process had.
        return age > PROMISED + victim.stood() ? "an edit " + age / 1_000_000 + " ms old was lost" : "";
    }

    static void delete(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            for (var file : files.sorted(Comparator.reverseOrder()).toList()) Files.deleteIfExists(file);
        }
    }
}

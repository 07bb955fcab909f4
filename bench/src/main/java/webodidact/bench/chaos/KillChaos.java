package webodidact.bench.chaos;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
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

    private record Told(int number, long at) {}

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
        var process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Writing.class.getName(),
                        folder.toString(),
                        String.valueOf(letters),
                        String.valueOf(seed))
                .redirectErrorStream(true)
                .start();
        var told = new ConcurrentLinkedQueue<Told>();
        var other = new ConcurrentLinkedQueue<String>();
        var ready = new CountDownLatch(1);
        var reader = Thread.ofPlatform().start(() -> listen(process, ready, told, other));
        if (!ready.await(60, TimeUnit.SECONDS)) {
            process.destroyForcibly();
            return "it did not start: " + other;
        }
        Thread.sleep(new SplittableRandom(seed).nextInt(2200));
        long killed = System.nanoTime();
        process.destroyForcibly().waitFor();
        reader.join(10_000);
        return looked(folder, told, killed, tally);
    }

    private static void listen(
            Process process,
            CountDownLatch ready,
            ConcurrentLinkedQueue<Told> told,
            ConcurrentLinkedQueue<String> other) {
        try (var in = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (var line = in.readLine(); line != null; line = in.readLine()) {
                if (line.equals("ready")) ready.countDown();
                else if (line.matches("\\d+")) told.add(new Told(Integer.parseInt(line), System.nanoTime()));
                else other.add(line);
            }
        } catch (IOException e) {
            // Killed in the middle of a line.
            other.add(String.valueOf(e.getMessage()));
        }
    }

    private static String looked(Path folder, ConcurrentLinkedQueue<Told> told, long killed, Tally tally)
            throws IOException {
        if (CourseLock.holder(folder).isPresent()) return "the dead process is taken for one at work";
        if (!(CourseFolder.open(folder) instanceof Read.Done<CourseFolder.Opened>(var opened, var warnings)))
            return "the course does not open";
        if (!warnings.isEmpty()) return "not whole: " + warnings.getFirst().text();
        int onDisk = opened.workbook()
                .lesson(Writing.LESSON)
                .map(Lesson.class::cast)
                .map(Writing::number)
                .orElse(-1);
        var lost = told.stream().filter(t -> t.number() > onDisk).findFirst();
        long age = lost.map(t -> killed - t.at()).orElse(0L);
        tally.most("oldest edit lost ms", age / 1_000_000);
        CourseFolder.sweep(folder);
        return age > PROMISED ? "an edit " + age / 1_000_000 + " ms old was lost" : "";
    }

    static void delete(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            for (var file : files.sorted(Comparator.reverseOrder()).toList()) Files.deleteIfExists(file);
        }
    }
}

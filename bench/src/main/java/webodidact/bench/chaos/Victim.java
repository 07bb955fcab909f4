package webodidact.bench.chaos;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/**
 * A process that is killed at a moment: it says "ready", then the number of each thing that it has done.
 *
 * @param killed nanoseconds of the clock at which it was
 * @param stood nanoseconds for which the machine let nobody work, at its worst while the process ran
 * @param fault why nothing came of it, or ""
 */
record Victim(List<Told> told, long killed, long stood, String fault) {
    /** @param at nanoseconds of the clock at which its word was heard */
    record Told(int number, long at) {}

    private static final int NAP = 10;

    /** @param after milliseconds from "ready" */
    static Victim killing(Class<?> main, int after, String... args) throws IOException, InterruptedException {
        var command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                main.getName()));
        command.addAll(List.of(args));
        var process = new ProcessBuilder(command).redirectErrorStream(true).start();
        var told = new ConcurrentLinkedQueue<Told>();
        var other = new ConcurrentLinkedQueue<String>();
        var ready = new CountDownLatch(1);
        var reader = Thread.ofPlatform().start(() -> listen(process, ready, told, other));
        if (!ready.await(60, TimeUnit.SECONDS)) {
            process.destroyForcibly();
            return new Victim(List.of(), 0, 0, "it did not start: " + other);
        }
        long stood = stoodStill(after);
        long killed = System.nanoTime();
        process.destroyForcibly().waitFor();
        reader.join(10_000);
        return new Victim(List.copyOf(told), killed, stood, "");
    }

    /** Sleeps so many milliseconds in short naps; by how much the longest was overslept. */
    private static long stoodStill(int millis) throws InterruptedException {
        long end = System.nanoTime() + millis * 1_000_000L;
        long most = 0;
        for (long now = System.nanoTime(); now < end; ) {
            Thread.sleep(Math.clamp((end - now) / 1_000_000L + 1, 1, NAP));
            long then = System.nanoTime();
            most = Math.max(most, then - now - NAP * 1_000_000L);
            now = then;
        }
        return Math.max(0, most);
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
}

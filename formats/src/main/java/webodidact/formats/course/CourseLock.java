package webodidact.formats.course;

import java.io.IOException;
import java.io.StringReader;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;

/**
 * Says that a window works on a course: a small file in its folder, which works on any disk and in a synced folder, too. It is
 * left behind by a crash and then known to be stale: its process is gone, or, on another machine, it has not been touched for a while.
 */
public final class CourseLock implements AutoCloseable {
    static final String FILE = ".webodidact.lock";
    /** Without a touch for so long, a window on another machine is taken to be gone; it touches every ten seconds. */
    private static final Duration SILENT = Duration.ofMinutes(2);

    private static final Duration TOUCH = Duration.ofSeconds(10);

    /**
     * Who holds it.
     *
     * @param since when its window was opened
     * @param here on this machine
     */
    public record Holder(Instant since, boolean here) {}

    private final Path file;
    private final String mine = UUID.randomUUID().toString();
    private Instant touched = Instant.EPOCH;

    private CourseLock(Path folder) {
        file = folder.resolve(FILE);
    }

    /** Who works on that course now; empty if nobody does. */
    public static Optional<Holder> holder(Path folder) {
        var file = folder.resolve(FILE);
        try {
            if (!Files.isRegularFile(file) || Files.size(file) > 4096) return Optional.empty();
            var said = read(file);
            // Written only in part, by a crash or a full disk: it names nobody.
            if (said.getProperty("machine") == null || said.getProperty("since") == null) return Optional.empty();
            boolean here = machine().equals(said.getProperty("machine"));
            boolean alive = here
                    ? isAlive(said)
                    : Files.getLastModifiedTime(file)
                            .toInstant()
                            .isAfter(Instant.now().minus(SILENT));
            return alive
                    ? Optional.of(new Holder(Instant.ofEpochSecond(Long.parseLong(said.getProperty("since"))), here))
                    : Optional.empty();
        } catch (IOException | IllegalArgumentException e) {
            // What cannot be read was not written by us: nobody to wait for.
            return Optional.empty();
        }
    }

    /** Takes it, also from somebody who holds it: who had it notices within seconds. A folder that can only be read has none. */
    public static Optional<CourseLock> take(Path folder) {
        var lock = new CourseLock(folder);
        try {
            var text = lock.text().getBytes(StandardCharsets.UTF_8);
            if (holder(folder).isEmpty()) {
                Files.deleteIfExists(lock.file);
                // Of two that start at the same moment, one is second.
                Files.write(lock.file, text, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
            } else {
                AtomicFile.write(lock.file, text);
            }
            lock.touched = Instant.now();
            return Optional.of(lock);
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private String text() {
        var process = ProcessHandle.current();
        return "# Webodidact works on this course; the file goes when its window is closed.\nid=" + mine + "\npid="
                + process.pid() + "\nstarted=" + started(process) + "\nmachine=" + machine() + "\nsince="
                + Instant.now().getEpochSecond() + "\n";
    }

    private static Properties read(Path file) throws IOException {
        var said = new Properties();
        said.load(new StringReader(Files.readString(file)));
        return said;
    }

    private static boolean isAlive(Properties said) {
        return ProcessHandle.of(Long.parseLong(said.getProperty("pid", "-1")))
                .filter(p -> String.valueOf(started(p)).equals(said.getProperty("started")))
                .isPresent();
    }

    /** Numbers of processes are used again: with its start it is this one. */
    private static long started(ProcessHandle process) {
        return process.info().startInstant().map(Instant::getEpochSecond).orElse(0L);
    }

    /** Tells machines apart without naming them. */
    private static String machine() {
        try {
            return Integer.toHexString(InetAddress.getLocalHost().getHostName().hashCode());
        } catch (UnknownHostException e) {
            return "unnamed";
        }
    }

    /** Whether nobody has taken it over; touches it now and then. */
    public boolean isHeld() {
        try {
            if (!mine.equals(read(file).getProperty("id"))) return false;
            if (touched.isBefore(Instant.now().minus(TOUCH))) {
                touched = Instant.now();
                Files.setLastModifiedTime(file, FileTime.from(touched));
            }
            return true;
        } catch (IOException | IllegalArgumentException e) {
            // Gone with its folder, or swept away: nobody else has it.
            return !Files.isRegularFile(file);
        }
    }

    @Override
    public void close() {
        try {
            if (Files.isRegularFile(file) && mine.equals(read(file).getProperty("id"))) Files.deleteIfExists(file);
        } catch (IOException | IllegalArgumentException e) {
            // A lock that stays behind is known to be stale.
            return;
        }
    }
}

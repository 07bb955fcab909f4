package webodidact.desktop.state;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;
import webodidact.formats.course.AtomicFile;

/** What is remembered between runs: the last course, the place in it, the window. Lost without harm. */
public final class Memory {
    private final Path file;
    private final Properties values = new Properties();

    private Memory(Path file) {
        this.file = file;
    }

    /** Reads {@code webodidact.home/state.properties}; the home is a system property, else the user's configuration folder. */
    public static Memory load() {
        var memory = new Memory(home().resolve("state.properties"));
        try {
            if (Files.isRegularFile(memory.file)) memory.values.load(new StringReader(Files.readString(memory.file)));
        } catch (IOException | IllegalArgumentException e) {
            memory.values.clear();
        }
        return memory;
    }

    public static Path home() {
        var set = System.getProperty("webodidact.home");
        if (set != null) return Path.of(set);
        var config = System.getenv("XDG_CONFIG_HOME");
        return config == null || config.isBlank()
                ? Path.of(System.getProperty("user.home"), ".config", "webodidact")
                : Path.of(config, "webodidact");
    }

    /** Where a new course is proposed: the user's documents, or beside what is remembered where that was set. */
    public static Path documents() {
        var set = System.getProperty("webodidact.home");
        return set != null ? Path.of(set) : Path.of(System.getProperty("user.home"), "Documents");
    }

    public Optional<String> get(String key) {
        return Optional.ofNullable(values.getProperty(key));
    }

    /** A number between both ends; {@code usual} if nothing sensible is remembered. */
    public double number(String key, double usual, double low, double high) {
        try {
            double value = Double.parseDouble(values.getProperty(key, ""));
            return value >= low && value <= high ? value : usual;
        } catch (NumberFormatException e) {
            return usual;
        }
    }

    public void put(String key, Object value) {
        values.setProperty(key, String.valueOf(value));
    }

    public void save() {
        try {
            var out = new StringWriter();
            values.store(out, null);
            Files.createDirectories(file.toAbsolutePath().getParent());
            AtomicFile.write(file, out.toString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            // A full or read-only home must not keep anybody from closing the window.
            System.err.println("The window's place could not be remembered: " + e.getMessage());
        }
    }
}

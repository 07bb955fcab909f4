package webodidact.formats.course;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.csv.HouseholdTable;
import webodidact.formats.csv.HouseholdsCsv;
import webodidact.formats.csv.TakesCsv;
import webodidact.formats.json.JsonFile;

/**
 * A course on disk. Only what changed is written, each file whole and at once. A file that could not be read, or only in
 * part, and one that somebody else changed meanwhile, is kept under another name before it is written over. For one thread at a time.
 */
public final class CourseFolder {
    public static final String COURSE = "course.json";
    public static final String LESSON = ".lesson.json";
    public static final String HOUSEHOLDS = "households.csv";
    public static final String TAKES = "takes.csv";

    private final Path folder;
    /** What each file held when it was last read or written by this object; null where it was read only in part. */
    private final Map<String, byte[]> known = new HashMap<>();

    private CourseFolder(Path folder) {
        this.folder = folder;
    }

    /** A course that was opened and its way back to disk. */
    public record Opened(CourseFolder folder, Workbook workbook) {}

    public Path path() {
        return folder;
    }

    public static boolean isCourse(Path folder) {
        return Files.isRegularFile(folder.resolve(COURSE));
    }

    /** Damaged lessons and rows are told and left out; without a readable {@code course.json} the course is refused. */
    public static Read<Opened> open(Path path) {
        var folder = new CourseFolder(path);
        try {
            return folder.read();
        } catch (IOException e) {
            return new Read.Refused<>(new Warning(new Place(path.toString(), 0, ""), "damaged", "cannot be opened: " + e.getMessage()));
        }
    }

    /** A new folder with an empty course. Fails if there is a course already. */
    public static Opened create(Path path, Course course) throws IOException {
        if (isCourse(path)) throw new IOException("'" + path + "' holds a course already: expected an empty or new folder");
        var folder = new CourseFolder(path);
        var empty = new Workbook(course, List.of(), List.of(), List.of());
        folder.write(COURSE, JsonFile.write(course));
        return new Opened(folder, empty);
    }

    private Read<Opened> read() throws IOException {
        if (!isCourse(folder)) {
            return new Read.Refused<>(new Warning(new Place(folder.toString(), 0, ""), "missing", "is no course: expected a folder with a " + COURSE));
        }
        var warnings = new ArrayList<Warning>();
        var content = Files.readAllBytes(folder.resolve(COURSE));
        Course course;
        switch (JsonFile.readCourse(COURSE, content)) {
            case Read.Done<Course>(var value, var _) -> course = value;
            case Read.Refused<Course>(var why) -> {
                return new Read.Refused<>(why);
            }
        }
        known.put(COURSE, content);
        var lessons = readLessons(warnings);
        var homes = readTable(HOUSEHOLDS, c -> HouseholdsCsv.read(HOUSEHOLDS, c), warnings);
        List<Take> takes = readTable(TAKES, c -> TakesCsv.read(TAKES, c), warnings);
        return new Read.Done<>(new Opened(this, new Workbook(course, lessons, homes, takes)), warnings);
    }

    private List<Lesson> readLessons(List<Warning> warnings) throws IOException {
        var lessons = new ArrayList<Lesson>();
        for (var file : lessonFiles()) {
            var content = Files.readAllBytes(folder.resolve(file));
            var id = file.substring(0, file.length() - LESSON.length());
            switch (JsonFile.readLesson(file, id, content)) {
                case Read.Done<Lesson>(var lesson, var _) -> {
                    lessons.add(lesson);
                    known.put(file, content);
                }
                case Read.Refused<Lesson>(var why) -> warnings.add(why);
            }
        }
        return lessons;
    }

    private List<String> lessonFiles() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(p -> p.getFileName().toString()).filter(n -> n.endsWith(LESSON) && !n.startsWith(".")).sorted().toList();
        }
    }

    private <T> List<T> readTable(String file, Function<byte[], Read<List<T>>> reader, List<Warning> warnings) throws IOException {
        if (!Files.isRegularFile(folder.resolve(file))) return List.of();
        var content = Files.readAllBytes(folder.resolve(file));
        return switch (reader.apply(content)) {
            case Read.Done<List<T>>(var rows, var more) -> {
                warnings.addAll(more);
                if (more.isEmpty()) known.put(file, content);
                yield rows;
            }
            case Read.Refused<List<T>>(var why) -> {
                warnings.add(why);
                yield List.of();
            }
        };
    }

    /** A table of homes from outside the course, to be matched column by column. */
    public static Read<HouseholdTable> openHouseholds(Path file) {
        var name = file.getFileName().toString();
        try {
            return HouseholdTable.open(name, Files.readAllBytes(file));
        } catch (IOException e) {
            return new Read.Refused<>(new Warning(new Place(name, 0, ""), "damaged", "cannot be read: " + e.getMessage()));
        }
    }

    /** Whether a new lesson may have that id: no file, not even an unreadable one, has it. */
    public boolean isFree(String lessonId) {
        return !Files.exists(folder.resolve(lessonId + LESSON));
    }

    /** Writes what differs between the two; {@code before} is what is on disk. */
    public void save(Workbook before, Workbook after) throws IOException {
        if (before.course() != after.course() && !before.course().equals(after.course())) write(COURSE, JsonFile.write(after.course()));
        for (var lesson : after.lessons()) {
            var old = before.lesson(lesson.id());
            if (old.isEmpty() || old.get() != lesson && !old.get().equals(lesson)) write(lesson.id() + LESSON, JsonFile.write(lesson));
        }
        for (var lesson : before.lessons()) if (after.lesson(lesson.id()).isEmpty()) remove(lesson.id() + LESSON);
        if (!same(before.households(), after.households())) {
            if (after.households().isEmpty()) forgetHouseholds();
            else write(HOUSEHOLDS, HouseholdsCsv.write(after.households()));
        }
        if (!same(before.takes(), after.takes())) write(TAKES, TakesCsv.write(after.takes()));
    }

    /** Removes the homes from disk, kept copies included. They are not kept once more. */
    public void forgetHouseholds() throws IOException {
        known.remove(HOUSEHOLDS);
        try (var files = Files.list(folder)) {
            for (var file : files.filter(f -> f.getFileName().toString().startsWith(HOUSEHOLDS)).toList()) Files.delete(file);
        }
    }

    private static boolean same(List<?> a, List<?> b) {
        return a == b || a.equals(b);
    }

    private void write(String name, byte[] content) throws IOException {
        keepForeign(name);
        AtomicFile.write(folder.resolve(name), content);
        known.put(name, content);
    }

    private void remove(String name) throws IOException {
        keepForeign(name);
        Files.deleteIfExists(folder.resolve(name));
        known.remove(name);
    }

    /** What is on disk and was not written or fully read by us is kept as "name (kept 1)". */
    private void keepForeign(String name) throws IOException {
        var file = folder.resolve(name);
        if (!Files.isRegularFile(file)) return;
        var onDisk = Files.readAllBytes(file);
        if (Arrays.equals(onDisk, known.get(name))) return;
        int n = 1;
        while (Files.exists(kept(name, n))) n++;
        AtomicFile.write(kept(name, n), onDisk);
    }

    private Path kept(String name, int n) {
        return folder.resolve(name + ".kept-" + n);
    }
}

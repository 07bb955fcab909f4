package webodidact.formats.course;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.formats.air.AirJournal;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.csv.HouseholdTable;
import webodidact.formats.csv.HouseholdsCsv;
import webodidact.formats.csv.ReceivedCsv;
import webodidact.formats.csv.TakesCsv;
import webodidact.formats.json.JsonFile;

/**
 * A course on disk. Only what changed is written, each file whole and at once. A file that could not be read, or only in
 * part, is kept under another name before it is written over; one that somebody else changed meanwhile is not written over at
 * all until somebody has seen both. For one thread at a time.
 */
public final class CourseFolder {
    public static final String COURSE = "course.json";
    public static final String LESSON = ".lesson.json";
    public static final String HOUSEHOLDS = "households.csv";
    public static final String TAKES = "takes.csv";
    public static final String RECEIVED = "received.csv";
    /** Bytes of one file; a year of lessons by hand is a hundredth of it. */
    static final long LARGEST = 16L << 20;

    private final Path folder;
    private final Map<String, Known> known = new LinkedHashMap<>();

    /**
     * What a file held when it was last read or written here.
     *
     * @param stamp its time and size then: while they are the same, it is not read again
     * @param whole false where it was read only in part: it is kept before it is written over
     */
    private record Known(byte[] content, Stamp stamp, boolean whole) {}

    private record Stamp(long time, long size) {
        static final Stamp NONE = new Stamp(-1, -1);

        static Stamp of(Path file) throws IOException {
            return Files.isRegularFile(file)
                    ? new Stamp(Files.getLastModifiedTime(file).toMillis(), Files.size(file))
                    : NONE;
        }
    }

    /**
     * Somebody else has written, added or removed a file of the course.
     *
     * @param content what it holds now; null if it is gone or cannot be read
     */
    public record Foreign(String file, byte[] content) {
        /** The id if it is a lesson's file. */
        public Optional<String> lesson() {
            return file.endsWith(LESSON)
                    ? Optional.of(file.substring(0, file.length() - LESSON.length()))
                    : Optional.empty();
        }
    }

    /** Some files were not written because somebody else has changed them; all others were. */
    public static final class Changed extends IOException {
        private static final long serialVersionUID = 1;

        private Changed(List<String> files) {
            super(Words.say("changed", files.size(), List.copyOf(files)));
        }
    }

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
        } catch (IOException | RuntimeException e) {
            return new Read.Refused<>(
                    new Warning(new Place(path.toString(), 0, ""), "damaged", Words.say("opened", DiskWords.of(e))));
        }
    }

    /** A new folder with an empty course. Fails if there is a course already. */
    public static Opened create(Path path, Course course) throws IOException {
        if (isCourse(path)) throw new IOException(Words.say("there", path));
        Files.createDirectories(path);
        var folder = new CourseFolder(path);
        var empty = new Workbook(course, List.of(), List.of(), List.of());
        folder.write(COURSE, JsonFile.write(course));
        return new Opened(folder, empty);
    }

    /** The whole course in another, empty or new folder: where its own can no longer be written. Written last is what makes it a course. */
    public static Opened copy(Path path, Workbook book) throws IOException {
        if (isCourse(path)) throw new IOException(Words.say("there", path));
        Files.createDirectories(path);
        var folder = new CourseFolder(path);
        folder.save(new Workbook(book.course(), List.of(), List.of(), List.of()), book);
        folder.write(COURSE, JsonFile.write(book.course()));
        return new Opened(folder, book);
    }

    /** Sweeps up what a crash in mid-write left behind. Only for who holds the course's lock. */
    public static void sweep(Path folder) throws IOException {
        try (var files = Files.list(folder)) {
            for (var file : files.filter(f -> f.getFileName().toString().startsWith(AtomicFile.TEMPORARY)
                            && f.getFileName().toString().endsWith(".tmp"))
                    .toList()) Files.deleteIfExists(file);
        }
    }

    private Read<Opened> read() throws IOException {
        if (!isCourse(folder)) {
            return new Read.Refused<>(
                    new Warning(new Place(folder.toString(), 0, ""), "missing", Words.say("course", COURSE)));
        }
        var warnings = new ArrayList<Warning>();
        var content = content(folder.resolve(COURSE));
        Course course;
        switch (JsonFile.readCourse(COURSE, content)) {
            case Read.Done<Course>(var value, var _) -> course = value;
            case Read.Refused<Course>(var why) -> {
                return new Read.Refused<>(why);
            }
        }
        know(COURSE, content, true);
        var lessons = readLessons(warnings);
        var knowledge = Knowledge.of(course.foods());
        var homes = readTable(HOUSEHOLDS, c -> HouseholdsCsv.read(HOUSEHOLDS, c, knowledge), warnings);
        List<Take> takes = readTable(TAKES, c -> TakesCsv.read(TAKES, c), warnings);
        var received = readTable(RECEIVED, c -> ReceivedCsv.read(RECEIVED, c), warnings);
        return new Read.Done<>(new Opened(this, new Workbook(course, lessons, homes, takes, received)), warnings);
    }

    /** All of a file. Never waits for a pipe, never fills the memory. */
    private static byte[] content(Path file) throws IOException {
        if (!Files.exists(file))
            throw Files.isSymbolicLink(file)
                    ? new IOException(Words.say("link"))
                    : new NoSuchFileException(file.toString());
        if (!Files.isRegularFile(file)) throw new IOException(Words.say("irregular"));
        long size = Files.size(file);
        if (size > LARGEST) throw new IOException(Words.say("large", size >> 20, LARGEST >> 20));
        return Files.readAllBytes(file);
    }

    private void know(String name, byte[] content, boolean whole) throws IOException {
        known.put(name, new Known(content, Stamp.of(folder.resolve(name)), whole));
    }

    private List<Lesson> readLessons(List<Warning> warnings) throws IOException {
        var lessons = new ArrayList<Lesson>();
        for (var path : lessonFiles()) {
            var file = path.getFileName().toString();
            try {
                var content = content(path);
                switch (readLesson(file, content)) {
                    case Read.Done<Lesson>(var lesson, var _) -> {
                        lessons.add(lesson);
                        know(file, content, true);
                    }
                    case Read.Refused<Lesson>(var why) -> {
                        warnings.add(why);
                        know(file, content, false);
                    }
                }
            } catch (IOException | InvalidPathException e) {
                warnings.add(new Warning(new Place(file, 0, ""), "damaged", Words.say("left", DiskWords.of(e))));
            }
        }
        return lessons;
    }

    /** A lesson as that file of a course would hold it. */
    public static Read<Lesson> readLesson(String file, byte[] content) {
        var id = file.substring(0, file.length() - LESSON.length());
        if (id.indexOf('\ufffd') >= 0)
            return new Read.Refused<>(new Warning(new Place(file, 0, ""), "damaged", Words.say("left.name")));
        return JsonFile.readLesson(file, id, content);
    }

    private List<Path> lessonFiles() throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(p -> p.getFileName().toString().endsWith(LESSON)
                            && !p.getFileName().toString().startsWith("."))
                    .sorted()
                    .toList();
        }
    }

    private <T> List<T> readTable(String file, Function<byte[], Read<List<T>>> reader, List<Warning> warnings)
            throws IOException {
        var path = folder.resolve(file);
        if (!Files.exists(path) && !Files.isSymbolicLink(path)) return List.of();
        byte[] content;
        try {
            content = content(path);
        } catch (IOException e) {
            warnings.add(new Warning(new Place(file, 0, ""), "damaged", Words.say("left", DiskWords.of(e))));
            return List.of();
        }
        return switch (reader.apply(content)) {
            case Read.Done<List<T>>(var rows, var more) -> {
                warnings.addAll(more);
                know(file, content, more.isEmpty());
                yield rows;
            }
            case Read.Refused<List<T>>(var why) -> {
                warnings.add(why);
                know(file, content, false);
                yield List.of();
            }
        };
    }

    /** A table of homes from outside the course, to be matched column by column. */
    public static Read<HouseholdTable> openHouseholds(Path file) {
        var name = file.getFileName().toString();
        try {
            return HouseholdTable.open(name, content(file));
        } catch (IOException e) {
            return new Read.Refused<>(
                    new Warning(new Place(name, 0, ""), "damaged", Words.say("unread", DiskWords.of(e))));
        }
    }

    /** Whether a new lesson may have that id: no file, not even an unreadable one, has it. */
    public boolean isFree(String lessonId) {
        return !Files.exists(folder.resolve(lessonId + LESSON), LinkOption.NOFOLLOW_LINKS);
    }

    /**
     * Writes what differs between the two; {@code before} is what is on disk.
     *
     * @throws Changed if somebody else has changed some of the files; all others are written
     */
    public void save(Workbook before, Workbook after) throws IOException {
        // A folder that has gone (a stick pulled, a share lost) is trouble, not a reason to make an empty one.
        if (!Files.isDirectory(folder)) throw new NoSuchFileException(folder.toString());
        var held = new ArrayList<String>();
        if (before.course() != after.course() && !before.course().equals(after.course()))
            put(COURSE, JsonFile.write(after.course()), held);
        for (var lesson : after.lessons()) {
            var old = before.lesson(lesson.id());
            if (old.isEmpty() || old.get() != lesson && !old.get().equals(lesson))
                put(lesson.id() + LESSON, JsonFile.write(lesson), held);
        }
        for (var lesson : before.lessons())
            if (after.lesson(lesson.id()).isEmpty()) put(lesson.id() + LESSON, null, held);
        if (!same(before.households(), after.households())) {
            if (after.households().isEmpty()) forgetHouseholds();
            else put(HOUSEHOLDS, HouseholdsCsv.write(after.households()), held);
        }
        if (!same(before.takes(), after.takes())) put(TAKES, TakesCsv.write(after.takes()), held);
        boolean forgot = !same(before.households(), after.households())
                && after.households().isEmpty();
        if (forgot ? !after.received().isEmpty() : !same(before.received(), after.received()))
            put(RECEIVED, ReceivedCsv.write(after.received()), held);
        if (!held.isEmpty()) throw new Changed(held);
    }

    /** Removes the homes from disk with what they sent and asked, kept and half-written copies included. They are not kept once more. */
    public void forgetHouseholds() throws IOException {
        for (var name : List.of(HOUSEHOLDS, RECEIVED)) known.remove(name);
        try (var files = Files.list(folder)) {
            for (var file : files.filter(f -> Stream.of(HOUSEHOLDS, RECEIVED, AirJournal.FILE)
                            .anyMatch(f.getFileName().toString()::startsWith))
                    .toList()) Files.delete(file);
        }
        // A crash may have left their rows in a file that was being written.
        sweep(folder);
    }

    private static boolean same(List<?> a, List<?> b) {
        return a == b || a.equals(b);
    }

    /** @param content null removes the file */
    private void put(String name, byte[] content, List<String> held) throws IOException {
        if (isForeign(name, content)) held.add(name);
        else if (content == null) remove(name);
        else write(name, content);
    }

    private boolean isForeign(String name, byte[] wanted) throws IOException {
        var file = folder.resolve(name);
        if (!Files.isRegularFile(file)) return false;
        var last = known.get(name);
        if (last != null && Stamp.of(file).equals(last.stamp())) return false;
        var now = content(file);
        return !(last != null && Arrays.equals(now, last.content()) || wanted != null && Arrays.equals(now, wanted));
    }

    private void write(String name, byte[] content) throws IOException {
        keepPart(name);
        AtomicFile.write(folder.resolve(name), content);
        know(name, content, true);
    }

    private void remove(String name) throws IOException {
        keepPart(name);
        Files.deleteIfExists(folder.resolve(name));
        known.remove(name);
    }

    /** What could be read only in part, or not at all, is kept before it is written over. */
    private void keepPart(String name) throws IOException {
        var last = known.get(name);
        if (last != null && !last.whole() && Files.isRegularFile(folder.resolve(name)))
            KeptCopies.keep(folder, name, content(folder.resolve(name)));
    }

    /** What somebody else has changed since the files were last read or written here, or seen. Cheap while nothing has. */
    public List<Foreign> foreign() throws IOException {
        var all = new ArrayList<Foreign>();
        if (!Files.isDirectory(folder)) throw new NoSuchFileException(folder.toString());
        for (var entry : List.copyOf(known.entrySet())) foreign(entry.getKey(), entry.getValue(), all);
        for (var path : lessonFiles()) {
            var name = path.getFileName().toString();
            if (!known.containsKey(name) && Files.isRegularFile(path))
                foreign(name, new Known(null, Stamp.NONE, true), all);
        }
        for (var name : List.of(HOUSEHOLDS, TAKES, RECEIVED))
            if (!known.containsKey(name)) foreign(name, new Known(null, Stamp.NONE, true), all);
        return all;
    }

    private void foreign(String name, Known last, List<Foreign> all) throws IOException {
        var file = folder.resolve(name);
        var stamp = Stamp.of(file);
        if (stamp.equals(last.stamp())) return;
        byte[] now = null;
        try {
            now = stamp.equals(Stamp.NONE) ? null : content(file);
        } catch (IOException e) {
            // Half of it there, or forbidden: it is looked at again in a moment.
            return;
        }
        if (!Arrays.equals(now, last.content())) all.add(new Foreign(name, now));
        else known.put(name, new Known(last.content(), stamp, last.whole()));
    }

    /**
     * The workbook with that file as somebody else wrote it: a lesson, the homes, the takes or the course's own facts changed, added
     * or removed. Refused, with the reason, where it cannot be read.
     */
    public Read<Workbook> with(Workbook book, Foreign foreign) {
        var file = foreign.file();
        if (foreign.content() == null) return new Read.Done<>(without(book, foreign), List.of());
        if (foreign.lesson().isPresent()) {
            return switch (readLesson(file, foreign.content())) {
                case Read.Done<Lesson>(var lesson, var told) ->
                    new Read.Done<>(without(book, foreign).adding(lesson), told);
                case Read.Refused<Lesson>(var why) -> new Read.Refused<>(why);
            };
        }
        return switch (file) {
            case HOUSEHOLDS ->
                mapped(
                        HouseholdsCsv.read(
                                file,
                                foreign.content(),
                                Knowledge.of(book.course().foods())),
                        book::withHouseholds);
            case TAKES -> mapped(TakesCsv.read(file, foreign.content()), book::withTakes);
            case RECEIVED -> mapped(ReceivedCsv.read(file, foreign.content()), book::withReceived);
            default -> mapped(JsonFile.readCourse(file, foreign.content()), book::withCourse);
        };
    }

    private static <T> Read<Workbook> mapped(Read<T> read, Function<T, Workbook> to) {
        return switch (read) {
            case Read.Done<T>(var value, var told) -> new Read.Done<>(to.apply(value), told);
            case Read.Refused<T>(var why) -> new Read.Refused<>(why);
        };
    }

    /** The workbook as if that file were not there. */
    public static Workbook without(Workbook book, Foreign foreign) {
        var lesson = foreign.lesson().orElse("");
        return switch (foreign.file()) {
            case HOUSEHOLDS -> book.withHouseholds(List.of());
            case TAKES -> book.withTakes(List.of());
            case RECEIVED -> book.withReceived(List.of());
            case COURSE -> book.withCourse(Course.named("?"));
            default ->
                book.withLessons(book.lessons().stream()
                        .filter(l -> !l.id().equals(lesson))
                        .toList());
        };
    }

    /** Somebody has seen what another program wrote: it may be written over from now on, and is kept. */
    public void seen(Foreign foreign) throws IOException {
        if (foreign.content() == null) {
            known.remove(foreign.file());
            return;
        }
        KeptCopies.keep(folder, foreign.file(), foreign.content());
        know(foreign.file(), foreign.content(), true);
    }
}

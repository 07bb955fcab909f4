package webodidact.terminal;

import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.stream.Collectors;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;

/**
 * A table of homes put into a course, whole or not at all: a row left out would be a home whose allergies nobody knows. What each column
 * was taken for is said, and which were left.
 */
final class ImportedHomes {
    private final Told told;
    private final Path file;
    private final Path course;

    ImportedHomes(Told told, Path file, Path course) {
        this.told = told;
        this.file = file;
        this.course = course;
    }

    /**
     * @param replace homes that are there already make way
     * @throws IllegalArgumentException with what is wrong and where; nothing is written then
     */
    void put(boolean replace) throws IOException {
        if (CourseLock.holder(course).isPresent()) throw refused("lesson.open", "import");
        var opened = done(CourseFolder.open(course)).value();
        var book = opened.workbook();
        if (!book.households().isEmpty() && !replace)
            throw refused("import.homesThere", course, book.households().size());
        var table = done(CourseFolder.openHouseholds(file)).value();
        var match = table.guess();
        var read = done(table.read(match, Knowledge.of(book.course().foods())));
        var lost = read.warnings().stream()
                .filter(Warning::isLost)
                .map(Warning::text)
                .toList();
        if (!lost.isEmpty()) throw refused("import.homesLost", String.join("; ", lost));
        match.forEach((ours, theirs) -> told.err().println(Words.say("import.column", theirs, ours)));
        table.headings().stream()
                .filter(h -> !match.containsValue(h))
                .forEach(h -> told.err().println(Words.say("import.columnLeft", h)));
        opened.folder().save(book, book.withHouseholds(read.value()));
        told.out().println(Words.say("import.homes", read.value().size(), course, allergies(read.value())));
    }

    /** "milk 2, eggs 1, none 3": what is looked at first. */
    private static String allergies(List<Household> homes) {
        var counts = new EnumMap<Allergen, Integer>(Allergen.class);
        for (var home : homes) for (var allergy : home.allergies()) counts.merge(allergy, 1, Integer::sum);
        long none = homes.stream().filter(h -> h.allergies().isEmpty()).count();
        var each = counts.entrySet().stream()
                .map(e -> e.getKey().title() + " " + e.getValue())
                .collect(Collectors.joining(", "));
        return Words.say("import.allergies", counts.size(), each, none);
    }

    private static <T> Read.Done<T> done(Read<T> read) {
        if (read instanceof Read.Refused<T>(var why)) throw refused("import.refused", why.text());
        return (Read.Done<T>) read;
    }

    private static IllegalArgumentException refused(String key, Object... args) {
        return new IllegalArgumentException(Words.say(key, args));
    }
}

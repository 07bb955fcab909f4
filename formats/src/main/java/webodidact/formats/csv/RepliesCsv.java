package webodidact.formats.csv;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import webodidact.core.lesson.Received;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/**
 * What a form has gathered from homes after a lesson, one reply a row, whatever tool made it. The column of the home is found by its
 * heading; a column that is headed like one of the lesson's questions holds its answers; other columns are kept as what else was written.
 */
public final class RepliesCsv {
    private static final Set<String> HOME = Set.of("home", "alias", "household", "kitchen", "name of your home", "who");
    private static final Set<String> DAY = Set.of("date", "day", "on", "timestamp", "time", "when", "sent");
    private static final Set<String> PICTURE = Set.of("picture", "photo", "file", "upload", "image");
    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            DateTimeFormatter.ofPattern("d/M/uuuu", Locale.UK),
            DateTimeFormatter.ofPattern("d.M.uuuu", Locale.UK));
    /** Share of a question's words that a heading has to have, in percent. */
    private static final int ALIKE = 80;

    private RepliesCsv() {}

    /**
     * @param homes aliases of the course: a row of any other is told and left out, so that nobody's name gets in
     * @param today for rows without a day
     */
    public static Read<List<Received>> read(
            String file, byte[] content, String lesson, List<String> questions, List<String> homes, LocalDate today) {
        CsvTable table;
        try {
            table = CsvTable.read(file, content);
        } catch (IllegalArgumentException e) {
            return CsvTable.refused(file, e);
        }
        var home = column(table, HOME);
        if (home.isEmpty())
            return new Read.Refused<>(new Warning(
                    new Place(file, 1, ""),
                    "missing",
                    Words.say("replies.home", String.join("', '", table.headings()))));
        var day = column(table, DAY);
        var picture = column(table, PICTURE);
        var asked = new HashMap<String, Integer>();
        for (var heading : table.headings()) {
            int question = question(heading, questions);
            if (question >= 0) asked.putIfAbsent(heading, question);
        }
        var all = new ArrayList<Received>();
        var warnings = new ArrayList<>(table.warnings());
        for (var row : table.rows()) {
            var line = (int) row.getRecordNumber() + 1;
            var alias = CsvTable.cell(row, home.get());
            var known = homes.stream().filter(h -> h.equalsIgnoreCase(alias)).findFirst();
            if (known.isEmpty()) {
                warnings.add(new Warning(
                        new Place(file, line, home.get()), "unknown-home", Words.say("replies.unknown", alias)));
                continue;
            }
            var answers = new ArrayList<String>();
            for (int i = 0; i < questions.size(); i++) answers.add("");
            var note = new ArrayList<String>();
            boolean sent = false;
            for (var heading : table.headings()) {
                var cell = CsvTable.cell(row, heading);
                if (cell.isEmpty()
                        || heading.equals(home.get())
                        || day.filter(heading::equals).isPresent()) continue;
                if (picture.filter(heading::equals).isPresent()) sent = true;
                else if (asked.containsKey(heading)) answers.set(asked.get(heading), cell);
                else note.add(heading + ": " + cell);
            }
            boolean answered = answers.stream().anyMatch(a -> !a.isEmpty());
            all.add(new Received(
                    lesson,
                    known.get(),
                    sent ? Received.Kind.PICTURE : answered ? Received.Kind.ANSWERS : Received.Kind.REPLY,
                    day.flatMap(d -> day(row, d)).orElse(today),
                    answers,
                    String.join("; ", note)));
        }
        return new Read.Done<>(List.copyOf(all), warnings);
    }

    private static Optional<String> column(CsvTable table, Set<String> names) {
        return table.headings().stream()
                .filter(h -> names.contains(h.toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    private static Optional<LocalDate> day(CSVRecord row, String column) {
        var cell = CsvTable.cell(row, column).split("[ T]")[0];
        for (var form : DAYS) {
            try {
                return Optional.of(LocalDate.parse(cell, form));
            } catch (DateTimeParseException e) {
                // The next form may fit.
            }
        }
        return Optional.empty();
    }

    /** The question whose words nearly all stand in the heading; -1 if none, or two, do. */
    private static int question(String heading, List<String> questions) {
        var has = words(heading);
        int found = -1;
        for (int i = 0; i < questions.size(); i++) {
            var wants = words(questions.get(i));
            long shared = wants.stream().filter(has::contains).count();
            if (wants.isEmpty() || shared * 100 < wants.size() * (long) ALIKE) continue;
            if (found >= 0) return -1;
            found = i;
        }
        return found;
    }

    private static Set<String> words(String text) {
        var all = new HashSet<String>();
        for (var word : text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")) if (!word.isEmpty()) all.add(word);
        return all;
    }
}

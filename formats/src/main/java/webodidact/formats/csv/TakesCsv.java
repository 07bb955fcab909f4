package webodidact.formats.csv;

import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import webodidact.core.lesson.Filmed;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/** {@code takes.csv}: one step of one take a row. */
public final class TakesCsv {
    static final List<String> NEEDED = List.of("take", "lesson", "at", "step", "title", "seconds", "held", "marks");
    /** Without these it is a file of an earlier time. */
    static final List<String> HEADING = Stream.concat(
                    NEEDED.stream(), Stream.of("kind", "why", "choice", "shows", "findings"))
            .toList();

    private TakesCsv() {}

    public static byte[] write(List<Take> takes) {
        var rows = new ArrayList<List<String>>();
        for (var take : takes) {
            if (take.steps().isEmpty())
                rows.add(List.of(
                        take.id(),
                        take.lesson(),
                        take.at().toString(),
                        "",
                        "",
                        "0",
                        "0",
                        "0",
                        CsvTable.name(take.kind()),
                        "",
                        "",
                        "",
                        ""));
            for (var s : take.steps()) {
                rows.add(List.of(
                        take.id(),
                        take.lesson(),
                        take.at().toString(),
                        s.step(),
                        s.title(),
                        String.valueOf(s.seconds()),
                        String.valueOf(s.held()),
                        String.valueOf(s.marks()),
                        CsvTable.name(take.kind()),
                        s.why(),
                        s.choice() == Take.Choice.OPEN ? "" : CsvTable.name(s.choice()),
                        s.filmed().shows(),
                        String.join(";", s.filmed().findings())));
            }
        }
        return CsvTable.write(HEADING, rows);
    }

    public static Read<List<Take>> read(String file, byte[] content) {
        return switch (CsvTable.open(file, content, NEEDED)) {
            case Read.Refused<CsvTable>(var why) -> new Read.Refused<>(why);
            case Read.Done<CsvTable>(var table, var warnings) -> rows(file, table, new ArrayList<>(warnings));
        };
    }

    private static Read<List<Take>> rows(String file, CsvTable table, List<Warning> warnings) {
        var takes = new LinkedHashMap<String, Take>();
        for (var row : table.rows()) {
            try {
                add(takes, row);
            } catch (IllegalArgumentException | DateTimeParseException e) {
                warnings.add(new Warning(
                        new Place(file, (int) row.getRecordNumber() + 1, ""),
                        "bad-value",
                        Words.say("take", e.getMessage())));
            }
        }
        return new Read.Done<>(List.copyOf(takes.values()), warnings);
    }

    private static void add(LinkedHashMap<String, Take> takes, CSVRecord row) {
        var id = CsvTable.cell(row, "take");
        var lesson = CsvTable.cell(row, "lesson");
        if (id.isEmpty() || lesson.isEmpty()) throw new IllegalArgumentException(Words.say("take.empty"));
        // A take of which no step was kept has a row without one.
        var step = CsvTable.cell(row, "step");
        var time = step.isEmpty()
                ? List.<Take.StepTime>of()
                : List.of(new Take.StepTime(
                        step,
                        CsvTable.cell(row, "title"),
                        whole(row, "seconds"),
                        whole(row, "held"),
                        whole(row, "marks"),
                        CsvTable.cell(row, "why"),
                        CsvTable.named(Take.Choice.class, row, "choice", Take.Choice.OPEN),
                        new Filmed(CsvTable.cell(row, "shows"), CsvTable.list(CsvTable.cell(row, "findings")))));
        var at = LocalDateTime.parse(CsvTable.cell(row, "at"));
        var known = takes.get(id);
        var steps = new ArrayList<>(known == null ? List.<Take.StepTime>of() : known.steps());
        steps.addAll(time);
        var kind = known == null ? CsvTable.named(TakeKind.class, row, "kind", TakeKind.LIVE) : known.kind();
        takes.put(id, new Take(id, lesson, at, kind, steps));
    }

    private static int whole(CSVRecord row, String column) {
        var cell = CsvTable.cell(row, column);
        if (!cell.matches("\\d{1,6}")) throw new IllegalArgumentException(Words.say("take.cell", column, cell));
        return Integer.parseInt(cell);
    }
}

package webodidact.formats.csv;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import webodidact.core.lesson.Received;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/** {@code received.csv}: what homes sent after lessons, one a row. */
public final class ReceivedCsv {
    static final List<String> HEADING = List.of("lesson", "home", "kind", "on", "answers", "note");

    private ReceivedCsv() {}

    public static byte[] write(List<Received> received) {
        var rows = new ArrayList<List<String>>();
        for (var r : received)
            rows.add(List.of(
                    r.lesson(),
                    r.home(),
                    CsvTable.name(r.kind()),
                    r.on().toString(),
                    String.join("; ", r.answers()),
                    r.note()));
        return CsvTable.write(HEADING, rows);
    }

    public static Read<List<Received>> read(String file, byte[] content) {
        return switch (CsvTable.open(file, content, HEADING)) {
            case Read.Refused<CsvTable>(var why) -> new Read.Refused<>(why);
            case Read.Done<CsvTable>(var table, var warnings) -> rows(file, table, new ArrayList<>(warnings));
        };
    }

    private static Read<List<Received>> rows(String file, CsvTable table, List<Warning> warnings) {
        var all = new ArrayList<Received>();
        for (var row : table.rows()) {
            try {
                var answers = CsvTable.cell(row, "answers");
                all.add(new Received(
                        CsvTable.cell(row, "lesson"),
                        CsvTable.cell(row, "home"),
                        CsvTable.named(Received.Kind.class, row, "kind", Received.Kind.REPLY),
                        LocalDate.parse(CsvTable.cell(row, "on")),
                        answers.isEmpty() ? List.of() : Arrays.asList(answers.split("; ?", -1)),
                        CsvTable.cell(row, "note")));
            } catch (IllegalArgumentException | DateTimeParseException e) {
                warnings.add(new Warning(
                        new Place(file, (int) row.getRecordNumber() + 1, ""),
                        "bad-value",
                        Words.say("received", e.getMessage())));
            }
        }
        return new Read.Done<>(List.copyOf(all), warnings);
    }
}

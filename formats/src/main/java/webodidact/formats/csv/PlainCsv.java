package webodidact.formats.csv;

import java.nio.charset.StandardCharsets;
import java.util.List;

/** Tables that spreadsheets open; no cell is one that they would run. */
public final class PlainCsv {
    private PlainCsv() {}

    public static String text(List<String> heading, List<List<String>> rows) {
        return new String(CsvTable.write(heading, rows), StandardCharsets.UTF_8);
    }
}

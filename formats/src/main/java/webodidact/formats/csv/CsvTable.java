package webodidact.formats.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** What the CSV files share: UTF-8, a heading row, lists parted by ';', no cell that a spreadsheet would run. */
final class CsvTable {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180.builder().setRecordSeparator("\n").setIgnoreEmptyLines(true).setTrim(true).get();

    private CsvTable() {}

    /** @throws UncheckedIOException if the file is no CSV; the message has the line */
    static List<CSVRecord> records(byte[] content) {
        var text = new String(content, StandardCharsets.UTF_8);
        if (text.startsWith("\ufeff")) text = text.substring(1);
        try (var parser = FORMAT.builder().setHeader().setSkipHeaderRecord(true).setIgnoreHeaderCase(true).setAllowMissingColumnNames(true).get()
                .parse(new StringReader(text))) {
            return parser.getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static byte[] write(List<String> heading, List<List<String>> rows) {
        var out = new StringWriter();
        try (var printer = FORMAT.print(out)) {
            printer.printRecord(heading);
            for (var row : rows) printer.printRecord(row.stream().map(CsvTable::harmless).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** A cell that begins like a formula gets an apostrophe in front; {@link #cell} takes it off again. */
    static String harmless(String cell) {
        return !cell.isEmpty() && "=+-@\t\r".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    static String cell(CSVRecord row, String column) {
        if (!row.isMapped(column) || !row.isSet(column)) return "";
        var cell = row.get(column).strip();
        return cell.length() > 1 && cell.charAt(0) == '\'' && !harmless(cell.substring(1)).equals(cell.substring(1)) ? cell.substring(1) : cell;
    }

    static List<String> list(String cell) {
        return java.util.Arrays.stream(cell.split(";")).map(String::strip).filter(s -> !s.isEmpty()).map(s -> s.toLowerCase(Locale.ROOT)).toList();
    }
}

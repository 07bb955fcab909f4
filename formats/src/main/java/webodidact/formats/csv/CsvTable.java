package webodidact.formats.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/**
 * What the CSV files share: a heading row, lists parted by ';', no cell that a spreadsheet would run. Written in UTF-8 with commas;
 * read in what spreadsheets write, too: Windows' own letters (with a warning), semicolons or tabs.
 */
final class CsvTable {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setRecordSeparator("\n")
            .setIgnoreEmptyLines(true)
            .get();
    /** More columns than any form has; a line of separators must not cost minutes. */
    private static final int MOST_COLUMNS = 500;

    private static final Pattern LINE = Pattern.compile("line:? (\\d+)");

    private final List<String> headings;
    private final List<CSVRecord> rows;
    private final List<Warning> warnings;

    private CsvTable(List<String> headings, List<CSVRecord> rows, List<Warning> warnings) {
        this.headings = headings;
        this.rows = rows;
        this.warnings = warnings;
    }

    List<String> headings() {
        return headings;
    }

    List<CSVRecord> rows() {
        return rows;
    }

    /** What had to be guessed about the file as a whole. */
    List<Warning> warnings() {
        return warnings;
    }

    /** @throws IllegalArgumentException if the file is no table; the message has the line */
    static CsvTable read(String file, byte[] content) {
        var warnings = new ArrayList<Warning>();
        var text = text(file, content, warnings);
        try (var parser = FORMAT.builder()
                .setDelimiter(delimiter(text))
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setAllowMissingColumnNames(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text))) {
            var names = parser.getHeaderNames().stream().map(String::strip).toList();
            if (names.size() > MOST_COLUMNS)
                throw new IllegalArgumentException(Words.say("columns", names.size(), MOST_COLUMNS));
            return new CsvTable(names, parser.getRecords(), List.copyOf(warnings));
        } catch (IOException | UncheckedIOException e) {
            var line = LINE.matcher(String.valueOf(e.getMessage()));
            throw new IllegalArgumentException(
                    line.find() ? Words.say("quotes.line", line.group(1)) : Words.say("quotes"));
        }
    }

    /** A table of ours: refused, in words, where it is none or lacks a column. An empty file has no rows. */
    static Read<CsvTable> open(String file, byte[] content, List<String> needed) {
        CsvTable table;
        try {
            table = read(file, content);
        } catch (IllegalArgumentException e) {
            return refused(file, e);
        }
        var missing = needed.stream()
                .filter(c -> table.headings().stream().noneMatch(c::equalsIgnoreCase))
                .toList();
        return missing.isEmpty() || table.headings().isEmpty()
                ? new Read.Done<>(table, table.warnings())
                : new Read.Refused<>(new Warning(
                        new Place(file, 1, ""),
                        "missing",
                        Words.say("missing", String.join("' and '", missing), String.join(", ", needed))));
    }

    /** It is no table at all. */
    static <T> Read<T> refused(String file, IllegalArgumentException why) {
        return new Read.Refused<>(new Warning(new Place(file, 0, ""), "damaged", Words.say("table", why.getMessage())));
    }

    private static String text(String file, byte[] content, List<Warning> warnings) {
        boolean little = content.length > 1 && content[0] == (byte) 0xff && content[1] == (byte) 0xfe;
        boolean big = content.length > 1 && content[0] == (byte) 0xfe && content[1] == (byte) 0xff;
        try {
            if (little || big) return strict(content, StandardCharsets.UTF_16);
            var text = strict(content, StandardCharsets.UTF_8);
            return text.startsWith("\ufeff") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            return windows(file, content, warnings);
        }
    }

    private static String windows(String file, byte[] content, List<Warning> warnings) {
        try {
            var text = strict(content, Charset.forName("windows-1252"));
            warnings.add(new Warning(new Place(file, 0, ""), "not-utf-8", Words.say("windows")));
            return text;
        } catch (CharacterCodingException e) {
            throw new IllegalArgumentException(Words.say("letters"));
        }
    }

    private static String strict(byte[] content, Charset charset) throws CharacterCodingException {
        var text = charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)
                .decode(ByteBuffer.wrap(content))
                .toString();
        if (text.indexOf('\0') >= 0) throw new IllegalArgumentException(Words.say("text"));
        return text;
    }

    /** What parts the heading row into most columns: comma, semicolon or tab. */
    private static char delimiter(String text) {
        char best = ',';
        long most = 0;
        for (char each : new char[] {',', ';', '\t'}) {
            long n = 0;
            boolean quoted = false;
            for (int i = 0; i < text.length() && (quoted || text.charAt(i) != '\n' && text.charAt(i) != '\r'); i++) {
                if (text.charAt(i) == '"') quoted = !quoted;
                else if (!quoted && text.charAt(i) == each) n++;
            }
            if (n > most) {
                most = n;
                best = each;
            }
        }
        return best;
    }

    static byte[] write(List<String> heading, List<List<String>> rows) {
        var out = new StringWriter();
        try (var printer = FORMAT.print(out)) {
            printer.printRecord(heading);
            for (var row : rows)
                printer.printRecord(row.stream().map(CsvTable::harmless).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** A cell that begins like a formula gets an apostrophe in front; {@link #cell} takes it off again. */
    static String harmless(String cell) {
        return isFormula(cell) ? "'" + cell : cell;
    }

    /** Spreadsheets look behind blanks and take full-width signs for theirs; an apostrophe of the cell's own must come back, too. */
    private static boolean isFormula(String cell) {
        for (int i = 0; i < cell.length(); i++) {
            char c = cell.charAt(i);
            if ("=+-@\t\r\n|＝＋－＠﹢﹣−".indexOf(c) >= 0) return true;
            boolean blank = Character.isWhitespace(c)
                    || Character.isSpaceChar(c)
                    || Character.getType(c) == Character.FORMAT
                    || Character.isISOControl(c)
                    || c == '\'';
            if (!blank) return false;
        }
        return false;
    }

    static String cell(CSVRecord row, String column) {
        if (!row.isMapped(column) || !row.isSet(column)) return "";
        var cell = row.get(column).strip();
        return cell.length() > 1 && cell.charAt(0) == '\'' && isFormula(cell.substring(1)) ? cell.substring(1) : cell;
    }

    /** As a file writes a constant: "part". */
    static String name(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    /** @param otherwise where the cell is empty, or there is no such column */
    static <E extends Enum<E>> E named(Class<E> type, CSVRecord row, String column, E otherwise) {
        var cell = cell(row, column);
        if (cell.isEmpty()) return otherwise;
        for (var value : type.getEnumConstants()) if (name(value).equals(cell.toLowerCase(Locale.ROOT))) return value;
        var names = Arrays.stream(type.getEnumConstants()).map(CsvTable::name).toList();
        throw new IllegalArgumentException(Words.say("take.named", column, cell, String.join(", ", names)));
    }

    static List<String> list(String cell) {
        return Arrays.stream(cell.split(";"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .map(s -> s.toLowerCase(Locale.ROOT))
                .toList();
    }
}

package webodidact.formats.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What spreadsheets write, and what they would run. */
class CsvTableTest {
    private static final String TEXT = "name;note\nZoë;\"a, b; c\"\nJørn;plain\n";

    private static void isRead(byte[] content, int warnings) {
        var table = CsvTable.read("homes.csv", content);
        assertThat(table.headings()).containsExactly("name", "note");
        assertThat(table.rows()).extracting(r -> CsvTable.cell(r, "name")).containsExactly("Zoë", "Jørn");
        assertThat(CsvTable.cell(table.rows().getFirst(), "NOTE")).isEqualTo("a, b; c");
        assertThat(table.warnings()).hasSize(warnings);
    }

    @Test
    void commaSemicolonAndTabAreToldApartByTheHeadingRow() {
        for (var each : List.of(",", ";", "\t"))
            isRead(
                    ("name" + each + "note\r\nZoë" + each + "\"a, b; c\"\r\nJørn" + each + "plain\r\n")
                            .getBytes(StandardCharsets.UTF_8),
                    0);
    }

    @Test
    void everyEncodingOfASpreadsheetIsReadAndOnlyAGuessIsWarnedOf() {
        isRead(TEXT.getBytes(StandardCharsets.UTF_8), 0);
        isRead(("\ufeff" + TEXT).getBytes(StandardCharsets.UTF_8), 0);
        isRead(TEXT.getBytes(StandardCharsets.UTF_16), 0);
        isRead(("\ufeff" + TEXT).getBytes(StandardCharsets.UTF_16LE), 0);
        isRead(TEXT.getBytes(Charset.forName("windows-1252")), 1);
    }

    @Test
    void whatIsNoTextOrHasAnOpenQuoteIsRefusedInWords() {
        assertThatThrownBy(() -> CsvTable.read("homes.csv", "name\0,note\n".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("it is no text");
        assertThatThrownBy(() -> CsvTable.read("homes.csv", "name,note\nZo,\"open\n".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith("the quotes do not match");
    }

    @Test
    void noWrittenCellBeginsLikeAFormulaAndEachComesBack() {
        var signs = "=+-@'|＝−\u00a0\u200b\t ab1,;\"";
        var random = new Random(11);
        for (int i = 0; i < 3000; i++) {
            var made = new StringBuilder();
            for (int n = random.nextInt(6); n >= 0; n--) made.append(signs.charAt(random.nextInt(signs.length())));
            var cell = made.toString().strip();
            if (cell.isEmpty()) continue;
            var back = CsvTable.read("x.csv", CsvTable.write(List.of("key", "cell"), List.of(List.of("k", cell))));
            var row = back.rows().getFirst();
            assertThat(CsvTable.cell(row, "cell")).as("cell <%s>", cell).isEqualTo(cell);
            assertThat("=+-@|＝−".indexOf(row.get("cell").charAt(0)))
                    .as("first sign of <%s>", row.get("cell"))
                    .isNegative();
        }
    }
}

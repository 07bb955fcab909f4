package webodidact.formats.csv;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;

/** A table of foods as lines of a recipe. */
public final class FoodsCsv {
    /** What a heading of each column may be, in small letters. */
    private static final Map<String, List<String>> COLUMNS = Map.of(
            "food", List.of("food", "item", "ingredient", "name", "what", "zutat", "lebensmittel"),
            "amount", List.of("amount", "quantity", "qty", "take", "how much", "menge", "anzahl"),
            "unit", List.of("unit", "measure", "units", "einheit"),
            "form", List.of("form", "preparation", "how", "prep", "zubereitung"));

    /**
     * @param lines "250 g plain flour, sifted"
     * @param left headings of columns that are not understood
     */
    public record Lines(List<String> lines, List<String> left) {}

    private FoodsCsv() {}

    /** @throws IllegalArgumentException if it is no table, or none with a column of foods */
    public static Lines read(byte[] content) {
        var table = CsvTable.read("", content);
        var food = column(table, "food");
        if (food == null && table.headings().size() == 1)
            food = table.headings().getFirst();
        if (food == null) throw new IllegalArgumentException(Words.say("foods.none", table.headings()));
        var amount = column(table, "amount");
        var unit = column(table, "unit");
        var form = column(table, "form");
        var lines = new ArrayList<String>();
        for (var row : table.rows()) {
            var name = cell(row, food);
            if (name.isEmpty()) continue;
            var said = (cell(row, amount) + " " + cell(row, unit)).strip() + " " + name;
            lines.add(said.strip() + (cell(row, form).isEmpty() ? "" : ", " + cell(row, form)));
        }
        var used = new ArrayList<String>();
        for (var each : new String[] {food, amount, unit, form}) if (each != null) used.add(each);
        return new Lines(
                List.copyOf(lines),
                table.headings().stream()
                        .filter(h -> !used.contains(h) && !h.isBlank())
                        .toList());
    }

    private static String cell(CSVRecord row, String column) {
        return column == null ? "" : CsvTable.cell(row, column);
    }

    private static String column(CsvTable table, String kind) {
        for (var heading : table.headings())
            if (COLUMNS.get(kind).contains(heading.toLowerCase(Locale.ROOT))) return heading;
        return null;
    }
}

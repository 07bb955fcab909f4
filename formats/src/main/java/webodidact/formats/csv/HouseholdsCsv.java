package webodidact.formats.csv;

import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/** {@code households.csv}: one home a row. A row that cannot be read is told with its line and left out; the others are read. */
public final class HouseholdsCsv {
    static final List<String> HEADING = List.of("alias", "measures", "diets", "allergies", "missing tools", "missing foods", "ages", "adult", "oven", "hob", "microwave");

    private HouseholdsCsv() {}

    public static byte[] write(List<Household> homes) {
        return CsvTable.write(HEADING, homes.stream().map(h -> List.of(h.alias(), h.system().name().toLowerCase(Locale.ROOT), String.join("; ", h.diets()),
                String.join("; ", h.allergies()), String.join("; ", h.missingTools()), String.join("; ", h.missingFoods()),
                String.join("; ", h.ages().stream().map(String::valueOf).toList()), yes(h.adult()), yes(h.oven()), yes(h.hob()), yes(h.microwave()))).toList());
    }

    private static String yes(boolean value) {
        return value ? "yes" : "no";
    }

    public static Read<List<Household>> read(String file, byte[] content) {
        List<CSVRecord> rows;
        try {
            rows = CsvTable.records(content);
        } catch (UncheckedIOException | IllegalArgumentException e) {
            return new Read.Refused<>(new Warning(new Place(file, 0, ""), "damaged", "not a CSV table: " + e.getMessage()));
        }
        var homes = new ArrayList<Household>();
        var warnings = new ArrayList<Warning>();
        var seen = new HashSet<String>();
        for (var row : rows) {
            int line = (int) row.getRecordNumber() + 1;
            try {
                var home = home(row);
                if (!seen.add(home.alias())) throw new BadCell("alias", "'" + home.alias() + "' is there twice: expected each home once");
                homes.add(home);
            } catch (BadCell e) {
                warnings.add(new Warning(new Place(file, line, "column " + e.column), "bad-value", e.getMessage()));
            }
        }
        return new Read.Done<>(List.copyOf(homes), warnings);
    }

    private static final class BadCell extends RuntimeException {
        private final String column;

        private BadCell(String column, String message) {
            super(message);
            this.column = column;
        }
    }

    private static Household home(CSVRecord row) {
        var alias = CsvTable.cell(row, "alias");
        if (alias.isEmpty()) throw new BadCell("alias", "is empty: expected a name that is not a person's, as in 'Home 7'");
        return new Household(alias, system(CsvTable.cell(row, "measures")), Set.copyOf(CsvTable.list(CsvTable.cell(row, "diets"))),
                allergies(CsvTable.cell(row, "allergies")), tools(CsvTable.cell(row, "missing tools")), foods(CsvTable.cell(row, "missing foods")),
                ages(CsvTable.cell(row, "ages")), flag(row, "adult"), flag(row, "oven"), flag(row, "hob"), flag(row, "microwave"));
    }

    private static MeasureSystem system(String cell) {
        if (cell.isEmpty()) return MeasureSystem.METRIC;
        for (var system : MeasureSystem.values()) if (system.name().equalsIgnoreCase(cell)) return system;
        throw new BadCell("measures", "'" + cell + "': expected metric, us, imperial or au");
    }

    private static Set<String> allergies(String cell) {
        var set = new HashSet<String>();
        for (var part : CsvTable.list(cell)) {
            try {
                set.add(Allergen.parse(part).name().toLowerCase(Locale.ROOT));
            } catch (IllegalArgumentException e) {
                throw new BadCell("allergies", "'" + part + "': expected a declared allergen, as in 'milk', 'eggs' or 'nuts'");
            }
        }
        return set;
    }

    private static Set<String> tools(String cell) {
        var set = new HashSet<String>();
        for (var part : CsvTable.list(cell)) {
            var tool = Knowledge.shipped().tool(part).or(() -> Knowledge.shipped().toolNamed(part));
            set.add(tool.orElseThrow(() -> new BadCell("missing tools", "'" + part + "' is not in the tool table")).id());
        }
        return set;
    }

    private static Set<String> foods(String cell) {
        var set = new HashSet<String>();
        for (var part : CsvTable.list(cell)) {
            var food = Knowledge.shipped().food(part).or(() -> Knowledge.shipped().foodNamed(part));
            set.add(food.orElseThrow(() -> new BadCell("missing foods", "'" + part + "' is not in the food table")).id());
        }
        return set;
    }

    private static List<Integer> ages(String cell) {
        var ages = new ArrayList<Integer>();
        for (var part : CsvTable.list(cell)) {
            if (!part.matches("\\d{1,3}")) throw new BadCell("ages", "'" + part + "': expected whole years, as in '9; 12'");
            ages.add(Integer.parseInt(part));
        }
        return ages;
    }

    private static boolean flag(CSVRecord row, String column) {
        return switch (CsvTable.cell(row, column).toLowerCase(Locale.ROOT)) {
            case "", "yes", "y", "true", "1" -> true;
            case "no", "n", "false", "0" -> false;
            default -> throw new BadCell(column, "'" + CsvTable.cell(row, column) + "': expected yes or no");
        };
    }
}

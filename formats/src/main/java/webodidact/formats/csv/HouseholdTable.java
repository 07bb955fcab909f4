package webodidact.formats.csv;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/** A table of homes as some form tool made it, whose columns have still to be matched with ours. */
public final class HouseholdTable {
    /** What people call our columns; compared without case and punctuation. */
    private static final Map<String, List<String>> CALLED = Map.ofEntries(
            Map.entry(
                    "alias", List.of("alias", "name", "home", "household", "family", "group", "nickname", "id", "who")),
            Map.entry("measures", List.of("measures", "units", "region", "country", "measuring", "system")),
            Map.entry("diets", List.of("diets", "diet", "dietary", "dietary needs", "dietary requirements", "eats")),
            Map.entry(
                    "allergies",
                    List.of("allergies", "allergy", "allergens", "intolerances", "allergic to", "any allergies")),
            Map.entry(
                    "missing tools",
                    List.of(
                            "missing tools",
                            "no tools",
                            "tools missing",
                            "equipment missing",
                            "not in kitchen",
                            "kit missing",
                            "what equipment are you missing")),
            Map.entry(
                    "missing foods",
                    List.of("missing foods", "foods missing", "cannot get", "ingredients missing", "unavailable")),
            Map.entry("ages", List.of("ages", "age", "age of cooks", "children", "ages of children", "how old")),
            Map.entry("adult", List.of("adult", "adult present", "grown up", "grown up present", "adult in the room")),
            Map.entry("oven", List.of("oven", "has oven", "do you have an oven")),
            Map.entry("hob", List.of("hob", "stove", "cooker", "stovetop", "rings", "has hob")),
            Map.entry("microwave", List.of("microwave", "has microwave", "microwave oven")),
            Map.entry("agreed", List.of("agreed")));

    private final String file;
    private final List<String> headings;
    private final List<CSVRecord> rows;

    private final List<Warning> warnings;

    private HouseholdTable(String file, List<String> headings, List<CSVRecord> rows, List<Warning> warnings) {
        this.warnings = warnings;
        this.file = file;
        this.headings = headings;
        this.rows = rows;
    }

    /** Our columns, in their order. */
    public static List<String> columns() {
        return HouseholdsCsv.HEADING;
    }

    public static Read<HouseholdTable> open(String file, byte[] content) {
        try {
            var read = CsvTable.read(file, content);
            if (read.rows().isEmpty())
                return new Read.Refused<>(new Warning(new Place(file, 1, ""), "empty", Words.say("heading")));
            return new Read.Done<>(
                    new HouseholdTable(file, read.headings(), read.rows(), read.warnings()), read.warnings());
        } catch (IllegalArgumentException e) {
            return new Read.Refused<>(
                    new Warning(new Place(file, 0, ""), "damaged", Words.say("table", e.getMessage())));
        }
    }

    public List<String> headings() {
        return headings;
    }

    public int size() {
        return rows.size();
    }

    /** The first cells of a column that are not empty, at most {@code most}. */
    public List<String> examples(String heading, int most) {
        return rows.stream()
                .map(r -> CsvTable.cell(r, heading))
                .filter(c -> !c.isEmpty())
                .distinct()
                .limit(most)
                .toList();
    }

    /** Our column to theirs, as far as the headings tell; each of theirs at most once. */
    public Map<String, String> guess() {
        var match = new LinkedHashMap<String, String>();
        for (boolean exact : new boolean[] {true, false}) {
            for (var ours : columns()) {
                if (match.containsKey(ours)) continue;
                headings.stream()
                        .filter(h -> !match.containsValue(h))
                        .filter(h -> CALLED.get(ours).stream()
                                .anyMatch(c ->
                                        exact ? plain(h).equals(c) : (" " + plain(h) + " ").contains(" " + c + " ")))
                        .findFirst()
                        .ifPresent(h -> match.put(ours, h));
            }
        }
        return match;
    }

    private static String plain(String heading) {
        return heading.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ").strip();
    }

    /**
     * The homes, read with that match; rows that cannot be read are told with line and column, and left out. Refused without a
     * column for the name and one for the allergies: nobody must seem to have none because a column was not found.
     */
    public Read<List<Household>> read(Map<String, String> match, Knowledge knowledge) {
        for (var needed : List.of("alias", "allergies")) {
            if (!match.containsKey(needed)) {
                return new Read.Refused<>(new Warning(
                        new Place(file, 1, ""), "missing", Words.say("match", needed, String.join("', '", headings))));
            }
        }
        return HouseholdsCsv.read(file, rows, match, knowledge, warnings);
    }
}

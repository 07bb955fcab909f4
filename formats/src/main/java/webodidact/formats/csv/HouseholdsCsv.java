package webodidact.formats.csv;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
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
    static final List<String> HEADING = List.of(
            "alias",
            "measures",
            "diets",
            "allergies",
            "missing tools",
            "missing foods",
            "ages",
            "adult",
            "oven",
            "hob",
            "microwave",
            "agreed");

    private static final Map<String, MeasureSystem> CALLED = Map.of(
            "uk",
            MeasureSystem.METRIC,
            "british",
            MeasureSystem.METRIC,
            "europe",
            MeasureSystem.METRIC,
            "usa",
            MeasureSystem.US,
            "american",
            MeasureSystem.US,
            "cups",
            MeasureSystem.US,
            "australia",
            MeasureSystem.AU,
            "australian",
            MeasureSystem.AU,
            "ounces",
            MeasureSystem.IMPERIAL);
    private static final Map<String, String> ALLERGENS = Map.ofEntries(
            Map.entry("egg", "eggs"),
            Map.entry("dairy", "milk"),
            Map.entry("lactose", "milk"),
            Map.entry("nut", "nuts"),
            Map.entry("tree nuts", "nuts"),
            Map.entry("tree nut", "nuts"),
            Map.entry("peanut", "peanuts"),
            Map.entry("soy", "soya"),
            Map.entry("shellfish", "crustaceans"),
            Map.entry("prawns", "crustaceans"),
            Map.entry("coeliac", "gluten"),
            Map.entry("celiac", "gluten"),
            Map.entry("sesame seeds", "sesame"),
            Map.entry("sulfites", "sulphites"));
    private final String file;
    private final int line;
    private final CSVRecord row;
    private final Map<String, String> match;
    private final Knowledge knowledge;

    private final List<Warning> told;

    private HouseholdsCsv(
            String file, int line, CSVRecord row, Map<String, String> match, Knowledge knowledge, List<Warning> told) {
        this.file = file;
        this.line = line;
        this.told = told;
        this.row = row;
        this.match = match;
        this.knowledge = knowledge;
    }

    /** The cell of our column, wherever it stands; "" where nothing was matched or people wrote "none". */
    private String cell(String ours) {
        var theirs = match == null ? ours : match.get(ours);
        return theirs == null ? "" : CsvTable.cell(row, theirs);
    }

    /** Parted by ';', or in a form tool's table by commas. */
    private List<String> list(String ours) {
        var cell = cell(ours);
        var parted = match == null || cell.contains(";")
                ? cell
                : cell.replace(",", ";").replace(" and ", ";");
        return CsvTable.list(parted).stream()
                .filter(p -> !Household.NONE.contains(p))
                .toList();
    }

    public static byte[] write(List<Household> homes) {
        return CsvTable.write(
                HEADING,
                homes.stream()
                        .map(h -> List.of(
                                h.alias(),
                                h.system().name().toLowerCase(Locale.ROOT),
                                String.join("; ", h.diets()),
                                h.allergies().stream().map(Allergen::code).collect(Collectors.joining("; ")),
                                String.join("; ", h.missingTools()),
                                String.join("; ", h.missingFoods()),
                                String.join(
                                        "; ",
                                        h.ages().stream().map(String::valueOf).toList()),
                                yes(h.adult()),
                                yes(h.oven()),
                                yes(h.hob()),
                                yes(h.microwave()),
                                String.join(
                                        "; ",
                                        h.agreed().entrySet().stream()
                                                .map(e -> e.getKey() + "=" + e.getValue())
                                                .toList())))
                        .toList());
    }

    private static String yes(boolean value) {
        return value ? "yes" : "no";
    }

    /**
     * The course's own table. Foods and tools that nobody knows any more stay with their home; a table without its columns is
     * refused: homes whose allergies stand elsewhere must not seem to have none.
     */
    public static Read<List<Household>> read(String file, byte[] content, Knowledge knowledge) {
        CsvTable table;
        try {
            table = CsvTable.read(file, content);
        } catch (IllegalArgumentException e) {
            return new Read.Refused<>(
                    new Warning(new Place(file, 0, ""), "damaged", Words.say("table", e.getMessage())));
        }
        var names =
                table.headings().stream().map(h -> h.toLowerCase(Locale.ROOT)).toList();
        var needed = List.of("alias", "allergies").stream()
                .filter(c -> !names.contains(c))
                .toList();
        if (!needed.isEmpty() && !names.isEmpty()) {
            return new Read.Refused<>(new Warning(
                    new Place(file, 1, ""),
                    "missing",
                    Words.say(
                            "missing.among",
                            String.join("' and '", needed),
                            String.join("', '", table.headings()),
                            String.join(", ", HEADING))));
        }
        var told = new ArrayList<>(table.warnings());
        if (names.isEmpty()) told.add(new Warning(new Place(file, 1, ""), "empty", Words.say("empty")));
        names.stream()
                .filter(h -> !HEADING.contains(h))
                .forEach(h -> told.add(
                        new Warning(new Place(file, 1, "column " + h), "unknown-field", Words.say("foreign"))));
        return read(file, table.rows(), null, knowledge, told);
    }

    /** @param match our column to theirs; null where the headings are ours */
    static Read<List<Household>> read(
            String file, List<CSVRecord> rows, Map<String, String> match, Knowledge knowledge, List<Warning> before) {
        var homes = new ArrayList<Household>();
        var warnings = new ArrayList<>(before);
        var seen = new HashSet<String>();
        for (var row : rows) {
            int line = (int) row.getRecordNumber() + 1;
            try {
                if (!row.isConsistent()) throw new BadCell("", Words.say("ragged", row.size()));
                var home = new HouseholdsCsv(file, line, row, match, knowledge, warnings).home();
                if (!seen.add(home.alias())) throw new BadCell("alias", Words.say("twice", home.alias()));
                homes.add(home);
            } catch (IllegalArgumentException e) {
                // A figure or word that no home can have; which cell it was in, its text tells.
                warnings.add(new Warning(new Place(file, line, ""), "bad-value", e.getMessage()));
            } catch (BadCell e) {
                var column = match == null || match.get(e.column) == null ? e.column : match.get(e.column);
                warnings.add(new Warning(
                        new Place(file, line, column.isEmpty() ? "" : "column " + column),
                        "bad-value",
                        e.getMessage()));
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

    private Household home() {
        var alias = cell("alias");
        if (alias.isEmpty()) throw new BadCell("alias", Words.say("alias"));
        return new Household(
                alias,
                system(cell("measures").toLowerCase(Locale.ROOT)),
                Set.copyOf(list("diets")),
                allergies(),
                tools(),
                foods(),
                ages(),
                flag("adult"),
                flag("oven"),
                flag("hob"),
                flag("microwave"),
                agreed());
    }

    private static MeasureSystem system(String cell) {
        if (cell.isEmpty()) return MeasureSystem.METRIC;
        if (CALLED.containsKey(cell)) return CALLED.get(cell);
        for (var system : MeasureSystem.values()) if (system.name().equalsIgnoreCase(cell)) return system;
        throw new BadCell("measures", Words.say("measures", cell));
    }

    private Set<Allergen> allergies() {
        var set = EnumSet.noneOf(Allergen.class);
        for (var part : list("allergies")) {
            try {
                set.add(Allergen.parse(ALLERGENS.getOrDefault(part, part)));
            } catch (IllegalArgumentException e) {
                throw new BadCell("allergies", Words.say("allergen", part));
            }
        }
        return set;
    }

    private Set<String> tools() {
        var set = new HashSet<String>();
        for (var part : list("missing tools")) {
            var tool = knowledge
                    .tool(part)
                    .or(() -> knowledge.toolNamed(part))
                    .map(t -> t.id())
                    .or(() -> kept("missing tools", part, "tool"));
            set.add(tool.orElseThrow(() -> new BadCell("missing tools", Words.say("noTool", part))));
        }
        return set;
    }

    private Set<String> foods() {
        var set = new HashSet<String>();
        for (var part : list("missing foods")) {
            var food = knowledge
                    .food(part)
                    .or(() -> knowledge.foodNamed(part))
                    .map(f -> f.id())
                    .or(() -> kept("missing foods", part, "food"));
            set.add(food.orElseThrow(() -> new BadCell("missing foods", Words.say("noFood", part))));
        }
        return set;
    }

    /** In the course's own table a word that nobody knows stays with its home, and is told: its food or tool may come back. */
    private Optional<String> kept(String column, String part, String table) {
        if (match != null) return Optional.empty();
        told.add(new Warning(
                new Place(file, line, "column " + column), "unknown-name", Words.say("unknown", part, table)));
        return Optional.of(part);
    }

    private List<Integer> ages() {
        var ages = new ArrayList<Integer>();
        for (var part : list("ages")) {
            if (!part.matches("\\d{1,3}")) throw new BadCell("ages", Words.say("ages", part));
            ages.add(Integer.parseInt(part));
        }
        return ages;
    }

    private boolean flag(String column) {
        return switch (cell(column).toLowerCase(Locale.ROOT)) {
            case "", "yes", "y", "true", "1" -> true;
            case "no", "n", "false", "0" -> false;
            default -> throw new BadCell(column, Words.say("flag", cell(column)));
        };
    }

    /** "1-fish/f2=soured-cream": what was agreed with that home, by lesson and line. */
    private Map<String, String> agreed() {
        var map = new TreeMap<String, String>();
        // Lesson and line are file names and ids: their case counts.
        for (var part : Arrays.stream(cell("agreed").split(";"))
                .map(String::strip)
                .filter(p -> !p.isEmpty())
                .toList()) {
            int eq = part.lastIndexOf('=');
            if (eq < 1
                    || !part.substring(0, eq).contains("/")
                    || part.substring(eq + 1).isBlank()) {
                throw new BadCell("agreed", Words.say("agreed", part));
            }
            map.put(part.substring(0, eq), part.substring(eq + 1));
        }
        return map;
    }
}

package webodidact.core.food;

import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.table.TableFile;
import webodidact.core.words.Names;
import webodidact.core.words.Word;

/** The shipped table of foods and tools. */
public final class Knowledge {
    private static final class Holder {
        private static final Knowledge SHIPPED = read();
        private static final Map<List<OwnFood>, Knowledge> OWN = new ConcurrentHashMap<>();
    }

    private final Map<String, Food> foods;
    private final Map<String, Tool> tools;
    private final Matching matching;
    private final Names foodNames = new Names();
    private final Names toolNames = new Names();
    private final Map<String, Scan> scans = new ConcurrentHashMap<>();

    private Knowledge(Map<String, Food> foods, Map<String, Tool> tools) {
        this.foods = foods;
        this.tools = tools;
        matching = new Matching(foods.values(), foodNames);
        for (var tool : tools.values()) {
            tool.names().forEach(n -> toolNames.add(n, tool.id()));
            tool.usNames().forEach(n -> toolNames.add(n, tool.id()));
        }
    }

    /** The table that comes with the application. */
    public static Knowledge shipped() {
        return Holder.SHIPPED;
    }

    /** The shipped table with what a course knows better put over it. */
    public static Knowledge of(List<OwnFood> own) {
        if (own.isEmpty()) return shipped();
        if (Holder.OWN.size() > 20) Holder.OWN.clear();
        return Holder.OWN.computeIfAbsent(List.copyOf(own), k -> {
            var all = new LinkedHashMap<String, Food>();
            // A course's own names win over shipped ones, so they come first.
            k.forEach(f -> all.put(f.id(), f.over(shipped().foods.get(f.id()))));
            shipped().foods.forEach(all::putIfAbsent);
            return new Knowledge(Collections.unmodifiableMap(all), shipped().tools);
        });
    }

    public Collection<Food> foods() {
        return foods.values();
    }

    public Collection<Tool> tools() {
        return tools.values();
    }

    /** Empty for an unknown id and for null. */
    public Optional<Food> food(String id) {
        return Optional.ofNullable(id == null ? null : foods.get(id));
    }

    public Optional<Tool> tool(String id) {
        return Optional.ofNullable(id == null ? null : tools.get(id));
    }

    /** Food names in running text. */
    public List<Names.Found> foodsIn(String text) {
        return scan(text).foods();
    }

    /** Tool names in running text. */
    public List<Names.Found> toolsIn(String text) {
        return scan(text).tools();
    }

    private record Scan(List<Names.Found> foods, List<Names.Found> tools, List<Actions.Found> actions) {}

    /** One keystroke changes one text of a lesson; the others have been searched before. */
    private Scan scan(String text) {
        var known = scans.get(text);
        if (known != null) return known;
        if (scans.size() > 5000) scans.clear();
        var words = Word.of(text);
        var foodsHere = foodNames.find(words, text);
        var toolsHere = toolNames.find(words, text).stream()
                .filter(f -> !tools.get(f.id()).fitted())
                .toList();
        var scan = new Scan(foodsHere, toolsHere, Actions.shipped().in(text, foodsHere, toolsHere));
        scans.put(text, scan);
        return scan;
    }

    /** What the text tells to do. */
    public List<Actions.Found> actionsIn(String text) {
        return scan(text).actions();
    }

    /** Tools that the verbs of the text need, each once: "chop" needs a knife and a board. */
    public List<Names.Found> toolsImpliedBy(String text) {
        var all = new LinkedHashMap<String, Names.Found>();
        for (var found : scan(text).actions())
            for (var tool : found.action().tools())
                if (ToolNeed.isThere(tool, text))
                    all.putIfAbsent(tool, new Names.Found(found.start(), found.end(), tool));
        return List.copyOf(all.values());
    }

    /** The food an item of a list means, where every word of it is accounted for; "garlic butter" means no butter. */
    public Optional<Food> foodNamed(String item) {
        return match(item, null, "", MeasureSystem.METRIC).food();
    }

    /**
     * What an item of a list means.
     *
     * @param amount decides between black pepper and a sweet one; may be null
     * @param form how it is prepared, or ""
     * @param region whose words they are
     */
    public Match match(String item, Amount amount, String form, MeasureSystem region) {
        return matching.of(item, amount, form, region);
    }

    /** The foods nearest to an item that means none for sure, the nearest first: to choose from, never to take. */
    public List<Food> nearest(String item, int most) {
        return matching.nearest(item, most);
    }

    /** Whether the words, behind the name of a food, make it another: "vegan", "gluten free". */
    public boolean isDenial(String text) {
        return Matching.isDenial(text);
    }

    /** Whether the words only say how a food is: "skinless". */
    public boolean isDescription(String words) {
        return Matching.isDescription(words);
    }

    public Optional<Tool> toolNamed(String item) {
        return toolNames.find(Word.of(item)).stream().findFirst().flatMap(f -> tool(f.id()));
    }

    private static Knowledge read() {
        var foods = new LinkedHashMap<String, Food>();
        var facts = new FactTable();
        for (var c : TableFile.rows(Knowledge.class, "foods.txt", 14)) {
            var food = new Food(
                    c[0],
                    TableFile.list(c[1]),
                    TableFile.list(c[2]),
                    TableFile.list(c[3]),
                    Shelf.valueOf(c[4].toUpperCase(Locale.ROOT)),
                    Group.parse(c[5]),
                    density(c[6]),
                    c[7].isEmpty() ? null : Ratio.parseDecimal(c[7]),
                    allergens(c[8]),
                    c[9].equals("yes"),
                    Risk.valueOf(c[10].toUpperCase(Locale.ROOT).replace('-', '_')),
                    c[11].equals("cautious"),
                    Diet.valueOf(c[12].toUpperCase(Locale.ROOT)),
                    c[13],
                    facts.of(c[0], Group.parse(c[5])));
            if (foods.put(food.id(), food) != null)
                throw new IllegalStateException("foods.txt: '" + food.id() + "' is there twice");
        }
        var tools = new LinkedHashMap<String, Tool>();
        for (var c : TableFile.rows(Knowledge.class, "tools.txt", 6)) {
            var instead = TableFile.list(c[5]).stream().map(Knowledge::instead).toList();
            tools.put(
                    c[0],
                    new Tool(
                            c[0],
                            TableFile.list(c[1]),
                            TableFile.list(c[2]),
                            c[3].isEmpty() ? Hazard.NONE : Hazard.valueOf(c[3].toUpperCase(Locale.ROOT)),
                            c[4].equals("yes"),
                            c[4].equals("fitted"),
                            instead));
        }
        return new Knowledge(Collections.unmodifiableMap(foods), Collections.unmodifiableMap(tools));
    }

    private static Map<String, Ratio> density(String cell) {
        var map = new LinkedHashMap<String, Ratio>();
        for (var part : TableFile.list(cell)) {
            int eq = part.indexOf('=');
            map.put(eq < 0 ? "" : part.substring(0, eq), Ratio.parseDecimal(part.substring(eq + 1)));
        }
        return Collections.unmodifiableMap(map);
    }

    private static Set<Allergen> allergens(String cell) {
        var set = EnumSet.noneOf(Allergen.class);
        TableFile.list(cell).forEach(a -> set.add(Allergen.parse(a)));
        return Collections.unmodifiableSet(set);
    }

    /** "shake, turn = slides off". */
    private static List<Facts.Cannot> cannot(String text) {
        var sides = text.split("=");
        return List.of(new Facts.Cannot(
                Arrays.stream(sides[0].split(",")).map(String::strip).toList(), sides[1].strip()));
    }

    private static int end(String part, int open) {
        int limits = part.indexOf('[');
        return open >= 0 ? open : limits >= 0 ? limits : part.length();
    }

    private static Tool.Instead instead(String part) {
        int x = part.indexOf(" x ");
        int open = part.indexOf('(');
        var time = part.substring(x + 3, end(part, open)).strip();
        int limits = part.indexOf('[');
        return new Tool.Instead(
                part.substring(0, x).strip(),
                Ratio.parseDecimal(time),
                open < 0 ? "" : part.substring(open + 1, part.lastIndexOf(')')),
                limits < 0 ? List.of() : cannot(part.substring(limits + 1, part.indexOf(']'))));
    }
}

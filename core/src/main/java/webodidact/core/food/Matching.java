package webodidact.core.food;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.table.TableFile;
import webodidact.core.words.Names;
import webodidact.core.words.Word;

/**
 * Which food the words of a list mean. A wrong match is worse than none: a food is only found where every word of the item is part of
 * its name or says no more than how it is ({@code describers.txt}); "garlic butter" is not butter. A name of several foods
 * ({@code ambiguous.txt}) is only decided by how it is measured or cut.
 */
final class Matching {
    /** Several foods have the name; decided by measures and words of the form. */
    private record Ambiguous(String name, Map<String, String> decided, List<String> meanings) {}

    private static final String AMBIGUOUS = "?";

    private static final Set<String> DESCRIBERS = describers();
    private static final Map<String, Ambiguous> SEVERAL = ambiguous();

    /** What a packed food lies in is no part of its name: "tuna in brine". */
    private static final Pattern LIES_IN = Pattern.compile(
            "\\s+in\\s+(?:(?:natural|own|its own|fruit|light|spring|sunflower|olive|extra virgin olive|vegetable)\\s+)?(?:brine|water|oil|juice|syrup|their juice)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Words that deny the food they stand beside. */
    private static final Set<String> DENIES = Set.of(
            "vegan",
            "vegetarian",
            "veggie",
            "plant",
            "plant-based",
            "meatless",
            "mock",
            "soya",
            "soy",
            "imitation",
            "faux",
            "free",
            "non-dairy",
            "alternative",
            "substitute",
            "replacer");

    private static final int LONGEST_DENIAL = 3;

    /** Nobody says more of a food before its name. */
    private static final int MOST_DESCRIBERS = 12;

    private static final String UNKNOWN = "-";
    private static final String MORE = "+";

    private final Names names = new Names();
    /** The same words are read again and again. */
    private final Map<String, String> answers = new ConcurrentHashMap<>();

    private final Collection<Food> foods;
    private final Map<String, Food> byId = new HashMap<>();
    /** In the names of how many foods a word is; made when somebody asks for the nearest food. */
    private Map<String, Integer> usual;

    /** A word of so many names ("sauce", "paste") makes no two of them alike. */
    private static final int USUAL = 9;

    /** @param inText is given the names that mean a food in running text too */
    Matching(Collection<Food> foods, Names inText) {
        this.foods = foods;
        var unsaid = unsaid();
        for (var food : foods) {
            byId.put(food.id(), food);
            for (var name : allNames(food)) {
                var words = Word.of(name);
                names.add(words, food.id());
                if (!unsaid.contains(name)) inText.add(words, food.id());
            }
        }
        likeliest().forEach((name, food) -> {
            if (!unsaid.contains(name)) inText.add(name, food);
        });
        SEVERAL.keySet().forEach(n -> names.add(n, AMBIGUOUS + n));
    }

    /** Names that are the word of other things in running text. */
    private static Set<String> unsaid() {
        var all = new HashSet<String>();
        for (var line : TableFile.rows(Matching.class, "unsaid.txt", 1)) all.add(line[0]);
        return all;
    }

    private static Set<String> allNames(Food food) {
        var all = new LinkedHashSet<String>();
        for (var names : List.of(food.names(), food.usNames(), food.auNames()))
            for (var name : names) {
                all.add(name);
                if (name.indexOf('-') >= 0) all.add(name.replace('-', ' '));
            }
        return all;
    }

    private synchronized Map<String, Integer> usual() {
        if (usual == null) {
            usual = new HashMap<>();
            for (var food : foods)
                allNames(food).stream()
                        .flatMap(n -> Word.of(n).stream().map(Word::stem))
                        .distinct()
                        .forEach(w -> usual.merge(w, 1, Integer::sum));
        }
        return usual;
    }

    /** Names of several foods, each with the one it is taken for in running text. */
    private static Map<String, String> likeliest() {
        var all = new HashMap<String, String>();
        SEVERAL.forEach((name, a) -> all.put(name, a.meanings().getFirst()));
        return all;
    }

    /** @param form how it is prepared, "chopped", or "" */
    Match of(String item, Amount amount, String form, MeasureSystem region) {
        var text = item.indexOf(" in ") < 0 ? item : LIES_IN.matcher(item).replaceAll("");
        if (answers.size() > 5000) answers.clear();
        var id = answers.computeIfAbsent(text, this::named);
        if (id.equals(UNKNOWN)) return Match.NONE;
        if (id.equals(MORE)) return new Match(Optional.empty(), Match.Why.SAYS_MORE);
        if (!id.startsWith(AMBIGUOUS)) return new Match(Optional.of(byId.get(id)), Match.Why.SURE);
        var several = SEVERAL.get(id.substring(1));
        return decided(several, amount, form + " " + text, region)
                .map(f -> new Match(Optional.of(f), Match.Why.SURE))
                .orElse(new Match(Optional.empty(), Match.Why.SEVERAL));
    }

    /** Id of the one food, or of the name that several have; {@link #MORE} or {@link #UNKNOWN} where there is none. */
    private String named(String text) {
        var words = Word.of(text);
        return wholeName(words).orElseGet(() -> names.find(words).isEmpty() ? UNKNOWN : MORE);
    }

    /** The one name that leaves no word over: "whole chicken breast" is a breast, though "whole chicken" is a name too. */
    private Optional<String> wholeName(List<Word> words) {
        for (int from = 0; from < Math.min(words.size(), MOST_DESCRIBERS); from++) {
            var found = names.find(words.subList(from, words.size()));
            if (found.isEmpty()) return Optional.empty();
            boolean onlyThat = found.stream().map(Names.Found::id).distinct().count() == 1;
            if (onlyThat && saysNoMore(words, found))
                return Optional.of(found.getFirst().id());
            if (!DESCRIBERS.contains(words.get(from).stem())) return Optional.empty();
        }
        return Optional.empty();
    }

    private static boolean saysNoMore(List<Word> words, List<Names.Found> found) {
        for (var word : words) {
            boolean named = found.stream().anyMatch(f -> f.start() <= word.start() && word.end() <= f.end());
            if (!named && !DESCRIBERS.contains(word.stem()) && !isFigure(word.stem())) return false;
        }
        return true;
    }

    static boolean isDescription(String text) {
        var words = Word.of(text);
        return !words.isEmpty() && words.stream().allMatch(w -> DESCRIBERS.contains(w.stem()));
    }

    /** "Vegan", "gluten free", "dairy-free": said of a food behind its name, it makes it another one. */
    static boolean isDenial(String text) {
        var words = Word.of(text);
        if (words.isEmpty() || words.size() > LONGEST_DENIAL) return false;
        var last = words.getLast().stem();
        return DENIES.contains(last) || last.endsWith("-free") || last.equals("based");
    }

    private static boolean isFigure(String word) {
        return word.chars().allMatch(Character::isDigit);
    }

    private Optional<Food> decided(Ambiguous several, Amount amount, String form, MeasureSystem region) {
        var stems = new HashSet<String>();
        Word.of(form).forEach(w -> stems.add(w.stem()));
        for (var by : several.decided().entrySet()) {
            if (by.getKey().equals(measure(amount))
                    || stems.contains(Word.stem(by.getKey()))
                    || isOf(region, by.getKey())) return Optional.of(byId.get(by.getValue()));
        }
        return Optional.empty();
    }

    private static boolean isOf(MeasureSystem region, String code) {
        return switch (code) {
            case "us" -> region == MeasureSystem.US;
            case "uk" -> region == MeasureSystem.IMPERIAL;
            case "au" -> region == MeasureSystem.AU;
            default -> false;
        };
    }

    /** How an amount measures, as {@code ambiguous.txt} writes it. */
    private static String measure(Amount amount) {
        if (amount == null) return "none";
        return switch (amount.unit().symbol()) {
            case "tsp", "tbsp", "dessertspoon" -> "spoon";
            case "cup" -> "cup";
            case "pinch", "dash", "sprinkle" -> "pinch";
            case "bunch", "handful" -> "bunch";
            case "piece" -> "count";
            case "thumb", "knob" -> "thumb";
            case "sprig", "leaf", "tin", "sachet" -> amount.unit().symbol();
            default ->
                switch (amount.unit().dimension()) {
                    case MASS -> "weight";
                    case VOLUME -> "volume";
                    case LENGTH -> "length";
                    default -> "other";
                };
        };
    }

    /** The nearest foods to words that were not matched, the nearest first, at most {@code most}: to choose from, never to take. */
    List<Food> nearest(String item, int most) {
        var words = Word.of(item).stream()
                .map(Word::stem)
                .filter(w -> !DESCRIBERS.contains(w))
                .limit(MOST_DESCRIBERS)
                .toList();
        if (words.isEmpty()) return List.of();
        var all = new LinkedHashSet<Food>();
        names.find(Word.of(item)).stream()
                .filter(f -> f.id().startsWith(AMBIGUOUS))
                .flatMap(f -> SEVERAL.get(f.id().substring(1)).meanings().stream())
                .forEach(id -> all.add(byId.get(id)));
        foods.stream()
                .map(f -> new Near(f, near(f, words)))
                .filter(n -> n.score() > 0)
                .sorted(Comparator.comparingInt(Near::score).reversed())
                .limit(4L * most)
                .forEach(n -> all.add(n.food()));
        return all.stream().filter(f -> !isDenied(f, words)).limit(most).toList();
    }

    private record Near(Food food, int score) {}

    /** Words in common, a name's length against it; a slip of the pen counts half. */
    private int near(Food food, List<String> words) {
        return allNames(food).stream().mapToInt(n -> near(n, words)).max().orElse(0);
    }

    private int near(String name, List<String> words) {
        int score = 0;
        var own = Word.of(name).stream().map(Word::stem).toList();
        // A name that stands there whole is near whatever stands beside it.
        if (words.containsAll(own)) return 10 * own.size();
        for (var word : words) {
            if (own.contains(word)) score += usual().getOrDefault(word, 0) < USUAL ? 10 : 2;
            else if (word.length() > 3
                    && !usual().containsKey(word)
                    && own.stream().anyMatch(o -> isSlip(o, word))) score += 6;
        }
        return score < 5 ? 0 : score - own.size();
    }

    /** One letter more, less or other, or two changed places; two of them in a long word. */
    private static boolean isSlip(String right, String written) {
        int most = right.length() > 6 ? 2 : 1;
        if (right.length() < 4 || Math.abs(right.length() - written.length()) > most) return false;
        var before = new int[written.length() + 1];
        var last = new int[written.length() + 1];
        for (int j = 0; j < before.length; j++) last[j] = j;
        for (int i = 1; i <= right.length(); i++) {
            var row = new int[written.length() + 1];
            row[0] = i;
            for (int j = 1; j < row.length; j++) {
                boolean same = right.charAt(i - 1) == written.charAt(j - 1);
                row[j] = Math.min(Math.min(row[j - 1], last[j]) + 1, last[j - 1] + (same ? 0 : 1));
                if (i > 1
                        && j > 1
                        && right.charAt(i - 1) == written.charAt(j - 2)
                        && right.charAt(i - 2) == written.charAt(j - 1)) row[j] = Math.min(row[j], before[j - 2] + 1);
            }
            before = last;
            last = row;
        }
        return last[written.length()] <= most;
    }

    /** "Vegan bacon" is nearest to nothing that is an animal's. */
    private static boolean isDenied(Food food, List<String> words) {
        boolean denies =
                words.stream().anyMatch(w -> DENIES.contains(w) || w.endsWith("-free") || w.endsWith("-style"));
        if (!denies) return false;
        if (words.stream().anyMatch(w -> w.startsWith("gluten")))
            return food.allergens().contains(Allergen.GLUTEN);
        boolean meatOnly = words.contains("vegetarian") || words.contains("veggie") || words.contains("meatless");
        return !food.suits(meatOnly ? Diet.VEGETARIAN : Diet.VEGAN);
    }

    private static Set<String> describers() {
        var all = new HashSet<String>();
        for (var line : TableFile.rows(Matching.class, "describers.txt", 1))
            Arrays.stream(line[0].split("\\s+")).map(Word::stem).forEach(all::add);
        return Set.copyOf(all);
    }

    private static Map<String, Ambiguous> ambiguous() {
        var all = new HashMap<String, Ambiguous>();
        for (var c : TableFile.rows(Matching.class, "ambiguous.txt", 3)) {
            var decided = new LinkedHashMap<String, String>();
            for (var part : TableFile.list(c[1])) {
                int is = part.indexOf('=');
                decided.put(part.substring(0, is), part.substring(is + 1));
            }
            all.put(c[0], new Ambiguous(c[0], decided, TableFile.list(c[2])));
        }
        return all;
    }

    /** Every food that {@code ambiguous.txt} speaks of, for its own test. */
    static List<String> spokenOf() {
        var all = new ArrayList<String>();
        SEVERAL.values().forEach(a -> {
            all.addAll(a.decided().values());
            all.addAll(a.meanings());
        });
        return all;
    }
}

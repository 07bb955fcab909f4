package webodidact.core.food;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.table.TableFile;
import webodidact.core.words.Names;
import webodidact.core.words.VerbForms;
import webodidact.core.words.Word;

/**
 * The verbs of the kitchen and where a text tells to do them. A word is taken for a deed only where the words around it allow it: not
 * in "a quarter of the flour", "let the steam out" or "the spice blend", and not where it is denied.
 */
public final class Actions {
    /** From {@code start} (inclusive) to {@code end} (exclusive) of the verb's first word. */
    public record Found(Action action, int start, int end) {}

    private enum Form {
        BASE,
        THIRD,
        ING
    }

    private record Shape(Action action, Form form, String[] words) {}

    /** Words between the parts of "rub the butter in". */
    private static final int GAP = 4;

    private static final Set<String> BEFORE_A_THING = Set.of(
            "a", "an", "the", "this", "that", "these", "those", "my", "your", "our", "his", "her", "their", "its",
            "some", "any", "each", "every", "another", "no", "one", "two", "three", "four", "five", "six", "eight",
            "ten", "of", "in", "on", "with", "for", "from", "into", "at", "under", "like", "off", "per", "as", "than",
            "which", "what");
    private static final Set<String> BEFORE_A_DEED = Set.of(
            "and", "then", "now", "to", "or", "just", "please", "you", "we", "i", "they", "will", "can", "could",
            "should", "must", "may", "might", "would", "i'll", "we'll", "you'll", "they'll", "let's", "first", "next",
            "also", "so", "but", "let", "it", "them", "go", "always", "again", "help", "still", "before", "after",
            "until", "till", "while");
    /** "While that's browning chop your onion": what it is done to follows at once. */
    private static final Set<String> AFTER_A_DEED = Set.of("the", "your", "my", "our", "them", "it", "those", "these");

    private static final Set<String> UNITS = Set.of("minute", "minutes", "min", "mins", "second", "seconds", "secs");

    private static final Set<String> DENIED = Set.of(
            "don't",
            "not",
            "never",
            "without",
            "can't",
            "cannot",
            "won't",
            "didn't",
            "isn't",
            "doesn't",
            "wouldn't",
            "shouldn't",
            "needn't",
            "dont",
            "doesnt",
            "didnt",
            "isnt",
            "cant",
            "wont",
            "shouldnt",
            "no");
    private static final Set<String> DOING = Set.of(
            "i'm", "we're", "you're", "they're", "it's", "he's", "she's", "be", "am", "are", "is", "was", "were",
            "keep", "start", "begin", "by", "while", "stop", "been", "still");
    private static final Set<String> DOES =
            Set.of("it", "she", "he", "that", "which", "everything", "dough", "mixture", "this");
    private static final Set<String> AFTER_A_THING = Set.of(
            "of", "is", "was", "are", "has", "will", "comes", "goes", "burns", "happens", "rises", "needs", "tastes",
            "looks");

    private static final class Holder {
        private static final Actions SHIPPED = new Actions();
    }

    private final Map<String, Action> byVerb = new LinkedHashMap<>();
    private final Map<String, List<Shape>> byFirst = new HashMap<>();
    private final Map<String, Action> byForm = new HashMap<>();

    private Actions() {
        for (var c : TableFile.rows(Actions.class, "actions.txt", 15)) {
            var irregular = new HashMap<String, String>();
            for (var form : TableFile.list(c[1]))
                irregular.put(form.substring(0, form.indexOf('=')), form.substring(form.indexOf('=') + 1));
            var forms = VerbForms.of(c[0], irregular);
            var action = new Action(
                    forms,
                    c[2],
                    TableFile.list(c[3]),
                    c[4],
                    c[5],
                    c[6],
                    !c[7].equals("no"),
                    c[7].equals("on"),
                    c[8].equals("yes"),
                    c[9].equals("yes"),
                    c[10].isEmpty() ? Hazard.NONE : Hazard.valueOf(c[10].toUpperCase(Locale.ROOT)),
                    c[11],
                    c[12],
                    HandsTime.parse(c[13]),
                    TableFile.list(c[14]));
            byVerb.put(c[0], action);
            shape(action, Form.BASE, forms.base());
            shape(action, Form.THIRD, forms.third());
            shape(action, Form.ING, forms.ing());
            forms.all().forEach(f -> byForm.putIfAbsent(f, action));
        }
        // "Stir together" goes before "stir", so that the longer is tried first.
        byFirst.values()
                .forEach(l -> l.sort(
                        Comparator.comparingInt((Shape s) -> -s.words().length).thenComparing(Shape::form)));
    }

    private void shape(Action action, Form form, String text) {
        var words = text.split(" ");
        byFirst.computeIfAbsent(words[0], k -> new ArrayList<>()).add(new Shape(action, form, words));
    }

    public static Actions shipped() {
        return Holder.SHIPPED;
    }

    public List<Action> all() {
        return List.copyOf(byVerb.values());
    }

    public Optional<Action> verb(String verb) {
        return Optional.ofNullable(byVerb.get(verb));
    }

    /** The action that the word is any form of, "baked" and "simmering" too; what stands around it is not looked at. */
    public Optional<Action> named(String form) {
        return Optional.ofNullable(byForm.get(form.toLowerCase(Locale.ROOT)));
    }

    /**
     * What a text tells to do, in its order.
     *
     * @param foods names of foods in it
     * @param tools names of tools in it
     */
    public List<Found> in(String text, List<Names.Found> foods, List<Names.Found> tools) {
        return new Reader(text, foods, tools).read();
    }

    /** One text while it is read. */
    private final class Reader {
        private final String text;
        private final List<Word> words;
        private final String[] said;
        private final List<Names.Found> foods;
        private final List<Names.Found> tools;

        Reader(String text, List<Names.Found> foods, List<Names.Found> tools) {
            this.text = text;
            this.foods = foods;
            this.tools = tools;
            words = Word.of(text);
            said = words.stream()
                    .map(w -> text.substring(w.start(), w.end())
                            .toLowerCase(Locale.ROOT)
                            .replace('’', '\'')
                            .replace('é', 'e'))
                    .toArray(String[]::new);
        }

        List<Found> read() {
            var found = new ArrayList<Found>();
            for (int i = 0; i < said.length; i++) {
                for (var shape : byFirst.getOrDefault(said[i], List.of())) {
                    int last = last(shape, i);
                    if (last < 0 || !isDeed(shape, i, last)) continue;
                    found.add(new Found(
                            shape.action(), words.get(i).start(), words.get(i).end()));
                    break;
                }
            }
            return found;
        }

        /** Index of the last word of the verb, -1 if its other words do not follow in the clause. */
        private int last(Shape shape, int i) {
            int at = i;
            for (int k = 1; k < shape.words().length; k++) {
                int next = -1;
                for (int j = at + 1; j < said.length && j <= at + 1 + GAP && isOneClause(j - 1, j); j++) {
                    if (said[j].equals(shape.words()[k]) || said[j].equals(shape.words()[k] + "to")) {
                        next = j;
                        break;
                    }
                }
                if (next < 0) return -1;
                at = next;
            }
            return at;
        }

        private boolean isOneClause(int a, int b) {
            for (int k = words.get(a).end(); k < words.get(b).start(); k++)
                if (".,;:!?()\n–—…".indexOf(text.charAt(k)) >= 0) return false;
            return true;
        }

        private boolean isDeed(Shape shape, int i, int last) {
            if (isInLongerName(i)
                    || shape.action().neverWhen().stream()
                            .anyMatch(p -> isIn(p, i, shape.words().length == 1 ? i : last))) return false;
            var before = i > 0 && isOneClause(i - 1, i) ? said[i - 1] : null;
            var after = i + 1 < said.length && isOneClause(i, i + 1) ? said[i + 1] : null;
            if (before != null && DENIED.contains(before)) return false;
            return switch (shape.form()) {
                case BASE -> base(shape.action(), i, before, after);
                case THIRD -> before != null && DOES.contains(before);
                case ING ->
                    before != null && DOING.contains(before)
                            || (before == null || !BEFORE_A_THING.contains(before)) && !isFood(i + 1);
            };
        }

        private boolean base(Action action, int i, String before, String after) {
            if (before == null)
                return !action.nounToo()
                        || (after == null ? isSentence(i) || isTimed(i) : !AFTER_A_THING.contains(after));
            if (BEFORE_A_THING.contains(before) || followsFood(i)) return false;
            // "With the milk and butter": the last of a list.
            if (after == null && isFood(i) && (before.equals("and") || before.equals("or"))) return false;
            return !action.nounToo()
                    || BEFORE_A_DEED.contains(before)
                    || before.endsWith("ly")
                    || before.equals(said[i])
                    || after != null && AFTER_A_DEED.contains(after) && !isFood(i)
                    || isLet(i);
        }

        /** "Let the children roll", "all you do is peel". */
        private boolean isLet(int i) {
            if (said[i - 1].equals("is") && i > 1 && said[i - 2].equals("do")) return true;
            for (int k = i - 1; k >= Math.max(0, i - GAP) && isOneClause(k, k + 1); k--)
                if (said[k].equals("let") || said[k].equals("help") || said[k].equals("have")) return true;
            return false;
        }

        /** "Eggs and sugar, whisk, four or five minutes": so long, right after the comma. */
        private boolean isTimed(int i) {
            for (int k = i + 1; k < Math.min(said.length, i + 6); k++) {
                if (k > i + 1 && !isOneClause(k - 1, k)) return false;
                if (UNITS.contains(said[k]) || k == i + 1 && (said[k].equals("till") || said[k].equals("until")))
                    return true;
            }
            return false;
        }

        /** The only word between two full stops. */
        private boolean isSentence(int i) {
            if (i == 0) return true;
            var between = text.substring(words.get(i - 1).end(), words.get(i).start());
            return between.indexOf('.') >= 0
                    || between.indexOf('!') >= 0
                    || between.indexOf('?') >= 0
                    || between.indexOf('\n') >= 0;
        }

        /** "Baking tray", "icing sugar": the verb is a part of another name. */
        private boolean isInLongerName(int i) {
            int start = words.get(i).start();
            int end = words.get(i).end();
            return Stream.concat(foods.stream(), tools.stream())
                    .anyMatch(n -> n.start() <= start
                            && n.end() >= end
                            && n.end() - n.start() > end - start
                            && (n.start() < start || !startsDeed(i)));
        }

        /** "Grate cheddar cheese" and "toast bread" begin a clause with what could be a name. */
        private boolean startsDeed(int i) {
            return (i == 0 || !isOneClause(i - 1, i) || BEFORE_A_DEED.contains(said[i - 1]))
                    && Form.BASE == byFirst.get(said[i]).getFirst().form();
        }

        private boolean followsFood(int i) {
            return foods.stream()
                    .anyMatch(n -> n.end() < words.get(i).start()
                            && text.substring(n.end(), words.get(i).start()).isBlank());
        }

        private boolean isFood(int i) {
            return i < said.length
                    && foods.stream().anyMatch(n -> n.start() == words.get(i).start());
        }

        /** @param from index of the verb's first word, {@code to} of its last */
        private boolean isIn(String phrase, int from, int to) {
            var parts = phrase.split(" ");
            int verb = List.of(parts).indexOf("_");
            return verb >= 0 && matches(parts, verb - 1, -1, from - 1) && matches(parts, verb + 1, 1, to + 1);
        }

        private boolean matches(String[] parts, int part, int step, int word) {
            if (part < 0 || part >= parts.length) return true;
            if (word < 0 || word >= said.length) return false;
            if (parts[part].equals("*"))
                return matches(parts, part + step, step, word + step)
                        || matches(parts, part + step, step, word + 2 * step);
            return parts[part].equals(said[word]) && matches(parts, part + step, step, word + step);
        }
    }
}

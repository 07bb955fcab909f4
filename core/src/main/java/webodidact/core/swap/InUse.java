package webodidact.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import webodidact.core.food.Action;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.memo.Remembered;
import webodidact.core.words.VerbForms;
import webodidact.core.words.Word;

/**
 * Where and how a lesson uses one line: worked out from the steps' places and words, or stated by the instructor.
 *
 * @param steps numbers of the steps that use it, from 1
 * @param contexts how it is treated there and afterwards; empty while no step uses it
 * @param later texts of the steps from its first use on that are about it, in order
 * @param stated the instructor said so herself
 */
public record InUse(List<Integer> steps, Set<Context> contexts, List<Later> later, boolean stated) {
    /** @param number of the step, from 1 */
    public record Later(int number, Step step, String text) {}

    /** A verb's forms, as words of a text may have them; also of verbs that only the substitution table knows. */
    private static final Remembered<String, Set<String>> FORMS = new Remembered<>(InUse::forms);

    /** Each text is asked about dozens of verbs. */
    private static final Remembered<String, List<Word>> WORDS = new Remembered<>(Word::of);
    /** A step about one of these is eaten as it is, whatever goes into the oven afterwards. */
    private static final Set<String> UNHEATED = Set.of(
            "sauce",
            "dip",
            "dressing",
            "topping",
            "garnish",
            "salad",
            "serve",
            "plate",
            "yoghurt",
            "yogurt",
            "relish",
            "icing",
            "cold",
            "chill",
            "drink");

    private static final Set<String> EMPTY_WORDS = Set.of(
            "the", "and", "for", "with", "into", "onto", "out", "off", "all", "your", "make", "cut", "mix", "add",
            "step", "oven", "heat", "pan", "bowl", "wash", "open", "take", "one", "two", "from", "over", "this", "that",
            "on", "in", "up", "a", "an", "it", "of", "to");

    /** Of that line in that lesson. */
    public static InUse of(Lesson lesson, FoodLine line) {
        var numbers = new ArrayList<Integer>();
        for (int i = 0; i < lesson.steps().size(); i++)
            if (lesson.steps().get(i).usesLine(line.id())) numbers.add(i + 1);
        var contexts = EnumSet.noneOf(Context.class);
        var later = new ArrayList<Later>();
        for (int number : numbers) follow(lesson, line, number, contexts, later);
        // A word that names no way of heating says nothing: the steps' words go on deciding, and the line is asked
        // about.
        var said = Context.named(line.use());
        boolean stated = said.isPresent();
        if (stated) {
            contexts.clear();
            contexts.add(said.get());
        } else if (contexts.isEmpty() && !numbers.isEmpty()) {
            contexts.add(Context.COLD);
        }
        later.sort(Comparator.comparingInt(Later::number));
        return new InUse(
                List.copyOf(numbers), contexts, later.stream().distinct().toList(), stated);
    }

    private static void follow(Lesson lesson, FoodLine line, int number, Set<Context> contexts, List<Later> later) {
        var step = lesson.steps().get(number - 1);
        var made = nouns(step.title());
        boolean unheated = made.stream().anyMatch(UNHEATED::contains);
        var about = new HashSet<>(made);
        if (!unheated) about.addAll(nouns(lesson.makes().what()));
        about.addAll(nouns(line.item()));
        add(step, contexts);
        boolean hot = step.place().isHot();
        later.add(new Later(number, step, text(step)));
        for (int i = number; i < lesson.steps().size(); i++) {
            var next = lesson.steps().get(i);
            if (next.kind().isHandsOn()
                    && nouns(next.title() + " " + next.doing()).stream().anyMatch(about::contains)) {
                if (!unheated) add(next, contexts);
                hot |= next.place().isHot();
                later.add(new Later(i + 1, next, text(next)));
            }
        }
        if (!hot && !unheated) next(lesson, number, contexts, later);
    }

    /**
     * Numbers of the steps that have the line in them, from the first that takes it through all it is made into: flour, the dough, the
     * buns shaped of the dough, the buns baked. Words of the list's own items lead nowhere: butter in a title is not yet the butter in the dough.
     */
    public static Set<Integer> madeInto(Lesson lesson, FoodLine line) {
        var items = new HashSet<String>();
        for (var each : lesson.foods()) items.addAll(nouns(each.item()));
        var about = new HashSet<String>();
        var numbers = new TreeSet<Integer>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            if (!step.kind().isHandsOn()) continue;
            boolean goesOn = step.usesLine(line.id())
                    || nouns(step.title() + " " + step.doing()).stream().anyMatch(about::contains);
            if (!goesOn) continue;
            numbers.add(i + 1);
            var made = nouns(step.title());
            made.removeAll(items);
            about.addAll(made);
        }
        return numbers;
    }

    /** What is mixed and not said to be eaten as it is goes into the next hot step: a dough that no word follows is baked all the same. */
    private static void next(Lesson lesson, int number, Set<Context> contexts, List<Later> later) {
        for (int i = number; i < lesson.steps().size(); i++) {
            var next = lesson.steps().get(i);
            if (!next.kind().isHandsOn() || !next.place().isHot()) continue;
            add(next, contexts);
            later.add(new Later(i + 1, next, text(next)));
            return;
        }
    }

    /** The verbs decide; a hot place without one only says that it is heated. */
    private static void add(Step step, Set<Context> contexts) {
        var found = EnumSet.noneOf(Context.class);
        for (var deed : Knowledge.shipped().actionsIn(text(step)))
            Context.named(deed.action().treated()).ifPresent(found::add);
        if (step.place() == Place.OVEN) found.add(Context.BAKED);
        if (found.isEmpty() && step.place().isHot()) found.add(Context.HEATED);
        contexts.addAll(found);
    }

    private static String text(Step step) {
        return step.title() + ". " + step.doing() + " " + step.say();
    }

    private static Set<String> nouns(String text) {
        var set = new HashSet<String>();
        for (var word : Word.of(text))
            if (word.stem().length() > 2 && !EMPTY_WORDS.contains(word.stem())) set.add(word.stem());
        return set;
    }

    /** The first step, from 1, whose text has one of the verbs; 0 if none has. */
    public int firstSaying(List<String> verbs) {
        for (var at : later) {
            for (var verb : verbs) if (says(at.text(), verb)) return at.number();
        }
        return 0;
    }

    /** Whether the text tells to do it, in any of the verb's forms; "rub in" may have words between. */
    public static boolean says(String text, String verb) {
        var parts = verb.split(" ");
        var words = WORDS.of(text);
        var forms = FORMS.of(parts[0]);
        for (int i = 0; i < words.size(); i++) {
            if (!forms.contains(words.get(i).stem())) continue;
            if (parts.length == 1) return true;
            for (int k = i + 1; k < Math.min(words.size(), i + 5); k++)
                if (words.get(k).stem().equals(parts[1])) return true;
        }
        return false;
    }

    private static Set<String> forms(String verb) {
        var forms = Actions.shipped().verb(verb).map(Action::forms).orElseGet(() -> VerbForms.of(verb, Map.of()));
        var all = new HashSet<>(forms.all());
        all.add(Word.stem(forms.third()));
        return all;
    }
}

package webodidact.core.afters;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.core.list.Leftovers;

/** What one lesson leaves to later ones: food, frozen lots, skills that have been met, promises, changes that were meant to be made. */
public record CarryOver(List<Item> items) {
    /** What it is. */
    public enum Kind {
        LEFT,
        FROZEN,
        SKILL,
        PROMISE,
        CHANGE;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    /**
     * @param from id of the lesson that leaves it
     * @param to id of the lesson that takes it up, or "" where none does
     * @param toNumber its number, or 0
     * @param by the day until which it is good, or from which it thaws; null where there is none
     * @param allergens declared of it: an opened pack brings them in
     * @param missing words of a promise that the lesson which seems to take it up has not: whether it does is for somebody to say
     */
    public record Item(
            Kind kind,
            String from,
            String text,
            String to,
            int toNumber,
            LocalDate by,
            List<Allergen> allergens,
            List<String> missing) {
        public Item {
            allergens = List.copyOf(allergens);
            missing = List.copyOf(missing);
        }

        private Item without(List<String> words) {
            return new Item(kind, from, text, to, toNumber, by, allergens, words);
        }

        /** A later lesson has all that it is about. */
        public boolean isSure() {
            return isTakenUp() && missing.isEmpty();
        }

        public boolean isTakenUp() {
            return !to.isEmpty();
        }
    }

    /** "Next week", "in lesson 3", "another time we". */
    private static final Pattern PROMISES = Pattern.compile(
            "(?<!\\bbefore )(?<!\\bby )(?<!\\buntil )(?<!\\btill )\\b(next (week|time|lesson|month|class)|in (our|the) next (lesson|class)|in lesson \\d+|another (day|time|lesson)|later in (the|this) (course|term))\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NUMBERED = Pattern.compile("\\blesson (\\d+)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern SENTENCE = Pattern.compile("[^.!?]+[.!?]*");
    /** A lesson that has so many percent of a promise's words takes it up. */
    private static final int TAKEN = 50;
    /** Days: what keeps longer once it is open is no leftover. */
    private static final int CUPBOARD = 21;

    public CarryOver {
        items = List.copyOf(items);
    }

    public static CarryOver of(Workbook book, Knowledge knowledge) {
        var all = new ArrayList<Item>();
        for (var lesson : book.lessons()) {
            var later = later(lesson, book.lessons());
            food(lesson, later, book, knowledge, all);
            skills(lesson, later, all);
            for (var step : lesson.steps()) {
                var sentences = SENTENCE.matcher(step.say());
                while (sentences.find())
                    if (PROMISES.matcher(sentences.group()).find())
                        all.add(words(
                                Kind.PROMISE, lesson, later, sentences.group().strip()));
            }
            for (var line : lesson.howItWent().next()) all.add(words(Kind.CHANGE, lesson, later, line));
        }
        return new CarryOver(all);
    }

    /** By date where both have one, else by number. */
    private static List<Lesson> later(Lesson lesson, List<Lesson> all) {
        return all.stream()
                .filter(l -> !l.id().equals(lesson.id()))
                .filter(l -> l.air() != null && lesson.air() != null
                        ? l.air().isAfter(lesson.air())
                        : l.number() > lesson.number())
                .sorted(Comparator.comparing((Lesson l) -> l.air() == null)
                        .thenComparing(
                                l -> l.air() == null ? lesson.air() : l.air(),
                                Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparingInt(Lesson::number))
                .toList();
    }

    private static void food(Lesson lesson, List<Lesson> later, Workbook book, Knowledge knowledge, List<Item> all) {
        for (var left : Leftovers.of(lesson, book.lessons(), book.course(), knowledge)) {
            // Salt and oil go back into the cupboard: nobody plans them.
            boolean keeps = left.keepsUntil() == null
                    || lesson.air() != null
                            && left.keepsUntil()
                                    .isAfter(lesson.air().toLocalDate().plusDays(CUPBOARD));
            if (keeps) continue;
            var users = later.stream()
                    .filter(l ->
                            l.foods().stream().anyMatch(f -> left.food().id().equals(f.cooked())))
                    .toList();
            var inTime = users.stream()
                    .filter(l -> l.air() == null || !l.air().toLocalDate().isAfter(left.keepsUntil()))
                    .findFirst();
            // What no lesson uses while it is good is frozen, where it can be.
            boolean frozen = inTime.isEmpty() && left.lots() > 0 && !left.decided();
            var taker = frozen ? users.stream().findFirst() : inTime;
            var text = frozen
                    ? Words.OURS.say("carry.frozen", left.lots(), left.item())
                    : left.decided()
                            ? Words.OURS.say("carry.decided", left.shown(), left.item(), left.plan())
                            : Words.OURS.say("carry.left", left.shown(), left.item());
            // A day in the fridge: what is thawed faster on the worktop grows bacteria outside before it is soft
            // inside.
            var by = frozen
                    ? taker.map(Lesson::air)
                            .map(a -> a.toLocalDate().minusDays(1))
                            .orElse(null)
                    : left.keepsUntil();
            all.add(item(
                    frozen ? Kind.FROZEN : Kind.LEFT,
                    lesson,
                    text,
                    taker,
                    by,
                    List.copyOf(left.food().allergens())));
        }
    }

    private static void skills(Lesson lesson, List<Lesson> later, List<Item> all) {
        var seen = new ArrayList<String>();
        for (var step : lesson.steps()) {
            if (step.skill().isBlank() || seen.contains(step.skill())) continue;
            seen.add(step.skill());
            later.stream()
                    .filter(l -> l.steps().stream().anyMatch(s -> s.skill().equalsIgnoreCase(step.skill())))
                    .findFirst()
                    .ifPresent(l -> all.add(item(Kind.SKILL, lesson, step.skill(), Optional.of(l), null, List.of())));
        }
    }

    private static Item words(Kind kind, Lesson lesson, List<Lesson> later, String text) {
        var about = PROMISES.matcher(text).replaceAll(" ");
        var said = SameWords.of(about);
        var named = NUMBERED.matcher(text);
        var candidates = named.find()
                ? later.stream()
                        .filter(l -> String.valueOf(l.number()).equals(named.group(1)))
                        .toList()
                : later;
        var taker = candidates.stream()
                .filter(l -> SameWords.share(said, SameWords.of(l)) >= TAKEN)
                .max(Comparator.comparingInt(l -> SameWords.share(said, SameWords.of(l))));
        return item(kind, lesson, text, taker, null, List.of())
                .without(taker.map(l -> SameWords.missing(about, SameWords.of(l)))
                        .orElse(List.of()));
    }

    private static Item item(
            Kind kind, Lesson from, String text, Optional<Lesson> to, LocalDate by, List<Allergen> allergens) {
        return new Item(
                kind,
                from.id(),
                text,
                to.map(Lesson::id).orElse(""),
                to.map(Lesson::number).orElse(0),
                by,
                allergens,
                List.of());
    }

    /** What that lesson leaves. */
    public List<Item> from(String lesson) {
        return items.stream().filter(i -> i.from().equals(lesson)).toList();
    }

    /** What earlier ones leave to that lesson. */
    public List<Item> into(String lesson) {
        return items.stream().filter(i -> i.to().equals(lesson)).toList();
    }

    /** What no lesson takes up: promises and changes. */
    public List<Item> open() {
        return items.stream()
                .filter(i -> !i.isTakenUp() && (i.kind() == Kind.PROMISE || i.kind() == Kind.CHANGE))
                .toList();
    }

    /** "milk, fish": what an opened pack brings into the kitchen, or "". */
    public static String allergens(Item item) {
        return item.allergens().stream().map(Allergen::title).collect(Collectors.joining(", "));
    }
}

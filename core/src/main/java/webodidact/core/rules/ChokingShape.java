package webodidact.core.rules;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Facts;
import webodidact.core.food.Group;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.HeatWords;
import webodidact.core.script.Phrase;
import webodidact.core.swap.InUse;

/** Small children choke on round, hard and slippery things that nobody has cut; the ages of the homes decide. */
final class ChokingShape implements Check {
    /** Any of these changes the shape; whether enough is for the adult in the room. */
    private static final List<String> CUTS = List.of(
            "quarter", "halve", "chop", "slice", "dice", "cut", "grate", "grind", "crush", "blitz", "blend", "mash",
            "puree", "shred");

    @Override
    public Stream<Finding> find(Situation s) {
        int youngest = youngest(s);
        return s.lesson().foods().stream()
                .flatMap(line -> s
                        .knowledge()
                        .food(line.cooked())
                        .map(f -> f.facts().chokes())
                        .filter(c -> s.food(line).orElseThrow().group() != Group.NUT)
                        .filter(c -> youngest < c.under() && !isCut(s, line))
                        .map(c -> finding(line, c))
                        .stream());
    }

    private Finding finding(FoodLine line, Facts.Choking chokes) {
        return about(new About.OfFood(line.id()), 0, line.item(), chokes.under(), chokes.how());
    }

    /** Age of the youngest who cooks along; an early-years class has children of one year and more. */
    private static int youngest(Situation s) {
        int home = s.answers().question().homes().stream()
                .flatMap(h -> h.ages().stream())
                .mapToInt(Integer::intValue)
                .min()
                .orElse(99);
        if (Ages.areBabiesFed(s)) return 0;
        return s.lesson().audience() == Audience.EARLY_YEARS ? Math.min(home, 1) : home;
    }

    private static boolean isCut(Situation s, FoodLine line) {
        var form = line.described().toLowerCase(Locale.ROOT);
        if (CUTS.stream().anyMatch(v -> InUse.says(form, v))) return true;
        return s.lesson().steps().stream()
                .filter(step -> step.usesLine(line.id()))
                .anyMatch(step -> isCut(step.title() + ". " + step.doing() + " . " + step.say(), s, line));
    }

    /** In a sentence with it; where another leaves it whole, that holds. */
    private static boolean isCut(String text, Situation s, FoodLine line) {
        // "Cut theirs into rounds": a coin of sausage closes a throat as the whole one does.
        if (isLong(line) && ROUNDS.isIn(text)) return false;
        var named = s.answers().finder().in(text).stream()
                .filter(m -> m.id().equals(line.id()))
                .toList();
        if (named.isEmpty()) return CUTS.stream().anyMatch(v -> InUse.says(text, v));
        boolean whole = WHOLE.in(text).stream()
                .anyMatch(h -> named.stream().anyMatch(m -> h.sentence().contains(m.words())));
        return !whole
                && named.stream().anyMatch(m -> {
                    var around = PART.matcher(HeatWords.near(text, m.start(), m.end(), NEAR))
                            .replaceAll(" ");
                    return !RAW.isIn(around) && CUTS.stream().anyMatch(v -> InUse.says(around, v));
                });
    }

    /** Hard and raw is a danger in any shape that is picked up. */
    private static final Phrase RAW =
            Phrase.of("raw (?:\\p{L}+ )?(?:apples?|carrots?|\\p{L}+ sticks)", "(?:sticks|wedges|chunks) of raw\\b");

    /** "Half an hour", "half of the glaze": no cut. */
    private static final Pattern PART = Pattern.compile(
            "\\b(?:half (?:an?|of|past)|(?:a|three) quarters? (?:of|past|to)) \\p{L}+|\\bother half\\b",
            Pattern.CASE_INSENSITIVE);

    private static boolean isLong(FoodLine line) {
        return line.cooked() != null
                && (line.cooked().endsWith("sausage") || line.cooked().equals("frankfurter"));
    }

    private static final Phrase ROUNDS =
            Phrase.of("in(?:to)? (?:\\p{L}+ ){0,2}(?:rounds|coins|discs|circles|slices|chunks)\\b");

    private static final Phrase WHOLE = Phrase.of("whole\\b", "as they are\\b");

    /** Letters around a food within which what is done to it is said. */
    private static final int NEAR = 60;
}

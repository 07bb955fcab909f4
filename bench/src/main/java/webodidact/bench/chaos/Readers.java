package webodidact.bench.chaos;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import webodidact.core.amount.Amount;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.outcome.Outcome;
import webodidact.core.reading.AmountReader;
import webodidact.core.reading.LineReader;
import webodidact.core.reading.PackText;
import webodidact.core.reading.RecipeReader;
import webodidact.core.reading.StatedPairs;
import webodidact.core.script.FindReplace;
import webodidact.core.script.HeatWords;
import webodidact.core.script.Mentions;
import webodidact.core.script.MethodText;
import webodidact.core.script.ShareWords;
import webodidact.core.script.Suggestions;
import webodidact.core.script.TimeWords;
import webodidact.core.time.TimeRange;
import webodidact.core.words.Cautions;
import webodidact.core.words.SpokenWords;

/** Everything that reads words, by name. What it is given may be refused with an {@link IllegalArgumentException} in words; nothing else. */
final class Readers {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private static final Lesson LESSON = Lesson.blank("any", 1, "Any")
            .but(d -> d.foods = List.of(
                    FoodLine.of("f1", "plain flour", "plain-flour", Amount.parse("300 g")),
                    FoodLine.of("f2", "butter", "butter", Amount.parse("1/4 g")),
                    FoodLine.of("f3", "eggs", "egg", Amount.parse("529 piece")),
                    FoodLine.of("f4", "leaf gelatine", "gelatine", Amount.parse("1/4 g"))));

    private Readers() {}

    static Map<String, Consumer<String>> all() {
        var all = new LinkedHashMap<String, Consumer<String>>();
        var lines = new LineReader(KNOWN);
        var recipes = new RecipeReader(KNOWN);
        var mentions = Mentions.of(LESSON, KNOWN);
        all.put("recipe line", lines::read);
        all.put("recipe line of several foods", lines::readAll);
        all.put("nearest foods", t -> KNOWN.nearest(t, 4));
        all.put("recipe line into the list", t -> listed(lines.read(t).toFoodLine("f9")));
        all.put("recipe page", recipes::read);
        all.put("amount", AmountReader::start);
        all.put("amount typed", AmountReader::whole);
        all.put("amount in a file", Amount::parse);
        all.put("stated pairs", StatedPairs::in);
        all.put("packs", t -> PackText.read("butter", t));
        all.put("time typed", TimeRange::parse);
        all.put("times in words", TimeWords::in);
        all.put("heat in words", HeatWords::in);
        all.put(
                "shares in words",
                t -> ShareWords.before(t, t.length(), LESSON.foods().getFirst()));
        all.put("method", MethodText::read);
        all.put("mentions", mentions::in);
        all.put("cautions", Cautions::in);
        all.put("spoken words", SpokenWords::count);
        all.put("proposals", t -> new Suggestions(LESSON, KNOWN).of(step(t)));
        all.put("proposals taken", t -> {
            var given = step(t);
            worked(LESSON.withSteps(List.of(Suggestions.taking(given, new Suggestions(LESSON, KNOWN).of(given)))));
        });
        all.put(
                "find and replace",
                t -> new FindReplace(t.substring(0, Math.min(9, t.length())), false, true)
                        .replaceAll(LESSON.withSteps(List.of(step(t))), "$1 x"));
        all.put(
                "all that follows",
                t -> worked(LESSON.withSteps(List.of(step(t), step(t).but(d -> {
                    d.id = "s2";
                    d.say = t.substring(t.length() / 2);
                })))));
        return all;
    }

    private static Step step(String text) {
        return Step.blank("s1", Kind.HANDS_ON, "Any").but(d -> d.doing = text);
    }

    private static void listed(FoodLine line) {
        worked(LESSON.but(d -> d.foods = List.of(LESSON.foods().getFirst(), line)));
    }

    private static void worked(Lesson lesson) {
        lesson.bounded();
        var outcome = Outcome.of(lesson, Course.named("Any"), KNOWN);
        if (!outcome.unworked().isEmpty()) throw new AssertionError("not worked out: " + outcome.unworked());
    }
}

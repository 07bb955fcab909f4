package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepField;

/**
 * Words searched through all that is written in a lesson's steps.
 *
 * @param words what is searched, as typed; nothing in it has a special meaning
 * @param exactCase large and small letters differ
 * @param wholeWords not inside a longer word
 */
public record FindReplace(String words, boolean exactCase, boolean wholeWords) {
    /** Where it may be written. */
    private static final List<StepField<String>> SEARCHED = StepField.texts(StepField.Trait.SEARCHED);

    /** From {@code start} (inclusive) to {@code end} (exclusive) in that field of the step. */
    public record Hit(String step, StepField<String> field, int start, int end) {}

    private Pattern pattern() {
        var quoted = Pattern.quote(words);
        return Pattern.compile(
                wholeWords ? "(?<![\\p{L}\\p{N}])" + quoted + "(?![\\p{L}\\p{N}])" : quoted,
                exactCase ? 0 : Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** In the order in which they are read. */
    public List<Hit> in(Lesson lesson) {
        if (words.isEmpty()) return List.of();
        var pattern = pattern();
        var hits = new ArrayList<Hit>();
        for (var step : lesson.steps()) {
            for (var field : SEARCHED) {
                var m = pattern.matcher(field.get().apply(step));
                while (m.find()) hits.add(new Hit(step.id(), field, m.start(), m.end()));
            }
        }
        return hits;
    }

    private static Step changing(Step step, StepField<String> field, UnaryOperator<String> change) {
        return step.but(d -> field.set().accept(d, change.apply(field.get().apply(step))));
    }

    /** One place; unchanged if the words are not there any more. */
    public Lesson replace(Lesson lesson, Hit hit, String with) {
        return lesson.withStep(hit.step(), s -> {
            var text = hit.field().get().apply(s);
            boolean there = hit.end() <= text.length()
                    && pattern().matcher(text.substring(hit.start(), hit.end())).matches();
            return there
                    ? changing(s, hit.field(), t -> t.substring(0, hit.start()) + with + t.substring(hit.end()))
                    : s;
        });
    }

    public Lesson replaceAll(Lesson lesson, String with) {
        if (words.isEmpty()) return lesson;
        var pattern = pattern();
        var by = Matcher.quoteReplacement(with);
        var changed = new ArrayList<Step>();
        for (var step : lesson.steps()) {
            var now = step;
            for (var field : SEARCHED)
                if (pattern.matcher(field.get().apply(now)).find())
                    now = changing(now, field, t -> pattern.matcher(t).replaceAll(by));
            changed.add(now);
        }
        return lesson.withSteps(changed);
    }
}

package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/**
 * Words searched through all that is written in a lesson's steps.
 *
 * @param words what is searched, as typed; nothing in it has a special meaning
 * @param exactCase large and small letters differ
 * @param wholeWords not inside a longer word
 */
public record FindReplace(String words, boolean exactCase, boolean wholeWords) {
    /** Where it may be written. */
    public enum Field { TITLE, SAY, DOING, QUESTION, ANSWER, TEACHING }

    /** From {@code start} (inclusive) to {@code end} (exclusive) in that field of the step. */
    public record Hit(String step, Field field, int start, int end) {}

    private Pattern pattern() {
        var quoted = Pattern.quote(words);
        return Pattern.compile(wholeWords ? "(?<![\\p{L}\\p{N}])" + quoted + "(?![\\p{L}\\p{N}])" : quoted, exactCase ? 0 : Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** In the order in which they are read. */
    public List<Hit> in(Lesson lesson) {
        if (words.isEmpty()) return List.of();
        var pattern = pattern();
        var hits = new ArrayList<Hit>();
        for (var step : lesson.steps()) {
            for (var field : Field.values()) {
                var m = pattern.matcher(text(step, field));
                while (m.find()) hits.add(new Hit(step.id(), field, m.start(), m.end()));
            }
        }
        return hits;
    }

    public static String text(Step step, Field field) {
        return switch (field) {
            case TITLE -> step.title();
            case SAY -> step.say();
            case DOING -> step.doing();
            case QUESTION -> step.question();
            case ANSWER -> step.answer();
            case TEACHING -> step.teaching();
        };
    }

    private static Step changing(Step step, Field field, UnaryOperator<String> change) {
        return step.but(d -> {
            switch (field) {
                case TITLE -> d.title = change.apply(d.title);
                case SAY -> d.say = change.apply(d.say);
                case DOING -> d.doing = change.apply(d.doing);
                case QUESTION -> d.question = change.apply(d.question);
                case ANSWER -> d.answer = change.apply(d.answer);
                case TEACHING -> d.teaching = change.apply(d.teaching);
            }
        });
    }

    /** One place; unchanged if the words are not there any more. */
    public Lesson replace(Lesson lesson, Hit hit, String with) {
        return lesson.withStep(hit.step(), s -> {
            var text = text(s, hit.field());
            boolean there = hit.end() <= text.length() && pattern().matcher(text.substring(hit.start(), hit.end())).matches();
            return there ? changing(s, hit.field(), t -> t.substring(0, hit.start()) + with + t.substring(hit.end())) : s;
        });
    }

    public Lesson replaceAll(Lesson lesson, String with) {
        if (words.isEmpty()) return lesson;
        var pattern = pattern();
        var by = Matcher.quoteReplacement(with);
        var changed = new ArrayList<Step>();
        for (var step : lesson.steps()) {
            var now = step;
            for (var field : Field.values()) if (pattern.matcher(text(now, field)).find()) now = changing(now, field, t -> pattern.matcher(t).replaceAll(by));
            changed.add(now);
        }
        return lesson.withSteps(changed);
    }
}

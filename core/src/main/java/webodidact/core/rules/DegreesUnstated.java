package webodidact.core.rules;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Step;
import webodidact.core.memo.Remembered;

/** A temperature in the words of a step without °C or °F: 180 and 350 are the same oven, and 165 is two. */
final class DegreesUnstated implements Check {
    private static final Pattern TEMPERATURE = Pattern.compile(
            "\\b(\\d{2,3})(?:\\s*(?:–|-|to)\\s*\\d{2,3})?\\s*(?:degrees\\b|deg\\b|°)(?!\\s*(?:[CF]\\b|celsius|centigrade|fahrenheit))",
            Pattern.CASE_INSENSITIVE);
    private static final Remembered<String, Optional<String>> FOUND = new Remembered<>(
            t -> Optional.of(TEMPERATURE.matcher(t)).filter(Matcher::find).map(Matcher::group));

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .flatMap(step -> Stream.of(step.say(), step.doing())
                        .map(FOUND::of)
                        .flatMap(Optional::stream)
                        .limit(1)
                        .map(words -> at(s, step.id(), words).mending(mend(step, "°C"), mend(step, "°F"))));
    }

    private Mend mend(Step step, String unit) {
        return mend("is", Operations.reword(step.id(), t -> stated(t, unit)), unit);
    }

    private static String stated(String text, String unit) {
        return TEMPERATURE
                .matcher(text)
                .replaceAll(m -> m.group().replaceFirst("(?i)\\s*(?:degrees|deg|°)$", "") + " " + unit);
    }
}

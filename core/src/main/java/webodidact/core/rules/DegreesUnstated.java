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
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.memo.Remembered;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** A temperature in the words of a step without °C or °F: 180 and 350 are the same oven, and 165 is two. */
final class DegreesUnstated implements Check {
    private static final Pattern TEMPERATURE = Pattern.compile(
            "\\b(\\d{2,3})(?:\\s*(?:–|-|to)\\s*\\d{2,3})?\\s*(?:degrees\\b|deg\\b|°)(?!\\s*(?:[CF]\\b|celsius|centigrade|fahrenheit))(?![^.!?]{0,30}\\b(?:fan\\b|gas (?:mark )?\\d))",
            Pattern.CASE_INSENSITIVE);
    /** "Oven on to 425": no sign of a scale at all. Below 260 it can be either where both are at home. */
    private static final Phrase BARE = Phrase.of(
            "(?:oven|preheat|bake|roast)\\b[^.!?\\d]{0,40}\\b([2-5]\\d{2})\\b(?!\\s*(?:°|degrees?|deg|[CF]\\b|celsius|centigrade|fahrenheit|fan|conventional|g\\b|ml|grams|min|gas|[(/]|,? ?(?:that's|or) ))");

    private static final int CELSIUS_MOST = 260;
    private static final Remembered<String, Optional<String>> FOUND = new Remembered<>(
            t -> Optional.of(TEMPERATURE.matcher(t)).filter(Matcher::find).map(Matcher::group));

    @Override
    public Stream<Finding> find(Situation s) {
        var signed = s.lesson().steps().stream()
                .flatMap(step -> Stream.of(step.say(), step.doing())
                        .map(FOUND::of)
                        .flatMap(Optional::stream)
                        .limit(1)
                        .map(words -> at(s, step.id(), words).mending(mend(step, "°C"), mend(step, "°F"))));
        return Stream.concat(signed, bare(s));
    }

    private Stream<Finding> bare(Situation s) {
        boolean fahrenheit = s.course().profile().degrees(0).endsWith("F");
        return s.told()
                .meant(BARE)
                .filter(x -> fahrenheit || figure(x.words()) > CELSIUS_MOST)
                .limit(1)
                .map(x -> at(s, x.step().id(), x.words())
                        .alsoIn(s.lesson().steps().stream()
                                .filter(o -> o.place() == Place.OVEN)
                                .map(s::number)
                                .toList())
                        .mending(scale(x, "°F"), scale(x, "°C")));
    }

    private static int figure(String words) {
        return Integer.parseInt(words.substring(words.length() - 3));
    }

    private Mend scale(Told.Said said, String unit) {
        return mend(
                "is",
                Operations.reword(said.step().id(), t -> t.replace(said.words(), said.words() + " " + unit)),
                unit);
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

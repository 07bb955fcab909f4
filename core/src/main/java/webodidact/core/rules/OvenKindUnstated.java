package webodidact.core.rules;

import java.util.HashSet;
import java.util.stream.Stream;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.safety.Profile;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** An oven figure says whether it is for a fan oven: the same number is 20 °C apart. Said once for each figure. */
final class OvenKindUnstated implements Check {
    private static final Phrase SAID = Phrase.of(
            "\\d{3}\\b[^.!?]{0,40}\\b(?:fan|conventional)", "(?:fan|conventional)\\b[^.!?]{0,40}\\b\\d{3}\\b");

    private static final Phrase OIL = Phrase.of("oil\\b", "fat\\b", "deep[- ]?fr");

    @Override
    public Stream<Finding> find(Situation s) {
        // "200, that's 180 if it's a fan": both are said, whatever the fact has.
        if (s.told().says(SAID)) return Stream.empty();
        // There a figure is one of an oven without a fan, and a fan oven is set by its book.
        if (s.course().profile() == Profile.US) return Stream.empty();
        var told = new HashSet<Heat>();
        return s.lesson().steps().stream()
                // Oil in a pan has degrees, and neither fan nor conventional.
                .filter(step -> step.place() == Place.OVEN || !Told.says(step, OIL))
                .filter(step ->
                        step.heat() != null && step.heat().mode() == Heat.Mode.UNSTATED && told.add(step.heat()))
                .map(step -> at(s, step.id(), step.heat().degrees(), OvenScale.FAN_LOWER)
                        .alsoIn(s.lesson().steps().stream()
                                .filter(x -> step.heat().equals(x.heat()))
                                .map(s::number)
                                .toList())
                        .mending(mend(step, Heat.Mode.FAN), mend(step, Heat.Mode.CONVENTIONAL)));
    }

    private Mend mend(Step step, Heat.Mode mode) {
        var heat = new Heat(step.heat().low(), step.heat().high(), mode);
        return mend(
                "is",
                l -> l.withSteps(l.steps().stream()
                        .map(x -> step.heat().equals(x.heat()) ? x.but(d -> d.heat = heat) : x)
                        .toList()),
                mode.title());
    }
}

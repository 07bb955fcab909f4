package webodidact.core.rules;

import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Children meet the first blade or heat and no adult has been asked for, by then or ever. */
final class AdultNotCalled implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (!Ages.areChildren(s)) return Stream.empty();
        var steps = s.lesson().steps();
        boolean ovenAlone = false;
        for (int i = 0; i < steps.size(); i++) {
            var step = steps.get(i);
            if (Ages.callsAdult(step)) {
                // Who is asked to turn the oven on has not been asked to stand by the hob.
                if (!isForTheOvenAlone(step)) return Stream.empty();
                ovenAlone = true;
                continue;
            }
            var hazard =
                    step.who().isBeforeCamera() ? Optional.<String>empty() : Ages.hazard(s, step, Ages.needBlades(s));
            if (hazard.isEmpty() || ovenAlone && step.place() != Place.RING) continue;
            int at = i;
            var late = steps.subList(i + 1, steps.size()).stream()
                    .filter(Ages::callsAdult)
                    .findFirst();
            return Stream.of(at(
                            s,
                            step.id(),
                            at + 1,
                            hazard.get(),
                            s.lesson().audience().title(),
                            late.map(s::number).orElse(0))
                    .as(late.isPresent() ? "late" : "")
                    .mending(
                            sayAlso(steps.getFirst()),
                            mend("near", l -> l.withStep(step.id(), x -> x.but(d -> d.who = Who.ADULT_NEAR)), at + 1)));
        }
        return Stream.empty();
    }

    private static final Phrase OVEN_ON = Phrase.of(
            "(?:adults?|grown[- ]?ups?|parents?|mum(?:my)?|dad(?:dy)?|carers?)\\b[^.!?]{0,30}\\b(?:put|turn|switch|pop|get|set|heat)(?:s|ting|ing)? (?:on )?(?:the |your )?oven\\b",
            "(?:adults?|grown[- ]?ups?|parents?|mum(?:my)?|dad(?:dy)?|carers?)\\b[^.!?]{0,12}\\bovens? (?:goes )?on\\b");

    private static final Phrase STAYS = Phrase.of(
            "(?:stay|stand|sit|keep|be|stop|hang|help|watch)(?:s|ing)?\\b[^.!?]{0,16}\\b(?:close|near(?:by)?|by|with|next|around|here|you|beside)\\b");

    private static boolean isForTheOvenAlone(Step step) {
        return step.who() == Who.LEARNER && step.with() == null && Told.says(step, OVEN_ON) && !Told.says(step, STAYS);
    }
}

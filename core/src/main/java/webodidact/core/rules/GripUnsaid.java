package webodidact.core.rules;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Action;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Who;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Young people cut with a knife for the first time and nobody says how to hold what is cut. */
final class GripUnsaid implements Check {
    private static final Phrase GRIP = Phrase.of(
            "claw",
            "bridge\\b",
            "tuck",
            "fingers?\\b",
            "knuckles",
            "flat side",
            "cut side",
            "grip",
            "away from you",
            "careful",
            "mind (?:your|the)",
            "watch your",
            "table knife",
            "slowly",
            "sharp");
    /** Small hands on a grater: the last bit is not grated. */
    private static final Phrase GRATES =
            Phrase.of("grat(?:e|ing)\\b(?! (?:the |your |some )?(?:cheese|cheddar|parmesan|nutmeg))");

    private static final Phrase ADULTS_CUT = Phrase.of(
            "(?:grown[- ]?ups?|adults?|mums?|dads?)\\b,?[^.!?]{0,20}\\b(?:chop|slice|cut|halve|quarter|dice)");

    private static final Set<String> CUTS = Set.of("chop", "slice", "dice", "halve", "quarter", "cube", "cut", "shred");
    private static final Phrase ROUND = Phrase.of(
            "scissors",
            "(?:butter|dinner|plastic|blunt) knife",
            "(?:cut|stamp)(?: out)? (?:\\p{L}+ ){0,2}(?:rounds|circles|shapes|stars)",
            "cutter",
            "grater",
            "dough",
            "pastry",
            "tear");

    /** What is baked lies still when it is cut into slices. */
    private static final Phrase SHARED_OUT = Phrase.of(
            "(?:before|when) (?:you|we|they) (?:cut|slice)\\b",
            "cut (?:it|them)[^.!?]{0,16}?\\b(?:squares|bars|portions)\\b",
            "cut it (?:up )?(?:in|into) (?:\\d+|\\p{L}+teen|four|six|eight|ten|twelve|twenty|squares|slices|bars|portions)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        if (!Ages.areChildren(s)) return Stream.empty();
        for (var step : s.lesson().steps()) {
            if (Told.says(step, GRIP)) return Stream.empty();
            if (!step.kind().isHandsOn()
                    || step.kind() == Kind.PLATE && s.lesson().audience() == Audience.AGES_11_16
                    || step.who() == Who.ADULT
                    || step.who().isBeforeCamera()
                    || Told.says(step, ADULTS_CUT)
                    || Told.says(step, ROUND) && !Told.says(step, GRATES)
                    || (s.lesson().audience() == Audience.AGES_11_16
                                    || s.lesson().delivery() == Delivery.DEMONSTRATION)
                            && Told.says(step, SHARED_OUT)) continue;
            var cut = s.deeds(step).map(Action::verb).filter(CUTS::contains).findFirst();
            if (cut.isEmpty() && Ages.needBlades(s) && Told.says(step, GRATES)) cut = Optional.of("grate");
            if (cut.isPresent())
                return Stream.of(at(s, step.id(), s.number(step), cut.get()).mending(sayFirst(step)));
        }
        return Stream.empty();
    }
}

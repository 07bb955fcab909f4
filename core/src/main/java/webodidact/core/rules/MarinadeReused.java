package webodidact.core.rules;

import java.util.Locale;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.words.Word;

/** What raw meat or fish lay in is poured over the food when it is done. */
final class MarinadeReused implements Check {
    private static final Phrase REUSED = Phrase.of(
            "(?:rest of |left(?:[- ]?over)? |remaining |same |used )(?:of )?(?:the |your |that )?marinade\\b[^.!?]{0,60}\\b(?:over|sauce|dip|drizzle|serve|dress|brush|on top)\\b",
            "(?:drizzle|pour|brush|spoon|serve)\\b[^.!?]{0,30}\\b(?:rest of |left(?:over)? |remaining |same )(?:the |your )?marinade\\b",
            "(?:brush|baste|spoon|pour|drizzle)\\b[^.!?]{0,24}\\b(?:what(?:['’]s| is)|whatever(?:['’]s| is)) left (?:over )?(?:in|at the bottom of) the (?:bowl|bag|tub|dish|box)\\b",
            "marinade\\b[^.!?]{0,20}\\b(?:makes|as|is) (?:a |your |the )?(?:\\p{L}+ )?(?:sauce|dip|dressing)\\b");
    private static final Phrase BOILED = Phrase.of(
            "boil", "bubbl", "simmer", "kept back", "set aside before", "before (?:the|any) (?:raw|meat|chicken|fish)");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.foods().noneMatch(f -> f.risk().soilsHands())) return Stream.empty();
        return Stream.concat(
                saying(
                        s,
                        Stream.concat(
                                        s.told().meant(REUSED),
                                        s.told().meant(AFTER).filter(x -> isCooked(s, x)))
                                .filter(x -> !Told.says(x.step(), BOILED))),
                saying(s, s.told().all(DIPPED).filter(x -> !x.is(Asides.Kind.DENIED) && hasDipped(s, x.words())))
                        .map(f -> f.as("dipped")));
    }

    /** What raw fish or meat was turned in, kept for another dish. */
    private static final Phrase DIPPED = Phrase.of(
            "(?:left[- ]?over|spare|what's left of the) (?:\\p{L}+ )?(?:egg|flour|crumbs|breadcrumbs|batter|egg wash)\\b[^.!?]{0,50}\\b(?:fridge|back in(?:to)? the|keeps?|saved?|tomorrow|another day|pancakes?|omelettes?)\\b",
            "(?:keep|save) (?:the |any )?(?:left[- ]?over|spare|rest of the) (?:egg|flour|crumbs|breadcrumbs|batter)\\b");

    private static final Phrase DIPS = Phrase.of(
            "dip (?:it|them|each|the|your|one)\\b",
            "dredge",
            "coat (?:it|them|each|the|your)\\b",
            "(?:flour|egg|crumbs)(?:,| then|, then) (?:the )?(?:egg|flour|crumbs|breadcrumbs)\\b");

    private static final Phrase TURNED_IN = Phrase.of("eggs?\\b", "flour\\b", "(?:bread)?crumbs\\b", "batter\\b");

    /** A step turns something in what the words have left over. */
    private static boolean hasDipped(Situation s, String words) {
        var left = TURNED_IN.in(words.toLowerCase(Locale.ROOT)).stream()
                .map(h -> Word.stem(h.words()))
                .toList();
        return s.handsOn()
                .filter(step -> Told.says(step, DIPS))
                .anyMatch(step ->
                        Word.of(step.say() + " " + step.doing()).stream().anyMatch(w -> left.contains(w.stem())));
    }

    /** "The marinade over it, and finished", after what lay in it has been on the heat. */
    private static final Phrase AFTER = Phrase.of(
            "(?:the|your|that|my) (?:\\p{L}+ )?marinade (?:back )?(?:over|on top|on|in)\\b",
            "(?:pour|add|tip|spoon|drizzle)\\b[^.!?]{0,20}\\b(?:the|your|that|my) marinade\\b");

    private static boolean isCooked(Situation s, Told.Said said) {
        return s.lesson().steps().subList(0, said.number() - 1).stream()
                .filter(step -> step.place().isHot())
                .flatMap(step -> step.uses().stream())
                .flatMap(use -> s.lesson().food(use.line()).stream())
                .anyMatch(
                        line -> s.food(line).filter(f -> f.risk().soilsHands()).isPresent());
    }
}

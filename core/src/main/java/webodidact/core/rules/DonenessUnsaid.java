package webodidact.core.rules;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Allergen;
import webodidact.core.food.Risk;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Poultry, mince or fish is cooked by the clock or by its colour, and nothing measures that it is done. Colour can only reject. */
final class DonenessUnsaid implements Check {
    private static final Phrase MEASURED = Phrase.of(
            "probe",
            "thermometer",
            "core temp",
            "piping hot",
            "steaming hot",
            "juices",
            "run(?:s|ning)? clear",
            "cut (?:one (?:open|in (?:half|two)|through|up|and)\\b|into (?:one|the thickest|it)|it open)",
            "flak",
            "opaque",
            "\\d{2,3}\\s?(?:°|degrees)? ?(?:c |f )?(?:in the (?:middle|centre|center|thickest)|inside)",
            CoreSaid.FIGURE + "(?: degrees)?[^.!?\\d]{0,25}\\b(?:in the (?:middle|centre|center|thickest)|inside)",
            "hot all the way",
            "falls? (?:apart|off the bone)",
            "cooked (?:all the way )?through[^.!?]{0,30}(?:check|test|cut|middle)");
    /** "Rinse the rice until it runs clear" tests no meat. */
    private static final Phrase RINSED = Phrase.of("(?:rinse|wash)\\b[^.!?]{0,60}\\bclear\\b");

    /** Shellfish show it: pink, and no longer glassy, the whole way through. */
    private static final Phrase SHELLFISH = Phrase.of(
            "(?:pink|white|curled)\\b[^.!?]{0,30}\\b(?:through|all over|both sides)",
            "all (?:gone )?pink",
            "no longer (?:grey|glassy|see-?through)");

    private static final Phrase COLOUR =
            Phrase.of("pink\\b", "golden", "brown(?:ed)?\\b", "colou?r\\b", "white all", "grey\\b");
    /** "The chicken's done when it has gone white": said to be all there is to it. */
    private static final Phrase DONE_WHEN_COLOURED = Phrase.of(
            "(?:done|cooked|ready) (?:when|once|as soon as)\\b[^.!?]{0,30}?\\b(?:white|brown(?:ed)?|golden|grey|pink|dark|sticky|crispy|colou?r)\\b[^.!?]*",
            "(?:when|once) (?:they|it)(?:'ve|'s| have| has)? (?:go|goes|gone|turn|turns|turned|are|is) (?:\\p{L}+ )?(?:pink|white|brown|golden)\\b[^.!?]{0,25}\\b(?:they|it)(?:'re| are|'s| is) (?:done|ready|cooked)\\b",
            "(?:brown(?:ed)?|golden|white|colou?r)\\b[^.!?]{0,20}\\b(?:so|that means|which means)(?: you know| you can tell)? (?:they|it)(?:'re| are|'s| is) (?:done|cooked|ready)\\b");

    private static final Phrase THEY = Phrase.of("(?:they|it)(?:'re| are|'s| is) (?:done|ready|cooked)\\b");
    /** A prawn is done when it is pink all over. */
    private static final Phrase HALF_DONE = Phrase.of("on one side\\b", "on the outside\\b");

    /** Somebody looks inside. */
    private static final Phrase WITHIN =
            Phrase.of("through\\b", "in(?:side)? the (?:middle|centre|center|thickest)", "inside\\b");

    private static boolean names(Situation s, Told.Said said, FoodLine line) {
        if (WITHIN.isIn(said.sentence())
                || s.food(line).orElseThrow().allergens().contains(Allergen.CRUSTACEANS)
                        && !HALF_DONE.isIn(said.sentence())) return false;
        boolean only = s.lesson().foods().stream()
                        .filter(l -> s.food(l).filter(f -> asks(f.risk())).isPresent())
                        .count()
                == 1;
        return only && THEY.isIn(said.sentence())
                || said.sentence().toLowerCase(Locale.ROOT).contains("meat")
                || s.mentions().get(said.step().id()).stream()
                        .anyMatch(
                                m -> m.id().equals(line.id()) && said.sentence().contains(m.words()));
    }

    private static final Phrase LONG_AND_WET = Phrase.of(
            "bubbl", "tick(?:ing)? over", "blip", "simmer", "boil", "stew", "brais", "slow[- ]cook", "pressure");
    /** Seconds at a simmer after which small pieces are done whatever their size. */
    private static final int LONG = 20 * 60;

    /** The same where nobody says how it cooks. */
    private static final int HOUR = 3600;

    private static final Phrase LID_AND_LOW = Phrase.of("lid (?:back )?on\\b", "on low\\b", "low\\b", "slow[- ]cook");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.told().all(MEASURED).anyMatch(x -> !RINSED.isIn(x.sentence()))) return Stream.empty();
        var judged = Told.oncePerStep(s.told()
                        .all(DONE_WHEN_COLOURED)
                        .filter(x ->
                                !x.is(Asides.Kind.DENIED) && !x.is(Asides.Kind.HABIT) && !x.is(Asides.Kind.OTHER_TIME)))
                .flatMap(x -> s.lesson().foods().stream()
                        .filter(line -> s.food(line).filter(f -> asks(f.risk())).isPresent() && names(s, x, line))
                        .map(line -> finding(s, line, x.step())))
                .limit(1)
                .toList();
        if (!judged.isEmpty()) return judged.stream();
        boolean shown = s.told().says(SHELLFISH);
        return s.lesson().foods().stream()
                .filter(line -> s.food(line)
                        .filter(f -> asks(f.risk()) && !f.id().equals("fish-fingers"))
                        .filter(f -> !(shown && f.allergens().contains(Allergen.CRUSTACEANS)))
                        .isPresent())
                .flatMap(line -> last(s, line).map(step -> finding(s, line, step)).stream())
                .limit(1);
    }

    private static boolean asks(Risk risk) {
        return risk == Risk.RAW_POULTRY || risk == Risk.RAW_MINCE || risk == Risk.RAW_FISH;
    }

    /** The last hot step that uses it; nothing where it simmers for long, or where no hot step does. */
    private static Optional<Step> last(Situation s, FoodLine line) {
        var hot = s.handsOn()
                .filter(step -> step.place().isHot() && step.usesLine(line.id()))
                .toList();
        if (hot.isEmpty()) hot = underAnotherName(s, line);
        if (hot.isEmpty()) return Optional.empty();
        int first = s.number(hot.getFirst());
        if (goesOn(s, hot)) return Optional.empty();
        boolean simmers = s.handsOn()
                .skip(0)
                .anyMatch(step -> s.number(step) >= first
                        && step.waiting() != null
                        && (step.place().isHot() && step.waiting().time().low() >= LONG && Told.says(step, LONG_AND_WET)
                                || step.waiting().time().low() >= HOUR && Told.says(step, LID_AND_LOW)));
        return simmers ? Optional.empty() : Optional.of(hot.getLast());
    }

    /** A quarter of an hour in the sauce and half an hour in the oven: together they are long. */
    private static boolean goesOn(Situation s, List<Step> hot) {
        int wet = hot.stream()
                .filter(step -> step.waiting() != null && Told.says(step, LONG_AND_WET))
                .mapToInt(step -> step.waiting().time().low())
                .sum();
        int last = s.number(hot.getLast());
        int oven = s.handsOn()
                .filter(step -> s.number(step) > last && step.place() == Place.OVEN && step.waiting() != null)
                .mapToInt(step -> step.waiting().time().low())
                .sum();
        return wet > 0 && wet + oven >= LONG;
    }

    /** "The patties": the hot steps after it was shaped. */
    private static List<Step> underAnotherName(Situation s, FoodLine line) {
        int used = s.handsOn()
                .filter(step -> step.usesLine(line.id()))
                .mapToInt(s::number)
                .max()
                .orElse(Integer.MAX_VALUE);
        return s.handsOn()
                .filter(step -> step.place().isHot() && s.number(step) >= used)
                .limit(1)
                .toList();
    }

    private Finding finding(Situation s, FoodLine line, Step step) {
        // Of fish and egg in one patty the higher figure holds.
        int core = Math.max(
                CoreTooLow.asked(s, s.number(step)),
                s.course().profile().core(s.food(line).orElseThrow().risk()));
        return at(
                        s,
                        step.id(),
                        line.item(),
                        s.course().profile().degrees(core),
                        s.course().profile().title())
                .as(Told.says(step, COLOUR) ? "colour" : "")
                .ofFoods(List.of(line.id()))
                .mending(sayAlso(step, line.item(), s.course().profile().degrees(core)));
    }
}

package webodidact.core.script;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;

/** Where a text is done: in the oven, on a ring, in the cold. */
final class PlaceWords {
    private static final Pattern MICROWAVE = Pattern.compile("\\bmicrowave\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern COLD =
            Pattern.compile("\\b(?:in|into|to) the fridge\\b|\\bchill\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern FREEZER =
            Pattern.compile("\\b(?:in|into|to) the (?:deep )?freezer\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN = Pattern.compile(
            "\\b(?:in|into) (?:the |a |your )?(?:hot |fan |warm |preheated )*oven\\b|\\boven(?:['’]s| is)\\b[^.!?]{0,25}\\b(?:hot|ready|up to (?:heat|temperature))\\b[^!?]{0,60}?\\bin\\b(?=\\s*(?:[,.;]|it\\b|they\\b|goe?s?\\b|for\\b|with\\b))|\\bopen (?:the|your) oven\\b[^.!?]{0,30}\\bin\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GRILL = Pattern.compile(
            "\\b(?:under|beneath) (?:the|a|your) (?:hot |medium |preheated )?(?:grill|broiler)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COUNTERTOP = Pattern.compile(
            "(?<!\\b(?:or|out of|from|off|have|has|ve|got) (?:the|an|a|your) )\\b(?:air[- ]?fryer|slow[- ]cooker|pressure[- ]cooker|rice[- ]cooker|multi[- ]?cooker)\\b(?! (?:is |goes )?off\\b|['’]s off\\b)",
            Pattern.CASE_INSENSITIVE);

    /** "Back under, two minutes"; "sausages on top, twelve minutes": where the step before was. */
    private static final Pattern BACK_UNDER = Pattern.compile("\\bback under\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern RING = Pattern.compile(
            "\\bon the (?:hob|ring|heat)\\b|\\b(?:pan|pot|wok)\\b[^.!?]{0,80}\\bfr(?:y|ies|ying) off\\b|\\b(?:pan|pot|wok|skillet|hob|ring)s? on (?:a )?(?:low|medium|high|full)\\b|\\bover (?:a )?(?:low|medium|high) heat\\b|(?<!kettle |kettle to |it |that )\\b(?:(?:com(?:e|es|ing)|bring|bringing) (?:(?:it|them|that|this|back|up) )*)to (?:the|a) (?:rolling |gentle |bare |good )*(?:boil|simmer)\\b|\\b(?:pan|pot) of (?:\\p{L}+ ){0,2}water (?:up )?to (?:the|a) (?:rolling |gentle |bare |good )*(?:boil|simmer)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COOKS_IN_PAN = Pattern.compile(
            "\\boil in (?:the|a|your) (?:\\p{L}+ ){0,2}(?:pan|wok|pot|skillet|casserole)\\b[^!?]{0,80}\\b(?:minutes?|mins?|seconds?|pops?|sizzl\\p{L}*|shimmer\\p{L}*|smok\\p{L}*|spit\\p{L}*)\\b|\\b(?:melt|cook|heat|warm)\\b[^.!?]{0,40}\\b(?:pan|wok|skillet)\\b|\\b(?:heat|warm|scald) (?:up )?(?:the |your )?(?:rest of the |remaining |other )?(?:milk|cream|stock|soup)\\b(?![^.!?]*\\bmicrowave)[^.!?]{0,40}\\b(?:steam(?:s|ing)?|simmer(?:s|ing)?|boil(?:s|ing)?|bubbl\\p{L}*)\\b|\\b(?:pan|wok|skillet)\\b[^.!?]{0,60}\\b(?:cook|sizzl\\p{L}*|heat)\\b|\\b(?:pan|wok|skillet)\\b[^.!?]{0,24}\\bhot\\b|\\b(?:pan|wok|skillet)\\b[^.!?]{0,80}\\b(?:a|each|per) side\\b|\\b(?:pan|wok|skillet)\\b[^.!?]{0,40},? (?:low|medium|high)(?: (?:low|high|heat))?,|\\b(?:get|got|getting|heat) (?:my|the|your|that|a)(?: \\p{L}+)? (?:pot|casserole)\\b[^.,!?]{0,20}\\bhot\\b|\\bover (?:a |the )?(?:pan|saucepan|pot) of\\b|\\b(?:into|in) (?:the |a |your )?(?:very |really )?hot (?:\\p{L}+ )?(?:pan|wok|skillet)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PAN =
            Pattern.compile("\\b(?:pan|wok|pot|skillet|griddle)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern MORE = Pattern.compile(
            "\\b(?:another|a further|(?:one|two|three|four|five|six|eight|ten|\\d+) more)\\b[^.!?]{0,14}\\b(?:minutes?|mins?)\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Onion in now, five minutes", "stock in, bring it up": into what stands on the ring. */
    private static final Pattern GOES_IN = Pattern.compile(
            "(?:^|(?<=[.!] ))(?:the |your )?(?:\\p{L}+ ){1,4}in,|\\bin (?:now|next|with (?:it|them|that|those)|on top)\\b|\\bon top(?: of (?:it|them|that|those))?,|\\bback in\\b|\\b(?:in goes|in go)\\b|\\b(?:stock|water|wine|milk|tomatoes) in\\b",
            Pattern.CASE_INSENSITIVE);

    /** "On the tray, and in they go, twenty minutes": nothing but an oven takes a tray. */
    private static final Pattern TRAY_IN = Pattern.compile(
            "\\b(?:trays?|roasting (?:tin|dish)|baking (?:sheet|dish|tin)|(?:muffin|loaf|cake|bun) tins?)\\b[\\s\\S]{0,200}\\b(?:in (?:they|it|that) goe?s?|back in|straight in|in goes|goes? in for|in for)\\b|\\b(?:round|around|on top of|under) (?:the|your) (?:bird|chicken|turkey|duck|joint|lamb|beef|pork)\\b[^.!?]*[.!?] (?:in (?:they|it|that) goe?s?|back in)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Seconds that nothing on a tray takes less. */
    private static final int BAKES = 8 * 60;

    private static final Pattern ELSEWHERE = Pattern.compile(
            "\\b(?:bowl|dish|tray|tin|jug|blender|processor|mug|plate|board|jars?|fridge|freezer|whisk|knead|mix)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern COOKS_ON = Pattern.compile(
            "\\bbring (?:it|that|them) (?:all )?(?:back )?up\\b|\\bturn (?:it|that) (?:right |all the way )?down\\b",
            Pattern.CASE_INSENSITIVE);

    /** "While that's browning chop the onion": what goes on elsewhere. */
    private static final Pattern MEANWHILE = Pattern.compile(
            "\\b(?:while|as) (?:that|it|this|they|those|these)(?:['’]s|['’]re| is| are) $", Pattern.CASE_INSENSITIVE);

    private PlaceWords() {}

    /** As the text says it, else the title of a step that has a time, else where the step before left it. */
    static Optional<Place> of(Step step, String text, Place left, Knowledge knowledge) {
        var said = said(text, knowledge);
        if (said.isPresent()) return said;
        if (step.waiting() != null || !SaidTimes.in(text, knowledge).isEmpty()) {
            if (isOven(step.title(), knowledge)) return Optional.of(Place.OVEN);
            if (isIn(step.title(), Place.RING, RING, knowledge)) return Optional.of(Place.RING);
        }
        if (left == Place.GRILL && BACK_UNDER.matcher(text).find()) return Optional.of(Place.GRILL);
        if (left == Place.COUNTERTOP
                && !ELSEWHERE.matcher(text).find()
                && SaidTimes.in(text, knowledge).stream().anyMatch(t -> t.role() == SaidTimes.Role.WAIT))
            return Optional.of(Place.COUNTERTOP);
        return left == Place.RING && goesOn(step, text, knowledge) ? Optional.of(Place.RING) : Optional.empty();
    }

    private static Optional<Place> said(String text, Knowledge knowledge) {
        if (isIn(text, Place.MICROWAVE, MICROWAVE, knowledge)) return Optional.of(Place.MICROWAVE);
        // A verb of baking beside an oven that is turned on may be for later; "into the oven" is for now.
        if (OVEN.matcher(text).find()
                || isOven(text, knowledge) && !ActWords.in(text).contains(Act.OVEN_ON)) return Optional.of(Place.OVEN);
        if (isIn(text, Place.GRILL, GRILL, knowledge)) return Optional.of(Place.GRILL);
        if (isCountertop(text, knowledge)) return Optional.of(Place.COUNTERTOP);
        if (isIn(text, Place.RING, RING, knowledge)
                || ActWords.ring(text).isPresent() && PAN.matcher(text).find()
                || COOKS_IN_PAN.matcher(text).find()) return Optional.of(Place.RING);
        if (isIn(text, Place.FREEZER, FREEZER, knowledge)) return Optional.of(Place.FREEZER);
        if (isIn(text, Place.COLD, COLD, knowledge)) return Optional.of(Place.COLD);
        if (isIn(text, Place.BLENDER, null, knowledge)) return Optional.of(Place.BLENDER);
        return isTrayIn(text, knowledge) ? Optional.of(Place.OVEN) : Optional.empty();
    }

    private static boolean isCountertop(String text, Knowledge knowledge) {
        var asides = Asides.of(text);
        return isIn(text, Place.COUNTERTOP, null, knowledge)
                || COUNTERTOP.matcher(text).results().anyMatch(m -> !asides.covers(m.start()));
    }

    private static boolean isTrayIn(String text, Knowledge knowledge) {
        return TRAY_IN.matcher(text).find()
                && SaidTimes.in(text, knowledge).stream()
                        .anyMatch(
                                t -> t.role() == SaidTimes.Role.WAIT && t.time().low() >= BAKES);
    }

    static boolean isOven(String text, Knowledge knowledge) {
        return isIn(text, Place.OVEN, OVEN, knowledge);
    }

    /** "Now the pepper, another two minutes": it is still in the pan of the step before. */
    private static boolean goesOn(Step step, String text, Knowledge knowledge) {
        boolean into = GOES_IN.matcher(text).find()
                && !ELSEWHERE.matcher(text).find()
                && (step.waiting() != null
                        || COOKS_ON.matcher(text).find()
                        || SaidTimes.in(text, knowledge).stream().anyMatch(t -> t.role() == SaidTimes.Role.WAIT));
        return (into || MORE.matcher(text).find()) && !ActWords.in(text).contains(Act.RING_OFF);
    }

    /** By step, where the last one before it that had hands at work left what it heats: a pan on its ring, a basket in its fryer. */
    static Map<String, Place> left(Lesson lesson) {
        var all = new HashMap<String, Place>();
        Place left = Place.BENCH;
        for (var step : lesson.steps()) {
            if (left.isHot()) all.put(step.id(), left);
            if (step.kind().isHandsOn())
                left = LEAVES.contains(step.place()) && !step.acts().contains(Act.RING_OFF) && !Told.says(step, OFF_IT)
                        ? step.place()
                        : step.place() == Place.BENCH && left == Place.GRILL ? left : Place.BENCH;
        }
        return all;
    }

    private static final Phrase OFF_IT = Phrase.of("off the (?:heat|ring|hob|gas|stove)\\b");

    private static final Set<Place> LEAVES = Set.of(Place.RING, Place.GRILL, Place.COUNTERTOP);

    /** A verb that is done there, or words that say it. */
    private static boolean isIn(String text, Place place, Pattern said, Knowledge knowledge) {
        var code = place.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return knowledge.actionsIn(text).stream()
                        .anyMatch(a -> a.action().place().equals(code)
                                && !Asides.of(text).covers(a.start(), Asides.Kind.STATE)
                                && !MEANWHILE
                                        .matcher(text.substring(0, a.start()))
                                        .find())
                || said != null && said.matcher(text).find();
    }
}

package webodidact.core.script;

import java.util.stream.Stream;

/** Boiling water: where it is used, and where somebody puts it on. */
public final class WaterWords {
    private static final Phrase USED = Phrase.of(
            "(?:in|into|to|of|with|over) (?:the |your |some |plenty of |a pan of )?(?:salted )?(?:boiling|just[- ]boiled|simmering) (?:salted )?(?:water|stock)",
            "(?:pan|pot)(?: of)?,? (?:boiling|just[- ]boiled) (?:salted )?water\\b");
    /** "Pasta in the water": there is none until somebody puts it on. */
    private static final Phrase THE_WATER = Phrase.of(
            "(?:pasta|spaghetti|penne|macaroni|noodles|gnocchi|rice|eggs)\\b[^.!?]{0,20}\\b(?:in|into|to) the (?:salted )?water\\b");

    public static final Phrase PUT_ON = Phrase.of(
            "kettle\\b",
            "(?:bring|get|put|set)\\b[^.!?]{0,50}\\b(?:boil|water|on to boil)\\b",
            "(?:water|pan)\\b[^.!?]{0,40}\\b(?:to (?:the|a) boil|on to boil|to boil|boiling)\\b(?<!boiling water)",
            "boil (?:the |some |a |up )?(?:pan of |big pan of )?water",
            "fill\\b[^.!?]{0,40}\\bpan\\b",
            "(?:when|once) (?:it's|it is|the water(?:'s| is)) (?:boiling|bubbling)");

    private WaterWords() {}

    /** In the order of the phrases; where it is meant here and now. */
    public static Stream<Told.Said> uses(Told told) {
        return Stream.concat(told.meant(USED), told.meant(THE_WATER))
                .filter(x -> x.step().kind().isHandsOn());
    }

    /** Somebody puts it on before that use, in an earlier step or earlier in the same one. */
    public static boolean isPutOnBefore(Told told, Told.Said use) {
        return told.all(PUT_ON)
                .anyMatch(p -> p.number() < use.number()
                        || p.step().equals(use.step())
                                && p.hit().end() <= use.hit().start());
    }
}

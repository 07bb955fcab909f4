package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Boiling water is used and nobody has put any on: a kettle takes minutes, a pan more. */
final class WaterNotBoiling implements Check {
    private static final Phrase USED = Phrase.of(
            "(?:in|into|to|of|with|over) (?:the |your |some |plenty of |a pan of )?(?:salted )?(?:boiling|just[- ]boiled|simmering) (?:salted )?(?:water|stock)");
    /** "Pasta in the water": there is none until somebody puts it on. */
    private static final Phrase THE_WATER = Phrase.of(
            "(?:pasta|spaghetti|penne|macaroni|noodles|gnocchi|rice|eggs)\\b[^.!?]{0,20}\\b(?:in|into|to) the (?:salted )?water\\b");

    private static final Phrase PUT_ON = Phrase.of(
            "kettle\\b",
            "(?:bring|get|put|set)\\b[^.!?]{0,50}\\b(?:boil|water|on to boil)\\b",
            "(?:water|pan)\\b[^.!?]{0,40}\\b(?:to (?:the|a) boil|on to boil|to boil|boiling)\\b(?<!boiling water)",
            "boil (?:the |some |a |up )?(?:pan of |big pan of )?water",
            "fill\\b[^.!?]{0,40}\\bpan\\b",
            "(?:when|once) (?:it's|it is|the water(?:'s| is)) (?:boiling|bubbling)");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(Stream.concat(s.told().meant(USED), s.told().meant(THE_WATER)))
                .filter(x -> x.step().kind().isHandsOn())
                .limit(1)
                .filter(x -> s.told()
                        .all(PUT_ON)
                        .noneMatch(p -> p.number() < x.number()
                                || p.step().equals(x.step())
                                        && p.hit().end() <= x.hit().start()))
                .map(x -> at(s, x.step().id(), x.words(), s.number(x.step())).mending(mends(s, x)));
    }

    private List<Mend> mends(Situation s, Told.Said said) {
        int at = said.number() - 2;
        while (at > 0 && !s.lesson().steps().get(at).kind().isHandsOn()) at--;
        if (at < 0) return List.of();
        var step = s.lesson().steps().get(at);
        return List.of(sayAlso(step));
    }
}

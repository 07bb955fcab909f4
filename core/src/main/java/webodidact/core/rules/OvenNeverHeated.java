package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.amount.OvenScale;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Place;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/** An oven is turned on before air, or in a step early enough for it to be hot. */
final class OvenNeverHeated implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().ovenBefore()) return Stream.empty();
        var first = s.schedule().steps().stream()
                .filter(p -> p.step().place() == Place.OVEN)
                .findFirst();
        return first.stream().filter(use -> !isHeated(s, use)).map(use -> finding(s, use));
    }

    private static boolean isHeated(Situation s, Placed use) {
        return use.step().acts().contains(Act.HOT_ALREADY)
                || s.schedule().steps().stream()
                        .anyMatch(p -> p.step().acts().contains(Act.OVEN_ON)
                                && ((Told.says(p.step(), WAITS) || isUntimed(s, p, use)) && p.number() < use.number()
                                        || p.kitchen().start() + heats(s, use) <= needed(use) + slack(s, p, use)));
    }

    /** "And let it heat all the way up": how long that takes is told, and no business of the clock's. */
    private static final Phrase WAITS = Phrase.of(
            "let (?:it|the oven|that) (?:heat|get|come|warm)\\b[^.!?]{0,20}\\b(?:up|hot|temperature)",
            "(?:wait|until|till) (?:it's|it is|the oven's|the oven is) (?:hot|ready|up to)",
            "before (?:we|you) (?:start|do anything)");

    /** "Leave it to stand": nobody knows how long. */
    private static boolean waits(Situation s, Placed p) {
        return WaitUnsaid.said(s).anyMatch(x -> x.number() == p.number());
    }

    /** Of a step between the two nobody knows how long it takes, water to boil or children: the oven may be hot or not. */
    private static boolean isUntimed(Situation s, Placed on, Placed use) {
        boolean children = Ages.areChildren(s);
        return s.schedule().steps().stream()
                .filter(p -> p.number() > on.number() && p.number() < use.number())
                .anyMatch(p -> Told.says(p.step(), BOILS)
                        || children && (s.schedule().untimed().contains(p.step().id()) || waits(s, p)));
    }

    private static final Phrase BOILS = Phrase.of(
            "(?:bring|get)\\b[^.!?]{0,30}\\b(?:to|on to|up to) (?:the |a )?(?:rolling )?(?:boil|simmer)\\b",
            "(?:until|till) (?:all )?(?:the |your )?(?:sugar|butter|chocolate|salt|gelatine)(?:'s| has| is)? (?:all )?(?:gone|dissolve[sd]?|melt(?:s|ed))\\b",
            "(?:when|once|until|till) (?:it|the water|they|that)(?:'s| is| are|'re|) ?(?:comes? to the boil|boil(?:s|ing)|bubbl(?:es|ing))");

    /**
     * As long again as the work between the two: minutes of work are an estimate, and at home it takes longer than on the bench of
     * somebody who has done it a hundred times. Minutes of a wait are stated, and give none.
     */
    private static int slack(Situation s, Placed on, Placed use) {
        var untimed = Set.copyOf(s.schedule().untimed());
        int seconds = 0;
        for (var p : s.schedule().steps()) {
            if (p.number() >= use.number()) break;
            if (p.number() < on.number()) continue;
            if (p.step().kind().isHandsOn()) seconds += p.busy().length();
            if (p.number() > on.number() && untimed.contains(p.step().id())) seconds += UNTIMED;
        }
        return seconds;
    }

    /** Seconds that a step with no time may well take; late is only what is late even so. */
    private static final int UNTIMED = 120;

    /** Seconds to what that step asks for; to 200 °C where it says nothing. */
    private static int heats(Situation s, Placed use) {
        int usual = s.course().kitchen().ovenHeats();
        var heat = use.step().heat();
        return heat == null
                ? usual
                : Math.min(usual, OvenScale.heating(usual, OvenScale.COLD, OvenScale.conventional(heat)));
    }

    /** When it has to be hot: a cut in the recording is no cut in the kitchen. */
    static int needed(Placed use) {
        return use.kitchen().start() + use.busy().length();
    }

    private Finding finding(Situation s, Placed use) {
        int heats = heats(s, use);
        int lastMoment = needed(use) - heats;
        var early = s.schedule().steps().stream()
                .filter(p -> p.kitchen().start() <= lastMoment && p.number() < use.number())
                .reduce((a, b) -> b);
        var before = mend("before", Operations.ovenBefore(true));
        boolean tooLate = s.schedule().steps().stream()
                .anyMatch(p -> p.step().acts().contains(Act.OVEN_ON) && p.number() <= use.number());
        int minutes = (heats + 59) / 60;
        var form = tooLate ? "late" : "never";
        return early.map(p -> at(
                                s,
                                use.step().id(),
                                use.number(),
                                minutes,
                                p.number(),
                                Clock.text(p.span().start()))
                        .as(form)
                        .mending(mend("on", Operations.act(p.step().id(), Act.OVEN_ON), p.number()), before))
                .orElseGet(() -> at(s, use.step().id(), use.number(), minutes)
                        .as(form + "-no-room")
                        .mending(before));
    }
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** The list has more of something than the steps take. */
final class PartNeverUsed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(left(s), otherHalf(s));
    }

    /** "Half the mushrooms go in", of those that were fried before, and no word of the others. */
    private static final Phrase HALF = Phrase.of(
            "\\bhalf (?:of )?(?:the|your|those) [^.!?,;]{2,30}? (?:go|goes|in|into|on|over|through)\\b",
            "(?:add|stir in|fold in|tip in|scatter|put in|spoon) half (?:of )?(?:the|your|those) \\p{L}+");

    private static final Phrase OTHERS = Phrase.of(
            "(?:the|your) rest\\b",
            "other (?:half|ones)\\b",
            "(?:what's|what is|all that's) left\\b",
            "remain",
            "second half",
            "keep\\b",
            "save\\b",
            "freez",
            "garnish",
            "on top\\b",
            "same again",
            "repeat",
            "layer",
            "each\\b");

    private Stream<Finding> otherHalf(Situation s) {
        return Told.oncePerStep(s.told().meant(HALF).filter(x -> x.step().kind().isHandsOn()))
                .flatMap(x -> s.answers().finder().in(x.words()).stream()
                        .filter(m -> m.kind() == Mentions.Kind.LISTED)
                        .flatMap(m -> s.lesson().food(m.id()).stream())
                        .filter(line -> isLastOf(s, x, line))
                        .limit(1)
                        .map(line -> at(s, x.step().id(), line.item()).as("half")));
    }

    /** Taken whole before, halved here, and from here on neither it nor any rest is named. */
    private static boolean isLastOf(Situation s, Told.Said said, FoodLine line) {
        var draws = s.draws().get(line.id());
        boolean before = draws != null
                && draws.unused() == null
                && draws.draws().stream().anyMatch(d -> d.number() < said.number());
        if (!before || OTHERS.isIn(said.after())) return false;
        var named = s.answers().finder().in(said.after()).stream().anyMatch(m -> m.id().equals(line.id()));
        return !named
                && s.lesson().steps().stream()
                        .skip(said.number())
                        .noneMatch(step -> step.usesLine(line.id())
                                || Told.says(step, OTHERS)
                                || s.mentions().get(step.id()).stream().anyMatch(m -> m.id().equals(line.id())));
    }

    private Stream<Finding> left(Situation s) {
        return s.draws().values().stream()
                .filter(l -> l.unused() != null && l.line().plan().isBlank())
                // "A squeeze of lime": how much of it is left nobody knows.
                .filter(l -> l.draws().stream()
                        .noneMatch(d -> d.taken() != null && d.taken().approximate()))
                .filter(l -> !isForLater(s, l) && !isRepeated(s, l))
                .map(l -> finding(s, l));
    }

    private static final Phrase LATER = Phrase.of(
            "(?:the rest|the other half|what's left)\\b[^.!?]{0,30}\\b(?:for later|for the table|for dipping|on the side|to serve|for serving|for another day|for tomorrow|in the fridge|keeps?|aside|for something else)");

    /** "A quarter of the cheese over", and some steps on "the same again for the other three": all of it goes in. */
    private static boolean isRepeated(Situation s, Draws.Line draws) {
        int last = draws.draws().getLast().number();
        return s.told().all(BatchesNotCounted.AGAIN).anyMatch(x -> x.number() >= last);
    }

    /** "The rest of the lemon for later" is a plan, too. */
    private static boolean isForLater(Situation s, Draws.Line draws) {
        return s.handsOn().filter(step -> step.usesLine(draws.line().id())).anyMatch(step -> Told.says(step, LATER));
    }

    private Finding finding(Situation s, Draws.Line draws) {
        var line = draws.line();
        var last = draws.draws().getLast();
        var used = new Amount(
                line.amount().low().minus(draws.unused().low()),
                line.amount().low().minus(draws.unused().low()),
                line.amount().unit(),
                line.amount().approximate());
        return at(s, last.step(), UsedMoreThanListed.shown(s, draws.unused()), line.item())
                .mending(
                        mend("rest", Operations.taking(last.step(), line.id(), null), last.number()),
                        mend("list", Operations.amount(line.id(), used), UsedMoreThanListed.shown(s, used)));
    }
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.script.Phrase;
import webodidact.core.script.SaidTimes;
import webodidact.core.script.Told;
import webodidact.core.time.TimeRange;

/** What does not fit the pan at once is fried in batches; the plan has the time of one. */
final class BatchesNotCounted implements Check {
    private static final Phrase BATCHES = Phrase.of(
            "in (?:small )?batches\\b",
            "(?:\\d+|one|two|three|four|five|six|a few|a couple)(?: or \\p{L}+)?(?: in| on)? at a time",
            "keep going until (?:it|they|the batter|you)");
    private static final Phrase PIECES =
            Phrase.of("spoonfuls?\\b", "ladle(?:ful)?s?\\b", "each side", "(?:per|a) side", "on (?:each|both) sides?");
    private static final Phrase COUNT = Phrase.of(
            "(?:into|in|makes?|cut|roll(?:ed)?|shape) (?:it |them |the dough |about )*(six|seven|eight|nine|ten|twelve|sixteen|[6-9]|1\\d|2\\d)\\b(?: (?:even |equal )?(?:pieces|rounds|balls|parts|patties|flatbreads|pancakes|fritters|bits))?");
    private static final Phrase SPOONED = Phrase.of("(?:spoonfuls?|ladle(?:ful)?s?|dollops?)\\b");
    private static final Phrase TRAY = Phrase.of("oven\\b", "bake\\b", "all at once", "batch(?:es)? of", "two pans");

    /** "And the same again for the other three": whatever cooks it, and however many fit. */
    static final Phrase AGAIN = Phrase.of(
            "(?:the )?same (?:again )?(?:for|with) the (?:other|rest|next|remaining)\\b",
            "(?:the )?other (?:\\p{L}+|\\d+),? (?:exactly |just )?the same\\b",
            "(?:repeat|do (?:it|that) again|and again)(?: it)? (?:for|with) the (?:other|rest|next|remaining)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        return s.handsOn()
                .filter(step -> step.waiting() != null
                        && !step.waiting().unsaid()
                        && step.waiting().rounds() == null)
                .filter(step -> step.place() == Place.RING && !Told.says(step, TRAY)
                        || step.place().isHot() && Told.says(step, AGAIN))
                .filter(step -> isOnce(s, step))
                .filter(step -> Told.says(step, BATCHES)
                        || Told.says(step, AGAIN)
                        || Told.says(step, PIECES) && isMany(s, step))
                .limit(1)
                .map(step -> at(
                                s,
                                step.id(),
                                s.number(step),
                                step.waiting().time().text())
                        .mending(Stream.of(2, 3, 4)
                                .map(n -> mend(
                                        "times",
                                        Operations.waiting(
                                                step.id(),
                                                w -> w.lasting(new TimeRange(
                                                                w.time().low() * n,
                                                                w.time().high() * n))
                                                        .called(w.what())),
                                        n))
                                .toList()));
    }

    /** The plan has what the words say of one batch. */
    private static boolean isOnce(Situation s, Step step) {
        return Stream.of(step.say(), step.doing())
                .flatMap(t -> SaidTimes.in(t, s.knowledge()).stream())
                .filter(x -> x.role() != SaidTimes.Role.HANDS)
                .anyMatch(x -> x.batch() == 0
                        && x.time().high() >= step.waiting().time().high());
    }

    private static boolean isMany(Situation s, Step step) {
        if (Told.says(step, SPOONED)) return true;
        return s.told()
                .all(COUNT)
                .anyMatch(x -> x.step().kind() == Kind.HANDS_ON
                        && x.number() < s.number(step)
                        && x.number() >= s.number(step) - 2);
    }
}

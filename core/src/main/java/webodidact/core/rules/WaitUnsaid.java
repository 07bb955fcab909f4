package webodidact.core.rules;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Step;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.TimeWords;
import webodidact.core.script.Told;

/** A wait of which nobody has said how long it is. */
final class WaitUnsaid implements Check {
    private static final Phrase LEFT = Phrase.of(
            "(?:leave|let|set|put|pop) (?:it|them|that|this|those|the \\p{L}+|your \\p{L}+)\\b[^.!?,]{0,20}\\b(?:to )?(rest|stand|cool|prove|rise|chill|soak|marinate|set|infuse|simmer|bubble away|sit)\\b",
            "(?:needs?|wants?|has|have|ought) to (rest|stand|cool|prove|rise|chill|soak|marinate|set|infuse)\\b",
            "(?:it|they|that|this|dough|batter|mixture) (?:needs?|wants?|has|have|ought)(?: got)? to double\\b(?! (?:it|them|the|your|up)\\b)",
            "leave to (rest|stand|cool|prove|rise|chill|soak|marinate|set|infuse)\\b",
            "(?:leave|let) (?:it|them|that|this) be\\b",
            "leave (?:it|them) (?:to (?:rest|cool) )?in (?:the|its|their) (?:tin|tins|mould|dish)(?= ?[.!]|$)",
            "turn (?:it|that|the heat) (?:right |all the way )?down(?: low)?,? (?:and )?(?:put )?(?:the )?lid on\\b",
            "cover(?: it| them)?(?: (?:up )?with [^.!?,]{2,25})? and leave (?:it|them)\\b(?! (?:in|on|to|there|out|for|until|till|alone while))",
            "(?:needs?|wants?) a (?:good |proper |long |nice |little |decent )?(soak|rest|chill|stand|prove|marinade)\\b");
    /** A cue that nobody sees through the door, and no time. */
    private static final Phrase CHILLED = Phrase.of(
            "(?:(?:in|into) (?:the |your )?)?(?:fridge|freezer)[^.!?]{0,20}\\b(?:until|till|to) (?:it's |they're |it is |they are )?(?:set|firm|cold|chilled|frozen)\\b",
            "fridge\\b[.!,]? (?:it's|they're|it is|they are) (?:set|ready|firm) when\\b");

    /** Said in a talk, it is still the food that rests. */
    private static final Phrase DOUGH = Phrase.of(
            "(?:dough|batter|pastry|mixture|meat|joint|marinade|custard|jelly)\\b",
            "to double\\b",
            "in (?:the|its|their) (?:tin|tins|mould|dish)\\b");

    /** Nobody waits for that without knowing how long, whatever comes next or went before. */
    private static final Phrase COLD = Phrase.of("cool (?:completely|right down|down completely)\\b");

    /** What bubbles away is done when it has. */
    private static final Phrase DRUNK =
            Phrase.of("wine\\b", "sherry\\b", "brandy\\b", "cider\\b", "vermouth\\b", "beer\\b", "marsala\\b");

    private static final Phrase ENDED = Phrase.of(
            "until\\b",
            "till\\b",
            "overnight\\b",
            "when (?:it|they)(?! ?(?:'s|is|'re|are) (?:ready|done)\\b)",
            "while (?:we|you|I|the|that)",
            "for (?:a|one|two|three|five|ten|fifteen|twenty|thirty|\\d+)\\b",
            "once\\b",
            "by (?:half|a third|two thirds|three quarters)\\b",
            "before\\b",
            "(?:and |then |, )?test (?:it|them|one) on\\b");
    private static final Set<String> WAITS =
            Set.of("cool", "chill", "rest", "prove", "rise", "soak", "stand", "marinate", "infuse");

    @Override
    public Stream<Finding> find(Situation s) {
        var facts = s.lesson().steps().stream()
                .filter(step -> step.waiting() != null && step.waiting().unsaid())
                .map(step -> at(
                        s,
                        step.id(),
                        s.number(step.id()),
                        step.waiting().what().isBlank()
                                ? CheckTable.words().message("takes")
                                : step.waiting().what()));
        var words = said(s).map(x -> at(s, x.step().id(), x.number(), x.words()).as("words"))
                .toList();
        var told = words.stream().map(Finding::step).collect(Collectors.toSet());
        var verbs = s.handsOn()
                .filter(step -> step.waiting() == null && !told.contains(s.number(step)))
                .flatMap(step -> verb(s, step));
        var chilled = Told.oncePerStep(s.told().meant(CHILLED))
                .filter(x -> x.step().waiting() == null
                        && TimeWords.in(x.sentence() + x.rest()).isEmpty())
                .filter(x -> !told.contains(x.number()))
                .map(x -> at(s, x.step().id(), x.number(), x.words()).as("words"));
        return Stream.of(facts, words.stream(), chilled, verbs).flatMap(f -> f);
    }

    /** Where words leave food to itself and no length of it is said. */
    static Stream<Told.Said> said(Situation s) {
        return Told.oncePerStep(s.told().meant(LEFT))
                .filter(x -> !x.words().toLowerCase(Locale.ROOT).endsWith("bubble away") || !DRUNK.isIn(x.sentence()))
                .filter(x -> (x.step().kind().isHandsOn() || DOUGH.isIn(x.sentence()))
                        && (x.step().waiting() == null || isSecond(x) || COLD.isIn(x.words() + x.rest()))
                        && (!ENDED.isIn(x.words() + x.rest()) || COLD.isIn(x.words() + x.rest())))
                .filter(x -> TimeWords.in(x.words() + x.rest()).isEmpty()
                        && TimeWords.in(next(x.after())).stream().noneMatch(t -> t.start() < SOON));
    }

    /** "Cool in the tin, then lift it out." */
    private Stream<Finding> verb(Situation s, Step step) {
        return Stream.of(step.say(), step.doing())
                .flatMap(text -> s.knowledge().actionsIn(text).stream()
                        .filter(a -> WAITS.contains(a.action().verb())
                                && !Asides.of(text).covers(a.start()))
                        .filter(a -> a.start() == 0
                                || ".!?\n"
                                                .indexOf(text.substring(0, a.start())
                                                        .stripTrailing()
                                                        .charAt(Math.max(
                                                                0,
                                                                text.substring(0, a.start())
                                                                                .stripTrailing()
                                                                                .length()
                                                                        - 1)))
                                        >= 0)
                        .map(a -> text.substring(a.start()).replaceFirst("(?s)[.!?\\n].*", "")))
                .filter(clause -> !ENDED.isIn(clause) && TimeWords.in(clause).isEmpty())
                .limit(1)
                .map(clause ->
                        at(s, step.id(), s.number(step), clause.split(",")[0]).as("words"));
    }

    /** "Fry it five minutes. Stock in, turn it down, let it simmer": the length that is said is another's. */
    private static boolean isSecond(Told.Said said) {
        return !TimeWords.in(said.before()).isEmpty()
                && said.words().toLowerCase(Locale.ROOT).endsWith("simmer")
                && TimeWords.in(said.after()).isEmpty();
    }

    /** Letters of the next sentence: "Leave it in the tin. A good ten minutes." */
    private static final int SOON = 8;

    private static String next(String after) {
        return after.replaceFirst("(?s)^[^.!?\\n]*[.!?\\n]\\s*", "").replaceFirst("(?s)[.!?\\n].*", "");
    }
}

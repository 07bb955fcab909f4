package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Group;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Whole nuts for children under five: public health advice on choking. */
final class WholeNuts implements Check {
    private static final Phrase BROKEN = Phrase.of(
            "ground",
            "chopp",
            "flaked",
            "butter",
            "crush",
            "blitz",
            "slivered",
            "grind",
            "bash",
            "paste",
            "milled",
            "finely");
    /** "For the little ones leave out the nuts". */
    private static final Phrase LEFT_OUT = Phrase.of(
            "(?:bab(?:y|ies)|little ones?|toddlers?|under[- ]fives?|young(?:er|est) ones?|small children|tinies)\\b[^.!?]{0,30}\\b(?:leave out|without|skip|no|leave off) (?:the |any )?nuts\\b",
            "(?:leave out|without|skip|no|leave off) (?:the |any )?nuts\\b[^.!?]{0,20}\\bfor (?:the |your |any )?(?:bab(?:y|ies)|little ones?|toddlers?|under[- ]fives?|young(?:er|est) ones?|small children|tinies)\\b");

    private static final int UNDER = 5;

    @Override
    public Stream<Finding> find(Situation s) {
        boolean small = s.lesson().audience() == Audience.EARLY_YEARS
                || s.answers().question().homes().stream()
                        .anyMatch(h -> h.ages().stream().anyMatch(a -> a < UNDER));
        if (!small || s.told().says(LEFT_OUT)) return Stream.empty();
        return s.lesson().foods().stream()
                .filter(l -> s.food(l)
                                .filter(f -> f.group() == Group.NUT || f.id().equals("peanut"))
                                .isPresent()
                        && !BROKEN.isIn(l.described()))
                .filter(l -> s.food(l).filter(f -> BROKEN.isIn(f.name())).isEmpty())
                .filter(l -> s.lesson().steps().stream().noneMatch(x -> x.usesLine(l.id()) && Told.says(x, BROKEN)))
                .map(l -> about(new About.OfFood(l.id()), first(s, l), l.item(), UNDER));
    }

    private static int first(Situation s, FoodLine line) {
        return s.lesson().steps().stream()
                .filter(x -> x.usesLine(line.id()))
                .findFirst()
                .map(s::number)
                .orElse(0);
    }
}

package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.ShareWords;
import webodidact.core.script.Told;

/** The steps take more of something than the gather list has. */
final class UsedMoreThanListed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(
                s.draws().values().stream().filter(l -> l.over() != null).map(l -> finding(s, l)),
                s.told().meant(MORE).flatMap(x -> more(s, x)));
    }

    /** "A bit more hoisin on top", where all of it went in before. */
    private static final Phrase MORE = Phrase.of(
            "(?:(?:a|an|one) (?:bit|little|touch|drop|drizzle|splash|spoon(?:ful)?|handful|pinch|squeeze|dollop)|some|another (?:bit|splash|spoon(?:ful)?|drizzle|squeeze)) (?:more |extra )(?:of (?:the|that|your) )?(?:\\p{L}+ ?){1,2}");

    private Stream<Finding> more(Situation s, Told.Said said) {
        return s.answers().finder().in(said.words()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .flatMap(m -> s.lesson().food(m.id()).stream())
                .limit(1)
                .flatMap(line -> s.lesson().steps().subList(0, said.number() - 1).stream()
                        .filter(step -> saysAll(s, step, line))
                        .limit(1)
                        .map(step -> at(s, said.step().id(), said.words().strip(), line.item(), s.number(step.id()))
                                .as("more")));
    }

    /** In so many words: the whole amount of the list. */
    private static boolean saysAll(Situation s, Step step, FoodLine line) {
        if (line.amount() == null || !step.kind().isHandsOn()) return false;
        return s.mentions().get(step.id()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED && m.id().equals(line.id()))
                .anyMatch(m -> ShareWords.around(step.say(), m.start(), m.end(), line)
                        .filter(share ->
                                share.amount() != null && share.amount().equals(line.amount()))
                        .isPresent());
    }

    private Finding finding(Situation s, Draws.Line draws) {
        var line = draws.line();
        var takers = draws.draws().stream()
                .filter(d -> d.taken() != null && !d.rest())
                .toList();
        var needed = line.amount().plus(draws.over(), s.course().house());
        var text = shown(s, needed);
        return at(
                        s,
                        takers.getLast().step(),
                        takers.size(),
                        takers.stream().map(Draws.Draw::number).toList(),
                        text,
                        line.item(),
                        shown(s, line.amount()),
                        takers.getLast().number())
                .mending(mend("list", Operations.amount(line.id(), needed), text));
    }

    static String shown(Situation s, Amount amount) {
        return KitchenRounding.round(
                        amount.times(Scaling.forHome(s.lesson())), s.course().house())
                .text();
    }
}

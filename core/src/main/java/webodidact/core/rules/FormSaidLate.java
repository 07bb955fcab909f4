package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** How a food has to be is told when it is used: it should have been softened, thawed or chopped an hour ago. */
final class FormSaidLate implements Check {
    private static final Phrase FORM = Phrase.of(
            "(?:should|needs? to|has to|have to|must|wants? to|ought to) (?:have been|be|already be) (?:really |nice and |lovely and |quite |properly |completely |all )*(soft(?:ened)?|at room temperature|room temperature|melted|thawed|defrosted|soaked|peeled|chopped|grated|drained|cold|chilled|cooked|cooled|frozen|dry)\\b",
            "(?:been|be|had it|had them) out of the fridge\\b(?:[^.!?]{0,25}\\b(?:since|for|an hour))?",
            "I (?:do )?hope you(?:'ve| have)? (?:already )?(took|taken|got it out|left|soaked|thawed|softened|chopped|peeled|melted|drained|defrosted|cooked|chilled)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var first = s.handsOn().findFirst();
        if (first.isEmpty()) return Stream.empty();
        int from = s.number(first.get());
        return Told.oncePerStep(s.told().all(FORM).filter(x -> x.number() >= from && !x.is(Asides.Kind.OTHER_TIME)))
                .flatMap(x -> line(s, x)
                        .map(l -> at(s, x.step().id(), l.item(), x.words())
                                .ofFoods(List.of(l.id()))
                                .mending(mend("note", Operations.note(l.id(), x.words())))));
    }

    private static Stream<FoodLine> line(Situation s, Told.Said said) {
        var before = said.before();
        return s.answers().finder().in(said.text()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED
                        && m.start() < said.hit().end()
                        && before.length() - m.end() < NEAR)
                .reduce((a, b) -> b)
                .flatMap(m -> s.lesson().food(m.id()))
                .filter(l -> l.form().isEmpty()
                        && l.note().isEmpty()
                        && s.answers().leads().stream().noneMatch(d -> d.line().equals(l.id())))
                .stream();
    }

    /** Letters between the food and what is said of it. */
    private static final int NEAR = 40;
}

package webodidact.core.rules;

import java.util.ArrayList;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Something goes into an oven of no stated temperature. */
final class BakedWithoutHeat implements Check {
    private static final Phrase SET = Phrase.of(
            "oven\\b[^.!?\\d]{0,30}\\b(?:1[2-9]|2[0-5])\\d\\b[^.!?]{0,30}\\b(?:fan|conventional|degrees|gas)",
            "oven\\b[^.!?\\d]{0,30}\\b(?:gas|mark) (?:mark )?\\p{Alnum}+");

    @Override
    public Stream<Finding> find(Situation s) {
        // "Put the oven on, 180, that's 160 fan": said in another step.
        int set = s.told().first(SET).map(Told.Said::number).orElse(Integer.MAX_VALUE);
        return s.lesson().steps().stream()
                .filter(x -> x.place() == Place.OVEN && x.heat() == null && x.waiting() != null && s.number(x) < set)
                .map(x -> finding(s, x));
    }

    private Finding finding(Situation s, Step step) {
        var mends = new ArrayList<Mend>();
        s.lesson().steps().stream()
                .filter(x -> x.heat() != null)
                .findFirst()
                .ifPresent(as -> mends.add(mend(
                        "as",
                        Operations.heat(step.id(), as.heat()),
                        s.number(as.id()),
                        as.heat().text())));
        mends.add(mend("bench", Operations.place(step.id(), Place.BENCH)));
        return at(s, step.id(), s.number(step.id())).mending(mends);
    }
}

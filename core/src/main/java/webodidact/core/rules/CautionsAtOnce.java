package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.words.Cautions;

/** Three warnings in one breath: none is kept. */
final class CautionsAtOnce implements Check {
    private static final int MANY = 3;

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .filter(step -> inARow(step.say()) >= MANY)
                .map(step -> at(s, step.id(), inARow(step.say())));
    }

    /** Most cautions that follow each other with nothing between. */
    private static int inARow(String text) {
        int most = 0;
        int run = 0;
        int end = -10;
        for (var caution : Cautions.in(text)) {
            run = caution.start() - end <= 2 ? run + 1 : 1;
            most = Math.max(most, run);
            end = caution.end();
        }
        return most;
    }
}

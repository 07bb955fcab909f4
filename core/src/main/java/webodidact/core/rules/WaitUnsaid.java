package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;

/** A wait of which nobody has said how long it is. */
final class WaitUnsaid implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .filter(step -> step.waiting() != null && step.waiting().unsaid())
                .map(step -> at(
                        s,
                        step.id(),
                        s.lesson().indexOf(step.id()) + 1,
                        step.waiting().what().isBlank()
                                ? CheckTable.words().message("takes")
                                : step.waiting().what()));
    }
}

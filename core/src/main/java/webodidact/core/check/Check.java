package webodidact.core.check;

import java.util.List;
import java.util.stream.Stream;

/** One rule about a lesson: one file, named after the mistake. */
public interface Check {
    /** Stable, kept in files where a stop is covered: "oven-never-heated". */
    String id();

    /** What should be so, one sentence. */
    String summary();

    Severity severity();

    Stream<Finding> find(Situation situation);

    /** A finding of this check beside a step. */
    default Finding at(Situation s, String stepId, String what, String why, Mend... mends) {
        return new Finding(severity(), id(), stepId, s.lesson().indexOf(stepId) + 1, what, why, List.of(mends));
    }
}

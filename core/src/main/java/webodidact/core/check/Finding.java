package webodidact.core.check;

import java.util.Comparator;
import java.util.List;

/**
 * Something wrong with a lesson, as data.
 *
 * @param check the check's id
 * @param where id of the step or food line it is about, or "" for the whole lesson
 * @param step number of the step it is shown beside, from 1; 0 for none
 * @param what what is wrong, one plain sentence
 * @param why why it matters
 */
public record Finding(Severity severity, String check, String where, int step, String what, String why, List<Mend> mends)
        implements Comparable<Finding> {
    private static final Comparator<Finding> ORDER = Comparator.comparing(Finding::severity).thenComparingInt(Finding::step)
            .thenComparing(Finding::check).thenComparing(Finding::where).thenComparing(Finding::what);

    public Finding {
        if (what.isBlank()) throw new IllegalArgumentException(check + ": a finding needs a sentence");
        mends = List.copyOf(mends);
    }

    public boolean isStop() {
        return severity == Severity.STOP;
    }

    /** All that is shown of it: two findings with the same text say and mend the same, though they were found anew. */
    public String text() {
        return severity + "/" + check + "/" + where + "/" + step + "/" + what + "/" + why + "/" + String.join("/", mends.stream().map(Mend::label).toList());
    }

    @Override
    public int compareTo(Finding other) {
        return ORDER.compare(this, other);
    }
}

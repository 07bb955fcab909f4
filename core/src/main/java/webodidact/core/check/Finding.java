package webodidact.core.check;

import java.util.Comparator;
import java.util.List;
import webodidact.core.words.Language;

/**
 * Something wrong with a lesson, as data: two that say the same and mend the same are equal, though they were found anew.
 *
 * @param check the check's id
 * @param form which of the check's sentences says it, "" for its only one
 * @param step number of the step it is shown beside, from 1; 0 for none
 * @param args what its sentences are filled with
 */
public record Finding(String check, String form, About about, int step, List<Object> args, List<Mend> mends)
        implements Comparable<Finding> {
    private static final Comparator<Finding> ORDER = Comparator.comparing(Finding::severity)
            .thenComparingInt(Finding::step)
            .thenComparing(Finding::check)
            .thenComparing(Finding::where)
            .thenComparing(Finding::form)
            .thenComparing(f -> f.args().toString());

    public Finding {
        args = List.copyOf(args);
        mends = List.copyOf(mends);
    }

    /** The same, said by another of the check's sentences. */
    public Finding as(String another) {
        return new Finding(check, another, about, step, args, mends);
    }

    public Finding mending(Mend... by) {
        return mending(List.of(by));
    }

    public Finding mending(List<Mend> by) {
        return new Finding(check, form, about, step, args, by);
    }

    public Severity severity() {
        return CheckTable.of(check).severity();
    }

    public Family family() {
        return CheckTable.of(check).family();
    }

    /** Id of the station where it is mended. */
    public String station() {
        return CheckTable.of(check).station();
    }

    /** Something is begun and not ended. */
    public boolean isOpenEnd() {
        return CheckTable.of(check).openEnd();
    }

    public boolean isStop() {
        return severity() == Severity.STOP;
    }

    /** What it is about, as it is kept where it is covered. */
    public String where() {
        return about.key();
    }

    /** What is wrong, one plain sentence. */
    public String what() {
        return CheckTable.WORDS.in(Language.current(), key("what"), args);
    }

    /** Why it matters. */
    public String why() {
        return CheckTable.WORDS.in(Language.current(), key("why"), args);
    }

    /** Its form's own sentence, or the check's. */
    private String key(String kind) {
        var own = check + "." + form + "." + kind;
        return !form.isEmpty() && CheckTable.WORDS.has(own) ? own : check + "." + kind;
    }

    @Override
    public int compareTo(Finding other) {
        return ORDER.compare(this, other);
    }
}

package webodidact.core.check;

import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import webodidact.core.words.Language;

/**
 * Something wrong with a lesson, as data: two that say the same and mend the same are equal, though they were found anew.
 *
 * @param check the check's id
 * @param form which of the check's sentences says it, "" for its only one
 * @param step number of the step it is shown beside, from 1; 0 for none
 * @param args what its sentences are filled with
 * @param concerns the steps, foods, tools and homes it has to do with
 * @param branch the branch of the lesson that alone has it, "" for what is so on air
 */
public record Finding(
        String check,
        String form,
        About about,
        int step,
        List<Object> args,
        List<Mend> mends,
        Concerns concerns,
        String branch)
        implements Comparable<Finding> {
    private static final Comparator<Finding> ORDER = Comparator.comparing(Finding::severity)
            .thenComparingInt(Finding::step)
            .thenComparing(Finding::check)
            .thenComparing(Finding::where)
            .thenComparing(Finding::form)
            .thenComparing(Finding::branch)
            .thenComparing(f -> f.args().toString());

    public Finding(String check, String form, About about, int step, List<Object> args, List<Mend> mends) {
        this(check, form, about, step, args, mends, Concerns.NOTHING, "");
    }

    public Finding {
        args = List.copyOf(args);
        mends = List.copyOf(mends);
    }

    /** The same, said by another of the check's sentences. */
    public Finding as(String another) {
        return new Finding(check, another, about, step, args, mends, concerns, branch);
    }

    /** The same of a branch that is not shown. */
    public Finding in(String another) {
        return new Finding(check, form, about, step, args, mends, concerns, another);
    }

    public Finding mending(Mend... by) {
        return mending(List.of(by));
    }

    public Finding mending(List<Mend> by) {
        return new Finding(check, form, about, step, args, by, concerns, branch);
    }

    private Finding on(Concerns other) {
        return new Finding(check, form, about, step, args, mends, other, branch);
    }

    /** It has to do with those steps too, by their numbers. */
    public Finding alsoIn(Collection<Integer> steps) {
        return on(new Concerns(Set.copyOf(steps), concerns.foods(), concerns.tools(), concerns.homes()));
    }

    /** @param lines ids of food lines, or of foods that no line has */
    public Finding ofFoods(Collection<String> lines) {
        return on(new Concerns(concerns.steps(), List.copyOf(lines), concerns.tools(), concerns.homes()));
    }

    /** @param tools ids of the tool table */
    public Finding ofTools(Collection<String> tools) {
        return on(new Concerns(concerns.steps(), concerns.foods(), List.copyOf(tools), concerns.homes()));
    }

    /** @param aliases of homes */
    public Finding ofHomes(Collection<String> aliases) {
        return on(new Concerns(concerns.steps(), concerns.foods(), concerns.tools(), List.copyOf(aliases)));
    }

    /** Numbers of all steps it has to do with, from 1; empty where it is about the whole lesson. */
    public SortedSet<Integer> steps() {
        var all = new TreeSet<>(concerns.steps());
        if (step > 0) all.add(step);
        return all;
    }

    /** Food lines it has to do with, or foods that no line has. */
    public List<String> foods() {
        if (!concerns.foods().isEmpty()) return concerns.foods();
        return switch (about) {
            case About.OfFood(var line) -> List.of(line);
            case About.OfFoodInStep(var in, var food) -> List.of(food);
            case About.OfOffer(var line, var food) -> List.of(line);
            default -> List.of();
        };
    }

    /** Another check's finding that shares a step with it, or is about the whole lesson as it is. */
    boolean meets(Finding other) {
        return steps().isEmpty() || !Collections.disjoint(steps(), other.steps());
    }

    /** The same check about the same thing, whatever number its step has now. */
    public boolean isSameMatter(Finding other) {
        return check.equals(other.check) && about.equals(other.about);
    }

    /** What it goes by, "food safety guidance". */
    public String basis() {
        return CheckTable.of(check).basis();
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
        var said = CheckTable.WORDS.in(Language.current(), key("what"), args);
        return branch.isEmpty() ? said : CheckTable.words().say("branch.what", branch, said);
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

package webodidact.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.words.Language;

/**
 * What the checks found.
 *
 * @param open findings that stand, stops first
 * @param covered findings that the instructor has covered with a reason
 */
public record Report(List<Finding> open, List<Finding> covered) {
    /**
     * Each check is worked out apart: one that fails is itself a stop, and the others stand.
     *
     * @param failed what the checks should have gone by and could not be worked out
     */
    public static Report of(List<Check> checks, Situation situation, List<Unworked> failed) {
        var open = new ArrayList<Finding>();
        var covered = new ArrayList<Finding>();
        var language = Language.current();
        // Checks know nothing of each other: they share all cores, and what they found stands in the order of the
        // checks.
        var found = checks.parallelStream()
                .flatMap(check -> language.during(() -> found(check, situation)).stream())
                .collect(Collectors.toCollection(ArrayList::new));
        failed.forEach(f -> found.add(f.finding()));
        // The more telling finding hides what follows from it.
        found.stream()
                .filter(f -> found.stream()
                        .noneMatch(g -> CheckTable.of(f.check()).after().contains(g.check()) && f.meets(g)))
                .forEach(f -> (Covering.of(f, situation.lesson()).isPresent() ? covered : open).add(f));
        open.sort(null);
        covered.sort(null);
        return new Report(List.copyOf(open), List.copyOf(covered));
    }

    /** Without those findings. */
    public Report without(Predicate<Finding> gone) {
        return new Report(
                open.stream().filter(gone.negate()).toList(),
                covered.stream().filter(gone.negate()).toList());
    }

    /** With what another branch has besides. */
    public Report and(Report other, String branch) {
        return new Report(both(open, other.open, branch), both(covered, other.covered, branch));
    }

    private List<Finding> both(List<Finding> these, List<Finding> those, String branch) {
        var all = new ArrayList<>(these);
        those.stream()
                .filter(f -> Stream.of(open, covered).flatMap(List::stream).noneMatch(f::isSameMatter))
                .forEach(f -> all.add(f.in(branch)));
        all.sort(null);
        return List.copyOf(all);
    }

    private static List<Finding> found(Check check, Situation situation) {
        var apart = new Unworked.Apart();
        var found = apart.work(
                CheckTable.WORDS.message("part.check", CheckTable.WORDS.message(check.id() + ".so")),
                () -> check.find(situation).toList(),
                List.<Finding>of());
        return Stream.concat(found.stream(), apart.failed().stream().map(Unworked::finding))
                .toList();
    }

    /** Findings of one check together, in the order in which the first of each comes: a page of forty is six matters. */
    public static List<List<Finding>> grouped(List<Finding> findings) {
        var groups = new LinkedHashMap<String, List<Finding>>();
        for (var f : findings)
            groups.computeIfAbsent(f.check(), k -> new ArrayList<>()).add(f);
        return List.copyOf(groups.values());
    }

    public long stops() {
        return open.stream().filter(Finding::isStop).count();
    }

    public long looks() {
        return open.size() - stops();
    }
}

package webodidact.core.check;

import java.util.ArrayList;
import java.util.List;

/**
 * What the checks found.
 *
 * @param open findings that stand, stops first
 * @param covered stops that the instructor has covered with a reason
 */
public record Report(List<Finding> open, List<Finding> covered) {
    public static Report of(List<Check> checks, Situation situation) {
        var open = new ArrayList<Finding>();
        var covered = new ArrayList<Finding>();
        for (var check : checks) {
            check.find(situation).forEach(f -> (isCovered(situation, f) ? covered : open).add(f));
        }
        open.sort(null);
        covered.sort(null);
        return new Report(List.copyOf(open), List.copyOf(covered));
    }

    private static boolean isCovered(Situation s, Finding f) {
        return s.lesson().accepted().stream().anyMatch(a -> a.check().equals(f.check()) && a.where().equals(f.where()));
    }

    public long stops() {
        return open.stream().filter(Finding::isStop).count();
    }

    public long looks() {
        return open.size() - stops();
    }
}

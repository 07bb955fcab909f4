package webodidact.core.bench;

import java.util.Comparator;
import java.util.List;

/**
 * What has to be done before air, by the clock.
 *
 * @param jobs by their start
 * @param clashes what cannot be kept, in words
 */
public record BenchPlan(List<Job> jobs, List<String> clashes) {
    public BenchPlan {
        jobs = jobs.stream()
                .sorted(Comparator.comparingInt((Job j) -> j.span().start()).thenComparing(Job::title))
                .toList();
        clashes = List.copyOf(clashes);
    }

    /** Seconds before air at which the first job starts, 0 or negative. */
    public int firstStart() {
        return jobs.isEmpty() ? 0 : Math.min(0, jobs.getFirst().span().start());
    }

    /** The jobs somebody or something has to do; keeping is no job. */
    public List<Job> toDo() {
        return jobs.stream().filter(j -> j.type() != Job.Type.HOLD).toList();
    }
}

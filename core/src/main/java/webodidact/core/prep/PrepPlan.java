package webodidact.core.prep;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A plan that keeps all demands.
 *
 * @param jobs by their start
 * @param bound no plan starts later than that second
 * @param proved no later start exists
 */
public record PrepPlan(List<Job> jobs, int bound, boolean proved) {
    /**
     * @param who does it, or "" where nobody has to
     * @param unit number of the oven, from 1; 0 elsewhere
     */
    public record Job(Task task, int start, String who, int unit) {
        public int end() {
            return start + task.takes();
        }
    }

    public PrepPlan {
        jobs = jobs.stream()
                .sorted(Comparator.comparingInt(Job::start)
                        .thenComparing(j -> j.task().id()))
                .toList();
    }

    /** Second at which the first job of the day begins; 0 where there is none. */
    public int start() {
        return jobs.stream()
                .filter(j -> j.task().isOfTheDay())
                .mapToInt(Job::start)
                .min()
                .orElse(0);
    }

    /** No plan begins a minute later: nobody plans a kitchen by the second. */
    public boolean isProvedToTheMinute() {
        return gap() < 60;
    }

    /** Seconds that it may at most be better. */
    public int gap() {
        return Math.max(0, bound - start());
    }

    public Optional<Job> of(String task) {
        return jobs.stream().filter(j -> j.task().id().equals(task)).findFirst();
    }

    /** Seconds of hands of that person on the day, before air. */
    public int handsOf(String name) {
        return jobs.stream()
                .filter(j -> j.who().equals(name) && j.task().isOfTheDay())
                .mapToInt(j -> j.task().takes())
                .sum();
    }
}

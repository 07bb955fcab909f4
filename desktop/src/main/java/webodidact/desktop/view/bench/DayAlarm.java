package webodidact.desktop.view.bench;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import webodidact.core.lesson.Lesson;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.Task;

/** Which jobs have just come due and are not ticked: each is told once, also while another station is looked at. */
final class DayAlarm {
    /** Seconds after its beginning in which a job is still told: who opens the application at noon is not told the morning. */
    private static final int FRESH = 300;

    private final Set<String> told = new HashSet<>();

    /**
     * @param ticked ids of the jobs that are done
     * @param now second, negative before air
     */
    List<Task> due(Lesson lesson, Collection<String> ticked, PrepPlan plan, int now) {
        return plan.jobs().stream()
                .filter(j -> j.task().kind() != Task.Kind.AIR && j.start() <= now && now < j.start() + FRESH)
                .filter(j -> !ticked.contains(j.task().id()))
                .filter(j -> told.add(lesson.id() + " " + j.task().id() + " " + j.start()))
                .map(PrepPlan.Job::task)
                .toList();
    }
}

package webodidact.core.prep;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.lesson.Place;

/** Looks at a plan second by second and pair by pair, knowing nothing of how it was made. */
final class PlanCheck {
    private PlanCheck() {}

    /** What the plan breaks, in words; empty if it keeps everything. */
    static List<String> faults(Prep prep, PrepPlan plan) {
        var faults = new ArrayList<String>();
        var jobs = plan.jobs();
        if (jobs.size() != prep.tasks().size()) faults.add("not every task has its place");
        for (var job : jobs) {
            var task = job.task();
            boolean air = task.kind() == Task.Kind.AIR;
            if (job.end() > task.due()) faults.add(task.id() + " is late");
            if (job.start() < task.earliest() || job.start() < task.safe()) faults.add(task.id() + " is early");
            if (task.isOfTheDay() && job.start() < prep.room().opens())
                faults.add(task.id() + " is before the kitchen opens");
            if (task.at() != null && job.start() != task.at()) faults.add(task.id() + " is not where it is pinned");
            if (task.hands()) hands(prep, job, faults);
            else if (!job.who().isEmpty()) faults.add(task.id() + " needs nobody");
            if (task.place() == Place.OVEN
                    && (job.unit() < 1 || job.unit() > prep.room().ovens())) faults.add(task.id() + " is in no oven");
        }
        for (var link : prep.links()) {
            var before = plan.of(link.before());
            var after = plan.of(link.after());
            if (before.isEmpty() || after.isEmpty()) continue;
            int gap = after.get().start() - before.get().end();
            if (gap < link.least() || link.most() != Link.ANY && gap > link.most())
                faults.add(link + " has a gap of " + gap);
        }
        for (int i = 0; i < jobs.size(); i++)
            for (int j = i + 1; j < jobs.size(); j++) pair(prep, jobs.get(i), jobs.get(j), faults);
        moments(prep, jobs, faults);
        return faults;
    }

    private static void hands(Prep prep, PrepPlan.Job job, List<String> faults) {
        var person = prep.room().people().stream()
                .filter(p -> p.name().equals(job.who()))
                .findFirst();
        if (person.isEmpty()) {
            faults.add(job.task().id() + " is done by nobody");
            return;
        }
        if (job.start() < person.get().from() || job.end() > person.get().to()) faults.add(job.who() + " is not there");
        if (!person.get().skills().containsAll(job.task().skills()))
            faults.add(job.who() + " may not do " + job.task().id());
        if (!job.task().who().isEmpty() && !job.task().who().equals(job.who()))
            faults.add(job.task().id() + " by another");
    }

    private static void pair(Prep prep, PrepPlan.Job a, PrepPlan.Job b, List<String> faults) {
        boolean together = a.start() < b.end() && b.start() < a.end();
        if (together && !a.who().isEmpty() && a.who().equals(b.who())) faults.add(a.who() + " does two things");
        if (a.task().place() == b.task().place() && together) {
            if (a.task().place() == Place.MICROWAVE) faults.add("two in the microwave");
            if (a.task().place() == Place.BLENDER) faults.add("two in the blender");
        }
        boolean raw = a.task().skills().contains(Person.Skill.RAW_MEAT)
                && b.task().skills().contains(Person.Skill.RAW_MEAT);
        if (together && raw) faults.add("two at the board for raw food");
        if (prep.room().sinks() == 1 && a.task().id().compareTo(b.task().id()) != 0)
            for (var one : sink(a))
                for (var two : sink(b))
                    if (one[0] < two[1] && two[0] < one[1])
                        faults.add("two at the sink: " + a.task().id() + ", "
                                + b.task().id());
        if (a.unit() == 0 || a.unit() != b.unit()) return;
        int one = a.task().heat();
        int two = b.task().heat();
        if (one == two || one == 0 || two == 0) return;
        var first = a.start() < b.start() ? a : b;
        var second = first == a ? b : a;
        int needs = second.task().kind() == Task.Kind.HEAT
                ? 0
                : prep.room().change(first.task().heat(), second.task().heat());
        if (second.start() - first.end() < needs) faults.add("oven " + a.unit() + " at " + one + " and " + two);
    }

    /** Seconds from which and until which it needs the sink. */
    private static List<int[]> sink(PrepPlan.Job job) {
        var all = new ArrayList<int[]>();
        if (job.task().rinses() > 0)
            all.add(new int[] {job.start(), job.start() + job.task().rinses()});
        if (job.task().washes() > 0) all.add(new int[] {job.end() - job.task().washes(), job.end()});
        return all;
    }

    private static void moments(Prep prep, List<PrepPlan.Job> jobs, List<String> faults) {
        for (var job : jobs) {
            int at = job.start();
            long rings = jobs.stream()
                    .filter(j -> j.task().place() == Place.RING && j.start() <= at && at < j.end())
                    .count();
            if (rings > prep.room().rings())
                faults.add(rings + " pans on " + prep.room().rings() + " rings");
            long cold = cold(jobs, Place.COLD, at);
            if (prep.room().fridge() > 0 && cold > prep.room().fridge()) faults.add(cold + " in the fridge");
            long frozen = cold(jobs, Place.FREEZER, at);
            if (prep.room().freezer() > 0 && frozen > prep.room().freezer()) faults.add(frozen + " in the freezer");
            for (int u = 1; u <= prep.room().ovens(); u++) {
                int oven = u;
                long trays = jobs.stream()
                        .filter(j -> j.unit() == oven
                                && j.task().kind() != Task.Kind.HEAT
                                && j.start() <= at
                                && at < j.end())
                        .count();
                if (trays > prep.room().shelves()) faults.add(trays + " trays in oven " + oven);
            }
        }
    }

    /** What is shown cold stays there until it is. */
    private static long cold(List<PrepPlan.Job> jobs, Place place, int at) {
        return jobs.stream()
                .filter(j -> j.task().place() == place
                        && j.start() <= at
                        && at
                                < (j.task().earliest() > Task.ANY || j.task().safe() > Task.ANY
                                        ? Math.max(j.task().due(), j.end())
                                        : j.end()))
                .count();
    }
}

package webodidact.core.prep;

import java.util.ArrayList;
import java.util.HashSet;
import webodidact.core.lesson.BenchEdits;

/** The question with what the instructor has decided of its jobs; a decision about a job that is not there waits until it is. */
final class Decided {
    private Decided() {}

    static Prep of(Prep prep, BenchEdits edits) {
        var now = prep;
        for (var job : edits.jobs()) {
            var task = now.task(job.job());
            if (task.isEmpty() || task.get().kind() == Task.Kind.AIR) continue;
            now = job.off() ? now.without(job.job()) : decided(now, task.get(), job);
        }
        for (var key : edits.given()) {
            for (var demand : Demand.of(now))
                if (demand.key().equals(key)) {
                    now = demand.dropped(now);
                    break;
                }
        }
        return now;
    }

    private static Prep decided(Prep prep, Task task, BenchEdits.Job job) {
        boolean there = prep.room().people().stream().anyMatch(p -> p.name().equals(job.who()));
        var now = prep.with(task.id(), t -> {
            var changed = job.at() == null ? t : t.pinned(job.at());
            return there && t.hands() ? changed.by(job.who()) : changed;
        });
        if (job.parts() > 1 && task.hands())
            return split(now, now.task(task.id()).orElseThrow(), job.parts());
        var next = now.task(job.joined()).filter(t -> t.hands() && t.kind() != Task.Kind.AIR);
        return next.isPresent() && task.hands() ? joined(now, task.id(), next.get()) : now;
    }

    /** By several, or with something else in between; the first part keeps the job's name, so that what was decided of it stays. */
    private static Prep split(Prep prep, Task task, int parts) {
        var tasks = new ArrayList<Task>();
        var links = new ArrayList<>(prep.links());
        int left = task.takes();
        for (var each : prep.tasks()) {
            if (!each.id().equals(task.id())) {
                tasks.add(each);
                continue;
            }
            for (int part = 1; part <= parts; part++) {
                int takes = Math.ceilDiv(left, parts - part + 1);
                left -= takes;
                var id = part == 1 ? task.id() : task.id() + "#" + part;
                var named = task.part(
                        id, Words.OURS.say("part", task.what(), part, parts), takes, part == 1, part == parts);
                // A pin or a name is the first part's: the others are free.
                tasks.add(part == 1 ? named : named.pinned(null).by(""));
                if (part == 1) continue;
                for (var link : prep.links()) {
                    if (link.before().equals(task.id()))
                        links.add(new Link(id, link.after(), link.least(), link.most()));
                    if (link.after().equals(task.id()))
                        links.add(new Link(link.before(), id, link.least(), link.most()));
                }
            }
        }
        return new Prep(tasks, links, prep.room());
    }

    /** Left as they are where something else has to come between the two. */
    private static Prep joined(Prep prep, String first, Task next) {
        var task = prep.task(first).orElseThrow();
        if (leads(prep, next.id(), first) || leadsBetween(prep, first, next.id())) return prep;
        var links = new ArrayList<Link>();
        for (var link : prep.links()) {
            var before = link.before().equals(next.id()) ? first : link.before();
            var after = link.after().equals(next.id()) ? first : link.after();
            if (!before.equals(after)) links.add(new Link(before, after, link.least(), link.most()));
        }
        var tasks = prep.tasks().stream()
                .filter(t -> !t.id().equals(next.id()))
                .map(t -> t.id().equals(first) ? task.joined(next) : t)
                .toList();
        return new Prep(tasks, links, prep.room());
    }

    /** Whether the one comes before the other, directly or by what is between. */
    private static boolean leads(Prep prep, String from, String to) {
        var reached = new HashSet<String>();
        var open = new ArrayList<String>();
        open.add(from);
        while (!open.isEmpty()) {
            var at = open.removeLast();
            for (var link : prep.links())
                if (link.before().equals(at) && reached.add(link.after())) open.add(link.after());
        }
        return reached.contains(to);
    }

    private static boolean leadsBetween(Prep prep, String first, String next) {
        return prep.links().stream()
                .filter(l -> l.before().equals(first))
                .anyMatch(l -> l.after().equals(next) ? l.least() > 0 : leads(prep, l.after(), next));
    }
}

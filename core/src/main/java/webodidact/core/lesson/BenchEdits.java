package webodidact.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import webodidact.core.time.Seconds;
import webodidact.core.words.Plain;

/**
 * What the instructor has decided about the plan before air, by the ids of its jobs: it stays when the lesson changes, and waits where a
 * job is not there for the time being.
 *
 * @param given keys of demands that the plan need not keep
 */
public record BenchEdits(List<Job> jobs, List<Own> own, List<String> given) {
    public static final BenchEdits NONE = new BenchEdits(null, null, null);

    /**
     * @param at second at which it begins, negative before air; null leaves that to the plan
     * @param who does it, or ""
     * @param off it is not done at all
     * @param done second at which it was done on the day; null while it is not
     * @param parts in how many it is done, 0 to 6; 0 and 1 are the whole
     * @param joined id of the job that is done with it in one go, or ""
     */
    public record Job(String job, Integer at, String who, boolean off, Integer done, int parts, String joined) {
        /** Of whom nothing has been decided. */
        static Job open(String job) {
            return new Job(job, null, "", false, null, 0, "");
        }

        public Job {
            job = Plain.line(job);
            if (job.isEmpty()) throw new IllegalArgumentException(Words.OURS.say("wrong.bench"));
            who = Plain.line(who);
            joined = Plain.line(joined);
            if (parts < 0 || parts > 6 || joined.equals(job))
                throw new IllegalArgumentException(Words.OURS.say("wrong.bench.2", job));
            if (at != null) Seconds.checked(Math.absExact(at), Words.OURS.message("what.bench", job));
            if (done != null) Seconds.checked(Math.absExact(done), Words.OURS.message("what.bench", job));
        }

        boolean isNothing() {
            return at == null && who.isEmpty() && !off && done == null && parts < 2 && joined.isEmpty();
        }
    }

    /**
     * A job that no step asks for.
     *
     * @param takes seconds of hands, more than 0
     * @param before seconds before air by which it is done
     */
    public record Own(String id, String what, int takes, int before) {
        public Own {
            Ids.checked(id, Words.OURS.message("what.own"));
            what = Plain.line(what);
            if (what.isEmpty() || takes <= 0) throw new IllegalArgumentException(Words.OURS.say("wrong.own", id));
            Seconds.checked(takes, Words.OURS.message("what.own"));
            Seconds.checked(before, Words.OURS.message("what.own"));
        }
    }

    public BenchEdits {
        jobs = jobs == null
                ? List.of()
                : jobs.stream().filter(j -> !j.isNothing()).toList();
        own = own == null ? List.of() : List.copyOf(own);
        given = given == null
                ? List.of()
                : given.stream()
                        .map(Plain::line)
                        .filter(g -> !g.isEmpty())
                        .distinct()
                        .toList();
    }

    public boolean isEmpty() {
        return jobs.isEmpty() && own.isEmpty() && given.isEmpty();
    }

    public Optional<Job> of(String job) {
        return jobs.stream().filter(j -> j.job().equals(job)).findFirst();
    }

    private BenchEdits changing(String job, UnaryOperator<Job> change) {
        var all = new ArrayList<Job>();
        boolean known = false;
        for (var each : jobs) {
            known |= each.job().equals(job);
            all.add(each.job().equals(job) ? change.apply(each) : each);
        }
        if (!known) all.add(change.apply(Job.open(job)));
        return new BenchEdits(all, own, given);
    }

    /** @param second null takes the pin off */
    public BenchEdits pinning(String job, Integer second) {
        return changing(job, j -> new Job(job, second, j.who(), j.off(), j.done(), j.parts(), j.joined()));
    }

    /** @param person "" leaves it to the plan */
    public BenchEdits giving(String job, String person) {
        return changing(job, j -> new Job(job, j.at(), person, j.off(), j.done(), j.parts(), j.joined()));
    }

    public BenchEdits leavingOut(String job, boolean off) {
        return changing(job, j -> new Job(job, j.at(), j.who(), off, j.done(), j.parts(), j.joined()));
    }

    /** @param parts in how many it is done; 1 makes it one job again */
    public BenchEdits splitting(String job, int parts) {
        return changing(job, j -> new Job(job, j.at(), j.who(), j.off(), j.done(), parts < 2 ? 0 : parts, ""));
    }

    /** @param next id of the job that is done with it in one go; "" parts them again */
    public BenchEdits joining(String job, String next) {
        return changing(job, j -> new Job(job, j.at(), j.who(), j.off(), j.done(), 0, next));
    }

    /** @param second null takes the tick off */
    public BenchEdits ticking(String job, Integer second) {
        return changing(job, j -> new Job(job, j.at(), j.who(), j.off(), second, j.parts(), j.joined()));
    }

    /** Another day: nothing is done yet. */
    public BenchEdits unticked() {
        return new BenchEdits(
                jobs.stream()
                        .map(j -> new Job(j.job(), j.at(), j.who(), j.off(), null, j.parts(), j.joined()))
                        .toList(),
                own,
                given);
    }

    public BenchEdits adding(String what, int takes, int before) {
        var all = new ArrayList<>(own);
        all.add(new Own(Ids.next("j", own.stream().map(Own::id).toList()), what, takes, before));
        return new BenchEdits(jobs, all, given);
    }

    public BenchEdits removing(String ownId) {
        return new BenchEdits(
                jobs, own.stream().filter(o -> !o.id().equals(ownId)).toList(), given);
    }

    public BenchEdits givingUp(String demand) {
        var all = new ArrayList<>(given);
        all.add(demand);
        return new BenchEdits(jobs, own, all);
    }

    public BenchEdits keeping(String demand) {
        return new BenchEdits(
                jobs, own, given.stream().filter(g -> !g.equals(demand)).toList());
    }
}

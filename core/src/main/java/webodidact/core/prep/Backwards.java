package webodidact.core.prep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import webodidact.core.lesson.Place;

/**
 * Works back from air: the last thing first, each as late as it may be. In which order, whoever asks decides; one order gives one plan, or
 * none where it gets stuck. Thousands of orders are tried a second, so all is kept in arrays by the number of the task.
 */
final class Backwards {
    /** No second: a task that has no place yet, a place that there is not. */
    static final int NONE = Integer.MIN_VALUE;

    private final Prep prep;
    private final Task[] tasks;
    private final int n;
    private final Person[] people;
    /** By task: the people who may do it, those with fewest skills first: whoever can do everything is kept free. */
    private final int[][] able;

    /** By task: numbers of the tasks after it, with the least and the most between; and the same of those before. */
    private final int[][] next;

    private final Link[][] nextBy;
    private final int[][] prior;
    private final Link[][] priorBy;
    private final boolean[] hangs;
    private final int[] start;
    private final int[] who;
    private final int[] unit;

    /** By person, by oven: tasks placed so far. */
    private final Bag[] work;

    private final Bag[] ovens;
    private final Bag placed;
    /** Position of each task in the order that is tried; the eligible one with the smallest is placed next. */
    private int[] order;

    /** Numbers of tasks, in no order. */
    private static final class Bag {
        private final int[] all;
        private int size;

        Bag(int most) {
            all = new int[most];
        }

        void add(int i) {
            all[size++] = i;
        }

        void remove(int i) {
            for (int at = 0; at < size; at++)
                if (all[at] == i) {
                    all[at] = all[--size];
                    return;
                }
        }
    }

    Backwards(Prep prep) {
        this.prep = prep;
        tasks = prep.tasks().toArray(Task[]::new);
        n = tasks.length;
        people = prep.room().people().toArray(Person[]::new);
        able = new int[n][];
        hangs = new boolean[n];
        Map<String, Integer> number = new HashMap<>();
        for (int i = 0; i < n; i++) number.put(tasks[i].id(), i);
        for (int i = 0; i < n; i++) able[i] = able(tasks[i]);
        next = new int[n][];
        nextBy = new Link[n][];
        prior = new int[n][];
        priorBy = new Link[n][];
        var links = prep.links().stream()
                .filter(l -> number.containsKey(l.before()) && number.containsKey(l.after()))
                .toList();
        for (int i = 0; i < n; i++) {
            var id = tasks[i].id();
            nextBy[i] = links.stream().filter(l -> l.before().equals(id)).toArray(Link[]::new);
            next[i] = Arrays.stream(nextBy[i])
                    .mapToInt(l -> number.get(l.after()))
                    .toArray();
            priorBy[i] = links.stream().filter(l -> l.after().equals(id)).toArray(Link[]::new);
            prior[i] = Arrays.stream(priorBy[i])
                    .mapToInt(l -> number.get(l.before()))
                    .toArray();
            for (var link : nextBy[i]) hangs[i] |= link.most() != Link.ANY;
            for (var link : priorBy[i]) hangs[i] |= link.most() != Link.ANY;
        }
        start = new int[n];
        who = new int[n];
        unit = new int[n];
        work = bags(people.length);
        ovens = bags(prep.room().ovens());
        placed = new Bag(n);
    }

    private Bag[] bags(int count) {
        var all = new Bag[count];
        for (int i = 0; i < count; i++) all[i] = new Bag(n);
        return all;
    }

    private int[] able(Task task) {
        if (!task.hands()) return new int[0];
        return IntStream.range(0, people.length)
                .filter(p -> people[p].can(task))
                .boxed()
                .sorted(Comparator.comparingInt(
                                (Integer p) -> people[p].skills().size())
                        .thenComparing(p -> people[p].from() <= Task.ANY))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    int size() {
        return n;
    }

    /** What is pinned first, then what stands somewhere or hangs on something, then what can go anywhere; the latest of each first. */
    int[] usualOrder() {
        var by = IntStream.range(0, n)
                .boxed()
                .sorted(Comparator.comparing((Integer i) -> tasks[i].at() == null)
                        .thenComparing(i -> tasks[i].place() == null)
                        .thenComparing(i -> !hangs[i])
                        .thenComparing(i -> -tasks[i].due())
                        .thenComparing(i -> tasks[i].id()))
                .toList();
        var positions = new int[n];
        for (int at = 0; at < n; at++) positions[by.get(at)] = at;
        return positions;
    }

    /** Places everything in that order. @return whether all have found a place */
    boolean run(int[] positions) {
        order = positions;
        Arrays.fill(start, NONE);
        Arrays.fill(who, -1);
        Arrays.fill(unit, 0);
        for (var each : work) each.size = 0;
        for (var each : ovens) each.size = 0;
        placed.size = 0;
        for (int i = 0; i < n; i++)
            if (tasks[i].kind() == Task.Kind.AIR && put(i, tasks[i].at()) != tasks[i].at()) return false;
        while (placed.size < n) {
            int best = -1;
            for (int i = 0; i < n; i++)
                if (start[i] == NONE && isFree(i) && (best < 0 || order[i] < order[best])) best = i;
            if (best < 0 || !place(best)) return false;
        }
        int opens = prep.room().opens();
        for (int i = 0; i < n; i++) if (tasks[i].isOfTheDay() && start[i] < opens) return false;
        return true;
    }

    /** Second of the first job of the day in the plan that was worked out last. */
    int begin() {
        int begin = 0;
        for (int i = 0; i < n; i++) if (tasks[i].isOfTheDay()) begin = Math.min(begin, start[i]);
        return begin;
    }

    /** What a plan that begins no earlier is chosen by: little kept waiting, few hands of helpers, everything late; less is better. */
    long cost() {
        long cost = 0;
        for (int i = 0; i < n; i++) {
            var kind = tasks[i].kind();
            if (kind == Task.Kind.COPY_WAIT) cost -= 20L * (start[i] + tasks[i].takes());
            else if (kind != Task.Kind.AIR) cost -= start[i];
            if (who[i] > 0) cost += 5L * tasks[i].takes();
        }
        return cost;
    }

    /** @param bound second later than which nothing can begin */
    PrepPlan plan(int bound) {
        var jobs = new ArrayList<PrepPlan.Job>();
        for (int i = 0; i < n; i++)
            jobs.add(new PrepPlan.Job(tasks[i], start[i], who[i] < 0 ? "" : people[who[i]].name(), unit[i]));
        return new PrepPlan(jobs, bound, begin() >= bound);
    }

    /** All that comes after it has its place. */
    private boolean isFree(int i) {
        for (int after : next[i]) if (start[after] == NONE) return false;
        return true;
    }

    /** As late as it may be, together with what has to come shortly before it: neither has a place without the other. */
    private boolean place(int i) {
        int high = tasks[i].due();
        int low = tasks[i].from();
        for (int k = 0; k < next[i].length; k++) {
            var link = nextBy[i][k];
            int after = start[next[i][k]];
            high = Math.min(high, after - link.least());
            if (link.most() != Link.ANY) low = Math.max(low, after - link.most() - tasks[i].takes());
        }
        high -= tasks[i].takes();
        if (tasks[i].at() != null) {
            int at = tasks[i].at();
            return at >= low && at <= high && put(i, at) == at && together(i);
        }
        for (int at = high; at >= low && at != NONE; ) {
            int found = put(i, at);
            if (found != at) {
                at = found;
                continue;
            }
            if (together(i)) return true;
            take(i);
            at = before(i, at);
        }
        return false;
    }

    private boolean together(int i) {
        for (int k = 0; k < prior[i].length; k++) {
            int before = prior[i][k];
            if (priorBy[i][k].most() == Link.ANY || start[before] != NONE || !isFree(before)) continue;
            if (place(before)) continue;
            for (int undo = 0; undo < k; undo++)
                if (priorBy[i][undo].most() != Link.ANY && start[prior[i][undo]] != NONE) takeAll(prior[i][undo]);
            return false;
        }
        return true;
    }

    /** With what was placed because of it. */
    private void takeAll(int i) {
        for (int k = 0; k < prior[i].length; k++)
            if (priorBy[i][k].most() != Link.ANY && start[prior[i][k]] != NONE) takeAll(prior[i][k]);
        take(i);
    }

    /** The next earlier second at which something that stands in the way of what has to come before it is over. */
    private int before(int i, int at) {
        int best = NONE;
        for (int x = 0; x < placed.size; x++) {
            int j = placed.all[x];
            if (j == i) continue;
            best = earlier(best, start[j] - tasks[i].takes(), at);
            for (var link : priorBy[i]) {
                best = earlier(best, start[j] + link.least(), at);
                if (link.most() != Link.ANY) best = earlier(best, start[j] + link.most(), at);
            }
        }
        return best;
    }

    private static int earlier(int best, int second, int at) {
        return second < at && second > best ? second : best;
    }

    private void take(int i) {
        if (start[i] == NONE) return;
        start[i] = NONE;
        if (who[i] >= 0) work[who[i]].remove(i);
        if (unit[i] > 0) ovens[unit[i] - 1].remove(i);
        who[i] = -1;
        unit[i] = 0;
        placed.remove(i);
    }

    /** Puts it there if it may be; else the next earlier second at which it might, {@link #NONE} if it never may. */
    private int put(int i, int at) {
        var task = tasks[i];
        int blocked = NONE;
        int person = -1;
        if (task.hands()) {
            for (int p : able[i]) {
                int free = free(work[p], i, at, people[p]);
                if (free == at) {
                    person = p;
                    break;
                }
                blocked = Math.max(blocked, free);
            }
            if (person < 0) return blocked;
        }
        if (task.isRaw()) {
            for (int x = 0; x < placed.size; x++) {
                int j = placed.all[x];
                if (tasks[j].isRaw() && overlaps(j, i, at)) return start[j] - task.takes();
            }
        }
        if (task.isAtSink() && prep.room().sinks() == 1) {
            for (int x = 0; x < placed.size; x++) {
                int j = placed.all[x];
                if (tasks[j].meetsAtSink(start[j], task, at)) return awayFromSink(i, at);
            }
        }
        int oven = 0;
        if (task.place() == Place.OVEN) {
            blocked = NONE;
            for (int u = 0; u < ovens.length && oven == 0; u++) {
                int free = fits(ovens[u], i, at);
                if (free == at) oven = u + 1;
                blocked = Math.max(blocked, free);
            }
            if (oven == 0) return blocked;
        } else if (task.place() != null && task.place() != Place.BENCH) {
            int free = beside(i, at);
            if (free != at) return free;
        }
        start[i] = at;
        who[i] = person;
        unit[i] = oven;
        placed.add(i);
        if (person >= 0) work[person].add(i);
        if (oven > 0) ovens[oven - 1].add(i);
        return at;
    }

    /** The next earlier second at which one of its two visits to the sink would be over when another begins. */
    private int awayFromSink(int i, int at) {
        var task = tasks[i];
        int earlier = NONE;
        for (int x = 0; x < placed.size; x++) {
            int j = placed.all[x];
            if (!tasks[j].isAtSink()) continue;
            int[] begins = {start[j], start[j] + tasks[j].takes() - tasks[j].washes()};
            for (int begin : begins) {
                earlier = earlier(earlier, begin - task.rinses(), at);
                earlier = earlier(earlier, begin - task.takes(), at);
            }
        }
        return earlier;
    }

    private boolean overlaps(int j, int i, int at) {
        return start[j] < at + tasks[i].takes() && at < start[j] + tasks[j].takes();
    }

    /** That second, or the next earlier one at which that person might be free; {@link #NONE} if never. */
    private int free(Bag busy, int i, int at, Person person) {
        int takes = tasks[i].takes();
        if (at + takes > person.to()) return person.to() - takes;
        if (at < person.from()) return NONE;
        int free = at;
        for (int x = 0; x < busy.size; x++) {
            int j = busy.all[x];
            if (overlaps(j, i, at)) free = Math.min(free, start[j] - takes);
        }
        return free;
    }

    private int gap(Task before, Task after) {
        boolean same = before.heat() == after.heat() || before.heat() == 0 || after.heat() == 0;
        return same || after.kind() == Task.Kind.HEAT ? 0 : prep.room().change(before.heat(), after.heat());
    }

    private int fits(Bag others, int i, int at) {
        var task = tasks[i];
        for (int x = 0; x < others.size; x++) {
            int j = others.all[x];
            var it = tasks[j];
            if (it.heat() == task.heat() || it.heat() == 0 || task.heat() == 0) continue;
            int early = start[j] - gap(task, it) - task.takes();
            if (at > early && start[j] + it.takes() + gap(it, task) > at) return early;
        }
        if (task.kind() == Task.Kind.HEAT) return at;
        return room(others, i, at, Math.max(1, prep.room().shelves()), true);
    }

    private int beside(int i, int at) {
        var place = tasks[i].place();
        int most = prep.room().holds(place);
        return most == Room.MANY ? at : room(placed, i, at, most, false);
    }

    /** That second if fewer than the most are there at every moment of it; else the next earlier one. */
    private int room(Bag others, int i, int at, int most, boolean inOven) {
        if (most == 0) return NONE;
        int until = tasks[i].until(at);
        int earlier = NONE;
        int peak = 0;
        for (int x = 0; x < others.size; x++) {
            int j = others.all[x];
            if (!isThere(j, i, inOven) || start[j] >= until || tasks[j].until(start[j]) <= at) continue;
            earlier = Math.max(earlier, start[j] - tasks[i].takes() < at ? start[j] - tasks[i].takes() : NONE);
            int moment = Math.max(at, start[j]);
            int there = 0;
            for (int y = 0; y < others.size; y++) {
                int k = others.all[y];
                if (isThere(k, i, inOven) && start[k] <= moment && moment < tasks[k].until(start[k])) there++;
            }
            peak = Math.max(peak, there);
        }
        return peak < most ? at : earlier;
    }

    private boolean isThere(int j, int i, boolean inOven) {
        return inOven ? tasks[j].kind() != Task.Kind.HEAT : tasks[j].place() == tasks[i].place();
    }

    /** An answer at once, without a search. */
    static Optional<PrepPlan> once(Prep prep) {
        var work = new Backwards(prep);
        return work.run(work.usualOrder()) ? Optional.of(work.plan(0)) : Optional.empty();
    }
}

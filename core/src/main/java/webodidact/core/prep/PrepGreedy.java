package webodidact.core.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import webodidact.core.lesson.Place;

/** Works back from air, the last thing first, each as late as it may be: an answer at once, without a proof; none where it gets stuck. */
public final class PrepGreedy implements PrepSolver {
    @Override
    public Answer solve(Prep prep, double effort, BooleanSupplier stopped) {
        return new Answer(new Work(prep).plan(), false);
    }

    private static final class Work {
        private final Prep prep;
        private final Map<String, PrepPlan.Job> placed = new HashMap<>();

        Work(Prep prep) {
            this.prep = prep;
        }

        Optional<PrepPlan> plan() {
            var left = new ArrayList<Task>();
            for (var task : prep.tasks()) {
                if (task.kind() != Task.Kind.AIR) left.add(task);
                else if (!put(task, task.at())) return Optional.empty();
            }
            while (!left.isEmpty()) {
                var next = left.stream()
                        .filter(t -> prep.links().stream()
                                .noneMatch(l -> l.before().equals(t.id())
                                        && left.stream().anyMatch(o -> o.id().equals(l.after()))))
                        // What is pinned, then what stands somewhere or hangs on it, then what can go anywhere.
                        .max(Comparator.comparing((Task t) -> t.at() != null)
                                .thenComparing(t -> t.place() != null)
                                .thenComparing(this::hangs)
                                .thenComparingInt(this::latest)
                                .thenComparing(Task::id, Comparator.reverseOrder()));
                if (next.isEmpty() || !place(next.get())) return Optional.empty();
                left.removeIf(t -> placed.containsKey(t.id()));
            }
            int opens = prep.room().opens();
            if (placed.values().stream().anyMatch(j -> j.task().isOfTheDay() && j.start() < opens))
                return Optional.empty();
            return Optional.of(new PrepPlan(List.copyOf(placed.values()), 0, false));
        }

        private boolean hangs(Task task) {
            return prep.links().stream()
                    .anyMatch(l -> l.most() != Link.ANY
                            && (l.before().equals(task.id()) || l.after().equals(task.id())));
        }

        /** Second at which it may end at the latest, by its due time and by what comes after it. */
        private int latest(Task task) {
            int end = task.due();
            for (var link : prep.links())
                if (link.before().equals(task.id()) && placed.containsKey(link.after()))
                    end = Math.min(end, placed.get(link.after()).start() - link.least());
            return end;
        }

        /** As late as it may be, together with what has to come shortly before it: neither has a place without the other. */
        private boolean place(Task task) {
            int high = latest(task) - task.takes();
            int low = task.earliest();
            for (var link : prep.links())
                if (link.before().equals(task.id()) && link.most() != Link.ANY && placed.containsKey(link.after()))
                    low = (int) Math.max(low, (long) placed.get(link.after()).start() - link.most() - task.takes());
            if (task.at() != null) return task.at() >= low && task.at() <= high && together(task, task.at());
            for (int at : tries(task, high)) if (at <= high && at >= low && together(task, at)) return true;
            return false;
        }

        /** It only ever gets free where something else begins or ends, or an oven has had its time. */
        private TreeSet<Integer> tries(Task task, int high) {
            var tries = new TreeSet<Integer>(Comparator.reverseOrder());
            tries.add(high);
            for (var job : placed.values()) {
                tries.add(job.start() - task.takes());
                if (!task.hands()) tries.add(job.start());
                if (task.place() == Place.OVEN && job.task().place() == Place.OVEN)
                    tries.add(job.start() - task.takes() - gap(task, job.task()));
            }
            for (var person : prep.room().people()) tries.add(person.to() - task.takes());
            return tries;
        }

        private boolean together(Task task, int at) {
            if (!put(task, at)) return false;
            for (var link : prep.links()) {
                if (!link.after().equals(task.id()) || link.most() == Link.ANY || placed.containsKey(link.before()))
                    continue;
                var before = prep.task(link.before());
                if (before.isEmpty() || !isFree(before.get())) continue;
                if (!place(before.get())) {
                    placed.remove(task.id());
                    return false;
                }
            }
            return true;
        }

        /** All that comes after it has its place. */
        private boolean isFree(Task task) {
            return prep.links().stream()
                    .allMatch(l -> !l.before().equals(task.id())
                            || placed.containsKey(l.after())
                            || prep.task(l.after()).isEmpty());
        }

        private int gap(Task before, Task after) {
            boolean same = before.heat() == after.heat() || before.heat() == 0 || after.heat() == 0;
            return same || after.kind() == Task.Kind.HEAT ? 0 : prep.room().change(before.heat(), after.heat());
        }

        private boolean put(Task task, int at) {
            var who = "";
            if (task.hands()) {
                var free = prep.room().people().stream()
                        .filter(p -> p.can(task) && at >= p.from() && at + task.takes() <= p.to())
                        .filter(p -> placed.values().stream()
                                .noneMatch(j -> j.who().equals(p.name()) && overlaps(j, task, at)))
                        .findFirst();
                if (free.isEmpty()) return false;
                who = free.get().name();
            }
            int unit = 0;
            if (task.place() == Place.OVEN) {
                for (int u = 1; u <= prep.room().ovens() && unit == 0; u++) if (fits(task, at, u)) unit = u;
                if (unit == 0) return false;
            }
            if (task.place() == Place.RING
                    && most(task, at, Place.RING) >= prep.room().rings()) return false;
            if (task.place() == Place.MICROWAVE && (!prep.room().microwave() || most(task, at, Place.MICROWAVE) > 0))
                return false;
            if (task.place() == Place.BLENDER && (!prep.room().blender() || most(task, at, Place.BLENDER) > 0))
                return false;
            if (task.isRaw() && placed.values().stream().anyMatch(j -> j.task().isRaw() && overlaps(j, task, at)))
                return false;
            if (task.place() == Place.COLD && prep.room().fridge() > 0 && isFull(task, at)) return false;
            placed.put(task.id(), new PrepPlan.Job(task, at, who, unit));
            return true;
        }

        private static boolean overlaps(PrepPlan.Job job, Task task, int at) {
            return job.start() < at + task.takes() && at < job.end();
        }

        private boolean fits(Task task, int at, int oven) {
            var others = placed.values().stream().filter(j -> j.unit() == oven).toList();
            for (var job : others) {
                var it = job.task();
                boolean other = it.heat() != task.heat() && it.heat() != 0 && task.heat() != 0;
                if (!other) continue;
                boolean before = at + task.takes() + gap(task, it) <= job.start();
                boolean after = job.end() + gap(it, task) <= at;
                if (!before && !after) return false;
            }
            if (task.kind() == Task.Kind.HEAT) return true;
            var beside = others.stream()
                    .filter(j -> j.task().kind() != Task.Kind.HEAT && overlaps(j, task, at))
                    .toList();
            return peak(beside, task, at) < Math.max(1, prep.room().shelves());
        }

        private boolean isFull(Task task, int at) {
            int until = task.until(at);
            var beside = placed.values().stream()
                    .filter(j -> j.task().place() == Place.COLD
                            && j.start() < until
                            && at < j.task().until(j.start()))
                    .toList();
            for (var job : beside) {
                int moment = Math.max(at, job.start());
                long there = beside.stream()
                        .filter(j -> j.start() <= moment && moment < j.task().until(j.start()))
                        .count();
                if (there >= prep.room().fridge()) return true;
            }
            return false;
        }

        private int most(Task task, int at, Place place) {
            return peak(
                    placed.values().stream()
                            .filter(j -> j.task().place() == place && overlaps(j, task, at))
                            .toList(),
                    task,
                    at);
        }

        /** Most of them at one moment of the task. */
        private static int peak(List<PrepPlan.Job> beside, Task task, int at) {
            int peak = 0;
            for (var job : beside) {
                int moment = Math.max(at, job.start());
                peak = Math.max(peak, (int) beside.stream()
                        .filter(j -> j.start() <= moment && moment < j.end())
                        .count());
            }
            return peak;
        }
    }
}

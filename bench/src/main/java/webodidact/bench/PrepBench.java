package webodidact.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import webodidact.core.lesson.Place;
import webodidact.core.prep.Link;
import webodidact.core.prep.Person;
import webodidact.core.prep.Prep;
import webodidact.core.prep.PrepGreedy;
import webodidact.core.prep.PrepModel;
import webodidact.core.prep.PrepSolver;
import webodidact.core.prep.Room;
import webodidact.core.prep.Task;

/** Plans before air of 40, 80 and 150 jobs: the first answer, ours, and the solver's bare model of the same question. */
public final class PrepBench {
    private static final int RUNS = 9;

    private PrepBench() {}

    public static void main(String[] args) {
        new PrepModel().solve(made(1, 10), 0.5, () -> false);
        for (int size : new int[] {40, 80, 150}) row(size);
    }

    /** What one of them did with all days of a size. */
    private static final class Tally {
        private final List<Double> millis = new ArrayList<>();
        private final List<Double> gaps = new ArrayList<>();
        private int planned;
        private int proved;

        void add(PrepSolver solver, Prep prep, double effort) {
            long start = System.nanoTime();
            var plan = solver.solve(prep, effort, () -> false).plan();
            millis.add((System.nanoTime() - start) / 1e6);
            if (plan.isEmpty()) return;
            planned++;
            if (plan.get().isProvedToTheMinute()) proved++;
            gaps.add(plan.get().gap() / 60.0);
        }

        double gap() {
            return gaps.isEmpty() ? Double.NaN : middle(gaps);
        }
    }

    private static void row(int size) {
        double effort = Double.parseDouble(System.getProperty("effort", "0.3"));
        var quick = new Tally();
        var full = new Tally();
        var bare = new Tally();
        for (int seed = 0; seed < RUNS; seed++) {
            var prep = made(seed, size);
            quick.add(new PrepGreedy(), prep, 0);
            full.add(new PrepModel(), prep, effort);
            bare.add(PrepModel.bare(), prep, effort);
        }
        System.out.printf(
                "%d jobs: first answer %.0f ms (%d of %d)%n"
                        + "    ours: %.0f ms, a plan in %d, proved to the minute in %d, in the middle at most %.1f min from the best%n"
                        + "    bare model: %.0f ms, ratio %.1f, a plan in %d, proved to the minute in %d, in the middle at most %.1f min from the best%n",
                size,
                middle(quick.millis),
                quick.planned,
                RUNS,
                middle(full.millis),
                full.planned,
                full.proved,
                full.gap(),
                middle(bare.millis),
                middle(bare.millis) / Math.max(0.1, middle(full.millis)),
                bare.planned,
                bare.proved,
                bare.gap());
    }

    private static double middle(List<Double> all) {
        return all.stream().sorted().toList().get(all.size() / 2);
    }

    /** A day with copies in ovens at two temperatures, pans, food to set out, two people, one of them not for raw meat. */
    private static Prep made(int seed, int size) {
        var random = new Random(seed);
        var all = EnumSet.allOf(Person.Skill.class);
        var room = new Room(
                List.of(
                        new Person("you", all, Task.ANY, 0),
                        new Person("helper", EnumSet.of(Person.Skill.BLADES), Task.ANY, 0)),
                2,
                2,
                4,
                true,
                true,
                840,
                Task.ANY);
        var tasks = new ArrayList<Task>();
        var links = new ArrayList<Link>();
        for (int i = 0; tasks.size() < size; i++) {
            var id = "j" + i;
            int takes = 60 + random.nextInt(480);
            switch (random.nextInt(5)) {
                case 0 -> {
                    tasks.add(Task.hands(id, Task.Kind.COPY_HANDS, id, "", takes));
                    int heat = random.nextBoolean() ? 180 : 200;
                    tasks.add(Task.waits(
                                    id + "w", Task.Kind.COPY_WAIT, id, "", 600 + random.nextInt(1200), Place.OVEN, heat)
                            .dueBy(-random.nextInt(1800)));
                    links.add(new Link(id, id + "w", 0, 600));
                }
                case 1 -> {
                    tasks.add(Task.hands(id, Task.Kind.COPY_HANDS, id, "", takes));
                    tasks.add(
                            Task.waits(id + "w", Task.Kind.COPY_WAIT, id, "", 300 + random.nextInt(900), Place.RING, 0)
                                    .dueBy(0));
                    links.add(new Link(id, id + "w", 0, 120));
                }
                case 2 -> tasks.add(Task.hands(id, Task.Kind.SET_OUT, id, "", takes, Person.Skill.RAW_MEAT));
                default -> tasks.add(Task.hands(id, Task.Kind.SET_OUT, id, "", takes));
            }
        }
        return new Prep(tasks, links, room);
    }
}

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
import webodidact.core.prep.Room;
import webodidact.core.prep.Task;

/** Plans before air of 40, 80 and 150 jobs: the first answer, the proved one, and how far what is not proved may be from the best. */
public final class PrepBench {
    private static final int RUNS = 9;

    private PrepBench() {}

    public static void main(String[] args) {
        new PrepModel().solve(made(1, 10), 0.5, () -> false);
        for (int size : new int[] {40, 80, 150}) row(size);
    }

    private static void row(int size) {
        var quick = new ArrayList<Double>();
        var full = new ArrayList<Double>();
        var gaps = new ArrayList<Double>();
        int proved = 0;
        int planned = 0;
        int first = 0;
        for (int seed = 0; seed < RUNS; seed++) {
            var prep = made(seed, size);
            long start = System.nanoTime();
            if (new PrepGreedy().solve(prep, 0, () -> false).plan().isPresent()) first++;
            quick.add((System.nanoTime() - start) / 1e6);
            start = System.nanoTime();
            var answer = new PrepModel()
                    .solve(prep, Double.parseDouble(System.getProperty("effort", "0.3")), () -> false)
                    .plan();
            full.add((System.nanoTime() - start) / 1e6);
            if (answer.isEmpty()) continue;
            planned++;
            if (answer.get().isProvedToTheMinute()) proved++;
            gaps.add(answer.get().gap() / 60.0);
        }
        System.out.printf(
                "%d jobs: first answer %.0f ms (%d of %d); with the search %.0f ms, ratio %.0f; a plan in %d, proved to the minute in %d of %d; at most %.1f min from the best in the middle%n",
                size,
                middle(quick),
                first,
                RUNS,
                middle(full),
                middle(full) / Math.max(0.1, middle(quick)),
                planned,
                proved,
                RUNS,
                gaps.isEmpty() ? 0 : middle(gaps));
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

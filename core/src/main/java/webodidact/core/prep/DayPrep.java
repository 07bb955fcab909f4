package webodidact.core.prep;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import webodidact.core.answer.Answers;
import webodidact.core.lesson.Lesson;

/**
 * The jobs of a day: lessons that go on air one after the other on one day share kitchen and hands, and are one question. It is asked
 * in the same way whichever of them is looked at, so that both have one answer; each sees it counted from its own air.
 *
 * @param prep counted from the air of the first; of a day with one lesson its own
 * @param lessons of the day in their order; the one that is looked at is among them
 */
public record DayPrep(Prep prep, Lesson seen, List<Lesson> lessons) {
    /**
     * Whose job it is.
     *
     * @param later seconds from the air of the lesson that is looked at to the air of its own
     * @param job its id there
     */
    public record Owner(Lesson lesson, int later, String job) {}

    public DayPrep {
        lessons = List.copyOf(lessons);
    }

    public static DayPrep of(Answers answers) {
        var seen = answers.question().lesson();
        var lessons = together(seen, answers.question().all());
        if (lessons.size() == 1) return new DayPrep(PrepTasks.of(answers), seen, lessons);
        var first = lessons.getFirst();
        var books = lessons.stream()
                .map(l -> l.id().equals(seen.id()) ? answers : answers.about(l))
                .toList();
        var preps = new ArrayList<Prep>();
        var begun = new ArrayList<Integer>();
        for (int i = 1; i < lessons.size(); i++) {
            int later = later(first, lessons.get(i));
            var own = PrepTasks.of(books.get(i), Errands.NONE);
            preps.add(own);
            for (var task : own.tasks()) if (task.kind().isAhead()) begun.add(later + task.due() - task.takes());
        }
        preps.addFirst(PrepTasks.of(books.getFirst(), new Errands(books, begun)));
        var day = new Prep(List.of(), List.of(), preps.getFirst().room());
        for (int i = 0; i < lessons.size(); i++) {
            var lesson = lessons.get(i);
            var own = preps.get(i);
            var told = new Prep(
                    own.tasks().stream()
                            .map(t -> isErrand(t) ? t : t.of(lesson.number()))
                            .toList(),
                    own.links(),
                    own.room());
            day = day.and(told, later(first, lesson), prefix(lesson));
            if (i > 0) day = afterErrands(day, prefix(first), prefix(lesson));
        }
        return new DayPrep(day, seen, lessons);
    }

    /** Done once for all lessons of the day. */
    private static boolean isErrand(Task task) {
        return task.kind() == Task.Kind.LOAD
                || task.kind() == Task.Kind.TRAVEL
                || task.id().equals("shop");
    }

    /** What is bought, loaded and driven for the first is so for the other, too. */
    private static Prep afterErrands(Prep day, String first, String other) {
        var now = day;
        for (var task : day.tasks()) {
            if (!task.id().startsWith(other)) continue;
            var own = task.id().substring(other.length());
            boolean bought = own.equals("clean") || own.equals("pack") || own.startsWith("lead/") && own.endsWith("/1");
            if (bought) now = now.adding(Link.then(first + "shop", task.id()));
            if (own.equals("clean")) now = now.adding(Link.then(first + "travel", task.id()));
            if (own.equals("pack")) now = now.adding(Link.then(task.id(), first + "load"));
        }
        return now;
    }

    /** Those of one day; of two at one time one is another way of the other, and nobody gives both. */
    private static List<Lesson> together(Lesson seen, List<Lesson> all) {
        if (seen.air() == null) return List.of(seen);
        var day = new ArrayList<>(List.of(seen));
        all.stream()
                .filter(l -> l.air() != null
                        && !l.id().equals(seen.id())
                        && l.air().toLocalDate().equals(seen.air().toLocalDate()))
                .sorted(Comparator.comparing(Lesson::air).thenComparingInt(Lesson::number))
                .filter(l -> day.stream().noneMatch(o -> overlap(l, o)))
                .forEach(day::add);
        day.sort(Comparator.comparing(Lesson::air));
        return day;
    }

    private static boolean overlap(Lesson a, Lesson b) {
        return a.air().isBefore(end(b)) && b.air().isBefore(end(a));
    }

    private static LocalDateTime end(Lesson lesson) {
        return lesson.air().plusSeconds(lesson.slot());
    }

    private static int later(Lesson from, Lesson to) {
        return (int) Duration.between(from.air(), to.air()).toSeconds();
    }

    private static String prefix(Lesson lesson) {
        return lesson.id() + "/";
    }

    public boolean isShared() {
        return lessons.size() > 1;
    }

    /** Whose job that is; the ids of others begin with the id of their lesson. */
    public static Owner owner(Lesson seen, List<Lesson> all, String job) {
        return together(seen, all).stream()
                .filter(l -> !l.id().equals(seen.id()) && job.startsWith(prefix(l)))
                .findFirst()
                .map(l -> new Owner(l, later(seen, l), job.substring(prefix(l).length())))
                .orElse(new Owner(seen, 0, job));
    }

    /** Ids of the jobs of the day that are ticked, as the lesson that is looked at has them. */
    public static List<String> ticked(Lesson seen, List<Lesson> all) {
        return together(seen, all).stream()
                .flatMap(l -> l.benchEdits().jobs().stream()
                        .filter(j -> j.done() != null)
                        .map(j -> l.id().equals(seen.id()) ? j.job() : prefix(l) + j.job()))
                .toList();
    }

    /** As {@link Prepared#of(Prep, BooleanSupplier)}, as the lesson sees it. */
    public Prepared solve(BooleanSupplier stopped) {
        var made = Prepared.of(prep, stopped);
        return isShared()
                ? new Prepared(
                        seen(made.prep()),
                        made.plan().map(this::seen),
                        made.clash().map(this::seen))
                : made;
    }

    private int later() {
        return later(lessons.getFirst(), seen);
    }

    private String id(String job) {
        return job.startsWith(prefix(seen)) ? job.substring(prefix(seen).length()) : job;
    }

    /** The steps of the lesson's own jobs are its own again; those of others are none of it. */
    private Task seen(Task task) {
        var own = id(task.id());
        return task.named(own, -later(), own.equals(task.id()) ? "" : id(task.step()));
    }

    private Prep seen(Prep whole) {
        return new Prep(
                whole.tasks().stream().map(this::seen).toList(),
                whole.links().stream()
                        .map(l -> new Link(id(l.before()), id(l.after()), l.least(), l.most()))
                        .toList(),
                whole.room().from(later(), seen.air()));
    }

    public PrepPlan seen(PrepPlan plan) {
        return isShared()
                ? new PrepPlan(
                        plan.jobs().stream()
                                .map(j -> new PrepPlan.Job(seen(j.task()), j.start() - later(), j.who(), j.unit()))
                                .toList(),
                        plan.bound() - later(),
                        plan.proved())
                : plan;
    }

    public Clash seen(Clash clash) {
        return isShared()
                ? new Clash(
                        clash.demands().stream().map(this::seen).toList(),
                        clash.relax().stream()
                                .map(r -> new Clash.Relax(
                                        seen(r.demand()),
                                        Optional.ofNullable(r.start())
                                                .map(s -> s - later())
                                                .orElse(null)))
                                .toList())
                : clash;
    }

    private Demand seen(Demand demand) {
        var tasks = Stream.of(demand.task().split("\n")).map(this::id).toList();
        return new Demand(demand.kind(), String.join("\n", tasks), demand.said());
    }
}

package webodidact.core.prep;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import webodidact.core.answer.Answers;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.Lesson;
import webodidact.core.list.LeadTimes;
import webodidact.core.time.Clock;

/** What comes before the kitchen is used at all: shopping, what soaks or thaws, sets packed for groups, loading and the way. */
final class AheadTasks {
    /** Seconds of hands that begin a soak or a thaw; of packing a pot; of loading a thing: estimates of ours. */
    private static final int BEGIN = 120;

    private static final int POT = 20;
    private static final int THING = 20;
    /** What has to begin so long before air is no job of the day. */
    private static final int HALF_DAY = 4 * 3600;
    /** Nobody is asked to soak beans in the night, or to shop in the evening. */
    private static final LocalTime NIGHT = LocalTime.of(22, 0);

    private static final LocalTime MORNING = LocalTime.of(7, 0);
    private static final LocalTime SHUT = LocalTime.of(19, 0);
    private static final LocalTime OPEN = LocalTime.of(8, 30);

    private final Answers answers;
    private final Errands errands;
    private final Lesson lesson;
    private final List<Task> tasks;
    private final List<Link> links;

    AheadTasks(Answers answers, Errands errands, List<Task> tasks, List<Link> links) {
        this.answers = answers;
        this.errands = errands;
        lesson = answers.question().lesson();
        this.tasks = tasks;
        this.links = links;
    }

    void derive() {
        var begun = leads();
        pack();
        way();
        shop(begun);
    }

    /** Each food's jobs in their order; the last is over before the food is set out. */
    private List<String> leads() {
        var byLine = new LinkedHashMap<String, List<LeadTimes.Lead>>();
        for (var lead : LeadTimes.of(lesson, answers.question().knowledge()))
            byLine.computeIfAbsent(lead.line(), k -> new ArrayList<>()).add(lead);
        var begun = new ArrayList<String>();
        byLine.forEach((line, all) -> {
            var use = firstUse(line);
            String before = null;
            for (int i = 0; i < all.size(); i++) {
                var lead = all.get(i);
                boolean ahead = lead.beforeAir() >= HALF_DAY;
                var id = "lead/" + line + "/" + (i + 1);
                tasks.add(Task.hands(
                                id,
                                ahead ? Task.Kind.AHEAD : Task.Kind.LEAD,
                                Words.OURS.say("lead", lead.item(), lead.what()),
                                Words.OURS.say("lead.why", Clock.spell(lead.seconds())),
                                BEGIN)
                        .dueBy(awake(-lead.beforeAir())));
                if (before != null)
                    links.add(new Link(before, id, all.get(i - 1).seconds(), Link.ANY));
                else begun.add(id);
                before = id;
            }
            links.add(new Link(before, use, all.getLast().seconds(), Link.ANY));
        });
        return begun;
    }

    private String firstUse(String line) {
        return answers.schedule().steps().stream()
                .filter(p -> p.step().uses().stream().anyMatch(u -> u.line().equals(line)))
                .map(p -> "set-out/" + p.step().id())
                .filter(id -> tasks.stream().anyMatch(t -> t.id().equals(id)))
                .findFirst()
                .orElse("camera");
    }

    private void pack() {
        if (lesson.sets().inRoom() < 2) return;
        var kit = answers.kit();
        int pots = kit.pots().size() * kit.sets();
        if (pots == 0) return;
        tasks.add(Task.hands(
                "pack",
                Task.Kind.PACK,
                Words.OURS.say("pack", kit.sets()),
                Words.OURS.say("pack.why", kit.pots().size(), kit.sets()),
                pots * POT));
        links.add(Link.then(isAway() ? "pack" : "clean", isAway() ? "load" : "pack"));
        links.add(Link.then("pack", "camera"));
    }

    private boolean isAway() {
        return answers.question().course().kitchen().travel() > 0;
    }

    /** The kitchen is somewhere else: all is loaded, and what is cold is on the way no longer than it must be. */
    private void way() {
        if (!isAway() || errands.lessons().isEmpty()) return;
        int things = errands.lessons().stream()
                .map(a -> a.question().lesson())
                .mapToInt(l -> l.foods().size() + l.tools().size())
                .sum();
        long cold = errands.lessons().stream()
                .flatMap(a -> a.question().lesson().foods().stream())
                .filter(f -> answers.question()
                        .knowledge()
                        .food(f.cooked())
                        .filter(x -> x.shelf().isCold())
                        .isPresent())
                .count();
        tasks.add(Task.hands(
                "load",
                Task.Kind.LOAD,
                Words.OURS.say("load", things),
                Words.OURS.say("load.why", cold),
                Math.max(5 * 60, things * THING)));
        tasks.add(Task.hands(
                        "travel",
                        Task.Kind.TRAVEL,
                        Words.OURS.say("travel"),
                        Words.OURS.say("travel.why", cold),
                        answers.question().course().kitchen().travel())
                .by(PrepTasks.YOU));
        links.add(new Link("load", "travel", 0, 600));
        links.add(Link.then("travel", "clean"));
    }

    private void shop(List<String> begun) {
        int takes = answers.question().course().kitchen().shopping();
        if (takes == 0) return;
        // What comes from the tap, or of which nobody knows where it stands, is in no shop's way.
        var shelves = errands.lessons().stream()
                .flatMap(a -> a.gather().entries().stream())
                .map(e -> e.food() == null ? Shelf.OTHER : e.food().shelf())
                .filter(s -> s != Shelf.TAP)
                .collect(Collectors.groupingBy(s -> s, TreeMap::new, Collectors.counting()));
        long things = shelves.values().stream().mapToLong(n -> n).sum();
        if (things == 0) return;
        boolean soaks = !errands.begun().isEmpty()
                || tasks.stream().anyMatch(t -> t.kind().isAhead());
        var by = shelves.entrySet().stream()
                .map(e -> Words.OURS.say("shop.shelf", e.getKey().title(), e.getValue()))
                .collect(Collectors.joining(", "));
        tasks.add(Task.hands(
                        "shop",
                        // What has to soak is bought before it: then shopping is of the day before, too.
                        soaks ? Task.Kind.AHEAD : Task.Kind.SHOP,
                        Words.OURS.say("shop", things),
                        by,
                        takes)
                .dueBy(whileOpen(-1)));
        for (var id : begun) links.add(Link.then("shop", id));
        links.add(Link.then("shop", isAway() ? "load" : "clean"));
        if (tasks.stream().anyMatch(t -> t.id().equals("pack"))) links.add(Link.then("shop", "pack"));
    }

    /** The last second up to that one at which somebody is up. */
    private int awake(int second) {
        return outside(second, NIGHT, MORNING);
    }

    private int whileOpen(int second) {
        int due = IntStream.concat(
                        tasks.stream().filter(t -> t.kind().isAhead()).mapToInt(t -> t.due() - t.takes()),
                        errands.begun().stream().mapToInt(Integer::intValue))
                .reduce(second, Math::min);
        return outside(due, SHUT, OPEN);
    }

    /** Not between those times of day; of a lesson without a day nobody knows. */
    private int outside(int second, LocalTime from, LocalTime to) {
        if (lesson.air() == null) return second;
        var at = lesson.air().plusSeconds(second);
        LocalDateTime evening;
        if (at.toLocalTime().isBefore(to))
            evening = at.toLocalDate().minusDays(1).atTime(from);
        else if (at.toLocalTime().isAfter(from)) evening = at.toLocalDate().atTime(from);
        else return second;
        return second - (int) Duration.between(evening, at).getSeconds();
    }
}

package webodidact.core.prep;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import webodidact.core.lesson.Place;
import webodidact.core.time.AirClock;
import webodidact.core.words.Message;

/**
 * Something that a plan has to keep and that could be given up.
 *
 * @param task id of the task it is about, or ""
 */
public record Demand(Kind kind, String task, Message said) {
    public enum Kind {
        OPENS,
        PIN,
        KEEPS,
        DUE,
        WHO,
        SOON,
        OVENS,
        RINGS,
        FRIDGE,
        FREEZER,
        SINK,
        SPOILS,
        SKILLS
    }

    /** The same while its task is there: what a lesson keeps of a demand that was given up. */
    public String key() {
        return kind.name().toLowerCase(Locale.ROOT) + "/" + task.replace('\n', '|');
    }

    public String text() {
        return said.text();
    }

    /** What giving it up means. */
    public String relaxed() {
        return Words.OURS.say("relax." + kind.name().toLowerCase(Locale.ROOT), said);
    }

    /** All that a question demands and that could be given up. */
    static List<Demand> of(Prep prep) {
        var all = new ArrayList<Demand>();
        if (prep.room().opens() > Task.ANY)
            all.add(new Demand(
                    Kind.OPENS,
                    "",
                    demanded(
                            "opens",
                            AirClock.text(prep.room().air(), prep.room().opens()))));
        for (var task : prep.tasks()) {
            if (task.kind() == Task.Kind.AIR) continue;
            if (task.at() != null)
                all.add(new Demand(
                        Kind.PIN,
                        task.id(),
                        demanded("pin", task.what(), AirClock.text(prep.room().air(), task.at()))));
            if (task.earliest() > Task.ANY)
                all.add(new Demand(
                        Kind.KEEPS,
                        task.id(),
                        demanded(
                                "keeps",
                                task.what(),
                                AirClock.text(prep.room().air(), task.earliest() + task.takes()))));
            if (task.safe() > Task.ANY)
                all.add(new Demand(
                        Kind.SPOILS,
                        task.id(),
                        demanded(
                                "spoils", task.what(), AirClock.text(prep.room().air(), task.safe() + task.takes()))));
            if (task.kind() == Task.Kind.COPY_WAIT)
                all.add(new Demand(
                        Kind.DUE,
                        task.id(),
                        demanded("due", task.what(), AirClock.text(prep.room().air(), task.due()))));
            if (!task.who().isEmpty())
                all.add(new Demand(Kind.WHO, task.id(), demanded("who", task.what(), task.who())));
            if (!task.skills().isEmpty() && !prep.room().people().isEmpty())
                all.add(new Demand(
                        Kind.SKILLS,
                        task.id(),
                        demanded(
                                "skills",
                                task.what(),
                                task.skills().stream()
                                        .map(s -> s.title())
                                        .sorted()
                                        .toList())));
        }
        for (var link : prep.links())
            if (link.most() != Link.ANY
                    && prep.task(link.before()).isPresent()
                    && prep.task(link.after()).isPresent())
                all.add(new Demand(
                        Kind.SOON,
                        link.before() + "\n" + link.after(),
                        demanded(
                                "soon",
                                prep.task(link.after()).orElseThrow().what(),
                                prep.task(link.before()).orElseThrow().what(),
                                Math.ceilDiv(link.most(), 60))));
        if (uses(prep, Place.OVEN))
            all.add(new Demand(Kind.OVENS, "", demanded("ovens", prep.room().ovens())));
        if (uses(prep, Place.RING))
            all.add(new Demand(Kind.RINGS, "", demanded("rings", prep.room().rings())));
        if (prep.room().fridge() > 0 && uses(prep, Place.COLD))
            all.add(new Demand(Kind.FRIDGE, "", demanded("fridge", prep.room().fridge())));
        if (prep.room().freezer() > 0 && uses(prep, Place.FREEZER))
            all.add(new Demand(Kind.FREEZER, "", demanded("freezer", prep.room().freezer())));
        if (prep.room().sinks() == 1
                && prep.room().people().size() > 1
                && prep.tasks().stream().filter(Task::isAtSink).count() > 1)
            all.add(new Demand(Kind.SINK, "", demanded("sink")));
        return all;
    }

    private static Message demanded(String key, Object... args) {
        return Words.OURS.message("demand." + key, args);
    }

    private static boolean uses(Prep prep, Place place) {
        return prep.tasks().stream().anyMatch(t -> t.place() == place);
    }

    /** The question without it. */
    Prep dropped(Prep prep) {
        var room = prep.room();
        return switch (kind) {
            case OPENS -> prep.in(room.opening(Task.ANY));
            case PIN -> prep.with(task, t -> t.pinned(null));
            case KEEPS -> prep.with(task, t -> t.notBefore(Task.ANY));
            case SPOILS -> prep.with(task, t -> t.but(d -> d.safe = Task.ANY));
            case DUE -> prep.with(task, t -> t.dueBy(4 * 3600));
            case WHO -> prep.with(task, t -> t.by(""));
            case SOON -> {
                var ids = task.split("\n");
                var links = prep.links().stream()
                        .map(l -> l.before().equals(ids[0]) && l.after().equals(ids[1])
                                ? new Link(l.before(), l.after(), l.least(), Link.ANY)
                                : l)
                        .toList();
                yield new Prep(prep.tasks(), links, room);
            }
            case OVENS -> prep.in(room.but(d -> d.ovens++));
            case RINGS -> prep.in(room.but(d -> d.rings++));
            case FRIDGE -> prep.in(room.but(d -> d.fridge = 0));
            case FREEZER -> prep.in(room.but(d -> d.freezer = 0));
            case SINK -> prep.in(room.but(d -> d.sinks = Room.MANY));
            case SKILLS ->
                prep.in(room.with(room.people().stream()
                        .map(p -> new Person(p.name(), EnumSet.allOf(Person.Skill.class), p.from(), p.to()))
                        .toList()));
        };
    }
}

package webodidact.core.prep;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.Consumer;
import webodidact.core.lesson.Place;

/**
 * Something to be done before air, or that runs into it.
 *
 * @param takes seconds, the long end of what must be ready
 * @param hands somebody is at it all the time
 * @param place what it occupies all the time, or null: oven, ring, microwave, blender, the fridge ({@link Place#COLD}), the freezer
 * @param heat of the oven, °C of a conventional one; 0 elsewhere
 * @param earliest second before which it must not begin
 * @param due second by which it must be over
 * @param at second at which it begins, or null where that is open
 * @param who does it, or "" where that is open
 * @param step id of the step it is for, or ""
 * @param rinses seconds at the sink with which it begins: produce is washed
 * @param washes seconds at the sink with which it ends: hands, board and knife after raw food
 * @param safe second before which it must not begin either, or food that spoils would be out of the cold too long; {@link #ANY} else
 */
public record Task(
        String id,
        Kind kind,
        String what,
        String why,
        String step,
        int takes,
        boolean hands,
        Set<Person.Skill> skills,
        Place place,
        int heat,
        int earliest,
        int due,
        Integer at,
        String who,
        int rinses,
        int washes,
        int safe) {
    /** No time before which it must not begin: four days. */
    public static final int ANY = -96 * 3600;

    public enum Kind {
        SHOP,
        /** What has to begin the day before, or in the night: soaked, thawed. */
        AHEAD,
        /** The same of less than half a day: softened, cooked and cooled. */
        LEAD,
        PACK,
        LOAD,
        TRAVEL,
        CLEAN,
        SET_OUT,
        COPY_HANDS,
        COPY_WAIT,
        HEAT,
        CAMERA,
        OWN,
        /** On air: fixed, and only there for what it occupies. */
        AIR;

        public String title() {
            return Words.OURS.title(this);
        }

        /** Of the days before: the day itself begins after it, with whatever comes first then. */
        public boolean isAhead() {
            return this == AHEAD;
        }
    }

    public Task {
        if (takes < 0) throw new IllegalArgumentException("Bug: a task of " + takes + " s");
        skills = Set.copyOf(skills);
        who = who == null ? "" : who;
        rinses = Math.min(rinses, takes);
        washes = Math.min(washes, takes);
    }

    /** Hands at work, anywhere, any time up to air. */
    public static Task hands(String id, Kind kind, String what, String why, int takes, Person.Skill... skills) {
        return new Task(id, kind, what, why, "", takes, true, Set.of(skills), null, 0, ANY, 0, null, "", 0, 0, ANY);
    }

    /** Left to itself. */
    public static Task waits(String id, Kind kind, String what, String why, int takes, Place place, int heat) {
        return new Task(
                id, kind, what, why, "", takes, false, Set.of(), place, heat, ANY, 4 * 3600, null, "", 0, 0, ANY);
    }

    /** On air: fixed, and only there for what it occupies. */
    static Task onAir(String id, String what, String why, int start, int takes) {
        return waits(id, Kind.AIR, what, why, takes, null, 0).but(d -> {
            d.due = start + takes;
            d.at = start;
        });
    }

    /** With something else in it. */
    public Task but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return new Task(
                draft.id,
                kind,
                draft.what,
                draft.why,
                draft.step,
                draft.takes,
                draft.hands,
                draft.skills,
                draft.place,
                draft.heat,
                draft.earliest,
                draft.due,
                draft.at,
                draft.who,
                draft.rinses,
                draft.washes,
                draft.safe);
    }

    /** What is to change; what is not set stays. */
    public static final class Draft {
        public String id;
        public String what;
        public String why;
        public String step;
        public int takes;
        public boolean hands;
        public Set<Person.Skill> skills;
        public Place place;
        public int heat;
        public int earliest;
        public int due;
        public Integer at;
        public String who;
        public int rinses;
        public int washes;
        public int safe;

        private Draft(Task t) {
            id = t.id;
            what = t.what;
            why = t.why;
            step = t.step;
            takes = t.takes;
            hands = t.hands;
            skills = t.skills;
            place = t.place;
            heat = t.heat;
            earliest = t.earliest;
            due = t.due;
            at = t.at;
            who = t.who;
            rinses = t.rinses;
            washes = t.washes;
            safe = t.safe;
        }
    }

    /** One of the jobs of the day: neither on air nor of the days before. */
    public boolean isOfTheDay() {
        return kind != Kind.AIR && !kind.isAhead();
    }

    /** Second until which it is where it is, if it begins at that one: what is chilled for the air stays cold until it is shown. */
    public int until(int start) {
        return isKeptCold() ? Math.max(start + takes, due) : start + takes;
    }

    /** Second before which it must not begin, whatever forbids it. */
    public int from() {
        return Math.max(earliest, safe);
    }

    /** A ready copy as it is shown: kept until it is carried in. */
    public boolean isShown() {
        return kind == Kind.COPY_WAIT && from() > ANY;
    }

    private boolean isKeptCold() {
        return place != null && place.isCold() && isShown();
    }

    /** Hands on raw meat or fish: there is one board for that. */
    public boolean isRaw() {
        return hands && skills.contains(Person.Skill.RAW_MEAT);
    }

    public boolean isAtSink() {
        return rinses + washes > 0;
    }

    /** Whether both want the sink at one moment, this one begun at the one second and the other at the other. */
    boolean meetsAtSink(int start, Task other, int otherStart) {
        int end = start + takes;
        int otherEnd = otherStart + other.takes;
        return meet(start, start + rinses, otherStart, otherStart + other.rinses)
                || meet(start, start + rinses, otherEnd - other.washes, otherEnd)
                || meet(end - washes, end, otherStart, otherStart + other.rinses)
                || meet(end - washes, end, otherEnd - other.washes, otherEnd);
    }

    private static boolean meet(int from, int to, int otherFrom, int otherTo) {
        return from < to && otherFrom < otherTo && from < otherTo && otherFrom < to;
    }

    public Task of(String stepId) {
        return but(d -> d.step = stepId);
    }

    public Task dueBy(int second) {
        return but(d -> d.due = second);
    }

    public Task notBefore(int second) {
        return but(d -> d.earliest = second);
    }

    /** Pinned to a second; null takes the pin off. */
    public Task pinned(Integer second) {
        return but(d -> d.at = second);
    }

    public Task by(String person) {
        return but(d -> d.who = person);
    }

    /** One part of several of the same work: the first begins at the sink, the last ends there. */
    Task part(String otherId, String other, int seconds, boolean first, boolean last) {
        return but(d -> {
            d.id = otherId;
            d.what = other;
            d.takes = seconds;
            if (!first) d.rinses = 0;
            if (!last) d.washes = 0;
        });
    }

    /** Two jobs of hands in one go: by one who may do both, in time for what each is for. */
    Task joined(Task next) {
        var all = EnumSet.noneOf(Person.Skill.class);
        all.addAll(skills);
        all.addAll(next.skills);
        return but(d -> {
            d.what = Words.OURS.say("joined", what, next.what);
            d.why = why + "; " + next.why;
            d.takes = takes + next.takes;
            d.hands = true;
            d.skills = all;
            d.place = place == null ? next.place : place;
            d.heat = Math.max(heat, next.heat);
            d.earliest = Math.max(earliest, next.earliest - takes);
            d.safe = Math.max(safe, next.safe);
            d.due = Math.min(due + next.takes, next.due);
            d.who = who.isEmpty() ? next.who : who;
            d.washes = next.washes;
        });
    }

    /** Told of a lesson: "Clear and wipe down (lesson 2)". */
    Task of(int lesson) {
        return but(d -> d.what = Words.OURS.say("of.lesson", lesson, what));
    }

    /** The same of a lesson that goes on air so many seconds later; its steps are told from those of others by the same prefix. */
    Task later(int seconds, String prefix) {
        return named(prefix + id, seconds, step.isEmpty() ? "" : prefix + step);
    }

    /** Under another id, its times counted from another second. */
    Task named(String otherId, int seconds, String ofStep) {
        return but(d -> {
            d.id = otherId;
            d.step = ofStep;
            d.earliest = earliest == ANY ? ANY : earliest + seconds;
            d.safe = safe == ANY ? ANY : safe + seconds;
            d.due = due + seconds;
            d.at = at == null ? null : at + seconds;
        });
    }
}

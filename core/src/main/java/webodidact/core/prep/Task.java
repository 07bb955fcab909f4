package webodidact.core.prep;

import java.util.EnumSet;
import java.util.Set;
import webodidact.core.lesson.Place;

/**
 * Something to be done before air, or that runs into it.
 *
 * @param takes seconds, the long end of what must be ready
 * @param hands somebody is at it all the time
 * @param place what it occupies all the time, or null: oven, ring, microwave, blender, the fridge ({@link Place#COLD})
 * @param heat of the oven, °C of a conventional one; 0 elsewhere
 * @param earliest second before which it must not begin
 * @param due second by which it must be over
 * @param at second at which it begins, or null where that is open
 * @param who does it, or "" where that is open
 * @param step id of the step it is for, or ""
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
        String who) {
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
    }

    /** Hands at work, anywhere, any time up to air. */
    public static Task hands(String id, Kind kind, String what, String why, int takes, Person.Skill... skills) {
        return new Task(id, kind, what, why, "", takes, true, Set.of(skills), null, 0, ANY, 0, null, "");
    }

    /** Left to itself. */
    public static Task waits(String id, Kind kind, String what, String why, int takes, Place place, int heat) {
        return new Task(id, kind, what, why, "", takes, false, Set.of(), place, heat, ANY, 4 * 3600, null, "");
    }

    /** One of the jobs of the day: neither on air nor of the days before. */
    public boolean isOfTheDay() {
        return kind != Kind.AIR && !kind.isAhead();
    }

    /** Second until which it is where it is, if it begins at that one: what is chilled for the air stays cold until it is shown. */
    public int until(int start) {
        boolean kept = place == Place.COLD && kind == Kind.COPY_WAIT && earliest > ANY;
        return kept ? Math.max(start + takes, due) : start + takes;
    }

    /** Hands on raw meat or fish: there is one board for that. */
    public boolean isRaw() {
        return hands && skills.contains(Person.Skill.RAW_MEAT);
    }

    public Task of(String stepId) {
        return new Task(id, kind, what, why, stepId, takes, hands, skills, place, heat, earliest, due, at, who);
    }

    public Task dueBy(int second) {
        return new Task(id, kind, what, why, step, takes, hands, skills, place, heat, earliest, second, at, who);
    }

    public Task notBefore(int second) {
        return new Task(id, kind, what, why, step, takes, hands, skills, place, heat, second, due, at, who);
    }

    /** Pinned to a second; null takes the pin off. */
    public Task pinned(Integer second) {
        return new Task(id, kind, what, why, step, takes, hands, skills, place, heat, earliest, due, second, who);
    }

    public Task by(String person) {
        return new Task(id, kind, what, why, step, takes, hands, skills, place, heat, earliest, due, at, person);
    }

    /** The same work under another name and of another length. */
    Task named(String otherId, String other, int seconds) {
        return new Task(otherId, kind, other, why, step, seconds, hands, skills, place, heat, earliest, due, at, who);
    }

    /** Two jobs of hands in one go: by one who may do both, in time for what each is for. */
    Task joined(Task next) {
        var all = EnumSet.noneOf(Person.Skill.class);
        all.addAll(skills);
        all.addAll(next.skills);
        return new Task(
                id,
                kind,
                Words.OURS.say("joined", what, next.what),
                why + "; " + next.why,
                step,
                takes + next.takes,
                true,
                all,
                place == null ? next.place : place,
                Math.max(heat, next.heat),
                Math.max(earliest, next.earliest - takes),
                Math.min(due + next.takes, next.due),
                at,
                who.isEmpty() ? next.who : who);
    }

    /** Told of a lesson: "Clear and wipe down (lesson 2)". */
    Task of(int lesson) {
        return new Task(
                id,
                kind,
                Words.OURS.say("of.lesson", lesson, what),
                why,
                step,
                takes,
                hands,
                skills,
                place,
                heat,
                earliest,
                due,
                at,
                who);
    }

    /** The same of a lesson that goes on air so many seconds later; its steps are told from those of others by the same prefix. */
    Task later(int seconds, String prefix) {
        return named(prefix + id, seconds, step.isEmpty() ? "" : prefix + step);
    }

    /** Under another id, its times counted from another second. */
    Task named(String otherId, int seconds, String ofStep) {
        return new Task(
                otherId,
                kind,
                what,
                why,
                ofStep,
                takes,
                hands,
                skills,
                place,
                heat,
                earliest == ANY ? ANY : earliest + seconds,
                due + seconds,
                at == null ? null : at + seconds,
                who);
    }
}

package webodidact.core.lesson;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import webodidact.core.amount.Heat;
import webodidact.core.time.TimeRange;

/**
 * One step of the running order, in parts; {@link StepField#ALL} is the one table of its fields, {@link Draft} the flat form in which it
 * is changed, read and written. A new field stands in its part, in the draft and in the table.
 *
 * @param declined keys of proposals that were refused and are not made again
 */
public record Step(
        String id,
        String title,
        Kind kind,
        Spoken spoken,
        Shot shot,
        Work work,
        Needs needs,
        People people,
        Teaching learning,
        Set<String> declined) {
    public Step {
        Ids.checked(id, Words.OURS.message("what.step"));
        title = Texts.orEmpty(title);
        kind = kind == null ? Kind.HANDS_ON : kind;
        spoken = spoken == null ? new Spoken(null, null, null, false) : spoken;
        shot = shot == null ? new Shot(null, null, 0, false) : shot;
        work = work == null ? new Work(null, null, null, null, 0, 0, null, 0, null, null, null) : work;
        needs = needs == null ? new Needs(null, null) : needs;
        people = people == null ? new People(null, null, null) : people;
        learning = learning == null ? new Teaching(null, null, null, null) : learning;
        declined = declined == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(declined));
    }

    public static Step blank(String id, Kind kind, String title) {
        return new Step(
                id,
                title,
                kind,
                null,
                null,
                null,
                null,
                new People(kind.isHandsOn() ? Who.LEARNER : Who.PRESENTER, null, null),
                null,
                null);
    }

    public String say() {
        return spoken.say();
    }

    public String doing() {
        return spoken.doing();
    }

    /** On the card, or "" where it is what hands do. */
    public String card() {
        return spoken.card();
    }

    /** What learners read: its own text, until there is one what hands do. */
    public String onTheCard() {
        return !card().isBlank() ? card() : doing().isBlank() ? say() : doing();
    }

    public boolean tellThenDo() {
        return spoken.tellThenDo();
    }

    public String camera() {
        return shot.camera();
    }

    public String part() {
        return shot.part();
    }

    public int reachBy() {
        return shot.reachBy();
    }

    public boolean fixed() {
        return shot.fixed();
    }

    public Place place() {
        return work.place();
    }

    public Heat heat() {
        return work.heat();
    }

    public TimeRange hands() {
        return work.hands();
    }

    public Wait waiting() {
        return work.waiting();
    }

    public int hold() {
        return work.hold();
    }

    public int trim() {
        return work.trim();
    }

    public Set<Act> acts() {
        return work.acts();
    }

    public int offCamera() {
        return work.offCamera();
    }

    public Ring ring() {
        return work.ring();
    }

    public String way() {
        return work.way();
    }

    public List<Way> ways() {
        return work.ways();
    }

    public List<Use> uses() {
        return needs.uses();
    }

    public List<String> tools() {
        return needs.tools();
    }

    public Who who() {
        return people.who();
    }

    public Who with() {
        return people.with();
    }

    /** The branch of the lesson that alone takes it; "" where all do. */
    public String branch() {
        return people.branch();
    }

    public String skill() {
        return learning.skill();
    }

    public String question() {
        return learning.question();
    }

    public String answer() {
        return learning.answer();
    }

    /** What to point out. */
    public String teaching() {
        return learning.note();
    }

    /** How its words are spoken. */
    public Segment segment() {
        return switch (kind) {
            case WELCOME, TALK, TASK -> Segment.TO_CAMERA;
            case RUN_THROUGH, HYGIENE -> Segment.RUN_THROUGH;
            case HANDS_ON, TASTE, PLATE -> place().isHot() ? Segment.AT_THE_HEAT : Segment.CUTTING;
        };
    }

    public boolean usesLine(String line) {
        for (var use : uses()) if (use.line().equals(line)) return true;
        return false;
    }

    public boolean carriesOn() {
        return waiting() != null && waiting().cover() instanceof Cover.CarryOn;
    }

    /** This step with some fields changed. */
    public Step but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return draft.step();
    }

    /** The fields of a step while it is changed, read or written, in the order in which a file has them. */
    public static final class Draft {
        public String id;
        public String title;
        public Kind kind;
        public String say;
        public String doing;
        public String card;
        public String camera;
        public Place place;
        public Heat heat;
        public TimeRange hands;
        public boolean tellThenDo;
        public Wait waiting;
        public Who who;
        public Who with;
        public String branch;
        public int hold;
        public int trim;
        public Set<Act> acts;
        public int offCamera;
        public Ring ring;
        public List<Use> uses;
        public List<String> tools;
        public String skill;
        public String teaching;
        public String question;
        public String answer;
        public String part;
        public int reachBy;
        public boolean fixed;
        public String way;
        public List<Way> ways;
        public Set<String> declined;

        /** Nothing is set: what a file is read into. */
        public Draft() {}

        /** As that step is: what a file is written from. */
        public Draft(Step s) {
            id = s.id;
            title = s.title;
            kind = s.kind;
            say = s.say();
            doing = s.doing();
            card = s.card();
            camera = s.camera();
            place = s.place();
            heat = s.heat();
            hands = s.hands();
            tellThenDo = s.tellThenDo();
            waiting = s.waiting();
            who = s.who();
            with = s.with();
            branch = s.branch();
            hold = s.hold();
            trim = s.trim();
            acts = new TreeSet<>(s.acts());
            offCamera = s.offCamera();
            ring = s.ring();
            uses = s.uses();
            tools = s.tools();
            skill = s.skill();
            teaching = s.teaching();
            question = s.question();
            answer = s.answer();
            part = s.part();
            reachBy = s.reachBy();
            fixed = s.fixed();
            way = s.way();
            ways = s.ways();
            declined = new TreeSet<>(s.declined);
        }

        /** @throws IllegalArgumentException if a field is out of its range */
        public Step step() {
            try {
                return new Step(
                        id,
                        title,
                        kind,
                        new Spoken(say, doing, card, tellThenDo),
                        new Shot(camera, part, reachBy, fixed),
                        new Work(place, heat, hands, waiting, hold, trim, acts, offCamera, ring, way, ways),
                        new Needs(uses, tools),
                        new People(who, with, branch),
                        new Teaching(skill, teaching, question, answer),
                        declined);
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(e.getMessage().replaceFirst("^Step: ", "Step '" + id + "': "), e);
            }
        }
    }
}

package webodidact.core.lesson;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import webodidact.core.amount.Heat;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/**
 * One step of the running order.
 *
 * @param tools ids in the tool table
 * @param heat the oven's setting, or null
 * @param hands the instructor's hands-on time
 * @param waiting what has to pass after it, or null
 * @param tellThenDo words and hands one after the other instead of together
 * @param hold seconds kept free after it for the homes
 * @param trim seconds that may go if time is short
 * @param part title of the part of a recording that begins here, or ""
 * @param reachBy seconds after the start of air by which it has to be reached, or 0
 * @param fixed stays in its place when steps are put in another order
 * @param way name of the presenter's own way of doing it, or ""
 * @param ways other ways, for the presenter to change to and for homes
 * @param declined keys of proposals that were refused and are not made again
 */
public record Step(String id, String title, Kind kind, String say, String doing, String camera, Place place, Heat heat,
        TimeRange hands, boolean tellThenDo, Wait waiting, Who who, int hold, int trim, Set<Act> acts,
        List<Use> uses, List<String> tools, String skill, String teaching, String question, String answer,
        String part, int reachBy, boolean fixed, String way, List<Way> ways, Set<String> declined) {
    public Step {
        Ids.checked(id, "Step");
        title = text(title);
        kind = kind == null ? Kind.HANDS_ON : kind;
        say = text(say);
        doing = text(doing);
        camera = text(camera);
        place = place == null ? Place.BENCH : place;
        hands = hands == null ? TimeRange.ZERO : hands;
        who = who == null ? Who.LEARNER : who;
        acts = acts == null ? Set.of() : java.util.Collections.unmodifiableSet(new TreeSet<>(acts));
        uses = uses == null ? List.of() : List.copyOf(uses);
        tools = tools == null ? List.of() : List.copyOf(tools);
        skill = text(skill);
        teaching = text(teaching);
        question = text(question);
        answer = text(answer);
        part = text(part);
        way = text(way);
        ways = ways == null ? List.of() : List.copyOf(ways);
        declined = declined == null ? Set.of() : java.util.Collections.unmodifiableSet(new TreeSet<>(declined));
        Seconds.checked(reachBy, "Step '" + id + "': to be reached by");
        Seconds.checked(hold, "Step '" + id + "': hold");
        Seconds.checked(trim, "Step '" + id + "': trim");
        Seconds.checked(hands, "Step '" + id + "': hands");
    }

    private static String text(String given) {
        return given == null ? "" : given;
    }

    public static Step blank(String id, Kind kind, String title) {
        return new Step(id, title, kind, "", "", "", Place.BENCH, null, TimeRange.ZERO, false, null,
                kind.isHandsOn() ? Who.LEARNER : Who.PRESENTER, 0, 0, Set.of(), List.of(), List.of(), "", "", "", "", "", 0, false, "", List.of(), Set.of());
    }

    /** How its words are spoken. */
    public Segment segment() {
        return switch (kind) {
            case WELCOME, TALK, TASK -> Segment.TO_CAMERA;
            case RUN_THROUGH, HYGIENE -> Segment.RUN_THROUGH;
            case HANDS_ON, TASTE, PLATE -> place.isHot() ? Segment.AT_THE_HEAT : Segment.CUTTING;
        };
    }

    public boolean usesLine(String line) {
        return uses.stream().anyMatch(use -> use.line().equals(line));
    }

    public boolean carriesOn() {
        return waiting != null && waiting.cover() instanceof Cover.CarryOn;
    }

    /** This step with some fields changed. */
    public Step but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return draft.step();
    }

    /** The fields of a step while it is changed; lives only inside {@link Step#but}. */
    public static final class Draft {
        public String id;
        public String title;
        public Kind kind;
        public String say;
        public String doing;
        public String camera;
        public Place place;
        public Heat heat;
        public TimeRange hands;
        public boolean tellThenDo;
        public Wait waiting;
        public Who who;
        public int hold;
        public int trim;
        public Set<Act> acts;
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

        private Draft(Step s) {
            id = s.id;
            title = s.title;
            kind = s.kind;
            say = s.say;
            doing = s.doing;
            camera = s.camera;
            place = s.place;
            heat = s.heat;
            hands = s.hands;
            tellThenDo = s.tellThenDo;
            waiting = s.waiting;
            who = s.who;
            hold = s.hold;
            trim = s.trim;
            acts = new TreeSet<>(s.acts);
            uses = s.uses;
            tools = s.tools;
            skill = s.skill;
            teaching = s.teaching;
            question = s.question;
            answer = s.answer;
            part = s.part;
            reachBy = s.reachBy;
            fixed = s.fixed;
            way = s.way;
            ways = s.ways;
            declined = new TreeSet<>(s.declined);
        }

        private Step step() {
            return new Step(id, title, kind, say, doing, camera, place, heat, hands, tellThenDo, waiting, who, hold, trim, acts,
                    uses, tools, skill, teaching, question, answer, part, reachBy, fixed, way, ways, declined);
        }
    }
}

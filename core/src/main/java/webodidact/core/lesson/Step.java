package webodidact.core.lesson;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import webodidact.core.amount.Heat;
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
 */
public record Step(String id, String title, Kind kind, String say, String doing, String camera, Place place, Heat heat,
        TimeRange hands, boolean tellThenDo, Wait waiting, Who who, int hold, int trim, Set<Act> acts,
        List<Use> uses, List<String> tools, String skill, String teaching, String question, String answer) {
    public Step {
        Objects.requireNonNull(id, "id");
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
        if (hold < 0 || trim < 0) throw new IllegalArgumentException("Step '" + id + "': hold and trim are zero or more seconds");
    }

    private static String text(String given) {
        return given == null ? "" : given;
    }

    public static Step blank(String id, Kind kind, String title) {
        return new Step(id, title, kind, "", "", "", Place.BENCH, null, TimeRange.ZERO, false, null,
                kind.isHandsOn() ? Who.LEARNER : Who.PRESENTER, 0, 0, Set.of(), List.of(), List.of(), "", "", "", "");
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
        }

        private Step step() {
            return new Step(id, title, kind, say, doing, camera, place, heat, hands, tellThenDo, waiting, who, hold, trim, acts,
                    uses, tools, skill, teaching, question, answer);
        }
    }
}

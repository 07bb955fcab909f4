package webodidact.core.trace;

import webodidact.core.lesson.Who;

/**
 * Something that touches food or is touched by hands.
 *
 * @param id "hands", a tool's id in the tool table, or a handle: "oven-door"
 * @param name for people, in the language in which it was worked out
 */
public record Surface(String id, String name) {
    /** The hands of whoever does the step: those at home and before the camera do the same. */
    static Surface hands(Who who) {
        return switch (who) {
            case ADULT -> new Surface("hands/adult", Words.OURS.say("hands.adult"));
            case HELPER -> new Surface("hands/helper", Words.OURS.say("hands.helper"));
            case LEARNER, ADULT_NEAR, PRESENTER -> new Surface("hands", Words.OURS.say("hands"));
        };
    }

    static Surface handle(String id) {
        return new Surface(id, Words.OURS.say("handle." + id));
    }

    public boolean isHands() {
        return id.startsWith("hands");
    }
}

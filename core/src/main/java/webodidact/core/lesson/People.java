package webodidact.core.lesson;

/**
 * Who does a step.
 *
 * @param with who does it at the same time, or null: a child beside the presenter, a helper
 */
public record People(Who who, Who with) {
    public People {
        who = who == null ? Who.LEARNER : who;
        if (with == who) with = null;
    }
}

package webodidact.core.lesson;

/** Who does a step. */
public record People(Who who) {
    public People {
        who = who == null ? Who.LEARNER : who;
    }
}

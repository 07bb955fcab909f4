package webodidact.core.lesson;

/**
 * Who does a step.
 *
 * @param with who does it at the same time, or null: a child beside the presenter, a helper
 * @param branch the branch of the lesson that alone takes it, "With beans"; "" where all do
 */
public record People(Who who, Who with, String branch) {
    public People {
        who = who == null ? Who.LEARNER : who;
        if (with == who) with = null;
        branch = branch == null ? "" : branch.strip();
    }
}

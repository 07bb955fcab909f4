package webodidact.core.lesson;

/**
 * What is to be learned in a step.
 *
 * @param note what to point out
 */
public record Teaching(String skill, String note, String question, String answer) {
    public Teaching {
        skill = Texts.orEmpty(skill);
        note = Texts.orEmpty(note);
        question = Texts.orEmpty(question);
        answer = Texts.orEmpty(answer);
    }
}

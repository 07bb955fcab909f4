package webodidact.core.check;

import java.util.function.UnaryOperator;
import webodidact.core.lesson.Lesson;
import webodidact.core.words.Message;

/**
 * One press that mends a finding. Two that say the same are equal.
 *
 * @param said what the press does, "Add the wash"
 */
public record Mend(Message said, UnaryOperator<Lesson> change) {
    public String label() {
        return said.text();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Mend mend && mend.said.equals(said);
    }

    @Override
    public int hashCode() {
        return said.hashCode();
    }
}

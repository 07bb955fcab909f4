package webodidact.core.check;

import java.util.function.UnaryOperator;
import webodidact.core.lesson.Lesson;

/**
 * One press that mends a finding.
 *
 * @param label what the press does, "Add the wash"
 */
public record Mend(String label, UnaryOperator<Lesson> change) {}

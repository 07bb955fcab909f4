package webodidact.formats.paper;

import java.util.List;
import java.util.Optional;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.formats.pdf.PageLines;

/** Which step of the method card stands where. */
public final class CardLines {
    private CardLines() {}

    /** Those on the card, in their order. */
    public static List<Step> steps(Lesson lesson) {
        return MethodCard.steps(lesson);
    }

    /** The step whose words stand at a height of a page, in points from its upper edge; empty above the first one. */
    public static Optional<Step> stepAt(List<PageLines.Line> lines, int page, double y, Edition edition) {
        var steps = MethodCard.steps(edition.taken());
        int found = -1;
        int next = 0;
        for (var line : lines) {
            // Steps come in their order: the next one begins where its title stands behind its number.
            while (next < steps.size()
                    && begins(line.text(), next + 1, steps.get(next).title())) {
                if (line.page() > page || line.page() == page && line.top() > y) return step(steps, found);
                found = next++;
            }
            if (line.page() > page) break;
        }
        return step(steps, found);
    }

    private static boolean begins(String text, int number, String title) {
        var flat = text.replaceAll("\\s+", " ");
        var start = title.replaceAll("\\s+", " ").strip();
        if (start.length() > 20) start = start.substring(0, 20);
        return flat.startsWith(number + " " + start) || flat.startsWith(start) && !start.isEmpty();
    }

    private static Optional<Step> step(List<Step> steps, int i) {
        return i < 0 ? Optional.empty() : Optional.of(steps.get(i));
    }
}

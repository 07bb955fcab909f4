package webodidact.core.check;

import java.util.List;
import java.util.Map;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Schedule;

/**
 * All that a check may look at.
 *
 * @param schedule null where it was not worked out: checks that ask for it are left out, and its failure is told once
 * @param mentions by step id, what its say text names
 * @param done by step id, what its do text names
 * @param draws by food line id, what the steps take of it; null as for {@code schedule}
 */
public record Situation(Lesson lesson, Course course, Pace pace, Schedule schedule, Knowledge knowledge,
        Map<String, List<Mentions.Mention>> mentions, Map<String, List<Mentions.Mention>> done,
        Map<String, Draws.Line> draws) {
    /** @throws Unworked.Missing if the times could not be worked out */
    @Override
    public Schedule schedule() {
        if (schedule == null) throw new Unworked.Missing("the times");
        return schedule;
    }

    /** @throws Unworked.Missing if it could not be worked out what the steps take */
    @Override
    public Map<String, Draws.Line> draws() {
        if (draws == null) throw new Unworked.Missing("what the steps take");
        return draws;
    }
}

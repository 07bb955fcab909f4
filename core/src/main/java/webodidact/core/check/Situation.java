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
 * @param mentions by step id, what its say text names
 * @param done by step id, what its do text names
 * @param draws by food line id, what the steps take of it
 */
public record Situation(Lesson lesson, Course course, Pace pace, Schedule schedule, Knowledge knowledge,
        Map<String, List<Mentions.Mention>> mentions, Map<String, List<Mentions.Mention>> done,
        Map<String, Draws.Line> draws) {}

package webodidact.core.list;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Way;
import webodidact.core.swap.InUse;
import webodidact.core.time.TimeRange;

/**
 * What the other heats of a home without an oven can take over of one step, by the table of tools: figures to be tried first, the cue
 * and the probe decide as they do in the oven.
 *
 * @param number of the step, from 1
 * @param ways nothing where the step needs an oven
 */
public record OvenInstead(Step step, int number, List<Instead> ways) {
    /** °C by which an air fryer is set lower than an oven without a fan. */
    private static final int LOWER = 20;

    private static final int LEAST = 30;
    private static final int MINUTE = 60;

    /**
     * @param sure the home is known to have it; of an air fryer nobody has asked
     * @param time how long it takes there, or null where the step's own length is unsaid
     * @param heat what it is set to, where it has such a scale; else null
     */
    public record Instead(Tool tool, boolean sure, TimeRange time, Heat heat, String note) {
        /** The same as a way of the step that homes are told of. */
        public Way asWay(Step step) {
            var place = switch (tool.id()) {
                case "hob" -> Place.RING;
                case "microwave-tool" -> Place.MICROWAVE;
                case "air-fryer" -> Place.COUNTERTOP;
                default -> Place.BENCH;
            };
            return new Way(
                    Words.OURS.say("oven.way", tool.name()),
                    step.hands(),
                    time,
                    List.of(),
                    place,
                    heat,
                    note,
                    null,
                    true);
        }
    }

    public OvenInstead {
        ways = List.copyOf(ways);
    }

    /** Of each step in the oven that learners do and that is not told another way already; none where the home has an oven. */
    public static List<OvenInstead> of(Lesson lesson, Household home, Knowledge knowledge) {
        if (home.oven()) return List.of();
        var all = new ArrayList<OvenInstead>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            boolean told = step.ways().stream().anyMatch(w -> w.offered() && w.place() != Place.OVEN);
            // One who opens the oven and looks has put something into it in an earlier step.
            boolean cooks = step.waiting() != null;
            if (step.place() == Place.OVEN && cooks && !told && !step.who().isBeforeCamera())
                all.add(new OvenInstead(step, i + 1, ways(lesson, step, home, knowledge)));
        }
        return List.copyOf(all);
    }

    private static List<Instead> ways(Lesson lesson, Step step, Household home, Knowledge knowledge) {
        var text = String.join(
                ". ",
                lesson.title(),
                step.title(),
                step.doing(),
                step.say(),
                step.waiting().what());
        return knowledge.tool("oven").stream()
                .flatMap(t -> t.instead().stream())
                .filter(i -> !lacks(home, i.tool())
                        && i.cannot().stream().flatMap(c -> c.verbs().stream()).noneMatch(v -> InUse.says(text, v)))
                .flatMap(i -> knowledge.tool(i.tool()).stream().map(t -> instead(step, i, t)))
                .toList();
    }

    private static boolean lacks(Household home, String tool) {
        return switch (tool) {
            case "hob" -> !home.hob();
            case "microwave-tool" -> !home.microwave();
            default -> home.missingTools().contains(tool);
        };
    }

    private static Instead instead(Step step, Tool.Instead by, Tool tool) {
        boolean fryer = tool.id().equals("air-fryer");
        var wait = step.waiting();
        var time = wait.unsaid()
                ? null
                : new TimeRange(
                        minutes(wait.time().low(), by.time()),
                        minutes(wait.time().high(), by.time()));
        return new Instead(tool, !fryer, time, fryer ? lower(step.heat()) : null, by.note());
    }

    /** To whole minutes, up. */
    private static int minutes(int seconds, Ratio times) {
        return (int) Ratio.of(seconds).times(times).dividedBy(Ratio.of(MINUTE)).ceiling() * MINUTE;
    }

    private static Heat lower(Heat heat) {
        if (heat == null) return null;
        int celsius = Math.max(LEAST, OvenScale.conventional(heat) - LOWER);
        int high = Math.max(celsius, celsius + heat.high() - heat.low());
        return new Heat(celsius, high, Heat.Mode.FAN);
    }
}

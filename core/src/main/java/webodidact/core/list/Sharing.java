package webodidact.core.list;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.ToolLine;

/** What it costs in time that there are fewer of a tool than sets. */
public final class Sharing {
    /**
     * @param step number of it, from 1
     * @param added seconds the last set is later, for hands of the audience's pace
     */
    public record Delay(ToolLine tool, int step, String stepId, int turns, int added) {}

    private Sharing() {}

    /** How often each of a tool is handed on until all sets have used it; 1 where each has its own. */
    public static int turns(ToolLine tool, int sets) {
        if (tool.shared() == 0 || sets == 0) return 1;
        return (int) Ratio.of((long) tool.count() * sets, tool.shared()).ceiling();
    }

    /** Where sets wait for a tool; the demonstration has its own. */
    public static List<Delay> delays(Lesson lesson) {
        var all = new ArrayList<Delay>();
        int sets = lesson.sets().groups();
        for (var tool : lesson.tools()) {
            int turns = turns(tool, sets);
            if (turns < 2 || tool.tool() == null) continue;
            for (int i = 0; i < lesson.steps().size(); i++) {
                var step = lesson.steps().get(i);
                if (!step.tools().contains(tool.tool())) continue;
                int one = (int) lesson.audience()
                        .handsFactor()
                        .times(step.hands().likely())
                        .nearest();
                if (one > 0) all.add(new Delay(tool, i + 1, step.id(), turns, one * (turns - 1)));
            }
        }
        return List.copyOf(all);
    }
}

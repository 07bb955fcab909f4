package webodidact.core.air;

import java.util.ArrayList;
import java.util.List;

/**
 * What the recorder and the cameras keep of a run: what was on camera when, and where it was marked. Worked out from the run, so that a
 * real recorder that starts and stops on the same keys has the same.
 */
public record Tally(List<Shot> shots, List<Mark> marks) {
    /**
     * A stretch with one camera.
     *
     * @param take number of the take, from 1
     * @param from second of that take; {@code to} where the next one begins, or the take ends
     * @param camera as the lesson names it, or ""
     */
    public record Shot(int take, String step, String camera, int from, int to) {}

    /** @param at second of the take, to the step */
    public record Mark(int take, String step, int at, String why) {}

    public Tally {
        shots = List.copyOf(shots);
        marks = List.copyOf(marks);
    }

    public static Tally of(AirRun run) {
        var shots = new ArrayList<Shot>();
        var marks = new ArrayList<Mark>();
        for (var slate : run.slates()) add(run, slate.number(), slate.laps(), shots, marks);
        add(run, run.number(), run.laps(), shots, marks);
        return new Tally(shots, marks);
    }

    private static void add(AirRun run, int take, List<Lap> laps, List<Shot> shots, List<Mark> marks) {
        int now = 0;
        var camera = "";
        for (int i = 0; i < laps.size(); i++) {
            var step = run.plan().step(i);
            if (!step.camera().isBlank()) camera = step.camera();
            int end = now + laps.get(i).spent();
            if (end > now) shots.add(new Shot(take, step.id(), camera, now, end));
            for (var mark : laps.get(i).marks()) marks.add(new Mark(take, step.id(), now, mark));
            now = end;
        }
    }
}

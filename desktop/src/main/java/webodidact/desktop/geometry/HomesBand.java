package webodidact.desktop.geometry;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.homes.Simulation;
import webodidact.core.timing.Schedule;

/**
 * The homes beside the presenter: how far the quickest tenth, half, and the slowest tenth are at each time.
 *
 * @param points by step
 * @param worst number of the step at which fewest are ready, or 0
 * @param percent ready there
 */
public record HomesBand(List<Point> points, int worst, int percent) {
    /**
     * @param shown second at which the step begins on air
     * @param early second at which the quickest tenth has finished it, {@code middle} half, {@code late} nine tenths
     */
    public record Point(int shown, int early, int middle, int late) {}

    public HomesBand {
        points = List.copyOf(points);
    }

    public static HomesBand of(Schedule schedule, Simulation.Result result) {
        var points = new ArrayList<Point>();
        for (int i = 0; i < Math.min(schedule.steps().size(), result.steps().size()); i++) {
            var step = result.steps().get(i);
            points.add(new Point(schedule.steps().get(i).span().start(), step.early(), step.middle(), step.late()));
        }
        var worst = result.worst();
        return new HomesBand(
                points,
                worst.map(Simulation.StepPace::number).orElse(0),
                worst.map(Simulation.StepPace::percent).orElse(100));
    }
}

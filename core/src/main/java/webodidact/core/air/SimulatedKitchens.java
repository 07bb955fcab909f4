package webodidact.core.air;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.food.Knowledge;
import webodidact.core.homes.Chance;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.Progress;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;

/**
 * The households of the course as cooks, with their tools, stand-ins, ages and pace: one evening thrown with dice from a seed and played
 * against when the steps were really shown.
 */
public final class SimulatedKitchens implements Kitchens {
    private static final int WANTED = 85;
    private final Simulation evening;
    private final List<Household> homes;
    private final Knowledge knowledge;
    private final long seed;

    private SimulatedKitchens(Simulation evening, List<Household> homes, Knowledge knowledge, long seed) {
        this.evening = evening;
        this.homes = homes;
        this.knowledge = knowledge;
        this.seed = seed;
    }

    /** @param homes at least one */
    public static SimulatedKitchens of(
            Lesson lesson, List<Household> homes, Knowledge knowledge, Course course, long seed) {
        var paces = HomePace.of(lesson, homes, knowledge, course);
        var evening = Simulation.of(lesson, paces, Chance.USUAL, homes.size(), seed, Progress.NONE)
                .orElseThrow();
        return new SimulatedKitchens(evening, List.copyOf(homes), knowledge, seed);
    }

    @Override
    public State at(AirRun run) {
        if (run.isOver()) return new State(List.of(), 0, 100, 0, homes.size());
        var schedule = Rest.of(run);
        var evenings = evening.evenings(schedule);
        int now = run.onAir();
        var all = new ArrayList<Home>();
        for (int h = 0; h < evenings.size(); h++) all.add(home(homes.get(h), evenings.get(h), run.index(), now));
        int next = run.index() + 1;
        if (next >= run.plan().steps()) return new State(all, 0, 100, 0, homes.size());
        var lags = evenings.stream()
                .map(e -> Math.max(0, e.lag().get(next) - Chance.USUAL.grace()))
                .sorted()
                .toList();
        int ready = (int) lags.stream().filter(l -> l == 0).count();
        int hold = lags.get(Math.max(0, Math.ceilDiv(lags.size() * WANTED, 100) - 1));
        // Whole five seconds: nobody holds for 37.
        int rounded = Math.ceilDiv(hold, 5) * 5;
        return new State(all, next + 1, (ready * 200 + lags.size()) / (lags.size() * 2), rounded, (int)
                lags.stream().filter(l -> l <= rounded).count());
    }

    @Override
    public List<Asking.Question> asked(AirRun run) {
        if (run.isOver()) return List.of();
        int now = run.onAir();
        return Asking.of(run.plan().lesson(), Rest.of(run), homes, knowledge, seed).stream()
                .filter(q -> q.at() <= now)
                .toList();
    }

    @Override
    public String name() {
        return Words.OURS.say("kitchens.simulated");
    }

    private static Home home(Household home, Simulation.Evening evening, int index, int now) {
        int at = 0;
        while (at < index && evening.finish().get(at) <= now + Chance.USUAL.grace()) at++;
        if (at >= index) return new Home(home, Stand.READY, index + 1, 0, "");
        int left = Math.max(1, evening.finish().get(index - 1) - now);
        int stuck = evening.stuck().get(at);
        int done = evening.finish().get(at);
        // The time in which nothing goes on is the last of that step.
        boolean isStuck = stuck > 0 && now >= done - stuck;
        return new Home(
                home,
                isStuck ? Stand.STUCK : Stand.BEHIND,
                at + 1,
                left,
                String.join(", ", evening.home().notes()));
    }
}

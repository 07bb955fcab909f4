package webodidact.terminal;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import webodidact.core.homes.Chance;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.HomeTime;
import webodidact.core.homes.Progress;
import webodidact.core.homes.Simulation;
import webodidact.core.time.Clock;

/** Whether the homes keep up, step by step. */
final class HomesCommand implements Command {
    private static final int MOST = 200_000;

    private Told told;

    private boolean json;

    private int homes;

    private long seed;

    private Path file;

    @Override
    public Manual manual() {
        return new Manual("homes")
                .flag("json")
                .option("homes", "N", "10000")
                .option("seed", "N", "7")
                .argument("LESSON");
    }

    @Override
    public int run(Told told) {
        this.told = told;
        json = told.has("json");
        homes = told.number("homes");
        seed = told.whole("seed");
        file = told.file();
        if (homes < 1 || homes > MOST) throw new IllegalArgumentException(Words.say("homes.most", homes, MOST));
        var opened = LessonFile.open("homes", file, told.err());
        opened.needHomes("homes");
        var outcome = opened.plan();
        var paces = HomePace.of(
                opened.lesson(),
                opened.book().households(),
                outcome.knowledge(),
                opened.book().course());
        var result = Simulation.of(opened.lesson(), paces, Chance.USUAL, homes, seed, Progress.NONE)
                .orElseThrow()
                .against(outcome.schedule());
        var out = told.out();
        var atHome = HomeTime.of(opened.lesson(), paces, outcome.schedule(), outcome.pace());
        if (!opened.lesson().delivery().isLive()) {
            recorded(atHome, opened);
            return 0;
        }
        if (json) {
            out.println(Json.pretty(Map.of(
                    "steps", result.steps().stream().map(HomesCommand::step).toList())));
            return 0;
        }
        for (var step : result.steps()) {
            out.printf(
                    Locale.ROOT,
                    "%2d %-32s %s%n",
                    step.number(),
                    opened.lesson().steps().get(step.number() - 1).title(),
                    Words.say(
                            step.holdFor85() > 0 ? "homes.hold" : "homes.ready",
                            String.format(Locale.ROOT, "%3d", step.percent()),
                            Clock.text(step.holdFor85())));
        }
        out.println(Words.say("homes.readyToEat", atHome.readyToEat().text()));
        if (atHome.untimed() > 0) out.println(Words.say("homes.untimed", atHome.untimed()));
        result.behind()
                .forEach(b -> out.println(Words.say(
                        "homes.behind", b.home().home().alias(), Clock.text(b.seconds()), b.step(), b.why())));
        return 0;
    }

    /** A recording is paused: it tells the time at home, not who keeps up. */
    private void recorded(HomeTime time, LessonFile opened) {
        var out = told.out();
        if (json) {
            var map = new LinkedHashMap<String, Object>();
            map.put("readyToEatLow", time.readyToEat().low());
            map.put("readyToEatHigh", time.readyToEat().high());
            map.put("untimed", time.untimed());
            map.put(
                    "pauses",
                    time.pauses().stream()
                            .map(p -> Map.of(
                                    "after",
                                    p.step(),
                                    "low",
                                    p.time().low(),
                                    "high",
                                    p.time().high()))
                            .toList());
            out.println(Json.pretty(map));
            return;
        }
        out.println(Words.say(
                "homes.atHome", time.readyToEat().text(), time.pauses().size()));
        for (var pause : time.pauses())
            out.println(Words.say(
                    pause.waits() ? "homes.pauseWait" : "homes.pauseHands",
                    pause.number(),
                    opened.lesson().steps().get(pause.number() - 1).title(),
                    pause.time().text()));
        if (time.untimed() > 0) out.println(Words.say("homes.untimed", time.untimed()));
    }

    private static Map<String, Object> step(Simulation.StepPace pace) {
        var map = new LinkedHashMap<String, Object>();
        map.put("id", pace.id());
        map.put(
                "ready",
                BigDecimal.valueOf(pace.ready()).divide(BigDecimal.valueOf(pace.homes()), 4, RoundingMode.HALF_UP));
        map.put("holdFor85", pace.holdFor85());
        return map;
    }
}

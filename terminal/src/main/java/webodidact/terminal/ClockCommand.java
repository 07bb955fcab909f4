package webodidact.terminal;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Cover;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Part;
import webodidact.core.timing.Placed;

/** The clock of one lesson: what is on air when, both ends, what is left open. */
final class ClockCommand implements Command {
    private Told told;

    private boolean json;

    private Path file;

    @Override
    public Manual manual() {
        return new Manual("clock").flag("json").argument("LESSON");
    }

    @Override
    public int run(Told told) {
        this.told = told;
        json = told.has("json");
        file = told.file();
        var outcome = LessonFile.open("clock", file, told.err()).openEnds();
        var open = outcome.report().open().stream().filter(Finding::isOpenEnd).toList();
        outcome.missing(Outcome.Part.TIMES).ifPresent(u -> told.err().println("clock: " + u.text() + " " + u.why()));
        if (json) told.out().println(Json.pretty(object(outcome, open)));
        else print(outcome, open);
        return LessonFile.code(
                outcome, outcome.schedule().over() > 0 || open.stream().anyMatch(Finding::isStop));
    }

    private void print(Outcome outcome, List<Finding> open) {
        var out = told.out();
        var plan = outcome.schedule();
        for (var p : plan.steps()) {
            out.printf(
                    Locale.ROOT,
                    "%6s  %6s  %2d %s%s%n",
                    Clock.text(p.span().start()),
                    Clock.text(p.span().length()),
                    p.number(),
                    p.step().title(),
                    wait(outcome, p));
        }
        if (!plan.isComplete())
            out.println(Words.say(
                    "clock.untimed",
                    plan.untimed().size(),
                    plan.untimed().stream()
                            .map(id -> outcome.lesson().indexOf(id) + 1)
                            .toList()));
        out.println(Words.say(
                plan.over() > 0
                        ? "clock.over"
                        : !plan.isComplete() ? "clock.atLeast" : plan.inHand() < 0 ? "clock.within" : "clock.inHand",
                Clock.text(plan.planned()),
                plan.total().text(),
                Clock.text(plan.slot()),
                Clock.text(Math.abs(plan.inHand()))));
        for (var part : plan.parts())
            out.println(
                    Words.say("clock.part", part.title(), Clock.text(part.span().length()), part.first(), part.last()));
        open.forEach(f -> out.println(Words.say("clock.open", f.what())));
    }

    private static String wait(Outcome outcome, Placed placed) {
        var run = placed.waiting();
        if (run == null) return "";
        var time = " · " + placed.step().waiting().time().text() + ", "
                + cover(placed.step().waiting().cover());
        if (run.isOpen()) return time;
        var in = placed.step().carriesOn()
                ? Words.say("clock.to", time, outcome.lesson().indexOf(run.collectedIn()) + 1)
                : time;
        return run.early() > 0
                ? Words.say("clock.early", in, Clock.text(run.early()))
                : run.late() > 0 ? Words.say("clock.late", in, Clock.text(run.late())) : in;
    }

    static String cover(Cover cover) {
        return switch (cover) {
            case Cover.Stay _ -> "stay";
            case Cover.CarryOn _ -> "carry-on";
            case Cover.Cut _ -> "cut";
            case Cover.ReadyCopy _ -> "ready-copy";
            case Cover.SpeedUp _ -> "speed-up";
            case Cover.Elsewhere _ -> "elsewhere";
        };
    }

    private static Map<String, Object> object(Outcome outcome, List<Finding> open) {
        var plan = outcome.schedule();
        var map = new LinkedHashMap<String, Object>();
        map.put("slot", plan.slot());
        map.put("total", total(plan.total(), plan.planned()));
        map.put("inHand", plan.inHand());
        map.put("untimed", plan.untimed());
        map.put("kitchenTotal", total(plan.kitchenTotal(), plan.kitchen()));
        map.put("parts", plan.parts().stream().map(ClockCommand::part).toList());
        map.put("cameraMoves", plan.cameraMoves());
        map.put("steps", plan.steps().stream().map(ClockCommand::step).toList());
        map.put("open", open.stream().map(Finding::what).toList());
        return map;
    }

    private static Map<String, Object> total(TimeRange range, int likely) {
        var map = new LinkedHashMap<String, Object>();
        map.put("low", range.low());
        map.put("likely", likely);
        map.put("high", range.high());
        return map;
    }

    private static Map<String, Object> part(Part part) {
        var map = new LinkedHashMap<String, Object>();
        map.put("title", part.title());
        map.put("first", part.first());
        map.put("last", part.last());
        map.put("start", part.span().start());
        map.put("end", part.span().end());
        map.put("low", part.length().low());
        map.put("high", part.length().high());
        map.put("kitchen", part.kitchen());
        return map;
    }

    private static Map<String, Object> step(Placed placed) {
        var map = new LinkedHashMap<String, Object>();
        var run = placed.waiting();
        map.put("id", placed.step().id());
        map.put("title", placed.step().title());
        map.put("start", placed.span().start());
        map.put("end", placed.span().end());
        map.put("talk", placed.talk());
        map.put("hands", placed.hands().likely());
        var wait = new LinkedHashMap<String, Object>();
        if (run != null) {
            wait.put("low", placed.step().waiting().time().low());
            wait.put("high", placed.step().waiting().time().high());
        }
        map.put("wait", run == null ? null : wait);
        map.put("cover", run == null ? null : cover(placed.step().waiting().cover()));
        map.put("collectedAt", run == null || run.isOpen() ? null : run.collectedIn());
        map.put("early", run == null ? 0 : run.early());
        map.put("late", run == null ? 0 : run.late());
        return map;
    }
}

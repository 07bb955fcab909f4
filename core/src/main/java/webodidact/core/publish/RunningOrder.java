package webodidact.core.publish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import webodidact.core.lesson.Cover;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;

/** The lesson as those at the cameras follow it: when each step comes, when it must, what is seen, what waits and what may give. */
public record RunningOrder(List<Row> rows) {
    /**
     * @param at seconds since the start, as planned
     * @param hit seconds by which it must be reached
     * @param length seconds on air
     * @param part title of the part that begins here, or ""
     * @param camera where it looks; {@code moves} if the step before looked elsewhere
     * @param waits what runs, is collected and when, in words
     * @param hold seconds held for the homes
     * @param trim seconds that may be left out
     * @param idle seconds of dead air before it
     */
    public record Row(
            int number,
            String title,
            String kind,
            String who,
            int at,
            int hit,
            int length,
            String part,
            String camera,
            boolean moves,
            List<String> waits,
            int hold,
            int trim,
            int idle,
            boolean untimed) {}

    public RunningOrder {
        rows = List.copyOf(rows);
    }

    public static RunningOrder of(Schedule schedule) {
        var parts = new HashMap<Integer, String>();
        for (var part : schedule.parts()) parts.put(part.first(), part.title());
        var rows = new ArrayList<Row>();
        var camera = "";
        for (var placed : schedule.shown()) {
            var step = placed.step();
            var now = step.camera().isBlank() ? camera : step.camera();
            rows.add(new Row(
                    placed.number(),
                    step.title(),
                    step.kind().title(),
                    step.who().title(),
                    placed.span().start(),
                    placed.hit(),
                    placed.span().length(),
                    parts.getOrDefault(placed.number(), ""),
                    now,
                    !now.equals(camera) && !rows.isEmpty(),
                    waits(schedule, placed),
                    step.hold(),
                    step.trim(),
                    placed.idle(),
                    schedule.untimed().contains(step.id())));
            camera = now;
        }
        return new RunningOrder(rows);
    }

    private static List<String> waits(Schedule schedule, Placed placed) {
        var all = new ArrayList<String>();
        for (var other : schedule.steps())
            if (other.waiting() != null
                    && placed.step().id().equals(other.waiting().collectedIn()))
                all.add(Words.OURS.say("order.collects", other.number(), what(other)));
        var wait = placed.step().waiting();
        if (wait != null) {
            var time =
                    wait.unsaid() ? Words.OURS.say("order.unsaid") : wait.time().text();
            all.add(
                    switch (wait.cover()) {
                        case Cover.Stay _ -> Words.OURS.say("order.stay", what(placed), time);
                        case Cover.CarryOn _ -> Words.OURS.say("order.runs", what(placed), time);
                        case Cover.Cut _ -> Words.OURS.say("order.cut", what(placed), time);
                        case Cover.SpeedUp(int times) -> Words.OURS.say("order.fast", what(placed), time, times);
                        case Cover.ReadyCopy _ -> Words.OURS.say("order.copy", what(placed), time);
                        case Cover.Elsewhere _ -> Words.OURS.say("order.elsewhere", what(placed), time);
                    });
        }
        return List.copyOf(all);
    }

    private static String what(Placed placed) {
        var wait = placed.step().waiting();
        return wait == null || wait.what().isBlank() ? placed.step().title() : wait.what();
    }
}

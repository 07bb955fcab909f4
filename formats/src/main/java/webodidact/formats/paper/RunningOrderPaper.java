package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.publish.RunningOrder;
import webodidact.core.time.Clock;

/** Step by step when it comes and when it must, where the cameras look, what waits, holds and may be trimmed. */
final class RunningOrderPaper extends GridPaper {
    private static final int COLUMNS = 6;

    RunningOrderPaper() {
        super("running-order", PaperGroup.INSTRUCTOR);
    }

    @Override
    String intro(Edition edition) {
        var schedule = edition.outcome().schedule();
        return Words.say(
                "order.intro",
                Clock.text(schedule.planned()),
                schedule.total().text(),
                Clock.text(schedule.slot()),
                Clock.text(schedule.deadAir()),
                schedule.cameraMoves());
    }

    @Override
    String warning(Edition edition) {
        var schedule = edition.outcome().schedule();
        if (!schedule.isComplete())
            return Words.say("order.untimed", schedule.untimed().size());
        return schedule.over() > 0 ? Words.say("order.over", Clock.text(schedule.over())) : "";
    }

    @Override
    List<Table> tables(Edition edition) {
        var rows = new ArrayList<Row>();
        for (var row : RunningOrder.of(edition.outcome().schedule()).rows()) {
            if (!row.part().isEmpty()) rows.add(part(row.part(), COLUMNS));
            var soft = new ArrayList<>(row.waits());
            if (row.idle() > 0) soft.addFirst(Words.say("order.idle", Clock.text(row.idle())));
            if (row.hold() > 0) soft.add(Words.say("order.hold", Clock.text(row.hold())));
            if (row.trim() > 0) soft.add(Words.say("order.trim", Clock.text(row.trim())));
            rows.add(new Row(
                    "",
                    List.of(
                            Cell.number(Clock.text(row.at())),
                            Cell.number(Clock.text(row.hit())),
                            Cell.number(row.untimed() ? Words.say("order.open") : Clock.text(row.length())),
                            Cell.text(row.number() + "  " + row.title(), soft),
                            Cell.text(row.who()),
                            Cell.text((row.moves() ? "→ " : "") + row.camera()))));
        }
        return List.of(new Table(
                "",
                List.of(
                        Head.number(Words.say("order.at"), "14mm"),
                        Head.number(Words.say("order.by"), "14mm"),
                        Head.number(Words.say("order.lasts"), "14mm"),
                        Head.of(Words.say("order.step")),
                        Head.wide(Words.say("order.who"), "30mm"),
                        Head.wide(Words.say("order.camera"), "32mm")),
                rows));
    }

    @Override
    String notice(Edition edition) {
        return Words.say("order.notice");
    }
}

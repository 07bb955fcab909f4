package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.publish.Prompter;
import webodidact.core.publish.RunningOrder;
import webodidact.core.time.Clock;

/** The whole script: what is seen and done on the left, what is said on the right, with marks for breath and for what is said slowly. */
final class ScriptPaper extends GridPaper {
    ScriptPaper() {
        super("script", PaperGroup.INSTRUCTOR);
    }

    @Override
    String intro(Edition edition) {
        return Words.say("script.intro");
    }

    @Override
    List<Table> tables(Edition edition) {
        var schedule = edition.outcome().schedule();
        var order = RunningOrder.of(schedule);
        var rows = new ArrayList<Row>();
        for (int i = 0; i < order.rows().size(); i++) {
            var row = order.rows().get(i);
            var step = schedule.shown().get(i).step();
            if (!row.part().isEmpty()) rows.add(part(row.part(), 2));
            var soft = new ArrayList<String>();
            soft.add(Words.say("script.at", Clock.text(row.at()), Clock.text(row.length())));
            soft.add(
                    row.camera().isEmpty()
                            ? ""
                            : Words.say(row.moves() ? "script.move" : "script.camera", row.camera()));
            soft.addAll(row.waits());
            if (!step.doing().isBlank()) soft.add(step.doing());
            if (row.hold() > 0) soft.add(Words.say("order.hold", Clock.text(row.hold())));
            var said = new StringBuilder(said(step.say()));
            if (!step.question().isBlank())
                said.append("<p class=\"who\">")
                        .append(escaped(Words.say("script.ask", step.question())))
                        .append("</p>");
            if (!step.answer().isBlank())
                said.append("<p class=\"soft\">")
                        .append(escaped(Words.say("script.answer", step.answer())))
                        .append("</p>");
            rows.add(new Row(
                    "",
                    List.of(Cell.text(row.number() + "  " + row.title(), soft), new Cell(said.toString(), "say", 0))));
        }
        return List.of(new Table(
                "", List.of(Head.wide(Words.say("script.seen"), "36%"), Head.of(Words.say("script.said"))), rows));
    }

    /** A sentence that warns is marked and in another colour; a bar where there is time for a breath. */
    private static String said(String text) {
        var out = new StringBuilder();
        boolean fresh = true;
        for (var breath : Prompter.breaths(text)) {
            if (fresh && breath.caution())
                out.append("<span class=\"slow\">").append(Prompter.CAUTION).append("</span> ");
            out.append(breath.caution() ? "<span class=\"slow\">" : "<span>")
                    .append(escaped(breath.words()))
                    .append("</span>");
            out.append("<span class=\"breath\"> ")
                    .append(breath.ends() ? Prompter.LONG : Prompter.SHORT)
                    .append("</span> ");
            fresh = breath.ends();
        }
        return out.toString();
    }
}

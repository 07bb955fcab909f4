package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.bench.Job;
import webodidact.core.list.BenchList;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.Prepared;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;

/** What is done before air, by the clock, with what is weighed and set out for each step. */
final class PrepPaper extends GridPaper {
    PrepPaper() {
        super("prep-sheet", PaperGroup.HELPERS);
    }

    @Override
    String intro(Edition edition) {
        var plan = edition.outcome().bench();
        var air = edition.lesson().air();
        var prepared = prepared(edition);
        if (prepared.plan().isPresent() && air != null) {
            var said = Words.say(
                    "prep.first",
                    PaperText.clock(
                            air.plusSeconds(prepared.plan().orElseThrow().start())),
                    PaperText.clock(air));
            if (prepared.plan().orElseThrow().proved()) return Words.say("prep.proved", said);
            return prepared.plan().orElseThrow().isProvedToTheMinute() ? Words.say("prep.provedMinute", said) : said;
        }
        return plan.jobs().isEmpty()
                ? ""
                : air == null
                        ? Words.say("prep.before", Clock.spell(-plan.firstStart()))
                        : Words.say(
                                "prep.first",
                                PaperText.clock(air.plusSeconds(plan.firstStart())),
                                PaperText.clock(air));
    }

    @Override
    String warning(Edition edition) {
        var prepared = prepared(edition);
        int untimed = edition.outcome().schedule().untimed().size();
        if (prepared.plan().isPresent()) return untimed == 0 ? "" : Words.say("prep.untimed", untimed);
        return prepared.clash()
                .map(c -> Words.say(
                        "prep.clash", c.demands().stream().map(d -> d.text()).toList()))
                .orElseGet(() -> String.join(" ", edition.outcome().bench().clashes()));
    }

    @Override
    List<Table> tables(Edition edition) {
        var rows = prepared(edition).plan().map(p -> planned(edition, p)).orElseGet(() -> first(edition));
        return List.of(new Table(
                "",
                List.of(
                        Head.number(Words.say("prep.at"), "18mm"),
                        Head.number(Words.say("prep.takes"), "16mm"),
                        Head.of(Words.say("prep.job")),
                        Head.wide(Words.say("prep.who"), "20mm"),
                        Head.wide(Words.say("prep.done"), "12mm")),
                rows));
    }

    /** The plan of the station: the same question has the same answer. */
    private static Prepared prepared(Edition edition) {
        return Prepared.of(edition.answers(), () -> false);
    }

    private static List<Row> planned(Edition edition, PrepPlan plan) {
        var rows = new ArrayList<Row>();
        for (var job : plan.jobs()) {
            var task = job.task();
            if (task.kind() == Task.Kind.AIR) continue;
            var soft = task.kind() == Task.Kind.SET_OUT ? settings(edition, task.step()) : new ArrayList<String>();
            if (soft.isEmpty()) soft.add(task.why());
            rows.add(row(edition, job.start(), task.takes(), task.what(), soft, job.who()));
        }
        return rows;
    }

    /** Worked back by one pair of hands, where no plan keeps everything. */
    private static List<Row> first(Edition edition) {
        var rows = new ArrayList<Row>();
        for (var job : edition.outcome().bench().toDo()) {
            var soft = job.type() == Job.Type.SET_OUT ? settings(edition, job.step()) : new ArrayList<String>();
            if (soft.isEmpty()) soft.add(job.why());
            rows.add(row(edition, job.span().start(), job.span().length(), job.title(), soft, ""));
        }
        return rows;
    }

    private static Row row(Edition edition, int at, int takes, String what, List<String> soft, String who) {
        var air = edition.lesson().air();
        var when = air == null ? Clock.text(at) : PaperText.before(air.plusSeconds(at), air);
        return new Row(
                "",
                List.of(
                        Cell.number(when),
                        Cell.number(Clock.text(takes)),
                        Cell.text(what, soft),
                        Cell.text(who),
                        Cell.text("☐")));
    }

    private static List<String> settings(Edition edition, String step) {
        var all = new ArrayList<String>();
        edition.answers().setOut().settings().stream()
                .filter(s -> edition.lesson().indexOf(step) == s.number() - 1)
                .forEach(s -> all.addAll(setting(s)));
        return all;
    }

    private static List<String> setting(BenchList.Setting setting) {
        var all = new ArrayList<String>();
        if (!setting.foods().isEmpty()) all.add(String.join(" · ", setting.foods()));
        if (!setting.tools().isEmpty()) all.add(String.join(" · ", setting.tools()));
        if (!setting.apart().isEmpty()) all.add(Words.say("bench.raw", setting.apart()));
        return all;
    }

    @Override
    String notice(Edition edition) {
        return Words.say("prep.notice");
    }
}

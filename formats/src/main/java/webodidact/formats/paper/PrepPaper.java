package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.bench.Job;
import webodidact.core.list.BenchList;
import webodidact.core.time.Clock;

/** What is done before air, by the clock, with what is weighed and set out for each step. */
final class PrepPaper extends GridPaper {
    @Override
    public String id() {
        return "prep-sheet";
    }

    @Override
    public PaperGroup group() {
        return PaperGroup.HELPERS;
    }

    @Override
    String intro(Edition edition) {
        var plan = edition.outcome().bench();
        var air = edition.lesson().air();
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
        return String.join(" ", edition.outcome().bench().clashes());
    }

    @Override
    List<Table> tables(Edition edition) {
        var settings = edition.answers().setOut().settings();
        var rows = new ArrayList<Row>();
        for (var job : edition.outcome().bench().toDo()) {
            var soft = new ArrayList<String>();
            if (job.type() == Job.Type.SET_OUT)
                settings.stream()
                        .filter(s -> edition.lesson().indexOf(job.step()) == s.number() - 1)
                        .forEach(s -> soft.addAll(setting(s)));
            if (soft.isEmpty()) soft.add(job.why());
            rows.add(new Row(
                    "",
                    List.of(
                            Cell.number(when(edition, job)),
                            Cell.number(Clock.text(job.span().length())),
                            Cell.text(job.title(), soft),
                            Cell.text("☐"))));
        }
        return List.of(new Table(
                "",
                List.of(
                        Head.number(Words.say("prep.at"), "18mm"),
                        Head.number(Words.say("prep.takes"), "16mm"),
                        Head.of(Words.say("prep.job")),
                        Head.wide(Words.say("prep.done"), "12mm")),
                rows));
    }

    private static List<String> setting(BenchList.Setting setting) {
        var all = new ArrayList<String>();
        if (!setting.foods().isEmpty()) all.add(String.join(" · ", setting.foods()));
        if (!setting.tools().isEmpty()) all.add(String.join(" · ", setting.tools()));
        if (!setting.apart().isEmpty()) all.add(Words.say("bench.raw", setting.apart()));
        return all;
    }

    private static String when(Edition edition, Job job) {
        var air = edition.lesson().air();
        return air == null
                ? Clock.text(job.span().start())
                : PaperText.before(air.plusSeconds(job.span().start()), air);
    }

    @Override
    String notice(Edition edition) {
        return Words.say("prep.notice");
    }
}

package webodidact.terminal;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import webodidact.core.check.Finding;
import webodidact.core.rules.Rules;

/** The checks on one lesson of a course, so that a machine can watch a course under version control. */
@Command(name = "check", mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
    /** Mends in one go; more would be a mend that does not mend. */
    private static final int MOST = 100;

    @Spec
    private CommandSpec spec;

    @Option(names = "--json")
    private boolean json;

    @Option(names = "--mend", paramLabel = "CODE")
    private String mend;

    @Parameters(paramLabel = "LESSON")
    private Path file;

    @Override
    public Integer call() throws IOException {
        var opened = LessonFile.open("check", file, spec.commandLine().getErr());
        if (mend != null) opened = mended(opened);
        var outcome = opened.outcome();
        var open = outcome.report().open();
        print(open);
        return LessonFile.code(outcome, open.stream().anyMatch(Finding::isStop));
    }

    /** One after the other, each looked for anew: a mend may mend two, or bring another. */
    private LessonFile mended(LessonFile opened) throws IOException {
        if (Rules.ALL.stream().noneMatch(r -> r.id().equals(mend)))
            throw new IllegalArgumentException(Words.say("check.none", mend));
        var now = opened;
        var err = spec.commandLine().getErr();
        for (int i = 0; i < MOST; i++) {
            var first = now.outcome().report().open().stream()
                    .filter(f -> f.check().equals(mend) && !f.mends().isEmpty())
                    .findFirst();
            if (first.isEmpty()) break;
            var by = first.get().mends().getFirst();
            err.println(Words.say("check.mended", first.get().what(), by.label()));
            var changed = by.change().apply(now.lesson());
            if (changed.equals(now.lesson())) break;
            now = new LessonFile(
                    now.folder(), now.book().withLesson(now.lesson().id(), l -> changed), changed, now.warnings());
        }
        if (now == opened) {
            err.println(Words.say("check.nothing", mend));
            return opened;
        }
        return opened.saving("check", now.lesson());
    }

    private void print(List<Finding> open) {
        var out = spec.commandLine().getOut();
        if (!json) {
            for (var f : open)
                out.println(Words.say(
                        f.isStop() ? "check.stop" : "check.look",
                        f.step() > 0 ? Words.say("check.step", f.step(), f.what()) : f.what(),
                        f.why()));
            if (open.isEmpty()) out.println(Words.say("check.clean"));
            return;
        }
        var all = new ArrayList<Map<String, Object>>();
        for (var f : open) {
            var map = new LinkedHashMap<String, Object>();
            map.put("severity", f.isStop() ? "stop" : "look");
            map.put("check", f.check());
            map.put("where", f.where());
            map.put("step", f.step() == 0 ? null : f.step());
            map.put("what", f.what());
            map.put("why", f.why());
            map.put("mends", f.mends().stream().map(m -> m.label()).toList());
            all.add(map);
        }
        out.println(Json.pretty(all));
    }
}

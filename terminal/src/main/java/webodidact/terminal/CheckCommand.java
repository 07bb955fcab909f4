package webodidact.terminal;

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

/** The checks on one lesson of a course, so that a machine can watch a course under version control. */
@Command(name = "check", mixinStandardHelpOptions = true, description = "The checks on one lesson; exit code 1 if it has open stops.")
final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;
    @Option(names = "--json", description = "an array, one object a finding")
    private boolean json;
    @Parameters(paramLabel = "LESSON", description = "a *.lesson.json in its course folder")
    private Path file;

    @Override
    public Integer call() {
        var outcome = LessonFile.open("check", file, spec.commandLine().getErr()).outcome();
        var open = outcome.report().open();
        print(open);
        return LessonFile.code(outcome, open.stream().anyMatch(Finding::isStop));
    }

    private void print(List<Finding> open) {
        var out = spec.commandLine().getOut();
        if (!json) {
            for (var f : open) out.println((f.isStop() ? "stop  " : "look  ") + (f.step() > 0 ? "step " + f.step() + ": " : "") + f.what() + " " + f.why());
            if (open.isEmpty()) out.println("nothing found");
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

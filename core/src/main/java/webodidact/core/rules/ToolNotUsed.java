package webodidact.core.rules;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.KindWords;
import webodidact.core.lesson.ToolLine;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Tools that homes are asked to have and that no step names or needs. */
final class ToolNotUsed implements Check {
    /** What has one job: where no step does it, homes fetch it for nothing. Of pans, spoons and tins nobody knows. */
    private static final Set<String> ONE_JOB = Set.of(
            "blender",
            "stick-blender",
            "bullet-blender",
            "food-processor",
            "mixer",
            "stand-mixer",
            "grater",
            "peeler",
            "zester",
            "mandoline",
            "rolling-pin",
            "masher",
            "ricer",
            "piping-bag",
            "spice-grinder",
            "juicer",
            "apple-corer",
            "melon-baller",
            "egg-slicer",
            "spiraliser",
            "ice-cream-machine",
            "sugar-thermometer",
            "steamer",
            "pasta-machine",
            "nutcracker",
            "oyster-knife",
            "pestle",
            "air-fryer",
            "deep-fryer",
            "pressure-cooker",
            "bread-machine",
            "rice-cooker");

    @Override
    public Stream<Finding> find(Situation s) {
        if (!s.isWritten()) return Stream.empty();
        var used = new HashSet<String>();
        s.handsOn().forEach(step -> {
            used.addAll(step.tools());
            var text = step.say() + " " + step.doing() + " " + step.title();
            s.knowledge().toolsIn(text).forEach(f -> used.add(f.id()));
            s.knowledge().toolsImpliedBy(text).forEach(f -> used.add(f.id()));
        });
        var unused = s.lesson().tools().stream()
                .filter(t -> t.tool() != null && !SameJob.isAmong(t.tool(), used) && ONE_JOB.contains(t.tool()))
                .filter(t -> !isCalled(s, t) && !isNeeded(s, t))
                .toList();
        if (unused.isEmpty()) return Stream.empty();
        return Stream.of(about(
                        new About.OfLesson(),
                        0,
                        unused.size(),
                        unused.stream().map(ToolLine::name).toList())
                .ofTools(unused.stream().map(ToolLine::tool).toList())
                .mending(mend("off", l -> {
                    var now = l;
                    for (var tool : unused)
                        now = Operations.delistTool(tool.id()).apply(now);
                    return now;
                })));
    }

    /** A food of the list asks for it, and nobody says so: cheese a grater. */
    private static boolean isNeeded(Situation s, ToolLine tool) {
        if (tool.tool().equals("juicer")) return s.handsOn().anyMatch(step -> Told.says(step, JUICE));
        if (tool.tool().equals("rolling-pin")) return s.handsOn().anyMatch(step -> Told.says(step, BASH));
        if (!Set.of("grater", "zester").contains(tool.tool())) return false;
        return s.foods().anyMatch(f -> KindWords.isMeantBy(f, "cheese") || GRATED.contains(f.id()));
    }

    private static final Phrase JUICE = Phrase.of("juic", "squeez");

    private static final Phrase BASH = Phrase.of("bash", "crush", "to crumbs", "flatten");

    private static final Set<String> GRATED =
            Set.of("ginger", "lemon", "lime", "orange", "carrot", "nutmeg", "whole-nutmeg", "beetroot", "courgette");

    /** A step has a word of its name, or the verb it is called by: "roll it thin". */
    private static boolean isCalled(Situation s, ToolLine tool) {
        var words = tool.name().toLowerCase(Locale.ROOT).split("\\s+");
        var first = words[0].replaceFirst("(?:ing|er)$", "");
        var last = words[words.length - 1].replaceFirst("s$", "");
        return s.handsOn()
                .map(x -> (x.say() + " " + x.doing()).toLowerCase(Locale.ROOT))
                .anyMatch(text -> text.contains(last) || first.length() > 3 && text.contains(first));
    }
}

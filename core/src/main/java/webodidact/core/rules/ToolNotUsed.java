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
import webodidact.core.food.Hazard;
import webodidact.core.lesson.ToolLine;

/** Tools that homes are asked to have and that no step names or needs. */
final class ToolNotUsed implements Check {
    /** Used without being named: nobody says "with the spoon". */
    private static final Set<Hazard> NAMED = Set.of(Hazard.HEAT, Hazard.ELECTRICAL, Hazard.BLADE);

    private static final Set<String> MANY_USES = Set.of(
            "knife",
            "board",
            "pan",
            "frying-pan",
            "baking-tray",
            "table-knife",
            "scissors",
            "oven-gloves",
            "hob",
            "oven",
            "trivet",
            "kettle",
            "microwave-tool",
            "skewer",
            "slotted-spoon",
            "ladle",
            "fish-slice",
            "large-pan",
            "small-pan",
            "stock-pot",
            "can-opener",
            "paring-knife",
            "oven-thermometer");

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
                .filter(t -> t.tool() != null && !SameJob.isAmong(t.tool(), used) && !MANY_USES.contains(t.tool()))
                .filter(t -> s.knowledge()
                        .tool(t.tool())
                        .filter(x -> NAMED.contains(x.hazard()))
                        .isPresent())
                .filter(t -> !isCalled(s, t))
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

    /** A step has the last word of its name: "the tin". */
    private static boolean isCalled(Situation s, ToolLine tool) {
        var words = tool.name().toLowerCase(Locale.ROOT).split("\\s+");
        var last = words[words.length - 1].replaceFirst("s$", "");
        return s.handsOn()
                .anyMatch(x ->
                        (x.say() + " " + x.doing()).toLowerCase(Locale.ROOT).contains(last));
    }
}

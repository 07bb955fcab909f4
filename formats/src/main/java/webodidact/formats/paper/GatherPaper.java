package webodidact.formats.paper;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import webodidact.core.amount.AmountText;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.ToolLine;
import webodidact.core.list.GatherList;
import webodidact.core.outcome.Outcome;

/** What one home needs, by where it is kept, with the swaps that are announced. */
final class GatherPaper implements Paper {
    private static final Template PAGE = new Template("gather.html");

    @Override
    public String id() {
        return "gather-list";
    }

    @Override
    public String title() {
        return "Gather list";
    }

    @Override
    public String html(Outcome outcome) {
        var lesson = outcome.lesson();
        var gaps = new HashMap<String, Object>();
        var home = AmountText.number(lesson.makes().count().times(outcome.gather().factor()));
        gaps.put("makes", "For a home of " + lesson.homeOf() + ": makes " + home + " " + lesson.makes().what());
        gaps.put("shelves", outcome.gather().shelves().entrySet().stream()
                .map(e -> Map.of("title", e.getKey().title(), "entries", e.getValue().stream().map(GatherPaper::entry).toList())).toList());
        gaps.put("tools", lesson.tools().stream().map(GatherPaper::tool).toList());
        gaps.put("hot", lesson.steps().stream().anyMatch(s -> s.place() == Place.OVEN || s.place() == Place.RING));
        gaps.put("before", lesson.audience().heat());
        return PAGE.fill(outcome, gaps);
    }

    private static Map<String, Object> entry(GatherList.Entry entry) {
        var line = entry.line();
        var swaps = line.mentioned().stream().map(Knowledge.shipped()::food).flatMap(Optional::stream).map(f -> f.name()).toList();
        var also = new java.util.ArrayList<String>();
        if (!entry.also().isEmpty()) also.add(entry.also());
        if (!line.form().isEmpty()) also.add(line.form());
        if (!line.note().isEmpty()) also.add(line.note());
        if (!entry.note().isEmpty()) also.add(entry.note());
        return Map.of("take", entry.take(), "item", entry.item(), "optional", line.optional(), "also", String.join(" · ", also),
                "contains", entry.contains(), "swaps", swaps.isEmpty() ? "" : "or " + String.join(", or ", swaps));
    }

    private static Map<String, Object> tool(ToolLine line) {
        var instead = Knowledge.shipped().tool(line.tool()).map(t -> t.instead()).orElse(List.of());
        var names = instead.stream().map(i -> Knowledge.shipped().tool(i.tool()).map(t -> t.name()).orElse(i.tool())
                + (i.note().isEmpty() ? "" : " (" + i.note() + ")")).toList();
        return Map.of("name", (line.count() > 1 ? line.count() + " × " : "") + line.name(), "instead", names.isEmpty() ? "" : "or " + String.join(", or ", names));
    }
}

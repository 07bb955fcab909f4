package webodidact.formats.paper;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import webodidact.core.amount.AmountText;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.ToolLine;
import webodidact.core.list.GatherList;
import webodidact.core.list.LeadTimes;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;

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
                .map(e -> Map.of("title", e.getKey().title(), "entries", e.getValue().stream().map(x -> entry(outcome, x)).toList())).toList());
        gaps.put("tools", lesson.tools().stream().map(t -> tool(outcome, t)).toList());
        gaps.put("leads", LeadTimes.of(lesson, outcome.knowledge()).stream().map(GatherPaper::lead).toList());
        gaps.put("named", "Allergens named by the law of " + outcome.course().profile().title() + " and others known are listed.");
        gaps.put("hot", lesson.steps().stream().anyMatch(s -> s.place() == Place.OVEN || s.place() == Place.RING));
        gaps.put("before", lesson.audience().heat());
        return PAGE.fill(outcome, gaps);
    }

    private static Map<String, Object> lead(LeadTimes.Lead lead) {
        var when = lead.start() == null ? Clock.spell(lead.beforeAir()) + " before class" : PaperText.air(lead.start());
        return Map.of("when", when, "what", lead.item() + ": " + Character.toLowerCase(lead.what().charAt(0)) + lead.what().substring(1) + " (" + Clock.spell(lead.seconds()) + ")");
    }

    private static Map<String, Object> entry(Outcome outcome, GatherList.Entry entry) {
        var line = entry.line();
        var swaps = line.mentioned().stream().map(outcome.knowledge()::food).flatMap(Optional::stream).map(f -> f.name()).toList();
        var also = new java.util.ArrayList<String>();
        if (!entry.also().isEmpty()) also.add(entry.also());
        if (!line.form().isEmpty()) also.add(line.form());
        if (!line.note().isEmpty()) also.add(line.note());
        if (!entry.note().isEmpty()) also.add(entry.note());
        return Map.of("take", entry.take(), "item", entry.item(), "optional", line.optional(), "also", String.join(" · ", also),
                "contains", entry.contains(), "swaps", swaps.isEmpty() ? "" : "or " + String.join(", or ", swaps));
    }

    private static Map<String, Object> tool(Outcome outcome, ToolLine line) {
        var instead = outcome.knowledge().tool(line.tool()).map(t -> t.instead()).orElse(List.of());
        var names = instead.stream().map(i -> outcome.knowledge().tool(i.tool()).map(t -> t.name()).orElse(i.tool())
                + (i.note().isEmpty() ? "" : " (" + i.note() + ")")).toList();
        return Map.of("name", (line.count() > 1 ? line.count() + " × " : "") + line.name(), "instead", names.isEmpty() ? "" : "or " + String.join(", or ", names));
    }
}

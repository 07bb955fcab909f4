package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
    public String written(Outcome outcome) {
        var lesson = outcome.lesson();
        var gather = GatherList.of(lesson, outcome.course().house(), outcome.knowledge());
        var gaps = new HashMap<String, Object>();
        var home =
                AmountText.number(lesson.makes().count().times(outcome.gather().factor()));
        gaps.put(
                "makes",
                Words.say("home.makes", lesson.homeOf(), home, lesson.makes().what()));
        gaps.put(
                "shelves",
                gather.shelves().entrySet().stream()
                        .map(e -> Map.of(
                                "title",
                                e.getKey().title(),
                                "entries",
                                e.getValue().stream()
                                        .map(x -> entry(outcome, x))
                                        .toList()))
                        .toList());
        gaps.put("tools", lesson.tools().stream().map(t -> tool(outcome, t)).toList());
        gaps.put(
                "leads",
                LeadTimes.of(lesson, outcome.knowledge()).stream()
                        .map(GatherPaper::lead)
                        .toList());
        gaps.put("named", Words.say("named", outcome.course().profile().title()));
        gaps.put("hot", lesson.steps().stream().anyMatch(s -> s.place() == Place.OVEN || s.place() == Place.RING));
        gaps.put("before", lesson.audience().heat());
        return PAGE.fill(outcome, gaps);
    }

    private static Map<String, Object> lead(LeadTimes.Lead lead) {
        var when = lead.start() == null
                ? Words.say("beforeClass", Clock.spell(lead.beforeAir()))
                : PaperText.air(lead.start());
        return Map.of(
                "when",
                when,
                "what",
                Words.say(
                        "lead",
                        lead.item(),
                        Character.toLowerCase(lead.what().charAt(0))
                                + lead.what().substring(1),
                        Clock.spell(lead.seconds())));
    }

    private static Map<String, Object> entry(Outcome outcome, GatherList.Entry entry) {
        var line = entry.line();
        var swaps = line.mentioned().stream()
                .map(m -> outcome.knowledge().food(m).map(f -> f.name()).orElse(m))
                .toList();
        var also = new ArrayList<String>();
        if (!entry.also().isEmpty()) also.add(entry.also());
        if (!line.form().isEmpty()) also.add(line.form());
        if (!line.note().isEmpty()) also.add(line.note());
        if (!entry.note().isEmpty()) also.add(entry.note());
        return Map.of(
                "take",
                entry.take(),
                "item",
                entry.item(),
                "optional",
                line.optional(),
                "also",
                String.join(" · ", also),
                "contains",
                entry.contains(),
                "swaps",
                or(swaps));
    }

    private static Map<String, Object> tool(Outcome outcome, ToolLine line) {
        var instead =
                outcome.knowledge().tool(line.tool()).map(t -> t.instead()).orElse(List.of());
        var names = instead.stream()
                .map(i -> {
                    var name = outcome.knowledge()
                            .tool(i.tool())
                            .map(t -> t.name())
                            .orElse(i.tool());
                    return i.note().isEmpty() ? name : Words.say("noted", name, i.note());
                })
                .toList();
        return Map.of(
                "name",
                line.count() > 1 ? Words.say("times", line.count(), line.name()) : line.name(),
                "instead",
                or(names));
    }

    /** "or butter, or oil". */
    private static String or(List<String> names) {
        return String.join(", ", names.stream().map(n -> Words.say("or", n)).toList());
    }
}

package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.formats.csv.PlainCsv;

/** Gather list, shoot list and kit in one table. */
final class ListsFile implements FilePaper {
    @Override
    public String id() {
        return "lists";
    }

    @Override
    public boolean isList() {
        return true;
    }

    @Override
    public List<String> endings() {
        return List.of("csv");
    }

    @Override
    public String written(Edition edition, String ending) {
        var answers = edition.answers();
        var rows = new ArrayList<List<String>>();
        answers.gather().shelves().forEach((shelf, entries) -> {
            for (var e : entries)
                rows.add(List.of(
                        "gather",
                        shelf.title(),
                        e.take(),
                        e.item(),
                        e.line().form(),
                        e.also(),
                        e.contains(),
                        steps(e.steps())));
        });
        for (var tool : edition.lesson().tools())
            rows.add(List.of(
                    "gather",
                    Words.say("page.kit"),
                    String.valueOf(tool.count()),
                    tool.name(),
                    "",
                    tool.note(),
                    "",
                    ""));
        for (var e : answers.shoot().entries())
            rows.add(List.of(
                    "shoot",
                    e.food() == null ? "" : e.food().shelf().title(),
                    e.take(),
                    e.item(),
                    e.line().form(),
                    e.why(),
                    e.food() == null ? "" : e.food().contains(),
                    ""));
        for (var t : answers.shoot().tools())
            rows.add(List.of("shoot", Words.say("page.kit"), String.valueOf(t.count()), t.name(), "", "", "", ""));
        for (var t : answers.kit().totals()) rows.add(List.of("kit", "", t.take(), t.item(), "", t.packs(), "", ""));
        return PlainCsv.text(List.of("list", "shelf", "take", "item", "form", "also", "contains", "steps"), rows);
    }

    private static String steps(List<Integer> numbers) {
        return String.join("; ", numbers.stream().map(String::valueOf).toList());
    }
}

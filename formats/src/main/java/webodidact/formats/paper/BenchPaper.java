package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.list.BenchList;
import webodidact.core.outcome.Outcome;

/** The mise en place, step by step. */
final class BenchPaper extends ListPaper {
    @Override
    public String id() {
        return "bench-list";
    }

    @Override
    public String title() {
        return "Bench list";
    }

    @Override
    String intro(Outcome outcome) {
        return "Set out for each step, in their order";
    }

    @Override
    List<Section> sections(Outcome outcome) {
        return BenchList.of(outcome.lesson(), outcome.course(), outcome.knowledge()).settings().stream().map(s -> {
            var rows = new ArrayList<Row>();
            s.foods().forEach(f -> rows.add(Row.of(f)));
            s.tools().forEach(t -> rows.add(Row.of(t)));
            return new Section(s.number() + " " + s.title(), s.apart().isEmpty() ? "" : "Raw: " + String.join(", ", s.apart()) + " on a board of its own.", rows);
        }).toList();
    }

    @Override
    String empty() {
        return "No step uses anything yet.";
    }
}

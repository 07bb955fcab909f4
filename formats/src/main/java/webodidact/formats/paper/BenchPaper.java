package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.outcome.Outcome;

/** The mise en place, step by step. */
final class BenchPaper extends ListPaper {
    @Override
    public String id() {
        return "bench-list";
    }

    @Override
    String intro(Outcome outcome) {
        return Words.say("bench.intro");
    }

    @Override
    List<Section> sections(Outcome outcome) {
        return outcome.answers().setOut().settings().stream()
                .map(s -> {
                    var rows = new ArrayList<Row>();
                    s.foods().forEach(f -> rows.add(Row.of(f)));
                    s.tools().forEach(t -> rows.add(Row.of(t)));
                    return new Section(
                            s.number() + " " + s.title(),
                            s.apart().isEmpty() ? "" : Words.say("bench.raw", s.apart()),
                            rows);
                })
                .toList();
    }
}

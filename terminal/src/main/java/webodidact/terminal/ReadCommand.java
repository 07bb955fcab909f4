package webodidact.terminal;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.AmountText;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.reading.LineReader;
import webodidact.core.reading.ReadLine;

/** Reads recipe lines as people write them. */
final class ReadCommand implements Command {
    private Told told;

    private boolean json;

    private List<String> lines = new ArrayList<>();

    @Override
    public Manual manual() {
        return new Manual("read").flag("json").arguments("LINE", 0, Integer.MAX_VALUE);
    }

    @Override
    public int run(Told told) throws IOException {
        this.told = told;
        json = told.has("json");
        lines = told.arguments();
        var reader = new LineReader(Knowledge.shipped());
        var given =
                lines.isEmpty() ? told.in().lines().filter(l -> !l.isBlank()).toList() : lines;
        if (given.isEmpty()) throw new IllegalArgumentException(Words.say("read.none"));
        var read = given.stream().flatMap(l -> reader.readAll(l).stream()).toList();
        var out = told.out();
        if (json) out.println(Json.pretty(read.stream().map(Json::of).toList()));
        else read.forEach(r -> out.println(text(r)));
        return 0;
    }

    /** "350 g · new potatoes · scrubbed  [new-potato]", doubts after it. */
    static String text(ReadLine line) {
        var parts = new ArrayList<String>();
        parts.add(
                line.amount() == null
                        ? "–"
                        : line.size() == null
                                ? AmountText.of(line.amount())
                                : Words.say("read.sized", AmountText.of(line.amount()), AmountText.of(line.size())));
        parts.add(line.item());
        parts.addAll(line.form());
        if (line.also() != null) parts.add("= " + AmountText.of(line.also()));
        if (!line.note().isEmpty()) parts.add(line.note());
        if (line.optional()) parts.add(Words.say("read.optional"));
        if (line.toTaste()) parts.add(Words.say("read.toTaste"));
        line.alternatives().forEach(a -> parts.add(Words.say("read.or", a)));
        var text = new StringBuilder(String.join(" · ", parts))
                .append(line.food() == null ? "" : "  [" + line.food() + "]");
        line.unsure().forEach(u -> text.append("\n    ? ").append(u.text()));
        if (line.food() == null) {
            var nearest = Knowledge.shipped().nearest(line.item(), 4).stream()
                    .map(Food::name)
                    .toList();
            if (!nearest.isEmpty()) text.append("\n    ").append(Words.say("read.nearest", nearest));
        }
        return text.toString();
    }
}

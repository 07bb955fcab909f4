package webodidact.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.food.Knowledge;

/** Reads a pasted list of recipe lines; headings and blank lines are told apart from foods. */
public final class RecipeReader {
    private static final Pattern HEADING = Pattern.compile("(?i)\\s*(?:for the .{1,40}|ingredients|you will need|.{1,40}:)\\s*:?\\s*");
    private final LineReader lines;

    public RecipeReader(Knowledge knowledge) {
        lines = new LineReader(knowledge);
    }

    /** @param headings lines taken as headings, as written */
    public record Recipe(List<ReadLine> lines, List<String> headings) {}

    public Recipe read(String text) {
        var read = new ArrayList<ReadLine>();
        var headings = new ArrayList<String>();
        for (var line : text.split("\\R")) {
            if (line.isBlank()) continue;
            if (HEADING.matcher(line).matches() && AmountReader.start(line).isEmpty()) headings.add(line.strip());
            else read.add(lines.read(line));
        }
        return new Recipe(List.copyOf(read), List.copyOf(headings));
    }
}

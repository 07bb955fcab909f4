package webodidact.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/**
 * One line of a page that is not blank.
 *
 * @param text without the signs a plain text marks headings and stress with
 * @param marked the page itself says it is a heading
 * @param gap a blank line stands over it
 */
record PageLine(String text, boolean marked, boolean gap) {
    private static final Pattern HASHES = Pattern.compile("^#{1,6}\\s+(.*?)[\\s#]*$");
    private static final Pattern STRESSED = Pattern.compile("(\\*\\*|__)(?=\\S)(.{1,200}?)(?<=\\S)\\1");
    private static final Pattern LEANING =
            Pattern.compile("(?<![\\w*])([*_])(?=[^\\s*_])([^*_]+?)(?<=\\S)\\1(?![\\w*])");

    /** A picture in the place of a bullet. */
    private static final Pattern PICTURE =
            Pattern.compile("^(?:[\\p{So}&&[^°©®▢★☆]][\\x{FE0F}\\x{200D}\\p{Sk}]*)+\\s*(?=[\\p{L}\\p{N}])");

    private static final Pattern LETTERED = Pattern.compile("(?m)^\\s*([A-Ha-h])[.)]\\s+(?=\\S)");
    private static final Pattern ROW = Pattern.compile("^\\|(.*\\|.*)\\|$");

    static List<PageLine> of(String page) {
        var all = new ArrayList<PageLine>();
        boolean gap = true;
        boolean lettered = LETTERED.matcher(page).results().count() > 2;
        for (var line : PageColumns.inTurn(List.of(page.split("\\R")))) {
            if (!line.isBlank()) all.add(of(lettered ? unlettered(line) : line, gap));
            gap = line.isBlank();
        }
        return all;
    }

    /** "B. Method", "a) Soften the onion". */
    private static String unlettered(String line) {
        var m = LETTERED.matcher(line);
        return m.find() ? (Character.isUpperCase(m.group(1).charAt(0)) ? "" : "• ") + line.substring(m.end()) : line;
    }

    private static PageLine of(String line, boolean gap) {
        var text = PICTURE.matcher(line.strip()).replaceFirst("• ");
        var row = ROW.matcher(text);
        if (row.matches()) return new PageLine(cells(row.group(1)), false, gap);
        var hashes = HASHES.matcher(text);
        boolean marked = hashes.matches();
        if (marked) text = hashes.group(1);
        var stressed = STRESSED.matcher(text);
        marked |= stressed.matches();
        var plain = LEANING.matcher(stressed.replaceAll("$2")).replaceAll("$2");
        return new PageLine(plain.isBlank() ? line.strip() : plain.strip(), marked, gap);
    }

    /** "| Milk | 500 ml |" as a line of a list has it, whichever comes first. */
    private static String cells(String row) {
        var cells = Arrays.stream(row.split("\\|"))
                .map(String::strip)
                .filter(c -> !c.isEmpty())
                .toList();
        boolean first = !cells.isEmpty() && !Character.isLetter(cells.getFirst().charAt(0));
        return String.join(first ? " " : " - ", cells);
    }

    int words() {
        return text.split("\\s+").length;
    }

    /** A sentence ends here. */
    boolean isEnded() {
        return text.endsWith(".") || text.endsWith("!");
    }
}

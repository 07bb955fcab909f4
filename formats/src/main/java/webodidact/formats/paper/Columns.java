package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Lays the sections of a list in two columns of about the same height; what is longer than a page flows through columns by itself. */
final class Columns {
    /** Lines on a page beside its head and its closing words. */
    private static final int PAGE = 34;
    /** The same where lines are set closer, what belongs to a row behind it. */
    private static final int DENSE = 52;
    /** Signs that fit beside the amount on a line of a column. */
    private static final int WIDE = 34;

    private static final int WIDE_DENSE = 44;
    /** A heading with the room above it, in lines. */
    private static final int HEADING = 2;

    private final boolean two;

    Columns(Print print, boolean narrow) {
        two = narrow && print.hasColumns();
    }

    /** The gaps of the page: {@code whole}, or {@code left} and {@code right} with {@code dense} where it is tight, or {@code flowing}. */
    Map<String, Object> laid(List<ListPaper.Section> sections) {
        var gaps = new HashMap<String, Object>();
        gaps.put("any", !sections.isEmpty());
        int all = height(sections, false);
        if (!two || all <= 8) gaps.put("whole", sections);
        else if (all <= 2 * PAGE || height(sections, true) <= 2 * DENSE) {
            boolean dense = all > 2 * PAGE;
            var left = new ArrayList<ListPaper.Section>();
            var right = new ArrayList<ListPaper.Section>();
            split(sections, dense, left, right);
            gaps.put("dense", dense);
            gaps.put("beside", Map.of("left", left, "right", right));
        } else {
            gaps.put("flows", true);
            gaps.put("flowing", sections);
        }
        return gaps;
    }

    private static int height(List<ListPaper.Section> sections, boolean dense) {
        return sections.stream().mapToInt(s -> height(s, dense)).sum();
    }

    private static void split(
            List<ListPaper.Section> sections,
            boolean dense,
            List<ListPaper.Section> left,
            List<ListPaper.Section> right) {
        int half = (height(sections, dense) + 1) / 2;
        int done = 0;
        for (var section : sections) {
            int height = height(section, dense);
            if (!right.isEmpty() || done >= half - 1) right.add(section);
            else if (done + height <= half + 2) {
                left.add(section);
                done += height;
            } else {
                int keep = rowsWithin(section, half - done - HEADING, dense);
                // Neither end of a parted section is a single row.
                if (keep < 2 || section.rows().size() - keep < 2) {
                    boolean over = done + height - half < half - done;
                    (over ? left : right).add(section);
                    done += over ? height : 0;
                } else {
                    left.add(new ListPaper.Section(
                            section.title(), section.lead(), section.rows().subList(0, keep)));
                    right.add(new ListPaper.Section(
                            Words.say("continued", section.title()),
                            "",
                            section.rows().subList(keep, section.rows().size())));
                    done += height;
                }
            }
        }
    }

    private static int rowsWithin(ListPaper.Section section, int room, boolean dense) {
        int used = 0;
        int n = 0;
        for (var row : section.rows()) {
            used += height(row, dense);
            if (used > room) break;
            n++;
        }
        return n;
    }

    private static int height(ListPaper.Section section, boolean dense) {
        return HEADING
                + lines(section.lead(), dense)
                + section.rows().stream().mapToInt(r -> height(r, dense)).sum();
    }

    private static int height(ListPaper.Row row, boolean dense) {
        return dense
                ? Math.max(1, lines(row.text() + " " + row.soft() + " " + row.right(), true))
                : Math.max(1, lines(row.text(), false)) + lines(row.soft(), false) + lines(row.right(), false);
    }

    private static int lines(String text, boolean dense) {
        return Math.ceilDiv(text.strip().length(), dense ? WIDE_DENSE : WIDE);
    }
}

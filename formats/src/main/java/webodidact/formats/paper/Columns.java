package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Lays the sections of a list in two columns of about the same height; what is longer than a page flows through columns by itself. */
final class Columns {
    /** Signs that fit beside the amount on a line of a column. */
    private static final int WIDE = 34;
    /** Lines on a page beside its head and its closing words. */
    private static final int PAGE = 34;
    /** A heading with the room above it, in lines. */
    private static final int HEADING = 2;

    private final boolean two;

    Columns(Print print, boolean narrow) {
        two = narrow && print.hasColumns();
    }

    /** The gaps of the page: {@code whole}, or {@code left} and {@code right}, or {@code flowing}. */
    Map<String, Object> laid(List<ListPaper.Section> sections) {
        var gaps = new HashMap<String, Object>();
        gaps.put("any", !sections.isEmpty());
        int all = sections.stream().mapToInt(Columns::height).sum();
        boolean few = all <= 8;
        if (!two || few) gaps.put("whole", sections);
        else if (all > 2 * PAGE) {
            gaps.put("flows", true);
            gaps.put("flowing", sections);
        } else {
            var left = new ArrayList<ListPaper.Section>();
            var right = new ArrayList<ListPaper.Section>();
            split(sections, all, left, right);
            gaps.put("beside", Map.of("left", left, "right", right));
        }
        return gaps;
    }

    private static void split(
            List<ListPaper.Section> sections, int all, List<ListPaper.Section> left, List<ListPaper.Section> right) {
        int half = (all + 1) / 2;
        int done = 0;
        for (var section : sections) {
            int height = height(section);
            if (!right.isEmpty() || done >= half - 1) right.add(section);
            else if (done + height <= half + 2) {
                left.add(section);
                done += height;
            } else {
                int keep = rowsWithin(section, half - done - HEADING);
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

    private static int rowsWithin(ListPaper.Section section, int room) {
        int used = 0;
        int n = 0;
        for (var row : section.rows()) {
            used += height(row);
            if (used > room) break;
            n++;
        }
        return n;
    }

    private static int height(ListPaper.Section section) {
        return HEADING
                + lines(section.lead())
                + section.rows().stream().mapToInt(Columns::height).sum();
    }

    private static int height(ListPaper.Row row) {
        return Math.max(1, lines(row.text())) + lines(row.soft()) + lines(row.right());
    }

    private static int lines(String text) {
        return Math.ceilDiv(text.length(), WIDE);
    }
}

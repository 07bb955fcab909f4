package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Lays the sections of a list in two columns, page by page: the last page in columns of about the same height, those before it full.
 * Heights are reckoned, since the writer of PDF parts columns badly; a page is left a little room for what is reckoned too low.
 */
final class Columns {
    /** Of the first page in tenths of a millimetre: margins, head and closing words. */
    private static final int AROUND = 880;
    /** What later pages have more. */
    private static final int LATER = 240;
    /** Signs that fit beside the amount on a line of a column, and how high things are, in tenths of a millimetre. */
    private record Setting(int wide, int heading, int row, int line, int soft) {}

    private static final Setting USUAL = new Setting(34, 94, 22, 50, 46);
    /** Set closer, with what belongs to a row behind it. */
    private static final Setting DENSE = new Setting(44, 76, 10, 40, 40);

    /** Signs of an amount on its line. */
    private static final int TAKE = 12;
    /** A list that is not worth two columns. */
    private static final int FEW = 520;

    private final int room;
    private final boolean two;

    Columns(Print print, boolean narrow) {
        two = narrow && print.hasColumns();
        room = (int) Math.floor(10 * print.sheet().height()) - AROUND;
    }

    /** Two columns of a page, the first one or a later one. */
    record Sheetful(List<ListPaper.Section> left, List<ListPaper.Section> right, boolean later) {}

    /** The gaps of the page: {@code whole} for one column, or {@code beside} for two on each page, {@code dense} where it is tight. */
    Map<String, Object> laid(List<ListPaper.Section> sections) {
        var gaps = new HashMap<String, Object>();
        gaps.put("any", !sections.isEmpty());
        int all = height(sections, USUAL);
        if (!two || all <= FEW) {
            gaps.put("whole", sections);
            return gaps;
        }
        boolean dense = all > 2 * room && height(sections, DENSE) <= 2 * room;
        gaps.put("dense", dense);
        gaps.put("beside", sheetfuls(sections, dense ? DENSE : USUAL));
        return gaps;
    }

    private List<Sheetful> sheetfuls(List<ListPaper.Section> sections, Setting set) {
        var pages = new ArrayList<Sheetful>();
        var left = sections;
        while (!left.isEmpty()) {
            int each = room + (pages.isEmpty() ? 0 : LATER);
            boolean later = !pages.isEmpty();
            if (height(left, set) <= 2 * each - set.heading()) {
                pages.add(balanced(left, set, later));
                break;
            }
            var first = filled(left, each, set);
            var second = filled(first.rest(), each, set);
            pages.add(new Sheetful(first.column(), second.column(), later));
            left = second.rest();
        }
        return pages;
    }

    private record Filled(List<ListPaper.Section> column, List<ListPaper.Section> rest) {}

    /** As much of them as a column has room for; at least two rows of a section, wherever it is parted. */
    private static Filled filled(List<ListPaper.Section> sections, int room, Setting set) {
        var column = new ArrayList<ListPaper.Section>();
        int used = 0;
        for (int i = 0; i < sections.size(); i++) {
            var section = sections.get(i);
            int height = height(section, set);
            if (used + height <= room) {
                column.add(section);
                used += height;
                continue;
            }
            var rest = new ArrayList<>(sections.subList(i + 1, sections.size()));
            int keep = Math.min(
                    rowsWithin(section, room - used - set.heading(), set),
                    section.rows().size() - 2);
            if (keep < 2 && column.isEmpty()) keep = Math.min(2, section.rows().size());
            if (keep < 2) rest.addFirst(section);
            else {
                column.add(new ListPaper.Section(
                        section.title(), section.lead(), section.rows().subList(0, keep)));
                if (keep < section.rows().size()) rest.addFirst(continued(section, keep));
            }
            return new Filled(column, rest);
        }
        return new Filled(column, List.of());
    }

    private static ListPaper.Section continued(ListPaper.Section section, int from) {
        var suffix = Words.say("continued", "");
        var title = section.title().endsWith(suffix) ? section.title() : Words.say("continued", section.title());
        return new ListPaper.Section(
                title, "", section.rows().subList(from, section.rows().size()));
    }

    private static Sheetful balanced(List<ListPaper.Section> sections, Setting set, boolean later) {
        var left = new ArrayList<ListPaper.Section>();
        var right = new ArrayList<ListPaper.Section>();
        split(sections, set, left, right);
        return new Sheetful(left, right, later);
    }

    private static int height(List<ListPaper.Section> sections, Setting set) {
        return sections.stream().mapToInt(s -> height(s, set)).sum();
    }

    private static void split(
            List<ListPaper.Section> sections,
            Setting set,
            List<ListPaper.Section> left,
            List<ListPaper.Section> right) {
        int half = (height(sections, set) + 1) / 2;
        int done = 0;
        for (var section : sections) {
            int height = height(section, set);
            if (!right.isEmpty() || done >= half - set.line()) right.add(section);
            else if (done + height <= half + 2 * set.line()) {
                left.add(section);
                done += height;
            } else {
                int keep = rowsWithin(section, half - done - set.heading(), set);
                // Neither end of a parted section is a single row.
                if (keep < 2 || section.rows().size() - keep < 2) {
                    boolean over = done + height - half < half - done;
                    (over ? left : right).add(section);
                    done += over ? height : 0;
                } else {
                    left.add(new ListPaper.Section(
                            section.title(), section.lead(), section.rows().subList(0, keep)));
                    right.add(continued(section, keep));
                    done += height;
                }
            }
        }
    }

    private static int rowsWithin(ListPaper.Section section, int most, Setting set) {
        int used = 0;
        int n = 0;
        for (var row : section.rows()) {
            used += height(row, set);
            if (used > most) break;
            n++;
        }
        return n;
    }

    private static int height(ListPaper.Section section, Setting set) {
        return set.heading()
                + lines(section.lead(), set) * set.soft()
                + section.rows().stream().mapToInt(r -> height(r, set)).sum();
    }

    private static int height(ListPaper.Row row, Setting set) {
        int take = Math.ceilDiv(row.take().length(), TAKE) - 1;
        return set.row()
                + Math.max(0, take) * set.line()
                + (set == DENSE
                        ? Math.max(1, lines(row.text() + " " + row.soft() + " " + row.right(), set)) * set.line()
                        : Math.max(1, lines(row.text(), set)) * set.line()
                                + (lines(row.soft(), set) + lines(row.right(), set)) * set.soft());
    }

    private static int lines(String text, Setting set) {
        return Math.ceilDiv(text.strip().length(), set.wide());
    }
}

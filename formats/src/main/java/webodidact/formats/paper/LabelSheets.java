package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import webodidact.core.publish.PotLabels;
import webodidact.formats.pdf.TextWidth;

/**
 * A lesson's labels as they come to lie on their sheets. Words that one label cannot hold go on to the next: a label that is cut
 * off could hide an allergen.
 *
 * @param stickers in their order, from the first that is free
 * @param first that one, from 1
 * @param over contents of which one label was not enough
 */
public record LabelSheets(LabelGrid grid, List<Sticker> stickers, int first, int over) {
    /** @param points the size of its letters */
    public record Sticker(List<Part> parts, double points) {
        public Sticker {
            parts = List.copyOf(parts);
        }
    }

    /** @param kind the class of the style sheet: name, contains, cold, raw, soft */
    public record Part(String kind, String text) {
        boolean isBold() {
            return !kind.equals("soft");
        }
    }

    /** Smaller than this nobody reads a label in a fridge. */
    private static final double LEAST = 6;

    /** Letters grow as far as all labels of a lesson have the room, all to one size. */
    private static final double MOST = 1.7;

    private static final double STEP = 0.5;
    private static final double LINE = 1.15 * 25.4 / 72;
    /** Room at the edges, which printers miss by as much. */
    static final double SIDE = 2.5;

    static final double EDGE = 2;
    /** The writer of PDF places letters a little otherwise than they are measured. */
    private static final double RESERVE = 0.97;

    public LabelSheets {
        stickers = List.copyOf(stickers);
    }

    /** As it is printed. */
    public static LabelSheets of(Edition edition) {
        return edition.speaking(() ->
                laid(written(edition), edition.print().labels(), edition.print().first()));
    }

    /** The smallest labels of its page that hold all words without a second one; none if none does. */
    public static Optional<LabelGrid> enough(Edition edition) {
        return edition.speaking(() -> {
            var written = written(edition);
            return LabelGrid.on(edition.print().sheet()).stream()
                    .filter(g -> laid(written, g, 1).over() == 0)
                    .findFirst();
        });
    }

    /** Sheets that go through the printer. */
    public int sheets() {
        return stickers.isEmpty() ? 0 : Math.ceilDiv(first - 1 + stickers.size(), grid.count());
    }

    /** Sheet by sheet; the labels of the first that are gone are left out as ones with nothing on them. */
    List<List<Sticker>> pages() {
        var all = new ArrayList<Sticker>();
        for (int i = 1; i < first; i++) all.add(new Sticker(List.of(), grid.points()));
        all.addAll(stickers);
        var pages = new ArrayList<List<Sticker>>();
        for (int p = 0; p < sheets(); p++)
            pages.add(all.subList(p * grid.count(), Math.min(all.size(), (p + 1) * grid.count())));
        return pages;
    }

    private static LabelSheets laid(List<List<Part>> written, LabelGrid grid, int first) {
        var all = new ArrayList<Sticker>();
        int over = 0;
        double points = grid.points() * MOST;
        while (points > grid.points() && !fit(written, grid, points)) points -= STEP;
        for (var parts : written) {
            var stuck = stuck(parts, grid, points);
            if (stuck.size() > 1) over++;
            all.addAll(stuck);
        }
        return new LabelSheets(grid, all, first, over);
    }

    /** What stands on each label, in the language spoken here. */
    static List<List<Part>> written(Edition edition) {
        var answers = edition.answers();
        return PotLabels.of(answers.question(), answers.kit()).labels().stream()
                .map(LabelSheets::parts)
                .toList();
    }

    private static List<Part> parts(PotLabels.Label label) {
        var foot = new ArrayList<String>();
        if (label.of() > 1) foot.add(Words.say("label.set", label.set(), label.of()));
        if (!label.whose().isEmpty()) foot.add(Words.say("label.whose", label.whose()));
        if (label.use() != null) foot.add(Words.say("label.use", PaperText.day(label.use())));
        var parts = new ArrayList<Part>();
        parts.add(new Part("name", label.contents()));
        if (!label.contains().isEmpty()) parts.add(new Part("contains", Words.say("contains.short", label.contains())));
        if (label.cold()) parts.add(new Part("cold", Words.say("page.cold")));
        if (label.raw()) parts.add(new Part("raw", Words.say("page.raw")));
        if (!foot.isEmpty()) parts.add(new Part("soft", String.join(" · ", foot)));
        return parts;
    }

    private static boolean fit(List<List<Part>> written, LabelGrid grid, double points) {
        return written.stream().allMatch(p -> fits(p, grid, points));
    }

    private static boolean fits(List<Part> parts, LabelGrid grid, double points) {
        return lines(parts, grid, points).size() <= rows(grid, points);
    }

    /** On one label, in smaller letters if they must be; else on as many as it takes, each with its number and how its contents begin. */
    private static List<Sticker> stuck(List<Part> parts, LabelGrid grid, double most) {
        for (double points = most; points >= LEAST; points -= STEP)
            if (fits(parts, grid, points)) return List.of(new Sticker(parts, points));
        var lines = lines(parts, grid, LEAST);
        int each = rows(grid, LEAST) - 1;
        int of = Math.ceilDiv(lines.size(), each);
        var all = new ArrayList<Sticker>();
        for (int n = 0; n < of; n++) {
            var some = new ArrayList<>(lines.subList(n * each, Math.min(lines.size(), (n + 1) * each)));
            some.add(new Part("soft", part(n + 1, of, parts.getFirst().text(), width(grid))));
            all.add(new Sticker(some, LEAST));
        }
        return all;
    }

    /** "2 of 3: 75 g plain…", on one line. */
    private static String part(int n, int of, String contents, double width) {
        for (int end = contents.length() - 1; end > 0; end--) {
            var said = Words.say("label.part", n, of, contents.substring(0, end).strip() + "…");
            if (TextWidth.of(said, false, LEAST) <= width) return said;
        }
        return Words.say("label.part", n, of, "…");
    }

    private static double width(LabelGrid grid) {
        return (grid.width() - 2 * SIDE) * RESERVE;
    }

    private static int rows(LabelGrid grid, double points) {
        return (int) ((grid.tall() - 2 * EDGE) / (points * LINE));
    }

    private static List<Part> lines(List<Part> parts, LabelGrid grid, double points) {
        return parts.stream()
                .flatMap(p -> TextWidth.lines(p.text(), p.isBold(), points, width(grid)).stream()
                        .map(l -> new Part(p.kind(), l)))
                .toList();
    }
}

package webodidact.formats.paper;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/**
 * What a paper says otherwise than the one that lies in the folder: that is the one that was sent.
 *
 * @param when the older one was written, or null if there is none
 * @param lines in the order of the new one, what has gone before what has come
 */
public record Changes(Instant when, List<Line> lines) {
    /** @param added else it has gone */
    public record Line(boolean added, String text) {}

    private static final String BLOCKS = "h1, h2, p, li, tr, .band, .notice, .label, .ask, .intro, .asked";
    /** A comparison is quadratic; nobody reads more lines than that. */
    private static final int MOST = 2000;

    public static final Changes NONE = new Changes(null, List.of());

    public Changes {
        lines = List.copyOf(lines);
    }

    public static Changes since(Path folder, Paper paper, Edition edition) throws IOException {
        var ending = paper instanceof PagePaper ? "html" : paper.endings().getFirst();
        var file = folder.resolve(Papers.name(paper, edition) + "." + ending);
        if (!Files.isRegularFile(file)) return NONE;
        var was = Files.readString(file, StandardCharsets.UTF_8);
        var now = paper instanceof PagePaper page
                ? page.html(edition, PagePaper.Medium.SCREEN)
                : ((FilePaper) paper).text(edition, ending);
        boolean html = paper instanceof PagePaper;
        return new Changes(
                Files.getLastModifiedTime(file).toInstant(),
                between(
                        html ? read(was) : was.lines().toList(),
                        html ? read(now) : now.lines().toList()));
    }

    /** The words of a page, block by block. */
    static List<String> read(String html) {
        var body = Jsoup.parse(html).body();
        var all = new ArrayList<String>();
        for (var block : body.select(BLOCKS)) {
            if (!block.select(BLOCKS).stream().allMatch(b -> b == block)) {
                add(all, own(block));
                continue;
            }
            add(all, block.text());
        }
        return all;
    }

    /** What stands in a block but in none of the blocks within it. */
    private static String own(Element block) {
        var copy = block.clone();
        copy.select(BLOCKS).stream().filter(b -> b != copy).forEach(Element::remove);
        return copy.text();
    }

    private static void add(List<String> all, String text) {
        if (!text.isBlank()) all.add(text.strip());
    }

    /** The shortest way from one to the other, by their longest common part. */
    static List<Line> between(List<String> was, List<String> now) {
        var a = was.subList(0, Math.min(MOST, was.size()));
        var b = now.subList(0, Math.min(MOST, now.size()));
        var common = new int[a.size() + 1][b.size() + 1];
        for (int i = a.size() - 1; i >= 0; i--)
            for (int j = b.size() - 1; j >= 0; j--)
                common[i][j] = a.get(i).equals(b.get(j))
                        ? common[i + 1][j + 1] + 1
                        : Math.max(common[i + 1][j], common[i][j + 1]);
        var lines = new ArrayList<Line>();
        int i = 0;
        int j = 0;
        while (i < a.size() || j < b.size()) {
            boolean both = i < a.size() && j < b.size();
            if (both && a.get(i).equals(b.get(j))) {
                i++;
                j++;
            } else if (j == b.size() || i < a.size() && common[i + 1][j] >= common[i][j + 1])
                lines.add(new Line(false, a.get(i++)));
            else lines.add(new Line(true, b.get(j++)));
        }
        return lines;
    }
}

package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;

/** Labels for the pots of all sets, on sheets of sticky labels; the label says what is in it, never what it is free of. */
final class LabelsPaper implements PagePaper {
    private static final Template PAGE = new Template("labels.html");

    @Override
    public String id() {
        return "labels";
    }

    @Override
    public PaperGroup group() {
        return PaperGroup.HELPERS;
    }

    @Override
    public boolean isList() {
        return true;
    }

    @Override
    public String written(Edition edition, Medium medium) {
        var sheets = medium == Medium.PRINT ? LabelSheets.of(edition) : unbroken(edition);
        int across = sheets.grid().across();
        var pages = new ArrayList<Map<String, Object>>();
        for (var page : sheets.pages()) {
            var lanes = new ArrayList<Map<String, Object>>();
            for (int l = 0; l < page.size(); l += across)
                lanes.add(Map.of("labels", page.subList(l, Math.min(page.size(), l + across))));
            pages.add(Map.of("lanes", lanes));
        }
        var gaps = new HashMap<String, Object>();
        gaps.put("pages", pages);
        gaps.put("grid", sheets.grid());
        gaps.put("side", LabelSheets.SIDE);
        gaps.put("edge", LabelSheets.EDGE);
        gaps.put("empty", Words.say("paper.labels.empty"));
        return PAGE.fill(edition, this, medium, gaps);
    }

    @Override
    public String remark(Edition edition) {
        var sheets = LabelSheets.of(edition);
        if (sheets.stickers().isEmpty()) return Words.say("label.none");
        var words = new ArrayList<String>();
        words.add(Words.say("label.lie", sheets.stickers().size(), sheets.sheets()));
        if (sheets.over() == 0) {
            words.add(Words.say("label.all"));
        } else {
            words.add(Words.say("label.over", sheets.over()));
            LabelSheets.enough(edition).ifPresent(g -> words.add(Words.say("label.enough", g.count())));
        }
        return String.join(" ", words);
    }

    /** A screen has no edge that words could run over. */
    private static LabelSheets unbroken(Edition edition) {
        var grid = edition.print().labels();
        return new LabelSheets(
                grid,
                LabelSheets.written(edition).stream()
                        .map(p -> new LabelSheets.Sticker(p, grid.points()))
                        .toList(),
                1,
                0);
    }
}

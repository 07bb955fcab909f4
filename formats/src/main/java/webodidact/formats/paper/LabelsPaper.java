package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.publish.PotLabels;

/** Labels for the pots of all sets, on sheets of sticky labels; the label says what is in it, never what it is free of. */
final class LabelsPaper implements PagePaper {
    private static final Template PAGE = new Template("labels.html");

    /** What stands on one. */
    record Stuck(String contents, String contains, boolean cold, boolean raw, String foot) {}

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
        var answers = edition.answers();
        var grid = LabelGrid.of(edition.print().sheet());
        var labels = PotLabels.of(answers.question(), answers.kit()).labels().stream()
                .map(LabelsPaper::stuck)
                .toList();
        var pages = new ArrayList<Map<String, Object>>();
        int each = grid.across() * grid.down();
        for (int p = 0; p < labels.size(); p += each) {
            var lanes = new ArrayList<Map<String, Object>>();
            for (int l = p; l < Math.min(labels.size(), p + each); l += grid.across())
                lanes.add(Map.of("labels", labels.subList(l, Math.min(labels.size(), l + grid.across()))));
            pages.add(Map.of("lanes", lanes));
        }
        var gaps = new HashMap<String, Object>();
        gaps.put("pages", pages);
        gaps.put("grid", grid);
        gaps.put("empty", Words.say("paper.labels.empty"));
        return PAGE.fill(edition, this, medium, gaps);
    }

    private static Stuck stuck(PotLabels.Label label) {
        var foot = new ArrayList<String>();
        if (label.of() > 1) foot.add(Words.say("label.set", label.set(), label.of()));
        if (!label.whose().isEmpty()) foot.add(Words.say("label.whose", label.whose()));
        if (label.use() != null) foot.add(Words.say("label.use", PaperText.day(label.use())));
        return new Stuck(
                label.contents(),
                label.contains().isEmpty() ? "" : Words.say("contains.short", label.contains()),
                label.cold(),
                label.raw(),
                String.join(" · ", List.copyOf(foot)));
    }
}

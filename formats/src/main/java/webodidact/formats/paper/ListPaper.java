package webodidact.formats.paper;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.outcome.Outcome;

/** What papers that are lists share: sections of rows on the same page. */
abstract class ListPaper implements Paper {
    private static final Template PAGE = new Template("list.html");

    /** @param lead one soft line under the title, or "" */
    record Section(String title, String lead, List<Row> rows) {}

    /**
     * @param take in the amounts' column, or ""
     * @param soft under the text, or ""
     * @param right at the end of the row, or ""
     */
    record Row(String take, String text, String soft, String right) {
        static Row of(String text) {
            return new Row("", text, "", "");
        }
    }

    /** One line above the sections, or "". */
    abstract String intro(Outcome outcome);

    abstract List<Section> sections(Outcome outcome);

    /** What to mind, before the usual closing words. */
    String notice(Outcome outcome) {
        return Words.say("notice");
    }

    @Override
    public final String written(Outcome outcome) {
        var gaps = new HashMap<String, Object>();
        gaps.put("paper", title());
        gaps.put("intro", intro(outcome));
        gaps.put("empty", Words.say("paper." + id() + ".empty"));
        gaps.put("notice", notice(outcome));
        gaps.put(
                "sections",
                sections(outcome).stream()
                        .filter(s -> !s.rows().isEmpty())
                        .map(s -> Map.of(
                                "title",
                                s.title(),
                                "lead",
                                s.lead(),
                                "rows",
                                s.rows().stream()
                                        .map(r -> Map.of(
                                                "take", r.take(), "text", r.text(), "soft", r.soft(), "right",
                                                r.right()))
                                        .toList()))
                        .toList());
        return PAGE.fill(outcome, gaps);
    }
}

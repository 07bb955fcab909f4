package webodidact.formats.paper;

import java.util.HashMap;
import java.util.List;

/** What papers that are lists share: sections of rows on the same page. */
abstract class ListPaper extends NamedPaper {
    private static final Template PAGE = new Template("list.html");

    ListPaper(String id, PaperGroup group) {
        super(id, group);
    }

    @Override
    public final boolean isList() {
        return true;
    }

    /** @param lead one soft line under the title, or "" */
    record Section(String title, String lead, List<Row> rows) {
        /** A heading keeps so many rows with it where columns flow by themselves. */
        List<Row> first() {
            return rows.subList(0, Math.min(2, rows.size()));
        }

        List<Row> rest() {
            return rows.subList(Math.min(2, rows.size()), rows.size());
        }

        /** All amounts are counts of a figure or two, and need little room. */
        boolean slim() {
            return rows.stream().allMatch(r -> r.take().length() <= SLIM);
        }
    }

    private static final int SLIM = 4;

    /**
     * @param take in the amounts' column, or ""
     * @param soft under the text, or ""
     * @param right what it contains, or ""
     */
    record Row(String take, String text, String soft, String right) {
        static Row of(String text) {
            return new Row("", text, "", "");
        }
    }

    /** One line above the sections, or "". */
    abstract String intro(Edition edition);

    abstract List<Section> sections(Edition edition);

    /** What to mind, before the usual closing words. */
    String notice(Edition edition) {
        return Words.say("notice");
    }

    /** Two columns where the page has room for them. */
    boolean isNarrow() {
        return true;
    }

    /** Rows are ticked off. */
    boolean isTicked() {
        return true;
    }

    @Override
    public final String written(Edition edition, Medium medium) {
        var gaps = new HashMap<String, Object>();
        gaps.put("intro", intro(edition));
        gaps.put("empty", Words.say("paper." + id() + ".empty"));
        gaps.put("notice", notice(edition));
        gaps.put("ticked", isTicked());
        var sections =
                sections(edition).stream().filter(s -> !s.rows().isEmpty()).toList();
        gaps.putAll(new Columns(edition.print(), isNarrow()).laid(sections));
        return PAGE.fill(edition, this, medium, gaps);
    }
}

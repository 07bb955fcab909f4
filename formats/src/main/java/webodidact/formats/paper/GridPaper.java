package webodidact.formats.paper;

import java.util.HashMap;
import java.util.List;

/** What papers that are tables share. */
abstract class GridPaper extends NamedPaper {
    private static final Template PAGE = new Template("grid.html");

    GridPaper(String id, PaperGroup group) {
        super(id, group);
    }

    /** @param title over it, or "" */
    record Table(String title, List<Head> heads, List<Row> rows) {}

    /**
     * @param narrow its width, "16mm", or ""
     * @param kind "num" over figures, or ""
     */
    record Head(String text, String narrow, String kind) {
        static Head of(String text) {
            return new Head(text, "", "");
        }

        static Head wide(String text, String width) {
            return new Head(text, width, "");
        }

        static Head number(String text, String width) {
            return new Head(text, width, "num");
        }
    }

    /** @param kind "part" for a row that begins a part, or "" */
    record Row(String kind, List<Cell> cells) {}

    /**
     * @param html escaped already
     * @param kind "num" for figures, or ""
     * @param span columns that it spans, or 0
     */
    record Cell(String html, String kind, int span) {
        static Cell text(String text) {
            return new Cell(escaped(text), "", 0);
        }

        static Cell number(String text) {
            return new Cell(escaped(text), "num", 0);
        }

        /** What was written soft beneath the text. */
        static Cell text(String text, List<String> soft) {
            var html = new StringBuilder(escaped(text));
            for (var each : soft)
                if (!each.isEmpty())
                    html.append("<div class=\"soft\">").append(escaped(each)).append("</div>");
            return new Cell(html.toString(), "", 0);
        }
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("\n", "<br/>");
    }

    static Row part(String title, int columns) {
        return new Row("part", List.of(new Cell(escaped(title), "", columns)));
    }

    /** One line above the tables, or "". */
    abstract String intro(Edition edition);

    /** What is not as it should be, or "". */
    String warning(Edition edition) {
        return "";
    }

    abstract List<Table> tables(Edition edition);

    String notice(Edition edition) {
        return "";
    }

    @Override
    public final String written(Edition edition, Medium medium) {
        var gaps = new HashMap<String, Object>();
        gaps.put("intro", intro(edition));
        gaps.put("warn", warning(edition));
        gaps.put("empty", Words.say("paper." + id() + ".empty"));
        gaps.put("notice", notice(edition));
        gaps.put(
                "tables",
                tables(edition).stream().filter(t -> !t.rows().isEmpty()).toList());
        return PAGE.fill(edition, this, medium, gaps);
    }
}

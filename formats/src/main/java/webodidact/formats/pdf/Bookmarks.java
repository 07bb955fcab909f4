package webodidact.formats.pdf;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The headings of a page as a PDF's bookmarks. */
final class Bookmarks {
    private static final Pattern HEADING = Pattern.compile("<h([12])>(.*?)</h\\1>", Pattern.DOTALL);

    private Bookmarks() {}

    /** The same page with a name for each heading and a list of them in its head. */
    static String in(String html) {
        var heading = HEADING.matcher(html);
        var out = new StringBuilder();
        var list = new StringBuilder();
        int n = 0;
        while (heading.find()) {
            var text = heading.group(2).replaceAll("<[^>]*>", "").strip();
            heading.appendReplacement(
                    out,
                    Matcher.quoteReplacement("<h" + heading.group(1) + " id=\"h" + n + "\">" + heading.group(2) + "</h"
                            + heading.group(1) + ">"));
            if (!text.isEmpty())
                list.append("<bookmark name=\"")
                        .append(text.replace("\"", "&quot;"))
                        .append("\" href=\"#h")
                        .append(n)
                        .append("\"/>");
            n++;
        }
        heading.appendTail(out);
        int head = out.indexOf("</head>");
        if (list.isEmpty() || head < 0) return html;
        return out.insert(head, "<bookmarks>" + list + "</bookmarks>").toString();
    }
}

package webodidact.formats.paper;

import com.samskivert.mustache.Mustache;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import webodidact.core.outcome.Outcome;

/** A shipped page with gaps; what goes into them is escaped. */
final class Template {
    private final com.samskivert.mustache.Template page;
    private final String style;

    Template(String resource) {
        page = Mustache.compiler()
                .escapeHTML(true)
                .emptyStringIsFalse(true)
                .zeroIsFalse(true)
                .nullValue("")
                .compile(load(resource));
        style = load("paper.css");
    }

    private static String load(String resource) {
        try (var in = Template.class.getResourceAsStream(resource)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(resource, e);
        }
    }

    /** A page is XML: a control sign or half a letter in somebody's text must not make all of it unreadable. */
    private static String legal(String page) {
        if (page.codePoints().allMatch(Template::isLegal)) return page;
        var out = new StringBuilder(page.length());
        page.codePoints().forEach(c -> out.appendCodePoint(isLegal(c) ? c : '\ufffd'));
        return out.toString();
    }

    /** XML 1.0, production 2, Char. */
    private static boolean isLegal(int c) {
        return c == 9 || c == 10 || c == 13 || c >= 0x20 && c <= 0xd7ff || c >= 0xe000 && c <= 0xfffd || c >= 0x10000;
    }

    /** Adds the course, the lesson and the usual closing words to {@code gaps}. */
    String fill(Outcome outcome, Map<String, Object> gaps) {
        var all = new HashMap<String, Object>(gaps);
        all.put("w", Words.page());
        all.put("style", style);
        all.put("course", outcome.course().title());
        all.put("number", outcome.lesson().number());
        all.put("lesson", outcome.lesson().title());
        all.put("air", PaperText.air(outcome.lesson().air()));
        all.put("adult", outcome.lesson().audience().needsAdult());
        return legal(page.execute(all));
    }
}

package webodidact.formats.paper;

import com.samskivert.mustache.Mustache;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/** A shipped page with gaps; what goes into them is escaped. */
final class Template {
    private final com.samskivert.mustache.Template page;

    Template(String resource) {
        page = Mustache.compiler()
                .escapeHTML(true)
                .emptyStringIsFalse(true)
                .zeroIsFalse(true)
                .nullValue("")
                .withLoader(name -> new StringReader(load(name + ".html")))
                .compile(load(resource));
    }

    static String load(String resource) {
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
    String fill(Edition edition, PagePaper paper, PagePaper.Medium medium, Map<String, Object> gaps) {
        var outcome = edition.outcome();
        var lesson = outcome.lesson();
        var stops = paper.holds(outcome).size();
        var draft = edition.draft() && stops > 0 ? Words.say("draft", stops) : "";
        var all = new HashMap<String, Object>();
        all.put("w", Words.page());
        all.put("style", Style.of(edition.print(), draft));
        all.put("screen", medium == PagePaper.Medium.SCREEN);
        all.put("print", medium == PagePaper.Medium.PRINT);
        all.put("large", edition.print().large());
        all.put("draft", draft);
        all.put("paper", paper.title());
        all.put("course", outcome.course().title());
        all.put("number", lesson.number());
        all.put("lesson", lesson.title().isBlank() ? lesson.id() : lesson.title());
        all.put("air", PaperText.air(lesson.air()));
        all.put("ready", paper.group() == PaperGroup.HOMES ? PaperText.ready(lesson.air()) : "");
        all.put("adult", lesson.audience().needsAdult());
        all.putAll(gaps);
        return legal(page.execute(all));
    }
}

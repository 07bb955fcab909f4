package webodidact.formats.importing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeVisitor;

/** A recipe in its parts, put together as a page of text. */
final class RecipeText {
    private static final Set<String> BLOCKS =
            Set.of(("address article aside blockquote br dd details div dl dt fieldset figcaption figure footer form "
                            + "h1 h2 h3 h4 h5 h6 header hr li main nav ol p pre section table tbody thead tr ul")
                    .split(" "));
    private static final Set<String> HIDDEN = Set.of("script", "style", "noscript", "template", "head");

    private static final int LONGEST_HEAD = 60;

    String title = "";
    String yield = "";
    final List<String> foods = new ArrayList<>();
    final List<String> tools = new ArrayList<>();
    final List<String> about = new ArrayList<>();
    final List<String> steps = new ArrayList<>();
    /** By the number of the step it stands over, from 0. */
    private final Map<Integer, String> heads = new HashMap<>();

    private boolean tells;

    final List<Imported.Left> left = new ArrayList<>();

    boolean isRecipe() {
        return !foods.isEmpty() || !steps.isEmpty();
    }

    void tell(List<String> more) {
        for (var step : more) if (!step.isBlank()) steps.add(step);
    }

    /** The heading of the steps from that one on. Headings that only repeat how each of their steps begins are not shown. */
    void head(int first, String name) {
        var head = plain(name).replaceFirst("\\s*[:.]+$", "");
        if (first >= steps.size() || head.isEmpty()) return;
        if (head.length() > LONGEST_HEAD) {
            left.add(Imported.Left.of(Words.say("where.heading"), head));
            return;
        }
        heads.merge(first, head, (outer, inner) -> outer.equals(inner) ? outer : inner + " – " + outer);
        tells |= !steps.get(first).toLowerCase(Locale.ROOT).startsWith(head.toLowerCase(Locale.ROOT));
    }

    Imported as(String format) {
        var out = new ArrayList<String>();
        if (!title.isEmpty()) out.add(title);
        if (!yield.isEmpty()) out.add(yield.matches("(?i).*\\p{L}.*") ? withVerb(yield) : Words.say("serves", yield));
        out.addAll(about);
        if (!foods.isEmpty()) {
            out.add("");
            out.add(Words.say("foods"));
            out.addAll(foods);
        }
        if (!tools.isEmpty()) {
            out.add("");
            out.add(Words.say("tools"));
            out.addAll(tools);
        }
        if (!steps.isEmpty()) {
            out.add("");
            out.add(Words.say("method"));
            int n = 0;
            for (var step : steps) {
                var head = heads.get(n);
                if (head != null && tells) out.addAll(List.of("", head + ":"));
                out.add(++n + ". " + step);
            }
        }
        return new Imported(format, title, Limits.checked(String.join("\n", out) + "\n"), foods, steps, left);
    }

    /** "12 fritters" is read as a yield only with a verb before it. */
    private static String withVerb(String yield) {
        return yield.matches("(?i)^(?:serves|makes|yield|for)\\b.*") ? yield : Words.say("makes", yield);
    }

    /** The words of a text that may have tags and entities in it, on one line. */
    static String plain(String text) {
        return String.join(" ", lines(text));
    }

    /** The same, a line for each block. */
    static List<String> lines(String text) {
        return lines(Jsoup.parseBodyFragment(text).body());
    }

    /** The words beneath an element, a line for each block; nothing of scripts and styles. */
    static List<String> lines(Element root) {
        var out = new StringBuilder();
        root.traverse(new NodeVisitor() {
            @Override
            public void head(Node node, int depth) {
                if (node instanceof TextNode words && !isHidden(words))
                    out.append(words.getWholeText().replaceAll("\\s+", " "));
                else if (node instanceof Element e && isBlock(e)) out.append('\n');
                else if (node instanceof Element e
                        && (e.normalName().equals("td") || e.normalName().equals("th"))) out.append(' ');
            }

            @Override
            public void tail(Node node, int depth) {
                if (node instanceof Element e && isBlock(e)) out.append('\n');
            }
        });
        return out.toString()
                .lines()
                .map(l -> l.replace('\u00a0', ' ').strip().replaceAll("\\s+", " "))
                .filter(l -> !l.isEmpty())
                .toList();
    }

    private static boolean isHidden(TextNode words) {
        for (var at = words.parent(); at != null; at = at.parent())
            if (at instanceof Element e && HIDDEN.contains(e.normalName())) return true;
        return false;
    }

    private static boolean isBlock(Element e) {
        return BLOCKS.contains(e.normalName());
    }

    /** "1. Boil it. 2. Mash it." as two. */
    static List<String> parted(String text) {
        var parts = text.split("(?<=[.!?])\\s+(?=\\d{1,2}[.)]\\s+\\p{Lu})");
        var all = new ArrayList<String>();
        for (var part : parts) all.add(unnumbered(part.strip()));
        return all;
    }

    /** "1. Warm the beans" without its number: the page numbers its steps itself. */
    static String unnumbered(String step) {
        return step.replaceFirst("^(?:(?i:step)\\s*)?\\d{1,2}\\s*[.):]\\s+", "");
    }
}

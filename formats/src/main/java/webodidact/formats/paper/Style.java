package webodidact.formats.paper;

import java.util.Map;

/** The look of all papers: {@code paper.css} with its tokens filled in for one way of printing. */
final class Style {
    private static final String CSS = Template.load("paper.css");
    private static final String OTHERS =
            "\"Noto Sans Arabic\", \"Noto Sans Hebrew\", \"Noto Sans Devanagari\", \"Noto Sans Symbols\", \"Noto Sans Symbols 2\"";
    private static final Map<String, String> TOKENS = Map.ofEntries(
            Map.entry("ink-soft", "#5D6670"),
            Map.entry("ink", "#23282E"),
            Map.entry("paper", "#FAF7F1"),
            Map.entry("line", "#E2DACB"),
            Map.entry("beet-wash", "#F4E3EA"),
            Map.entry("beet", "#8E2450"),
            Map.entry("enamel", "#24607F"),
            Map.entry("turmeric-wash", "#FBEBC8"),
            Map.entry("turmeric", "#7A5200"),
            Map.entry("chilli-wash", "#FBE3DF"),
            Map.entry("chilli", "#B3261E"),
            Map.entry("leaf", "#33704A"),
            Map.entry("sans", "\"Source Sans 3\", " + OTHERS + ", sans-serif"),
            Map.entry("serif", "\"Bitter\", \"Source Sans 3\", " + OTHERS + ", serif"));

    private Style() {}

    /** @param running stands on top of every page, or "" */
    static String of(Print print, String running) {
        var css = new StringBuilder();
        css.append("@page { size: ").append(print.sheet().css()).append("; ");
        if (!running.isEmpty())
            css.append("@top-center { content: \"")
                    .append(running.replaceAll("[\\\\\"<>&\\p{Cntrl}]", " "))
                    .append(
                            "\"; font-family: \"Source Sans 3\"; font-size: 10pt; font-weight: 700; color: #B3261E; } ");
        css.append("}\n");
        css.append(filled(CSS));
        if (print.large()) css.append("body { font-size: 16pt; }\n");
        if (print.spaced())
            css.append("body { letter-spacing: 0.4pt; word-spacing: 1.6pt; line-height: 1.6; text-align: left; }\n");
        return css.toString();
    }

    private static String filled(String css) {
        var out = css;
        // Longer names first: "ink-soft" is not "ink" with something behind it.
        var names = TOKENS.keySet().stream()
                .sorted((a, b) -> b.length() - a.length())
                .toList();
        for (var name : names) out = out.replace("$" + name, TOKENS.get(name));
        return out;
    }
}

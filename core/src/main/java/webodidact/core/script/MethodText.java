package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.food.Knowledge;

/** A whole method as people write it, numbered, bulleted or in plain sentences, taken apart into steps. No word is lost. */
public final class MethodText {
    /** @param title its first doing, in a few words */
    public record Draft(String title, String words) {}

    private static final Pattern ITEM = Pattern.compile(
            "^\\s*(?:(?=\\d{1,2}[.:]\\d{2}\\b)|(?:(?:step|photo|picture|image)\\s*)?\\d{1,2}\\s*[.):]|step\\s+\\d{1,2}\\b\\s*[-–—]?|[-–—•*·▪◦])\\s*",
            Pattern.CASE_INSENSITIVE);
    /** "…golden. 2. Add…": numbers that begin a step in the middle of a line. */
    private static final Pattern INLINE = Pattern.compile("([.!?])\\s*(\\d{1,2}[.)])\\s+(?=\\p{Lu})");

    private static final Pattern SENTENCE = Pattern.compile("[^.!?]+(?:[.!?](?!\\s|$)[^.!?]*)*+[.!?]*[”\"')]*\\s*");
    /** A sentence that begins so goes on with the one before. */
    private static final Pattern GOES_ON = Pattern.compile(
            "^(it|they|this|these|that|those|be careful|careful|take care|make sure|do not|don['’]t|you|if|repeat|keep|watch|remember|note|the|there|when)\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Bake 45 min. to 1 hr.": a full stop that ends no sentence. */
    private static final Pattern SHORTENED = Pattern.compile(
            "\\b(?:min|mins|hr|hrs|sec|secs|tbsp|tsp|oz|lb|approx|pt|qt|temp|deg)\\.$", Pattern.CASE_INSENSITIVE);

    private static final Pattern LEAD = Pattern.compile(
            "^(?:\\d{1,2}[.:]\\d{2}\\s*(?:am|pm)?\\s*[-–—:]?\\s+)?(?:(?:meanwhile|then|next(?! week| time| lesson)|now|finally|first thing|first of all|first|firstly|secondly|lastly|after that|while (?:it|they|that)[^,]*|in (?:a|the|another)[^,]*|using [^,]*|with [^,]*|once [^,]*|when [^,]*|to (?:make|serve)[^,]*),?\\s+)*+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CUT = Pattern.compile(
            "[,;:.!?(]|\\s(?:and|until|till|for|then|so|to|in|into|on|onto|over|with|at|while|before|or|about)\\s",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> TRAILING = Set.of("the", "a", "an", "of", "your", "some", "all");
    private static final int SHORT = 4;
    private static final int TITLE_WORDS = 5;
    private static final int LONGEST_TITLE = 240;

    private MethodText() {}

    public static List<Draft> read(String text) {
        var lines = INLINE.matcher(text.strip()).replaceAll("$1\n$2 ").lines().toList();
        if (lines.stream().anyMatch(l -> ITEM.matcher(l).find())) return drafts(items(lines));
        var paragraphs = List.of(text.strip().split("\\R\\s*\\R|\\R"));
        if (paragraphs.size() > 1) return drafts(paragraphs);
        return drafts(sentences(text.strip()));
    }

    /** The lines of one part of a longer method; each is a step of its own, numbered ones with what stands below them. */
    public static List<Draft> part(List<String> lines) {
        var all = INLINE.matcher(String.join("\n", lines))
                .replaceAll("$1\n$2 ")
                .lines()
                .toList();
        return drafts(all.stream().anyMatch(l -> ITEM.matcher(l).find()) ? items(all) : all);
    }

    private static List<String> items(List<String> lines) {
        var items = new ArrayList<StringBuilder>();
        for (var line : lines) {
            if (line.isBlank()) continue;
            var mark = ITEM.matcher(line);
            if (mark.find() || items.isEmpty())
                items.add(new StringBuilder(
                        mark.reset().find() ? line.substring(mark.end()).strip() : line.strip()));
            else items.getLast().append(' ').append(line.strip());
        }
        return items.stream().map(StringBuilder::toString).toList();
    }

    private static List<String> sentences(String text) {
        var all = new ArrayList<String>();
        var matcher = SENTENCE.matcher(text);
        while (matcher.find()) {
            var sentence = matcher.group().strip();
            if (sentence.isEmpty()) continue;
            boolean more = !all.isEmpty()
                    && (SHORTENED.matcher(all.getLast()).find() && Character.isLowerCase(sentence.charAt(0))
                            || GOES_ON.matcher(sentence).find()
                            || sentence.split("\\s+").length < SHORT && !sentence.matches(".*\\d.*"));
            if (more) all.set(all.size() - 1, all.getLast() + " " + sentence);
            else all.add(sentence);
        }
        return all;
    }

    private static List<Draft> drafts(List<String> texts) {
        return texts.stream()
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .map(t -> new Draft(title(t), t))
                .toList();
    }

    /** "Chop the onions finely and fry..." is "Chop the onions finely". */
    public static String title(String words) {
        // No title is longer; what comes after is not looked at.
        var start = words.length() > LONGEST_TITLE ? words.substring(0, LONGEST_TITLE) : words;
        var from = LEAD.matcher(start).replaceFirst("");
        if (from.isBlank()) from = start;
        var cut = CUT.matcher(from);
        int end = from.length();
        // One word is no title: "Tip in the tomatoes".
        while (cut.find()) {
            if (cut.start() == 0) continue;
            end = cut.start();
            if (from.substring(0, end).strip().contains(" ")) break;
            if (from.charAt(end) == '.') break;
        }
        var head = from.substring(0, end);
        var parts = new ArrayList<>(List.of(head.strip().split("\\s+")));
        while (parts.size() > TITLE_WORDS) parts.removeLast();
        while (parts.size() > 1 && TRAILING.contains(parts.getLast().toLowerCase(Locale.ROOT))) parts.removeLast();
        var title = String.join(" ", parts);
        return title.isEmpty() ? "" : Character.toUpperCase(title.charAt(0)) + title.substring(1);
    }

    private static final Pattern CLAUSE = Pattern.compile(
            "[.!?]\\s+|;\\s+|,?\\s+(?:and )?(?:then|now)\\s+|,\\s+(?:and )?(?=(?:add|take|leave|bake|put|pour|cover|turn|stir|drain|remove|return)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** A text as the words of steps with one wait each at the most; short ones that hands stand by stay with another. */
    public static List<String> byWaits(String text, Knowledge knowledge) {
        var all = new ArrayList<String>();
        int from = 0;
        boolean waits = false;
        for (var said : SaidTimes.in(text, knowledge)) {
            if (said.role() == SaidTimes.Role.HANDS
                    || !said.time().isZero() && said.time().high() <= Suggestions.ATTENDED) continue;
            int cut = waits ? cutBefore(text, said.start()) : 0;
            if (cut > from) {
                all.add(text.substring(from, cut).strip());
                from = cut;
            }
            waits = true;
        }
        all.add(text.substring(from).strip());
        return all.stream().filter(t -> !t.isEmpty()).toList();
    }

    /** Where a text is cut so that what stands at {@code at} begins the second half with its own sentence, else its own clause; 0 if nowhere. */
    static int cutBefore(String text, int at) {
        int cut = 0;
        var m = CLAUSE.matcher(text);
        while (m.find() && m.end() <= at) cut = m.end();
        return cut;
    }
}

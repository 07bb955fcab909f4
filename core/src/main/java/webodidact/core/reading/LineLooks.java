package webodidact.core.reading;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;

/** What one line of a page looks like by itself: a title, a food, a deed. */
final class LineLooks {
    static final int HEAD_WORDS = 6;
    private static final int MARKED_WORDS = 10;
    private static final Pattern TWO = Pattern.compile("[a-z)]\\. [A-Z]");
    private static final List<Pattern> NOT_TITLE = List.of(
            PageWords.MAKES, PageWords.METHOD, PageWords.ABOUT, PageWords.JUNK, PageWords.HEADING, PageWords.LETTER);

    private final Knowledge knowledge;
    private final LineReader lines;

    LineLooks(Knowledge knowledge, MeasureSystem region) {
        this.knowledge = knowledge;
        lines = new LineReader(knowledge, region);
    }

    Knowledge knowledge() {
        return knowledge;
    }

    List<ReadLine> foods(String line) {
        return lines.readAll(line);
    }

    /** A few words that are nothing else a page has. */
    static boolean mayBeTitle(String line) {
        return line.split("\\s+").length <= 12
                // "Two-minute slaw" counts nothing.
                && (AmountReader.start(line).isEmpty() || line.matches("\\p{L}+-\\p{L}.*"))
                && NOT_TITLE.stream().noneMatch(p -> p.matcher(line).matches());
    }

    /** A few words over the page, of which no reader of lines is sure. */
    boolean isTitle(String line) {
        if (!mayBeTitle(line)) return false;
        return foods(line).stream().anyMatch(r -> r.food() == null || r.amount() == null && isCapitalled(line));
    }

    /** "Lemon Dill Yoghurt": every word of weight begins with a capital. */
    private static boolean isCapitalled(String line) {
        var words = line.split("\\s+");
        return words.length > 2
                && Arrays.stream(words).filter(w -> w.length() > 3).allMatch(w -> Character.isUpperCase(w.charAt(0)));
    }

    /** The first line of a page, with nothing to count, over a blank line, its yield or its list. */
    boolean stands(String line, String page) {
        if (line.endsWith(".") || PageWords.BULLET.matcher(line).find() || !mayBeTitle(line)) return false;
        var rest = page.strip().lines().skip(1).toList();
        if (rest.isEmpty()) return false;
        var next = PageWords.BULLET.matcher(rest.getFirst().strip()).replaceFirst("");
        return next.isEmpty()
                || PageWords.MAKES.matcher(next.replaceFirst("^\\(", "")).matches()
                || PageWords.ABOUT.matcher(next).matches()
                || PageWords.ABOUT_FIRST.matcher(next).matches()
                || PageWords.JUNK.matcher(next).matches()
                || PageWords.HEADING.matcher(next).matches()
                || PageWords.METHOD.matcher(next).matches()
                || AmountReader.start(next).isPresent();
    }

    boolean isBegun(String plain) {
        return knowledge.actionsIn(plain).stream().anyMatch(a -> a.start() == 0);
    }

    /** A line that tells to do something: it begins with a verb and no amount, and after a list or a method nobody lists so. */
    boolean isDeed(String line, boolean after) {
        var plain = PageWords.plain(line);
        if (AmountReader.start(plain)
                .filter(s -> s.amount().unit().dimension() != Dimension.INFORMAL)
                .isPresent()) return false;
        int words = plain.split("\\s+").length;
        boolean numbered =
                !plain.equals(line.strip()) && !PageWords.BULLET.matcher(line).find();
        return isBegun(plain)
                        && (words > 3 || plain.endsWith("."))
                        && (plain.endsWith(".") || plain.endsWith("!") || after || numbered || words > 6)
                || after && (words > 6 || plain.endsWith("."));
    }

    boolean isFood(String line) {
        return AmountReader.start(line)
                        .filter(s -> s.amount().unit().dimension() != Dimension.COUNT)
                        .isPresent()
                && knowledge.foodNamed(line).isPresent();
    }

    /** A numbered or long line that begins with a verb, or two sentences: nobody lists foods so. */
    static boolean isSentence(String line) {
        var words = line.split("\\s+").length;
        boolean numbered = PageWords.NUMBERED.matcher(line).matches() && words > 6 && line.endsWith(".");
        boolean two = TWO.matcher(line).find();
        return numbered || two && words > 7 || words > 14;
    }

    /** It begins with an amount and is no sentence. */
    static boolean isCounted(PageLine line) {
        return !line.isEnded()
                && AmountReader.start(PageWords.BULLET.matcher(line.text()).replaceFirst(""))
                        .isPresent()
                && !PageWords.NUMBERED.matcher(line.text()).matches()
                && !isSentence(line.text());
    }

    boolean isTold(PageLine line) {
        return isSentence(line.text())
                || isDeed(line.text(), false)
                || line.isEnded()
                        && line.words() > 4
                        && PageWords.LED.matcher(line.text()).find();
    }

    static boolean isShort(PageLine line) {
        return line.words() <= (line.marked() ? MARKED_WORDS : HEAD_WORDS + 2)
                && !line.isEnded()
                && !line.text().endsWith(",");
    }

    /** A line as a list of foods has them. */
    boolean isListed(PageLine line) {
        var plain = PageWords.BULLET.matcher(line.text()).replaceFirst("");
        if (line.isEnded()
                || isSentence(line.text())
                || PageWords.NUMBERED.matcher(line.text()).matches()) return false;
        return AmountReader.start(plain).isPresent()
                || line.words() <= HEAD_WORDS
                        && !isBegun(plain)
                        && knowledge.foodNamed(plain).isPresent();
    }
}

package webodidact.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.Kind;
import webodidact.core.reading.LineReader;
import webodidact.core.reading.ReadLine;
import webodidact.core.reading.RecipeReader;
import webodidact.core.script.Asides;
import webodidact.core.script.MethodText;

/** Reads a page of text, a written recipe or a method as it was said, into what a lesson needs. */
public final class PageReader {
    /** "You'll need two tins of chickpeas, a tin of tomatoes and an onion": a list within a sentence. */
    private static final Pattern NEEDS = Pattern.compile(
            "\\b(?:you(?:['’]ll| will)? (?:need|want)|we(?:['’]ll| will)? need|you(?:['’]re| are) going to need|ingredients(?: are)?:?|get yourself|what you need is)\\b:? ([^.!?\\n]{8,600})",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PARTS = Pattern.compile(
            "\\s*[,;]\\s*(?:and\\s+)?|(?<!hundred)\\s+and\\s+(?=(?:an?|some|\\d|one|two|three|four|five|six|half|about)\\b)");
    /** What is said around a food in speech and says nothing of it. */
    private static final Pattern PRAISE = Pattern.compile(
            "\\b(?:really|very|lovely|nice|proper|good old|about|just|of course|any|ripe)\\b\\s*",
            Pattern.CASE_INSENSITIVE);

    private static final String SENTENCES = "(?<=[.!?])\\s+|\\R";

    private static final Pattern SPEECH = Pattern.compile(
            "\\b(?:I['’]?m|I['’]ve|I['’]ll|we['’]re|we['’]ll|let['’]s|gonna|going to|my|you['’]ll|you want|okay|ok|right,|lovely|so now|in goes|that['’]s)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SERVES = Pattern.compile(
            "^(?:to )?(?:serve|plate)\\b|^(?:divide|spoon|ladle)\\b[^.]*\\b(?:plates|bowls)\\b",
            Pattern.CASE_INSENSITIVE);

    private final Knowledge knowledge;
    private final RecipeReader recipes;
    private final LineReader lines;

    public PageReader(Knowledge knowledge, MeasureSystem region) {
        this.knowledge = knowledge;
        recipes = new RecipeReader(knowledge, region);
        lines = new LineReader(knowledge, region);
    }

    public Page read(String text) {
        var recipe = recipes.read(text);
        var method = String.join("\n", recipe.method());
        if (recipe.lines().isEmpty()) recipe = recipe.with(needed(method));
        var pieces = new ArrayList<Page.Piece>();
        boolean spoken = isSpoken(method);
        for (var section : recipe.sections()) {
            // One paragraph is a step for each sentence; of several each is a step.
            var drafts = method.contains("\n") ? MethodText.part(section.lines()) : MethodText.read(method);
            var texts = drafts.stream()
                    .flatMap(d -> MethodText.byWaits(d.words(), knowledge).stream())
                    .toList();
            for (var words : texts)
                pieces.add(new Page.Piece(title(section.head(), words, texts.size() == 1), words, kind(words), spoken));
        }
        return new Page(recipe, pieces);
    }

    /** The heading a step stands under; with others under it also what is done. */
    private static String title(String head, String words, boolean alone) {
        var doing = MethodText.title(words);
        if (head.isEmpty()) return doing;
        if (alone || doing.isEmpty()) return head;
        return head + ": " + Character.toLowerCase(doing.charAt(0)) + doing.substring(1);
    }

    /** Foods that a sentence says are needed, or lists; what is no food for sure stays words. */
    private List<ReadLine> needed(String method) {
        var all = new ArrayList<ReadLine>();
        var m = NEEDS.matcher(method);
        while (m.find()) all.addAll(listed(m.group(1)));
        if (!all.isEmpty()) return all;
        for (var sentence : method.split(SENTENCES)) if (isListing(sentence)) all.addAll(listed(sentence));
        return all;
    }

    private List<ReadLine> listed(String words) {
        var all = new ArrayList<ReadLine>();
        for (var part : PARTS.split(words.replaceFirst("[.!]+$", "")))
            for (var line :
                    lines.readAll(PRAISE.matcher(part.strip()).replaceAll(" ").strip()))
                if (line.food() != null || isMeasured(line)) all.add(line);
        return all;
    }

    /** "250g oats, 125g butter and 3 tbsp syrup.": three amounts and nothing that is done with them. */
    private boolean isListing(String sentence) {
        if (!knowledge.actionsIn(sentence).isEmpty()) return false;
        var parts = List.of(PARTS.split(sentence.replaceFirst("[.!]+$", "")));
        long measured = parts.stream()
                .filter(p -> lines.readAll(p.strip()).stream().allMatch(PageReader::isMeasured))
                .count();
        return measured > 2 && measured * 3 >= parts.size() * 2;
    }

    /** "500 ml stock": of which kind is asked, that it is a food is sure. */
    private static boolean isMeasured(ReadLine line) {
        return line.isMeasured() && line.unsure().stream().noneMatch(u -> u.kind() == Doubt.Kind.UNKNOWN_FOOD);
    }

    private static boolean isSpoken(String text) {
        var m = SPEECH.matcher(text);
        int signs = 0;
        while (m.find()) signs++;
        return signs * 40 > text.split("\\s+").length;
    }

    private Kind kind(String words) {
        if (NEEDS.matcher(words).find() && knowledge.actionsIn(words).isEmpty() || isListing(words))
            return Kind.RUN_THROUGH;
        if (SERVES.matcher(words).find()) return Kind.PLATE;
        var asides = Asides.of(words);
        boolean nothing = knowledge.actionsIn(words).stream().allMatch(a -> asides.covers(a.start()))
                && knowledge.foodsIn(words).stream().allMatch(f -> asides.covers(f.start()))
                && knowledge.toolsIn(words).stream().allMatch(t -> asides.covers(t.start()));
        return nothing && SPEECH.matcher(words).find() ? Kind.TALK : Kind.HANDS_ON;
    }
}

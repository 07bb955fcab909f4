package webodidact.core.rules;

import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import webodidact.core.lesson.Step;
import webodidact.core.memo.Remembered;
import webodidact.core.memo.Same;
import webodidact.core.script.Asides;
import webodidact.core.words.Word;

/** The words of a sentence that carry its matter: what a promise, a question or a reminder is about. */
final class Content {
    private static final Set<String> EMPTY = Set.of(
            "the",
            "a",
            "an",
            "and",
            "or",
            "but",
            "so",
            "then",
            "now",
            "that",
            "this",
            "these",
            "those",
            "it",
            "its",
            "them",
            "they",
            "you",
            "your",
            "we",
            "our",
            "i",
            "me",
            "my",
            "us",
            "to",
            "of",
            "in",
            "on",
            "at",
            "for",
            "with",
            "from",
            "as",
            "if",
            "is",
            "are",
            "was",
            "be",
            "been",
            "will",
            "would",
            "can",
            "could",
            "should",
            "do",
            "does",
            "did",
            "have",
            "has",
            "had",
            "go",
            "going",
            "get",
            "got",
            "make",
            "made",
            "show",
            "tell",
            "told",
            "said",
            "say",
            "give",
            "let",
            "how",
            "what",
            "why",
            "when",
            "where",
            "which",
            "who",
            "here",
            "there",
            "just",
            "also",
            "too",
            "later",
            "minute",
            "moment",
            "second",
            "end",
            "start",
            "beginning",
            "before",
            "after",
            "again",
            "bit",
            "little",
            "some",
            "all",
            "one",
            "two",
            "three",
            "very",
            "really",
            "own",
            "about",
            "up",
            "out",
            "off",
            "into",
            "over",
            "back",
            "come",
            "talk",
            "remember",
            "today",
            "lesson",
            "time",
            "thing",
            "well",
            "ll",
            "re",
            "ve",
            "s",
            "t",
            "m",
            "d",
            "think",
            "know",
            "see",
            "look",
            "like",
            "need",
            "want",
            "please",
            "ok",
            "right",
            "earlier",
            "learn",
            "ten",
            "twenty",
            "five",
            "fifteen",
            "thirty",
            "hour",
            "same",
            "more",
            "not",
            "no",
            "both",
            "quick",
            "recipe",
            "finish",
            "leave",
            "always",
            "every",
            "put",
            "use",
            "first",
            "next",
            "last");

    private Content() {}

    private static final Remembered<String, Set<String>> KNOWN = new Remembered<>(Content::read);

    static Set<String> of(String text) {
        return new LinkedHashSet<>(KNOWN.of(text));
    }

    private static Set<String> read(String text) {
        var all = new LinkedHashSet<String>();
        for (var word : Word.of(text)) {
            var plain = text.substring(word.start(), word.end())
                    .toLowerCase(Locale.ROOT)
                    .replace('’', '\'');
            if (plain.length() > 2
                    && !EMPTY.contains(plain)
                    && !EMPTY.contains(word.stem())
                    && !plain.contains("'")
                    && !plain.matches("\\d+")) all.add(word.stem());
        }
        return all;
    }

    /** As that of a step, without likenesses: "chunks the size of an egg" are of no egg. */
    static Set<String> done(Step step) {
        return DONE.of(new Same<>(step));
    }

    private static final Remembered<Same<Step>, Set<String>> DONE = new Remembered<>(s -> readDone(s.of()));

    private static Set<String> readDone(Step step) {
        var text = step.title() + ". " + step.say() + " . " + step.doing() + " . " + step.card();
        var plain = new StringBuilder(text);
        Asides.of(text).all().stream()
                .filter(a -> a.kind() == Asides.Kind.LIKENESS)
                .forEach(a -> {
                    for (int i = a.start(); i < a.end(); i++) plain.setCharAt(i, ' ');
                });
        return of(plain.toString());
    }

    static Set<String> of(Step step) {
        return of(step.title() + ". " + step.say() + " . " + step.doing() + " . " + step.card());
    }
}

package webodidact.core.script;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import webodidact.core.memo.Remembered;

/**
 * Letters without which a pattern matches nowhere. A keystroke gives a new text to a thousand patterns, and nearly all of them need some
 * word that is not in it: which one is read off the pattern, and asked of the text by its pairs of letters before the pattern is tried.
 */
final class Needed {
    private static final int LETTERS = 26;

    /** Of a word part that is shorter than a pair nothing is known. */
    private static final int LEAST = 2;

    private static final Remembered<String, long[]> PAIRS = new Remembered<>(Needed::read);

    /** Pairs of letters of each word part of which one must be there; null where nothing is known. */
    private final List<long[]> any;

    private Needed(Set<String> parts) {
        any = parts == null ? null : parts.stream().map(Needed::read).toList();
    }

    static Needed by(String pattern) {
        return new Needed(new Reader(pattern).either());
    }

    /** Pairs of neighbouring letters a to z of a text, small or capital. */
    static long[] pairs(String text) {
        return PAIRS.of(text);
    }

    /** Whether a pattern may match in a text of those pairs; false only where it cannot. */
    boolean mayBeIn(long[] pairs) {
        if (any == null) return true;
        for (var part : any) if (isIn(part, pairs)) return true;
        return false;
    }

    private static boolean isIn(long[] part, long[] pairs) {
        for (int i = 0; i < part.length; i++) if ((part[i] & ~pairs[i]) != 0) return false;
        return true;
    }

    private static long[] read(String text) {
        var set = new long[(LETTERS * LETTERS + 63) / 64];
        int before = -1;
        for (int i = 0; i < text.length(); i++) {
            int c = letter(text.charAt(i));
            if (before >= 0 && c >= 0) {
                int pair = before * LETTERS + c;
                set[pair / 64] |= 1L << pair % 64;
            }
            before = c;
        }
        return set;
    }

    /** 0 to 25, or -1. */
    private static int letter(char c) {
        return c >= 'a' && c <= 'z' ? c - 'a' : c >= 'A' && c <= 'Z' ? c - 'A' : -1;
    }

    /** Reads word parts off a pattern; what it does not understand it knows nothing of. */
    private static final class Reader {
        private static final int ONCE = -1;

        private final String pattern;
        private int at;

        Reader(String pattern) {
            this.pattern = pattern;
        }

        /** Of alternatives, up to the closing bracket or the end; null where one of them needs nothing. */
        Set<String> either() {
            var all = new LinkedHashSet<String>();
            boolean known = true;
            while (true) {
                var one = sequence();
                if (one == null) known = false;
                else all.addAll(one);
                if (at >= pattern.length() || pattern.charAt(at) != '|') return known ? all : null;
                at++;
            }
        }

        private Set<String> sequence() {
            Set<String> best = null;
            var run = new StringBuilder();
            while (at < pattern.length() && pattern.charAt(at) != '|' && pattern.charAt(at) != ')') {
                char c = pattern.charAt(at);
                if (letter(c) >= 0) {
                    at++;
                    int least = quantifier();
                    if (least != 0) run.append(c);
                    if (least == ONCE) continue;
                    best = better(best, part(run));
                } else {
                    best = better(best, part(run));
                    var within = atom(c);
                    if (quantifier() != 0) best = better(best, within);
                }
                run.setLength(0);
            }
            return better(best, part(run));
        }

        private static Set<String> part(StringBuilder run) {
            return run.length() < LEAST ? null : Set.of(run.toString());
        }

        /** The longer the shortest, the fewer the texts that have one of them. */
        private static Set<String> better(Set<String> a, Set<String> b) {
            if (a == null || b == null) return a == null ? b : a;
            int left = shortest(a);
            int right = shortest(b);
            return right > left || right == left && b.size() < a.size() ? b : a;
        }

        private static int shortest(Set<String> parts) {
            return parts.stream().mapToInt(String::length).min().orElse(0);
        }

        /** What is no plain letter; what a group needs, or null. */
        private Set<String> atom(char c) {
            switch (c) {
                case '(' -> {
                    return group();
                }
                case '[' -> {
                    at++;
                    while (at < pattern.length() && pattern.charAt(at) != ']') at += pattern.charAt(at) == '\\' ? 2 : 1;
                    at++;
                }
                case '\\' -> escape();
                default -> at++;
            }
            return null;
        }

        private void escape() {
            at += 2;
            if (at < pattern.length() && "pPk".indexOf(pattern.charAt(at - 1)) >= 0) {
                int end = pattern.indexOf(pattern.charAt(at) == '<' ? '>' : '}', at);
                if (end > 0 && "{<".indexOf(pattern.charAt(at)) >= 0) at = end + 1;
            } else if (pattern.charAt(at - 1) == 'Q') {
                int end = pattern.indexOf("\\E", at);
                at = end < 0 ? pattern.length() : end + 2;
            }
        }

        private Set<String> group() {
            at++;
            boolean looks = false;
            if (pattern.startsWith("?:", at)) at += 2;
            else if (pattern.startsWith("?=", at) || pattern.startsWith("?!", at)) {
                looks = true;
                at += 2;
            } else if (pattern.startsWith("?<=", at) || pattern.startsWith("?<!", at)) {
                looks = true;
                at += 3;
            } else if (pattern.startsWith("?<", at)) at = pattern.indexOf('>', at) + 1;
            else if (pattern.startsWith("?", at)) looks = true;
            var within = either();
            at++;
            return looks ? null : within;
        }

        /** How often at least; {@link #ONCE} where none is written. */
        private int quantifier() {
            if (at >= pattern.length()) return ONCE;
            char c = pattern.charAt(at);
            int least;
            if (c == '?' || c == '*') least = 0;
            else if (c == '+') least = 1;
            else if (c == '{') {
                int end = pattern.indexOf('}', at);
                least = pattern.charAt(at + 1) == '0' || pattern.charAt(at + 1) == ',' ? 0 : 1;
                at = end;
            } else return ONCE;
            at++;
            if (at < pattern.length() && "?+".indexOf(pattern.charAt(at)) >= 0) at++;
            return least;
        }
    }
}

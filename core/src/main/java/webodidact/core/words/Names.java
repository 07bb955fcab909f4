package webodidact.core.words;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds names of one or more words in a text; the longest match wins. Built once, then read from any thread. */
public final class Names {
    /** A name found, from {@code start} (inclusive) to {@code end} (exclusive). */
    public record Found(int start, int end, String id) {}

    private static final class Node {
        private final Map<String, Node> next = new HashMap<>(4);
        private String id;
    }

    private final Node root = new Node();

    /** The first owner of a name keeps it. */
    public void add(String name, String id) {
        add(Word.of(name), id);
    }

    /** The same for a name that has been parted into its words. */
    public void add(List<Word> name, String id) {
        var node = root;
        for (var word : name) node = node.next.computeIfAbsent(word.stem(), k -> new Node());
        if (node != root && node.id == null) node.id = id;
    }

    /** All names in the text, left to right, none inside another. */
    public List<Found> find(CharSequence text) {
        return find(Word.of(text), text);
    }

    public List<Found> find(List<Word> words) {
        return find(words, null);
    }

    /** @param text where a comma or full stop between two words parts names: "rice, milk" is no rice milk; null where none is known */
    public List<Found> find(List<Word> words, CharSequence text) {
        var found = new ArrayList<Found>();
        int i = 0;
        while (i < words.size()) {
            int last = longest(words, i, text);
            if (last < 0) {
                i++;
                continue;
            }
            found.add(new Found(words.get(i).start(), words.get(last).end(), idAt(words, i, last)));
            i = last + 1;
        }
        return found;
    }

    private int longest(List<Word> words, int from, CharSequence text) {
        var node = root;
        int last = -1;
        for (int i = from; i < words.size(); i++) {
            if (i > from
                    && text != null
                    && isParted(text, words.get(i - 1).end(), words.get(i).start())) break;
            node = node.next.get(words.get(i).stem());
            if (node == null) break;
            if (node.id != null) last = i;
        }
        return last;
    }

    private static boolean isParted(CharSequence text, int from, int to) {
        for (int i = from; i < to; i++) if (",.;:!?\n+&/".indexOf(text.charAt(i)) >= 0) return true;
        return false;
    }

    private String idAt(List<Word> words, int from, int to) {
        var node = root;
        for (int i = from; i <= to; i++) node = node.next.get(words.get(i).stem());
        return node.id;
    }
}

package webodidact.formats.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import webodidact.formats.fonts.Fonts;

/** Which letters and signs the shipped fonts have. */
public final class Glyphs {
    private static final Map<String, BitSet> COVERED = new ConcurrentHashMap<>();

    private Glyphs() {}

    /**
     * The letters and signs of a page that none of the shipped fonts has, each once, as they are met; control signs and halves of
     * letters among them. What is between '<' and '>' is not printed.
     */
    public static List<String> unshown(String html) {
        var all = new LinkedHashSet<String>();
        printed(html).codePoints().filter(c -> !isShown(c)).forEach(c -> all.add(named(c)));
        return List.copyOf(all);
    }

    /** Fonts of the fallback that the page needs, in their order. */
    static List<Fonts.Face> needed(String html) {
        var needed = new ArrayList<Fonts.Face>();
        var beyond = printed(html)
                .codePoints()
                .filter(c -> !covered(Fonts.ALL.getFirst()).get(c))
                .distinct()
                .toArray();
        for (var face : Fonts.FALLBACK)
            for (int c : beyond) if (covered(face).get(c) && !needed.contains(face)) needed.add(face);
        return needed;
    }

    static boolean isRightToLeft(String html) {
        return printed(html)
                .codePoints()
                .anyMatch(c -> Character.getDirectionality(c) == Character.DIRECTIONALITY_RIGHT_TO_LEFT
                        || Character.getDirectionality(c) == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC);
    }

    /** Without styles and tags. */
    private static String printed(String html) {
        int body = html.indexOf("<body");
        return html.substring(Math.max(0, body)).replaceAll("<[^>]*>", " ");
    }

    private static boolean isShown(int c) {
        if (c == '\n' || c == '\r' || c == '\t' || Character.getType(c) == Character.FORMAT && c != 0xfeff) return true;
        if (covered(Fonts.ALL.getFirst()).get(c)) return true;
        return Fonts.FALLBACK.stream().anyMatch(f -> covered(f).get(c));
    }

    /** "漢 (U+6F22)", or the number alone for what cannot be seen. */
    private static String named(int c) {
        var number =
                "U+" + Integer.toHexString(0x10000 | c).toUpperCase(Locale.ROOT).substring(c > 0xffff ? 0 : 1);
        boolean seen = !Character.isISOControl(c)
                && Character.getType(c) != Character.SURROGATE
                && Character.getType(c) != Character.UNASSIGNED
                && c != 0xfeff;
        return seen ? Character.toString(c) + " (" + number + ")" : number;
    }

    private static BitSet covered(Fonts.Face face) {
        return COVERED.computeIfAbsent(face.file(), k -> {
            try (var in = face.open()) {
                var map = new TTFParser()
                        .parse(new RandomAccessReadBuffer(in.readAllBytes()))
                        .getUnicodeCmapLookup();
                var set = new BitSet();
                for (int c = 0; c < 0x20000; c++) if (map.getGlyphId(c) != 0) set.set(c);
                return set;
            } catch (IOException e) {
                throw new UncheckedIOException(face.file(), e);
            }
        });
    }
}

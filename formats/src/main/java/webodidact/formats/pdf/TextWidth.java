package webodidact.formats.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import webodidact.formats.fonts.Fonts;

/** How wide words are in the letters of the papers, before they are laid out. */
public final class TextWidth {
    private static final double MILLIMETRES = 25.4 / 72;
    /** A letter of another typeface is taken as wide as it is high: too much rather than too little. */
    private static final double OTHER = 1;

    private static final Map<Integer, TrueTypeFont> FACES = new ConcurrentHashMap<>();

    private TextWidth() {}

    /** In millimetres, on one line. */
    public static double of(String text, boolean bold, double points) {
        var face = face(bold ? 700 : 400);
        try {
            var glyphs = face.getUnicodeCmapLookup();
            double ems = 0;
            for (int c : text.codePoints().toArray()) {
                int glyph = glyphs.getGlyphId(c);
                ems += glyph == 0 ? OTHER : (double) face.getAdvanceWidth(glyph) / face.getUnitsPerEm();
            }
            return ems * points * MILLIMETRES;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** As it is broken into lines of that width in millimetres; a word that is longer than a line is broken within. */
    public static List<String> lines(String text, boolean bold, double points, double width) {
        var lines = new ArrayList<String>();
        var line = "";
        for (var word : text.strip().split("\\s+")) {
            var longer = line.isEmpty() ? word : line + " " + word;
            if (of(longer, bold, points) <= width) {
                line = longer;
                continue;
            }
            if (!line.isEmpty()) lines.add(line);
            line = word;
            while (of(line, bold, points) > width && line.length() > 1) {
                int end = line.length() - 1;
                while (end > 1 && of(line.substring(0, end), bold, points) > width) end--;
                lines.add(line.substring(0, end));
                line = line.substring(end);
            }
        }
        if (!line.isEmpty()) lines.add(line);
        return List.copyOf(lines);
    }

    private static TrueTypeFont face(int weight) {
        return FACES.computeIfAbsent(weight, w -> {
            var face =
                    Fonts.ALL.stream().filter(f -> f.weight() == w).findFirst().orElseThrow();
            try (var in = face.open()) {
                return new TTFParser().parse(new RandomAccessReadBuffer(in.readAllBytes()));
            } catch (IOException e) {
                throw new UncheckedIOException(face.file(), e);
            }
        });
    }
}

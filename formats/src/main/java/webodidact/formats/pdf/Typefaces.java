package webodidact.formats.pdf;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedDeque;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import webodidact.formats.fonts.Fonts;

/**
 * The typefaces of one document. Reading a typeface takes a third of the time of a page, so it is read once and lent to one document
 * after the other; never to two at a time, because a typeface has a place where it is being read.
 */
final class Typefaces implements AutoCloseable {
    private static final Map<Fonts.Face, Deque<TrueTypeFont>> FREE = new ConcurrentHashMap<>();

    private record Lent(Fonts.Face face, TrueTypeFont font) {}

    private final Deque<Lent> lent = new ArrayDeque<>();
    private final PDDocument document;

    Typefaces(PDDocument document) {
        this.document = document;
    }

    /**
     * The typeface in the document. Latin letters are without their ligatures: the glyph for "ft" has no way back to letters in the PDF,
     * so that "soft" would be copied, searched and read aloud as "so". Devanagari cannot be written without.
     */
    PDFont of(Fonts.Face face) throws IOException {
        var free =
                FREE.computeIfAbsent(face, f -> new ConcurrentLinkedDeque<>()).poll();
        var font = free == null ? read(face) : free;
        lent.add(new Lent(face, font));
        return PDType0Font.load(document, font, true);
    }

    private static TrueTypeFont read(Fonts.Face face) throws IOException {
        try (var in = face.open()) {
            var font = new TTFParser().parse(new RandomAccessReadBuffer(in.readAllBytes()));
            font.setEnableGsub(Fonts.FALLBACK.contains(face));
            return font;
        }
    }

    /** Gives them back; to be called when the document is whole. */
    @Override
    public void close() {
        for (var each : lent) FREE.get(each.face()).add(each.font());
        lent.clear();
    }
}

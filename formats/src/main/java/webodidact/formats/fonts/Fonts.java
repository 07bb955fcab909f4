package webodidact.formats.fonts;

import java.io.InputStream;
import java.util.List;

/** The typefaces shipped with the application, for the screen and for PDF. Their licences lie beside them. */
public final class Fonts {
    /**
     * @param weight as CSS counts it
     */
    public record Face(String file, String family, int weight) {
        public InputStream open() {
            return Fonts.class.getResourceAsStream(file);
        }
    }

    public static final List<Face> ALL = List.of(
            new Face("SourceSans3_400Regular.ttf", "Source Sans 3", 400),
            new Face("SourceSans3_600SemiBold.ttf", "Source Sans 3", 600),
            new Face("SourceSans3_700Bold.ttf", "Source Sans 3", 700),
            new Face("Bitter_600SemiBold.ttf", "Bitter", 600));

    /** For letters and signs that those above do not have; only on papers that need them. Chinese, Japanese and Korean are not shipped: 16 MB each. */
    public static final List<Face> FALLBACK = List.of(
            new Face("NotoSansArabic_400Regular.ttf", "Noto Sans Arabic", 400),
            new Face("NotoSansHebrew_400Regular.ttf", "Noto Sans Hebrew", 400),
            new Face("NotoSansDevanagari_400Regular.ttf", "Noto Sans Devanagari", 400),
            new Face("NotoSansSymbols_400Regular.ttf", "Noto Sans Symbols", 400),
            new Face("NotoSansSymbols2_400Regular.ttf", "Noto Sans Symbols 2", 400));

    private Fonts() {}
}

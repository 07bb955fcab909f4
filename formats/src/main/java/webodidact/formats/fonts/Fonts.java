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

    private Fonts() {}
}

package webodidact.formats.paper;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/** A paper that other programs read, or that is pasted as text. */
public non-sealed interface FilePaper extends Paper {
    /** Its text in the language spoken here. @param ending one of {@link #endings} */
    String written(Edition edition, String ending);

    default String text(Edition edition, String ending) {
        return edition.speaking(() -> written(edition, ending));
    }

    @Override
    default PaperGroup group() {
        return PaperGroup.EDITORS;
    }

    @Override
    default Map<String, byte[]> files(Edition edition) {
        var all = new LinkedHashMap<String, byte[]>();
        for (var ending : endings()) all.put(ending, text(edition, ending).getBytes(StandardCharsets.UTF_8));
        return all;
    }
}

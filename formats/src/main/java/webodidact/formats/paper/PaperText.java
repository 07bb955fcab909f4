package webodidact.formats.paper;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import webodidact.core.words.Language;

/** Words that papers share. */
final class PaperText {
    private PaperText() {}

    /** "Thursday 3 December, 17:30", or "". */
    static String air(LocalDateTime air) {
        return air == null
                ? ""
                : DateTimeFormatter.ofPattern(
                                Words.say("air"), Language.current().locale())
                        .format(air);
    }
}

package webodidact.formats.paper;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Words that papers share. */
final class PaperText {
    private static final DateTimeFormatter AIR = DateTimeFormatter.ofPattern("EEEE d MMMM, HH:mm", Locale.UK);

    private PaperText() {}

    /** "Thursday 3 December, 17:30", or "". */
    static String air(LocalDateTime air) {
        return air == null ? "" : AIR.format(air);
    }
}

package webodidact.formats.paper;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import webodidact.core.words.Language;

/** Words that papers share. */
final class PaperText {
    /** Minutes before air at which homes are ready. */
    private static final int READY = 5;

    private PaperText() {}

    /** "Thursday 3 December, 17:30", or "". */
    static String air(LocalDateTime air) {
        return air == null ? "" : formatted(air, "air");
    }

    /** "be ready by 17:25, hands washed", or "". */
    static String ready(LocalDateTime air) {
        return air == null ? "" : Words.say("ready", clock(air.minusMinutes(READY)));
    }

    /** "17:25". */
    static String clock(LocalDateTime at) {
        return formatted(at, "clock");
    }

    /** "Thu 3 Dec, 07:30" on another day than air, "17:10" on the same. */
    static String before(LocalDateTime at, LocalDateTime air) {
        return air != null && at.toLocalDate().equals(air.toLocalDate()) ? clock(at) : formatted(at, "moment");
    }

    /** "Thursday 10 December". */
    static String day(LocalDate day) {
        return DateTimeFormatter.ofPattern(Words.say("day"), Language.current().locale())
                .format(day);
    }

    private static String formatted(LocalDateTime at, String pattern) {
        return DateTimeFormatter.ofPattern(
                        Words.say(pattern), Language.current().locale())
                .format(at);
    }
}

package webodidact.core.time;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import webodidact.core.words.Language;

/** Seconds of air as people before air tell them: by the clock where there is a day, else counted back. */
public final class AirClock {
    private static final DateTimeFormatter SECOND = DateTimeFormatter.ofPattern("HH:mm:ss");
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("HH:mm");

    private AirClock() {}

    /** "16:45"; "Wed 21:00" on another day than that of air; "−45:00" where there is no day. @param air null for none */
    public static String text(LocalDateTime air, int second) {
        return air == null ? Clock.text(second) : at(air, second, MINUTE);
    }

    /** The same to the second. */
    public static String exact(LocalDateTime air, int second) {
        return air == null ? Clock.text(second) : at(air, second, SECOND);
    }

    private static String at(LocalDateTime air, int second, DateTimeFormatter format) {
        var at = air.plusSeconds(second);
        if (at.toLocalDate().equals(air.toLocalDate())) return format.format(at);
        return at.getDayOfWeek()
                        .getDisplayName(TextStyle.SHORT, Language.current().locale()) + " " + MINUTE.format(at);
    }
}

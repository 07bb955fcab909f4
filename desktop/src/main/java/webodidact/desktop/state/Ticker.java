package webodidact.desktop.state;

import java.time.LocalDateTime;

/** Time for the live desk: the real clock, or one that runs fast or stands still until told. */
public interface Ticker {
    LocalDateTime now();

    /** Seconds since an arbitrary start; never goes back. */
    long seconds();
}

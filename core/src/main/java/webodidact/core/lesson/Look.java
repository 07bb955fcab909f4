package webodidact.core.lesson;

import webodidact.core.time.Seconds;

/**
 * A moment within a wait at which somebody has to do something.
 *
 * @param at seconds after the wait began, more than zero
 * @param what "turn the tray"
 */
public record Look(int at, String what) {
    public Look {
        if (at <= 0) throw new IllegalArgumentException("Look '" + what + "': expected more than zero seconds after the wait began, not " + at);
        Seconds.checked(at, "Look '" + what + "'");
        what = what == null || what.isBlank() ? Words.OURS.say("look") : what;
    }
}

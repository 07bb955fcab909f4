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
        if (at <= 0) throw new IllegalArgumentException(Words.OURS.say("wrong.look", what, at));
        Seconds.checked(at, Words.OURS.message("what.look", what));
        what = what == null || what.isBlank() ? Words.OURS.say("look") : what;
    }
}

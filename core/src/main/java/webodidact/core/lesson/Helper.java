package webodidact.core.lesson;

import webodidact.core.time.Seconds;
import webodidact.core.words.Plain;

/**
 * Somebody who helps before air.
 *
 * @param hours seconds before air from which they are there; 0: all day
 * @param raw may handle raw meat and fish
 * @param blades may handle knives
 * @param camera can set up camera and sound
 */
public record Helper(String name, int hours, boolean raw, boolean blades, boolean camera) {
    public Helper {
        name = Plain.line(name);
        if (name.isEmpty()) throw new IllegalArgumentException(Words.OURS.say("wrong.helper"));
        Seconds.checked(hours, name);
    }

    /** All day, and with knives: as long as nobody has said otherwise. */
    public static Helper usual(String name) {
        return new Helper(name, 0, false, true, false);
    }
}

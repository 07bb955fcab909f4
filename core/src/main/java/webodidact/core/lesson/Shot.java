package webodidact.core.lesson;

import webodidact.core.time.Seconds;

/**
 * What is seen of a step, and when.
 *
 * @param camera where it looks
 * @param part title of the part of a recording that begins here, or ""
 * @param reachBy seconds after the start of air by which it has to be reached, or 0
 * @param fixed stays in its place when steps are put in another order
 */
public record Shot(String camera, String part, int reachBy, boolean fixed) {
    public Shot {
        camera = Texts.orEmpty(camera);
        part = Texts.orEmpty(part);
        Seconds.checked(reachBy, Words.OURS.message("what.shot"));
    }
}

package webodidact.core.trace;

/**
 * Soil reaches something it should not.
 *
 * @param by the surface that brings it
 * @param step number of the step, from 1
 * @param what the food, tool or handle it reaches, as the lesson calls it
 * @param line id of the food line it reaches, or ""
 */
public record Touch(Kind kind, Dirt dirt, Surface by, int step, String what, String line) {
    /** READY: food that nobody heats afterwards; HANDLE: something that others touch; OTHER: hands go on with something else. */
    public enum Kind {
        READY,
        HANDLE,
        OTHER
    }
}

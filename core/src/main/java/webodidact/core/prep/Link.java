package webodidact.core.prep;

/**
 * One task after another.
 *
 * @param least seconds between the end of the one and the start of the other
 * @param most seconds between them, or {@link #ANY}
 */
public record Link(String before, String after, int least, int most) {
    public static final int ANY = Integer.MAX_VALUE;

    public static Link then(String before, String after) {
        return new Link(before, after, 0, ANY);
    }
}

package webodidact.core.food;

import java.util.Optional;

/**
 * What the words of an item were found to mean.
 *
 * @param food empty wherever that is not sure
 */
public record Match(Optional<Food> food, Why why) {
    /** Why there is a food, or none. */
    public enum Why {
        /** Every word is accounted for. */
        SURE,
        /** The name of a known food stands there with words that make it another. */
        SAYS_MORE,
        /** The name is that of several foods. */
        SEVERAL,
        /** No name of the table stands there. */
        UNKNOWN
    }

    static final Match NONE = new Match(Optional.empty(), Why.UNKNOWN);
}

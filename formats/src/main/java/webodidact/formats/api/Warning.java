package webodidact.formats.api;

/**
 * Something in a file that could not be read.
 *
 * @param code stable: "damaged", "newer", "unknown-field", "bad-value", "missing"
 */
public record Warning(Place place, String code, String message) {
    /** What stood there is not in what was read. */
    public boolean isLost() {
        return code.equals("bad-value") || code.equals("damaged");
    }

    public String text() {
        return place.text() + ": " + message;
    }
}

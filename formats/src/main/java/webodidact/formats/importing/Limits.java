package webodidact.formats.importing;

/** How much of a file is read: what is beyond is refused in words, before it costs memory or minutes. */
final class Limits {
    /** Bytes of a file. */
    static final int FILE = 20_000_000;
    /** Bytes that a packed file may unfold to. */
    static final int UNPACKED = 60_000_000;
    /** Signs of text that a recipe may have. */
    static final int TEXT = 400_000;
    /** Objects within objects. */
    static final int DEPTH = 200;
    /** Elements of a page within elements: browsers stop at some hundred. */
    static final int NESTED = 2000;
    /** Pages of a PDF. */
    static final int PAGES = 60;
    /** Seconds that reading a file may take. */
    static final int SECONDS = 15;

    private Limits() {}

    static String checked(String text) {
        if (text.length() > TEXT) throw new IllegalArgumentException(Words.say("long", text.length(), TEXT));
        return text;
    }
}

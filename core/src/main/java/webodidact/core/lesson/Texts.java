package webodidact.core.lesson;

/** What records of a lesson do with a text that is not given. */
final class Texts {
    private Texts() {}

    static String orEmpty(String given) {
        return given == null ? "" : given;
    }
}

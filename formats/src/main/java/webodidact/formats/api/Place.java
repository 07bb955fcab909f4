package webodidact.formats.api;

/**
 * Where in a file.
 *
 * @param file its name
 * @param line from 1, or 0 if it is about the whole file
 * @param field path of the field, or column, or ""
 */
public record Place(String file, int line, String field) {
    /** "fish.lesson.json, line 12, at steps 3 hands". */
    public String text() {
        return file + (line > 0 ? ", line " + line : "") + (field.isEmpty() ? "" : ", at " + field);
    }
}

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
        var where = line > 0 ? Words.OURS.say("line", file, line) : file;
        return field.isEmpty() ? where : Words.OURS.say("at", where, field);
    }
}

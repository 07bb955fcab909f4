package webodidact.bench.chaos;

import java.util.regex.Pattern;
import java.util.regex.PatternSyntaxException;

/** What a message to a user may not be: empty, or a word of the program. */
final class Messages {
    private static final Pattern PROGRAM = Pattern.compile(
            "\\b(?:java|javax|com|org)\\.[a-z]+\\.|Exception|Error:|\\bnull\\b|\\$\\d|@[0-9a-f]{6,}|`|\\bat \\[Source|[a-z]\\.[A-Z]\\w+\\(|For input string|Index \\d+ out of|String index");

    private Messages() {}

    /** "" if the refusal is in words. */
    static String fault(IllegalArgumentException e) {
        if (e instanceof NumberFormatException || e instanceof PatternSyntaxException)
            return "a refusal of the library's, not ours: " + Tally.line(e);
        return fault(e.getMessage());
    }

    /** The value that is quoted in it may hold anything. */
    static String fault(String message) {
        if (message == null || message.isBlank()) return "no message";
        var ours = message.replaceAll("(?s)'.*'", "''");
        return PROGRAM.matcher(ours).find() ? "speaks of the program: " + message : "";
    }
}

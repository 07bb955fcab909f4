package webodidact.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.lesson.Doubt;

/** What has been understood of a line while it is read. */
final class LineState {
    Amount amount;
    Amount size;
    Amount also;
    boolean optional;
    boolean toTaste;
    boolean isVague;
    final List<String> form = new ArrayList<>();
    final List<String> notes = new ArrayList<>();
    final List<Doubt> unsure = new ArrayList<>();

    /** What was cut out of the line because it was understood. */
    final List<String> gone = new ArrayList<>();

    String gone(String cut, String rest) {
        gone.add(cut);
        return rest;
    }

    String take(Pattern pattern, String text, Runnable found) {
        var m = pattern.matcher(text);
        if (!m.find()) return text;
        found.run();
        gone.add(m.group());
        return (text.substring(0, m.start()) + text.substring(m.end())).strip();
    }
}

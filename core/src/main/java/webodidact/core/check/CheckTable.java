package webodidact.core.check;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import webodidact.core.words.Vocabulary;

/**
 * What stands of each check in {@code Words.properties} of this package: {@code <id>=severity, family, home station[, open end]}, what should be
 * so ({@code .so}), what it goes by where that is not its family's ({@code .basis}), which more telling findings of the same step hide it
 * ({@code .after}), its sentences ({@code .what}, {@code .why}, each also by form: {@code .late.what}) and its mends ({@code .mend.<code>}).
 */
public record CheckTable(
        Severity severity, Family family, String station, boolean openEnd, String basis, List<String> after) {
    static final Vocabulary WORDS = Vocabulary.of(n -> CheckTable.class.getResourceAsStream(n));
    private static final Map<String, CheckTable> ROWS = new ConcurrentHashMap<>();

    /** Files of another time may name checks that are gone. */
    public static boolean isKnown(String check) {
        return WORDS.has(check) && WORDS.has(check + ".so");
    }

    /** @throws IllegalArgumentException if the table has no such check */
    public static CheckTable of(String check) {
        return ROWS.computeIfAbsent(check, id -> {
            var cells = WORDS.say(id).split(",\\s*");
            return new CheckTable(
                    Severity.valueOf(upper(cells[0])),
                    Family.valueOf(upper(cells[1])),
                    cells[2],
                    cells.length > 3 && cells[3].equals("open end"),
                    WORDS.say(WORDS.has(id + ".basis") ? id + ".basis" : "basis." + cells[1]),
                    WORDS.has(id + ".after") ? List.of(WORDS.say(id + ".after").split(",\\s*")) : List.of());
        });
    }

    private static String upper(String cell) {
        return cell.toUpperCase(Locale.ROOT);
    }

    /** The words of all checks. */
    public static Vocabulary words() {
        return WORDS;
    }
}

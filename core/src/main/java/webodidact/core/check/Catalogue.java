package webodidact.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** All checks as a page to read, made of the table of checks: {@code docs/checks.md}. */
public final class Catalogue {
    private Catalogue() {}

    /** Markdown: a table for each family, in the order of {@link Family}. */
    public static String markdown(List<Check> checks) {
        var lines = new ArrayList<String>();
        for (var family : Family.values()) {
            var own = checks.stream()
                    .filter(c -> CheckTable.of(c.id()).family() == family)
                    .sorted(Comparator.comparing(Check::id))
                    .toList();
            if (own.isEmpty()) continue;
            lines.add("");
            lines.add("## " + family.title());
            lines.add("");
            lines.add("| check | severity | what should be so | goes by | hidden by |");
            lines.add("|---|---|---|---|---|");
            own.forEach(c -> lines.add(row(c)));
        }
        return String.join("\n", lines) + "\n";
    }

    private static String row(Check check) {
        var row = CheckTable.of(check.id());
        return "| `" + check.id() + "` | " + row.severity().name().toLowerCase(Locale.ROOT) + " | "
                + check.summary().replace("|", "\\|") + " | " + row.basis() + " | "
                + String.join(", ", row.after().stream().map(a -> "`" + a + "`").toList()) + " |";
    }
}

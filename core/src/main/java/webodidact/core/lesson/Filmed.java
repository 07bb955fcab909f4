package webodidact.core.lesson;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * A step as it stood when a take was made: what later tells whether the take still shows it.
 *
 * @param shows short code of what is said, done and used in it, the same on any machine; "" where nobody noted it
 * @param findings ids of the checks that had something to say of it then
 */
public record Filmed(String shows, List<String> findings) {
    private static final Predicate<String> CODE =
            Pattern.compile("[0-9a-f]{1,8}").asMatchPredicate();
    private static final Predicate<String> CHECK =
            Pattern.compile("[a-z][a-z-]{0,60}").asMatchPredicate();

    /** Of takes that were made before this was noted. */
    public static final Filmed UNKNOWN = new Filmed("", List.of());

    /** What is no code tells nothing. */
    public Filmed {
        shows = shows == null || !CODE.test(shows) ? "" : shows;
        findings = findings == null
                ? List.of()
                : findings.stream().filter(CHECK).sorted().distinct().toList();
    }

    /** What homes see of a step: not its times, nor its notes. */
    public static String of(Step step) {
        var seen = List.of(
                step.say(),
                step.doing(),
                step.place().name(),
                step.heat() == null ? "" : step.heat().text(),
                step.acts().stream().map(Enum::name).sorted().toList().toString(),
                step.uses().stream()
                        .map(u -> u.line() + " " + (u.amount() == null ? "" : u.amount()))
                        .toList()
                        .toString(),
                step.tools().toString());
        return Integer.toHexString(String.join("\n", seen).hashCode());
    }

    /** Whether homes would see something else now; where nobody noted it there is nothing to say. */
    public boolean differsFrom(Step step) {
        return !shows.isEmpty() && !shows.equals(of(step));
    }
}

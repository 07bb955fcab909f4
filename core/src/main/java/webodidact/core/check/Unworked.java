package webodidact.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import webodidact.core.answer.Missing;
import webodidact.core.words.Message;

/**
 * A list, figure or check that could not be worked out: said in its place, while all else is of the lesson as it stands.
 *
 * @param what in words that go on after "Not worked out:", "the times": {@code part.*} of {@link CheckTable}
 * @param report where in the program it went wrong, to be reported: "Buying 64"
 */
public record Unworked(Message what, String report) {
    /** Its row in the table of checks. */
    public static final String CHECK = "not-worked-out";

    /** Works things out apart from each other. */
    public static final class Apart {
        private final List<Unworked> failed = new ArrayList<>();

        /** What {@code work} gives, or {@code instead} if it fails, which is then told. */
        public <T> T work(Message what, Supplier<T> work, T instead) {
            try {
                return work.get();
            } catch (Missing e) {
                return instead;
            } catch (RuntimeException | StackOverflowError e) {
                failed.add(of(what, e));
                return instead;
            }
        }

        public List<Unworked> failed() {
            return List.copyOf(failed);
        }
    }

    public static Unworked of(Message what, Throwable e) {
        return new Unworked(what, report(e));
    }

    /** The first place of ours in it, and what kind of failure: "Buying 64, arithmetic". */
    public static String report(Throwable e) {
        var kind = e.getClass()
                .getSimpleName()
                .replaceFirst("(Exception|Error)$", "")
                .replaceAll("(?<=[a-z])(?=[A-Z])", " ")
                .toLowerCase(Locale.ROOT);
        for (var frame : e.getStackTrace()) {
            if (!frame.getClassName().startsWith("webodidact.")) continue;
            var name = frame.getClassName();
            return name.substring(name.lastIndexOf('.') + 1).replaceFirst("\\$.*", "") + " " + frame.getLineNumber()
                    + ", " + kind;
        }
        return kind;
    }

    /** "Not worked out: the times." */
    public String text() {
        return finding().what();
    }

    public String why() {
        return finding().why();
    }

    /** The same in every language: "part.step/Mix". */
    private static String code(Message what) {
        var code = new StringBuilder(what.key());
        for (var arg : what.args()) code.append('/').append(arg instanceof Message m ? m.key() : arg);
        return code.toString();
    }

    /** A stop of its own: nobody is told that all is well while something was not looked at. */
    public Finding finding() {
        return new Finding(CHECK, "", new About.OfPart(code(what)), 0, List.of(what, report), List.of());
    }
}

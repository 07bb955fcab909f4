package webodidact.terminal;

import java.io.BufferedReader;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.cli.CommandLine;
import org.apache.commons.cli.DefaultParser;
import org.apache.commons.cli.MissingArgumentException;
import org.apache.commons.cli.ParseException;

/** What a command was told, and where it answers. Each may throw {@link IllegalArgumentException} with what was expected. */
final class Told {
    private final Manual manual;
    private final CommandLine line;
    private final BufferedReader in;
    private final PrintWriter out;
    private final PrintWriter err;

    private Told(Manual manual, CommandLine line, BufferedReader in, PrintWriter out, PrintWriter err) {
        this.manual = manual;
        this.line = line;
        this.in = in;
        this.out = out;
        this.err = err;
    }

    /** @param args what stands behind the command's name */
    static Told of(Manual manual, List<String> args, BufferedReader in, PrintWriter out, PrintWriter err) {
        try {
            var line = new DefaultParser(false).parse(manual.options(), args.toArray(String[]::new));
            var told = new Told(manual, line, in, out, err);
            if (!told.asksForHelp()) told.complete();
            return told;
        } catch (MissingArgumentException e) {
            throw told(
                    manual,
                    "told.value",
                    "--" + e.getOption().getLongOpt(),
                    e.getOption().getArgName());
        } catch (ParseException e) {
            throw told(manual, "told.option", e.getMessage().replaceFirst("^[^:]*: ", ""), manual.known());
        }
    }

    private static IllegalArgumentException told(Manual manual, String key, Object what, Object expected) {
        return new IllegalArgumentException(manual.command() + ": " + Words.say(key, what, expected));
    }

    private void complete() {
        for (var name : manual.needed())
            if (!line.hasOption(name))
                throw told(
                        manual,
                        "told.needed",
                        "--" + name,
                        manual.options().getOption(name).getArgName());
        int given = arguments().size();
        if (given < manual.least()) throw told(manual, "told.argument", manual.argument(), "");
        if (given > manual.most()) throw told(manual, "told.more", arguments().get(manual.most()), manual.argument());
    }

    boolean asksForHelp() {
        return line.hasOption("help");
    }

    BufferedReader in() {
        return in;
    }

    PrintWriter out() {
        return out;
    }

    PrintWriter err() {
        return err;
    }

    boolean has(String option) {
        return line.hasOption(option);
    }

    /** What follows it, else what is meant where it is not said, else null. */
    String text(String option) {
        return line.getOptionValue(option, manual.usual(option));
    }

    /** Its parts, parted by commas; none where it is not said. */
    List<String> several(String option) {
        var text = text(option);
        return text == null ? List.of() : Arrays.asList(text.split(","));
    }

    Path path(String option) {
        var text = text(option);
        return text == null ? null : Path.of(text);
    }

    /** A whole number, or null where it is not said. */
    Integer number(String option) {
        var whole = whole(option);
        if (whole == null) return null;
        if (whole != whole.intValue()) throw told(manual, "told.number", "--" + option, text(option));
        return whole.intValue();
    }

    /** The same, however long. */
    Long whole(String option) {
        var text = text(option);
        if (text == null) return null;
        try {
            return Long.valueOf(text.strip());
        } catch (NumberFormatException e) {
            throw told(manual, "told.number", "--" + option, text);
        }
    }

    /** A number with or without a decimal point. */
    double figure(String option) {
        try {
            return Double.parseDouble(text(option).strip());
        } catch (NumberFormatException e) {
            throw told(manual, "told.figure", "--" + option, text(option));
        }
    }

    /** One of a few, in small or capital letters; null where it is not said. */
    <E extends Enum<E>> E oneOf(String option, Class<E> kinds) {
        var text = text(option);
        if (text == null) return null;
        for (var kind : kinds.getEnumConstants()) if (kind.name().equalsIgnoreCase(text)) return kind;
        var known = Arrays.stream(kinds.getEnumConstants())
                .map(k -> k.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
        throw new IllegalArgumentException(Words.say("told.oneOf", manual.command(), "--" + option, text, known));
    }

    List<String> arguments() {
        return line.getArgList();
    }

    /** The one argument. */
    String argument() {
        return arguments().getFirst();
    }

    Path file() {
        return Path.of(argument());
    }
}

package webodidact.terminal;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** {@code webodidact read|convert|check|clock|homes}: exit code 0 clean, 1 stops found, 2 cannot read. */
@Command(name = "webodidact", subcommands = {ReadCommand.class, ConvertCommand.class, CheckCommand.class, ClockCommand.class, HomesCommand.class},
        description = "The same core as the window, for scripts.")
public final class Terminal {
    /** What bad input ends with. */
    static final int CANNOT_READ = 2;
    private final BufferedReader in;

    private Terminal(BufferedReader in) {
        this.in = in;
    }

    public static void main(String[] args) {
        var out = new PrintWriter(System.out, false, StandardCharsets.UTF_8);
        var err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        int code = run(new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)), out, err, args);
        out.flush();
        System.exit(code);
    }

    /** The whole program, on streams of one's own. */
    static int run(BufferedReader in, PrintWriter out, PrintWriter err, String... args) {
        var line = new CommandLine(new Terminal(in)).setOut(out).setErr(err).setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((e, command, result) -> {
            err.println(e.getMessage());
            return CANNOT_READ;
        });
        line.setParameterExceptionHandler((e, unused) -> {
            err.println(e.getMessage().lines().findFirst().orElse("cannot be read"));
            return CANNOT_READ;
        });
        if (args.length == 0) {
            line.usage(out);
            return CANNOT_READ;
        }
        return line.execute(args);
    }

    BufferedReader in() {
        return in;
    }
}

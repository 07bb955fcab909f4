package webodidact.terminal;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import webodidact.core.check.Unworked;
import webodidact.core.food.Knowledge;
import webodidact.core.rules.Rules;
import webodidact.formats.course.DiskWords;

/** {@code webodidact read|convert|check|clock|homes|swap|prep|list|papers|import}: exit code 0 clean, 1 stops found, 2 cannot read, 70 a fault of the program. */
@Command(name = "webodidact", mixinStandardHelpOptions = true)
public final class Terminal {
    /** What bad input ends with. */
    static final int CANNOT_READ = 2;
    /** What a fault of ours ends with, as sysexits.h has it: a script must not take it for stops found. */
    static final int FAULT = 70;

    private static final Map<String, Supplier<Object>> COMMANDS = new LinkedHashMap<>();

    static {
        COMMANDS.put("read", ReadCommand::new);
        COMMANDS.put("draft", DraftCommand::new);
        COMMANDS.put("convert", ConvertCommand::new);
        COMMANDS.put("check", CheckCommand::new);
        COMMANDS.put("clock", ClockCommand::new);
        COMMANDS.put("homes", HomesCommand::new);
        COMMANDS.put("swap", SwapCommand::new);
        COMMANDS.put("prep", PrepCommand::new);
        COMMANDS.put("list", ListCommand::new);
        COMMANDS.put("papers", PapersCommand::new);
        COMMANDS.put("import", ImportCommand::new);
        COMMANDS.put("warm-up", WarmUpCommand::new);
    }

    private final BufferedReader in;

    private Terminal(BufferedReader in) {
        this.in = in;
    }

    public static void main(String[] args) {
        if (args.length > 0 && COMMANDS.containsKey(args[0]))
            Thread.ofPlatform().daemon().start(() -> fetch(WORKING.contains(args[0])));
        var out = new PrintWriter(System.out, false, StandardCharsets.UTF_8);
        var err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        int code = run(new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)), out, err, args);
        out.flush();
        System.exit(code);
    }

    /** Commands that go by the checks. */
    private static final Set<String> WORKING = Set.of("check", "clock", "papers");

    /** What they all need, on the other core, while the files are read: half of a command's time is the first use of things. */
    private static void fetch(boolean checks) {
        Knowledge.shipped();
        // Reading the index makes the checks, and their many patterns.
        if (checks) Rules.ALL.size();
    }

    /** Only the command that is asked for is made: making all of them takes longer than most of them run. */
    private static CommandLine commands(CommandLine line, String... args) {
        boolean one = args.length > 0 && COMMANDS.containsKey(args[0]);
        COMMANDS.forEach((name, command) -> {
            if (!one || name.equals(args[0])) line.addSubcommand(name, command.get());
        });
        return line;
    }

    /** The whole program, on streams of one's own. */
    static int run(BufferedReader in, PrintWriter out, PrintWriter err, String... args) {
        var line = commands(new CommandLine(new Terminal(in)), args)
                .setOut(out)
                .setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setResourceBundle(Words.usage());
        line.setExecutionExceptionHandler((e, command, result) -> {
            boolean told = e instanceof IllegalArgumentException
                    && e.getMessage() != null
                    && !(e instanceof NumberFormatException);
            if (!told && !(e instanceof IOException) && !(e instanceof UncheckedIOException)) return fault(err, e);
            err.println(told ? e.getMessage() : DiskWords.of(e instanceof UncheckedIOException u ? u.getCause() : e));
            return CANNOT_READ;
        });
        line.setParameterExceptionHandler((e, unused) -> {
            err.println(e.getMessage().lines().findFirst().orElse(Words.say("unread")));
            return CANNOT_READ;
        });
        if (args.length == 0) {
            line.usage(out);
            return CANNOT_READ;
        }
        try {
            return line.execute(args);
        } catch (RuntimeException | Error e) {
            return fault(err, e);
        }
    }

    private static int fault(PrintWriter err, Throwable e) {
        var what = e instanceof OutOfMemoryError
                ? Words.say("fault.memory")
                : e instanceof StackOverflowError ? Words.say("fault.nested") : Words.say("fault.failed");
        err.println(Words.say("fault", what, Unworked.report(e)));
        return FAULT;
    }

    BufferedReader in() {
        return in;
    }
}

package webodidact.terminal;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import webodidact.core.check.Unworked;
import webodidact.core.food.Knowledge;
import webodidact.core.prep.PrepSolver;
import webodidact.core.rules.Rules;
import webodidact.core.swap.Swaps;
import webodidact.formats.course.DiskWords;

/** {@code webodidact read|convert|check|clock|homes|swap|prep|list|papers|import}: exit code 0 clean, 1 stops found, 2 cannot read, 70 a fault of the program. */
public final class Terminal {
    /** What bad input ends with. */
    static final int CANNOT_READ = 2;
    /** What a fault of ours ends with, as sysexits.h has it: a script must not take it for stops found. */
    static final int FAULT = 70;

    private static final Map<String, Supplier<Command>> COMMANDS = new LinkedHashMap<>();

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

    private Terminal() {}

    public static void main(String[] args) {
        if (args.length > 0 && COMMANDS.containsKey(args[0]))
            Thread.ofPlatform().daemon().start(() -> fetch(args[0]));
        var out = new PrintWriter(System.out, false, StandardCharsets.UTF_8);
        var err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        int code = run(new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)), out, err, args);
        out.flush();
        System.exit(code);
    }

    /** Commands that go by the checks, and those that ask what stands in for what. */
    private static final Set<String> CHECKING = Set.of("check", "clock", "papers");

    private static final Set<String> SWAPPING = Set.of("check", "homes", "papers");

    /** What a command needs, on the other core, while the files are read: half of a command's time is the first use of things. */
    private static void fetch(String command) {
        Knowledge.shipped();
        if (command.equals("prep")) PrepSolver.usual();
        // Reading the index makes the checks, and their many patterns.
        if (CHECKING.contains(command)) Rules.ALL.size();
        if (SWAPPING.contains(command)) Swaps.rules();
    }

    /** The whole program, on streams of one's own. */
    static int run(BufferedReader in, PrintWriter out, PrintWriter err, String... args) {
        try {
            if (args.length == 0 || HELP.contains(args[0])) {
                usage(out);
                return args.length == 0 ? CANNOT_READ : 0;
            }
            var command = COMMANDS.get(args[0]);
            if (command == null)
                throw new IllegalArgumentException(Words.say("told.command", args[0], String.join(", ", offered())));
            return run(command.get(), List.of(args).subList(1, args.length), in, out, err);
        } catch (NumberFormatException e) {
            return fault(err, e);
        } catch (IllegalArgumentException e) {
            if (e.getMessage() == null) return fault(err, e);
            err.println(e.getMessage());
            return CANNOT_READ;
        } catch (UncheckedIOException e) {
            err.println(DiskWords.of(e.getCause()));
            return CANNOT_READ;
        } catch (IOException e) {
            err.println(DiskWords.of(e));
            return CANNOT_READ;
        } catch (RuntimeException | Error e) {
            return fault(err, e);
        }
    }

    private static final Set<String> HELP = Set.of("--help", "-h", "help");

    private static int run(Command command, List<String> args, BufferedReader in, PrintWriter out, PrintWriter err)
            throws IOException {
        var manual = command.manual();
        var told = Told.of(manual, args, in, out, err);
        if (!told.asksForHelp()) return command.run(told);
        manual.print(out);
        return 0;
    }

    private static void usage(PrintWriter out) {
        out.println(Words.say("usage.prefix") + " webodidact COMMAND " + Words.say("usage.options"));
        out.println(Words.say("usage.program"));
        offered().forEach(c -> out.printf("  %-8s %s%n", c, Words.say("usage." + c)));
        out.flush();
    }

    /** What people ask for. */
    private static List<String> offered() {
        return COMMANDS.keySet().stream().filter(c -> !c.equals("warm-up")).toList();
    }

    private static int fault(PrintWriter err, Throwable e) {
        var what = e instanceof OutOfMemoryError
                ? Words.say("fault.memory")
                : e instanceof StackOverflowError ? Words.say("fault.nested") : Words.say("fault.failed");
        err.println(Words.say("fault", what, Unworked.report(e)));
        return FAULT;
    }
}

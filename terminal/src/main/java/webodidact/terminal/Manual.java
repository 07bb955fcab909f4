package webodidact.terminal;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.cli.HelpFormatter;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** What one command can be told; its words are in the bundle as {@code usage.COMMAND.OPTION}. */
final class Manual {
    private static final String HELP = "help";
    private static final int WIDTH = 100;
    private static final int INDENT = 2;

    private final String command;
    private final Options options = new Options();
    private final Map<String, String> usual = new HashMap<>();
    private final List<String> needed = new ArrayList<>();
    private String argument = "";
    private int least;
    private int most;

    Manual(String command) {
        this.command = command;
        options.addOption(
                Option.builder("h").longOpt(HELP).desc(Words.say("usage.help")).build());
    }

    /** Said or not. */
    Manual flag(String name) {
        options.addOption(Option.builder().longOpt(name).desc(described(name)).build());
        return this;
    }

    /** @param label what follows it, in capital letters */
    Manual option(String name, String label) {
        options.addOption(Option.builder()
                .longOpt(name)
                .hasArg()
                .argName(label)
                .desc(described(name))
                .build());
        return this;
    }

    /** @param otherwise what is meant where it is not said */
    Manual option(String name, String label, String otherwise) {
        usual.put(name, otherwise);
        return option(name, label);
    }

    Manual needed(String name, String label) {
        needed.add(name);
        return option(name, label);
    }

    /** The one argument that it does not work without. */
    Manual argument(String label) {
        return arguments(label, 1, 1);
    }

    /** At least and at most so many arguments. */
    Manual arguments(String label, int atLeast, int atMost) {
        argument = label;
        least = atLeast;
        most = atMost;
        return this;
    }

    private String described(String name) {
        return Words.say("usage." + command + "." + name, usual.getOrDefault(name, ""));
    }

    String command() {
        return command;
    }

    Options options() {
        return options;
    }

    List<String> needed() {
        return needed;
    }

    /** What is meant where that option is not said, or null. */
    String usual(String name) {
        return usual.get(name);
    }

    String argument() {
        return argument;
    }

    int least() {
        return least;
    }

    int most() {
        return most;
    }

    /** "--json, --family". */
    String known() {
        return options.getOptions().stream().map(o -> "--" + o.getLongOpt()).collect(Collectors.joining(", "));
    }

    void print(PrintWriter out) {
        var help = new HelpFormatter();
        help.setSyntaxPrefix(Words.say("usage.prefix") + " ");
        help.setOptionComparator(null);
        var must = needed.stream()
                .map(n -> " --" + n + " " + options.getOption(n).getArgName())
                .collect(Collectors.joining());
        var what = argument.isEmpty() ? "" : most > 1 ? " [" + argument + "…]" : " " + argument;
        var told = argument.isEmpty() ? "" : "\n" + argument + ": " + Words.say("usage." + command + "." + argument);
        help.printHelp(
                out,
                WIDTH,
                "webodidact " + command + must + what + " " + Words.say("usage.options"),
                Words.say("usage." + command) + told,
                options,
                INDENT,
                INDENT,
                "",
                false);
        out.flush();
    }
}

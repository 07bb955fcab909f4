package webodidact.terminal;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** A page of text made into a lesson with all that its words propose. */
@Command(name = "draft", mixinStandardHelpOptions = true)
final class DraftCommand implements Callable<Integer> {
    private static final long LONGEST = 2_000_000;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "PAGE.txt")
    private Path page;

    @Option(names = "--out", required = true, paramLabel = "LESSON")
    private Path out;

    @Mixin
    private MannerOptions options;

    @Override
    public Integer call() throws IOException {
        var manner = options.manner();
        var text = text();
        var drafted = Drafting.at("draft", out)
                .draft(text, "", page, manner, spec.commandLine().getErr());
        spec.commandLine()
                .getOut()
                .println(Words.say(
                        "draft.done",
                        out,
                        drafted.foods().size(),
                        drafted.steps().size()));
        return 0;
    }

    private String text() throws IOException {
        if (!Files.isRegularFile(page)) throw new IllegalArgumentException(Words.say("draft.none", page));
        if (Files.size(page) > LONGEST) throw new IllegalArgumentException(Words.say("draft.long", page));
        try {
            return Files.readString(page);
        } catch (MalformedInputException e) {
            throw new IllegalArgumentException(Words.say("draft.notText", page), e);
        }
    }
}

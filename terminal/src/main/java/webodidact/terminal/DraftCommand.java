package webodidact.terminal;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
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

    @Mixin
    private MannerOptions options;

    @Override
    public Integer call() throws IOException {
        var manner = options.manner();
        var text = text();
        var drafted = Drafting.at("draft", options.out())
                .draft(text, "", page, manner, spec.commandLine().getErr());
        options.done(spec, drafted);
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

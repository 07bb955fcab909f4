package webodidact.terminal;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A page of text made into a lesson with all that its words propose. */
final class DraftCommand implements Command {
    private static final long LONGEST = 2_000_000;

    private Told told;

    private Path page;

    private MannerOptions options;

    @Override
    public Manual manual() {
        return MannerOptions.in(new Manual("draft").argument("PAGE.txt"));
    }

    @Override
    public int run(Told told) throws IOException {
        this.told = told;
        page = told.file();
        options = MannerOptions.of(told);
        var manner = options.manner();
        var text = text();
        var drafted = Drafting.at("draft", options.out()).draft(text, "", page, manner, told.err());
        options.done(told, drafted);
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

package webodidact.terminal;

import java.nio.file.Path;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import webodidact.core.lesson.Lesson;

/** Where a new lesson goes and how it is given: what {@code draft} and {@code import} are both told. */
final class MannerOptions {
    @Option(names = "--out", required = true, paramLabel = "LESSON")
    private Path out;

    @Option(names = "--delivery", defaultValue = "cook-along")
    private String delivery;

    @Option(names = "--audience", defaultValue = "adults")
    private String audience;

    @Option(names = "--slot", defaultValue = "45", paramLabel = "MIN")
    private int slot;

    Path out() {
        return out;
    }

    /** Says what was written. */
    void done(CommandSpec command, Lesson lesson) {
        command.commandLine()
                .getOut()
                .println(Words.say(
                        "draft.done", out, lesson.foods().size(), lesson.steps().size()));
    }

    /** @throws IllegalArgumentException with what was expected */
    Drafting.Manner manner() {
        return Drafting.Manner.of(delivery, audience, slot);
    }
}

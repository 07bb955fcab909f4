package webodidact.terminal;

import picocli.CommandLine.Option;

/** How a new lesson is given: what {@code draft} and {@code import} are both told. */
final class MannerOptions {
    @Option(names = "--delivery", defaultValue = "cook-along")
    private String delivery;

    @Option(names = "--audience", defaultValue = "adults")
    private String audience;

    @Option(names = "--slot", defaultValue = "45", paramLabel = "MIN")
    private int slot;

    /** @throws IllegalArgumentException with what was expected */
    Drafting.Manner manner() {
        return Drafting.Manner.of(delivery, audience, slot);
    }
}

package webodidact.terminal;

import java.io.IOException;

/** One command of the terminal: what it can be told, and what it does. */
interface Command {
    Manual manual();

    /**
     * Does it.
     *
     * @return the exit code
     * @throws IllegalArgumentException with what was wrong and what was expected
     */
    int run(Told told) throws IOException;
}

package webodidact.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks for folders; the window's own dialog, or an answer given beforehand where there is no screen to ask on. */
public interface Choosers {
    /** @param start where to begin looking */
    Optional<Path> folder(String title, Path start);

    /** Shows a folder to the user. */
    void open(Path folder);

    /** @param endings of the files that can be chosen, "csv" */
    Optional<Path> file(String title, Path start, List<String> endings);
}

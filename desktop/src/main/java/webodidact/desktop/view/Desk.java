package webodidact.desktop.view;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import webodidact.desktop.state.CarryWatch;
import webodidact.desktop.state.PrepWatch;
import webodidact.desktop.state.Ticker;
import webodidact.desktop.state.Workspace;

/** What a station may ask of the window it stands in. */
public interface Desk {
    Workspace workspace();

    /** Goes to another station: "script". */
    void go(String station);

    /** The plan before air of the lesson on the desk. */
    PrepWatch prep();

    /** What the lessons leave to each other. */
    CarryWatch carry();

    /** Runs work off the interface thread. */
    ExecutorService background();

    /** Asks where papers are to go; empty if the question was dismissed. */
    Optional<Path> askFolder(String title);

    /** Shows a folder in the system's own window for files. */
    void open(Path folder);

    /** Asks for a file with one of those endings; empty if the question was dismissed. */
    Optional<Path> askFile(String title, List<String> endings);

    /** The clock of the live desk. */
    Ticker ticker();

    /** Tells the user something in a line at the bottom. */
    void tell(String text);
}

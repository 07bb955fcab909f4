package webodidact.formats.air;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import webodidact.core.air.AirRun;
import webodidact.core.air.Tally;
import webodidact.formats.course.AtomicFile;
import webodidact.formats.csv.TallyCsv;

/** What records a run: a device, or the stand-in that writes a file of marks. */
public interface Recorder {
    /** The run is over. @param take id of its first take */
    void over(AirRun run, String take) throws IOException;

    /** Writes {@code Recorder/TAKE.csv} into the course's folder. */
    static Recorder simulated(Path course) {
        return (run, take) -> {
            if (Tally.of(run).shots().isEmpty()) return;
            var folder = course.resolve("Recorder");
            Files.createDirectories(folder);
            AtomicFile.write(folder.resolve(take + ".csv"), TallyCsv.write(Tally.of(run)));
        };
    }
}

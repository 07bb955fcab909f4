package webodidact.formats.csv;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.air.Tally;

/** What the simulated recorder leaves of a run: which camera from when to when in each take, and the marks, as an editor reads them. */
public final class TallyCsv {
    static final List<String> HEADING = List.of("take", "what", "step", "camera", "from", "to", "words");

    private TallyCsv() {}

    /** Seconds of the take, in the order of the takes; the marks of a take after its shots. */
    public static byte[] write(Tally tally) {
        var rows = new ArrayList<List<String>>();
        var takes = tally.shots().stream().map(Tally.Shot::take).distinct().toList();
        for (int take : takes) {
            for (var s : tally.shots())
                if (s.take() == take)
                    rows.add(List.of(
                            String.valueOf(take),
                            "shot",
                            s.step(),
                            s.camera(),
                            String.valueOf(s.from()),
                            String.valueOf(s.to()),
                            ""));
            for (var m : tally.marks())
                if (m.take() == take)
                    rows.add(List.of(
                            String.valueOf(take),
                            "mark",
                            m.step(),
                            "",
                            String.valueOf(m.at()),
                            String.valueOf(m.at()),
                            m.why()));
        }
        return CsvTable.write(HEADING, rows);
    }
}

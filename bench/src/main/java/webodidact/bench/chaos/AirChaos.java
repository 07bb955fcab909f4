package webodidact.bench.chaos;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import webodidact.core.air.AirEvent;
import webodidact.formats.air.AirJournal;
import webodidact.formats.demo.DemoCourse;

/** Kills a desk that is on air, at any moment: every key that had an effect is in the journal, in its order, and the run goes on. */
public final class AirChaos {
    private AirChaos() {}

    public static List<String> run(long seed, int kills, Tally tally) throws IOException, InterruptedException {
        var faults = new ArrayList<String>();
        for (int i = 0; i < kills && faults.size() < 10; i++) {
            var folder = Files.createTempDirectory("webodidact-air");
            DemoCourse.copyTo(folder);
            var victim = Victim.killing(
                    Playing.class,
                    new SplittableRandom(seed + i).nextInt(1500),
                    folder.toString(),
                    String.valueOf(seed + i));
            var fault = victim.fault().isEmpty() ? looked(folder, victim, tally) : victim.fault();
            KillChaos.delete(folder);
            if (!fault.isEmpty()) faults.add("seed " + (seed + i) + ": " + fault);
            tally.add("kills on air", 1);
        }
        return faults;
    }

    private static String looked(Path folder, Victim victim, Tally tally) throws IOException {
        var kept = AirJournal.read(folder).orElse(null);
        if (kept == null) return "there is no run to go on with";
        var events = kept.events();
        int told = victim.told().isEmpty() ? 0 : victim.told().getLast().number();
        tally.add("keys", told);
        if (events.size() < told) return told + " keys had an effect, " + events.size() + " are kept";
        for (int i = 0; i < events.size(); i++)
            if (!events.get(i).what().equals(String.valueOf(i + 1))) return "key " + (i + 1) + " is another";
        var run = AirEvent.run(kept.head().plan(), events);
        // A lesson that was played to its end stands still there, whatever keys are pressed after it.
        if (run.isOver()) tally.add("played to the end", 1);
        else if (run.elapsed() != events.size()) return "the run goes on at " + run.elapsed();
        try (var journal = AirJournal.goOn(folder)) {
            journal.force();
        }
        return "";
    }
}

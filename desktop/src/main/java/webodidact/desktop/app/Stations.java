package webodidact.desktop.app;

import java.util.List;
import webodidact.desktop.view.Station;
import webodidact.desktop.view.afters.AftersStation;
import webodidact.desktop.view.bench.BenchStation;
import webodidact.desktop.view.brief.BriefStation;
import webodidact.desktop.view.clock.ClockStation;
import webodidact.desktop.view.larder.LarderStation;
import webodidact.desktop.view.onair.OnAirStation;
import webodidact.desktop.view.papers.PapersStation;
import webodidact.desktop.view.script.ScriptStation;

/** The one index of stations, in the order the work is done. */
public final class Stations {
    public static final List<Station> ALL = List.of(new BriefStation(), new LarderStation(), new ScriptStation(), new ClockStation(),
            new BenchStation(), new PapersStation(), new OnAirStation(), new AftersStation());

    private Stations() {}
}

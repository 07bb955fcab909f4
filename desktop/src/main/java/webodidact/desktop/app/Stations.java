package webodidact.desktop.app;

import java.util.List;
import webodidact.desktop.view.Station;
import webodidact.desktop.view.afters.AftersScreen;
import webodidact.desktop.view.bench.BenchScreen;
import webodidact.desktop.view.brief.BriefScreen;
import webodidact.desktop.view.clock.ClockScreen;
import webodidact.desktop.view.larder.LarderScreen;
import webodidact.desktop.view.onair.OnAirScreen;
import webodidact.desktop.view.papers.PapersScreen;
import webodidact.desktop.view.script.ScriptScreen;

/** The one index of stations, in the order the work is done. */
public final class Stations {
    public static final List<Station> ALL = List.of(
            new Station("brief", BriefScreen::new),
            new Station("larder", LarderScreen::new),
            new Station("script", ScriptScreen::new),
            new Station("clock", ClockScreen::new),
            new Station("bench", BenchScreen::new),
            new Station("papers", PapersScreen::new),
            new Station("on-air", OnAirScreen::new),
            new Station("afters", AftersScreen::new));

    private Stations() {}
}

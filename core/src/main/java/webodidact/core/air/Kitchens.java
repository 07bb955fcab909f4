package webodidact.core.air;

import java.util.Comparator;
import java.util.List;
import webodidact.core.lesson.Household;

/** The homes that cook along, as they stand at a second of a run: from what they send, or simulated. */
public interface Kitchens {
    /** How a home stands. */
    enum Stand {
        READY,
        BEHIND,
        STUCK;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    /**
     * @param step number of the step it works at
     * @param seconds until it is done with all that was shown before the step on air; 0 if it is
     * @param why what makes it slower, or ""
     */
    record Home(Household home, Stand stand, int step, int seconds, String why) {}

    /**
     * @param next number of the step that comes next; 0 in the last
     * @param share percent of the homes that are done with all before it when it comes, as the plan goes
     * @param hold seconds more before it with which 85 % are; 0 if they are
     * @param then homes that are ready with that hold
     */
    record State(List<Home> homes, int next, int share, int hold, int then) {
        public State {
            homes = List.copyOf(homes);
        }

        public int count(Stand stand) {
            return (int) homes.stream().filter(h -> h.stand() == stand).count();
        }

        /** Who is left behind, the furthest first. */
        public List<Home> behind() {
            return homes.stream()
                    .filter(h -> h.stand() != Stand.READY)
                    .sorted(Comparator.comparingInt((Home h) -> -h.seconds())
                            .thenComparing(h -> h.home().alias()))
                    .toList();
        }
    }

    State at(AirRun run);

    /** What has been asked by then, the newest last. */
    List<Asking.Question> asked(AirRun run);

    /** Who they are, for the screen: a stand-in says that it is one. */
    String name();
}

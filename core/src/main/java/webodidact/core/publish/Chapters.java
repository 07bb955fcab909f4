package webodidact.core.publish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import webodidact.core.timing.Schedule;

/** Where each thing begins in the broadcast or recording: its parts, or its steps; none shorter than what players show. */
public record Chapters(List<Chapter> all) {
    /** Seconds of the shortest chapter; a shorter step belongs to the one before. */
    public static final int SHORTEST = 15;

    /**
     * @param start seconds since the start; of the first one 0
     * @param end start of the next one
     */
    public record Chapter(int start, int end, String title) {}

    public Chapters {
        all = List.copyOf(all);
    }

    public static Chapters of(AirTimes times, Schedule schedule) {
        var begins = new HashMap<Integer, String>();
        boolean parted = schedule.parts().size() > 2;
        if (parted) for (var part : schedule.parts()) begins.put(part.first(), part.title());
        var all = new ArrayList<Chapter>();
        for (var at : times.steps()) {
            if (parted && !begins.containsKey(at.number())) continue;
            int start = all.isEmpty() ? 0 : at.start();
            boolean tooClose = !all.isEmpty() && start - all.getLast().start() < SHORTEST;
            if (tooClose || times.total() - start < SHORTEST && !all.isEmpty()) continue;
            if (!all.isEmpty()) all.set(all.size() - 1, until(all.getLast(), start));
            all.add(new Chapter(
                    start,
                    times.total(),
                    parted ? begins.get(at.number()) : at.step().title()));
        }
        return new Chapters(all);
    }

    private static Chapter until(Chapter chapter, int end) {
        return new Chapter(chapter.start(), end, chapter.title());
    }
}

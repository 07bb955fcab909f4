package webodidact.core.publish;

import java.util.ArrayList;
import java.util.List;

/**
 * The spoken words as captions: at most two lines of 42 signs, read at 17 signs a second at the most, parted at phrases. Where words
 * come faster than that, captions follow later.
 *
 * @param lag most milliseconds that a caption comes after its words
 */
public record Captions(List<Cue> cues, int lag) {
    /** Signs on a line. */
    public static final int LINE = 42;
    /** Signs a second that are read with ease. */
    public static final int READ = 17;
    /** Milliseconds below which a caption only flickers. */
    private static final int LEAST = 1000;

    /**
     * @param from milliseconds since the start
     * @param to milliseconds since the start, later than {@code from} and never after the next one's start
     * @param lines one or two
     */
    public record Cue(int from, int to, List<String> lines) {}

    public Captions {
        cues = List.copyOf(cues);
    }

    public static Captions of(AirTimes times) {
        var all = new ArrayList<Cue>();
        int free = 0;
        int lag = 0;
        for (var at : times.steps()) {
            var step = at.step();
            var spoken = String.join(" ", step.say(), step.question(), step.answer());
            var parts = Phrases.captions(spoken, LINE);
            long signs = Math.max(1, parts.stream().mapToInt(Captions::signs).sum());
            long talk = (at.talk() > 0 ? at.talk() : at.end() - at.start()) * 1000L;
            long said = 0;
            for (var lines : parts) {
                int spokenAt = (int) (at.start() * 1000L + talk * said / signs);
                said += signs(lines);
                int spokenTo = (int) (at.start() * 1000L + talk * said / signs);
                int from = Math.max(spokenAt, free);
                int to = Math.max(spokenTo, from + Math.max(LEAST, Math.ceilDiv(signs(lines) * 1000, READ)));
                all.add(new Cue(from, to, lines));
                lag = Math.max(lag, from - spokenAt);
                free = to;
            }
        }
        return new Captions(all, lag);
    }

    /** Letters, signs and blanks, the break between the lines one of them. */
    private static int signs(List<String> lines) {
        return lines.stream().mapToInt(l -> l.codePointCount(0, l.length())).sum() + lines.size() - 1;
    }
}

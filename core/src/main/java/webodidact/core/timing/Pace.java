package webodidact.core.timing;

import java.util.EnumMap;
import java.util.Map;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.memo.Remembered;
import webodidact.core.words.Cautions;
import webodidact.core.words.SpokenWords;

/**
 * How fast the words are spoken.
 *
 * @param own the instructor's own words a minute; where there are none the usual of that kind, scaled by those that are known
 * @param takes how many takes the own pace is measured in; none where it was set by hand
 * @param carry seconds on air to carry a ready copy in
 */
public record Pace(Audience audience, Map<Segment, Integer> own, Map<Segment, Integer> takes, int carry) {
    /** Seconds left for an answer after a question. */
    public static final int ANSWER_PAUSE = 5;
    /** Most words a minute in a caution: {@code docs/timing.md}. */
    public static final int CAUTION = 120;

    public Pace(Audience audience, Map<Segment, Integer> own) {
        this(audience, own, Map.of(), Course.CARRY);
    }

    public Pace carrying(int seconds) {
        return new Pace(audience, own, takes, seconds);
    }

    /** What takes have shown comes before what was set. */
    public static Pace of(Audience audience, Map<Segment, Integer> set, Map<Segment, Calibration.Measured> measured) {
        if (measured.isEmpty()) return new Pace(audience, set, Map.of(), Course.CARRY);
        var own = new EnumMap<Segment, Integer>(Segment.class);
        var takes = new EnumMap<Segment, Integer>(Segment.class);
        own.putAll(set);
        measured.forEach((segment, m) -> {
            own.put(segment, m.wordsPerMinute());
            takes.put(segment, m.takes());
        });
        return new Pace(audience, own, takes, Course.CARRY);
    }

    /** Words a minute in that segment. */
    public int wordsPerMinute(Segment segment) {
        var measured = own.get(segment);
        return measured != null ? measured : scaled(segment);
    }

    /** Who is quick before the camera is quick at the board: by how much the kinds that are known differ from the usual. */
    private int scaled(Segment segment) {
        if (own.isEmpty()) return segment.wordsPerMinute();
        var sum = Ratio.ZERO;
        for (var known : own.entrySet())
            sum = sum.plus(Ratio.of(known.getValue(), known.getKey().wordsPerMinute()));
        var pace = sum.dividedBy(Ratio.of(own.size())).times(segment.wordsPerMinute());
        return Math.clamp(pace.nearest(), 40, 260);
    }

    public boolean isOwn(Segment segment) {
        return own.containsKey(segment);
    }

    /** "132 words a minute from 3 takes": the figure and where it is from. */
    public String basis(Segment segment) {
        int n = takes.getOrDefault(segment, 0);
        int pace = wordsPerMinute(segment);
        if (n > 0) return Words.OURS.say("pace.takes", pace, n);
        if (isOwn(segment)) return Words.OURS.say("pace.own", pace);
        if (!own.isEmpty()) return Words.OURS.say("pace.scaled", pace, segment.title());
        return Words.OURS.say("pace.usual", pace, segment.title());
    }

    /** Seconds that the step's words take, question and pause included, cautions no faster than {@link #CAUTION}; rounded up. */
    public int talk(Step step) {
        int pace = wordsPerMinute(step.segment());
        var seconds = seconds(step.say(), pace);
        int pause = 0;
        if (!step.question().isBlank()) {
            seconds = seconds.plus(seconds(step.question(), pace)).plus(seconds(step.answer(), pace));
            pause = ANSWER_PAUSE;
        }
        return (int) seconds.ceiling() + pause;
    }

    private static Ratio seconds(String text, int pace) {
        if (text.isEmpty()) return Ratio.ZERO;
        var words = COUNTED.of(text);
        int careful = pace <= CAUTION ? 0 : words.careful();
        return Ratio.of((words.all() - careful) * 60L, pace).plus(Ratio.of(careful * 60L, Math.min(pace, CAUTION)));
    }

    private record Counted(int all, int careful) {}

    private static final Remembered<String, Counted> COUNTED = new Remembered<>(text -> new Counted(
            SpokenWords.count(text),
            Cautions.in(text).stream()
                    .mapToInt(s -> SpokenWords.count(text.substring(s.start(), s.end())))
                    .sum()));
}

package webodidact.core.script;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;

/**
 * How a wait that nobody has decided on is covered, by the words of the steps after it: what is done meanwhile runs beside it, and the first
 * step that goes on with it collects it.
 */
final class Collecting {
    /** Seconds a live lesson waits for food at the most; beyond that a copy is made ready before. */
    private static final int LIVE_MOST = 45 * 60;
    /** Seconds a recording keeps of what is cut. */
    private static final int KEPT = 10;
    /** Seconds of a wait that nobody leaves for anything else. */
    private static final int STOOD_BY = 180;

    /** Letters at the start of a step in which a vessel of its own is named. */
    private static final int BEGINS = 80;

    private static final Pattern MEANWHILE = Pattern.compile(
            "^(?:and )?(?:meanwhile|in the meantime|while|whilst|as (?:it|they|that|the)|during this|at the same time)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GOES_ON = Pattern.compile(
            "^(?:it|they|that|once|when|now|then|after)\\b|\\b(?:add|stir (?:it|them|in|through|into)|into the|return|drain|remove|take (?:it|them|out|off)|turn out|lift|serve|plate|pour over|spoon over|top (?:it|them|the)|scatter|ice the|slice it|mash)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OWN_VESSEL = Pattern.compile(
            "\\bin(?:to)? (?:a|another) (?:\\p{L}+ )?(?:bowl|pan|jug|saucepan|pot|dish|jar|blender)\\b",
            Pattern.CASE_INSENSITIVE);

    private Collecting() {}

    static Optional<Cover> of(Lesson lesson, Step step) {
        var wait = step.waiting();
        if (wait == null || wait.unsaid() || !(wait.cover() instanceof Cover.CarryOn(var at)) || !at.isEmpty())
            return Optional.empty();
        int high = wait.time().high();
        if (high <= STAYED && endsThere(step)) return Optional.of(Cover.STAY);
        int from = lesson.indexOf(step.id());
        var collector = collector(lesson, from);
        boolean filled = collector - from > 1;
        if (lesson.delivery().isLive() && high > LIVE_MOST) return Optional.of(Cover.ReadyCopy.usual());
        if (!lesson.delivery().isLive()
                && high > STOOD_BY
                && (!isWorkedOn(lesson, from, collector) || isPast(lesson, collector, high)))
            return Optional.of(new Cover.Cut(KEPT));
        if (high <= STOOD_BY && !filled || collector < 0) return Optional.of(Cover.STAY);
        return Optional.of(new Cover.CarryOn(lesson.steps().get(collector).id()));
    }

    /** Seconds of a wait after which its own step goes on. */
    private static final int STAYED = 360;

    /** "Five minutes. Ring off.": the step itself sees its end. */
    private static boolean endsThere(Step step) {
        var words = words(step);
        var times = TimeWords.in(words);
        return !times.isEmpty()
                && ActWords.at(Act.RING_OFF, words).stream()
                        .anyMatch(at -> at > times.getLast().end());
    }

    /** Hands are at something else meanwhile; a talk alone fills no quarter of an hour. */
    private static boolean isWorkedOn(Lesson lesson, int from, int collector) {
        return collector - from > 1
                && lesson.steps().subList(from + 1, collector).stream()
                        .anyMatch(step -> step.kind().isHandsOn());
    }

    /** Longer than anybody films, or gone by when the step begins: "it's been ninety minutes". */
    private static boolean isPast(Lesson lesson, int at, int high) {
        return high > LIVE_MOST
                || at >= 0
                        && GONE_BY.matcher(words(lesson.steps().get(at)).strip())
                                .find();
    }

    private static final Pattern GONE_BY = Pattern.compile(
            "^(?:\\p{L}+,? )?(?:it|that|they)(?:['’]s|['’]ve| has| have) (?:now |just )?(?:been|had)\\b[^.!?]{0,24}\\b(?:minutes?|hours?)|^[^.!?]{0,24}\\b(?:minutes?|hours?) (?:later|on)\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Tray goes in the oven … meatballs out": taken out in so many words, before anything else goes in. */
    private static int takenOut(Lesson lesson, int from) {
        if (lesson.steps().get(from).place() != Place.OVEN) return -1;
        for (int i = from + 1; i < lesson.steps().size(); i++) {
            var words = words(lesson.steps().get(i));
            if (OUT_OF_IT.matcher(words).find()) return i;
            if (lesson.steps().get(i).place() == Place.OVEN) return -1;
        }
        return -1;
    }

    private static final Pattern OUT_OF_IT = Pattern.compile(
            "(?:^|, )(?:the |your )?(?:tray|tin|dish|casserole) out\\b|^(?:\\p{L}+,? )?(?:the |your )?\\p{L}+ (?:come )?out\\b(?! of (?:the|a|your) (?!oven))|\\bout (?:of the oven|they come|it comes)\\b|\\b(?:take|get|bring|lift|grab) (?:it|them|those|that|(?:the|your) (?:\\p{L}+ )?(?:tray|tin|dish|\\p{L}+s)) out\\b(?! of (?:the|a|your) (?!oven))",
            Pattern.CASE_INSENSITIVE);

    private static int collector(Lesson lesson, int from) {
        int out = takenOut(lesson, from);
        if (out >= 0) return out;
        var inIt = foods(lesson, from);
        for (int i = from + 1; i < lesson.steps().size(); i++) {
            var words = words(lesson.steps().get(i));
            if (MEANWHILE.matcher(words.strip()).find()) continue;
            var begins = words.substring(0, Math.min(words.length(), BEGINS));
            boolean own = !lesson.steps().get(from).place().isCold()
                    && OWN_VESSEL.matcher(begins).find()
                    && !GOES_ON.matcher(words).find();
            var used = foods(lesson, i);
            if (own
                    && used.stream().noneMatch(inIt::contains)
                    && i + 1 < lesson.steps().size()) continue;
            return i;
        }
        return -1;
    }

    private static String words(Step step) {
        return step.doing().isBlank() ? step.say() : step.doing();
    }

    private static Set<String> foods(Lesson lesson, int at) {
        var all = new HashSet<String>();
        lesson.steps().get(at).uses().forEach(u -> all.add(u.line()));
        return all;
    }
}

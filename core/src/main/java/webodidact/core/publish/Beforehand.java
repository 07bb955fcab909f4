package webodidact.core.publish;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import webodidact.core.answer.Question;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Place;
import webodidact.core.list.LeadTimes;
import webodidact.core.timing.Schedule;

/** What homes do before class, by the clock: what has to thaw or soak, and the oven where the lesson does not heat it itself. */
public final class Beforehand {
    /** Seconds a home's oven is given to heat: longer than most take, since nobody knows theirs. */
    static final int OVEN = 20 * 60;

    /**
     * @param beforeAir seconds before air at which it is begun
     * @param start the same on the clock, or null while the lesson has no air time
     * @param oven the oven is heated: an adult's job where learners need one
     */
    public record Item(String what, int beforeAir, LocalDateTime start, boolean oven) {}

    private Beforehand() {}

    /** Earliest first. */
    public static List<Item> of(Question question, List<LeadTimes.Lead> leads, Schedule schedule) {
        var lesson = question.lesson();
        var all = new ArrayList<Item>();
        for (var lead : leads)
            all.add(new Item(
                    Words.OURS.say("before", lead.item(), lower(lead.what())), lead.beforeAir(), lead.start(), false));
        boolean onAir = lesson.steps().stream().anyMatch(s -> s.acts().contains(Act.OVEN_ON));
        var first = schedule.steps().stream()
                .filter(p -> p.step().place() == Place.OVEN)
                .findFirst();
        if (lesson.ovenBefore() && !onAir && first.isPresent()) {
            int before = OVEN - first.get().busy().end();
            // What is heated during the lesson is switched on in it, by the instructor's words.
            if (before > 0) {
                var heat = first.get().step().heat();
                all.add(new Item(
                        heat == null ? Words.OURS.say("before.oven") : Words.OURS.say("before.oven.at", heat.text()),
                        before,
                        lesson.air() == null ? null : lesson.air().minusSeconds(before),
                        true));
            }
        }
        all.sort(Comparator.comparingInt(Item::beforeAir).reversed());
        return List.copyOf(all);
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}

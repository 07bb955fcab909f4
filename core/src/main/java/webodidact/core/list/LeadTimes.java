package webodidact.core.list;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import webodidact.core.food.Facts;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;

/** What homes have to begin before class, and when: thaw, soak, cook and cool. */
public final class LeadTimes {
    /**
     * @param item what it is done to
     * @param what "Soak in plenty of cold water"
     * @param seconds it takes
     * @param beforeAir seconds before air at which it has to be begun, so that everything after it is done in time
     * @param start the same on the clock, or null while the lesson has no air time
     */
    public record Lead(String line, String item, String what, int seconds, int beforeAir, LocalDateTime start) {}

    private LeadTimes() {}

    /** Earliest first. */
    public static List<Lead> of(Lesson lesson, Knowledge knowledge) {
        var all = new ArrayList<Lead>();
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food == null) continue;
            var tasks = tasks(line, food);
            int before = 0;
            for (var task : tasks.reversed()) {
                before += task.seconds();
                var item = line.chosen() == null ? line.item() : food.name();
                all.add(new Lead(
                        line.id(),
                        item,
                        task.what(),
                        task.seconds(),
                        before,
                        lesson.air() == null ? null : lesson.air().minusSeconds(before)));
            }
        }
        all.sort(Comparator.comparingInt(Lead::beforeAir).reversed());
        return List.copyOf(all);
    }

    /** What the food needs by itself and what its form asks for ("softened", "thawed", "cooked"). */
    static List<Facts.Before> tasks(FoodLine line, Food food) {
        var all = new ArrayList<>(food.facts().before());
        var form = (line.form() + " " + line.item()).toLowerCase(Locale.ROOT);
        boolean animal = food.group() == Group.FISH || food.group() == Group.MEAT;
        if (all.isEmpty() && animal && (form.contains("frozen") || form.contains("thawed")))
            all.add(new Facts.Before(12 * 3600, Words.OURS.say("thaw")));
        if (food.group() == Group.FAT && form.contains("soft") && !form.contains("soft cheese"))
            all.add(new Facts.Before(3600, Words.OURS.say("soften")));
        if (all.isEmpty()
                && (food.group() == Group.GRAIN || food.group() == Group.PULSE)
                && line.form().toLowerCase(Locale.ROOT).contains("cooked")) {
            all.add(new Facts.Before(30 * 60, Words.OURS.say("cook")));
            all.add(new Facts.Before(60 * 60, Words.OURS.say("cool")));
        }
        return List.copyOf(all);
    }
}

package webodidact.core.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.swap.Swaps;
import webodidact.core.timing.Schedule;

/**
 * What the simulated homes ask, in words and when: each of a food, a tool or an oven that it has not, as the step that first needs it
 * comes, and of an allergy that nobody was told of. The same seed asks the same.
 */
public final class Asking {
    /**
     * @param id the same in every run of the seed
     * @param at second of what homes see at which it is asked
     */
    public record Question(String id, int at, Household home, String text) {}

    /** A home reads, looks into the cupboard and types: so many seconds after the step began. */
    private static final int SOONEST = 5;

    private static final int LATEST = 45;

    private Asking() {}

    /** In the order in which they are asked. */
    public static List<Question> of(
            Lesson lesson, Schedule schedule, List<Household> homes, Knowledge knowledge, long seed) {
        var all = new ArrayList<Question>();
        for (int h = 0; h < homes.size(); h++) {
            var home = homes.get(h);
            // Each home has dice of its own: one more home changes nothing that the others ask.
            var dice = new SplittableRandom(seed * 31 + home.alias().hashCode());
            for (var id : home.missingFoods()) {
                var food = knowledge.food(id);
                lesson.steps().stream()
                        .filter(s -> uses(lesson, s, id))
                        .findFirst()
                        .ifPresent(
                                s -> ask(all, schedule, s, home, "food/" + id, dice, food(dice, food.orElseThrow())));
            }
            for (var id : home.missingTools()) {
                var tool = knowledge.tool(id);
                lesson.steps().stream()
                        .filter(s -> s.tools().contains(id) && tool.isPresent())
                        .findFirst()
                        .ifPresent(
                                s -> ask(all, schedule, s, home, "tool/" + id, dice, tool(dice, tool.orElseThrow())));
            }
            if (!home.oven())
                lesson.steps().stream()
                        .filter(s -> s.place() == Place.OVEN)
                        .findFirst()
                        .ifPresent(s -> ask(
                                all,
                                schedule,
                                s,
                                home,
                                "oven",
                                dice,
                                Words.OURS.say("ask.oven." + (1 + dice.nextInt(3)))));
            if (!home.allergies().isEmpty()) {
                var allergen = home.allergies().iterator().next();
                lesson.steps().stream()
                        .filter(s -> s.uses().stream()
                                .anyMatch(u -> lesson.food(u.line())
                                        .flatMap(l -> knowledge.food(l.cooked()))
                                        .filter(f -> !Swaps.canUse(home, f))
                                        .isPresent()))
                        .findFirst()
                        .ifPresent(s -> ask(
                                all,
                                schedule,
                                s,
                                home,
                                "allergy/" + allergen.code(),
                                dice,
                                allergy(dice, allergen.title())));
            }
        }
        all.sort(Comparator.comparingInt(Question::at)
                .thenComparing(q -> q.home().alias()));
        return List.copyOf(all);
    }

    private static boolean uses(Lesson lesson, Step step, String food) {
        return step.uses().stream()
                .anyMatch(u -> lesson.food(u.line())
                        .filter(l -> food.equals(l.cooked()))
                        .isPresent());
    }

    private static void ask(
            List<Question> all,
            Schedule schedule,
            Step step,
            Household home,
            String about,
            SplittableRandom dice,
            String text) {
        int at = schedule.of(step.id()).orElseThrow().span().start() + dice.nextInt(SOONEST, LATEST);
        all.add(new Question(home.alias() + "/" + about, at, home, text));
    }

    private static String food(SplittableRandom dice, Food food) {
        return Words.OURS.say("ask.food." + (1 + dice.nextInt(4)), food.name());
    }

    private static String tool(SplittableRandom dice, Tool tool) {
        return Words.OURS.say("ask.tool." + (1 + dice.nextInt(4)), tool.name());
    }

    private static String allergy(SplittableRandom dice, String allergen) {
        return Words.OURS.say("ask.allergy." + (1 + dice.nextInt(3)), allergen);
    }
}

package webodidact.core.homes;

import java.util.List;
import webodidact.core.branch.Branches;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;

/** How each home stands with one food of the lesson. */
public record Coverage(List<Home> homes) {
    /** CHECKS: the home has an allergy and only the label of its own pack can say whether it may use the food. */
    public enum Stand {
        HAS,
        CHECKS,
        SWAPS,
        BLOCKED
    }

    /** @param with the stand-in's name, or "" */
    public record Home(String alias, Stand stand, String with) {}

    public Coverage {
        homes = List.copyOf(homes);
    }

    public static Coverage of(
            Lesson lesson, FoodLine line, List<Household> households, Knowledge knowledge, Course course) {
        var food = knowledge.food(line.cooked());
        if (food.isEmpty())
            return new Coverage(households.stream()
                    .map(h -> new Home(
                            h.alias(), h.allergies().isEmpty() && h.diets().isEmpty() ? Stand.HAS : Stand.CHECKS, ""))
                    .toList());
        var offers = new Swaps(knowledge, course).offers(lesson, line, households);
        return new Coverage(households.stream()
                .map(home -> stand(lesson, home, food.get(), line, offers, knowledge))
                .toList());
    }

    private static Home stand(
            Lesson lesson, Household home, Food food, FoodLine line, List<Offer> offers, Knowledge knowledge) {
        // What only another branch takes it need not have.
        if (Branches.forHome(lesson, home, knowledge).food(line.id()).isEmpty())
            return new Home(home.alias(), Stand.HAS, "");
        var agreed = knowledge.food(home.agreedFor(lesson.id(), line.id()));
        if (agreed.isPresent() && Swaps.canUse(home, agreed.get()))
            return new Home(home.alias(), Stand.SWAPS, agreed.get().name());
        if (Swaps.canUse(home, food))
            return new Home(home.alias(), Swaps.mustCheck(home, food) ? Stand.CHECKS : Stand.HAS, "");
        return offers.stream()
                .filter(o -> o.helps(home, knowledge))
                .findFirst()
                .map(Offer::title)
                .map(with -> new Home(home.alias(), Stand.SWAPS, with))
                .orElseGet(() -> line.optional()
                        ? new Home(home.alias(), Stand.SWAPS, Words.OURS.say("left-out"))
                        : new Home(home.alias(), Stand.BLOCKED, ""));
    }

    public long count(Stand stand) {
        return homes.stream().filter(h -> h.stand() == stand).count();
    }
}

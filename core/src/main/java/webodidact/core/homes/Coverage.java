package webodidact.core.homes;

import java.util.List;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;

/** How each home stands with one food of the lesson. */
public record Coverage(List<Home> homes) {
    public enum Stand { HAS, SWAPS, BLOCKED }

    /** @param with the stand-in's name, or "" */
    public record Home(String alias, Stand stand, String with) {}

    public static Coverage of(Lesson lesson, FoodLine line, List<Household> households, Knowledge knowledge, MeasureSystem house) {
        var food = knowledge.food(line.cooked());
        if (food.isEmpty()) return new Coverage(households.stream().map(h -> new Home(h.alias(), Stand.HAS, "")).toList());
        var offers = new Swaps(knowledge).offers(lesson, line, households, house);
        return new Coverage(households.stream().map(home -> {
            if (Swaps.canUse(home, food.get())) return new Home(home.alias(), Stand.HAS, "");
            return offers.stream().filter(o -> !o.isLeaveOut() && !o.isRefused() && Swaps.canUse(home, o.food())).findFirst()
                    .map(Offer::title).map(with -> new Home(home.alias(), Stand.SWAPS, with))
                    .orElseGet(() -> line.optional() ? new Home(home.alias(), Stand.SWAPS, "left out") : new Home(home.alias(), Stand.BLOCKED, ""));
        }).toList());
    }

    public long count(Stand stand) {
        return homes.stream().filter(h -> h.stand() == stand).count();
    }
}

package webodidact.core.swap;

import java.util.List;
import java.util.Set;
import webodidact.core.food.Allergen;
import webodidact.core.food.Food;

/**
 * A stand-in for one food line, worked out for the amounts of this lesson.
 *
 * @param food null for leaving it out
 * @param amount kitchen-rounded, for one home
 * @param covers aliases of the homes that cannot use the food and can use this
 * @param refused why it is not offered to everybody, or ""
 */
public record Offer(SwapRule rule, Food food, String amount, Set<Allergen> added, Set<Allergen> removed, List<String> covers, String refused) {
    public boolean isLeaveOut() {
        return food == null;
    }

    public boolean isRefused() {
        return !refused.isEmpty();
    }

    public String title() {
        return food == null ? "Leave it out" : food.name();
    }
}

package webodidact.core.list;

import java.util.Set;
import webodidact.core.food.Food;

/** Foods that nearly every kitchen has: on the list all the same, but apart, so that nobody buys them and nobody lacks them. */
public final class InTheHouse {
    private static final Set<String> FOODS = Set.of("salt", "black-pepper", "olive-oil", "sunflower-oil", "water");

    private InTheHouse() {}

    public static boolean has(Food food) {
        return food != null && FOODS.contains(food.id());
    }
}

package webodidact.core.lesson;

import java.util.List;
import java.util.Set;
import webodidact.core.amount.MeasureSystem;

/**
 * One home that cooks along, under an alias.
 *
 * @param missingTools ids in the tool table
 * @param missingFoods ids in the food table
 */
public record Household(String alias, MeasureSystem system, Set<String> diets, Set<String> allergies, Set<String> missingTools,
        Set<String> missingFoods, List<Integer> ages, boolean adult, boolean oven, boolean hob, boolean microwave) {
    public Household {
        if (alias == null || alias.isBlank()) throw new IllegalArgumentException("Household: expected an alias");
        system = system == null ? MeasureSystem.METRIC : system;
        diets = sorted(diets);
        allergies = sorted(allergies);
        missingTools = sorted(missingTools);
        missingFoods = sorted(missingFoods);
        ages = ages == null ? List.of() : List.copyOf(ages);
    }

    private static Set<String> sorted(Set<String> given) {
        return given == null ? Set.of() : java.util.Collections.unmodifiableSet(new java.util.TreeSet<>(given));
    }
}

package webodidact.core.lesson;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import webodidact.core.amount.MeasureSystem;

/**
 * One home that cooks along, under an alias.
 *
 * @param missingTools ids in the tool table
 * @param missingFoods ids in the food table
 * @param agreed substitutes agreed with this home: food id by "lesson/line"
 */
public record Household(String alias, MeasureSystem system, Set<String> diets, Set<String> allergies, Set<String> missingTools,
        Set<String> missingFoods, List<Integer> ages, boolean adult, boolean oven, boolean hob, boolean microwave, Map<String, String> agreed) {
    public Household {
        if (alias == null || alias.isBlank()) throw new IllegalArgumentException("Household: expected an alias");
        system = system == null ? MeasureSystem.METRIC : system;
        diets = sorted(diets);
        allergies = sorted(allergies);
        missingTools = sorted(missingTools);
        missingFoods = sorted(missingFoods);
        ages = ages == null ? List.of() : List.copyOf(ages);
        agreed = agreed == null ? Map.of() : java.util.Collections.unmodifiableMap(new java.util.TreeMap<>(agreed));
    }

    private static Set<String> sorted(Set<String> given) {
        return given == null ? Set.of() : java.util.Collections.unmodifiableSet(new java.util.TreeSet<>(given));
    }

    public static Household named(String alias) {
        return new Household(alias, null, null, null, null, null, null, true, true, true, true, null);
    }

    /** The stand-in agreed with this home for that line, or null. */
    public String agreedFor(String lesson, String line) {
        return agreed.get(lesson + "/" + line);
    }

    /** @param food null takes the agreement back */
    public Household agreeing(String lesson, String line, String food) {
        return but(d -> {
            if (food == null) d.agreed.remove(lesson + "/" + line);
            else d.agreed.put(lesson + "/" + line, food);
        });
    }

    public Household but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return new Household(draft.alias, draft.system, draft.diets, draft.allergies, draft.missingTools, draft.missingFoods, draft.ages,
                draft.adult, draft.oven, draft.hob, draft.microwave, draft.agreed);
    }

    /** The fields of a home while it is changed; lives only inside {@link Household#but}. */
    public static final class Draft {
        public String alias;
        public MeasureSystem system;
        public Set<String> diets;
        public Set<String> allergies;
        public Set<String> missingTools;
        public Set<String> missingFoods;
        public List<Integer> ages;
        public boolean adult;
        public boolean oven;
        public boolean hob;
        public boolean microwave;
        public Map<String, String> agreed;

        private Draft(Household h) {
            alias = h.alias;
            system = h.system;
            diets = h.diets;
            allergies = h.allergies;
            missingTools = h.missingTools;
            missingFoods = h.missingFoods;
            ages = h.ages;
            adult = h.adult;
            oven = h.oven;
            hob = h.hob;
            microwave = h.microwave;
            agreed = new java.util.TreeMap<>(h.agreed);
        }
    }
}

package webodidact.core.lesson;

import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Consumer;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.words.Plain;

/**
 * One home that cooks along, under an alias.
 *
 * @param diets in small letters; those that the food table knows nothing of are kept as they are written
 * @param ages of those at the table, 0 to 130 years; all of them eat, and those old enough cook
 * @param missingTools ids in the tool table
 * @param missingFoods ids in the food table
 * @param agreed substitutes agreed with this home: food id by "lesson/line"
 */
public record Household(
        String alias,
        MeasureSystem system,
        Set<String> diets,
        Set<Allergen> allergies,
        Set<String> missingTools,
        Set<String> missingFoods,
        List<Integer> ages,
        boolean adult,
        boolean oven,
        boolean hob,
        boolean microwave,
        Map<String, String> agreed) {
    /** What people write for none. */
    public static final Set<String> NONE = Set.of("none", "-", "no", "n/a", "na", "nothing", "nil");

    public Household {
        alias = Plain.line(alias);
        if (alias.isEmpty()) throw new IllegalArgumentException(Words.OURS.say("wrong.household"));
        system = system == null ? MeasureSystem.METRIC : system;
        diets = words(diets);
        allergies = allergies == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(allergies));
        missingTools = words(missingTools);
        missingFoods = words(missingFoods);
        ages = ages == null ? List.of() : List.copyOf(ages);
        for (int age : ages)
            if (age < 0 || age > 130)
                throw new IllegalArgumentException(Words.OURS.say("wrong.household.2", age, alias));
        if (agreed != null) agreed.forEach(Household::agreement);
        agreed = agreed == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(agreed));
    }

    /** In small letters, sorted; without what people write for none. */
    private static Set<String> words(Set<String> given) {
        if (given == null) return Set.of();
        var all = new TreeSet<String>();
        for (var each : given) {
            var word = Plain.line(each).toLowerCase(Locale.ROOT);
            if (word.indexOf(';') >= 0) throw new IllegalArgumentException(Words.OURS.say("wrong.household.3", word));
            if (!word.isEmpty() && !NONE.contains(word)) all.add(word);
        }
        return Collections.unmodifiableSet(all);
    }

    private static void agreement(String where, String food) {
        boolean plain = where.equals(Plain.line(where))
                && food.equals(Plain.line(food))
                && !food.isEmpty()
                && !(where + food).contains(";")
                && !food.contains("=")
                && where.indexOf('/') > 0
                && !where.endsWith("/");
        if (!plain) throw new IllegalArgumentException(Words.OURS.say("wrong.household.4", where, food));
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
        return new Household(
                draft.alias,
                draft.system,
                draft.diets,
                draft.allergies,
                draft.missingTools,
                draft.missingFoods,
                draft.ages,
                draft.adult,
                draft.oven,
                draft.hob,
                draft.microwave,
                draft.agreed);
    }

    /** The fields of a home while it is changed; lives only inside {@link Household#but}. */
    public static final class Draft {
        public String alias;
        public MeasureSystem system;
        public Set<String> diets;
        public Set<Allergen> allergies;
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
            agreed = new TreeMap<>(h.agreed);
        }
    }
}

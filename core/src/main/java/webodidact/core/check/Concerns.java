package webodidact.core.check;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What a finding has to do with.
 *
 * @param steps their numbers, from 1
 * @param foods ids of food lines, or of foods that no line has
 * @param tools ids of the tool table
 * @param homes their aliases
 */
public record Concerns(Set<Integer> steps, List<String> foods, List<String> tools, List<String> homes) {
    static final Concerns NOTHING = new Concerns(Set.of(), List.of(), List.of(), List.of());

    public Concerns {
        steps = Collections.unmodifiableSet(new TreeSet<>(steps));
        foods = List.copyOf(foods);
        tools = List.copyOf(tools);
        homes = List.copyOf(homes);
    }
}

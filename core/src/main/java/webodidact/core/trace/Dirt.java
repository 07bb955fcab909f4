package webodidact.core.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * What is on a surface.
 *
 * @param food as the lesson calls it
 * @param since number of the step that brought it, from 1
 * @param sure hands certainly touched it: they cut, shaped or rubbed it
 * @param way the surfaces it came over, the food's own first
 */
public record Dirt(Soil soil, String food, int since, boolean sure, List<Surface> way) {
    public Dirt {
        way = List.copyOf(way);
    }

    /** Carried on to another surface. */
    Dirt over(Surface next) {
        var longer = new ArrayList<>(way);
        longer.add(next);
        return new Dirt(soil, food, since, sure, longer);
    }

    boolean isWorseThan(Dirt other) {
        return other == null || soil.compareTo(other.soil()) < 0 || soil == other.soil() && sure && !other.sure();
    }
}

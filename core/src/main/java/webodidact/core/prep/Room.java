package webodidact.core.prep;

import java.util.List;
import webodidact.core.amount.OvenScale;

/**
 * What there is to work with.
 *
 * @param shelves of each oven
 * @param ovenHeats seconds from cold to 200 °C
 * @param opens second from which anything may be done: kitchens have hours, houses quiet ones
 */
public record Room(
        List<Person> people,
        int ovens,
        int shelves,
        int rings,
        boolean microwave,
        boolean blender,
        int ovenHeats,
        int opens) {
    public Room {
        people = List.copyOf(people);
    }

    public Room opening(int second) {
        return new Room(people, ovens, shelves, rings, microwave, blender, ovenHeats, second);
    }

    public Room with(List<Person> others) {
        return new Room(others, ovens, shelves, rings, microwave, blender, ovenHeats, opens);
    }

    /** Seconds that an oven needs from one temperature to another; cooling down takes half as long again. */
    public int change(int from, int to) {
        int heats = OvenScale.heating(ovenHeats, Math.min(from, to), Math.max(from, to));
        return to < from ? heats + heats / 2 : heats;
    }
}

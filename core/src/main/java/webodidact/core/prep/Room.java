package webodidact.core.prep;

import java.time.LocalDateTime;
import java.util.List;
import webodidact.core.amount.OvenScale;

/**
 * What there is to work with.
 *
 * @param shelves of each oven
 * @param ovenHeats seconds from cold to 200 °C
 * @param opens second from which anything may be done: kitchens have hours, houses quiet ones
 * @param fridge trays or tubs that it has room for; 0 where nobody has said
 * @param air when it is on air, so that times can be told by the clock; null where there is no day
 */
public record Room(
        List<Person> people,
        int ovens,
        int shelves,
        int rings,
        boolean microwave,
        boolean blender,
        int ovenHeats,
        int opens,
        int fridge,
        LocalDateTime air) {
    public Room {
        people = List.copyOf(people);
    }

    public Room(
            List<Person> people,
            int ovens,
            int shelves,
            int rings,
            boolean microwave,
            boolean blender,
            int ovenHeats,
            int opens) {
        this(people, ovens, shelves, rings, microwave, blender, ovenHeats, opens, 0, null);
    }

    /** The same counted from an air so many seconds later. */
    Room from(int later, LocalDateTime otherAir) {
        var moved = people.stream()
                .map(p -> new Person(
                        p.name(), p.skills(), p.from() == Task.ANY ? Task.ANY : p.from() - later, p.to() - later))
                .toList();
        return new Room(
                moved,
                ovens,
                shelves,
                rings,
                microwave,
                blender,
                ovenHeats,
                opens == Task.ANY ? Task.ANY : opens - later,
                fridge,
                otherAir);
    }

    public Room opening(int second) {
        return new Room(people, ovens, shelves, rings, microwave, blender, ovenHeats, second, fridge, air);
    }

    public Room with(List<Person> others) {
        return new Room(others, ovens, shelves, rings, microwave, blender, ovenHeats, opens, fridge, air);
    }

    Room ovens(int other) {
        return new Room(people, other, shelves, rings, microwave, blender, ovenHeats, opens, fridge, air);
    }

    Room rings(int other) {
        return new Room(people, ovens, shelves, other, microwave, blender, ovenHeats, opens, fridge, air);
    }

    Room fridge(int other) {
        return new Room(people, ovens, shelves, rings, microwave, blender, ovenHeats, opens, other, air);
    }

    /** Seconds that an oven needs from one temperature to another; cooling down takes half as long again. */
    public int change(int from, int to) {
        int heats = OvenScale.heating(ovenHeats, Math.min(from, to), Math.max(from, to));
        return to < from ? heats + heats / 2 : heats;
    }
}

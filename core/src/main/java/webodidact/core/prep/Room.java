package webodidact.core.prep;

import java.time.LocalDateTime;
import java.util.List;
import java.util.function.Consumer;
import webodidact.core.amount.OvenScale;
import webodidact.core.lesson.Place;

/**
 * What there is to work with.
 *
 * @param shelves of each oven
 * @param ovenHeats seconds from cold to 200 °C
 * @param opens second from which anything may be done: kitchens have hours, houses quiet ones
 * @param fridge trays or tubs that it has room for; 0 where nobody has said
 * @param freezer the same of the freezer
 * @param sinks one, or as many as are wanted where that has been given up
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
        int freezer,
        int sinks,
        LocalDateTime air) {
    /** As many as anybody wants. */
    static final int MANY = Integer.MAX_VALUE;

    public Room {
        people = List.copyOf(people);
    }

    /** Of which nobody has said what its fridge holds. */
    public Room(
            List<Person> people,
            int ovens,
            int shelves,
            int rings,
            boolean microwave,
            boolean blender,
            int ovenHeats,
            int opens) {
        this(people, ovens, shelves, rings, microwave, blender, ovenHeats, opens, 0, 0, 1, null);
    }

    /** With something else in it. */
    public Room but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return new Room(
                draft.people,
                draft.ovens,
                shelves,
                draft.rings,
                microwave,
                blender,
                ovenHeats,
                draft.opens,
                draft.fridge,
                draft.freezer,
                draft.sinks,
                draft.air);
    }

    /** What is to change; what is not set stays. */
    public static final class Draft {
        public List<Person> people;
        public int ovens;
        public int rings;
        public int opens;
        public int fridge;
        public int freezer;
        public int sinks;
        public LocalDateTime air;

        private Draft(Room r) {
            people = r.people;
            ovens = r.ovens;
            rings = r.rings;
            opens = r.opens;
            fridge = r.fridge;
            freezer = r.freezer;
            sinks = r.sinks;
            air = r.air;
        }
    }

    /** The same counted from an air so many seconds later. */
    Room from(int later, LocalDateTime otherAir) {
        return but(d -> {
            d.people = people.stream()
                    .map(p -> new Person(
                            p.name(), p.skills(), p.from() == Task.ANY ? Task.ANY : p.from() - later, p.to() - later))
                    .toList();
            d.opens = opens == Task.ANY ? Task.ANY : opens - later;
            d.air = otherAir;
        });
    }

    public Room opening(int second) {
        return but(d -> d.opens = second);
    }

    public Room with(List<Person> others) {
        return but(d -> d.people = others);
    }

    /** How many may be in that place at one moment, an oven apart; {@link #MANY} where nobody has said or nothing is in the way. */
    int holds(Place place) {
        return switch (place) {
            case RING -> rings;
            case MICROWAVE -> microwave ? 1 : 0;
            case BLENDER -> blender ? 1 : 0;
            case COLD -> fridge == 0 ? MANY : fridge;
            case FREEZER -> freezer == 0 ? MANY : freezer;
            case BENCH, OVEN, GRILL, COUNTERTOP -> MANY;
        };
    }

    /** Seconds that an oven needs from one temperature to another; cooling down takes half as long again. */
    public int change(int from, int to) {
        int heats = OvenScale.heating(ovenHeats, Math.min(from, to), Math.max(from, to));
        return to < from ? heats + heats / 2 : heats;
    }
}

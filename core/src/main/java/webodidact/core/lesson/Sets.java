package webodidact.core.lesson;

/**
 * How often the lesson is made at the same time.
 *
 * @param groups of learners in one room, each with a set of its own; 0 where every home cooks for itself
 * @param demo sets for the demonstration, 0 or more
 * @param spares sets kept for a take that has to be done again, 0 or more
 */
public record Sets(int groups, int demo, int spares) {
    public static final Sets NONE = new Sets(0, 1, 0);

    public Sets {
        if (groups < 0 || demo < 0 || spares < 0) throw new IllegalArgumentException(Words.OURS.say("wrong.sets"));
        if (groups > 99 || demo > 9 || spares > 9) throw new IllegalArgumentException(Words.OURS.say("wrong.sets.2"));
    }

    /** Sets laid out in the room: those of the groups and of the demonstration. */
    public int inRoom() {
        return groups + demo;
    }
}

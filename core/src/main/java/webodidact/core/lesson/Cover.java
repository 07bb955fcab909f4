package webodidact.core.lesson;

import webodidact.core.time.Seconds;

/** How a wait is covered on air. */
public sealed interface Cover {
    /** The camera stays: the whole wait is on air. */
    record Stay() implements Cover {}

    /**
     * Later steps go on meanwhile.
     *
     * @param collectAt the step in which it is collected, or "" while nobody has said
     */
    record CarryOn(String collectAt) implements Cover {
        public CarryOn {
            if (collectAt == null) collectAt = "";
        }
    }

    /**
     * The wait is cut from the recording. Not in a live lesson.
     *
     * @param kept seconds of it kept, zero or more
     */
    record Cut(int kept) implements Cover {
        public Cut {
            Seconds.checked(kept, Words.OURS.message("what.cover"));
        }
    }

    /**
     * A second batch, made before air, is swapped in.
     *
     * @param make the instructor's own hands on it, in seconds; 0 takes the step's hands-on time
     * @param keeps seconds it keeps well once done, more than zero
     */
    record ReadyCopy(int make, int keeps) implements Cover {
        public ReadyCopy {
            Seconds.checked(make, Words.OURS.message("what.cover.2"));
            if (keeps <= 0) keeps = 3600;
            Seconds.checked(keeps, Words.OURS.message("what.cover.3"));
        }

        /** One that takes the step's hands-on time and keeps an hour. */
        public static ReadyCopy usual() {
            return new ReadyCopy(0, 3600);
        }
    }

    /**
     * Shown fast in the edit. Not in a live lesson.
     *
     * @param times how many times faster, 2 to 1000
     */
    record SpeedUp(int times) implements Cover {
        public SpeedUp {
            times = Math.clamp(times, 2, 1000);
        }
    }

    /**
     * It goes on past this lesson: another lesson or another part collects it.
     *
     * @param where who does, "next week", "part 2"
     */
    record Elsewhere(String where) implements Cover {
        public Elsewhere {
            if (where == null) where = "";
        }
    }

    Cover STAY = new Stay();

    default boolean needsEditing() {
        return this instanceof Cut || this instanceof SpeedUp;
    }
}

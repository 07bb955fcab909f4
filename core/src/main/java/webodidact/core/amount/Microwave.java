package webodidact.core.amount;

/** Microwave times for another oven. */
public final class Microwave {
    private static final int STEP = 10;

    private Microwave() {}

    /**
     * t2 = t1 × W1 / W2, rounded up to 10 s; then test, and go on in steps of 10 s.
     *
     * @param seconds at {@code watts}, more than zero
     * @param watts of the recipe, 100 to 2000
     * @param other of the oven at hand, 100 to 2000
     */
    public static int seconds(int seconds, int watts, int other) {
        watts(watts);
        watts(other);
        return roundedUp(Ratio.of((long) seconds * watts, other));
    }

    /** The same oven with more or less in it: time goes with the load. */
    public static int forLoad(int seconds, Ratio load) {
        return roundedUp(load.times(seconds));
    }

    private static int roundedUp(Ratio seconds) {
        return (int) seconds.dividedBy(Ratio.of(STEP)).ceiling() * STEP;
    }

    private static void watts(int watts) {
        if (watts < 100 || watts > 2000) throw new IllegalArgumentException(Words.OURS.say("wrong.microwave", watts));
    }
}

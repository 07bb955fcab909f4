package webodidact.core.amount;

/**
 * Hot water poured over cold food. Heat balance with the same heat capacity for both, which flatters the food: most food
 * takes up less heat than water, but vessel and air take their share. To be on the careful side it is rounded down.
 */
public final class Mixing {
    /** Below this it does not cook: ready-to-eat contents only; {@code docs/decisions.md}, “Hot water over food”. */
    public static final int COOKS = 70;
    /** A fridge-cold food where nothing else is said, °C. */
    public static final int COLD = 5;

    private Mixing() {}

    /**
     * @param hot grams of water (or stock), more than zero
     * @param hotAt its temperature, °C
     * @param cold grams of food, zero or more
     * @param coldAt its temperature, °C, at most {@code hotAt}
     * @return °C of the mixture, rounded down
     */
    public static int temperature(Ratio hot, int hotAt, Ratio cold, int coldAt) {
        if (!hot.isMoreThan(Ratio.ZERO)) throw new IllegalArgumentException(Words.OURS.say("wrong.mixing", hot));
        if (coldAt > hotAt) throw new IllegalArgumentException(Words.OURS.say("wrong.mixing.2", coldAt, hotAt));
        return (int) hot.times(hotAt)
                .plus(cold.times(coldAt))
                .dividedBy(hot.plus(cold))
                .floor();
    }
}

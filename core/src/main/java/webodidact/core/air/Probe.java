package webodidact.core.air;

import java.util.OptionalInt;

/** A food probe: what is in the middle of the food at a second since air. */
public interface Probe {
    /** °C in the middle, rounded down; empty while it is in no food. */
    OptionalInt celsius(int second);

    /** Who it is, for the screen: a stand-in says that it is one. */
    String name();

    /**
     * One that heats as a slab does. The middle of a slab at {@code start} in heat at {@code around} follows, after the heat has reached
     * it, 1 − (4/π)·exp(−π²·a·t / thickness²) of the way (the first term of the series for a slab heated from both sides), with
     * a = 1.4 × 10⁻⁷ m²/s, as of foods that are mostly water (Choi and Okos, 1986). Heat that steam and air give is weaker than touch:
     * the times are rather too short than too long, and a stand-in decides nothing about food that is eaten.
     *
     * @param start °C of the food as it goes in
     * @param around °C around it
     * @param millimetres thickness, 5 to 150
     * @param from second since air at which it goes in
     */
    record Simulated(int start, int around, int millimetres, int from) implements Probe {
        private static final double DIFFUSIVITY = 1.4e-7;

        public Simulated {
            if (millimetres < 5 || millimetres > 150)
                throw new IllegalArgumentException(Words.OURS.say("wrong.probe", millimetres));
        }

        @Override
        public OptionalInt celsius(int second) {
            if (second < from) return OptionalInt.empty();
            double metres = millimetres / 1000.0;
            double left =
                    4 / Math.PI * Math.exp(-Math.PI * Math.PI * DIFFUSIVITY * (second - from) / (metres * metres));
            return OptionalInt.of((int) Math.floor(around - Math.min(1, left) * (around - start)));
        }

        /** Second since air at which it says that figure for the first time; empty if never. */
        public OptionalInt reaches(int celsius) {
            if (celsius <= start) return OptionalInt.of(from);
            if (celsius >= around) return OptionalInt.empty();
            int low = from;
            int high = from + 24 * 3600;
            while (low < high) {
                int middle = (low + high) / 2;
                if (celsius(middle).orElseThrow() >= celsius) high = middle;
                else low = middle + 1;
            }
            return OptionalInt.of(low);
        }

        @Override
        public String name() {
            return Words.OURS.say("probe.simulated");
        }
    }
}

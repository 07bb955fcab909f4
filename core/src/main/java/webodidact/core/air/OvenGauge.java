package webodidact.core.air;

import webodidact.core.amount.OvenScale;

/** An oven's own thermometer: how hot it is at a second since air. */
public interface OvenGauge {
    int celsius(int second);

    /** Who it is, for the screen: a stand-in says that it is one. */
    String name();

    /**
     * One that heats as the kitchen's is said to, evenly from 20 °C.
     *
     * @param heats seconds from cold to 200 °C
     * @param from second since air at which it is turned on; before it, it is cold
     * @param target °C it is set to
     */
    record Simulated(int heats, int from, int target) implements OvenGauge {
        @Override
        public int celsius(int second) {
            long warmer = (long) Math.max(0, second - from) * (OvenScale.USUAL - OvenScale.COLD) / Math.max(1, heats);
            return (int) Math.min(target, OvenScale.COLD + warmer);
        }

        /** Second at which it has the heat it is set to. */
        public int hot() {
            return from + OvenScale.heating(heats, OvenScale.COLD, target);
        }

        @Override
        public String name() {
            return Words.OURS.say("gauge.simulated");
        }
    }
}

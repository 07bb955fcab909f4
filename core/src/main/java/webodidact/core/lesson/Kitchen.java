package webodidact.core.lesson;

import java.util.function.Consumer;

/**
 * What the instructor's kitchen has.
 *
 * @param rings 0 to 24
 * @param ovens 0 to 12
 * @param helpers 0 to 40
 * @param ovenHeats seconds from cold to 200 °C, 60 to 3600
 * @param watts of its microwave, 300 to 2000; 0 is the usual 800
 */
public record Kitchen(
        String name, int rings, int ovens, boolean microwave, boolean blender, int helpers, int ovenHeats, int watts) {
    public static final Kitchen USUAL = new Kitchen(Words.OURS.say("kitchen.home"), 4, 1, true, true, 0, 14 * 60, 800);

    public Kitchen {
        name = name == null || name.isBlank() ? Words.OURS.say("kitchen") : name;
        if (rings < 0 || rings > 24 || ovens < 0 || ovens > 12 || helpers < 0 || helpers > 40)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen", name, rings, ovens, helpers));
        if (watts == 0) watts = 800;
        if (watts < 300 || watts > 2000)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen.2", name, watts));
        if (ovenHeats < 60 || ovenHeats > 3600)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen.3", name, ovenHeats));
    }

    public Kitchen but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return new Kitchen(
                draft.name,
                draft.rings,
                draft.ovens,
                draft.microwave,
                draft.blender,
                draft.helpers,
                draft.ovenHeats,
                draft.watts);
    }

    /** What is to change; what is not set stays. */
    public static final class Draft {
        public String name;
        public int rings;
        public int ovens;
        public boolean microwave;
        public boolean blender;
        public int helpers;
        public int ovenHeats;
        public int watts;

        private Draft(Kitchen k) {
            name = k.name;
            rings = k.rings;
            ovens = k.ovens;
            microwave = k.microwave;
            blender = k.blender;
            helpers = k.helpers;
            ovenHeats = k.ovenHeats;
            watts = k.watts;
        }
    }
}

package webodidact.core.lesson;

import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;

/**
 * What the instructor's kitchen has.
 *
 * @param rings 0 to 24
 * @param ovens 0 to 12
 * @param helpers 0 to 40
 * @param ovenHeats seconds from cold to 200 °C, 60 to 3600
 * @param watts of its microwave, 300 to 2000; 0 is the usual 800
 * @param opens time of day from which anything may be done, "07:30", or "": houses have quiet hours
 * @param crew what is known of the helpers, the first first; may be fewer than there are
 * @param travel seconds from where food and kit are to it; 0 where they are in it
 * @param shopping seconds of the shopping; 0 where nobody has said
 * @param fridge trays or tubs that its fridge has room for; 0 where nobody has said
 * @param freezer the same of its freezer
 */
public record Kitchen(
        String name,
        int rings,
        int ovens,
        boolean microwave,
        boolean blender,
        int helpers,
        int ovenHeats,
        int watts,
        String opens,
        List<Helper> crew,
        int travel,
        int shopping,
        int fridge,
        int freezer) {
    public static final Kitchen USUAL = new Kitchen(Words.OURS.say("kitchen.home"), 4, 1, true, true, 0, 14 * 60, 800);

    private static final int DAY = 24 * 3600;
    private static final Pattern TIME = Pattern.compile("([01]\\d|2[0-3]):[0-5]\\d");

    public Kitchen(
            String name,
            int rings,
            int ovens,
            boolean microwave,
            boolean blender,
            int helpers,
            int ovenHeats,
            int watts) {
        this(name, rings, ovens, microwave, blender, helpers, ovenHeats, watts, "", List.of(), 0, 0, 0, 0);
    }

    public Kitchen {
        opens = opens == null ? "" : opens.strip();
        if (!opens.isEmpty() && !TIME.matcher(opens).matches())
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen.4", name, opens));
        crew = crew == null
                ? List.of()
                : crew.size() > helpers ? List.copyOf(crew.subList(0, Math.max(0, helpers))) : List.copyOf(crew);
        name = name == null || name.isBlank() ? Words.OURS.say("kitchen") : name;
        if (rings < 0 || rings > 24 || ovens < 0 || ovens > 12 || helpers < 0 || helpers > 40)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen", name, rings, ovens, helpers));
        if (watts == 0) watts = 800;
        if (watts < 300 || watts > 2000)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen.2", name, watts));
        if (travel < 0
                || travel > DAY
                || shopping < 0
                || shopping > DAY
                || fridge < 0
                || fridge > 200
                || freezer < 0
                || freezer > 200) throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen.5", name));
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
                draft.watts,
                draft.opens,
                draft.crew,
                draft.travel,
                draft.shopping,
                draft.fridge,
                draft.freezer);
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
        public String opens;
        public List<Helper> crew;
        public int travel;
        public int shopping;
        public int fridge;
        public int freezer;

        private Draft(Kitchen k) {
            name = k.name;
            rings = k.rings;
            ovens = k.ovens;
            microwave = k.microwave;
            blender = k.blender;
            helpers = k.helpers;
            ovenHeats = k.ovenHeats;
            watts = k.watts;
            opens = k.opens;
            crew = k.crew;
            travel = k.travel;
            shopping = k.shopping;
            fridge = k.fridge;
            freezer = k.freezer;
        }
    }
}

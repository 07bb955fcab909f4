package webodidact.core.lesson;

/**
 * What the instructor's kitchen has.
 *
 * @param ovenHeats seconds from cold to 200 °C, 60 to 3600
 * @param watts of its microwave, 300 to 2000; 0 is the usual 800
 */
public record Kitchen(
        String name, int rings, int ovens, boolean microwave, boolean blender, int helpers, int ovenHeats, int watts) {
    public static final Kitchen USUAL = new Kitchen(Words.OURS.say("kitchen.home"), 4, 1, true, true, 0, 14 * 60, 800);

    public Kitchen {
        name = name == null || name.isBlank() ? Words.OURS.say("kitchen") : name;
        if (rings < 0 || ovens < 0 || helpers < 0)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen", name));
        if (watts == 0) watts = 800;
        if (watts < 300 || watts > 2000)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen.2", name, watts));
        if (ovenHeats < 60 || ovenHeats > 3600)
            throw new IllegalArgumentException(Words.OURS.say("wrong.kitchen.3", name, ovenHeats));
    }
}

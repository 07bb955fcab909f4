package webodidact.core.trace;

import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Risk;

/** What food leaves on what touches it. The first five are raw: germs that only heat ends. */
public enum Soil {
    POULTRY,
    MINCE,
    MEAT,
    FISH,
    EGG,
    FLOUR,
    EARTH,
    CHILLI,
    NUT,
    SESAME,
    NONE;

    public String title() {
        return Words.OURS.title(this);
    }

    /** Hands and tools with it are washed before they touch food that nobody heats afterwards. */
    public boolean isRaw() {
        return compareTo(EGG) <= 0;
    }

    /** What that food leaves while it is raw; {@link #NONE} for what leaves nothing that matters. */
    public static Soil of(Food food) {
        return switch (food.risk()) {
            case RAW_POULTRY -> POULTRY;
            case RAW_MINCE -> MINCE;
            case RAW_MEAT -> MEAT;
            case RAW_FISH -> FISH;
            case RAW_EGG -> EGG;
            case RAW_FLOUR -> FLOUR;
            case UNWASHED, READY -> ready(food);
        };
    }

    private static Soil ready(Food food) {
        if (food.id().contains("chilli")
                || food.id().equals("scotch-bonnet")
                || food.id().equals("jalapeno")) return CHILLI;
        if (food.group() == Group.NUT || food.id().startsWith("peanut")) return NUT;
        if (food.id().startsWith("sesame") || food.id().equals("tahini")) return SESAME;
        return food.risk() == Risk.UNWASHED ? EARTH : NONE;
    }
}

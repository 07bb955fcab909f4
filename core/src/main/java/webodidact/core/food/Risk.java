package webodidact.core.food;

/** What an unheated food may carry to hands and boards. */
public enum Risk {
    READY,
    UNWASHED,
    RAW_FLOUR,
    RAW_EGG,
    RAW_FISH,
    RAW_MEAT,
    RAW_MINCE,
    RAW_POULTRY;

    /** Hands that touched it must be washed before ready-to-eat food. Raw flour and egg count; soil on produce is rinsed off. */
    public boolean soilsHands() {
        return compareTo(RAW_EGG) >= 0;
    }
}

package webodidact.core.amount;

/** Two kinds of measure that cannot be turned into each other without knowing the food. */
public final class MixedUnits extends IllegalArgumentException {
    private final transient Amount amount;
    private final Unit target;

    MixedUnits(Amount amount, Unit target) {
        super("Cannot turn '" + amount + "' into '" + target.symbol() + "': one is "
                + amount.unit().dimension() + ", the other " + target.dimension());
        this.amount = amount;
        this.target = target;
    }

    public Amount amount() {
        return amount;
    }

    public Unit target() {
        return target;
    }
}

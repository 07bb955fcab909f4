package webodidact.core.amount;

/** What kind of thing a unit measures. Counts never convert into each other: a clove is not a slice. */
public enum Dimension {
    MASS,
    VOLUME,
    LENGTH,
    COUNT,
    INFORMAL
}

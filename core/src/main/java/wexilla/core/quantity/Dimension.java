package wexilla.core.quantity;

/** What a unit measures. Pieces and portions are counted; each named piece (clove, tin) is a kind of its own. */
public enum Dimension {
    MASS,
    VOLUME,
    COUNT
}

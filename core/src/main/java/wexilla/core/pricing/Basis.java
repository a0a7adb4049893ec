package wexilla.core.pricing;

/** Where the cost of a line comes from. */
public enum Basis {
    /** What the lots it is taken from have cost. */
    STOCK,
    /** Part from stock, the rest at the newest price. */
    STOCK_AND_PRICE,
    /** The newest price: the record has none of it. */
    PRICE,
    /** A dish of the book that is made afresh, wholly or in part. */
    MADE,
    /** Covered by the flat sum for seasoning and oil, or left out. */
    FLAT,
    /** From the tap: it costs nothing and is not bought. */
    TAP,
    /** No amount, no price, or a fact is missing. */
    UNKNOWN
}

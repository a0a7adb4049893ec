package wexilla.core.pricing;

/** How seasoning and oil are counted in the cost of a dish. */
public enum Seasoning {
    /** One flat sum for the dish. */
    FLAT,
    /** Line by line like everything else. */
    EXACT,
    /** Left out. */
    OUT
}

package wexilla.core.pricing;

/** What own or given goods count as: a choice of the household (handbook, section 4). */
public enum OwnGoods {
    /** They cost nothing. */
    NOTHING,
    /** They cost what they would cost today, where a price of them was ever seen. */
    TODAY
}

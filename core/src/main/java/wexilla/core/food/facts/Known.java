package wexilla.core.food.facts;

/**
 * Whether something that somebody must not or will not eat is in a food: an allergen, meat. Absence is claimed only where
 * it is proven (design: facts, section 1). Of several parts the last of these answers holds for the whole.
 */
public enum Known {
    /** Everything in it is known, and it is not. */
    WITHOUT,
    /** It depends on the maker: look at the pack. */
    LOOK,
    /** Nobody has said what is in it. */
    NOT_KNOWN,
    HAS;

    /** The answer for two parts together. */
    public Known and(Known other) {
        return compareTo(other) >= 0 ? this : other;
    }
}

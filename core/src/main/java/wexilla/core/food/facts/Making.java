package wexilla.core.food.facts;

/** How much somebody has done to a food before it is bought (design: facts, section 1). */
public enum Making {
    /** One thing, as it grew, was slaughtered, milled, pressed or churned: carrot, beef shin, rice, butter. */
    PLAIN,
    /** One plain thing preserved, with nothing of another kind in it: tinned tomatoes, dried pasta, frozen peas. */
    SIMPLE,
    /** With a recipe behind it: what is in it depends on the maker, and the pack must be looked at. */
    MADE,
    /** Nobody has said what it is. */
    UNKNOWN
}

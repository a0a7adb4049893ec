package wexilla.core.food;

/** How the amount of a food follows the size of a batch: handbook, section 2. */
public enum Scaling {
    /** With the batch; nearly everything. */
    LINEAR,
    /** With the batch, but in one pot begun with less and tasted: salt, strong spices, vinegar. */
    SEASONING,
    /** So much for each pot, whatever is in it: bay leaf. */
    FIXED,
    /** With the batch, then whole pieces: eggs. */
    WHOLE
}

package wexilla.core.recipe;

/** How far a batch is taken before it is packed: the stop chosen for it. */
public enum Style {
    COOKED("cooked"),
    READY_TO_BAKE("ready to bake"),
    RAW_BAG("raw bag"),
    PLAIN_PART("plain part"),
    SINGLE_BOXES("single boxes");

    private final String words;

    Style(String words) {
        this.words = words;
    }

    /** As shown on screens and labels. */
    public String words() {
        return words;
    }
}

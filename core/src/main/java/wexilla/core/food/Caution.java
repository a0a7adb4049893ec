package wexilla.core.food;

/** What makes a food one that some people should not eat. Source: handbook, section 8. */
public enum Caution {
    HONEY("honey"),
    RAW_MILK("raw milk goods"),
    COLD_SMOKED_FISH("cold-smoked fish");

    private final String words;

    Caution(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

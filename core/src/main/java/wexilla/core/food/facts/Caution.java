package wexilla.core.food.facts;

/** What makes a food one that some people should not eat. Source: handbook, section 8; facts, section 3. */
public enum Caution {
    HONEY("honey"),
    RAW_MILK("raw milk goods"),
    COLD_SMOKED_FISH("cold-smoked fish"),
    MOULD_SOFT_CHEESE("soft cheese ripened with mould, or fresh unaged cheese"),
    DELI_MEAT("cold cuts that are not heated through"),
    PATE("pâté"),
    LIVER("liver"),
    SPROUTS("raw sprouts"),
    RAW_DOUGH("raw dough");

    private final String words;

    Caution(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

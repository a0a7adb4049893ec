package wexilla.core.food.facts;

import java.util.Locale;

/** What is left of a food after a step: handbook, section 3. */
public enum Part {
    /** Ready to cook: peeled, trimmed. */
    READY,
    /** Cooked, boned where it has bones; above 1 for what takes up water. */
    COOKED,
    /** Of a tin without its liquid. */
    DRAINED,
    /** Millilitres of water one millilitre of a grain takes up while it cooks. */
    WATER;

    /** As written in files and calls. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}

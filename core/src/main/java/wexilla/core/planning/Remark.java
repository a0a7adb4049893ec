package wexilla.core.planning;

/**
 * What stands against an evening, or is to be done for it, in the cook's words.
 *
 * @param why the rule or source; empty when the words say it all
 */
public record Remark(Level level, String words, String why) {

    /** How much it matters. */
    public enum Level {
        /** It cannot stay so: a date, an allergen, something missing. */
        STOP,
        /** Something to do in time. */
        DO,
        /** Good to know. */
        HINT
    }

    static Remark stop(String words, String why) {
        return new Remark(Level.STOP, words, why);
    }

    static Remark act(String words, String why) {
        return new Remark(Level.DO, words, why);
    }

    static Remark hint(String words) {
        return new Remark(Level.HINT, words, "");
    }
}

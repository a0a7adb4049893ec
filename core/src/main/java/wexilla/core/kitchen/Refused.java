package wexilla.core.kitchen;

import org.jspecify.annotations.Nullable;

/** An act that cannot be done as it was asked: told to the cook at the field that says so. A broken invariant is none. */
public final class Refused extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final String field;
    private final @Nullable String missing;

    private Refused(String field, String words, @Nullable String missing) {
        super(words);
        this.field = field;
        this.missing = missing;
    }

    /** @param field JSON pointer into what was asked: "/amount" */
    public static Refused at(String field, String words) {
        return new Refused(field, words, null);
    }

    /** @param fact without which it cannot be counted: "weight of one courgette" */
    public static Refused without(String field, String words, String fact) {
        return new Refused(field, words, fact);
    }

    public String field() {
        return field;
    }

    /** The fact that is missing; null where none is. */
    public @Nullable String missing() {
        return missing;
    }

    /** What is wrong and what would be right, in the cook's words. */
    public String words() {
        return String.valueOf(getMessage());
    }
}

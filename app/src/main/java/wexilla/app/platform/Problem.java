package wexilla.app.platform;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * Something the cook has to put right, told as an RFC 9457 problem with the field at fault. Nothing has been stored
 * when it is thrown: it rolls the transaction back.
 */
public final class Problem extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final @Nullable String field;
    private final transient Map<String, Object> more;

    private Problem(HttpStatus status, @Nullable String field, String detail, Map<String, Object> more) {
        super(detail);
        this.status = status;
        this.field = field;
        this.more = more;
    }

    /** @param field JSON pointer into the request, for instance {@code /lines/2/text} */
    public static Problem at(String field, String detail) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, field, detail, Map.of());
    }

    /** @param fact what would be needed to answer: "density of rolled oats" */
    public static Problem missingFact(String field, String detail, String fact) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, field, detail, Map.of("missing", fact));
    }

    /** @param grams how many grams too few there are, exact */
    public static Problem shortfall(String field, @Nullable String detail, String grams) {
        return new Problem(
                HttpStatus.UNPROCESSABLE_CONTENT, field, String.valueOf(detail), Map.of("shortfallGrams", grams));
    }

    /** The same, of a part of a larger request: its field stands below this pointer. */
    public Problem below(String pointer) {
        return new Problem(status, pointer + (field == null ? "" : field), String.valueOf(getMessage()), more);
    }

    public static Problem missing(String what) {
        return new Problem(HttpStatus.NOT_FOUND, null, what, Map.of());
    }

    /** The request itself cannot be accepted, whatever it says. */
    public static Problem refused(HttpStatus status, String detail) {
        return new Problem(status, null, detail, Map.of());
    }

    /** Someone else changed it first. */
    public static Problem changed(String detail) {
        return new Problem(HttpStatus.PRECONDITION_FAILED, null, detail, Map.of());
    }

    /** Later acts stand on the one to be undone; they are named, newest first. */
    public static Problem blocked(String detail, List<Blocker> by) {
        return new Problem(HttpStatus.CONFLICT, null, detail, Map.of("blockedBy", by));
    }

    /** An act that used what another one made. */
    public record Blocker(String act, String subject) {}

    HttpStatus status() {
        return status;
    }

    @Nullable
    String field() {
        return field;
    }

    Map<String, Object> more() {
        return more;
    }
}

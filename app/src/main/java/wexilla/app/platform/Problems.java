package wexilla.app.platform;

import java.sql.SQLException;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import wexilla.core.kitchen.Refused;

/** Turns everything that goes wrong into a problem with the field at fault and words a cook can use. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    /** Class 22 of the SQL standard: a value out of its range, a character that is none. */
    private static final String DATA_EXCEPTION = "22";

    static final String STILL_WRITING =
            "Something else is still being written; nothing of this was stored. Send it again in a moment.";

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(Problem problem) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), String.valueOf(problem.getMessage()));
        if (problem.field() != null) {
            detail.setProperty("field", problem.field());
        }
        problem.more().forEach(detail::setProperty);
        return ResponseEntity.status(problem.status()).body(detail);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused refused) {
        String missing = refused.missing();
        return problem(
                missing == null
                        ? Problem.at(refused.field(), refused.words())
                        : Problem.missingFact(refused.field(), refused.words(), missing));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongParameter(MethodArgumentTypeMismatchException wrong) {
        String words = number(wrong.getRequiredType())
                ? noNumber(wrong.getValue())
                : "“" + wrong.getValue() + "” is no " + wrong.getName();
        return problem(Problem.at("/" + wrong.getName(), words));
    }

    /** The database is gone or full: said quickly, and without claiming what nobody can know. */
    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        TransactionException.class,
        UncategorizedSQLException.class
    })
    ResponseEntity<ProblemDetail> noDatabase(Exception gone) {
        LOG.error("the database does not answer", gone);
        return problem(Problem.refused(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The database does not answer. Whether this was stored is not known: when it answers again, look, or "
                        + "send it again; it happens once only. ./wexilla start brings it back."));
    }

    /** Waited longer than a cook would for who writes. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> stillWriting(PessimisticLockingFailureException waited) {
        LOG.warn("waited for a lock", waited);
        return problem(Problem.refused(HttpStatus.SERVICE_UNAVAILABLE, STILL_WRITING));
    }

    /** A number or text the database cannot hold: what was typed is at fault, and nothing was stored. */
    @ExceptionHandler
    @Nullable
    ResponseEntity<ProblemDetail> doesNotFit(DataIntegrityViolationException refused) {
        String state = refused.getMostSpecificCause() instanceof SQLException sql ? sql.getSQLState() : "";
        if (state == null || !state.startsWith(DATA_EXCEPTION)) {
            return unexpected(refused);
        }
        LOG.warn("does not fit", refused);
        return problem(Problem.refused(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "A number in it is too large, or a text holds what no keyboard writes; nothing was stored."));
    }

    /** @return null where nobody is there any more to be told: a page that was left is no error */
    @ExceptionHandler
    @Nullable
    ResponseEntity<ProblemDetail> unexpected(Exception unexpected) {
        if (DisconnectedClientHelper.isClientDisconnectedException(unexpected)) {
            LOG.debug("left before the answer", unexpected);
            return null;
        }
        LOG.error("not foreseen", unexpected);
        return problem(Problem.refused(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong inside Wexilla; look whether it was stored before you try again."));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        ProblemDetail detail = ProblemDetail.forStatus(HttpStatus.BAD_REQUEST);
        detail.setDetail("The request is no JSON this call understands.");
        if (unreadable.getCause() instanceof JacksonException problem
                && !problem.getPath().isEmpty()) {
            detail.setProperty("field", pointer(problem));
            detail.setDetail(words(problem));
        }
        return ResponseEntity.badRequest().body(detail);
    }

    private static String words(JacksonException mismatch) {
        String field = pointer(mismatch);
        if (mismatch instanceof UnrecognizedPropertyException) {
            return "“" + field + "” is no field of this call.";
        }
        if (mismatch instanceof InvalidFormatException invalid
                && invalid.getTargetType().isEnum()) {
            String choices = Arrays.stream(invalid.getTargetType().getEnumConstants())
                    .map(String::valueOf)
                    .collect(Collectors.joining(", "));
            return "“" + invalid.getValue() + "” does not fit " + field + ": say one of " + choices + ".";
        }
        if (mismatch instanceof InvalidFormatException invalid && number(invalid.getTargetType())) {
            return noNumber(invalid.getValue());
        }
        if (mismatch instanceof InvalidFormatException invalid) {
            return "“" + invalid.getValue() + "” does not fit " + field + ": a "
                    + invalid.getTargetType().getSimpleName().toLowerCase(java.util.Locale.ROOT) + " is needed.";
        }
        return field + " is missing, too large, or not of the right kind.";
    }

    private static boolean number(@Nullable Class<?> type) {
        return type != null && (type == int.class || type == long.class || Number.class.isAssignableFrom(type));
    }

    private static String noNumber(@Nullable Object typed) {
        return "“" + typed + "” is no whole number; write it like 4.";
    }

    private static String pointer(JacksonException problem) {
        return problem.getPath().stream()
                .map(part -> part.getPropertyName() != null ? part.getPropertyName() : String.valueOf(part.getIndex()))
                .collect(Collectors.joining("/", "/", ""));
    }
}

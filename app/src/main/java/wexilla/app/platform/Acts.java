package wexilla.app.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.platform.Problem.Blocker;
import wexilla.core.kitchen.house.Household;

/**
 * Writes down what a person did, once: an act's id is the key its creator made, so that a request repeated by a phone
 * or a second click is answered with the stored answer. One act is one transaction and the unit of undo.
 */
@Component
public class Acts {

    /** What came of an act: its line in the history, and the answer. */
    public record Done<T>(String subject, T answer) {}

    /** Told to whoever listens once an act was done and is kept. */
    public record Kept(UUID household, String kind) {}

    /** The answer of an act that has nothing more to tell than what was done, and the id to undo it by. */
    public record Said(String act, String subject) {}

    /** SQL state of a row that something else points to. */
    private static final String FOREIGN_KEY = "23503";

    /** How many acts may hold a connection at once, so that the others of the pool are there for who only reads. */
    private static final int WRITERS = 6;

    /** How often something that takes long is found before the household is held for it. */
    private static final int ROUNDS = 3;

    private static final Duration LONGEST_WAIT = Duration.ofSeconds(8);

    private final Semaphore writers = new Semaphore(WRITERS, true);
    private final JdbcClient db;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Clock clock;
    private final List<Undoable> undoables;
    private final ApplicationEventPublisher told;

    Acts(
            JdbcClient db,
            TransactionTemplate transaction,
            JsonMapper json,
            Clock clock,
            List<Undoable> undoables,
            ApplicationEventPublisher told) {
        this.db = db;
        this.transaction = transaction;
        this.json = json;
        this.clock = clock;
        this.undoables = List.copyOf(undoables);
        this.told = told;
    }

    /**
     * Does the work as an act that happens now, or when its request says it did.
     *
     * @param key the act's id, a UUID made by the caller
     * @param request what was asked, to tell a repetition from another use of the same key
     * @throws Problem if the key is no UUID or was used for something else
     */
    public <T> T perform(
            Household household,
            String key,
            String kind,
            Object request,
            Class<T> answer,
            Function<Act, Done<T>> work) {
        return perform(household, key, kind, request, answer, Happened.at(clock), work);
    }

    /** The same for something that happened earlier. */
    public <T> T perform(
            Household household,
            String key,
            String kind,
            Object request,
            Class<T> answer,
            Instant happenedAt,
            Function<Act, Done<T>> work) {
        UUID id = id(key);
        String hash = hash(kind + json.writeValueAsString(request));
        T done = inTurn(() -> Objects.requireNonNull(transaction.execute(status -> {
            if (!begin(household, id, kind, hash, happenedAt)) {
                return json.readValue(storedAnswer(household, id, hash), answer);
            }
            Done<T> act = work.apply(new Act(id, household, happenedAt));
            db.sql("update act set subject = ?, response = ? where household_id = ? and id = ?")
                    .params(act.subject(), json.writeValueAsString(act.answer()), household.id(), id)
                    .update();
            return act.answer();
        })));
        told.publishEvent(new Kept(household.id(), kind));
        return done;
    }

    private <T> T inTurn(Supplier<T> work) {
        if (!turn()) {
            throw Problem.refused(HttpStatus.SERVICE_UNAVAILABLE, Problems.STILL_WRITING);
        }
        try {
            return work.get();
        } finally {
            writers.release();
        }
    }

    private boolean turn() {
        try {
            return writers.tryAcquire(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Does the work as an act that happens now and answers with its line in the history. */
    public Said say(Household household, String key, String kind, Object request, Function<Act, String> work) {
        return perform(household, key, kind, request, Said.class, act -> {
            String subject = work.apply(act);
            return new Done<>(subject, new Said(act.id().toString(), subject));
        });
    }

    /** Somebody else wrote after what an act goes by was found. */
    private static final class Moved extends RuntimeException {
        private static final long serialVersionUID = 1;

        Moved() {
            super("", null, false, false);
        }
    }

    /**
     * The same of something that takes long to find: it is found before the household is held, again when somebody wrote
     * meanwhile, and only at last while it is held.
     *
     * @param find what the act goes by, from what stands, for something that happens at an instant
     * @param work writes it down; nothing that {@code find} looked at has changed since
     */
    public <P> Said say(
            Household household,
            String key,
            String kind,
            Object request,
            Function<Instant, P> find,
            BiFunction<Act, P, String> work) {
        UUID id = id(key);
        Instant at = Happened.at(clock);
        for (int round = 1; !known(household, id); round++) {
            long seen = revision(household, id);
            P found;
            try {
                found = find.apply(at);
            } catch (RuntimeException impossible) {
                if (known(household, id)) {
                    // the same was sent twice at once, and the other one has done it
                    break;
                }
                throw impossible;
            }
            boolean last = round == ROUNDS;
            try {
                return perform(household, key, kind, request, Said.class, at, act -> {
                    boolean moved = revision(household, id) != seen;
                    if (moved && !last) {
                        throw new Moved();
                    }
                    String subject = work.apply(act, moved ? find.apply(at) : found);
                    return new Done<>(subject, new Said(act.id().toString(), subject));
                });
            } catch (Moved again) {
                continue;
            }
        }
        // it was done before: the stored answer is told, and nothing is looked for
        return say(household, key, kind, request, act -> {
            throw new IllegalStateException("an act that was known is not there");
        });
    }

    private boolean known(Household household, UUID id) {
        return db.sql("select exists (select 1 from act where household_id = ? and id = ?)")
                .params(household.id(), id)
                .query(Boolean.class)
                .single();
    }

    /** Rises with whatever is written; of an act itself not. */
    private long revision(Household household, UUID own) {
        return db.sql("select coalesce(max(seq), 0) from act where household_id = ? and id <> ?")
                .params(household.id(), own)
                .query(Long.class)
                .single();
    }

    private boolean begin(Household household, UUID id, String kind, String hash, Instant happenedAt) {
        // one act of a household at a time: what it checks stays true until it has written
        return db.sql("""
                        with locked as (select id from household where id = ? for no key update)
                        insert into act (household_id, id, kind, subject, happened_at, recorded_at, request_hash, person, device)
                        select id, ?, ?, '', ?, ?, ?, ?, ? from locked on conflict do nothing""")
                        .params(Arrays.asList(
                                household.id(),
                                id,
                                kind,
                                happenedAt.atOffset(ZoneOffset.UTC),
                                clock.instant().atOffset(ZoneOffset.UTC),
                                hash,
                                Visitor.now().map(Visitor::member).orElse(null),
                                Visitor.now().map(Visitor::device).orElse(null)))
                        .update()
                == 1;
    }

    private String storedAnswer(Household household, UUID id, String hash) {
        record Stored(String requestHash, String response) {}
        Stored stored = db.sql("select request_hash, response from act where household_id = ? and id = ?")
                .params(household.id(), id)
                .query(Stored.class)
                .single();
        if (!stored.requestHash().equals(hash)) {
            throw Problem.at("/Idempotency-Key", "This key was used for another act; make a new one for each.");
        }
        return stored.response();
    }

    /** One act in the history. @param who did it, {@code device} on what; null where nobody was signed in */
    public record Entry(
            UUID id,
            String kind,
            String subject,
            Instant happenedAt,
            @Nullable UUID undoneBy,
            @Nullable String who,
            @Nullable String device) {}

    /** The newest acts, newest first; undoings are shown with what they undid, not as lines of their own. */
    public List<Entry> newest(Household household, int most) {
        return newest(household, List.of(), most);
    }

    /** The newest acts of these kinds, newest first. @param kinds empty for all */
    public List<Entry> newest(Household household, List<String> kinds, int most) {
        return db.sql("""
                        select a.id, a.kind, a.subject, a.happened_at, u.id as undone_by, m.name as who, a.device
                        from act a left join act u on u.household_id = a.household_id and u.reverses = a.id
                        left join member m on m.household_id = a.household_id and m.id = a.person
                        where a.household_id = ? and a.kind <> 'undo' and (? or a.kind = any (?))
                        order by a.seq desc limit ?""")
                .params(household.id(), kinds.isEmpty(), kinds.toArray(String[]::new), most)
                .query((row, n) -> new Entry(
                        row.getObject("id", UUID.class),
                        row.getString("kind"),
                        row.getString("subject"),
                        row.getTimestamp("happened_at").toInstant(),
                        row.getObject("undone_by", UUID.class),
                        row.getString("who"),
                        row.getString("device")))
                .list();
    }

    /** Whether this member did it. */
    public boolean did(UUID household, UUID act, UUID member) {
        return db.sql("select exists (select 1 from act where household_id = ? and id = ? and person = ?)")
                .params(household, act, member)
                .query(Boolean.class)
                .single();
    }

    /** What was undone. */
    public record Undone(String act, String subject) {}

    /**
     * Takes an act back, whole.
     *
     * @throws Problem if there is no such act, it is undone already, or something later stands on it
     */
    public Undone undo(Household household, String key, UUID undone) {
        return perform(household, key, "undo", undone, Undone.class, act -> {
            record Target(String kind, String subject, boolean reversed) {}
            Target target = db.sql("""
                            with target as (
                                    select household_id, id, kind, subject, exists (select 1 from act u
                                        where u.household_id = a.household_id and u.reverses = a.id) as reversed
                                    from act a where household_id = ? and id = ?),
                                marked as (
                                    update act u set reverses = target.id from target
                                    where u.household_id = target.household_id and u.id = ? and not target.reversed)
                            select kind, subject, reversed from target""")
                    .params(household.id(), undone, act.id())
                    .query(Target.class)
                    .optional()
                    .orElseThrow(() -> Problem.missing("There is no such act to undo."));
            if (target.reversed() || target.kind().equals("undo")) {
                throw Problem.at("/act", "“" + target.subject() + "” is undone already.");
            }
            List<Blocker> blockers = undoables.stream()
                    .flatMap(u -> u.blockers(household.id(), undone).stream())
                    .distinct()
                    .toList();
            if (!blockers.isEmpty()) {
                throw Problem.blocked(
                        "“" + target.subject() + "” was built on later: undo “"
                                + blockers.get(0).subject() + "” first.",
                        blockers);
            }
            try {
                db.sql("set constraints all deferred").update();
                Undoable.Undone what = new Undoable.Undone(undone, target.kind());
                undoables.forEach(u -> u.undo(act, what));
                db.sql("set constraints all immediate").update();
            } catch (DataIntegrityViolationException refused) {
                if (!(refused.getMostSpecificCause() instanceof SQLException sql)
                        || !FOREIGN_KEY.equals(sql.getSQLState())) {
                    throw refused;
                }
                throw Problem.blocked("“" + target.subject() + "” is used by something later.", List.of());
            }
            return new Done<>("Undone: " + target.subject(), new Undone(undone.toString(), target.subject()));
        });
    }

    private static UUID id(String key) {
        try {
            return UUID.fromString(key);
        } catch (IllegalArgumentException notOne) {
            throw Problem.at("/Idempotency-Key", "“" + key + "” is no UUID; make one for each act.");
        }
    }

    private static String hash(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }
}

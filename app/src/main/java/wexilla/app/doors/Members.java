package wexilla.app.doors;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Role;

/** Who belongs to a household, its phrase, and invitations, in the database. */
@Component
class Members {

    static final Duration INVITED_FOR = Duration.ofHours(48);

    private final JdbcClient db;
    private final PasswordEncoder hashes;
    private final Clock clock;

    Members(JdbcClient db, PasswordEncoder hashes, Clock clock) {
        this.db = db;
        this.hashes = hashes;
        this.clock = clock;
    }

    record Member(UUID household, UUID id, String name, Role role) {}

    List<Member> all(UUID household) {
        return db.sql("select household_id as household, id, name, role from member "
                        + "where household_id = ? and not gone order by role, lower(name)")
                .params(household)
                .query(Member.class)
                .list();
    }

    Optional<Member> find(UUID household, UUID id) {
        return all(household).stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** Cooks of this name, of every household with a phrase. */
    private List<Member> cooks(String name) {
        return db.sql("""
                        select m.household_id as household, m.id, m.name, m.role from member m
                        join door d on d.household_id = m.household_id
                        where lower(m.name) = lower(?) and not m.gone and m.role = 'COOK' order by m.household_id""").params(name).query(Member.class).list();
    }

    /** Who comes in by this name and phrase. Takes as long for a name nobody has. */
    Optional<Member> by(String name, String phrase) {
        List<Member> called = cooks(name);
        if (called.isEmpty()) {
            hashes.encode(phrase);
        }
        return called.stream().filter(one -> right(one.household(), phrase)).findFirst();
    }

    boolean right(UUID household, String phrase) {
        return db.sql("select phrase from door where household_id = ?")
                .params(household)
                .query(String.class)
                .optional()
                .filter(hash -> hashes.matches(phrase, hash))
                .isPresent();
    }

    boolean locked(UUID household) {
        return db.sql("select exists (select 1 from door where household_id = ?)")
                .params(household)
                .query(Boolean.class)
                .single();
    }

    void phrase(UUID household, String phrase) {
        db.sql("""
                        insert into door (household_id, phrase, changed_at) values (?, ?, ?)
                        on conflict (household_id) do update set phrase = excluded.phrase, changed_at = excluded.changed_at""").params(household, hashes.encode(phrase), now()).update();
    }

    Member save(Member member) {
        db.sql("""
                        insert into member (household_id, id, name, role) values (?, ?, ?, ?)
                        on conflict (household_id, id) do update set name = excluded.name, role = excluded.role""")
                .params(
                        member.household(),
                        member.id(),
                        member.name(),
                        member.role().name())
                .update();
        return member;
    }

    /** Is no member any more; what he did stays in the history under his name. */
    void remove(Member member) {
        db.sql("update member set gone = true where household_id = ? and id = ?")
                .params(member.household(), member.id())
                .update();
        db.sql("update invitation set until = ? where household_id = ? and member = ? and used_at is null")
                .params(now(), member.household(), member.id())
                .update();
    }

    /** An invitation by this code, once; the ones before it end. */
    void invite(Member member, String code) {
        db.sql(
                        "update invitation set until = ? where household_id = ? and member = ? and used_at is null and until > ?")
                .params(now(), member.household(), member.id(), now())
                .update();
        db.sql("insert into invitation (household_id, id, member, code, until) values (?, ?, ?, ?, ?)")
                .params(member.household(), UUID.randomUUID(), member.id(), Codes.hash(code), now().plus(INVITED_FOR))
                .update();
    }

    /** Who was invited by this code; it is used up by asking. */
    Optional<Member> invited(String code) {
        return db.sql("""
                        with used as (update invitation set used_at = :now
                            where code = :code and used_at is null and until > :now returning household_id, member)
                        select m.household_id as household, m.id, m.name, m.role from member m
                        join used u on u.household_id = m.household_id and u.member = m.id where not m.gone""")
                .param("now", now())
                .param("code", Codes.hash(code))
                .query(Member.class)
                .optional();
    }

    Instant invitedUntil() {
        return clock.instant().plus(INVITED_FOR);
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }
}

package wexilla.app.doors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Role;
import wexilla.app.platform.Visitor;
import wexilla.core.kitchen.house.Household;

/** Signing in and out, and the phrase of a household. None of it is an act: it is never taken back by undo. */
@RestController
class DoorController {

    private static final String TRIED = "phrase";
    private static final int LONGEST_NAME = 40;
    private static final int SHORTEST_PHRASE = 10;

    /** What the hash takes of it; more would be cut off silently. */
    private static final int MOST_BYTES = 72;

    private static final int FEWEST_LETTERS = 5;

    private final Doors doors;
    private final Members members;
    private final Sessions sessions;
    private final Tries tries;
    private final TransactionTemplate transaction;

    DoorController(Doors doors, Members members, Sessions sessions, Tries tries, TransactionTemplate transaction) {
        this.doors = doors;
        this.members = members;
        this.sessions = sessions;
        this.tries = tries;
        this.transaction = transaction;
    }

    /**
     * How the door stands for who asks.
     *
     * @param in whether he may come in as he is: signed in, or at the machine itself with no phrase set
     * @param name of who is signed in; null where nobody is
     */
    record DoorView(
            boolean in, @Nullable String name, @Nullable Role role) {}

    @GetMapping("/api/door")
    DoorView door(HttpServletRequest request) {
        return Visitor.now()
                .map(visitor -> new DoorView(true, visitor.name(), visitor.role()))
                .orElseGet(() -> new DoorView(doors.open(request), null, null));
    }

    record In(String name, String phrase) {}

    @PostMapping("/api/door/in")
    DoorView in(@RequestBody In input, HttpServletRequest request, HttpServletResponse response) {
        tries.take(TRIED, request.getRemoteAddr());
        Members.Member member = members.by(Asked.name("/name", input.name(), LONGEST_NAME), bounded(input.phrase()))
                .orElseThrow(() -> Problem.at("/phrase", "No cook of this name comes in by this phrase."));
        tries.right(TRIED, request.getRemoteAddr());
        sessions.begin(member, request, response);
        return new DoorView(true, member.name(), member.role());
    }

    record Invited(String code) {}

    @PostMapping("/api/door/invited")
    DoorView invited(@RequestBody Invited input, HttpServletRequest request, HttpServletResponse response) {
        tries.take("code", request.getRemoteAddr());
        Members.Member member = members.invited(input.code())
                .orElseThrow(() -> Problem.at(
                        "/code", "This code opens nothing: it was used, it is too old, or a letter is wrong."));
        tries.right("code", request.getRemoteAddr());
        sessions.begin(member, request, response);
        return new DoorView(true, member.name(), member.role());
    }

    @PostMapping("/api/door/out")
    DoorView out(HttpServletRequest request) {
        sessions.end(request);
        return new DoorView(doors.open(request), null, null);
    }

    /** @param was the phrase there is; null for the first one, @param name of who sets the first one */
    record Phrase(
            String phrase, @Nullable String was, @Nullable String name) {}

    @PostMapping("/api/door/phrase")
    DoorView phrase(
            Household household, @RequestBody Phrase input, HttpServletRequest request, HttpServletResponse response) {
        String phrase = strong(input.phrase());
        Visitor visitor = Visitor.now().orElse(null);
        if (visitor != null) {
            cook();
            tries.take(TRIED, request.getRemoteAddr());
            if (input.was() == null || !members.right(household.id(), bounded(input.was()))) {
                throw Problem.at("/was", "That is not the phrase there is.");
            }
            tries.right(TRIED, request.getRemoteAddr());
            members.phrase(household.id(), phrase);
            HttpSession own = request.getSession(false);
            String kept = own == null ? "" : own.getId();
            members.all(household.id()).forEach(one -> sessions.endAll(household.id(), one.id(), kept));
            return new DoorView(true, visitor.name(), visitor.role());
        }
        String name = Asked.name("/name", input.name() == null ? "" : input.name(), LONGEST_NAME);
        Members.Member first = transaction.execute(status -> {
            if (members.locked(household.id())) {
                throw Problem.refused(HttpStatus.UNAUTHORIZED, "A phrase is set already; sign in first.");
            }
            members.phrase(household.id(), phrase);
            UUID id = members.all(household.id()).stream()
                    .filter(one -> one.name().equalsIgnoreCase(name))
                    .map(Members.Member::id)
                    .findFirst()
                    .orElseGet(UUID::randomUUID);
            return members.save(new Members.Member(household.id(), id, name, Role.COOK));
        });
        doors.changed();
        sessions.begin(first, request, response);
        return new DoorView(true, first.name(), first.role());
    }

    /** @throws Problem where who asks is no cook; on an open kitchen everybody is */
    static void cook() {
        Visitor.now().filter(visitor -> visitor.role() != Role.COOK).ifPresent(other -> {
            throw Problem.refused(HttpStatus.FORBIDDEN, "Only a cook of the household sees and changes that.");
        });
    }

    private static String bounded(String phrase) {
        return phrase.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES ? "" : phrase;
    }

    private static String strong(String phrase) {
        if (phrase.codePointCount(0, phrase.length()) < SHORTEST_PHRASE) {
            throw Problem.at(
                    "/phrase",
                    "A phrase has at least " + SHORTEST_PHRASE + " letters; three or four words are easy to keep.");
        }
        if (phrase.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            throw Problem.at("/phrase", "A phrase has at most " + MOST_BYTES + " letters.");
        }
        if (phrase.codePoints().distinct().count() < FEWEST_LETTERS) {
            throw Problem.at("/phrase", "That is too easy to guess: use more than a few different letters.");
        }
        return phrase;
    }
}

package wexilla.app.onhand;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Asked;
import wexilla.core.keeping.KeepDates;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Money;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;

/** Stock notes and hauls: read while they are typed, then stored. */
@RestController
class NoteController {

    private final Notes notes;
    private final Stowing stowing;
    private final Acts acts;
    private final Clock clock;

    NoteController(Notes notes, Stowing stowing, Acts acts, Clock clock) {
        this.notes = notes;
        this.stowing = stowing;
        this.acts = acts;
        this.clock = clock;
    }

    /**
     * @param place null lets each food go to its usual place
     * @param bought "just back": the prices are what was paid today
     * @param till decimal money, what the till said; the gap to the lines stays as rest of the till
     */
    record NoteInput(
            String text,
            @Nullable UUID place,
            @Nullable Boolean bought,
            @Nullable String till) {}

    /**
     * A line as understood, or its problem.
     *
     * @param amount of one container; null when none was written
     * @param state how it is said to be: cooked, frozen, opened; unknown when it must be asked what it is
     * @param asks what must be asked, in the cook's words; empty when everything is clear
     * @param known whether anybody has said what it is; otherwise it becomes the household's own
     */
    record NoteLineView(
            int number,
            String text,
            String problem,
            int count,
            @Nullable String amount,
            String food,
            boolean known,
            boolean dish,
            @Nullable String state,
            String about,
            @Nullable String price,
            String placeName,
            @Nullable String eatBy,
            @Nullable String bestBefore,
            String rule,
            List<String> asks) {}

    @PostMapping("/api/onhand/note/read")
    List<NoteLineView> read(Household household, @RequestBody NoteInput input) {
        LocalDate today = household.dayOf(clock.instant());
        return notes.read(household, input.text(), today).stream()
                .map(read -> read.line()
                        .map(line -> understood(household, read, line, input.place(), today))
                        .orElseGet(() -> new NoteLineView(
                                read.number(),
                                read.text(),
                                read.problem(),
                                0,
                                null,
                                "",
                                false,
                                false,
                                null,
                                "",
                                null,
                                "",
                                null,
                                null,
                                "",
                                List.of())))
                .toList();
    }

    private NoteLineView understood(
            Household household, Notes.Read read, NoteLine line, @Nullable UUID place, LocalDate today) {
        Place where = notes.place(household, line, place, today);
        NoteKeeping keeping = notes.keeping(household, line, where.kind(), today);
        KeepDates dates = keeping.dates();
        List<String> asks = new ArrayList<>(line.asks());
        if (keeping.unclear()) {
            asks.add("what " + line.foodName() + " is, and since when it is there");
        }
        return new NoteLineView(
                read.number(),
                read.text(),
                "",
                line.count(),
                line.each() == null ? null : line.each().toString(),
                line.foodName(),
                line.food() != null && line.food().described(),
                line.dish(),
                keeping.unclear()
                        ? "unknown"
                        : line.state() == null ? null : line.state().words(),
                line.about(),
                line.price() == null ? null : line.price().decimal(),
                where.name(),
                dates.eatBy() == null ? null : dates.eatBy().toString(),
                dates.bestBefore() == null ? null : dates.bestBefore().toString(),
                dates.rule(),
                asks);
    }

    private static Stowing.@Nullable Paid paid(Household household, NoteInput input) {
        if (!Boolean.TRUE.equals(input.bought())) {
            return null;
        }
        String till = input.till();
        return new Stowing.Paid(
                Money.zero(household.currency()),
                till == null || till.isBlank() ? null : Asked.money("/till", till, household.currency()));
    }

    /** What was written down, and the act to undo it by. @param left lines that were not understood, as typed */
    record NoteStored(String act, String subject, List<String> lots, List<String> left) {}

    @PostMapping("/api/onhand/note")
    NoteStored store(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody NoteInput input) {
        return acts.perform(household, key, "note", input, NoteStored.class, act -> {
            Acts.Done<Stowing.Stored> done = stowing.store(act, input.text(), input.place(), paid(household, input));
            List<String> ids = done.answer().lots().stream().map(UUID::toString).toList();
            return new Acts.Done<>(
                    done.subject(),
                    new NoteStored(
                            act.id().toString(),
                            done.subject(),
                            ids,
                            done.answer().left()));
        });
    }
}

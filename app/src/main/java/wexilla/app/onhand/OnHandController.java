package wexilla.app.onhand;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Household;
import wexilla.app.household.Households;
import wexilla.app.platform.Acts;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepDates.Urgency;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.stock.NoteLine;

/** On hand: what there is, and stock notes. */
@RestController
class OnHandController {

    private final Notes notes;
    private final Lots lots;
    private final Households households;
    private final Acts acts;
    private final Clock clock;

    OnHandController(Notes notes, Lots lots, Households households, Acts acts, Clock clock) {
        this.notes = notes;
        this.lots = lots;
        this.households = households;
        this.acts = acts;
        this.clock = clock;
    }

    record PlaceView(String id, String name, Storage kind, List<LotView> lots) {}

    /**
     * @param worth what all of it cost, as far as known
     * @param frozenPortions portions of cooked dishes in the freezer
     * @param useFirst what is past its date or in its warning, first to expire first
     */
    record OnHandView(
            List<PlaceView> places, String worth, boolean worthComplete, int frozenPortions, List<LotView> useFirst) {}

    @GetMapping("/api/onhand")
    OnHandView onHand(Household household) {
        LocalDate today = household.dayOf(clock.instant());
        List<Lots.Lot> open = lots.open(household);
        Cost worth = open.stream()
                .filter(lot -> !lot.have())
                .map(Lots.Lot::cost)
                .reduce(Cost.of(Money.zero(household.currency())), Cost::plus);
        int frozen = open.stream()
                .filter(lot -> lot.batch() != null && lot.storage() == Storage.FREEZER)
                .mapToInt(lot -> lot.amount().value().rounded().intValueExact())
                .sum();
        List<PlaceView> places = households.places(household).stream()
                .map(place -> new PlaceView(
                        place.id().toString(),
                        place.name(),
                        place.kind(),
                        open.stream()
                                .filter(lot -> lot.place().equals(place.id()))
                                .map(lot -> LotView.of(lot, today))
                                .toList()))
                .toList();
        List<LotView> useFirst = open.stream()
                .map(lot -> LotView.of(lot, today))
                .filter(lot -> lot.urgency() == Urgency.PAST || lot.urgency() == Urgency.SOON)
                .toList();
        return new OnHandView(places, worth.known().decimal(), worth.complete(), frozen, useFirst);
    }

    /** @param place null lets each food go to its usual place */
    record NoteInput(String text, @Nullable UUID place) {}

    /**
     * A line as understood, or its problem.
     *
     * @param amount of one container; null when none was written
     * @param known whether the food book knows the food; otherwise it becomes the household's own
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
            String about,
            @Nullable String price,
            String placeName,
            @Nullable String eatBy,
            @Nullable String bestBefore,
            String rule) {}

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
                                "",
                                null,
                                "",
                                null,
                                null,
                                "")))
                .toList();
    }

    private NoteLineView understood(
            Household household, Notes.Read read, NoteLine line, @Nullable UUID place, LocalDate today) {
        Households.Place where = notes.place(household, line, place, today);
        KeepDates dates = notes.dates(line, where.kind(), today);
        return new NoteLineView(
                read.number(),
                read.text(),
                "",
                line.count(),
                line.each() == null ? null : line.each().toString(),
                line.foodName(),
                line.food() != null,
                line.dish(),
                line.about(),
                line.price() == null ? null : line.price().decimal(),
                where.name(),
                dates.eatBy() == null ? null : dates.eatBy().toString(),
                dates.bestBefore() == null ? null : dates.bestBefore().toString(),
                dates.rule());
    }

    /** What was written down, and the act to undo it by. */
    record NoteStored(String act, String subject, List<String> lots) {}

    @PostMapping("/api/onhand/note")
    NoteStored store(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody NoteInput input) {
        return acts.perform(household, key, "note", input, NoteStored.class, act -> {
            Acts.Done<List<UUID>> done = notes.store(act, input.text(), input.place());
            List<String> ids = done.answer().stream().map(UUID::toString).toList();
            return new Acts.Done<>(done.subject(), new NoteStored(act.id().toString(), done.subject(), ids));
        });
    }
}

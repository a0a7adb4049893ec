package wexilla.app.onhand;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Foods;
import wexilla.app.household.Places;
import wexilla.app.household.Reference;
import wexilla.app.onhand.PutRight.Right;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Problem;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.quantity.Rational;
import wexilla.core.stations.onhand.Handling;

/** What hands do with one lot, each an act that can be undone. */
@RestController
class HandlingController {

    private final Hands hands;
    private final PutRight putRight;
    private final Lots lots;
    private final Places places;
    private final Foods foods;
    private final Reference reference;
    private final Acts acts;

    HandlingController(
            Hands hands, PutRight putRight, Lots lots, Places places, Foods foods, Reference reference, Acts acts) {
        this.hands = hands;
        this.putRight = putRight;
        this.lots = lots;
        this.places = places;
        this.foods = foods;
        this.reference = reference;
        this.acts = acts;
    }

    /** What is done with a lot. */
    enum Hand {
        USE,
        MOVE,
        WASTE,
        GIVE,
        COUNT,
        OPEN
    }

    /**
     * @param amount as typed, null for all of it
     * @param place where to, for MOVE
     * @param reason why, for WASTE: "gone off"; to whom, for GIVE
     */
    record HandInput(
            Hand hand,
            @Nullable String amount,
            @Nullable UUID place,
            @Nullable String reason) {}

    /**
     * @param rule where the dates of a lot come from, with its source
     * @param unsaid its name, when nobody has said what it is
     * @param keepsAs of a cooked dish, its class of the keeping table, to be chosen among {@code choices}
     */
    record RuleView(
            String rule,
            String source,
            @Nullable String unsaid,
            @Nullable String keepsAs,
            List<KeepsChoice> choices) {}

    @GetMapping("/api/lots/{id}")
    RuleView rule(Household household, @PathVariable UUID id) {
        Lot lot = lots.byId(household, id)
                .orElseThrow(() -> Problem.missing("There is no such thing in this household."));
        UUID food = lot.food();
        boolean said = food == null || foods.known(household).food(food).described();
        boolean dish = Handling.cookedDish(lot);
        return new RuleView(
                lot.dates().rule(),
                lot.dates().source(),
                said ? null : lot.name(),
                dish ? lot.clock().keepingClass() : null,
                dish ? KeepsChoice.all(reference.keeping(household)) : List.of());
    }

    /** @param keepsAs a class of the keeping table */
    record KeepsInput(String keepsAs) {}

    /** The cook says how a dish keeps. */
    @PostMapping("/api/lots/{id}/keeps")
    Said keeps(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody KeepsInput input) {
        return acts.say(household, key, "keeps", List.of(id, input), act -> hands.keepsAs(act, id, input.keepsAs()));
    }

    /** What was written down wrong is put right: its name, what it cost, its days. */
    @PostMapping("/api/lots/{id}/right")
    Said right(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody Right input) {
        return acts.say(household, key, "right", List.of(id, input), act -> putRight.right(act, id, input));
    }

    @PostMapping("/api/lots/{id}")
    Said hand(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody HandInput input) {
        record Asked(UUID lot, HandInput input) {}
        return acts.say(household, key, "hand", new Asked(id, input), act -> done(act, id, input));
    }

    private String done(Act act, UUID id, HandInput input) {
        return switch (input.hand()) {
            case USE -> hands.use(act, id, input.amount(), Kind.USED, "");
            case WASTE -> hands.use(act, id, input.amount(), Kind.WASTED, reason(input));
            case GIVE -> hands.use(act, id, input.amount(), Kind.GIVEN, reason(input));
            case COUNT -> hands.count(act, id, input.amount());
            case OPEN -> hands.open(act, id);
            case MOVE -> {
                if (input.place() == null) {
                    throw Problem.at("/place", "Say where it goes.");
                }
                yield hands.move(act, id, input.amount(), input.place());
            }
        };
    }

    private static String reason(HandInput input) {
        String reason = input.reason() == null ? "" : input.reason().strip();
        if (reason.length() > 80) {
            throw Problem.at("/reason", "A few words are enough, at most 80 characters.");
        }
        return reason;
    }

    /** How a staple stands. */
    enum Level {
        HAVE(Lot.Level.HAVE),
        LOW(Lot.Level.LOW),
        OUT(Lot.Level.OUT);

        private final Lot.Level level;

        Level(Lot.Level level) {
            this.level = level;
        }
    }

    record LevelInput(Level level) {}

    @PostMapping("/api/lots/{id}/level")
    Said level(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody LevelInput input) {
        return acts.say(household, key, "level", List.of(id, input), act -> hands.level(act, id, input.level().level));
    }

    /** "It's full": what is in it now is what fits. */
    @PostMapping("/api/onhand/places/{id}/full")
    Said full(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, "full", id, act -> {
            List<Lot> inside = lots.open(household).stream()
                    .filter(lot -> lot.spot().place().equals(id))
                    .toList();
            Place place = places.of(household, id);
            Rational litres = inside.stream()
                    .map(Lot::room)
                    .reduce(Rational.ZERO, Rational::plus)
                    .dividedBy(Rational.of(1000));
            if (litres.isZero() || place.kind() != Storage.FREEZER) {
                throw Problem.at("/id", "Write down what is in the drawer first; its room is learned from that.");
            }
            BigDecimal rounded = litres.toDecimal(1);
            places.full(act, id, rounded);
            return place.name() + " is full at about "
                    + rounded.stripTrailingZeros().toPlainString() + " l";
        });
    }
}

package wexilla.app.stretch;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
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
import wexilla.app.household.Reference;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Lots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.FoodBook;
import wexilla.core.keeping.Storage;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineList;
import wexilla.core.recipe.LineReader;
import wexilla.core.stretch.StretchPlan;

/** Stretch: big buys, cut into parts. */
@RestController
class StretchController {

    private static final int LONGEST_NAME = 80;

    private final Stretches stretches;
    private final JointCooking cooking;
    private final Lots lots;
    private final Foods foods;
    private final Reference reference;
    private final Acts acts;
    private final Clock clock;

    StretchController(
            Stretches stretches,
            JointCooking cooking,
            Lots lots,
            Foods foods,
            Reference reference,
            Acts acts,
            Clock clock) {
        this.stretches = stretches;
        this.cooking = cooking;
        this.lots = lots;
        this.foods = foods;
        this.reference = reference;
        this.acts = acts;
        this.clock = clock;
    }

    /**
     * A big buy that is on hand raw and not cut yet.
     *
     * @param food its name, {@code weight} and {@code price} as the preview call wants them
     * @param rawEatBy its limit, absent when it is frozen
     */
    record BigBuy(
            String lot,
            String food,
            String weight,
            String price,
            String placeName,
            @Nullable String rawEatBy) {}

    /** @param lots what each part became, once the joint is cooked */
    record StretchView(
            String id,
            int version,
            Stretches.State state,
            @Nullable String lot,
            @Nullable String rawEatBy,
            StretchAsked asked,
            List<@Nullable LotView> lots) {}

    record StretchesView(List<BigBuy> onHand, List<StretchView> stretches) {}

    @GetMapping("/api/stretch")
    StretchesView all(Household household) {
        LocalDate today = household.dayOf(clock.instant());
        List<Stretches.Stretch> stored = stretches.all(household);
        List<UUID> taken = stored.stream().map(Stretches.Stretch::lot).toList();
        FoodBook book = foods.known(household).book();
        List<BigBuy> onHand = lots.open(household).stream()
                .filter(lot -> lot.food() != null && lot.amount().unit().equals(Unit.G))
                .filter(lot -> !taken.contains(lot.id()))
                .filter(lot -> book.named(lot.name())
                        .map(food -> StretchPlan.isBigBuy(food, lot.amount()))
                        .orElse(false))
                .map(lot -> new BigBuy(
                        lot.id().toString(),
                        lot.name(),
                        lot.amount().toString(),
                        lot.cost().known().decimal(),
                        lot.placeName(),
                        rawEatBy(lot)))
                .toList();
        return new StretchesView(
                onHand, stored.stream().map(s -> view(household, s, today)).toList());
    }

    private static @Nullable String rawEatBy(Lots.Lot lot) {
        LocalDate limit = lot.storage() == Storage.FREEZER ? null : lot.dates().eatBy();
        return limit == null ? null : limit.toString();
    }

    private StretchView view(Household household, Stretches.Stretch stored, LocalDate today) {
        List<@Nullable LotView> made = new ArrayList<>();
        for (UUID lot : stored.lots()) {
            made.add(
                    lot == null
                            ? null
                            : lots.byId(household, lot)
                                    .map(l -> LotView.of(l, today))
                                    .orElse(null));
        }
        String rawEatBy = stored.lot() == null
                ? null
                : lots.byId(household, stored.lot())
                        .map(StretchController::rawEatBy)
                        .orElse(null);
        return new StretchView(
                stored.id().toString(),
                stored.version(),
                stored.state(),
                stored.lot() == null ? null : stored.lot().toString(),
                rawEatBy,
                stored.asked(),
                made);
    }

    /** What it becomes while it is typed, by the yields of this household; stores nothing. */
    @PostMapping("/api/stretch/cut")
    Stretched cut(Household household, @RequestBody StretchAsked asked) {
        return Stretched.of(Cutting.of(asked, foods.known(household).book(), reference, household.currency()));
    }

    /** @param id null for a new one; {@code version} as last seen */
    record StretchInput(
            @Nullable UUID id, int version, @Nullable UUID lot, StretchAsked asked) {}

    @PostMapping("/api/stretch")
    Said save(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody StretchInput input) {
        return acts.say(household, key, "stretch", input, act -> {
            Asked.name("/food", input.asked().food(), LONGEST_NAME);
            LineReader reader = new LineReader(foods.known(household).book());
            for (int i = 0; i < input.asked().shares().size(); i++) {
                ShareAsked share = input.asked().shares().get(i);
                Asked.name("/shares/" + i + "/name", share.name(), LONGEST_NAME);
                String extender = share.extender() == null ? "" : share.extender();
                Asked.at("/shares/" + i + "/extender", () -> LineList.of(extender, reader));
            }
            Cutting.of(input.asked(), foods.known(household).book(), reference, household.currency());
            if (input.lot() != null && lots.byId(household, input.lot()).isEmpty()) {
                throw Problem.at("/lot", "There is no such joint on hand.");
            }
            if (input.id() != null) {
                Stretches.Stretch old = stretches.get(household, input.id());
                if (old.state() != Stretches.State.OPEN) {
                    throw Problem.changed("This big buy is cooked: its parts lie on hand under their names and are"
                            + " changed there.");
                }
                if (old.version() != input.version()) {
                    throw Problem.changed("This big buy was changed in another window; look at it again.");
                }
            }
            UUID id = input.id() == null ? UUID.randomUUID() : input.id();
            stretches.save(act, id, input.lot(), input.asked());
            int parts = input.asked().shares().size();
            return "Stretch: " + input.asked().food().strip() + ", " + parts + (parts == 1 ? " part" : " parts");
        });
    }

    @PostMapping("/api/stretch/{id}/drop")
    Said drop(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, "stretch-drop", id, act -> {
            String food = stretches.get(household, id).asked().food();
            stretches.drop(act, id);
            return "Not stretched after all: " + food;
        });
    }

    /** @param weighed the cooked meat, as weighed: "1.54 kg"; absent when nobody weighed it */
    record JointInput(@Nullable String weighed) {}

    @PostMapping("/api/stretch/{id}/cook")
    Said cook(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody JointInput input) {
        return acts.say(
                household,
                key,
                "joint",
                id + String.valueOf(input.weighed()),
                act -> cooking.cook(act, id, input.weighed()));
    }
}

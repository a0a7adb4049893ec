package wexilla.app.household;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Equipped.Equipment;
import wexilla.app.household.Equipped.Kind;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;

/** Setting up what there is to cook with. */
@RestController
class EquipmentController {

    private static final int LONGEST_NAME = 60;
    private static final int MOST_ML = 200_000;

    private final Equipped equipped;
    private final Acts acts;

    EquipmentController(Equipped equipped, Acts acts) {
        this.equipped = equipped;
        this.acts = acts;
    }

    /** @param capacity as people say it: "5 l", "6 qt"; empty where nobody measured */
    record EquipmentInput(@Nullable UUID id, int version, String name, Kind kind, String capacity, int count) {}

    @PostMapping("/api/household/equipment")
    Said equipment(
            Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody EquipmentInput input) {
        return acts.say(household, key, "equipment", input, act -> {
            String name = Asked.name("/name", input.name(), LONGEST_NAME);
            if (input.count() < 1 || input.count() > 50) {
                throw Problem.at("/count", "From 1 to 50, not " + input.count() + ".");
            }
            if (input.id() != null) {
                SetUpController.same(
                        input.version(), equipmentOf(household, input.id()).version());
            }
            UUID id = input.id() == null ? UUID.randomUUID() : input.id();
            equipped.save(act, new Equipment(id, name, input.kind(), millilitres(input.capacity()), input.count(), 0));
            return "Equipment: " + name;
        });
    }

    private static @Nullable Integer millilitres(String capacity) {
        if (capacity.isBlank()) {
            return null;
        }
        Amount amount = Asked.amount("/capacity", capacity);
        Amount base = Measures.US.toBase(amount);
        int ml = base.value()
                .toDecimal(0)
                .min(java.math.BigDecimal.valueOf(MOST_ML + 1L))
                .intValue();
        if (base.unit().dimension() != Dimension.VOLUME || ml < 50 || ml > MOST_ML) {
            throw Problem.at("/capacity", "“" + capacity + "” is no capacity; write litres or quarts, like 5 l.");
        }
        return ml;
    }

    private Equipment equipmentOf(Household household, UUID id) {
        return equipped.all(household).stream()
                .filter(e -> e.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.missing("There is no such equipment in this household."));
    }

    @PostMapping("/api/household/equipment/{id}/remove")
    Said removeEquipment(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, "equipment-gone", id, act -> {
            String name = equipmentOf(household, id).name();
            equipped.remove(act, id);
            return "Equipment removed: " + name;
        });
    }
}

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
import wexilla.app.platform.Problem;
import wexilla.core.equipment.VesselSize;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Rational;

/** Setting up what there is to cook with. */
@RestController
class EquipmentController {

    private static final int LONGEST_NAME = 60;
    private static final Rational LEAST_ML = Rational.of(50);
    private static final Rational MOST_ML = Rational.of(200_000);

    private final Equipped equipped;
    private final Vessels vessels;
    private final Acts acts;

    EquipmentController(Equipped equipped, Vessels vessels, Acts acts) {
        this.equipped = equipped;
        this.vessels = vessels;
        this.acts = acts;
    }

    /** @param capacity what it holds or its sides: "5 l", "6 qt", "9x13 in"; empty where nobody measured */
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
            UUID id = input.id() == null ? act.newId() : input.id();
            equipped.save(
                    act,
                    new Equipment(
                            id, name, input.kind(), size(name, input.kind(), input.capacity()), input.count(), 0));
            return "Equipment: " + name;
        });
    }

    private @Nullable String size(String name, Kind kind, String typed) {
        if (typed.isBlank()) {
            return null;
        }
        String text = Asked.name("/capacity", typed, LONGEST_NAME);
        VesselSize size = Asked.at("/capacity", () -> VesselSize.parse(text));
        Rational ml = size.ml();
        if (ml != null && (ml.compareTo(LEAST_ML) < 0 || ml.compareTo(MOST_ML) > 0)) {
            throw Problem.at("/capacity", "“" + typed + "” is no size; write from 50 ml to 200 l, like 5 l.");
        }
        Equipment piece = new Equipment(UUID.randomUUID(), name, kind, text, 1, 0);
        if (ml == null && vessels.measured(piece).isEmpty()) {
            throw Problem.at("/capacity", "“" + typed + "” does not say what it holds; write litres, like 5 l.");
        }
        return text;
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

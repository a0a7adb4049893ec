package wexilla.app.household;

import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Equipped.Kind;
import wexilla.core.food.Diet;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Country;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.kitchen.house.Place;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;

/** Who is cooking here, for whom, where and with what. */
@RestController
class HouseholdController {

    private final Households households;
    private final People people;
    private final Equipped equipped;
    private final Clock clock;

    HouseholdController(Households households, People people, Equipped equipped, Clock clock) {
        this.households = households;
        this.people = people;
        this.equipped = equipped;
        this.clock = clock;
    }

    /** @param litres what fits in, once "it's full" was said */
    record PlaceName(
            String id, String name, Storage kind, @Nullable String litres, int version) {}

    record PersonView(
            String id,
            String name,
            Appetite appetite,
            String portions,
            List<Allergen> allergens,
            List<Flag> flags,
            List<String> dislikes,
            int chilli,
            List<Diet> diets,
            boolean active,
            int version) {}

    /** @param capacity as people say it: "5 l" */
    record EquipmentView(
            String id, String name, Kind kind, @Nullable String capacity, int count, int version) {}

    /**
     * @param version of the settings
     * @param today ISO day in the household's zone
     * @param cup {@code us} or {@code metric}, as the preview calls take it; so is {@code tbsp}, in ml
     * @param flat decimal money, the flat sum for seasoning and oil
     * @param ownGoods what own and given goods count as
     * @param riceKept whether cooked rice keeps 3–4 days here, not one
     * @param country whose rules hold; absent until somebody said
     * @param allergens what packs must name there, in the order of its list
     * @param plates adult portions a full table eats, as a decimal
     */
    record HouseholdView(
            int version,
            String name,
            String today,
            String zone,
            String currency,
            KitchenMeasure.System measures,
            String cup,
            String tbsp,
            Seasoning seasoning,
            String flat,
            boolean riceKept,
            OwnGoods ownGoods,
            @Nullable Country country,
            List<Allergen> allergens,
            String plates,
            List<PersonView> people,
            List<PlaceName> places,
            List<EquipmentView> equipment) {}

    @GetMapping("/api/household")
    HouseholdView household(Household household) {
        List<Person> all = people.all(household);
        return new HouseholdView(
                household.version(),
                household.name(),
                household.dayOf(clock.instant()).toString(),
                household.zone().getId(),
                household.currency().getCurrencyCode(),
                household.system(),
                household.measures().cupMl().equals(Measures.METRIC.cupMl()) ? "metric" : "us",
                household.measures().tbspMl().plain(),
                household.seasoning(),
                household.flat().decimal(),
                household.riceKept(),
                household.ownGoods(),
                household.country(),
                Allergen.namedIn(household.country()),
                Appetite.sum(all.stream()
                                .filter(Person::active)
                                .map(Person::appetite)
                                .toList())
                        .plain(),
                all.stream().map(HouseholdController::view).toList(),
                households.places(household).stream()
                        .map(HouseholdController::view)
                        .toList(),
                equipped.all(household).stream().map(HouseholdController::view).toList());
    }

    private static PersonView view(Person person) {
        return new PersonView(
                person.id().toString(),
                person.name(),
                person.appetite(),
                person.appetite().portions().plain(),
                person.allergens(),
                person.flags(),
                person.dislikes(),
                person.chilli(),
                person.diets(),
                person.active(),
                person.version());
    }

    private static PlaceName view(Place place) {
        String litres = place.litres() == null
                ? null
                : place.litres().stripTrailingZeros().toPlainString();
        return new PlaceName(place.id().toString(), place.name(), place.kind(), litres, place.version());
    }

    private static EquipmentView view(Equipped.Equipment equipment) {
        return new EquipmentView(
                equipment.id().toString(),
                equipment.name(),
                equipment.kind(),
                equipment.size(),
                equipment.count(),
                equipment.version());
    }
}

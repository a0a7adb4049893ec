package wexilla.app.household;

import java.time.Clock;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.core.keeping.Storage;

/** Who is cooking here. */
@RestController
class HouseholdController {

    private final Households households;
    private final Clock clock;

    HouseholdController(Households households, Clock clock) {
        this.households = households;
        this.clock = clock;
    }

    record PlaceName(String id, String name, Storage kind) {}

    /** @param today ISO day in the household's zone */
    record HouseholdView(String name, String today, String zone, String currency, List<PlaceName> places) {}

    @GetMapping("/api/household")
    HouseholdView household(Household household) {
        return new HouseholdView(
                household.name(),
                household.dayOf(clock.instant()).toString(),
                household.zone().getId(),
                household.currency().getCurrencyCode(),
                households.places(household).stream()
                        .map(place -> new PlaceName(place.id().toString(), place.name(), place.kind()))
                        .toList());
    }
}

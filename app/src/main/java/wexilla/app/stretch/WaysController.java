package wexilla.app.stretch;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Foods;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshots;
import wexilla.app.stretch.WayViews.WaysAsked;
import wexilla.app.stretch.WayViews.WaysView;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Rational;

/** Ways to use a big buy for the people of this household and the room in its freezers; stores nothing. */
@RestController
class WaysController {

    private final Foods foods;
    private final People people;
    private final Snapshots snapshots;
    private final Reference reference;

    WaysController(Foods foods, People people, Snapshots snapshots, Reference reference) {
        this.foods = foods;
        this.people = people;
        this.snapshots = snapshots;
        this.reference = reference;
    }

    /** The people who eat here and the room there is, where neither is said. */
    @PostMapping("/api/stretch/ways")
    WaysView ways(Household household, @RequestBody WaysAsked asked) {
        List<Appetite> here =
                people.active(household).stream().map(Person::appetite).toList();
        Rational eaters =
                asked.people() != null || here.isEmpty() ? WayViews.eaters(asked.people()) : Appetite.sum(here);
        String said = asked.freezerLitres();
        Rational room =
                said == null || said.isBlank() ? snapshots.kitchen(household).roomOrUsual() : WayViews.freezer(said);
        return WayViews.of(asked, eaters, room, foods.known(household).book(), reference, household.currency());
    }
}

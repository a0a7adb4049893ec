package wexilla.app.cook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.facts.Known;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.Eater;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.recipe.Instead;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.stations.cook.GoesIn;

/** "Not there: use other": what in stock can go in for a line. */
@RestController
class InsteadController {

    private final Recipes recipes;
    private final Snapshots snapshots;
    private final Sizes sizes;
    private final Reference reference;
    private final People people;

    InsteadController(Recipes recipes, Snapshots snapshots, Sizes sizes, Reference reference, People people) {
        this.recipes = recipes;
        this.snapshots = snapshots;
        this.sizes = sizes;
        this.reference = reference;
        this.people = people;
    }

    /** @param factor of the recipe as written, {@code pos} of the line */
    record InsteadAsked(
            UUID recipe,
            Style style,
            @Nullable String factor,
            @Nullable Integer vessels,
            int pos) {}

    /**
     * @param uses as they are typed: "200 ml cream"
     * @param allergens that come into the dish with them and were not in the line
     * @param against who must not eat it, or for whom a pack must be looked at, in words; what has none comes first
     */
    record InsteadView(List<String> uses, String why, List<String> allergens, List<String> against) {}

    /** The nearest first; empty where nothing that is there can do it. Stores nothing. */
    @PostMapping("/api/cook/instead")
    List<InsteadView> proposals(Household household, @RequestBody InsteadAsked asked) {
        Snapshot now = snapshots.of(household);
        Written stored = recipes.current(now, asked.recipe());
        Sized sized = sizes.pots(household).sized(stored.recipe(), Cookings.factor(asked.factor()), asked.vessels());
        GoesIn line = GoesIn.of(household, sized, asked.style(), Map.of()).stream()
                .filter(one -> one.pos() == asked.pos())
                .findFirst()
                .orElseThrow(() -> Problem.at("/pos", "Line " + asked.pos() + " does not go in at this stop."));
        Food missing = line.wanted().food();
        Amount amount = line.wanted().amount();
        if (missing == null || amount == null) {
            return List.of();
        }
        List<Eater> eaters = people.active(household).stream()
                .map(person -> person.eater(household, now.book()))
                .toList();
        return Instead.of(missing, amount, reference.instead(), there(now), household.measures()).stream()
                .map(one -> view(one, missing, household, eaters))
                .sorted(Comparator.comparing(one -> !one.against().isEmpty()))
                .toList();
    }

    private List<Instead.There> there(Snapshot now) {
        Map<Key, Instead.There> there = new LinkedHashMap<>();
        reference
                .book()
                .named("water")
                .ifPresent(water -> there.put(water.key(), new Instead.There(water, Amount.of(0, water.base()))));
        for (Lot lot : now.open()) {
            Food food = lot.food() == null ? null : now.book().get(now.key(lot)).orElse(null);
            if (food != null
                    && lot.amount().unit().equals(food.base())
                    && !lot.open().pastLimit(now.today())) {
                there.merge(
                        food.key(),
                        new Instead.There(food, lot.amount()),
                        (a, b) -> new Instead.There(food, a.amount().plus(b.amount())));
            }
        }
        return new ArrayList<>(there.values());
    }

    private static InsteadView view(Instead one, Food missing, Household household, List<Eater> eaters) {
        TreeSet<String> allergens = new TreeSet<>();
        List<String> uses = new ArrayList<>();
        for (Instead.Use use : one.uses()) {
            use.food().traits().contents().allergens(household.country()).stream()
                    .filter(allergen -> missing.traits().contents().of(allergen, household.country()) != Known.HAS)
                    .forEach(allergen -> allergens.add(allergen.words()));
            uses.add(KitchenMeasure.of(use.amount(), household.system(), household.measures())
                            .text() + " " + use.food().name());
        }
        List<Food> foods = one.uses().stream().map(Instead.Use::food).toList();
        return new InsteadView(uses, one.why(), List.copyOf(allergens), Eater.against(eaters, foods));
    }
}

package wexilla.app.demo;

import java.io.InputStream;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.Cooking;
import wexilla.app.demo.Script.CookScript;
import wexilla.app.demo.Script.NoteScript;
import wexilla.app.household.Equipped;
import wexilla.app.household.Equipped.Equipment;
import wexilla.app.household.Foods;
import wexilla.app.household.Household;
import wexilla.app.household.Households;
import wexilla.app.household.Households.Place;
import wexilla.app.household.People;
import wexilla.app.household.People.Person;
import wexilla.app.onhand.Notes;
import wexilla.app.pack.PackViews.PackInput;
import wexilla.app.pack.Packing;
import wexilla.app.platform.Acts;
import wexilla.app.recipes.Draft;
import wexilla.app.recipes.RecipeInput;
import wexilla.app.recipes.Recipes;
import wexilla.core.keeping.Storage;
import wexilla.core.recipe.Recipe;

/**
 * Sets up the first household of an empty database: the demo one, or one with nothing but its places. The demo is made
 * by the same acts a cook would make, in one transaction, so that it is there whole or not at all.
 */
@Component
public class FirstHousehold implements ApplicationRunner {

    private final Households households;
    private final People people;
    private final Equipped equipped;
    private final Notes notes;
    private final Recipes recipes;
    private final Foods foods;
    private final Cooking cooking;
    private final Packing packing;
    private final Acts acts;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Clock clock;
    private final String first;

    FirstHousehold(
            Households households,
            People people,
            Equipped equipped,
            Notes notes,
            Recipes recipes,
            Foods foods,
            Cooking cooking,
            Packing packing,
            Acts acts,
            TransactionTemplate transaction,
            JsonMapper json,
            Clock clock,
            @Value("${wexilla.first-household:none}") String first) {
        this.households = households;
        this.people = people;
        this.equipped = equipped;
        this.notes = notes;
        this.recipes = recipes;
        this.foods = foods;
        this.cooking = cooking;
        this.packing = packing;
        this.acts = acts;
        this.transaction = transaction;
        this.json = json;
        this.clock = clock;
        this.first = first;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (first.equals("none") || households.find(Optional.empty()).isPresent()) {
            return;
        }
        transaction.executeWithoutResult(status -> {
            if (first.equals("demo")) {
                demo(UUID.randomUUID());
            } else {
                empty(UUID.randomUUID());
            }
        });
    }

    /** A household with a cupboard, a counter, a fridge and a freezer of three drawers. */
    public Household empty(UUID id) {
        return households.create(
                id,
                "Our kitchen",
                ZoneId.systemDefault(),
                List.of(
                        place("Cupboard", Storage.CUPBOARD),
                        place("Kitchen counter", Storage.COUNTER),
                        place("Fridge", Storage.FRIDGE),
                        place("Freezer, top drawer", Storage.FREEZER),
                        place("Freezer, middle drawer", Storage.FREEZER),
                        place("Freezer, bottom drawer", Storage.FREEZER)));
    }

    private static Place place(String name, Storage kind) {
        return new Place(UUID.randomUUID(), name, kind);
    }

    /** The household of six above the harbour, as of today. */
    public Household demo(UUID id) {
        InputStream stream = Objects.requireNonNull(FirstHousehold.class.getResourceAsStream("/demo/harbour.json"));
        Script script = json.readValue(stream, Script.class);
        List<Place> places =
                script.places().stream().map(p -> place(p.name(), p.kind())).toList();
        Household household = households.create(id, script.name(), ZoneId.of(script.zone()), places);
        Instant start = household
                .dayOf(clock.instant())
                .minusDays(60)
                .atStartOfDay(household.zone())
                .toInstant();
        acts.say(household, key(), "person", script.people(), act -> {
            script.people()
                    .forEach(p -> people.save(
                            act,
                            new Person(
                                    UUID.randomUUID(),
                                    p.name(),
                                    p.appetite(),
                                    p.allergens(),
                                    p.flags(),
                                    p.dislikes(),
                                    p.chilli(),
                                    true,
                                    0)));
            script.equipment()
                    .forEach(e -> equipped.save(
                            act, new Equipment(UUID.randomUUID(), e.name(), e.kind(), e.capacityMl(), e.count(), 0)));
            return "Household: who eats, and what there is to cook with";
        });
        Map<String, UUID> book = new HashMap<>();
        script.recipes().forEach(recipe -> book.put(recipe.title(), recipe(household, recipe, start)));
        script.events().forEach(event -> {
            Instant when = when(household, event.daysAgo(), event.at());
            if (event.note() != null) {
                note(household, event.note(), when);
            }
            if (event.cook() != null) {
                cook(
                        household,
                        event.cook(),
                        Objects.requireNonNull(book.get(event.cook().recipe())),
                        when);
            }
        });
        return household;
    }

    private Instant when(Household household, int daysAgo, String at) {
        LocalDate day = household.dayOf(clock.instant()).minusDays(daysAgo);
        Instant planned =
                day.atTime(LocalTime.parse(at)).atZone(household.zone()).toInstant();
        return planned.isAfter(clock.instant()) ? clock.instant() : planned;
    }

    private static String key() {
        return UUID.randomUUID().toString();
    }

    private UUID recipe(Household household, RecipeInput input, Instant when) {
        return acts.perform(household, key(), "recipe", input, UUID.class, when, act -> {
            Recipe recipe = Draft.read(input, foods.book(household)).finished(input);
            return new Acts.Done<>("Recipe: " + recipe.title(), recipes.add(act, recipe, "", input.note()));
        });
    }

    private void note(Household household, NoteScript note, Instant when) {
        acts.perform(household, key(), "note", note, List.class, when, act -> {
            Acts.Done<List<UUID>> done = notes.store(
                    act,
                    String.join("\n", note.lines()),
                    place(household, note.place()),
                    note.bought() ? new Notes.Paid(null) : null);
            return new Acts.Done<>(done.subject(), done.answer());
        });
    }

    private void cook(Household household, CookScript cook, UUID recipe, Instant when) {
        int n = recipes.current(household, recipe).n();
        CookInput input = new CookInput(recipe, n, cook.style(), cook.portions(), List.of());
        Cooked cooked =
                acts.perform(household, key(), "cook", input, Cooked.class, when, act -> cooking.cook(act, input));
        if (cook.packets().isEmpty()) {
            return;
        }
        PackInput packets = new PackInput(
                UUID.fromString(cooked.lot()),
                cook.packets(),
                Objects.requireNonNull(place(household, cook.place())),
                households.containers(household).stream()
                        .filter(c -> c.name().equals(cook.container()))
                        .map(Households.Container::id)
                        .findFirst()
                        .orElse(null));
        Instant later = when.plusSeconds(5400);
        acts.perform(household, key(), "pack", packets, List.class, later, act -> {
            Acts.Done<List<UUID>> done = packing.pack(act, packets);
            return new Acts.Done<>(done.subject(), done.answer());
        });
    }

    private @Nullable UUID place(Household household, @Nullable String name) {
        return name == null
                ? null
                : households.places(household).stream()
                        .filter(p -> p.name().equals(name))
                        .findFirst()
                        .orElseThrow()
                        .id();
    }
}

package wexilla.app.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.Cooking;
import wexilla.app.demo.Script.CookScript;
import wexilla.app.demo.Script.Event;
import wexilla.app.demo.Script.HandScript;
import wexilla.app.demo.Script.NoteScript;
import wexilla.app.household.Equipped;
import wexilla.app.household.Equipped.Equipment;
import wexilla.app.household.Households;
import wexilla.app.household.People;
import wexilla.app.household.People.Person;
import wexilla.app.onhand.Handling;
import wexilla.app.onhand.Ledger.Kind;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Notes;
import wexilla.app.onhand.Snapshots;
import wexilla.app.pack.PackViews.PackInput;
import wexilla.app.pack.Packing;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Household;
import wexilla.app.recipes.Dishes;
import wexilla.app.recipes.Draft;
import wexilla.app.recipes.RecipeInput;
import wexilla.app.recipes.Recipes;
import wexilla.core.money.Money;
import wexilla.core.recipe.Recipe;

/** Plays the demo household's story with the same acts a cook would make, each at its time. */
@Component
class Story {

    private final Households households;
    private final People people;
    private final Equipped equipped;
    private final Notes notes;
    private final Lots lots;
    private final Handling handling;
    private final Recipes recipes;
    private final Dishes dishes;
    private final Cooking cooking;
    private final Packing packing;
    private final Ahead ahead;
    private final Acts acts;
    private final Snapshots snapshots;
    private final Clock clock;

    Story(
            Households households,
            People people,
            Equipped equipped,
            Notes notes,
            Lots lots,
            Handling handling,
            Recipes recipes,
            Dishes dishes,
            Cooking cooking,
            Packing packing,
            Ahead ahead,
            Acts acts,
            Snapshots snapshots,
            Clock clock) {
        this.households = households;
        this.people = people;
        this.equipped = equipped;
        this.notes = notes;
        this.lots = lots;
        this.handling = handling;
        this.recipes = recipes;
        this.dishes = dishes;
        this.cooking = cooking;
        this.packing = packing;
        this.ahead = ahead;
        this.acts = acts;
        this.snapshots = snapshots;
        this.clock = clock;
    }

    /** Who lives there, then what happened, oldest first. */
    void play(Household household, Script script) {
        Instant start = household
                .dayOf(clock.instant())
                .minusDays(60)
                .atStartOfDay(household.zone())
                .toInstant();
        settle(household, script, start);
        Map<String, UUID> book = new HashMap<>();
        script.recipes().forEach(recipe -> book.put(recipe.title(), recipe(household, recipe, start)));
        script.events().forEach(event -> happen(household, event, book));
    }

    private void happen(Household household, Event event, Map<String, UUID> book) {
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
        if (event.plan() != null) {
            event.plan().forEach(evening -> ahead.plan(household, evening, when));
        }
        if (event.batches() != null) {
            event.batches()
                    .forEach(batch ->
                            ahead.batch(household, batch, Objects.requireNonNull(book.get(batch.recipe())), when));
        }
        if (event.prices() != null) {
            ahead.prices(household, event.prices(), when);
        }
        if (event.weighed() != null) {
            ahead.weighed(household, event.weighed(), when);
        }
        if (event.meal() != null) {
            ahead.meal(household, event.meal(), when);
        }
        if (event.hand() != null) {
            hand(household, event.hand(), when);
        }
        if (event.stretch() != null) {
            ahead.stretch(household, event.stretch(), when);
        }
    }

    private void settle(Household household, Script script, Instant when) {
        acts.perform(household, key(), "person", script.people(), String.class, when, act -> {
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
                            act, new Equipment(UUID.randomUUID(), e.name(), e.kind(), e.size(), e.count(), 0)));
            return new Acts.Done<>("Household: who eats, and what there is to cook with", "");
        });
    }

    private void hand(Household household, HandScript script, Instant when) {
        acts.perform(household, key(), "hand", script, String.class, when, act -> {
            UUID lot = lots.open(household).stream()
                    .filter(l -> l.name().equals(script.lot()))
                    .max(Comparator.comparing(l -> l.amount().value()))
                    .orElseThrow(() -> new IllegalStateException("the story has no " + script.lot() + " left"))
                    .id();
            String subject = switch (script.hand()) {
                case "move" ->
                    handling.move(act, lot, script.amount(), Objects.requireNonNull(place(household, script.place())));
                case "waste" -> handling.use(act, lot, script.amount(), Kind.WASTED, script.reason());
                case "eat" -> handling.use(act, lot, script.amount(), Kind.EATEN, "");
                default -> handling.use(act, lot, script.amount(), Kind.USED, "");
            };
            return new Acts.Done<>(subject, "");
        });
    }

    private Instant when(Household household, int daysAgo, String at) {
        LocalDate day = household.dayOf(clock.instant()).minusDays(daysAgo);
        Instant planned =
                day.atTime(LocalTime.parse(at)).atZone(household.zone()).toInstant();
        return planned.isAfter(clock.instant()) ? clock.instant() : planned;
    }

    static String key() {
        return UUID.randomUUID().toString();
    }

    private UUID recipe(Household household, RecipeInput input, Instant when) {
        return acts.perform(household, key(), "recipe", input, UUID.class, when, act -> {
            Recipe recipe = Draft.read(input, dishes.shelf(snapshots.of(household), null))
                    .finished(input);
            return new Acts.Done<>("Recipe: " + recipe.title(), recipes.add(act, recipe, input.about()));
        });
    }

    private void note(Household household, NoteScript note, Instant when) {
        acts.perform(household, key(), "note", note, List.class, when, act -> {
            Acts.Done<List<UUID>> done = notes.store(
                    act,
                    String.join("\n", note.lines()),
                    place(household, note.place()),
                    note.bought() ? new Notes.Paid(Money.zero(household.currency()), till(household, note)) : null);
            return new Acts.Done<>(done.subject(), done.answer());
        });
    }

    private static @Nullable Money till(Household household, NoteScript note) {
        return note.till() == null ? null : Money.parse(note.till(), household.currency());
    }

    private void cook(Household household, CookScript cook, UUID recipe, Instant when) {
        int n = recipes.current(household, recipe).n();
        CookInput input = CookInput.simply(recipe, n, cook.style(), null, cook.portions());
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
                        .orElse(null),
                null);
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

package wexilla.app.year;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.household.Reference;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.facts.Allergen;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Habit;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Home;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.kitchen.house.Person;
import wexilla.core.kitchen.house.Place;
import wexilla.core.kitchen.house.Pots;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.lines.LineReader;

/**
 * A household made up in memory: the foods that ship, the recipes of the demo, people, places, and prices drawn by a
 * seed.
 */
final class MadeHouse {

    static final Currency EUR = Currency.getInstance("EUR");

    /** Who lives there. */
    enum Kind {
        FAMILY,
        COUPLE,
        SHARED
    }

    private static final Reference REFERENCE = new Reference();
    /** The row of each food. */
    static final Map<Key, UUID> ROWS =
            REFERENCE.foods().stream().collect(Collectors.toUnmodifiableMap(Food::key, food -> row(food.key())));

    private static final List<Written> BOOK = book();
    private static final KnownFoods FOODS = new KnownFoods(
            REFERENCE.book(),
            ROWS.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey)),
            REFERENCE.forms());

    final Household household;
    final List<Person> people;
    private final Map<Key, List<Offer>> prices = new HashMap<>();
    private final List<Place> places;
    private final Random random;
    private long ids;

    MadeHouse(long seed, Kind kind, LocalDate start) {
        random = new Random(seed);
        household = new Household(
                id(),
                "made",
                ZoneId.of("Europe/Dublin"),
                EUR,
                KitchenMeasure.System.METRIC,
                Measures.METRIC,
                Seasoning.FLAT,
                Money.of(15, EUR),
                false,
                OwnGoods.values()[0],
                null,
                1);
        people = people(kind);
        places = List.of(
                new Place(id(), "fridge", Storage.FRIDGE),
                new Place(id(), "freezer", Storage.FREEZER, BigDecimal.valueOf(60 + random.nextInt(160)), 1),
                new Place(id(), "cupboard", Storage.CUPBOARD),
                new Place(id(), "counter", Storage.COUNTER));
        for (Food food : REFERENCE.foods()) {
            prices.put(food.key(), offers(food, start));
        }
    }

    static List<Written> recipes() {
        return BOOK;
    }

    private static UUID row(Key food) {
        return UUID.nameUUIDFromBytes(food.id().getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }

    /** The next id. */
    UUID id() {
        return new UUID(7, ++ids);
    }

    Map<Key, List<Offer>> prices() {
        return prices;
    }

    /** Nothing is there yet. */
    Kitchen kitchen(LocalDate day) {
        Home home = new Home(people, new Pots(List.of(), Map.of(), Measures.METRIC), List.of());
        Map<UUID, Written> recipes = BOOK.stream().collect(Collectors.toMap(Written::id, one -> one));
        return Kitchen.stock(household, day.atTime(9, 0), REFERENCE.keeping(household), FOODS, List.of(), places)
                .with(prices)
                .with(home, new Planned(List.of(), Map.of(), recipes, Map.of(), List.of()));
    }

    /** Every day has a dinner for everybody. */
    Habits habits() {
        List<UUID> all = people.stream().map(Person::id).toList();
        List<Habit> usual = Stream.of(MealOfDay.values())
                .map(meal -> new Habit(null, meal, null, LocalTime.of(18, 30), null, 45, Meal.Kind.COOK, "", all))
                .toList();
        return new Habits(List.of(), usual);
    }

    private List<Person> people(Kind kind) {
        List<Appetite> eat = switch (kind) {
            case FAMILY ->
                List.of(
                        Appetite.ADULT,
                        Appetite.ADULT,
                        Appetite.TEENAGER,
                        Appetite.CHILD_9_TO_13,
                        Appetite.CHILD_4_TO_8);
            case COUPLE -> List.of(Appetite.ADULT, Appetite.ADULT);
            case SHARED -> List.of(Appetite.ADULT, Appetite.ADULT, Appetite.ADULT, Appetite.ADULT);
        };
        List<Person> here = new ArrayList<>();
        for (Appetite appetite : eat) {
            boolean nuts = kind == Kind.SHARED && here.isEmpty();
            List<Allergen> allergens = nuts ? List.of(Allergen.PEANUTS) : List.of();
            here.add(new Person(
                    id(), "eater " + here.size(), appetite, allergens, List.of(), List.of(), 3, List.of(), true, 1));
        }
        return here;
    }

    /** Two sizes of pack, the larger one cheaper for its size; own made-up prices, of this test only. */
    private List<Offer> offers(Food food, LocalDate day) {
        Amount little = Amount.of(1, food.base());
        Amount pack = Measures.METRIC.toBase(REFERENCE
                .shopPacks()
                .buy(food, little, Measures.METRIC, KitchenMeasure.System.METRIC)
                .pack());
        if (!pack.unit().equals(food.base())) {
            pack = Amount.of(food.base().equals(Unit.PIECE) ? 1 : 500, food.base());
        }
        boolean pieces = food.base().equals(Unit.PIECE);
        boolean protein = !food.traits().protein().isEmpty();
        double each = pieces
                ? 12 + random.nextInt(45)
                : (protein ? 500 + random.nextInt(900) : 120 + random.nextInt(500)) / 1000.0;
        double amount = pack.value().toDecimal(6).doubleValue();
        long price = Math.max(5, Math.round(each * amount));
        Offer small = new Offer(food.key(), Money.of(price, EUR), pack, day);
        Offer large = new Offer(
                food.key(),
                Money.of(Math.max(8, Math.round(2 * price * (0.8 + 0.2 * random.nextDouble()))), EUR),
                pack.times(Rational.of(2)),
                day);
        return List.of(small, large);
    }

    private static List<Written> book() {
        LineReader reader = new LineReader(REFERENCE.book());
        List<Written> book = new ArrayList<>();
        try (InputStream file = MadeHouse.class.getResourceAsStream("/demo/harbour.json")) {
            for (JsonNode one : new JsonMapper().readTree(file).path("recipes")) {
                List<RecipeLine> lines = new ArrayList<>();
                for (JsonNode line : one.path("lines")) {
                    lines.add(RecipeLine.of(reader.read(line.path("text").asString())));
                }
                List<RecipeStep> steps = new ArrayList<>();
                for (JsonNode step : one.path("steps")) {
                    steps.add(new RecipeStep(step.path("text").asString(), null, null));
                }
                Recipe recipe = new Recipe(
                        one.path("title").asString(), one.path("portions").asInt(), lines, steps);
                book.add(new Written(new UUID(8, book.size()), 1, 1, Written.About.NOTHING, recipe));
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return List.copyOf(book);
    }
}

package wexilla.app.year;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Allergen;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Home;
import wexilla.core.kitchen.house.Person;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;

/** A made household in which this and that is there, somebody dislikes something, and somebody must not eat something. */
record FilledHouse(MadeHouse house, Random random) {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final List<String> FOODS =
            List.of("peas", "tomatoes", "onions", "egg", "rice", "mushrooms", "lentils", "carrots", "cheddar");

    Kitchen kitchen() {
        Kitchen empty = house.kitchen(DAY);
        List<Person> people = empty.home().people().stream().map(this::own).toList();
        Kitchen kitchen =
                empty.with(new Home(people, empty.home().pots(), empty.home().gear()), empty.planned());
        List<Change> there = new ArrayList<>();
        List<Food> foods = new ArrayList<>(house.prices().keySet().stream()
                .map(key -> kitchen.foods().book().get(key).orElseThrow())
                .sorted((one, other) -> one.name().compareTo(other.name()))
                .toList());
        for (int i = 0; i < 40; i++) {
            there.add(bought(kitchen, foods.get(random.nextInt(foods.size()))));
        }
        for (int i = 0; i < 4; i++) {
            cooked(kitchen, there);
        }
        return kitchen.after(there);
    }

    private Person own(Person person) {
        List<String> dislikes = random.nextInt(2) == 0 ? List.of() : List.of(FOODS.get(random.nextInt(FOODS.size())));
        List<Allergen> allergens = random.nextInt(8) == 0
                ? List.of(Allergen.values()[random.nextInt(Allergen.values().length)])
                : person.allergens();
        return new Person(
                person.id(),
                person.name(),
                person.appetite(),
                allergens,
                person.flags(),
                dislikes,
                random.nextInt(4),
                random.nextInt(8) == 0 ? List.of(Diet.values()[random.nextInt(Diet.values().length)]) : List.of(),
                true,
                1);
    }

    private Change bought(Kitchen kitchen, Food food) {
        LocalDate on = DAY.minusDays(random.nextInt(5));
        Amount pack = house.prices().get(food.key()).get(0).pack();
        Place usual = kitchen.usual(kitchen.guide().likelyStorage(food.keepingClass(), on, on));
        boolean freeze = kitchen.guide().freezes(food.keepingClass()) && random.nextInt(3) == 0;
        Place place = freeze ? kitchen.usual(Storage.FREEZER) : usual;
        LotClock start = LotClock.start(food.keepingClass(), on);
        LotClock clock = freeze ? start.frozen(on) : start;
        KeepDates dates = kitchen.dates(clock, place.kind());
        return new Change.Made(
                NewLot.counted(
                        house.id(),
                        MadeHouse.ROWS.get(food.key()),
                        null,
                        pack,
                        Cost.of(Money.of(100 + random.nextInt(400), MadeHouse.EUR)),
                        "",
                        place.id(),
                        freeze ? Lot.State.FROZEN : Lot.State.RAW,
                        clock,
                        dates),
                List.of(),
                Change.Kind.BOUGHT,
                "");
    }

    private void cooked(Kitchen kitchen, List<Change> there) {
        Written written =
                MadeHouse.recipes().get(random.nextInt(MadeHouse.recipes().size()));
        UUID batch = house.id();
        LocalDate on = DAY.minusDays(random.nextInt(3));
        Rational portions = Rational.of(2 + random.nextInt(5));
        there.add(new Change.BatchSet(NewBatch.named(
                batch, written.recipe().title(), Style.COOKED, portions, on, Money.zero(MadeHouse.EUR))));
        boolean freeze = random.nextBoolean();
        Place place = kitchen.usual(freeze ? Storage.FREEZER : Storage.FRIDGE);
        LotClock start = LotClock.start("cooked-dish", on);
        LotClock clock = freeze ? start.frozen(on) : start;
        there.add(new Change.Made(
                NewLot.counted(
                        house.id(),
                        null,
                        batch,
                        Amount.of(portions, Unit.PORTION),
                        Cost.of(Money.of(300, MadeHouse.EUR)),
                        "",
                        place.id(),
                        freeze ? Lot.State.FROZEN : Lot.State.COOKED,
                        clock,
                        kitchen.dates(clock, place.kind())),
                List.of(),
                Change.Kind.MADE,
                ""));
    }
}

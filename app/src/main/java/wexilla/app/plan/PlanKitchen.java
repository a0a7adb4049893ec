package wexilla.app.plan;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.day.DayBefore;
import wexilla.app.household.Households;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.platform.Act;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.app.stretch.PlannedBuys;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.DayTasks;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.house.Home;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.plan.Countdown;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.Repeats;
import wexilla.core.plan.TakeOut;
import wexilla.core.plan.ahead.BigBuy;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.plan.Seeing;
import wexilla.core.stations.propose.Pick;

/** Reads what a plan looks at, and asks the core. */
@Component
public class PlanKitchen implements DayBefore {

    /** How far ahead cook days are looked at. */
    private static final int AHEAD = 60;

    private final JdbcClient db;
    private final Meals meals;
    private final People people;
    private final Recipes recipes;
    private final Sizes sizes;
    private final Batches batches;
    private final PlannedBuys bigBuys;
    private final Households households;
    private final Reference reference;

    PlanKitchen(
            JdbcClient db,
            Meals meals,
            People people,
            Recipes recipes,
            Sizes sizes,
            Batches batches,
            PlannedBuys bigBuys,
            Households households,
            Reference reference) {
        this.reference = reference;
        this.db = db;
        this.meals = meals;
        this.people = people;
        this.recipes = recipes;
        this.sizes = sizes;
        this.batches = batches;
        this.bigBuys = bigBuys;
        this.households = households;
    }

    /** Checks the meals from today on, so that an earlier one has the stock first. */
    public Looked look(Snapshot now, LocalDate to) {
        return look(now, to, meals.between(now.household(), since(now), to));
    }

    /** What it looks at when meals until this day change places. */
    Kitchen moving(Snapshot now, LocalDate to) {
        List<Meal> all = meals.between(now.household(), since(now), to);
        Set<UUID> named = Planned.ids(all, DishKind.RECIPE);
        // what is moved to today may be cooked already
        Map<UUID, UUID> done = named.isEmpty() ? Map.of() : batches.cookedOn(now.household(), named, now.today());
        Kitchen kitchen = kitchen(now, all, now.today().plusDays(AHEAD), Set.copyOf(done.values()));
        Planned plan = kitchen.planned();
        return kitchen.with(new Planned(all, plan.batches(), plan.recipes(), done, plan.buys()))
                .with(households.places(now.household()));
    }

    /** What it looks at when meals of these days are decided. @param named recipes it names */
    Kitchen deciding(Snapshot now, Collection<LocalDate> days, Set<UUID> named) {
        List<Meal> all = meals.between(now.household(), Collections.min(days), Collections.max(days));
        return now.kitchen().with(new Planned(all, Map.of(), recipes.currents(now, named), Map.of(), List.of()));
    }

    /**
     * What is called so: recipes of the book, and dishes that are there or planned.
     *
     * @param day until when they are planned; {@code named} and {@code there} what is found is added to
     */
    void called(Act act, List<String> titles, LocalDate day, Set<UUID> named, Set<UUID> there) {
        UUID household = act.household().id();
        db.sql("""
                        with asked as (select distinct lower(trim(t)) as title from unnest(?) as t)
                        select 'RECIPE' as kind, r.id from recipe r
                        join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                            and v.n = r.current_version
                        where r.household_id = ? and lower(v.title) in (select title from asked)
                        union all
                        select 'BATCH', b.id from batch b
                        where b.household_id = ? and lower(b.name) in (select title from asked)
                        and (b.state = 'PLANNED' and b.cook_on between ? and ?
                            or b.state = 'DONE' and exists (select 1 from lot l where l.household_id = b.household_id
                                and l.batch = b.id and l.amount > 0 and l.unit = 'portion'))""")
                .params(titles.toArray(String[]::new), household, household, act.day(), day)
                .query(row -> {
                    UUID id = row.getObject("id", UUID.class);
                    (row.getString("kind").equals("RECIPE") ? named : there).add(id);
                });
    }

    /** Batches of a recipe that are planned for a day. */
    List<UUID> planned(Household household, UUID recipe, LocalDate day) {
        return db.sql("""
                        select id from batch where household_id = ? and recipe = ? and cook_on = ? and state = 'PLANNED'
                        order by id""").params(household.id(), recipe, day).query(UUID.class).list();
    }

    /** The same of one day, with who eats here. @param there batches it names; those of its meals are read too */
    Kitchen decidingHere(Snapshot now, LocalDate day, Set<UUID> named, Set<UUID> there) {
        List<Meal> all = meals.between(now.household(), day, day);
        Set<UUID> also = Planned.ids(all, DishKind.BATCH);
        also.addAll(there);
        Planned plan = new Planned(all, bare(now, also), recipes.currents(now, named), Map.of(), List.of());
        // where no dish is called so, nothing of what is there is asked for
        Kitchen kitchen = there.isEmpty()
                ? Kitchen.stock(now.household(), now.now(), reference.keeping(now.household()), null, List.of(), null)
                : now.kitchen();
        return kitchen.with(Home.of(eaters(now)), plan);
    }

    /** Batches without what they are made of. */
    private Map<UUID, Batch> bare(Snapshot now, Set<UUID> ids) {
        return ids.isEmpty()
                ? Map.of()
                : batches.named(now, ids, now.today(), now.today().minusDays(1)).stream()
                        .collect(Collectors.toMap(Batch::id, batch -> batch));
    }

    private List<Person> eaters(Snapshot now) {
        return now.once(People.class, () -> people.all(now.household()));
    }

    private static LocalDate since(Snapshot now) {
        return now.today().minusDays(Repeats.DAYS);
    }

    private Looked look(Snapshot now, LocalDate to, List<Meal> all) {
        Kitchen kitchen = kitchen(now, all, now.today().plusDays(AHEAD));
        return Looked.of(Looked.freezes(all) ? kitchen.with(households.places(now.household())) : kitchen, to);
    }

    /** What a proposal looks at: what stands until its last day, what is there, its prices and the room it has. */
    public Kitchen proposing(Snapshot now, LocalDate to) {
        Set<UUID> there = now.open().stream()
                .flatMap(lot -> Stream.ofNullable(lot.batch()))
                .collect(Collectors.toSet());
        List<Meal> all = meals.between(now.household(), since(now), to);
        return kitchen(now, all, now.today().plusDays(AHEAD), there)
                .with(households.places(now.household()))
                .with(now.offers());
    }

    /** What it looks at when a meal is eaten: what it is made of, what is there, its prices and places. */
    public Kitchen eating(Snapshot now, Meal meal) {
        return eating(now, meal, null);
    }

    /** @param also a batch that is looked at too */
    public Kitchen eating(Snapshot now, Meal meal, @Nullable UUID also) {
        Set<UUID> named = Planned.ids(List.of(meal), DishKind.RECIPE);
        Map<UUID, UUID> done = named.isEmpty() ? Map.of() : batches.cookedOn(now.household(), named, meal.day());
        Kitchen kitchen = kitchen(now, List.of(meal), now.today().minusDays(1), batches(done, also));
        Planned plan = kitchen.planned();
        Set<UUID> wanted = new HashSet<>(named);
        plan.batches().values().stream()
                .filter(batch -> batch.state() == Batch.State.PLANNED)
                .flatMap(batch -> Stream.ofNullable(batch.recipeId()))
                .forEach(wanted::add);
        return kitchen.with(
                        new Planned(List.of(meal), plan.batches(), recipes.currents(now, wanted), done, plan.buys()))
                .with(households.places(now.household()))
                .with(now.offers());
    }

    private static Set<UUID> batches(Map<UUID, UUID> done, @Nullable UUID also) {
        Set<UUID> all = new HashSet<>(done.values());
        if (also != null) {
            all.add(also);
        }
        return all;
    }

    /** What it looks at when these meals of a proposal are taken: every meal ahead, what is picked. */
    public Kitchen taking(Snapshot now, List<Pick> picks) {
        return whole(
                now,
                picks.stream().flatMap(pick -> Stream.ofNullable(pick.recipe())).collect(Collectors.toSet()),
                picks.stream()
                        .flatMap(pick -> Stream.concat(
                                Stream.ofNullable(pick.batch()),
                                pick.helpings().stream().map(Pick.Helping::batch)))
                        .collect(Collectors.toSet()));
    }

    /** Every meal ahead with what it eats, so that what is cooked ahead can follow them. @param named also, {@code there} too */
    Kitchen whole(Snapshot now, Set<UUID> named, Set<UUID> there) {
        List<Meal> all = meals.between(now.household(), now.today(), now.today().plusDays(Planning.FURTHEST));
        Set<UUID> wanted = Planned.ids(all, DishKind.RECIPE);
        wanted.addAll(named);
        Kitchen kitchen = kitchen(now, all, now.today().minusDays(1), there, wanted);
        Planned plan = kitchen.planned();
        return kitchen.with(
                kitchen.home(),
                new Planned(all, plan.batches(), recipes.currents(now, wanted), plan.done(), plan.buys()));
    }

    /** The batches of a recipe that are planned, and the recipe as it is now. */
    Kitchen pots(Snapshot now, UUID recipe) {
        recipes.current(now, recipe);
        Set<UUID> planned = Set.copyOf(db.sql(
                        "select id from batch where household_id = ? and recipe = ? and state = 'PLANNED' and cook_on >= ?")
                .params(now.household().id(), recipe, now.today())
                .query(UUID.class)
                .list());
        return kitchen(now, List.of(), now.today().minusDays(1), planned, Set.of(recipe));
    }

    /** Meals as the core sees them, in the order asked. */
    public List<PlannedMeal> all(Snapshot now, List<Meal> some) {
        Seeing seeing = new Seeing(kitchen(now, some, now.today().minusDays(1)));
        return some.stream().map(seeing::of).toList();
    }

    /** What these meals look at. @param cookDays until when batches that are planned are read too */
    private Kitchen kitchen(Snapshot now, List<Meal> some, LocalDate cookDays) {
        return kitchen(now, some, cookDays, Set.of());
    }

    private Kitchen kitchen(Snapshot now, List<Meal> some, LocalDate cookDays, Set<UUID> also) {
        return kitchen(now, some, cookDays, also, Planned.ids(some, DishKind.RECIPE));
    }

    /** @param also batches that are looked at too, {@code dishes} recipes */
    private Kitchen kitchen(Snapshot now, List<Meal> some, LocalDate cookDays, Set<UUID> also, Set<UUID> dishes) {
        List<Meal> today =
                some.stream().filter(meal -> meal.day().equals(now.today())).toList();
        Set<UUID> tonight = Planned.ids(today, DishKind.RECIPE);
        Map<UUID, UUID> done = tonight.isEmpty() ? Map.of() : batches.cookedOn(now.household(), tonight, now.today());
        Set<UUID> cooked = Planned.ids(some, DishKind.BATCH);
        cooked.addAll(done.values());
        cooked.addAll(also);
        List<Batch> named = batches.named(now, cooked, now.today(), cookDays);
        recipes.read(now, dishes, Batches.versions(named));
        Map<UUID, Batch> byId = new LinkedHashMap<>();
        batches.withRecipes(now, named).forEach(batch -> byId.put(batch.id(), batch));
        List<BigBuy> buys = cookDays.isBefore(now.today()) ? List.of() : bigBuys.ahead(now);
        return now.kitchen()
                .with(
                        sizes.home(now.household(), eaters(now)),
                        new Planned(some, byId, recipes.currents(now, dishes), done, buys));
    }

    /** A meal as the core sees it. */
    public PlannedMeal one(Snapshot now, Meal meal) {
        return all(now, List.of(meal)).get(0);
    }

    /** What is frozen and goes into the batches of this day, less what earlier evenings were promised. */
    @Override
    public List<CookDay.Task> tasks(Snapshot now, LocalDate day) {
        Looked looked = look(now, day);
        Set<String> own = looked.batches().values().stream()
                .filter(batch -> batch.cookOn().equals(day))
                .map(batch -> batch.id().toString())
                .collect(Collectors.toSet());
        return looked.check().forCookDays().entrySet().stream()
                .filter(entry -> own.contains(entry.getKey()))
                .flatMap(entry -> TakeOut.summed(entry.getValue()).stream())
                .sorted(Comparator.comparing(TakeOut::by))
                .map(out -> new CookDay.Task(out.words(), out.rule()))
                .toList();
    }

    /** An evening counted back from its table time, with what this household has to cook with. */
    public List<Countdown.Step> countdown(Household household, PlannedMeal evening) {
        return Countdown.of(evening, sizes.gear(household));
    }

    @Override
    public List<DayTasks.Dish> joints(Snapshot now, LocalDate day) {
        return bigBuys.ahead(now).stream()
                .filter(buy -> buy.cookOn().equals(day))
                .map(buy -> buy.dish(now.book()))
                .toList();
    }

    @Override
    public List<LocalDate> jointDays(Snapshot now) {
        return bigBuys.ahead(now).stream().map(BigBuy::cookOn).distinct().toList();
    }
}

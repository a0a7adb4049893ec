package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Tastes;
import wexilla.core.menu.MenuKitchen;
import wexilla.core.menu.MenuLately;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.packing.Room;
import wexilla.core.plan.Eater;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.shopping.Needs;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.plan.Seeing;
import wexilla.core.stations.propose.Menu.Asked;
import wexilla.core.stations.propose.Menu.Place;
import wexilla.core.stock.Supply;

/** Turns what a household has, cooks and plans into the problem a proposal is searched for. */
public final class Building {

    private Building() {}

    private static final int LEFTOVERS_MINUTES = Trade.whole("menu.reheat-minutes");
    private static final int AT_HOME = 24 * 60;

    /**
     * The problem of these days.
     *
     * @param looked what stands until the last of them
     * @param stored the recipes that may be chosen, those of the plan that stands among them
     */
    public static Menu of(Kitchen now, Looked looked, Habits habits, Tastes liked, List<Written> stored, Asked asked) {
        LocalDate last = asked.from().plusDays(asked.days() - 1L);
        List<Place> places = places(now, looked, habits, asked, last);
        Seeing seeing = new Seeing(now);
        List<PlannedMeal> seen =
                places.stream().map(place -> seeing.of(place.meal())).toList();
        List<String> named = seen.stream().map(PlannedMeal::named).toList();
        List<Needs.Want> decided = decided(places, seen);
        Supply left = now.supply();
        Needs standing = Needs.of(standing(looked, asked.from(), decided), left, now.measures());
        List<Integer> tables = tables(places, seen);
        List<InStore.Stocked> stocked =
                InStore.together(InStore.of(now, looked, left, tableFrom(places), asked.from(), decided), tables);
        MenuKitchen kitchen = new MenuKitchen(left, prices(now), now.guide(), now.now(), begins(places), asked.from());
        kitchen.besides(standing, last);
        int largest = (tables.stream().mapToInt(Integer::intValue).max().orElse(0) + 99) / 100;
        List<MenuProblem.Dish> made = new ArrayList<>();
        for (Written one : stored) {
            made.add(kitchen.dish(Candidates.candidate(now, one, liked, asked.from(), largest)));
        }
        List<MenuProblem.Packet> there =
                stocked.stream().map(InStore.Stocked::packet).toList();
        Map<Object, List<Integer>> verdicts = new HashMap<>();
        Menu open = new Menu(
                new MenuProblem(
                        asked.days(),
                        List.of(),
                        made,
                        there,
                        kitchen.foods(),
                        Collections.nCopies(asked.days(), 0),
                        List.of(),
                        room(now),
                        asked.wishing().weights()),
                asked.from(),
                places,
                named,
                stored,
                kitchen.priced(),
                stocked);
        MenuLately lately = lately(looked, asked.from());
        Map<String, Integer> known = new HashMap<>();
        List<MenuProblem.Meal> meals = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Place place = places.get(i);
            List<Eater> eaters = seen.get(i).eaters();
            LocalDate day = place.meal().day();
            List<Integer> against = verdicts.computeIfAbsent(
                    List.of(
                            eaters,
                            place.meal().meal(),
                            place.meal().people(),
                            // what was eaten lately, and what is asked of a day of the week
                            lately.counts(day) ? day : day.getDayOfWeek()),
                    key -> Verdicts.of(open, place.meal(), eaters, liked, asked.wishing(), lately));
            meals.add(meal(open, place, seen.get(i), against, who(eaters, known)));
        }
        return open.with(
                asked.wishing().onto(open.problem(), meals, open),
                seen.stream().map(PlannedMeal::eaters).toList(),
                asked.wishing());
    }

    /** When the earliest of these is on the table. */
    private static LocalTime tableFrom(List<Place> places) {
        return places.stream()
                .map(place -> place.meal().table())
                .min(Comparator.naturalOrder())
                .orElse(LocalTime.NOON);
    }

    /** When work for the earliest of these begins. */
    private static LocalTime begins(List<Place> places) {
        return places.stream()
                .map(place -> {
                    int table = place.meal().table().toSecondOfDay() / 60;
                    return LocalTime.ofSecondOfDay(
                            60L * Math.max(0, table - place.meal().minutes()));
                })
                .min(Comparator.naturalOrder())
                .orElse(LocalTime.NOON);
    }

    private static MenuLately lately(Looked looked, LocalDate from) {
        List<PlannedMeal> standing = looked.check().checked().stream()
                .map(PlanCheck.Checked::evening)
                .filter(evening -> evening.day().isBefore(from))
                .toList();
        return MenuLately.of(
                Stream.concat(looked.eaten().stream(), standing.stream()).toList());
    }

    private static long room(Kitchen now) {
        return now.room().map(Room::portions).orElse((long) MenuProblem.NONE);
    }

    /** Hundredths of portions each open meal wants. */
    private static List<Integer> tables(List<Place> places, List<PlannedMeal> seen) {
        List<Integer> plates = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            if (places.get(i).open()) {
                plates.add(plates(seen.get(i)));
            }
        }
        return plates;
    }

    /** Meals of several dishes that stay: what they eat beside the dish that {@code stands} for them. */
    private static List<Needs.Want> decided(List<Place> places, List<PlannedMeal> seen) {
        List<Needs.Want> wants = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            PlannedMeal evening = seen.get(i);
            boolean stays = places.get(i).planned() && !places.get(i).open();
            int stands = places.get(i).meal().stands();
            for (int dish = 0; stays && dish < evening.dishes().size(); dish++) {
                if (dish != stands) {
                    wants.addAll(PlanCheck.wants(evening, evening.dishes().get(dish)));
                }
            }
        }
        return wants;
    }

    /** What a cook day, the meals before the plan and these of its own speak for. */
    private static List<Needs.Want> standing(Looked looked, LocalDate from, List<Needs.Want> decided) {
        List<Needs.Want> wants = new ArrayList<>(decided);
        for (PlanCheck.Batch batch : looked.ahead()) {
            wants.addAll(Needs.Want.of(batch.goesIn(), batch.begin().toLocalDate(), batch.name()));
        }
        looked.check().checked().stream()
                .map(PlanCheck.Checked::evening)
                .filter(evening -> evening.day().isBefore(from))
                .forEach(evening -> evening.dishes().forEach(dish -> wants.addAll(PlanCheck.wants(evening, dish))));
        return wants;
    }

    private static CostSheet.Known prices(Kitchen now) {
        CostSheet.Known known = now.costs(now.today());
        return new CostSheet.Known(
                Supply.none(),
                known.offers().entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, offers -> Offer.best(offers.getValue()))),
                known.seasoning(),
                known.flat(),
                known.measures(),
                known.day());
    }

    private static List<Place> places(Kitchen now, Looked looked, Habits known, Asked asked, LocalDate last) {
        List<Place> places = new ArrayList<>();
        for (LocalDate day = asked.from(); !day.isAfter(last); day = day.plusDays(1)) {
            LocalDate on = day;
            for (MealOfDay meal : MealOfDay.values()) {
                Optional<Meal> slot = looked.meals().stream()
                        .filter(one -> one.day().equals(on) && one.meal() == meal)
                        .findFirst();
                boolean has = slot.isPresent()
                        || known.has(on, meal) && known.of(on, meal).kind() != Kind.OUT;
                Meal here = slot.orElseGet(() -> known.of(on, meal)
                        .meal(UUID.randomUUID(), on, known.of(on, meal).kind()));
                if (has && here.day().atTime(here.table()).isAfter(now.now())) {
                    places.add(new Place(here, slot.isPresent(), open(here, slot.isPresent(), asked.anew())));
                }
            }
        }
        places.sort(Comparator.comparing((Place place) -> place.meal().day())
                .thenComparing(place -> place.meal().table()));
        return places;
    }

    private static boolean open(Meal slot, boolean planned, boolean anew) {
        boolean decided =
                planned && slot.kind() != Kind.UNDECIDED && !slot.dishes().isEmpty();
        return slot.state() == Meal.State.PLANNED && !slot.locked() && slot.kind() != Kind.OUT && (!decided || anew);
    }

    /** A bit for each of these; beyond the bits there are everybody is at every table. */
    private static long who(List<Eater> eaters, Map<String, Integer> known) {
        long who = 0;
        for (Eater eater : eaters) {
            int bit = known.computeIfAbsent(eater.name(), name -> known.size());
            if (bit >= Long.SIZE) {
                return 0;
            }
            who |= 1L << bit;
        }
        return who;
    }

    /** Hundredths of portions a meal wants. */
    private static int plates(PlannedMeal seen) {
        return seen.portions().times(Rational.of(100)).ceiling().intValueExact();
    }

    private static MenuProblem.Meal meal(Menu menu, Place place, PlannedMeal seen, List<Integer> against, long who) {
        Meal slot = place.meal();
        int day = menu.offset(slot.day());
        boolean leftovers = slot.kind() == Kind.LEFTOVERS;
        int plates = plates(seen);
        Choice stands = slot.eatsHere() && (place.open() || slot.stands() >= 0)
                ? slot.dishes().stream()
                        .filter(dish -> dish.of() != null)
                        .findFirst()
                        .flatMap(dish -> menu.choice(dish.kind(), Objects.requireNonNull(dish.of()), day))
                        .orElse(MenuProblem.UNDECIDED)
                : MenuProblem.UNDECIDED;
        return new MenuProblem.Meal(
                day,
                plates,
                leftovers ? LEFTOVERS_MINUTES : slot.minutes(),
                slot.when().homeFrom() == null ? AT_HOME : slot.when().clock(),
                against,
                place.open(),
                stands,
                who);
    }
}

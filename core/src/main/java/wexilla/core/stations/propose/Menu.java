package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Written;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.plan.Eater;

/**
 * What can be chosen, with what it stands for.
 *
 * @param start the day that is day 0
 * @param places one for each meal of the problem, {@code dishes} for each dish, {@code packets} for each packet
 * @param named for each place, what stands there in words; empty for nothing
 * @param priced for each dish, what goes in costs, with the prices that are missing
 * @param seen each dish and then each packet as wishes look at them
 * @param tables for each place who eats there
 * @param leftOut what is not proposed, for whom and why, with its number
 */
public record Menu(
        MenuProblem problem,
        LocalDate start,
        List<Place> places,
        List<String> named,
        List<Written> dishes,
        List<Cost> priced,
        List<InStore.Stocked> packets,
        List<Meant.Seen> seen,
        List<List<Eater>> tables,
        List<String> leftOut) {

    /** What is in each is looked up once. */
    Menu(
            MenuProblem problem,
            LocalDate start,
            List<Place> places,
            List<String> named,
            List<Written> dishes,
            List<Cost> priced,
            List<InStore.Stocked> packets) {
        this(
                problem,
                start,
                places,
                named,
                dishes,
                priced,
                packets,
                Stream.concat(
                                dishes.stream().map(one -> Meant.Seen.of(one.recipe())),
                                packets.stream()
                                        .map(one -> new Meant.Seen(one.packet().name(), one.served(), Set.of())))
                        .toList(),
                List.of(),
                List.of());
    }

    /** The same with meals, and what was asked of it. */
    Menu with(MenuProblem asked, List<List<Eater>> here, Wishing wishing) {
        Menu open = new Menu(asked, start, places, named, dishes, priced, packets, seen, here, List.of());
        List<String> out = new ArrayList<>(open.leftOutFor());
        out.addAll(wishing.told(this));
        return new Menu(asked, start, places, named, dishes, priced, packets, seen, here, List.copyOf(out));
    }

    /** Who eats at the meals that are open. */
    Set<Eater> eaters() {
        Set<Eater> here = new LinkedHashSet<>();
        for (int at = 0; at < places.size(); at++) {
            here.addAll(places.get(at).open() ? tables.get(at) : List.of());
        }
        return here;
    }

    /** Whose plate is served without what is put on at the table, in words. */
    public List<String> without(int at, Choice choice) {
        int thing = problem.thing(choice);
        if (thing == MenuProblem.NONE) {
            return List.of();
        }
        return tables.get(at).stream()
                .flatMap(eater -> eater.without(seen.get(thing).served()).stream())
                .map(one -> one.remark().words())
                .toList();
    }

    /** What is left out for who eats at the meals that are open, with how many dishes, in words. */
    private List<String> leftOutFor() {
        List<String> told = new ArrayList<>();
        for (Eater eater : eaters()) {
            Map<String, Integer> why = new TreeMap<>();
            for (Meant.Seen one : seen) {
                eater.mustNot(one.name(), one.served()).ifPresent(reason -> why.merge(reason, 1, Integer::sum));
            }
            if (!why.isEmpty()) {
                told.add(why.entrySet().stream()
                        .map(one -> dishes(one.getValue()) + " (" + one.getKey() + ")")
                        .collect(Collectors.joining(", ", "left out for " + eater.name() + ": ", "")));
            }
        }
        return told;
    }

    /** "1 dish", "5 dishes". */
    static String dishes(long many) {
        return many + (many == 1 ? " dish" : " dishes");
    }

    /** This much money for a plan, with the prices that are missing of what is cooked for it. */
    public Cost priced(List<Choice> choices, Money all) {
        return choices.stream()
                .flatMap(choice -> choice instanceof Cooked cooked ? Stream.of(cooked.dish()) : Stream.empty())
                .distinct()
                .map(priced::get)
                .reduce(Cost.zero(all.currency()), Cost::plus)
                .with(all);
    }

    /** What stands for this recipe or batch on a day; empty where it cannot be chosen. */
    public Optional<Choice> choice(DishKind kind, UUID of, int day) {
        for (int i = 0; i < packets.size(); i++) {
            if (kind == DishKind.BATCH && packets.get(i).is(of) && problem.there(new FromStock(i), day)) {
                return Optional.of(new FromStock(i));
            }
        }
        for (int i = 0; i < dishes.size(); i++) {
            if (kind == DishKind.RECIPE && dishes.get(i).id().equals(of)) {
                return Optional.of(new Cooked(i, day));
            }
        }
        return Optional.empty();
    }

    public int offset(LocalDate day) {
        return (int) ChronoUnit.DAYS.between(start, day);
    }

    /** A meal of the plan. @param meal as decided, or as it usually is; @param planned whether somebody decided it */
    public record Place(Meal meal, boolean planned, boolean open) {}

    /**
     * @param anew whether planned meals that are not locked are open too
     */
    public record Asked(LocalDate from, int days, boolean anew, Wishing wishing) {}
}

package wexilla.app.propose;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.app.plan.Planning;
import wexilla.app.platform.Portions;
import wexilla.core.menu.MenuWishes;
import wexilla.core.plan.MealOfDay;
import wexilla.core.stations.propose.Pick;

/** What is asked and answered of a proposed plan. */
public final class MenuViews {

    private MenuViews() {}

    /** The ready mixtures of wishes; LITTLE changes little of what stands; OWN as the sliders say. */
    enum Mixture {
        CHEAP,
        EASY,
        VARIED,
        LITTLE,
        OWN;

        /** What counts how much. @param own for OWN */
        MenuWishes weights(@Nullable Sliders own) {
            return switch (this) {
                case CHEAP -> MenuWishes.CHEAP;
                case EASY -> MenuWishes.EASY;
                case VARIED -> MenuWishes.VARIED;
                case LITTLE -> MenuWishes.LITTLE;
                case OWN -> own == null ? MenuWishes.VARIED : own.weights();
            };
        }
    }

    /** How much each counts, 0 to 4. */
    record Sliders(int cheap, int quick, int varied, int useUp, int favourites, int fewNew, int fewChanges) {
        private MenuWishes weights() {
            return new MenuWishes(cheap, quick, varied, useUp, favourites, fewNew, fewChanges);
        }
    }

    /**
     * What is eaten at a meal.
     *
     * @param recipe cooked on {@code cookOn}, ISO day; or {@code batch}, a dish that is there or will be
     * @param frozen whether it is frozen the day it is cooked and eaten from the freezer
     * @param helpings where several dishes that are there are the meal together; {@code batch} is the first of them
     * @param seen version of the meal as the proposal saw it, 0 for one nobody planned; absent to take it whatever stands
     */
    record MealChoice(
            String day,
            MealOfDay meal,
            @Nullable UUID recipe,
            @Nullable UUID batch,
            @Nullable String cookOn,
            @Nullable Boolean frozen,
            @Nullable List<Helping> helpings,
            @Nullable Integer seen) {

        static MealChoice of(Pick pick) {
            return new MealChoice(
                    pick.day().toString(),
                    pick.meal(),
                    pick.recipe(),
                    pick.batch(),
                    pick.cookOn() == null ? null : pick.cookOn().toString(),
                    pick.frozen(),
                    pick.helpings().isEmpty()
                            ? null
                            : pick.helpings().stream()
                                    .map(one -> new Helping(one.batch(), Portions.number(one.portions())))
                                    .toList(),
                    pick.seen());
        }

        /** @param at the field it stands in */
        Pick pick(String at) {
            List<Helping> all = helpings == null ? List.of() : helpings;
            return new Pick(
                    Planning.date(at + "/day", day),
                    meal,
                    recipe,
                    batch,
                    cookOn == null ? null : Planning.date(at + "/cookOn", cookOn),
                    Boolean.TRUE.equals(frozen),
                    all.stream()
                            .map(one -> new Pick.Helping(one.batch(), Portions.typed(at + "/helpings", one.portions())))
                            .toList(),
                    seen);
        }

        static List<Pick> picks(String at, @Nullable List<MealChoice> choices) {
            List<MealChoice> all = choices == null ? List.of() : choices;
            return IntStream.range(0, all.size())
                    .mapToObj(i -> all.get(i).pick(at + "/" + i))
                    .toList();
        }
    }

    /** @param portions of this dish that go on the table */
    record Helping(UUID batch, BigDecimal portions) {}

    /**
     * @param from ISO day; today when nothing is said. @param days 1 to 35
     * @param sliders for OWN
     * @param budget decimal, for each seven days; absent for none
     * @param asks as a cook says it: "use the mince by Friday", "nothing with fish", "52 for the week",
     *     "cook on Sunday 2 h"
     * @param anew whether planned meals that are not locked are open too; else only what nobody decided
     * @param kept of the proposal before: these stay
     * @param before the proposal before: with few changes it stays
     * @param effort steps of the search: 0 gives the first plan
     * @param whyNot a dish by its name that is asked after: answered in words
     * @param search what it is asked after and ended by while it is under way
     */
    record ProposeInput(
            @Nullable String from,
            int days,
            Mixture mixture,
            @Nullable Sliders sliders,
            @Nullable String budget,
            @Nullable List<String> asks,
            boolean anew,
            @Nullable List<MealChoice> kept,
            @Nullable List<MealChoice> before,
            @Nullable Integer seed,
            @Nullable Long effort,
            @Nullable String whyNot,
            @Nullable String search) {}

    /** @param percent of its effort that is spent */
    record SearchView(int percent) {}

    /** Another choice, and what the whole plan becomes with it: "0.40 more, 10 min less". */
    record ProposedSwap(MealChoice choice, String name, String words) {}

    /**
     * @param choice absent where nothing fits, and where it stays without being a dish
     * @param together it and what else eats of its cooking: they are taken as one
     * @param from cooked, fridge, freezer, stock; empty for an open meal
     * @param stands what is planned there now; empty for nothing
     * @param open whether it is proposed; else it stays as it stands
     */
    record ProposedMeal(
            String day,
            MealOfDay meal,
            String tableTime,
            String name,
            String from,
            String plates,
            @Nullable MealChoice choice,
            List<MealChoice> together,
            String stands,
            boolean open,
            List<String> reasons,
            List<ProposedSwap> swaps) {}

    /** @param until ISO day; absent for what keeps until somebody wants it; @param wasted whether that is within the plan */
    record LeftView(String food, String amount, @Nullable String until, boolean wasted) {}

    /** @param meals how many eat of it */
    record ProposedCook(String day, String dish, String portions, int meals) {}

    /**
     * @param cost to be paid at the till for whole packs, decimal; {@code weeks} for each seven days; at least this where it
     *     is not {@code complete}
     * @param left what of the packs is left, what passes its date first
     * @param missing how many prices, where what is known says too little to be told as money
     * @param broken what no plan that was found keeps
     * @param clash the fewest of what was asked that cannot be had together; empty where all can
     * @param whyNot why the dish that was asked after is not in it; absent where nobody asked
     * @param cutOff whether the clock or the asker ended the search before its effort was spent
     */
    record ProposalView(
            String from,
            int days,
            List<ProposedMeal> meals,
            List<ProposedCook> cook,
            String cost,
            boolean complete,
            @Nullable String missing,
            List<String> weeks,
            List<LeftView> left,
            int minutes,
            List<String> reasons,
            List<String> broken,
            List<String> clash,
            @Nullable String whyNot,
            boolean cutOff) {}

    /** The meals of a proposal that are taken; the whole, or some. */
    record TakeProposal(List<MealChoice> meals) {}
}

package wexilla.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.quantity.Amount;
import wexilla.core.recipe.steps.StepTime;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.stock.OpenLot;

/** The rules a plan is judged by, each asked of one meal at a time. */
public enum PlanRule {
    /** Allergens, cautions, dislikes. */
    WHO_EATS {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            PlannedMeal evening = plan.evenings().get(at);
            List<Judgement> found = new ArrayList<>();
            for (int i = 0; i < evening.dishes().size(); i++) {
                Dish dish = evening.dishes().get(i);
                Served served = PlannedMeal.served(dish);
                for (Eater eater : evening.eatersOf(i)) {
                    found.addAll(eater.against(evening.day(), dish.name(), served));
                }
            }
            return found;
        }
    },

    /** What would be past its limit by then. */
    DATES {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            LocalDate day = plan.evenings().get(at).day();
            List<Judgement> found = new ArrayList<>();
            for (Met one : plan.met().get(at)) {
                // what is met by something fresher does not wait for what is older
                boolean met = one.lacking() == null && !one.takes().isEmpty();
                for (OpenLot past : met ? List.<OpenLot>of() : one.past()) {
                    found.add(new Judgement.PastLimit(
                            day,
                            one.want().name(),
                            java.util.Objects.requireNonNull(past.limit()),
                            past.clock().keepingClass(),
                            bought(one.want().food())));
                }
            }
            return found;
        }
    },

    /** What is not there, or has to be bought. */
    SUPPLY {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            LocalDate day = plan.evenings().get(at).day();
            List<Judgement> found = new ArrayList<>();
            List<String> toBuy = new ArrayList<>();
            Set<String> named = new HashSet<>();
            for (Met one : plan.met().get(at)) {
                Amount lacking = one.lacking();
                if (lacking != null && one.want().food() == null) {
                    // a dish past its limit is told with its date
                    if (one.past().isEmpty()) {
                        found.add(new Judgement.NotThere(day, one.want().name(), lacking));
                    }
                } else if (lacking != null && !one.want().bought()) {
                    boolean none = one.takes().isEmpty();
                    // what is past its limit is told with its date
                    if (!none || one.past().isEmpty()) {
                        found.add(new ShortOf(day, one.want().name(), one.want().dish(), lacking, none));
                    }
                } else if ((lacking != null || !one.unknown().isEmpty())
                        && named.add(one.want().name())) {
                    toBuy.add(one.want().name() + promised(plan, at, one));
                }
            }
            if (!toBuy.isEmpty()) {
                found.add(new Judgement.ToBuy(day, toBuy));
            }
            return found;
        }
    },

    /** What has to leave the freezer, and whether there is time. */
    THAWING {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            return TakeOut.summed(plan.takeOut().get(at)).stream()
                    .<Judgement>map(out -> new Judgement.Thawing(
                            out, out.by().isBefore(plan.kitchen().now())))
                    .toList();
        }
    },

    /** Whether what is to be frozen fits into the freezers until it is eaten. */
    ROOM {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            return NoRoom.of(plan, at);
        }
    },

    /** Whether there are minutes enough. */
    TIME {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            PlannedMeal evening = plan.evenings().get(at);
            List<Judgement> found = new ArrayList<>();
            int there = evening.when().clock();
            Countdown.Clock clock = plan.clocks().get(at);
            for (Dish dish : evening.dishes()) {
                StepTime time = PlannedMeal.time(dish);
                boolean handsShort = time.handsMin() > evening.minutes();
                if (time.minutes() > there || handsShort) {
                    int needs = handsShort ? Math.max(time.handsMin(), time.minutes()) : time.minutes();
                    found.add(new Judgement.TooLong(
                            evening.day(),
                            dish.name(),
                            needs,
                            handsShort ? Math.min(there, evening.minutes()) : there,
                            earlier(clock.begin(), evening.tableAt().minusMinutes(needs))));
                }
            }
            if (found.isEmpty() && Countdown.hot(evening) > 1 && clock.minutes(evening) > there) {
                found.add(new Judgement.TooLong(
                        evening.day(), evening.named(), clock.minutes(evening), there, clock.begin()));
            }
            return found;
        }
    },

    /** Whether oven, burners and cookers do for all of the meal. */
    GEAR {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            PlannedMeal evening = plan.evenings().get(at);
            List<Dish> hot = evening.dishes().stream()
                    .filter(dish -> PlannedMeal.time(dish).minutes() > 0)
                    .toList();
            if (plan.clocks().get(at).atOnce()) {
                return List.of();
            }
            return List.of(new NotAtOnce(
                    evening.day(),
                    String.join(", ", hot.stream().map(Dish::name).toList())));
        }
    },

    /** The same protein and the same dish not soon again. */
    VARIETY {
        @Override
        List<Judgement> judge(Outlook plan, int at) {
            return Repeats.of(plan.evenings(), plan.kitchen().eaten(), at);
        }
    };

    /** " (promised to Sun 6 Dec)" where an earlier meal takes what is there of it; else nothing. */
    private static String promised(Outlook plan, int at, Met lacking) {
        for (int earlier = at - 1; earlier >= 0; earlier--) {
            boolean takes = plan.met().get(earlier).stream()
                    .anyMatch(met -> met.want().key().equals(lacking.want().key())
                            && !met.takes().isEmpty());
            if (takes) {
                return " (promised to "
                        + Remark.day(plan.evenings().get(earlier).day()) + ")";
            }
        }
        return "";
    }

    /** Cream and parsley are bought anew; meat that is there was meant for something. */
    private static boolean bought(@Nullable Food food) {
        return food != null && food.traits().protein().isEmpty();
    }

    private static LocalDateTime earlier(LocalDateTime one, LocalDateTime other) {
        return one.isBefore(other) ? one : other;
    }

    /** What it finds about the meal at this place. */
    abstract List<Judgement> judge(Outlook plan, int at);
}

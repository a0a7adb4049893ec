package wexilla.app.preview;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Runaway;
import wexilla.core.food.Diet;
import wexilla.core.food.book.FoodWord;
import wexilla.core.food.facts.Allergen;
import wexilla.core.menu.MenuCheck;
import wexilla.core.menu.MenuCooking;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuTill;
import wexilla.core.menu.MenuWeights;
import wexilla.core.menu.MenuWishes;
import wexilla.core.menu.search.MenuReasons;
import wexilla.core.menu.search.MenuSearch;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.plan.Eater;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.Served;
import wexilla.core.quantity.Rational;

/** A plan of some weeks from dishes and stock as they are typed; stores nothing. */
@RestController
class PlanPreview {

    private static final int MOST_PEOPLE = 30;
    private static final int MOST_MINUTES = 24 * 60;
    private static final int USUAL_MINUTES = MealOfDay.DINNER.usualMinutes();
    private static final Duration RUNAWAY = Duration.ofSeconds(60);
    private static final int USUAL_WISH = 2;

    private final Reference reference;

    PlanPreview(Reference reference) {
        this.reference = reference;
    }

    /**
     * @param allergens and {@code diets} by name, {@code dislikes} as foods are said: what must not be eaten is not proposed,
     *     what is disliked counts against it
     */
    record PlanEater(
            String age,
            @Nullable List<String> allergens,
            @Nullable List<String> diets,
            @Nullable List<String> dislikes) {}

    /**
     * @param portions that {@code handsMin} is for; 4 when nothing is said
     * @param costPerPortion decimal; nothing when nothing is said
     * @param protein two dinners of one follow each other badly; empty for none
     * @param lines of the recipe, so that it can use what is in stock
     * @param minutes from begin to table; as {@code handsMin} when nothing is said
     * @param keepsDays the last day in the fridge, 4 when nothing is said
     * @param liked from −2 to 2
     */
    record PlanDish(
            String name,
            @Nullable String portions,
            @Nullable Integer handsMin,
            @Nullable String costPerPortion,
            @Nullable String protein,
            @Nullable Boolean freezes,
            @Nullable List<String> lines,
            @Nullable Integer minutes,
            @Nullable Integer keepsDays,
            @Nullable Integer liked) {}

    /** How much each counts, 0 to 4; 2 when nothing is said. */
    record WishesAsked(
            @Nullable Integer cheap,
            @Nullable Integer varied,
            @Nullable Integer quick,
            @Nullable Integer useUp,
            @Nullable Integer favourites,
            @Nullable Integer fewNew,
            @Nullable Integer fewChanges) {}

    /** What stands on a day already. */
    record PlanStands(String date, String eat) {}

    /**
     * @param start ISO day; @param days 1 to 35
     * @param people by age; one adult when nobody is named
     * @param minutes of hands for each day, begun again when they end; 45 when nothing is said
     * @param stock as a note is typed, one thing a line
     * @param offers prices of foods in the lines, so that what is in stock is worth something
     * @param budget for each seven days, decimal; {@code caps} one for each week instead, the last goes on
     * @param home when somebody is at home, for each day, begun again when they end; all day when nothing is said
     * @param stands what was decided or proposed before: with {@code fewChanges} it stays
     * @param effort how many steps are tried; the same seed and effort give the same plan
     */
    record PlanAsked(
            String start,
            int days,
            @Nullable List<PlanEater> people,
            @Nullable List<String> minutes,
            List<PlanDish> dishes,
            @Nullable List<String> stock,
            @Nullable List<Stall.OfferAsked> offers,
            @Nullable String budget,
            @Nullable List<String> caps,
            @Nullable List<String> home,
            @Nullable WishesAsked wishes,
            @Nullable List<PlanStands> stands,
            @Nullable Integer seed,
            @Nullable Long effort,
            @Nullable String cup,
            @Nullable BigDecimal tbsp) {}

    /** Another dish for a dinner. @param words what it costs: "0.40 more, 10 min less" */
    record PlanSwap(String eat, String words) {}

    /**
     * @param from cooked, fridge, freezer, stock; nothing where nothing fits
     * @param portions adult portions eaten, as a decimal
     * @param cookedOn ISO day; absent for what was there
     */
    record PlanMeal(
            String date,
            String eat,
            String from,
            String portions,
            @Nullable String cookedOn,
            List<String> reasons,
            List<PlanSwap> swaps) {}

    record PlanCook(String date, String dish, String portions) {}

    /** @param until ISO day what is left of the packs keeps to; absent for what keeps beyond any plan */
    record PlanLeft(String food, String amount, @Nullable String until, boolean wasted) {}

    /**
     * @param cost to be paid, decimal; {@code till} of it for each seven days, whole packs
     * @param left what of the packs is left; {@code wasted} what passes its date uneaten is worth, decimal
     * @param minutes of hands all together
     * @param broken hard rules that no plan found keeps
     * @param cutOff whether the clock ended the search before its effort was spent
     */
    record PlanProposed(
            List<PlanMeal> meals,
            List<PlanCook> cook,
            String cost,
            List<String> till,
            List<PlanLeft> left,
            String wasted,
            int minutes,
            List<String> reasons,
            List<String> broken,
            boolean cutOff) {}

    @PostMapping("/api/preview/plan")
    PlanProposed plan(@RequestBody PlanAsked asked) {
        LocalDate start = day("/start", asked.start());
        if (asked.days() < 1 || asked.days() > MenuProblem.MOST_DAYS) {
            throw Problem.at("/days", "A plan has 1 to " + MenuProblem.MOST_DAYS + " days, not " + asked.days() + ".");
        }
        PlanPantry pantry = PlanPantry.of(asked, reference, start);
        MenuProblem problem = problem(asked, pantry, start);
        long effort = asked.effort() == null ? MenuSearch.GOOD : asked.effort();
        if (effort < 0 || effort > MenuSearch.BEST) {
            throw Problem.at("/effort", "The effort lies from 0 to " + MenuSearch.BEST + ", not " + effort + ".");
        }
        int seed = asked.seed() == null ? 1 : asked.seed();
        Runaway runaway = Runaway.after(RUNAWAY);
        MenuSearch.Found found = MenuSearch.of(problem, seed, effort, (spent, total) -> runaway.getAsBoolean());
        return view(problem, found, start, pantry.notUsed());
    }

    private MenuProblem problem(PlanAsked asked, PlanPantry pantry, LocalDate start) {
        List<PlanEater> people = asked.people() == null ? List.of() : asked.people();
        int plates = plates(people);
        List<Integer> minutes = minutes(asked.minutes() == null ? List.of() : asked.minutes());
        List<Integer> clock = clock(asked.home() == null ? List.of() : asked.home());
        List<Integer> against = against(eaters(people), pantry);
        List<Meal> meals = new ArrayList<>();
        List<Integer> cookMinutes = new ArrayList<>();
        for (int day = 0; day < asked.days(); day++) {
            int own = minutes.get(day % minutes.size());
            int home = clock.get(day % clock.size());
            meals.add(new Meal(day, plates, own, home, against, true, stands(asked, pantry, start, day)));
            cookMinutes.add(0);
        }
        return new MenuProblem(
                asked.days(),
                meals,
                pantry.dishes(),
                pantry.packets(),
                pantry.foods(),
                cookMinutes,
                caps(asked),
                MenuProblem.NONE,
                wishes(asked.wishes()));
    }

    private static List<Long> caps(PlanAsked asked) {
        List<String> caps = asked.caps() == null ? List.of() : asked.caps();
        if (caps.isEmpty()) {
            return asked.budget() == null
                    ? List.of()
                    : List.of(Asked.money("/budget", asked.budget()).minor());
        }
        if (caps.size() > MenuProblem.MOST_DAYS) {
            throw Problem.at("/caps", caps.size() + " weeks; " + MenuProblem.MOST_DAYS + " is the most.");
        }
        List<Long> most = new ArrayList<>();
        for (int i = 0; i < caps.size(); i++) {
            most.add(Asked.money("/caps/" + i, caps.get(i)).minor());
        }
        return most;
    }

    /** Minutes somebody is at home before dinner is on the table. */
    private static List<Integer> clock(List<String> home) {
        if (home.size() > MenuProblem.MOST_DAYS) {
            throw Problem.at("/home", home.size() + " days; " + MenuProblem.MOST_DAYS + " is the most.");
        }
        List<Integer> clock = new ArrayList<>();
        int table = MealOfDay.DINNER.usualTime().toSecondOfDay() / 60;
        for (int i = 0; i < home.size(); i++) {
            clock.add(Math.max(0, table - Asked.time("/home/" + i, home.get(i)).toSecondOfDay() / 60));
        }
        return clock.isEmpty() ? List.of(MOST_MINUTES) : clock;
    }

    private List<Eater> eaters(List<PlanEater> people) {
        List<Eater> eaters = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            PlanEater one = people.get(i);
            String at = "/people/" + i;
            eaters.add(new Eater(
                    "eater " + (i + 1),
                    Asked.at(at + "/age", () -> Appetite.of(one.age())),
                    Asked.each(at + "/allergens", one.allergens(), Allergen::ofWord),
                    Set.of(),
                    (one.dislikes() == null ? List.<String>of() : one.dislikes())
                            .stream()
                                    .map(word -> FoodWord.of(word, reference.book()))
                                    .toList(),
                    3,
                    Asked.each(at + "/diets", one.diets(), Diet::named),
                    null));
        }
        return eaters;
    }

    /** How they stand to each dish and packet; of what nobody says what is in it nothing is known. */
    private static List<Integer> against(List<Eater> eaters, PlanPantry pantry) {
        List<Integer> against = new ArrayList<>();
        for (int i = 0; i < pantry.dishes().size(); i++) {
            // without steps nobody says what is put on at the table
            against.add(Eater.verdict(
                    eaters,
                    pantry.dishes().get(i).name(),
                    Served.whole(pantry.in().get(i))));
        }
        pantry.packets().forEach(packet -> against.add(Eater.verdict(eaters, packet.name(), Served.whole(List.of()))));
        return against;
    }

    private static Choice stands(PlanAsked asked, PlanPantry pantry, LocalDate start, int day) {
        List<PlanStands> stands = asked.stands() == null ? List.of() : asked.stands();
        String date = start.plusDays(day).toString();
        return stands.stream()
                .filter(one -> one.date().equals(date))
                .findFirst()
                .map(one -> pantry.named(one.eat(), day))
                .orElse(MenuProblem.UNDECIDED);
    }

    private static int plates(List<PlanEater> people) {
        if (people.size() > MOST_PEOPLE) {
            throw Problem.at("/people", people.size() + " people; " + MOST_PEOPLE + " is the most.");
        }
        List<Appetite> eaters = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            PlanEater eater = people.get(i);
            eaters.add(Asked.at("/people/" + i + "/age", () -> Appetite.of(eater.age())));
        }
        Rational sum = eaters.isEmpty() ? Rational.ONE : Appetite.sum(eaters);
        return sum.times(Rational.of(100)).ceiling().intValueExact();
    }

    private static List<Integer> minutes(List<String> asked) {
        if (asked.size() > MenuProblem.MOST_DAYS) {
            throw Problem.at("/minutes", asked.size() + " days; " + MenuProblem.MOST_DAYS + " is the most.");
        }
        List<Integer> minutes = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            Rational own = Asked.number("/minutes/" + i, asked.get(i));
            if (own.signum() < 0 || own.compareTo(Rational.of(MOST_MINUTES)) > 0) {
                throw Problem.at(
                        "/minutes/" + i,
                        "Minutes for a day lie from 0 to " + MOST_MINUTES + ", not " + asked.get(i) + ".");
            }
            minutes.add(own.ceiling().intValueExact());
        }
        return minutes.isEmpty() ? List.of(USUAL_MINUTES) : minutes;
    }

    private static MenuWishes wishes(@Nullable WishesAsked asked) {
        WishesAsked wishes = asked == null ? new WishesAsked(null, null, null, null, null, null, null) : asked;
        return Asked.at(
                "/wishes",
                () -> new MenuWishes(
                        wish(wishes.cheap()),
                        wish(wishes.quick()),
                        wish(wishes.varied()),
                        wish(wishes.useUp()),
                        wish(wishes.favourites()),
                        wish(wishes.fewNew()),
                        wish(wishes.fewChanges())));
    }

    private static int wish(@Nullable Integer said) {
        return said == null ? USUAL_WISH : said;
    }

    private static LocalDate day(String field, String text) {
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no day; write it like 2026-12-07.");
        }
    }

    private static PlanProposed view(
            MenuProblem problem, MenuSearch.Found found, LocalDate start, List<String> notUsed) {
        MenuReasons reasons = new MenuReasons(problem, found.choices(), start, Asked.CURRENCY);
        List<PlanMeal> meals = new ArrayList<>();
        for (int at = 0; at < found.choices().size(); at++) {
            Meal meal = problem.meals().get(at);
            Choice choice = found.choices().get(at);
            meals.add(new PlanMeal(
                    start.plusDays(meal.day()).toString(),
                    problem.name(choice),
                    problem.from(choice, meal.day()),
                    Rational.of(meal.plates(), 100).plain(),
                    choice instanceof Cooked cooked
                            ? start.plusDays(cooked.day()).toString()
                            : null,
                    reasons.meal(at),
                    reasons.swaps().of(at).stream()
                            .map(swap -> new PlanSwap(swap.name(), swap.words()))
                            .toList()));
        }
        List<PlanCook> cook = MenuCooking.all(problem, found.choices()).stream()
                .map(one -> new PlanCook(
                        start.plusDays(one.of().day()).toString(),
                        problem.name(one.of()),
                        Rational.of(one.plates(), 100).plain()))
                .sorted(java.util.Comparator.comparing(PlanCook::date))
                .toList();
        MenuTill till = MenuTill.of(problem, found.choices(), start);
        List<String> whole = new ArrayList<>(reasons.whole());
        whole.addAll(notUsed);
        return new PlanProposed(
                meals,
                cook,
                money(found.score().cost()),
                found.score().bought().stream().map(PlanPreview::money).toList(),
                till.left().stream()
                        .map(left -> new PlanLeft(
                                left.food(),
                                left.amount().toString(),
                                left.until() == null ? null : left.until().toString(),
                                left.wasted()))
                        .toList(),
                money(found.score().wasted()),
                found.score().minutes(),
                whole,
                MenuCheck.of(problem, found.choices(), start).stream()
                        .map(MenuCheck.Broken::words)
                        .toList(),
                found.cutOff());
    }

    private static String money(long hundredths) {
        return Money.of(hundredths / MenuWeights.MINOR, Asked.CURRENCY).decimal();
    }
}

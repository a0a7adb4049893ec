package wexilla.app.plan;

import java.math.BigDecimal;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.app.onhand.LotView;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.plan.Judgement;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.Remark;
import wexilla.core.plan.ahead.Run;
import wexilla.core.recipe.Style;

/** What the Plan station is asked and answered. */
public final class PlanViews {

    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private PlanViews() {}

    /**
     * @param of id of the recipe or the dish in stock; absent for a side and a task
     * @param eaters ids of who eats of it; empty where everybody does
     * @param frozen whether it is eaten from the freezer
     * @param factor of the recipe as written it is cooked at; absent where nothing is cooked
     * @param cookOn ISO day it is cooked ahead; absent for what is there, and what is cooked for the meal
     */
    record DishView(
            DishKind kind,
            @Nullable String of,
            String name,
            @Nullable BigDecimal portions,
            List<String> eaters,
            boolean frozen,
            @Nullable String factor,
            @Nullable String cookOn) {}

    /** Somebody who eats along once. @param age adult, teenager, 9-13 … or years. @param allergens by their words */
    public record GuestView(String name, String age, List<String> allergens) {}

    record RemarkView(Judgement.Level level, String words, String why) {

        static RemarkView of(Remark remark) {
            return new RemarkView(remark.level(), remark.words(), remark.why());
        }
    }

    /**
     * @param tableTime "18:30"; {@code start} ISO date and time to begin, absent once it is eaten
     * @param plates adult portions of those who eat, as a decimal
     * @param homeFrom since when somebody is at home to cook; absent when nobody said
     * @param people ids of who eats, {@code guests} besides
     */
    record SlotView(
            String id,
            MealOfDay meal,
            Kind kind,
            State state,
            boolean locked,
            String tableTime,
            @Nullable String start,
            @Nullable String homeFrom,
            int minutes,
            String plates,
            String note,
            int version,
            List<String> people,
            List<GuestView> guests,
            List<DishView> dishes) {}

    /**
     * How a meal usually is.
     *
     * @param id of what was said of it; absent where nobody said anything
     * @param weekday 1 Monday to 7 Sunday; absent for every day without one of its own
     * @param people ids of who eats; everybody where it is empty
     */
    record HabitView(
            @Nullable String id,
            MealOfDay meal,
            @Nullable Integer weekday,
            String tableTime,
            @Nullable String homeFrom,
            int minutes,
            Kind kind,
            String note,
            List<String> people) {}

    /** @param slot absent while nothing is planned; then it is as {@code usual} says */
    record DayMealView(MealOfDay meal, @Nullable SlotView slot, HabitView usual, List<RemarkView> remarks) {}

    record PlanDay(String date, List<DayMealView> meals) {}

    /**
     * A dish that is there, or will be once it is cooked.
     *
     * @param free portions no meal that is planned eats
     * @param cookOn ISO day; absent for what is there
     * @param shelf the coldest it lies on; absent for what is not cooked yet
     */
    record InStock(
            String batch,
            String name,
            BigDecimal portions,
            BigDecimal free,
            LotView.@Nullable UntilView until,
            @Nullable String cookOn,
            Run.@Nullable Shelf shelf) {}

    /** @param at ISO date and time of the table; {@code out} when it leaves the freezer, absent where it does not lie in one */
    record ClimbView(
            String day,
            MealOfDay meal,
            String at,
            String portions,
            @Nullable String out) {}

    /**
     * One dish or food on its way to the table.
     *
     * @param of what was cooked together has the same
     * @param born ISO date and time it is there; {@code until} ISO day of its limit, absent where it has none
     * @param ahead whether it is still to be cooked
     * @param frays whether it lies past its limit
     */
    record ThreadView(
            String of,
            String name,
            Run.Shelf shelf,
            String born,
            @Nullable String until,
            boolean ahead,
            boolean frays,
            List<ClimbView> climbs) {

        static ThreadView of(Run.Thread thread) {
            return new ThreadView(
                    thread.of(),
                    thread.name(),
                    thread.shelf(),
                    MINUTE.format(thread.born()),
                    thread.until() == null ? null : thread.until().toString(),
                    thread.ahead(),
                    thread.frays(),
                    thread.climbs().stream()
                            .map(climb -> new ClimbView(
                                    climb.day().toString(),
                                    climb.meal(),
                                    MINUTE.format(climb.at()),
                                    climb.portions(),
                                    climb.out() == null ? null : MINUTE.format(climb.out())))
                            .toList());
        }
    }

    /**
     * What is eaten in seven days, and bought for them.
     *
     * @param from ISO day; @param meals that have something to eat
     * @param till decimal, what is paid for whole packs; at least this where it is not {@code tillComplete}
     * @param cost decimal, basis used; @param complete false where a part of it has no price: then it is at least this,
     *     or {@code missing} says how many prices are
     * @param buy what is to be bought for them, by its names
     */
    record PlannedWeek(
            String from,
            int meals,
            String till,
            boolean tillComplete,
            String cost,
            boolean complete,
            @Nullable String missing,
            List<String> buy) {}

    /**
     * @param now ISO date and time; {@code threads} what is eaten from what; {@code cookDays} ISO days something is cooked
     *     or stretched ahead
     * @param freezeBy what goes into the freezer because nothing planned uses it in time, in words; empty where nothing is
     * @param habits what was said of meals that repeat; {@code usual} one for each meal a day can have
     */
    record PlanView(
            String today,
            String now,
            List<PlanDay> days,
            List<ThreadView> threads,
            List<String> cookDays,
            List<PlannedWeek> weeks,
            String freezeBy,
            List<InStock> inStock,
            List<HabitView> habits,
            List<HabitView> usual) {}

    /** @param path other calendars ask; absent while nobody wanted one */
    record FeedView(@Nullable String path) {}

    /**
     * A dish as chosen or typed: by id, or by a name that is found, or becomes a recipe of that name.
     *
     * @param portions to make or to take; absent for as many as eat
     * @param eaters who of the table eats of it; absent for everybody
     * @param frozen whether it is eaten from the freezer: of a batch that is planned it is frozen that day
     * @param cookOn ISO day it is cooked ahead, once for all meals that eat of it; absent when it is cooked for the meal
     * @param style how far it is cooked then; cooked when nothing is said
     * @param also other meals that eat of it
     * @param makes portions that are cooked ahead in all; absent for as many as its meals eat
     */
    public record DishInput(
            @Nullable UUID recipe,
            @Nullable UUID batch,
            @Nullable String text,
            @Nullable BigDecimal portions,
            @Nullable List<UUID> eaters,
            @Nullable Boolean frozen,
            @Nullable String cookOn,
            @Nullable Style style,
            @Nullable List<MealAt> also,
            @Nullable BigDecimal makes) {

        /** By its name, for everybody, cooked for the meal. */
        public static DishInput named(String text) {
            return new DishInput(null, null, text, null, null, null, null, null, null, null);
        }
    }

    /**
     * @param version as last seen, 0 for a meal nobody planned yet
     * @param meal of the day; dinner when nothing is said
     * @param homeFrom "17:10", since when somebody is at home to cook for it
     * @param sides as typed, foods with their usual amount a head: "90 g pasta, peas and a salad"
     * @param tasks as typed, what is to be done for it besides: "dress the salad 5 min"
     */
    public record EveningInput(
            String day,
            int version,
            Kind kind,
            @Nullable MealOfDay meal,
            String tableTime,
            @Nullable String homeFrom,
            int minutes,
            boolean locked,
            String note,
            List<UUID> people,
            @Nullable List<GuestView> guests,
            List<DishInput> dishes,
            @Nullable String sides,
            @Nullable String tasks) {

        MealOfDay which() {
            return meal == null ? MealOfDay.DINNER : meal;
        }
    }

    /** How a meal is from now on. @param weekday absent for every day; {@code people} empty for everybody */
    public record HabitInput(
            MealOfDay meal,
            @Nullable Integer weekday,
            String tableTime,
            @Nullable String homeFrom,
            int minutes,
            Kind kind,
            String note,
            List<UUID> people) {}

    /** @param id of what was said of it */
    record HabitGone(UUID id) {}

    /** One meal of a day. */
    public record MealAt(String day, MealOfDay meal) {}

    /** Two meals that change places; the second may be one nobody planned yet. */
    record MoveInput(MealAt from, MealAt to) {}

    /** @param batch what is eaten there: a dish that is there, or will be by then */
    record PutInput(MealAt to, UUID batch) {}

    /** How a meal can be mended. */
    enum MendKind {
        SWAP,
        FREEZE,
        LEAVE
    }

    /** @param to the meal it is swapped with; @param lot what is frozen */
    record MendView(
            MendKind kind,
            String words,
            @Nullable MealAt to,
            @Nullable String lot) {}

    /** @param at the meal; @param mend one of those that were answered */
    record MendInput(MealAt at, MendView mend) {}
}

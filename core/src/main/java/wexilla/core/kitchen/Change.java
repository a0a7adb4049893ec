package wexilla.core.kitchen;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Money;
import wexilla.core.plan.MealOfDay;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.stock.StockUse;

/**
 * One thing an act changes. A store writes it down, {@link Kitchen#after} carries it over into the next picture: both are
 * the same by construction. Amounts are rounded to the six decimals a ledger keeps when a change is made.
 */
public sealed interface Change
        permits Change.OfLot, Change.OfBatch, Change.OfMeal, Change.OfPrice, Change.OfRecipe, Change.OfBuy {

    /** Decimals a ledger keeps. */
    int DECIMALS = 6;

    /** Of what is there. */
    sealed interface OfLot extends Change
            permits Taken, Carried, Made, Counted, Valued, Levelled, Understood, Seasoned {
        /** The lot it is about. */
        UUID lot();
    }

    /** Of what is cooked, or planned to be. */
    sealed interface OfBatch extends Change permits BatchSet, BatchDropped, Called, WentIn {}

    /** Of a meal. */
    sealed interface OfMeal extends Change permits MealSet {}

    /** Of what something costs at a till. */
    sealed interface OfPrice extends Change permits PriceSeen {}

    /** Of the book. */
    sealed interface OfRecipe extends Change permits RecipeSet {}

    /** Of a big buy that is planned. */
    sealed interface OfBuy extends Change permits PartMoved {}

    /** Why the amount of a lot changed. */
    enum Kind {
        BOUGHT,
        COUNTED,
        USED,
        MADE,
        PACKED,
        FROZEN,
        THAWED,
        OPENED,
        MOVED,
        LEVEL,
        WASTED,
        EATEN,
        GIVEN,
        UNDONE
    }

    /** Something leaves a lot. @param cost that leaves with it */
    record Taken(UUID lot, Amount amount, Money cost, Kind kind, String reason) implements OfLot {
        public Taken {
            amount = rounded(amount);
        }
    }

    /** Part of a lot, or all of it, becomes a lot of its own. @param made what it becomes, with the cost it carries */
    record Carried(UUID lot, NewLot made, Kind kind) implements OfLot {
        public Carried {
            made = made.holding(rounded(made.amount()));
        }
    }

    /**
     * Something that was not there before: bought, cooked, noted.
     *
     * @param from what of other lots is in it
     */
    record Made(NewLot made, List<StockUse.Take> from, Kind kind, String reason) implements OfLot {
        public Made {
            made = made.holding(rounded(made.amount()));
            from = List.copyOf(from);
        }

        @Override
        public UUID lot() {
            return made.id();
        }
    }

    /** A batch as it is from now on: planned, or cooked. */
    record BatchSet(NewBatch batch) implements OfBatch {}

    /** What went in of a batch, line by line. */
    record WentIn(UUID batch, List<Line> lines) implements OfBatch {
        public WentIn {
            lines = List.copyOf(lines);
        }
    }

    /** @param food the row of it, {@code need} as counted; each null where nobody knows; {@code why} then says so */
    record Line(
            int pos,
            String text,
            @Nullable UUID food,
            @Nullable Amount need,
            String why) {}

    /** A planned batch is not cooked after all. */
    record BatchDropped(UUID batch) implements OfBatch {}

    /** A dish that was cooked is called otherwise, and so is what there is of it. */
    record Called(UUID batch, String name) implements OfBatch {}

    /** A meal as it is decided from now on, with who eats and what. */
    record MealSet(Meal meal) implements OfMeal {}

    /** A lot holds more or less than was written down. @param more in its own unit, negative for less; {@code cost} too */
    record Counted(UUID lot, Rational more, Money cost, String reason) implements OfLot {
        public Counted {
            more = rounded(more);
        }
    }

    /**
     * What a lot cost is said now.
     *
     * @param cost how much more than was written down; negative for less
     * @param since whether it is a price seen since, not what was paid for it
     */
    record Valued(UUID lot, Money cost, boolean since, String reason) implements OfLot {}

    /**
     * A price was seen or paid.
     *
     * @param food the row of it
     * @param pack what it was for; null when nobody said, so that it is kept and cannot be counted with yet
     * @param multi what several packs cost together; null when there is no such offer
     * @param shop where; null when nobody said
     */
    record PriceSeen(
            UUID food,
            @Nullable Amount pack,
            Money price,
            LocalDate on,
            WholePacks.@Nullable MultiBuy multi,
            @Nullable String shop)
            implements OfPrice {}

    /** A recipe as it is written from now on. @param written with the version somebody had before her, 0 for a new one */
    record RecipeSet(Written written) implements OfRecipe {}

    /** A part of a big buy is eaten at another meal. @param part its place among the parts, from 0 */
    record PartMoved(UUID stretch, int part, LocalDate day, MealOfDay meal) implements OfBuy {}

    /** A staple is had, low or out. */
    record Levelled(UUID lot, Lot.Level level) implements OfLot {}

    /** What a raw lot is seasoned with, line by line: it is in whatever is cooked of it. */
    record Seasoned(UUID lot, List<Line> lines) implements OfLot {
        public Seasoned {
            lines = List.copyOf(lines);
        }
    }

    /** A lot is understood otherwise; what it holds and costs stays. @param food null for a dish */
    record Understood(UUID lot, @Nullable UUID food, UUID place, Lot.State state, LotClock clock, KeepDates dates)
            implements OfLot {}

    private static Amount rounded(Amount amount) {
        return Amount.of(rounded(amount.value()), amount.unit());
    }

    private static Rational rounded(Rational value) {
        return Rational.of(value.toDecimal(DECIMALS));
    }
}

package wexilla.app.stretch;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.Balance;
import wexilla.core.stretch.BuyCompared;
import wexilla.core.stretch.PieceDish;

/** What the station is asked and answers about one piece, and about buys laid side by side. */
public final class PieceViews {

    private PieceViews() {}

    /** @param pos which of its parts, from 0; @param by what dishes are ranked by; cost when nothing is said */
    record PieceAsked(StretchAsked asked, int pos, PieceDish.@Nullable By by) {}

    /** @param meat grams of the piece on a plate */
    record PieceDishView(
            String recipe,
            String title,
            int plates,
            String meat,
            String plateCost,
            boolean complete,
            List<String> usesUp,
            @Nullable Integer liked,
            @Nullable String eaten,
            int hands) {

        static PieceDishView of(PieceDish dish) {
            return new PieceDishView(
                    dish.recipe(),
                    dish.title(),
                    dish.plates(),
                    whole(dish.meat()),
                    dish.plate().known().decimal(),
                    dish.plate().complete(),
                    dish.usesUp(),
                    dish.liked(),
                    dish.eaten() == null ? null : dish.eaten().toString(),
                    dish.hands());
        }
    }

    /** @param extender as it is typed then; @param plateMeat and {@code plateGrams} grams */
    record StopView(
            int plates,
            String extender,
            String plateMeat,
            String plateGrams,
            @Nullable String plateCost,
            @Nullable String plateProtein) {

        static StopView of(Balance.Stop stop, String extender) {
            return new StopView(
                    stop.plates(),
                    extender,
                    whole(stop.plateMeat()),
                    whole(stop.plateGrams()),
                    stop.plateCost() == null ? null : stop.plateCost().decimal(),
                    stop.plateProtein() == null ? null : whole(stop.plateProtein()));
        }
    }

    /** @param now which stop it is now; {@code rule} that limits them, in words */
    record BalanceView(List<StopView> stops, int now, String rule) {}

    /** @param cookedYield absent takes what is known of the food */
    record BuyAsked(
            String food,
            String weight,
            String price,
            @Nullable String cookedYield) {}

    /** @param plates that are wanted, a whole number */
    record BuysAsked(List<BuyAsked> buys, int plates) {}

    /**
     * @param needed what to buy for the plates that are wanted
     * @param handsMin for them; @param saves what cooking all at once saves; empty when nothing
     * @param plateProtein grams; absent when it is not known
     * @param stockUp what the price and the freezer say; empty when the household has no price to stock up at
     * @param stockUpPrice of a kilo, absent when none is set
     */
    record BuyView(
            String food,
            String cookedKilo,
            String plate,
            String plateGrams,
            int plates,
            String needed,
            String neededCost,
            int handsMin,
            String saves,
            String besides,
            @Nullable String plateProtein,
            String stockUp,
            @Nullable String stockUpPrice) {}

    record BuysView(List<BuyView> buys, int plates) {}

    /** @param perKilo money, absent to forget it */
    record StockUpInput(String food, @Nullable String perKilo) {}

    /** @param perKilo money */
    record StockUpView(String food, String perKilo) {}

    static String saves(BuyCompared compared) {
        if (compared.savedHands().isZero()) {
            return "";
        }
        String heat = compared.savedHeat().isZero() ? "" : whole(compared.savedHeat()) + " min on the heat and ";
        return "cooked all at once it saves " + heat + whole(compared.savedHands()) + " of hands";
    }

    static String whole(Rational value) {
        return Rational.of(value.toDecimal(0)).plain();
    }
}

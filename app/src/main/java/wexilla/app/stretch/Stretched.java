package wexilla.app.stretch;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.stretch.DishKind;
import wexilla.core.stretch.Pot;
import wexilla.core.stretch.Slab;
import wexilla.core.stretch.StretchPlan.Dish;

/**
 * What a big buy becomes when it is cut into parts.
 *
 * @param cooked the same as a cook says it: "1.5 kg"
 * @param plates whole plates of all parts, what is not decided served plain
 * @param plainPlates whole plates if all of it were served plain at 113 g
 * @param mince whether its fat may be declared
 * @param each what goes into each pot, where there are several
 * @param yield cooked grams of one gram as bought, and where that comes from
 */
public record Stretched(
        String cookedGrams,
        String cooked,
        List<ShareView> shares,
        RemainderView remainder,
        List<String> warnings,
        int plates,
        int plainPlates,
        String yield,
        String yieldSource,
        List<OutputView> outputs,
        boolean mince,
        @Nullable String each) {

    /** What comes out of the pot. @param unit g, ml, l or what it was counted in */
    public record OutputView(String what, String amount, String unit) {

        private static final Rational LITRE = Rational.of(1000);

        static OutputView of(Pot.Output output) {
            Amount amount = output.amount();
            boolean broth = output.what().equals("broth");
            return broth
                    ? new OutputView(
                            output.what(),
                            Rational.of(amount.value().dividedBy(LITRE).toDecimal(3))
                                    .plain(),
                            "l")
                    : new OutputView(
                            output.what(), shown(amount.value()), amount.unit().symbol());
        }
    }

    /**
     * @param rawGrams of the meat as bought, {@code raw} as a cook says it
     * @param plates the part makes with its extender, {@code plateCost} the meat on one of them
     * @param plateProtein grams of protein on one plate; absent when it is not known of the meat or its extender
     * @param eatBy last day in the fridge; absent when it is frozen or the cook day is open
     * @param note what to know about its days
     * @param snaps grams of handy sizes near it: whole plates, bags
     */
    public record ShareView(
            String name,
            String grams,
            String rawGrams,
            String raw,
            String cost,
            String plates,
            @Nullable String plateCost,
            @Nullable String plateProtein,
            boolean freeze,
            @Nullable String eatBy,
            String note,
            List<String> snaps) {

        static ShareView of(Dish dish, Rational open) {
            return new ShareView(
                    dish.name(),
                    shown(dish.grams()),
                    shown(dish.rawGrams()),
                    said(dish.rawGrams()),
                    dish.cost().decimal(),
                    dish.plates().plain(),
                    dish.plateCost() == null ? null : dish.plateCost().decimal(),
                    dish.plateProtein() == null ? null : shown(dish.plateProtein()),
                    dish.freeze(),
                    dish.eatBy() == null ? null : dish.eatBy().toString(),
                    dish.note(),
                    Slab.handy(dish.grams(), dish.grams().plus(open)).stream()
                            .map(Stretched::shown)
                            .toList());
        }
    }

    public record RemainderView(String grams, String cost) {}

    public static Stretched of(Cut cut) {
        List<ShareView> shares = new ArrayList<>();
        cut.plan()
                .dishes()
                .forEach(dish ->
                        shares.add(ShareView.of(dish, cut.slab().remainder().grams())));
        return new Stretched(
                shown(cut.slab().cookedGrams()),
                said(cut.slab().cookedGrams()),
                shares,
                new RemainderView(
                        shown(cut.slab().remainder().grams()),
                        cut.slab().remainder().cost().decimal()),
                cut.plan().warnings(),
                cut.plan().plates().floor().intValueExact(),
                cut.plan().plainPlates(),
                cut.yield().plain(),
                cut.yieldSource(),
                cut.outputs().stream().map(OutputView::of).toList(),
                cut.food().map(DishKind::group).orElse("").equals("mince"),
                cut.each());
    }

    private static String said(Rational grams) {
        return CookWords.amount(Amount.of(grams, Unit.G));
    }

    /** To the tenth of a gram: nobody cuts finer. */
    private static String shown(Rational grams) {
        return Rational.of(grams.toDecimal(1)).plain();
    }
}

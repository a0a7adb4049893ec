package wexilla.app.cook;

import java.util.ArrayList;
import java.util.List;
import wexilla.app.cook.CookViews.AlsoInput;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/** What the cook took from stock by hand: ticked lots, all of each or about so much. */
final class Added {

    private static final int MOST = 60;

    private Added() {}

    /** What is taken out of each. @param field JSON pointer of the list */
    static List<Take> takes(Kitchen kitchen, String field, List<AlsoInput> also) {
        if (also.size() > MOST) {
            throw Problem.at(field, also.size() + " things; " + MOST + " is the most.");
        }
        if (also.stream().map(AlsoInput::lot).distinct().count() < also.size()) {
            throw Problem.at(field, "One of these is named twice.");
        }
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < also.size(); i++) {
            takes.add(take(kitchen, field + "/" + i, also.get(i)));
        }
        return takes;
    }

    private static Take take(Kitchen kitchen, String at, AlsoInput input) {
        Lot lot = kitchen.lot(input.lot())
                .filter(one -> !one.amount().value().isZero())
                .orElseThrow(() -> Problem.at(at + "/lot", "This is not there any more."));
        String typed = input.amount();
        Amount amount = lot.amount();
        if (typed != null && !typed.isBlank()) {
            Amount base = kitchen.measures().toBase(Asked.amount(at + "/amount", typed));
            amount = Amount.of(Rational.of(base.value().toDecimal(Change.DECIMALS)), base.unit());
        }
        boolean fits =
                amount.unit().equals(lot.amount().unit()) && !amount.value().isZero();
        if (!fits || amount.value().compareTo(lot.amount().value()) > 0) {
            throw Problem.at(at + "/amount", lot.amount() + " of " + lot.name() + " are there, not “" + typed + "”.");
        }
        Cost cost = new Cost(
                StockUse.costTaken(
                        lot.cost().known(), amount.value(), lot.amount().value()),
                lot.cost().complete());
        return new Take(lot.open(), amount, cost);
    }
}

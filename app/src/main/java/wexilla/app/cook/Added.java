package wexilla.app.cook;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.AlsoInput;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Lots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Lot;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/** What the cook took from stock by hand: ticked lots, all of each or about so much. */
@Component
class Added {

    private static final int MOST = 60;

    private final Lots lots;
    private final Ledger ledger;

    Added(Lots lots, Ledger ledger) {
        this.lots = lots;
        this.ledger = ledger;
    }

    /** Locks the lots and says what is taken out of each. @param field JSON pointer of the list */
    List<Take> takes(Act act, String field, List<AlsoInput> also) {
        if (also.size() > MOST) {
            throw Problem.at(field, also.size() + " things; " + MOST + " is the most.");
        }
        List<UUID> ids = also.stream().map(AlsoInput::lot).toList();
        if (ids.stream().distinct().count() < ids.size()) {
            throw Problem.at(field, "One of these is named twice.");
        }
        ledger.lock(act.household().id(), ids);
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < also.size(); i++) {
            takes.add(take(act, field + "/" + i, also.get(i)));
        }
        return takes;
    }

    private Take take(Act act, String at, AlsoInput input) {
        Lot lot = lots.byId(act.household(), input.lot())
                .filter(l -> !l.amount().value().isZero())
                .orElseThrow(() -> Problem.at(at + "/lot", "This is not there any more."));
        String typed = input.amount();
        Amount amount = lot.amount();
        if (typed != null && !typed.isBlank()) {
            Amount base = act.household().measures().toBase(Asked.amount(at + "/amount", typed));
            amount = Amount.of(Rational.of(base.value().toDecimal(6)), base.unit());
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

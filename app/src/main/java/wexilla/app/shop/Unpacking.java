package wexilla.app.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Reference;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Stowing;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Problem;
import wexilla.app.shop.ShopController.AwayDone;
import wexilla.core.food.Food;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.money.Money;
import wexilla.core.stock.notes.NoteLine;

/** At home: the basket becomes lots in their usual places, its prices are remembered, the till is booked. */
@Component
class Unpacking {

    /** Something that keeps only days: cook by, or freeze tonight. */
    record SoonView(String lot, String name, String amount, String cookBy, boolean freezes) {}

    private final Entries entries;
    private final Stowing stowing;
    private final Lots lots;
    private final Foods foods;
    private final Reference reference;

    Unpacking(Entries entries, Stowing stowing, Lots lots, Foods foods, Reference reference) {
        this.entries = entries;
        this.stowing = stowing;
        this.lots = lots;
        this.foods = foods;
        this.reference = reference;
    }

    Done<AwayDone> putAway(Act act, @Nullable Money till) {
        Household household = act.household();
        List<Entries.Entry> basket = entries.basket(household);
        if (basket.isEmpty()) {
            throw Problem.at("/basket", "The basket is empty; tick what you bought first.");
        }
        entries.away(act, basket);
        KnownFoods known = foods.known(household);
        List<NoteLine> kept = new ArrayList<>();
        Money besides = Money.zero(household.currency());
        for (Entries.Entry entry : basket) {
            if (entry.food() != null) {
                Food food = known.food(entry.food());
                int packs = entry.pack() == null ? 1 : entry.packs();
                kept.add(NoteLine.bought(entry.text(), packs, entry.pack(), food, entry.price(), entry.shop()));
            } else if (entry.price() != null) {
                besides = besides.plus(entry.price());
            }
        }
        List<UUID> made = stowing.stow(act, kept, null, new Stowing.Paid(besides, till));
        String subject = "Put away: " + basket.size() + (basket.size() == 1 ? " thing" : " things");
        return new Done<>(subject, new AwayDone(act.id().toString(), subject, soon(act, made)));
    }

    private List<SoonView> soon(Act act, List<UUID> made) {
        List<SoonView> soon = new ArrayList<>();
        for (Lot lot : lots.byId(act.household(), made)) {
            if (reference.keeping().keepsOnlyDays(lot.storage(), lot.dates(), act.day())) {
                soon.add(new SoonView(
                        lot.id().toString(),
                        lot.name(),
                        LotView.of(lot, act.day()).amount(),
                        String.valueOf(lot.dates().eatBy()),
                        reference.keeping().freezes(lot.clock().keepingClass())));
            }
        }
        return soon;
    }
}

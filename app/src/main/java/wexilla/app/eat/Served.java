package wexilla.app.eat;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.core.food.Food;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Needs;
import wexilla.core.stations.eat.Serving;

/** Reads the kitchen something is served from, and writes down what is gone. */
@Component
class Served {

    private final Snapshots snapshots;
    private final Ledger ledger;
    private final Batches batches;

    Served(Snapshots snapshots, Ledger ledger, Batches batches) {
        this.snapshots = snapshots;
        this.ledger = ledger;
        this.batches = batches;
    }

    /** What these wants take leaves the stock, as far as it is there. @return what it cost */
    Cost wants(Act act, List<Needs.Want> wants) {
        return wants.isEmpty() ? nothing(act) : written(act, serving(act).wants(wants, nothing(act)));
    }

    /** Eats portions of a dish. @param left that stay of them @return what the eaten portions cost */
    Cost dish(Act act, UUID batch, Rational portions, Rational left) {
        Serving serving = serving(act);
        return written(act, serving.dish(batch, foods(act, serving, batch), portions, left, nothing(act)));
    }

    /** What is in a raw bag: it decides how what is left of it keeps. */
    private List<Food> foods(Act act, Serving serving, UUID batch) {
        boolean raw = serving.kitchen().open().stream()
                .anyMatch(lot -> batch.equals(lot.batch()) && lot.style() == Style.RAW_BAG);
        return raw
                ? batches.byId(snapshots.of(act.household()), List.of(batch)).values().stream()
                        .flatMap(made -> made.foods().stream())
                        .toList()
                : List.of();
    }

    private Serving serving(Act act) {
        return new Serving(snapshots.kitchen(act.household()), act.day(), UUID::randomUUID);
    }

    private Cost written(Act act, Serving.Served served) {
        ledger.write(act, served.changes());
        return served.cost();
    }

    private static Cost nothing(Act act) {
        return Cost.zero(act.household().currency());
    }
}

package wexilla.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.onhand.Uses;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.shopping.Needs;
import wexilla.core.shopping.PackSheet;

/** The sheet of one pack: where it went, who wants the rest, what is left or short. */
@RestController
class SheetController {

    private static final int AHEAD = 35;

    private final Lots lots;
    private final Uses uses;
    private final PlanKitchen evenings;
    private final Snapshots snapshots;

    SheetController(Lots lots, Uses uses, PlanKitchen evenings, Snapshots snapshots) {
        this.lots = lots;
        this.uses = uses;
        this.evenings = evenings;
        this.snapshots = snapshots;
    }

    /**
     * @param what the dish, or what was done with it
     * @param day ISO day it is planned for; absent where it is used already
     * @param measure by spoons and cups; empty for what is not measured so
     * @param part of the pack: "⅔"
     */
    record UseView(String what, @Nullable String day, String amount, String measure, String part) {}

    /** @param words how it ends: used up, left or short */
    record SheetView(String whole, List<UseView> uses, String words, boolean closes) {}

    @GetMapping("/api/lots/{id}/sheet")
    SheetView sheet(Household household, @PathVariable UUID id) {
        Lot lot = lots.byId(household, id)
                .orElseThrow(() -> Problem.missing("There is no such thing in this household."));
        Snapshot now = snapshots.of(household);
        Food food = lot.food() == null ? null : now.foods().food(lot.food());
        List<PackSheet.Use> all = new ArrayList<>();
        List<@Nullable String> days = new ArrayList<>();
        for (Uses.Use use : uses.of(household, id)) {
            all.add(new PackSheet.Use(
                    words(use),
                    Amount.of(Rational.of(use.amount()), lot.amount().unit()),
                    false));
            days.add(null);
        }
        Needs needs = evenings.look(now, now.today().plusDays(AHEAD)).check().needs();
        Rational lacking = Rational.ZERO;
        for (Needs.Met met : needs.met()) {
            met.takes().stream()
                    .filter(take -> take.lot().id().equals(id.toString()))
                    .forEach(take -> {
                        all.add(new PackSheet.Use(met.want().dish(), take.amount(), true));
                        days.add(met.want().day().toString());
                    });
            Amount missing = met.lacking();
            Key key = food == null ? null : food.key();
            if (missing != null
                    && met.want().key().equals(key)
                    && missing.unit().equals(lot.amount().unit())) {
                lacking = lacking.plus(missing.value());
            }
        }
        Amount whole =
                Amount.of(Rational.of(uses.came(household, id)), lot.amount().unit());
        PackSheet sheet = PackSheet.of(
                whole, lot.amount(), all, Amount.of(lacking, lot.amount().unit()));
        List<UseView> views = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            PackSheet.Use use = all.get(i);
            views.add(new UseView(
                    use.what(),
                    days.get(i),
                    use.amount().toString(),
                    PackSheet.measure(food, use.amount(), household.system(), household.measures()),
                    sheet.part(use.amount())));
        }
        return new SheetView(whole.toString(), views, sheet.words(), sheet.closes());
    }

    private static String words(Uses.Use use) {
        String dish = use.dish();
        return switch (use.kind()) {
            case "WASTED" -> "binned";
            case "GIVEN" -> "given away";
            case "EATEN" -> "eaten";
            case "COUNTED" -> "counted, and not there";
            case "MOVED", "FROZEN", "THAWED", "PACKED" -> "put elsewhere";
            default -> dish == null ? "used by hand" : dish;
        };
    }
}

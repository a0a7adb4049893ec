package wexilla.app.cook;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.cook.CookViews.AlsoInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.CookViews.JustInput;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.ScrapBag;
import wexilla.core.stock.ScrapBag.Scrap;
import wexilla.core.stretch.Pot;

/** Bags of bones and peelings, and the stock that is boiled of one. */
@RestController
class ScrapsController {

    private static final int LEAST_ML = 200;
    private static final int MOST_ML = 30_000;

    private final Reference reference;
    private final Snapshots snapshots;
    private final Cookings cookings;
    private final Acts acts;

    ScrapsController(Reference reference, Snapshots snapshots, Cookings cookings, Acts acts) {
        this.reference = reference;
        this.snapshots = snapshots;
        this.cookings = cookings;
        this.acts = acts;
    }

    /**
     * @param words how full it is
     * @param oldest ISO day of what dates it
     * @param water to all of it, as typed: "2 l"
     */
    record ScrapBagView(String bag, String words, boolean due, String oldest, String water) {}

    @GetMapping("/api/scraps")
    List<ScrapBagView> bags(Household household) {
        return of(snapshots.of(household)).stream()
                .map(bag -> new ScrapBagView(
                        bag.name(), bag.words(), bag.due(), bag.oldest().toString(), litres(bag.water()) + " l"))
                .toList();
    }

    private List<ScrapBag> of(Snapshot now) {
        List<Scrap> scraps = new ArrayList<>();
        for (Lot lot : now.open()) {
            String bag = reference.scrapBags().get(now.key(lot));
            if (bag != null && !lot.open().pastLimit(now.today())) {
                scraps.add(new Scrap(
                        bag, lot.id().toString(), lot.amount(), lot.clock().from()));
            }
        }
        return ScrapBag.of(scraps);
    }

    private static String litres(Rational ml) {
        return Rational.of(ml.dividedBy(Rational.of(1000)).toDecimal(2)).plain();
    }

    /** @param bag by its name; @param water as typed; @param open whether the pot is boiled without its lid */
    record PotInput(String bag, String water, @Nullable Boolean open) {}

    /** All of a bag is boiled: its stock waits on the counter to be packed. */
    @PostMapping("/api/scraps/pot")
    Cooked boil(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody PotInput input) {
        return acts.perform(household, key, "cook", input, Cooked.class, act -> {
            Snapshot now = snapshots.of(household);
            ScrapBag bag = of(now).stream()
                    .filter(one -> one.name().equals(input.bag()))
                    .findFirst()
                    .orElseThrow(() -> Problem.at("/bag", "There are no " + input.bag() + " any more."));
            Amount water = household.measures().toBase(Asked.amount("/water", input.water()));
            if (water.unit().dimension() != Dimension.VOLUME
                    || water.value().compareTo(Rational.of(LEAST_ML)) < 0
                    || water.value().compareTo(Rational.of(MOST_ML)) > 0) {
                throw Problem.at(
                        "/water", "“" + input.water() + "” is no water for a pot; write 0.2 to 30 litres, like 2 l.");
            }
            Pot pot = new Pot(
                    List.of(new Pot.Input(
                            "water",
                            new LineReader(now.book()).read("1 l water").food(),
                            water)),
                    !Boolean.TRUE.equals(input.open()),
                    false);
            Rational broth = pot.broth(household.measures());
            JustInput made = new JustInput(
                    bag.name().equals("peelings") ? "vegetable stock" : "stock",
                    null,
                    Amount.of(Rational.of(broth.toDecimal(0)), Unit.ML).toString(),
                    bag.lots().stream()
                            .map(lot -> new AlsoInput(UUID.fromString(lot), null))
                            .toList(),
                    null,
                    null);
            return cookings.justCooked(act, made);
        });
    }
}

package wexilla.app.shop;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Foods;
import wexilla.app.onhand.ShopNames;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.shop.ShopViews.WantedView;
import wexilla.app.shop.ToBuy.ShopView;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.shopping.Needs;

/** Shop: what is missing, what lies in the basket, and putting it away at home. */
@RestController
class ShopController {

    private static final int MOST_DAYS = 60;
    private static final int LONGEST = 120;
    private static final int LONGEST_SHOP = 40;
    private static final Rational MOST = Rational.of(1_000_000_000);

    private final ToBuy toBuy;
    private final Entries entries;
    private final Unpacking away;
    private final Foods foods;
    private final Acts acts;
    private final Snapshots snapshots;
    private final ShopNames shopNames;

    ShopController(
            ToBuy toBuy,
            Entries entries,
            Unpacking away,
            Foods foods,
            Acts acts,
            Snapshots snapshots,
            ShopNames shopNames) {
        this.shopNames = shopNames;
        this.toBuy = toBuy;
        this.entries = entries;
        this.away = away;
        this.foods = foods;
        this.acts = acts;
        this.snapshots = snapshots;
    }

    @GetMapping("/api/shop")
    ShopView shop(Household household, @RequestParam(defaultValue = "7") int days) {
        return toBuy.of(snapshots.of(household), covered(days));
    }

    /** @throws Problem if a list cannot cover so many days */
    static int covered(int days) {
        if (days < 1 || days > MOST_DAYS) {
            throw Problem.at("/days", "A list covers from 1 to 60 days, not " + days + ".");
        }
        return days;
    }

    /** @param days the list covers */
    record EverythingInput(int days) {}

    /** Took everything: the rest of the list at what it was expected to cost. */
    @PostMapping("/api/shop/everything")
    Said everything(
            Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody EverythingInput input) {
        return acts.say(household, key, "tick", input, act -> {
            Snapshot now = snapshots.of(household);
            List<WantedView> wanted = toBuy.of(now, covered(input.days())).wanted();
            if (wanted.isEmpty()) {
                throw Problem.at("/days", "Nothing is left on the list.");
            }
            Map<Key, Food> known = new HashMap<>();
            Map<String, Unit> own = new HashMap<>();
            for (WantedView one : wanted) {
                if (one.food() != null && one.food().equals(Needs.OWN + one.name())) {
                    own.put(one.name(), own(household, one.pack()));
                } else if (one.food() != null) {
                    Key food = Key.food(one.food());
                    now.foods().book().get(food).ifPresent(there -> known.put(food, there));
                }
            }
            Map<String, Food> made = own.isEmpty() ? Map.of() : foods.own(household, own);
            Map<Key, UUID> rows = foods.rows(
                    household,
                    Stream.concat(known.values().stream(), made.values().stream())
                            .toList());
            entries.tick(
                    act,
                    wanted.stream()
                            .map(one -> {
                                Optional<Food> food = Optional.ofNullable(made.get(one.name()))
                                        .or(() ->
                                                Optional.ofNullable(one.food()).map(slug -> known.get(Key.food(slug))));
                                return new Entries.Entry(
                                        act.newId(),
                                        act.id(),
                                        one.item() == null ? null : UUID.fromString(one.item()),
                                        food.map(Food::key).map(rows::get).orElse(null),
                                        food.map(Food::name).orElse(one.name()),
                                        one.packs(),
                                        pack(household, food, one.pack()),
                                        one.expected() == null
                                                ? null
                                                : Money.parse(one.expected(), household.currency()),
                                        one.shop(),
                                        null);
                            })
                            .toList());
            return "In the basket: everything, " + wanted.size() + (wanted.size() == 1 ? " thing" : " things");
        });
    }

    /** @param shops names of those that are gone to from now on */
    record ShopsInput(List<String> shops) {}

    @PostMapping("/api/shop/shops")
    Said shops(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody ShopsInput input) {
        return acts.say(household, key, "shops", input, act -> {
            List<String> names = new ArrayList<>();
            for (int i = 0; input.shops() != null && i < input.shops().size(); i++) {
                names.add(Asked.name("/shops/" + i, input.shops().get(i), LONGEST_SHOP));
            }
            shopNames.goTo(act, names);
            return "Shopping at: " + String.join(", ", names);
        });
    }

    private static boolean isOf(KnownFoods now, Entries.Entry entry, Food food) {
        return entry.food() != null && food.key().equals(now.keys().get(entry.food()));
    }

    record ItemInput(String text) {}

    @PostMapping("/api/shop/items")
    Said add(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody ItemInput input) {
        return acts.say(household, key, "shop-item", input, act -> {
            String text = Asked.name("/text", input.text(), LONGEST);
            ReadLine read =
                    Asked.at("/text", () -> snapshots.of(household).reader().read(text));
            Food food = read.food();
            entries.add(act, text, food == null ? null : foods.row(household, food));
            return "On the list: " + text;
        });
    }

    /**
     * Something goes into the basket.
     *
     * @param food key, absent for what is no food
     * @param pack one pack as people say it, "400 g"; absent for what has no amount
     * @param price decimal money for all packs; absent when nobody knows yet
     * @param shop where; absent where nobody says
     * @param too whether it was bought although the same lies in the basket
     */
    record TickInput(
            @Nullable String food,
            @Nullable UUID item,
            String name,
            int packs,
            @Nullable String pack,
            @Nullable String price,
            @Nullable String shop,
            @Nullable Boolean too) {}

    @PostMapping("/api/shop/tick")
    Said tick(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody TickInput input) {
        return acts.say(household, key, "tick", input, act -> {
            if (input.packs() < 1 || input.packs() > 200) {
                throw Problem.at("/packs", "From 1 to 200 packs, not " + input.packs() + ".");
            }
            String name = Asked.name("/name", input.name(), LONGEST);
            FoodBook book = foods.known(household).book();
            Optional<Food> food = Optional.ofNullable(input.food())
                    .map(slug -> slug.equals(Needs.OWN + name)
                            ? foods.own(household, name, own(household, input.pack()))
                            : book.get(Key.food(slug))
                                    .orElseThrow(() -> Problem.at("/food", "There is no food “" + slug + "”.")));
            if (input.item() != null && entries.items(household).stream().noneMatch(i -> i.id().equals(input.item()))) {
                throw Problem.at("/item", "This is not on the list any more.");
            }
            Amount pack = pack(household, food, input.pack());
            if (!Boolean.TRUE.equals(input.too())) {
                takenAlready(household, input, food, pack, name);
            }
            boolean priced = input.price() != null && !input.price().isBlank();
            entries.tick(
                    act,
                    List.of(new Entries.Entry(
                            act.newId(),
                            act.id(),
                            input.item(),
                            food.map(f -> foods.row(household, f)).orElse(null),
                            food.map(Food::name).orElse(name),
                            input.packs(),
                            pack,
                            priced
                                    ? Asked.money("/price", Objects.requireNonNull(input.price()), household.currency())
                                    : null,
                            input.shop() == null || input.shop().isBlank()
                                    ? null
                                    : Asked.name("/shop", input.shop(), LONGEST_SHOP),
                            null)));
            return "In the basket: " + food.map(Food::name).orElse(name);
        });
    }

    /** Two in a shop with one list: the second hears of the first. Another size of the same food is another thing. */
    private void takenAlready(
            Household household, TickInput input, Optional<Food> food, @Nullable Amount pack, String name) {
        KnownFoods known = foods.known(household);
        entries.basket(household).stream()
                .filter(entry -> input.item() != null
                        ? input.item().equals(entry.item())
                        : food.map(f -> isOf(known, entry, f)
                                        && (pack == null || entry.pack() == null || pack.equals(entry.pack())))
                                .orElse(entry.text().equals(name)))
                .findFirst()
                .ifPresent(entry -> {
                    String who = entry.who() == null ? "" : ", taken by " + entry.who();
                    throw Problem.at(
                            "/too",
                            "“" + name + "” is in the basket already" + who + ": " + entry.packs() + " × "
                                    + (entry.pack() == null ? "one" : CookWords.amount(entry.pack()))
                                    + ". Say that it was bought too, or take that one out first.");
                });
    }

    /** The unit stock of a food is counted in that nobody has described: as its pack is. */
    private static Unit own(Household household, @Nullable String pack) {
        if (pack == null || pack.isBlank()) {
            return Unit.PIECE;
        }
        Unit base = household.measures().toBase(Asked.amount("/pack", pack)).unit();
        return base.equals(Unit.G) || base.equals(Unit.ML) ? base : Unit.PIECE;
    }

    private static @Nullable Amount pack(Household household, Optional<Food> food, @Nullable String typed) {
        if (typed == null || typed.isBlank()) {
            return null;
        }
        Amount amount = Asked.amount("/pack", typed);
        Amount base = household.measures().toBase(amount);
        if (food.isPresent()
                && Conversion.convert(food.get(), amount, food.get().base(), household.measures())
                        instanceof Conversion.Converted converted) {
            base = converted.amount();
        }
        Rational rounded = Rational.of(base.value().toDecimal(6));
        if (rounded.isZero() || rounded.compareTo(MOST) > 0) {
            throw Problem.at("/pack", "“" + typed + "” is no size of a pack; write it like 400 g or 2 bunches.");
        }
        return Amount.of(rounded, base.unit());
    }

    /** @param till decimal money the till said; absent when nobody looked */
    record AwayInput(@Nullable String till) {}

    /** What came home, with what must be cooked or frozen soon. */
    record AwayDone(String act, String subject, List<Unpacking.SoonView> soon) {}

    @PostMapping("/api/shop/away")
    AwayDone away(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody AwayInput input) {
        return acts.perform(household, key, "away", input, AwayDone.class, act -> {
            boolean said = input.till() != null && !input.till().isBlank();
            Money till = said ? Asked.money("/till", Objects.requireNonNull(input.till()), household.currency()) : null;
            return away.putAway(act, till);
        });
    }
}

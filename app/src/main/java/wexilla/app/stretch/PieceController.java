package wexilla.app.stretch;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.DishesForPiece;
import wexilla.app.recipes.DishesForPiece.Wanting;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.PieceViews.BalanceView;
import wexilla.app.stretch.PieceViews.PieceAsked;
import wexilla.app.stretch.PieceViews.PieceDishView;
import wexilla.app.stretch.PieceViews.StopView;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.food.facts.Yield;
import wexilla.core.kitchen.house.Household;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Wording;
import wexilla.core.recipe.lines.LineList;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stock.CookedForms;
import wexilla.core.stretch.Balance;
import wexilla.core.stretch.PieceDish;
import wexilla.core.stretch.Slab;
import wexilla.core.stretch.StretchPlan.Dish;

/** One piece of a big buy: the dishes of the book that take it, and how far its extender stretches it. */
@RestController
class PieceController {

    private final DishesForPiece dishes;
    private final Snapshots snapshots;
    private final Reference reference;

    PieceController(DishesForPiece dishes, Snapshots snapshots, Reference reference) {
        this.dishes = dishes;
        this.snapshots = snapshots;
        this.reference = reference;
    }

    /** A piece as it is cut. @param share as asked, {@code dish} what it becomes */
    private record Piece(ShareAsked share, Dish dish, Cut cut, boolean raw) {}

    private Piece piece(Snapshot now, PieceAsked asked) {
        Cut cut =
                Cutting.of(asked.asked(), now.book(), reference, now.household().currency());
        if (asked.pos() < 0 || asked.pos() >= asked.asked().shares().size()) {
            throw Problem.at("/pos", "There is no part " + (asked.pos() + 1) + " of it.");
        }
        ShareAsked share = asked.asked().shares().get(asked.pos());
        if (!share.meat()) {
            throw Problem.at("/pos", "“" + share.name() + "” is no meat: it goes to a pot of stock.");
        }
        return new Piece(
                share, cut.plan().dishes().get(asked.pos()), cut, asked.asked().cut() == Slab.Cut.RAW);
    }

    /** Recipes that accept its form, ranked; stores nothing. */
    @PostMapping("/api/stretch/dishes")
    List<PieceDishView> dishes(Household household, @RequestBody PieceAsked asked) {
        Snapshot now = snapshots.of(household);
        Piece piece = piece(now, asked);
        Food food = piece.cut()
                .food()
                .orElseThrow(() -> Problem.at(
                        "/asked/food", "Nobody knows what “" + asked.asked().food() + "” is; describe it first."));
        Key here = Key.batch("piece");
        List<Form> forms = piece.raw()
                ? List.of(new Form(
                        food.key(), Food.unknown(here, "piece", Unit.G), Rational.ONE, true, List.of(), "", "cut raw"))
                : CookedForms.cut(here, "piece", food, now.book());
        Dish dish = piece.dish();
        Wanting wanting = new Wanting(piece.raw() ? dish.rawGrams() : dish.grams(), dish.cost(), forms);
        return dishes.of(now, wanting, Objects.requireNonNullElse(asked.by(), PieceDish.By.COST)).stream()
                .map(PieceDishView::of)
                .toList();
    }

    /** More of its extender and less meat, or the other way, within what keeps the dish right; stores nothing. */
    @PostMapping("/api/stretch/balance")
    BalanceView balance(Household household, @RequestBody PieceAsked asked) {
        Snapshot now = snapshots.of(household);
        Piece piece = piece(now, asked);
        String extender = Objects.requireNonNullElse(piece.share().extender(), "");
        List<ReadLine> lines = LineList.ofStored(extender, now.reader()).lines();
        Extended extended =
                new Extended(piece.cut().food(), now.book(), reference.bigBuys().protein());
        Rational bought = Rational.ZERO;
        Rational onPlate = Rational.ZERO;
        Rational protein = lines.isEmpty() ? null : Rational.ZERO;
        for (ReadLine line : lines) {
            Rational grams = grams(line, now).orElse(Rational.ZERO);
            Food food = line.food();
            Yield yield = food == null ? null : food.traits().cooked();
            bought = bought.plus(grams);
            onPlate = onPlate.plus(yield == null ? grams : grams.times(yield.ofOne()));
            Rational more = extended.protein(line.text());
            protein = protein == null || more == null ? null : protein.plus(more);
        }
        int plates = piece.dish().plates().rounded().intValueExact();
        if (bought.isZero() || plates < 1) {
            throw Problem.at(
                    "/asked/shares/" + asked.pos() + "/extender",
                    "Say what it is stretched with and how much, like 400 g dried beans, and how many plates it makes.");
        }
        CostSheet sheet = CostSheet.of(lines.stream().map(Wanted::of).toList(), now.costs());
        Balance balance = Balance.of(new Balance.Dish(
                piece.dish().grams(),
                piece.dish().cost(),
                extended.meat(piece.dish().grams()),
                plates,
                bought,
                onPlate.dividedBy(bought),
                sheet.total().complete() ? sheet.total().known().minus(sheet.flat()) : null,
                protein));
        Recipe recipe = new Recipe(
                piece.share().name(), 1, lines.stream().map(RecipeLine::of).toList(), List.of());
        return new BalanceView(
                balance.stops().stream()
                        .map(stop -> StopView.of(stop, words(recipe, stop.factor(), household)))
                        .toList(),
                balance.now(),
                Balance.RULE);
    }

    private static Optional<Rational> grams(ReadLine line, Snapshot now) {
        return line.food() != null
                        && line.quantity() != null
                        && Conversion.convert(
                                        line.food(),
                                        line.quantity().middle(),
                                        Unit.G,
                                        now.household().measures())
                                instanceof Conversion.Converted converted
                ? Optional.of(converted.amount().value())
                : Optional.empty();
    }

    private static String words(Recipe recipe, Rational factor, Household household) {
        if (factor.isZero()) {
            return "";
        }
        Sized sized = Sized.of(recipe, Size.of(factor), household.measures());
        return String.join(
                ", ",
                sized.words(Wording.of(household.system(), household.measures())).stream()
                        .map(line -> line.text())
                        .toList());
    }
}

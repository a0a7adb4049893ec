package wexilla.app.cook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.cook.CookViews.BatchView;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.CookPlan;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.CookViews.GoesInView;
import wexilla.app.cook.CookViews.JustInput;
import wexilla.app.cook.CookViews.KeepsView;
import wexilla.app.cook.CookViews.PlainView;
import wexilla.app.cook.CookViews.TakeView;
import wexilla.app.household.Reference;
import wexilla.app.onhand.KeepsChoice;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.food.Food;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.packing.Label;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.GearTime;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.check.RecipeFlag;
import wexilla.core.recipe.check.SafetyCheck;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.cook.GoesIn;
import wexilla.core.stations.cook.PlainPart;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stretch.KeptPlain;

/** Cook. */
@RestController
class CookController {

    private static final int SHOWN = 20;

    private final Cookings cookings;
    private final Recipes recipes;
    private final Sizes sizes;
    private final Snapshots snapshots;
    private final Acts acts;
    private final Batches batches;
    private final Reference reference;

    CookController(
            Cookings cookings,
            Recipes recipes,
            Sizes sizes,
            Snapshots snapshots,
            Acts acts,
            Batches batches,
            Reference reference) {
        this.cookings = cookings;
        this.recipes = recipes;
        this.sizes = sizes;
        this.snapshots = snapshots;
        this.acts = acts;
        this.batches = batches;
        this.reference = reference;
    }

    /**
     * What would be taken from where, if it were cooked now.
     *
     * @param planned a batch that is to be cooked: it is cooked as it was planned, unless {@code n} says by which version
     */
    @GetMapping("/api/cook/{recipe}")
    CookPlan plan(
            Household household,
            @PathVariable UUID recipe,
            @RequestParam(defaultValue = "COOKED") Style style,
            @RequestParam(required = false) @Nullable String factor,
            @RequestParam(required = false) @Nullable Integer vessels,
            @RequestParam(required = false) @Nullable UUID planned,
            @RequestParam(required = false) @Nullable Integer n) {
        Snapshot now = snapshots.of(household);
        Integer asPlanned =
                planned == null ? null : cookings.planned(now, planned, recipe).n();
        Written stored = recipes.version(now, recipe, n == null ? asPlanned : n);
        Recipe cooked = stored.recipe();
        if (!cooked.styles().contains(style)) {
            throw Problem.at("/style", "This recipe has no stop “" + style.words() + "”.");
        }
        Rational size = Cookings.factor(factor);
        Sized sized = sizes.pots(household).sized(cooked, size, vessels);
        List<GoesIn> goesIn = GoesIn.of(household, sized, style, Map.of());
        CostSheet sheet = CostSheet.of(goesIn.stream().map(GoesIn::wanted).toList(), now.costs());
        List<GoesInView> views = new ArrayList<>();
        for (int i = 0; i < goesIn.size(); i++) {
            views.add(view(now, goesIn.get(i), sheet.lines().get(i), sized, style));
        }
        List<String> later = Label.toFinish(cooked, style);
        Rational portions = sized.portions();
        List<String> steps = cooked.steps().stream().map(RecipeStep::text).toList();
        return new CookPlan(
                recipe.toString(),
                stored.n(),
                stored.n() != recipes.current(now, recipe).n(),
                cooked.title(),
                size.exact(),
                sized.size().vessels(),
                Portions.number(portions),
                style,
                List.copyOf(cooked.styles()),
                views,
                Label.toAdd(sized, style),
                steps.subList(0, steps.size() - later.size()),
                later,
                sheet.total().known().decimal(),
                sheet.flat().decimal(),
                sheet.perPortion(portions).decimal(),
                sheet.total().complete(),
                sheet.total().missing().orElse(null),
                keeps(now, sized, style, sheet),
                mind(cooked, goesIn, sheet),
                cookings.besides(now.household(), stored, sized));
    }

    /** What could make somebody ill, by the steps and by what would be taken frozen. */
    private static List<String> mind(Recipe cooked, List<GoesIn> goesIn, CostSheet sheet) {
        List<Food> frozen = new ArrayList<>();
        for (int i = 0; i < goesIn.size(); i++) {
            Food food = goesIn.get(i).wanted().food();
            if (food != null
                    && sheet.lines().get(i).takes().stream()
                            .anyMatch(take -> take.lot().frozenAs() != null)) {
                frozen.add(food);
            }
        }
        return SafetyCheck.of(cooked, frozen).stream().map(RecipeFlag::words).toList();
    }

    private KeepsView keeps(Snapshot now, Sized sized, Style style, CostSheet sheet) {
        KeepingGuide guide = reference.keeping(now.household());
        List<Take> takes =
                sheet.lines().stream().flatMap(line -> line.takes().stream()).toList();
        DishKeeping keeping =
                DishKeeping.of(DishKeeping.Dish.of(sized, style, Stove.aged(takes, now.today()), now.today()), guide);
        String slug = keeping.keepingClass();
        LocalDate eatBy =
                guide.dates(slug, Storage.FRIDGE, keeping.from(), now.today()).eatBy();
        LocalDate best =
                guide.dates(slug, Storage.FREEZER, keeping.from(), now.today()).bestBefore();
        return new KeepsView(
                slug,
                guide.rule(slug).name(),
                keeping.why(),
                eatBy == null ? null : eatBy.toString(),
                best == null ? null : best.toString(),
                style == Style.RAW_BAG ? List.of() : KeepsChoice.all(guide));
    }

    private GoesInView view(Snapshot now, GoesIn line, LineCost cost, Sized sized, Style style) {
        String each = sized.size().factor().equals(Rational.ONE)
                ? null
                : line.line().read().text();
        PlainView plain = KeptPlain.of(line.wanted().food(), cost.need(), now.book())
                .filter(kept -> PlainPart.cooked(style))
                .map(kept -> plain(now, kept, line.line().read(), sized, style))
                .orElse(null);
        return view(now, line.pos(), line.text(), each, line.wanted(), cost, plain);
    }

    private PlainView plain(Snapshot now, KeptPlain kept, ReadLine line, Sized sized, Style style) {
        LocalDate eatBy = reference
                .keeping(now.household())
                .dates(kept.keepingClass(), Storage.FRIDGE, now.today(), now.today())
                .eatBy();
        return new PlainView(
                Amount.of(kept.bought(), Unit.G).toString(),
                kept.cooked().map(grams -> Amount.of(grams, Unit.G).toString()).orElse(null),
                eatBy == null ? null : eatBy.toString(),
                GearTime.of(line, sized.stepsUntil(style)).map(GearTime::words).orElse(null),
                kept.worthIt(sized.portions()));
    }

    private GoesInView within(Snapshot now, int pos, LineCost.Part part) {
        Household household = now.household();
        return view(
                now,
                pos,
                part.wanted().words(household.system(), household.measures()),
                null,
                part.wanted(),
                part.cost(),
                null);
    }

    private GoesInView view(
            Snapshot now,
            int pos,
            String text,
            @Nullable String each,
            Wanted wanted,
            LineCost cost,
            @Nullable PlainView plain) {
        Amount lacking = cost.notInStock();
        return new GoesInView(
                pos,
                text,
                each,
                wanted.name(),
                cost.need() == null ? null : CookWords.amount(cost.need()),
                cost.takes().stream().map(take -> view(now, take)).toList(),
                lacking == null ? null : CookWords.amount(lacking),
                cost.cost().known().decimal(),
                cost.cost().complete(),
                cost.basis(),
                cost.made().stream().map(part -> within(now, pos, part)).toList(),
                plain,
                cost.why());
    }

    private static TakeView view(Snapshot now, Take take) {
        Lot lot = now.open(UUID.fromString(take.lot().id())).orElseThrow();
        Rational left = take.lot().amount().value().minus(take.amount().value());
        return new TakeView(
                lot.id().toString(),
                lot.placeName(),
                CookWords.amount(take.amount()),
                Amount.of(left, take.amount().unit()).toString(),
                LotView.until(lot));
    }

    @PostMapping("/api/cook")
    Cooked cook(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody CookInput input) {
        return acts.perform(household, key, "cook", input, Cooked.class, act -> cookings.cook(act, input));
    }

    @PostMapping("/api/cook/just")
    Cooked just(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody JustInput input) {
        return acts.perform(household, key, "just", input, Cooked.class, act -> cookings.justCooked(act, input));
    }

    /** What was cooked, newest first; what was undone is not among it. */
    @GetMapping("/api/batches")
    List<BatchView> batches(Household household) {
        return batches.newest(household, SHOWN);
    }
}

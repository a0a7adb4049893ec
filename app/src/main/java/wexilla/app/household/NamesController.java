package wexilla.app.household;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.Likeness;
import wexilla.core.food.book.FoodSearch;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.PackLook;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;

/** What this kitchen calls what: the questions, what was answered, and what nobody has said yet. */
@RestController
class NamesController {

    private static final int LONGEST_NAME = 80;
    private static final int SHOWN = 5;
    private static final Rational MOST = Rational.of(100_000);

    private final Names names;
    private final Unsaid unsaid;
    private final Foods foods;
    private final People people;
    private final Reference reference;
    private final Acts acts;

    NamesController(Names names, Unsaid unsaid, Foods foods, People people, Reference reference, Acts acts) {
        this.names = names;
        this.unsaid = unsaid;
        this.foods = foods;
        this.people = people;
        this.reference = reference;
        this.acts = acts;
    }

    /** @param is what was said: "soy sauce", "its own, a sauce", "looked at on its pack"; @param allergens in words */
    record SaidName(String id, String name, String is, String allergens) {}

    /** @param recipes how many of the book name it; @param there how many of it are on hand */
    record UnsaidName(String name, int recipes, int there) {}

    /** One unit of a food here: a bunch of mint is 40 g. */
    record MeasureView(String id, String food, String unit, String amount) {}

    /** @param unread lines that were stored and cannot be read, with where they stand */
    record NamesView(List<SaidName> said, List<UnsaidName> unsaid, List<MeasureView> measures, List<String> unread) {}

    @GetMapping("/api/household/names")
    NamesView names(Household household) {
        KnownFoods known = foods.known(household);
        List<SaidName> said = foods.rows(household).stream()
                .filter(row -> row.sameAs() != null || row.likeness() != null || row.pack() != null)
                .map(row -> said(row, known))
                .sorted(java.util.Comparator.comparing(SaidName::name))
                .toList();
        return new NamesView(
                said,
                unsaid.names(household, known.book()),
                foods.measures(household).stream()
                        .map(measure -> new MeasureView(
                                measure.id().toString(),
                                known.food(measure.food()).name(),
                                measure.unit().symbol(),
                                measure.amount().toString()))
                        .toList(),
                unsaid.unread(household, new LineReader(known.book())));
    }

    private SaidName said(FoodRow row, KnownFoods known) {
        PackLook pack = row.pack();
        if (pack != null) {
            return new SaidName(
                    row.id().toString(), known.food(row.id()).name(), "looked at on its pack", pack.words());
        }
        String is = row.likeness() == null
                ? known.food(row.id()).name()
                : "its own, "
                        + reference
                                .likeness(row.likeness())
                                .map(Likeness::words)
                                .orElse(row.likeness());
        Set<Allergen> in = row.allergens();
        String allergens = row.likeness() == null
                ? ""
                : in == null ? "look at the pack" : in.isEmpty() ? "no allergens" : words(in);
        return new SaidName(row.id().toString(), row.name(), is, allergens);
    }

    private static String words(Set<Allergen> allergens) {
        return new TreeSet<>(allergens).stream().map(Allergen::words).collect(Collectors.joining(", "));
    }

    record FoodName(String key, String name) {}

    record LikenessView(String slug, String words) {}

    /**
     * What can be answered with one tap.
     *
     * @param near foods it may be, the likeliest first
     * @param allergens to be asked of, since somebody who eats here has one; empty when nobody has
     */
    record QuestionView(String name, List<FoodName> near, List<LikenessView> likenesses, List<Allergen> allergens) {}

    /** The question about a name nobody has described. */
    @GetMapping("/api/household/names/question")
    QuestionView question(Household household, @RequestParam String name) {
        String asked = Asked.name("/name", name, LONGEST_NAME);
        boolean someone = people.active(household).stream()
                .anyMatch(person -> !person.allergens().isEmpty());
        return new QuestionView(
                asked,
                FoodSearch.near(foods.known(household).book(), asked, SHOWN).stream()
                        .filter(Food::described)
                        .limit(3)
                        .map(NamesController::name)
                        .toList(),
                reference.likenesses().stream()
                        .map(like -> new LikenessView(like.slug(), like.words()))
                        .toList(),
                someone ? Allergen.namedIn(household.country()) : List.of());
    }

    /** Foods one of whose names holds this. */
    @GetMapping("/api/foods")
    List<FoodName> search(Household household, @RequestParam String text) {
        String asked = Asked.name("/text", text, LONGEST_NAME);
        return FoodSearch.containing(foods.known(household).book(), asked, SHOWN).stream()
                .map(NamesController::name)
                .toList();
    }

    private static FoodName name(Food food) {
        return new FoodName(food.key().id(), food.name());
    }

    /** @param food the key or the name of the food it is another name of */
    record SameInput(String name, String food) {}

    @PostMapping("/api/household/names/same")
    Said same(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody SameInput input) {
        return acts.say(household, key, "name", input, act -> {
            String name = Asked.name("/name", input.name(), LONGEST_NAME);
            return names.same(act, name, Asked.name("/food", input.food(), LONGEST_NAME));
        });
    }

    /** @param allergens what is in it; absent when the pack must be looked at */
    record OwnInput(String name, String likeness, @Nullable List<Allergen> allergens) {}

    @PostMapping("/api/household/names/own")
    Said own(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody OwnInput input) {
        return acts.say(household, key, "name", input, act -> {
            String name = Asked.name("/name", input.name(), LONGEST_NAME);
            List<Allergen> in = input.allergens();
            return names.own(act, name, input.likeness(), in == null ? null : new HashSet<>(in));
        });
    }

    /**
     * @param food key or name; @param named the allergens its pack names
     * @param clear those that were looked for and are not named; what is in neither was not looked for
     */
    record LookedInput(String food, List<Allergen> named, List<Allergen> clear) {}

    @PostMapping("/api/household/looked")
    Said looked(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody LookedInput input) {
        return acts.say(
                household,
                key,
                "looked",
                input,
                act -> names.looked(act, Asked.name("/food", input.food(), LONGEST_NAME), seen(input)));
    }

    private static PackLook seen(LookedInput input) {
        Set<Allergen> named = new HashSet<>(input.named());
        Set<Allergen> clear = new HashSet<>(input.clear());
        if (named.isEmpty() && clear.isEmpty()) {
            throw Problem.at("/clear", "Say what the pack was looked at for, and whether it names it.");
        }
        if (named.stream().anyMatch(clear::contains)) {
            throw Problem.at("/clear", "The pack cannot both name and not name " + words(clear) + ".");
        }
        return new PackLook(named, clear);
    }

    @PostMapping("/api/household/names/{id}/forget")
    Said forget(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(
                household, key, "name-forget", id, act -> "Nobody has said what it is: " + names.forget(act, id));
    }

    /** @param food key or name; @param unit "bunch"; @param amount "40 g" */
    record MeasureInput(String food, String unit, String amount) {}

    @PostMapping("/api/household/measures")
    Said measure(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody MeasureInput input) {
        return acts.say(household, key, "measure", input, act -> {
            String food = Asked.name("/food", input.food(), LONGEST_NAME);
            Unit unit = Unit.parse(input.unit().strip())
                    .orElseThrow(() -> Problem.at(
                            "/unit", "“" + input.unit() + "” is nothing to count in; write bunch, jar, tub or piece."));
            boolean filled = unit.dimension() == Dimension.VOLUME;
            if (!filled && unit.dimension() != Dimension.COUNT || unit.equals(Unit.PORTION)) {
                throw Problem.at(
                        "/unit", "“" + input.unit() + "” is a weight; a cup, a bunch, a jar, a piece is asked.");
            }
            Amount amount = household.measures().toBase(Asked.amount("/amount", input.amount()));
            boolean measured = amount.unit().equals(Unit.G) || amount.unit().equals(Unit.ML);
            if (!measured || amount.value().isZero() || amount.value().compareTo(MOST) > 0) {
                throw Problem.at("/amount", "“" + input.amount() + "” is no weight; write it like 40 g or 300 ml.");
            }
            if (filled && !amount.unit().equals(Unit.G)) {
                throw Problem.at(
                        "/amount",
                        "Say what one " + unit.symbol() + " of it weighs, like 190 g, not “" + input.amount() + "”.");
            }
            return names.measure(act, food, unit, amount);
        });
    }

    @PostMapping("/api/household/measures/{id}/forget")
    Said unmeasure(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(
                household, key, "measure-forget", id, act -> "Let go: what 1 " + names.unmeasure(act, id) + " is");
    }
}

package wexilla.app.household;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Likeness;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.Forms;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Caution;
import wexilla.core.food.facts.Claim;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Substance;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.recipe.Instead;
import wexilla.core.shopping.ShopPacks;

/** The reference files that ship with the application, read once into core types. A broken row stops the start. */
@Component
public class Reference {

    private final List<Food> foods;
    private final FoodBook book;
    private final Forms forms;
    private final KeepingGuide keeping;
    private final Map<String, String> classes = new HashMap<>();
    private final Map<Country, KeepingGuide> keepingIn = new EnumMap<>(Country.class);
    private final List<Likeness> likenesses;
    private final ShopPacks shopPacks;
    private final Map<Key, Instead.Part> instead = ReferenceRows.of("instead.csv").stream()
            .collect(Collectors.toMap(
                    row -> Key.food(row.get("slug")),
                    row -> new Instead.Part(
                            Instead.Role.valueOf(row.get("role").toUpperCase(Locale.ROOT)),
                            Rational.of(new BigDecimal(row.get("fat"))),
                            Unit.ofSymbol(row.get("unit")))));
    private final Map<Key, String> scrapBags = ReferenceRows.of("scraps.csv").stream()
            .collect(Collectors.toMap(row -> Key.food(row.get("slug")), row -> row.get("bag")));
    private final HeatGuide heat = new HeatGuide(
            ReferenceRows.of("heat.csv").stream().map(Reference::heatRule).toList());
    private final BigBuys bigBuys = BigBuys.read();

    /** Reads the tables that ship. */
    public Reference() {
        Map<String, List<FoodFact>> facts = ReferenceRows.of("food_facts.csv").stream()
                .collect(Collectors.groupingBy(
                        row -> row.get("slug"), Collectors.mapping(Reference::fact, Collectors.toList())));
        Map<String, Map<Part, Yield>> yields = ReferenceRows.of("yields.csv").stream()
                .collect(Collectors.groupingBy(
                        row -> row.get("slug"),
                        Collectors.toMap(
                                row -> Part.valueOf(row.get("part").toUpperCase(Locale.ROOT)), Reference::yieldOf)));
        Map<String, Map<Caution, String>> cautions = ReferenceRows.of("cautions.csv").stream()
                .collect(Collectors.groupingBy(
                        row -> row.get("slug"),
                        Collectors.toMap(row -> Caution.valueOf(row.get("caution")), ReferenceRows::source)));
        foods = ReferenceRows.of("foods.csv").stream()
                .map(row -> food(row, facts, yields, cautions))
                .toList();
        book = new FoodBook(
                foods,
                ReferenceRows.of("spoon.csv").stream()
                        .collect(Collectors.toMap(
                                row -> row.get("name"),
                                row -> new FoodBook.Spooned(
                                        Key.food(row.get("slug")),
                                        row.get("bare").equals("yes")))));
        forms = new Forms(ReferenceRows.of("forms.csv").stream()
                .map(row -> new Form(
                        book.get(Key.food(row.get("need"))).orElseThrow().key(),
                        book.get(Key.food(row.get("by"))).orElseThrow(),
                        Rational.of(new BigDecimal(row.get("gives"))),
                        row.get("silent").equals("yes"),
                        ReferenceRows.list(row, "done"),
                        row.get("todo"),
                        ReferenceRows.source(row)))
                .toList());
        keeping = new KeepingGuide(
                ReferenceRows.of("keeping.csv").stream().map(Reference::rule).toList());
        Map<String, KeepingGuide.Local> uk = ReferenceRows.of("keeping_country.csv").stream()
                .collect(Collectors.toMap(
                        row -> row.get("class"),
                        row -> new KeepingGuide.Local(
                                Objects.requireNonNull(span(row.get("fridge_days"))), ReferenceRows.source(row))));
        keepingIn.put(Country.UK, keeping.in(Country.UK, uk));
        keepingIn.put(Country.EU, keeping.in(Country.EU, uk));
        keepingIn.put(Country.US, keeping.in(Country.US, Map.of()));
        ReferenceRows.of("keeping.csv").forEach(row -> {
            classes.put(row.get("class"), row.get("class"));
            classes.putIfAbsent(row.get("name"), row.get("class"));
            ReferenceRows.list(row, "also").forEach(also -> classes.put(also, row.get("class")));
        });
        shopPacks = new ShopPacks(ReferenceRows.of("shop_packs.csv").stream()
                .collect(Collectors.toMap(
                        row -> row.get("of"),
                        row -> ReferenceRows.list(row, "packs").stream()
                                .map(Reference::amount)
                                .toList())));
        likenesses = ReferenceRows.of("likenesses.csv").stream()
                .map(Reference::likeness)
                .toList();
    }

    /** What a food does in a dish, by its key, for those that can go in for each other. */
    public Map<Key, Instead.Part> instead() {
        return instead;
    }

    /** How hot what is raw has to get. */
    public HeatGuide heat() {
        return heat;
    }

    /** The bag a food is kept in for a pot of stock, by its key; what is not in it is no scrap. */
    public Map<Key, String> scrapBags() {
        return scrapBags;
    }

    public List<Food> foods() {
        return foods;
    }

    /** The reference foods, found by what people write. */
    public FoodBook book() {
        return book;
    }

    /** Which foods stand in for which. */
    public Forms forms() {
        return forms;
    }

    public KeepingGuide keeping() {
        return keeping;
    }

    /** The class of the keeping table that is meant: by its key, its name, another word for it, or a food in it. */
    public Optional<String> keepingClass(String said) {
        String found = classes.get(said.strip().toLowerCase(Locale.ROOT));
        return found != null ? Optional.of(found) : book.named(said).map(Food::keepingClass);
    }

    /** The keys of the keeping table. */
    public List<String> keepingClasses() {
        return classes.values().stream().distinct().sorted().toList();
    }

    /** The keeping table of the country whose rules hold, with what this household chose. */
    public KeepingGuide keeping(Household household) {
        Country country = household.country();
        KeepingGuide here = country == null ? keeping : Objects.requireNonNull(keepingIn.get(country));
        return household.riceKept() ? here.riceKept() : here;
    }

    /** What a food of a household's own can be said to be like. */
    public List<Likeness> likenesses() {
        return likenesses;
    }

    /** What is known of cutting and stretching big buys. */
    public BigBuys bigBuys() {
        return bigBuys;
    }

    /** How things are bought where no pack of them was ever seen. */
    public ShopPacks shopPacks() {
        return shopPacks;
    }

    Optional<Likeness> likeness(String slug) {
        return likenesses.stream().filter(like -> like.slug().equals(slug)).findFirst();
    }

    private static Likeness likeness(CSVRecord row) {
        return new Likeness(
                row.get("slug"),
                row.get("words"),
                Unit.ofSymbol(row.get("base")),
                row.get("keeping"),
                row.get("aisle"),
                Making.valueOf(row.get("making").toUpperCase(Locale.ROOT)),
                words(row, "animal", Animal::ofWord),
                Cut.ofWord(row.get("cut")));
    }

    private static <T> Set<T> words(CSVRecord row, String column, Function<String, T> read) {
        return ReferenceRows.list(row, column).stream().map(read).collect(Collectors.toSet());
    }

    private static Food food(
            CSVRecord row,
            Map<String, List<FoodFact>> facts,
            Map<String, Map<Part, Yield>> yields,
            Map<String, Map<Caution, String>> cautions) {
        List<String> aliases = ReferenceRows.list(row, "also");
        String slug = row.get("slug");
        return new Food(
                Key.food(slug),
                row.get("name"),
                aliases,
                ReferenceRows.list(row, "kinds"),
                Unit.ofSymbol(row.get("base")),
                row.get("keeping"),
                row.get("seasoning").equals("yes"),
                Scaling.valueOf(row.get("scaling").toUpperCase(Locale.ROOT)),
                facts.getOrDefault(slug, List.of()),
                new Traits(
                        row.get("aisle"),
                        row.get("protein"),
                        new Contents(
                                Making.valueOf(row.get("making").toUpperCase(Locale.ROOT)),
                                words(row, "has", Substance::ofWord),
                                words(row, "often", Substance::ofWord),
                                words(row, "claims", Claim::ofWord),
                                Set.of()),
                        words(row, "animal", Animal::ofWord),
                        Cut.ofWord(row.get("cut")),
                        cautions.getOrDefault(slug, Map.of()),
                        yields.getOrDefault(slug, Map.of()),
                        words(row, "nature", Nature::ofWord)));
    }

    private static HeatGuide.Rule heatRule(CSVRecord row) {
        return new HeatGuide.Rule(
                Country.ofWord(row.get("country")).orElse(null),
                row.get("animal").equals("any") ? Set.of() : words(row, "animal", Animal::ofWord),
                words(row, "cut", Cut::ofWord),
                row.get("core").isEmpty() ? null : Integer.valueOf(row.get("core")),
                Integer.parseInt(row.get("rest")),
                row.get("how"),
                ReferenceRows.source(row));
    }

    private static Yield yieldOf(CSVRecord row) {
        return new Yield(Rational.of(new BigDecimal(row.get("of_one"))), ReferenceRows.source(row));
    }

    private static FoodFact fact(CSVRecord row) {
        return new FoodFact(
                amount(row.get("from")), amount(row.get("to")), ReferenceRows.source(row), ReferenceRows.trust(row));
    }

    private static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    private static KeepingRule rule(CSVRecord row) {
        return new KeepingRule(
                row.get("class"),
                row.get("name"),
                span(row.get("fridge_days")),
                span(row.get("freezer_months")),
                span(row.get("cupboard_months")),
                span(row.get("opened_days")),
                row.get("usual").isEmpty()
                        ? null
                        : Storage.valueOf(row.get("usual").toUpperCase(Locale.ROOT)),
                ReferenceRows.source(row));
    }

    private static @Nullable Span span(String text) {
        if (text.isEmpty()) {
            return null;
        }
        String[] ends = text.split("-");
        return new Span(Integer.parseInt(ends[0]), Integer.parseInt(ends[ends.length - 1]));
    }
}

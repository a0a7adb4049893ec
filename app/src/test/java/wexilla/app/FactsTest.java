package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Currency;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Known;
import wexilla.core.food.facts.Making;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;
import wexilla.core.stock.notes.Since;

/** What is true of every row of the food table (design: facts, sections 1 to 3), and of packs judged before it was looked at. */
class FactsTest {

    private static final Currency EURO = Currency.getInstance("EUR");
    private static final LocalDate DAY = LocalDate.of(2026, 12, 2);

    private final Reference reference = Kitchen.bean(Reference.class);

    /** Words of a name that tell what is in it, and names in which they do not. */
    private static final Map<Allergen, String> TELL = Map.ofEntries(
            Map.entry(
                    Allergen.FISH, "fish|anchov\\w+|tuna|salmon|cod|haddock|sardines?|mackerel|trout|herring|kippers?"),
            Map.entry(Allergen.CRUSTACEANS, "prawns?|shrimps?|crab|lobster|crayfish|langoustines?|scampi"),
            Map.entry(Allergen.MOLLUSCS, "mussels?|clams?|oysters?|scallops?|squid|octopus"),
            Map.entry(Allergen.MILK, "milk|cheese|cheddar|mozzarella|parmesan|yoghurt|cream|butter|custard|ghee"),
            Map.entry(Allergen.EGGS, "eggs?|mayonnaise|omelette|quiche|frittata|meringues?"),
            Map.entry(Allergen.GLUTEN, "wheat|barley|rye|oats?|spelt|couscous|bulgur|semolina|bread|malt"),
            Map.entry(Allergen.PEANUTS, "peanuts?|satay"),
            Map.entry(Allergen.NUTS, "almonds?|hazelnuts?|walnuts?|cashews?|pecans?|pistachios?|macadamias?"),
            Map.entry(Allergen.SOYA, "soya|tofu|edamame|tempeh|miso"),
            Map.entry(Allergen.CELERY, "celery|celeriac"),
            Map.entry(Allergen.MUSTARD, "mustard"),
            Map.entry(Allergen.SESAME, "sesame|tahini"));

    /** Names in which such a word says something else: of a plant, of a thing that goes with it, of what is left out. */
    private static final String OTHER_THING =
            ".*\\b(?:butter beans?|coconut (?:milk|cream|drink)|creamed coconut|cream of tartar|butter lettuce|butternut"
                    + "|cocoa butter|oyster mushrooms?|eggplant|rice (?:milk|drink)|milk-?free|free|vegan|plant|dairy-free"
                    + "|non-dairy|(?:apple|nut|seed|almond|cashew|hazelnut|peanut|sunflower|pumpkin)[ -](?:\\w+ )?butter"
                    + "|smooth \\w+ butter|crunchy \\w+ butter|sunflower butter"
                    + "|(?:oat|soya|soy|almond|cashew|hazelnut|pea|hemp|coconut|plant)[ -](?:milk|cream|drink|yoghurt)\\w*"
                    + "|coconut milk yoghurt|coconut whipping cream|cheese straws?|cod roe|fish pie mix|cookie butter"
                    + "|fish seasoning|bread (?:flour|sauce|machine yeast|dumplings|mix)|potato bread|corn ?bread|buckwheat"
                    + "|malt-free|shaped|style|egg replacer|egg substitute|cracked wheat|cheesecloth|cream crackers"
                    + "|spread|spreads|sauce mix|coffee cream\\w*|ice cream cones|peanut oil|walnut oil|creamer|rice cream"
                    + "|garlic bread|gingerbread|shortbread|crispbread|flatbreads?|banana bread|texas toast)\\b.*";

    private Stream<Food> foods() {
        return reference.foods().stream();
    }

    /** A name that tells of an allergen is of a food that has it, or often has it, or must be looked at. */
    @Test
    void namesTellNothingTheRowDenies() {
        List<String> denied = new ArrayList<>();
        foods().forEach(food -> Stream.concat(food.names(), food.kinds().stream())
                .forEach(name -> {
                    String lower = name.toLowerCase(Locale.ROOT);
                    TELL.forEach((allergen, words) -> {
                        boolean tells = lower.matches(".*(?<![\\p{L}-])(?:" + words + ")(?![\\p{L}]).*")
                                && !lower.matches(OTHER_THING);
                        if (tells && food.traits().contents().of(allergen, null) == Known.WITHOUT) {
                            denied.add(food.key().id() + " (" + name + "): " + allergen.words());
                        }
                    });
                }));
        assertThat(denied).isEmpty();
    }

    /** What has a maker is free of nothing until somebody has looked, in every country; what is plain says all it has. */
    @Test
    void absenceIsProven() {
        for (Country country : Country.values()) {
            foods().forEach(food -> {
                Contents contents = food.traits().contents();
                for (Allergen allergen : Allergen.values()) {
                    Known known = contents.of(allergen, country);
                    if (contents.making() == Making.MADE && contents.claims().isEmpty()) {
                        assertThat(known).as(food.name()).isIn(Known.HAS, Known.LOOK);
                    }
                    assertThat(known).as(food.name()).isNotEqualTo(Known.NOT_KNOWN);
                }
                if (contents.making() == Making.MADE && contents.claims().isEmpty()) {
                    assertThat(Diet.VEGAN.against(food)).as(food.name()).isIn(Known.HAS, Known.LOOK);
                    assertThat(Diet.VEGETARIAN.against(food)).as(food.name()).isIn(Known.HAS, Known.LOOK);
                }
                boolean flesh = food.traits().animals().stream().anyMatch(Animal::flesh);
                assertThat(flesh && Diet.VEGETARIAN.against(food) != Known.HAS)
                        .as(food.name())
                        .isFalse();
            });
        }
    }

    /** Raw meat and fish keep by animal and cut. FoodSafety.gov, Cold Food Storage Chart (from memory). */
    @Test
    void daysFollowAnimalAndCut() {
        List<String> wrong = new ArrayList<>();
        foods().filter(food -> food.traits().cut().perishable() && food.traits().rawFlesh() && chilled(food))
                .forEach(food -> {
                    Set<Animal> animals = food.traits().animals();
                    int days = Objects.requireNonNull(
                                    reference
                                            .keeping()
                                            .rule(food.keepingClass())
                                            .fridge(),
                                    food.name())
                            .to();
                    int most = most(animals, food.traits().cut());
                    if (days > most && food.traits().contents().making() != Making.MADE || days > 5) {
                        wrong.add(food.name() + ": " + days + " days, " + most + " at most");
                    }
                });
        assertThat(wrong).isEmpty();
    }

    private boolean chilled(Food food) {
        return reference.keeping().rule(food.keepingClass()).fridge() != null;
    }

    private static int most(Set<Animal> animals, Cut cut) {
        if (cut == Cut.STUFFED) {
            return 1;
        }
        boolean red = EnumSet.of(Animal.BEEF, Animal.PORK, Animal.LAMB, Animal.VENISON, Animal.MEAT)
                .containsAll(animals);
        boolean fish = animals.stream().allMatch(animal -> animal == Animal.WHITE_FISH || animal == Animal.OILY_FISH);
        return fish ? 3 : red && (cut == Cut.WHOLE || cut == Cut.TENDERISED || cut == Cut.BONES) ? 5 : 2;
    }

    /** Core temperatures of all raw flesh. FoodSafety.gov, Safe Minimum Internal Temperatures (from memory). */
    @Test
    void coresFollowAnimalAndCut() {
        foods().filter(food -> food.traits().rawFlesh()).forEach(food -> {
            Set<Animal> animals = food.traits().animals();
            Cut cut = food.traits().cut();
            Integer core = reference.heat().of(food, false, null).core();
            int least = cut == Cut.STUFFED
                            || animals.stream().anyMatch(animal -> animal.bird() || animal == Animal.MEAT)
                    ? 74
                    : animals.stream().anyMatch(Animal::sea)
                            ? 63
                            : Set.of(Cut.MINCED, Cut.OFFAL, Cut.TENDERISED).contains(cut)
                                            || animals.contains(Animal.VENISON)
                                            || animals.contains(Animal.RABBIT)
                                    ? 71
                                    : 63;
            assertThat(core).as(food.name()).isEqualTo(least);
            assertThat(reference.heat().of(food, true, null).core())
                    .as(food.name())
                    .isEqualTo(74);
            Integer uk = reference.heat().of(food, false, Country.UK).core();
            assertThat(uk == null || uk >= 63).as(food.name()).isTrue();
        });
    }

    /** "Chuck roast" is a joint; diced, stuffed or minced it is another thing, whichever way round it is written. */
    @Test
    void wordsOfTheButcherAreNeverLost() {
        LineReader reader = new LineReader(reference.book());
        List<String> wrong = new ArrayList<>();
        foods().filter(food -> food.traits().cut() == Cut.WHOLE
                        && food.traits().contents().making() == Making.PLAIN
                        && food.traits().animals().stream().anyMatch(Animal::land))
                .forEach(food -> {
                    String name = food.name();
                    check(reader, "1 kg " + name + " roast", Cut.WHOLE, wrong);
                    check(reader, "1 kg stuffed " + name, Cut.STUFFED, wrong);
                    check(reader, "1 kg rolled " + name, Cut.TENDERISED, wrong);
                    check(reader, "1 kg cooked " + name, Cut.COOKED, wrong);
                    check(reader, "1 kg leftover " + name, Cut.COOKED, wrong);
                });
        assertThat(wrong).isEmpty();
    }

    private static void check(LineReader reader, String text, Cut cut, List<String> wrong) {
        Food read = reader.read(text).food();
        // what is not known is asked, never taken for another cut
        if (read != null
                && read.traits().cut() != cut
                && !(cut == Cut.WHOLE && read.traits().cut().raw())) {
            wrong.add(text + ": " + read.name() + ", " + read.traits().cut().words());
        }
    }

    /** Diced is stew meat whichever way round it is written, and rolled or roasting joints are not. */
    @Test
    void dicedIsStewMeat() {
        NoteReader notes = new NoteReader(reference.book(), EURO, Measures.METRIC, DAY);
        List<String> late = new ArrayList<>();
        foods().filter(food -> food.traits().cut() == Cut.WHOLE
                        && food.traits().contents().making() == Making.PLAIN
                        && food.traits().animals().stream().anyMatch(Animal::land)
                        && !food.name().startsWith("roast"))
                .forEach(food -> {
                    for (String how :
                            List.of("500 g diced %s", "%s, diced 500 g", "%s cubed 500 g", "500 g %s cubes")) {
                        String text = how.formatted(food.name());
                        NoteLine line = notes.read(text).get(0);
                        LocalDate eatBy = NoteKeeping.of(line, Storage.FRIDGE, reference.keeping(), DAY)
                                .dates()
                                .eatBy();
                        if (eatBy == null || eatBy.isAfter(DAY.plusDays(2))) {
                            late.add(text + ": " + eatBy);
                        }
                    }
                });
        assertThat(late).isEmpty();
    }

    /** Whatever it is and whenever it is opened, it keeps no longer for that. */
    @Test
    void openingNeverLengthens() {
        for (Country country : new Country[] {null, Country.UK, Country.EU, Country.US}) {
            KeepingGuide guide = guide(country);
            for (String keeping : reference.keepingClasses()) {
                for (int after = 0; after < 60; after++) {
                    LotClock shut = LotClock.start(keeping, DAY);
                    KeepDates before = guide.dates(shut, guide.rule(keeping).usualStorage());
                    LocalDate limit = before.eatBy();
                    LocalDate on = DAY.plusDays(after);
                    if (limit != null && !on.isAfter(limit)) {
                        LotClock open = guide.opened(shut, on, before);
                        assertThat(guide.dates(open, Storage.FRIDGE).eatBy())
                                .as(keeping + " opened after " + after + " days")
                                .isBeforeOrEqualTo(limit);
                    }
                }
            }
        }
    }

    private KeepingGuide guide(@Nullable Country country) {
        Household own = new Household(
                UUID.randomUUID(),
                "x",
                ZoneOffset.UTC,
                EURO,
                KitchenMeasure.System.METRIC,
                Measures.METRIC,
                Seasoning.FLAT,
                Money.zero(EURO),
                false,
                OwnGoods.NOTHING,
                country,
                1);
        return reference.keeping(own);
    }

    /** Left-overs 48 hours, rice 24, boiled eggs 3 days, thawed 24 hours: Food Standards Agency (from memory). */
    @Test
    void theCountryDecidesDays() {
        KeepingGuide uk = guide(Country.UK);
        LocalDate next = DAY.plusDays(1);
        assertThat(uk.dates("cooked-dish", Storage.FRIDGE, DAY, DAY).eatBy()).isEqualTo(DAY.plusDays(2));
        assertThat(uk.dates("cooked-rice", Storage.FRIDGE, DAY, DAY).eatBy()).isEqualTo(next);
        assertThat(uk.dates("eggs-boiled", Storage.FRIDGE, DAY, DAY).eatBy()).isEqualTo(DAY.plusDays(3));
        LotClock thawed = LotClock.start("raw-roast", DAY).frozen(DAY).thawed(DAY);
        assertThat(uk.dates(thawed, Storage.FRIDGE).eatBy()).isEqualTo(next);
        assertThat(guide(Country.US)
                        .dates("cooked-dish", Storage.FRIDGE, DAY, DAY)
                        .eatBy())
                .isEqualTo(DAY.plusDays(4));
    }

    /** What is printed is read: "eat by Tue 24 Nov", "best before Nov 2026", "2 × 500 g", over random foods and days. */
    @Test
    void printedIsRead() {
        NoteReader notes = new NoteReader(reference.book(), EURO, Measures.METRIC, DAY);
        Random random = new Random(26);
        List<Food> all = foods().filter(food -> food.base().equals(Unit.G)).toList();
        List<String> other = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            Food food = all.get(random.nextInt(all.size()));
            boolean raw = food.traits().rawFlesh();
            LocalDate day = DAY.plusDays(random.nextInt(raw ? 40 : 55));
            String eatBy = "500 g " + food.name() + ", eat by " + Household.words(day);
            other(notes, eatBy, "USE_BY " + day, other);
            LocalDate month = DAY.plusMonths(random.nextInt(30)).with(TemporalAdjusters.lastDayOfMonth());
            String best = "2 x 500 g " + food.name() + ", best before "
                    + DateTimeFormatter.ofPattern("MMM yyyy", Locale.ENGLISH).format(month);
            other(notes, best, "BEST_BEFORE " + month, other);
        }
        assertThat(other).isEmpty();
    }

    private static void other(NoteReader notes, String text, String limit, List<String> other) {
        NoteLine line = notes.read(text).get(0);
        Since.Limit said = line.since().limit();
        if (said == null || !limit.equals(said.role() + " " + said.day())) {
            other.add(text + ": " + (said == null ? "no limit" : said.role() + " " + said.day()));
        }
    }

    /** What packs usually say, written down before the table was looked at: nothing is denied, nearly all is right. */
    @Test
    void packsSayTheSame() throws Exception {
        LineReader reader = new LineReader(reference.book());
        List<String> unsafe = new ArrayList<>();
        List<String> other = new ArrayList<>();
        int right = 0;
        int rows = 0;
        for (String row : rows("/packs.psv")) {
            String[] part = row.split("\\|", -1);
            rows++;
            Food food = reader.read(part[0]).food();
            if (food == null) {
                other.add(part[0] + ": not known");
                continue;
            }
            Contents contents = food.traits().contents();
            Set<Allergen> has = words(part[1]);
            Set<Allergen> often = words(part[2]);
            Stream.concat(has.stream(), often.stream())
                    .filter(allergen -> contents.of(allergen, null) == Known.WITHOUT)
                    .forEach(allergen -> unsafe.add(part[0] + " (" + food.name() + "): " + allergen.words()));
            boolean same = contents.allergens(null).equals(has) && contents.look() == part[3].equals("yes");
            right += same ? 1 : 0;
            if (!same) {
                other.add(part[0] + ": has " + contents.allergens(null) + ", not " + has
                        + (contents.look() ? ", look" : ""));
            }
        }
        System.out.println("packs: " + right + " of " + rows + " right\n" + String.join("\n", other));
        assertThat(unsafe).isEmpty();
        assertThat(right * 100 / rows).isGreaterThanOrEqualTo(90);
    }

    private static Set<Allergen> words(String list) {
        return Arrays.stream(list.split(","))
                .filter(word -> !word.isBlank())
                .map(word -> Allergen.ofWord(word).orElseThrow())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<String> rows(String resource) throws Exception {
        try (InputStream in = Objects.requireNonNull(FactsTest.class.getResourceAsStream(resource))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .toList();
        }
    }
}

package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Allergen;
import wexilla.core.food.Animal;
import wexilla.core.food.Contents;
import wexilla.core.food.Country;
import wexilla.core.food.Cut;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.Known;
import wexilla.core.food.Making;
import wexilla.core.recipe.LineReader;

/** What is true of every row of the food table (design: facts, sections 1 to 3), and of packs judged before it was looked at. */
class FactsTest {

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

package wexilla.core.food.book;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.Traits;

/**
 * How hot a food must get, by its animal and cut and by nothing a step says (design: facts, section 3). The table is {@code
 * reference/heat.csv}; its first row that fits holds.
 */
public final class HeatGuide {

    /**
     * A row of the table.
     *
     * @param country where it holds; null everywhere
     * @param animals it is for; none for any
     * @param core degrees Celsius; null where nothing asks for any
     * @param restMin minutes of rest, or held at that heat
     * @param how said with it
     */
    public record Rule(
            @Nullable Country country,
            Set<Animal> animals,
            Set<Cut> cuts,
            @Nullable Integer core,
            int restMin,
            String how,
            String source) {

        public Rule {
            animals = Set.copyOf(animals);
            cuts = Set.copyOf(cuts);
        }

        private boolean holds(@Nullable Animal animal, Cut cut, @Nullable Country asked) {
            boolean here = country == null || country == asked || country == Country.UK && asked == Country.EU;
            return here && (animals.isEmpty() || animal != null && animals.contains(animal)) && cuts.contains(cut);
        }
    }

    /**
     * What has to be reached.
     *
     * @param core degrees Celsius; null where nothing asks for any
     * @param rule in words
     */
    public record Heat(@Nullable Integer core, int restMin, String rule, String source) {

        /** Of what has nothing raw of an animal in it. */
        public static final Heat NONE = new Heat(null, 0, "nothing raw of an animal in it", OURS);

        /** As told at a task; empty where there is nothing to reach. */
        public String words() {
            return core == null
                    ? ""
                    : "reach " + core + " °C in the core"
                            + (restMin > 0
                                    ? ", and " + (core == HELD ? "hold it" : "let it rest") + " " + restMin + " minutes"
                                    : "");
        }
    }

    /** Where the UK asks for minutes, they are at that heat. */
    private static final int HELD = 70;

    private static final Pattern SPACE = Pattern.compile("\\s+");
    /** Classes of the keeping table of what was cooked before it was bought. */
    private static final Set<String> COOKED = Set.of("cooked-dish", "soup", "cooked-rice", "cooked-pulses");

    private static final String OURS = "own definition";
    private static final Comparator<Heat> HOTTEST = Comparator.comparingInt(
                    (Heat heat) -> heat.core() == null ? 0 : heat.core())
            .thenComparingInt(Heat::restMin);

    private final List<Rule> rules;

    public HeatGuide(List<Rule> rules) {
        this.rules = List.copyOf(rules);
    }

    /**
     * What this food has to reach, raw or, when it was cooked before, reheated.
     *
     * @param country null for the published US tables
     */
    public Heat of(Food food, boolean cooked, @Nullable Country country) {
        Traits traits = food.traits();
        if (cooked) {
            return one(food.name(), null, Cut.COOKED, country);
        }
        List<Heat> heats = traits.animals().stream()
                .filter(animal -> animal.flesh() || animal == Animal.EGG)
                .map(animal -> one(food.name(), animal, traits.cut(), country))
                .toList();
        Optional<Heat> hottest =
                heats.stream().filter(heat -> heat.core() != null).max(HOTTEST);
        if (hottest.isPresent()) {
            return hottest.get();
        }
        if (!food.described()) {
            return reheated(food.name() + ": nobody has said what it is, so as hot as anything asks", country);
        }
        boolean bought = traits.contents().making() == Making.MADE
                && (COOKED.contains(food.keepingClass())
                        || traits.animals().stream().anyMatch(Animal::flesh));
        if (bought) {
            return reheated(food.name() + ": cooked before, heated through", country);
        }
        return heats.stream()
                .findFirst()
                .orElse(new Heat(null, 0, food.name() + ": nothing raw of an animal in it", OURS));
    }

    private Heat reheated(String words, @Nullable Country country) {
        Heat heat = one("", null, Cut.COOKED, country);
        return new Heat(heat.core(), heat.restMin(), words, heat.source());
    }

    private Heat one(String name, @Nullable Animal animal, Cut cut, @Nullable Country country) {
        String of = (name.isEmpty() ? "" : name + ": ")
                + cut.words()
                + (animal == null || cut == Cut.PART ? "" : " " + animal.word());
        return rules.stream()
                .filter(rule -> rule.holds(animal, cut, country))
                .findFirst()
                .map(rule -> new Heat(rule.core(), rule.restMin(), of + ", " + rule.how(), rule.source()))
                .orElse(new Heat(null, 0, of + ": no core temperature is asked", OURS));
    }

    /**
     * What a dish has to reach whose parts cook in one mass: the hottest of what goes in raw, and of what was cooked before.
     * Cured sausage and ham that may be eaten cold, and stock, ask for nothing.
     *
     * @param eggs whether its eggs set it: a quiche, no cake
     */
    public Heat ofDish(Collection<Food> foods, boolean eggs, @Nullable Country country) {
        return foods.stream()
                .filter(food -> food.traits().rawFlesh()
                        || food.traits().cut() == Cut.COOKED && perishable(food)
                        || eggs && food.traits().animals().contains(Animal.EGG))
                .map(food -> of(food, false, country))
                .max(HOTTEST)
                .orElse(Heat.NONE);
    }

    /** Out of a tin it was cooked in it. */
    private static boolean perishable(Food food) {
        return food.traits().animals().stream().anyMatch(Animal::flesh)
                && !food.traits().aisle().equals("tins");
    }

    /** The foods a text names, the longest name at each place, in the state the word before says: "cooked chicken". */
    public static List<Food> named(FoodBook book, String text) {
        List<String> words = SPACE.splitAsStream(text.strip().toLowerCase(Locale.ROOT))
                .map(word -> word.replaceAll("[^\\p{L}\\p{N}',-]", ""))
                .filter(word -> !word.isEmpty())
                .toList();
        List<String> compared = words.stream().map(FoodBook::compared).toList();
        List<Food> foods = new ArrayList<>();
        int at = 0;
        while (at < words.size()) {
            List<FoodBook.Match> met = book.at(words, compared, at);
            if (met.isEmpty()) {
                at++;
                continue;
            }
            FoodBook.Match longest = met.get(met.size() - 1);
            foods.add(inState(book, longest, words));
            at = longest.to();
        }
        return foods;
    }

    private static Food inState(FoodBook book, FoodBook.Match match, List<String> words) {
        int before = match.from() - 1;
        Vocabulary.Said said = before < 0 || words.get(before).endsWith(",")
                ? null
                : Vocabulary.kitchen().at(words, before, match.from());
        return said == null
                ? match.food()
                : said.states().stream()
                        .flatMap(state ->
                                book.inState(match.food(), state, match.food().name()).stream())
                        .findFirst()
                        .orElse(match.food());
    }

    /** The same foods where one of them is stuffed, or rolled: what was outside is inside. */
    public static List<Food> as(List<Food> foods, FoodBook book, State state) {
        return foods.stream()
                .map(food -> book.inState(food, state, food.name()).orElse(food))
                .toList();
    }
}

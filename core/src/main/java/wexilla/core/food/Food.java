package wexilla.core.food;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Claim;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.ReadOnce;

/**
 * Something bought or kept.
 *
 * @param key the reference slug, or the household's own key for a food it named itself
 * @param name as shown
 * @param aliases other names it is written by
 * @param kinds names of kinds of it, any of which will do: penne is pasta; what they say beyond its name is kept
 * @param base the unit its stock is counted in: g, ml, piece, or portion for a dish
 * @param keepingClass a class of the keeping guide
 * @param seasoning true when the flat sum for seasoning and oil covers it
 * @param scaling how its amount follows the size of a batch, unless a line says otherwise
 * @param facts equivalences known about it
 * @param traits aisle, protein, allergens and yields
 */
public record Food(
        Key key,
        String name,
        List<String> aliases,
        List<String> kinds,
        Unit base,
        String keepingClass,
        boolean seasoning,
        Scaling scaling,
        List<FoodFact> facts,
        Traits traits) {

    private static final Pattern WORD = Pattern.compile("[^\\p{L}]+");

    /** The animals a line names whose flesh is eaten, by their words. */
    private static final ReadOnce<Map<String, Animal>> FLESH = new ReadOnce<>(Food::flesh);

    private static final Rational SWOLLEN = Rational.of(3, 2);

    /** @throws Unfit if the name is blank or the base is not g, ml, piece or portion */
    public Food {
        aliases = List.copyOf(aliases);
        kinds = List.copyOf(kinds);
        facts = List.copyOf(facts);
        if (name.isBlank()) {
            throw new Unfit("a food needs a name");
        }
        boolean named = base.dimension() == Dimension.COUNT && !base.equals(Unit.PIECE) && !base.equals(Unit.PORTION);
        if (!base.equals(base.base()) || named) {
            throw new Unfit("stock of " + name + " is counted in g, ml, piece or portion, not " + base.symbol());
        }
    }

    /** A food without kinds. */
    public Food(
            Key key,
            String name,
            List<String> aliases,
            Unit base,
            String keepingClass,
            boolean seasoning,
            Scaling scaling,
            List<FoodFact> facts,
            Traits traits) {
        this(key, name, aliases, List.of(), base, keepingClass, seasoning, scaling, facts, traits);
    }

    /** A food without kinds and traits. */
    public Food(
            Key key,
            String name,
            List<String> aliases,
            Unit base,
            String keepingClass,
            boolean seasoning,
            Scaling scaling,
            List<FoodFact> facts) {
        this(key, name, aliases, base, keepingClass, seasoning, scaling, facts, Traits.NONE);
    }

    /** By its key alone, which equal foods have in common: foods are looked up far more often than they differ. */
    @Override
    public int hashCode() {
        return key.hashCode();
    }

    /** Whether anybody has said what it is: of what is not described nobody knows the allergens. */
    public boolean described() {
        return !traits.equals(Traits.NONE);
    }

    public boolean is(Nature nature) {
        return traits.natures().contains(nature);
    }

    /** Whether it takes up so much water that it swells: rice, pulses, grains, pasta. Own definition: half as much again. */
    public boolean swells() {
        Yield cooked = traits.cooked();
        return traits.yield(Part.WATER) != null
                || (cooked != null && cooked.ofOne().compareTo(SWOLLEN) > 0);
    }

    /** The same food with other traits. */
    public Food with(Traits other) {
        return new Food(key, name, aliases, kinds, base, keepingClass, seasoning, scaling, facts, other);
    }

    /** The same food in another keeping class. */
    public Food kept(String otherClass) {
        return new Food(key, name, aliases, kinds, base, otherClass, seasoning, scaling, facts, traits);
    }

    /** The same food under more names. */
    public Food called(Collection<String> more) {
        List<String> all = Stream.concat(aliases.stream(), more.stream()).toList();
        return new Food(key, name, all, kinds, base, keepingClass, seasoning, scaling, facts, traits);
    }

    /** The same food, of which this is known too and goes before what was known. */
    public Food knowing(Collection<FoodFact> own) {
        List<FoodFact> all = Stream.concat(own.stream(), facts.stream()).toList();
        return new Food(key, name, aliases, kinds, base, keepingClass, seasoning, scaling, all, traits);
    }

    /**
     * The same food with what the words of a line or pack say of it: stock "of chicken" is of chicken, a "vegan" sauce
     * claims to be vegan. A claim stays with that line.
     */
    public Food saying(String text) {
        Contents claiming = traits.contents().claiming(Claim.in(text));
        Set<Animal> named = traits.animals().isEmpty() && claiming.making() == Making.MADE ? named(text) : Set.of();
        boolean says = !claiming.equals(traits.contents()) || !named.isEmpty();
        return says ? with(traits.with(claiming).of(named.isEmpty() ? traits.animals() : named, traits.cut())) : this;
    }

    /** Animals named before a comma by a word that none of its own names has: "beef" of stock, not of beef seasoning. */
    private Set<Animal> named(String text) {
        Map<String, Animal> said = FLESH.of(text);
        if (said.isEmpty()) {
            return Set.of();
        }
        Set<String> own = names().flatMap(name -> Stream.of(WORD.split(name.toLowerCase(Locale.ROOT))))
                .collect(Collectors.toSet());
        return said.keySet().stream()
                .filter(word -> !own.contains(word))
                .map(said::get)
                .collect(Collectors.toSet());
    }

    private static Map<String, Animal> flesh(String text) {
        Map<String, Animal> said = new HashMap<>();
        for (String word : WORD.split(text.split(",")[0].toLowerCase(Locale.ROOT))) {
            Animal.named(word).filter(Animal::flesh).ifPresent(animal -> said.put(word, animal));
        }
        return Map.copyOf(said);
    }

    /** A food nobody has described yet: its own name, no facts, stock kept in the unit it came in. */
    public static Food unknown(Key key, String name, Unit base) {
        return new Food(key, name, List.of(), base, "unclassified", false, Scaling.LINEAR, List.of());
    }

    /** The name and all aliases. */
    public Stream<String> names() {
        return Stream.concat(Stream.of(name), aliases.stream());
    }
}

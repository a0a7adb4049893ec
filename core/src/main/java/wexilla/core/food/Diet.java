package wexilla.core.food;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Claim;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Known;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Traits;

/** A way of eating. Own definition, by what each food is of and what is in it. */
public enum Diet {
    /** No flesh, nor what is made of bodies: lard, gelatine, fish sauce, rennet where the maker may use it. */
    VEGETARIAN(Animal::flesh),
    /** Nothing of animals. */
    VEGAN(animal -> true),
    /** No meat; fish is eaten. */
    NO_MEAT(Animal::land),
    NO_PORK(animal -> animal == Animal.PORK),
    NO_BEEF(animal -> animal == Animal.BEEF),
    /** No pork; other meat is looked at, since nobody here knows how it was slaughtered, and what is made with spirits. */
    HALAL(animal -> animal == Animal.PORK),
    /** No pork, rabbit or shellfish; other meat is looked at, and what stands beside it in one dish. */
    KOSHER(animal -> animal == Animal.PORK
            || animal == Animal.RABBIT
            || animal == Animal.CRUSTACEAN
            || animal == Animal.BIVALVE
            || animal == Animal.CEPHALOPOD);

    private static final Set<Diet> OF_MEAT = EnumSet.of(NO_PORK, NO_BEEF, HALAL, KOSHER);
    private static final Set<Diet> SLAUGHTERED = EnumSet.of(HALAL, KOSHER);
    private static final Set<Claim> MEATLESS = EnumSet.of(Claim.VEGAN, Claim.VEGETARIAN);
    private static final Set<Allergen> OF_ANIMALS =
            EnumSet.of(Allergen.MILK, Allergen.EGGS, Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS);
    private static final Set<Allergen> OF_THE_SEA = EnumSet.of(Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS);

    private final Predicate<Animal> excludes;

    /** The diet a word names: "vegetarian", "no pork", "pescatarian". */
    public static Optional<Diet> named(String word) {
        String said = word.strip().toLowerCase(Locale.ROOT);
        return said.equals("pescatarian")
                ? Optional.of(NO_MEAT)
                : Arrays.stream(values())
                        .filter(one -> one.words().equals(said))
                        .findFirst();
    }

    /** As a cook says it. */
    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    Diet(Predicate<Animal> excludes) {
        this.excludes = excludes;
    }

    /** Whether something is in this food that this way of eating leaves out. */
    public Known against(Food food) {
        return against(food.traits(), food.traits().contents());
    }

    /**
     * The same of one pack or line of it.
     *
     * @param contents with what its words claim
     */
    public Known against(Traits traits, Contents contents) {
        boolean claimed = this == VEGAN
                ? contents.says(Claim.VEGAN)
                : contents.claims().stream().anyMatch(MEATLESS::contains);
        boolean unnamed = traits.animals().contains(Animal.MEAT) && OF_MEAT.contains(this);
        if (!claimed && (traits.animals().stream().anyMatch(excludes) || inIt(contents))) {
            return Known.HAS;
        }
        if (claimed) {
            return Known.WITHOUT;
        }
        if (contents.making() == Making.UNKNOWN) {
            return Known.NOT_KNOWN;
        }
        boolean rennet = this == VEGETARIAN && traits.natures().contains(Nature.RENNET);
        boolean meat = SLAUGHTERED.contains(this) && traits.animals().stream().anyMatch(Animal::land);
        boolean made = contents.making() == Making.MADE && !(OF_MEAT.contains(this) && whole(traits));
        return made || rennet || unnamed || meat ? Known.LOOK : Known.WITHOUT;
    }

    /** Meat of another animal that was only cured, coated or cooked has no pork in it for that. */
    private static boolean whole(Traits traits) {
        return traits.animals().stream().anyMatch(Animal::flesh) && traits.cut() == Cut.COOKED;
    }

    private boolean inIt(Contents contents) {
        Set<Allergen> of = this == VEGAN ? OF_ANIMALS : this == VEGETARIAN ? OF_THE_SEA : Set.of();
        return contents.allergens(null).stream().anyMatch(of::contains);
    }

    /** Whether it is meat, or of meat: lard, bones. */
    public static boolean meat(Food food) {
        return food.traits().animals().stream().anyMatch(Animal::land);
    }
}

package wexilla.core.food.facts;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What animal a food is of, as far as a rule of safety or a diet asks. */
public enum Animal {
    BEEF("beef", "veal", "ox", "calf"),
    PORK("pork", "ham", "bacon", "pig"),
    LAMB("lamb", "mutton", "goat"),
    VENISON("venison", "deer", "game"),
    RABBIT("rabbit"),
    CHICKEN("chicken"),
    TURKEY("turkey"),
    DUCK("duck", "goose"),
    GAME_BIRD("game bird", "pheasant"),
    /** Of some land animal; nobody says of which. */
    MEAT("meat"),
    WHITE_FISH("white fish", "fish", "cod", "haddock"),
    OILY_FISH("oily fish", "salmon"),
    CRUSTACEAN("crustacean", "prawn", "crab", "lobster", "seafood"),
    BIVALVE("bivalve", "mussel", "clam", "oyster"),
    CEPHALOPOD("cephalopod"),
    EGG("egg"),
    MILK("milk"),
    BEE("bee");

    private static final Set<Animal> LAND =
            EnumSet.of(BEEF, PORK, LAMB, VENISON, RABBIT, CHICKEN, TURKEY, DUCK, GAME_BIRD, MEAT);
    private static final Set<Animal> BIRDS = EnumSet.of(CHICKEN, TURKEY, DUCK, GAME_BIRD);
    private static final Set<Animal> SEA = EnumSet.of(WHITE_FISH, OILY_FISH, CRUSTACEAN, BIVALVE, CEPHALOPOD);

    private final List<String> words;

    Animal(String... words) {
        this.words = List.of(words);
    }

    /** As written in the food table. */
    public String word() {
        return words.get(0);
    }

    /** @throws IllegalArgumentException if no animal of the table is called so */
    public static Animal ofWord(String word) {
        return Arrays.stream(values())
                .filter(one -> one.word().equals(word.strip()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no animal is called " + word));
    }

    /** The animal a word names: "beef", "veal", "fish". */
    public static Optional<Animal> named(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(one -> one.words.contains(lower)).findFirst();
    }

    /** Meat of a land animal or bird. */
    public boolean land() {
        return LAND.contains(this);
    }

    public boolean bird() {
        return BIRDS.contains(this);
    }

    /** Fish and seafood. */
    public boolean sea() {
        return SEA.contains(this);
    }

    /** Meat, fish or seafood. */
    public boolean flesh() {
        return land() || sea();
    }
}

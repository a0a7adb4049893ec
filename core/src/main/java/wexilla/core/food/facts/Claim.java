package wexilla.core.food.facts;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.quantity.text.ReadOnce;

/**
 * What a pack, or a line about it, says of itself: "vegan", "gluten-free". It answers its own question only: vegan answers
 * a diet, never an allergy; gluten-free answers gluten, not wheat (design: facts, section 1).
 */
public enum Claim {
    VEGAN("vegan", "plant-based", "plant based"),
    VEGETARIAN("vegetarian", "veggie", "meat-free", "meat free", "meatless"),
    GLUTEN_FREE("gluten-free", "gluten free"),
    WHEAT_FREE("wheat-free", "wheat free"),
    MILK_FREE("milk-free", "milk free", "dairy-free", "dairy free"),
    NUT_FREE("nut-free", "nut free"),
    EGG_FREE("egg-free", "egg free", "eggless"),
    SOYA_FREE("soya-free", "soya free", "soy-free", "soy free");

    /** How the words of every claim end. */
    private static final Pattern ANY = Pattern.compile(
            Stream.of(values())
                    .flatMap(one -> one.words.stream())
                    .map(word -> word.replaceFirst(".*[ -]", ""))
                    .distinct()
                    .collect(Collectors.joining("|")),
            Pattern.CASE_INSENSITIVE);

    private static final ReadOnce<Set<Claim>> READ = new ReadOnce<>(Claim::read);

    private final List<String> words;
    private final Pattern said;

    Claim(String... words) {
        this.words = List.of(words);
        this.said = Pattern.compile(
                "(?<![\\p{L}-])(?:" + String.join("|", words) + ")(?![\\p{L}-])", Pattern.CASE_INSENSITIVE);
    }

    /** As written in the food table. */
    public String word() {
        return words.get(0);
    }

    /** @throws IllegalArgumentException if no claim is called so */
    public static Claim ofWord(String word) {
        return Arrays.stream(values())
                .filter(one -> one.words.contains(word.strip().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no claim is called " + word));
    }

    /** What these words claim. */
    public static Set<Claim> in(String text) {
        return READ.of(text);
    }

    private static Set<Claim> read(String text) {
        Set<Claim> all = EnumSet.noneOf(Claim.class);
        // nearly every line claims nothing
        if (ANY.matcher(text).find()) {
            Stream.of(values()).filter(one -> one.said.matcher(text).find()).forEach(all::add);
        }
        return Set.copyOf(all);
    }

    /** Whether it says that there is none of this allergen. */
    boolean denies(Allergen allergen) {
        return switch (this) {
            case VEGAN, VEGETARIAN -> false;
            case GLUTEN_FREE -> allergen == Allergen.GLUTEN;
            case WHEAT_FREE -> allergen == Allergen.WHEAT;
            case MILK_FREE -> allergen == Allergen.MILK;
            case NUT_FREE -> allergen == Allergen.NUTS;
            case EGG_FREE -> allergen == Allergen.EGGS;
            case SOYA_FREE -> allergen == Allergen.SOYA;
        };
    }
}

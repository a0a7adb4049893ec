package wexilla.core.food.facts;

import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What somebody saw on a pack. What was not looked for is as open as before.
 *
 * @param named what it names, in its list or as traces
 * @param clear what was looked for and is not named
 */
public record PackLook(Set<Allergen> named, Set<Allergen> clear) {

    public PackLook {
        named = Set.copyOf(named);
        clear = Set.copyOf(clear);
        if (named.stream().anyMatch(clear::contains)) {
            throw new IllegalArgumentException("named and not named: " + named + ", " + clear);
        }
    }

    /** This, and what was seen before on the same pack and does not say otherwise. */
    public PackLook with(PackLook before) {
        return new PackLook(both(named, before.named, clear), both(clear, before.clear, named));
    }

    /** "names milk; no celery". */
    public String words() {
        return Stream.of(words("names ", named), words("no ", clear))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining("; "));
    }

    private static String words(String verb, Set<Allergen> allergens) {
        String words = allergens.stream().sorted().map(Allergen::words).collect(Collectors.joining(", "));
        return words.isEmpty() ? "" : verb + words;
    }

    private static Set<Allergen> both(Collection<Allergen> now, Collection<Allergen> before, Set<Allergen> but) {
        return Stream.concat(now.stream(), before.stream().filter(one -> !but.contains(one)))
                .collect(Collectors.toSet());
    }
}

package wexilla.core.food.facts;

import static wexilla.core.food.facts.Allergen.CELERY;
import static wexilla.core.food.facts.Allergen.CRUSTACEANS;
import static wexilla.core.food.facts.Allergen.EGGS;
import static wexilla.core.food.facts.Allergen.FISH;
import static wexilla.core.food.facts.Allergen.GLUTEN;
import static wexilla.core.food.facts.Allergen.LUPIN;
import static wexilla.core.food.facts.Allergen.MILK;
import static wexilla.core.food.facts.Allergen.MOLLUSCS;
import static wexilla.core.food.facts.Allergen.MUSTARD;
import static wexilla.core.food.facts.Allergen.NUTS;
import static wexilla.core.food.facts.Allergen.PEANUTS;
import static wexilla.core.food.facts.Allergen.SESAME;
import static wexilla.core.food.facts.Allergen.SOYA;
import static wexilla.core.food.facts.Allergen.SULPHITES;
import static wexilla.core.food.facts.Allergen.WHEAT;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What an allergen is of, by its species, as the food table stores it; a country's list groups them. A group's own name
 * stands where nobody says which of its species is meant.
 *
 * <p>Sources: as {@link Allergen}. Pine nuts are a nut by the list of the FDA only; highly refined peanut oil is exempt in
 * the US and not in the EU (both from memory).
 */
public enum Substance {
    WHEAT_GRAIN("wheat", GLUTEN, WHEAT),
    RYE("rye", GLUTEN),
    BARLEY("barley", GLUTEN),
    OATS("oats", GLUTEN),
    ANY_GLUTEN("gluten", GLUTEN),
    PRAWN("prawn", CRUSTACEANS),
    CRAB("crab", CRUSTACEANS),
    LOBSTER("lobster", CRUSTACEANS),
    CRAYFISH("crayfish", CRUSTACEANS),
    ANY_CRUSTACEAN("crustaceans", CRUSTACEANS),
    EGG("eggs", EGGS),
    ANY_FISH("fish", FISH),
    PEANUT("peanuts", PEANUTS),
    PEANUT_OIL("peanut oil", PEANUTS),
    SOYA_BEAN("soya", SOYA),
    COWS_MILK("milk", MILK),
    ALMOND("almond", NUTS),
    HAZELNUT("hazelnut", NUTS),
    WALNUT("walnut", NUTS),
    CASHEW("cashew", NUTS),
    PECAN("pecan", NUTS),
    BRAZIL_NUT("brazil nut", NUTS),
    PISTACHIO("pistachio", NUTS),
    MACADAMIA("macadamia", NUTS),
    PINE_NUT("pine nut", NUTS),
    ANY_NUT("nuts", NUTS),
    CELERY_PLANT("celery", CELERY),
    MUSTARD_SEED("mustard", MUSTARD),
    SESAME_SEED("sesame", SESAME),
    SULPHITE("sulphites", SULPHITES),
    LUPIN_SEED("lupin", LUPIN),
    MUSSEL("mussel", MOLLUSCS),
    CLAM("clam", MOLLUSCS),
    OYSTER("oyster", MOLLUSCS),
    SCALLOP("scallop", MOLLUSCS),
    SQUID("squid", MOLLUSCS),
    OCTOPUS("octopus", MOLLUSCS),
    ANY_MOLLUSC("molluscs", MOLLUSCS);

    private final String word;
    private final Set<Allergen> groups;

    Substance(String word, Allergen... groups) {
        this.word = word;
        this.groups = EnumSet.copyOf(Arrays.asList(groups));
    }

    /** As written in the food table and told to a cook. */
    public String word() {
        return word;
    }

    /** @throws IllegalArgumentException if no substance is called so */
    public static Substance ofWord(String word) {
        return Arrays.stream(values())
                .filter(one -> one.word.equals(word.strip().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no substance is called " + word));
    }

    /** The substance that stands for a whole group, of which nobody says more. */
    public static Substance of(Allergen group) {
        return group == WHEAT
                ? WHEAT_GRAIN
                : Arrays.stream(values())
                        .filter(one -> one.word.equals(group.words()))
                        .findFirst()
                        .orElseThrow();
    }

    /** The groups it belongs to where this country's list holds; {@code null} stands for the EU's. */
    public Set<Allergen> groups(@Nullable Country country) {
        boolean exempt = this == (country == Country.US ? PEANUT_OIL : PINE_NUT);
        return exempt ? Set.of() : groups;
    }

    /** The groups of several. */
    public static Set<Allergen> groups(Collection<Substance> all, @Nullable Country country) {
        Set<Allergen> groups = EnumSet.noneOf(Allergen.class);
        all.forEach(one -> groups.addAll(one.groups(country)));
        return groups;
    }
}

package wexilla.core.food.facts;

import java.util.Collection;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is in a food, as far as anybody knows. Silence is never a no: a made food is free of nothing until somebody has
 * looked at the pack, and of what nobody has described nothing is known (design: facts, section 1).
 *
 * @param has what is in it for sure
 * @param often what makers often put in, or what it may have traces of
 * @param claims what it says of itself
 * @param looked what somebody in the household looked for on the pack: of these {@code has} holds all there are
 */
public record Contents(
        Making making, Set<Substance> has, Set<Substance> often, Set<Claim> claims, Set<Allergen> looked) {

    /** Of what nobody has described. */
    public static final Contents UNKNOWN = new Contents(Making.UNKNOWN, Set.of(), Set.of(), Set.of(), Set.of());

    /** One thing with nothing in it to warn of. */
    public static final Contents PLAIN = new Contents(Making.PLAIN, Set.of(), Set.of(), Set.of(), Set.of());

    public Contents {
        has = Set.copyOf(has);
        often = Set.copyOf(often);
        claims = Set.copyOf(claims);
        looked = Set.copyOf(looked);
    }

    public static Contents of(Making making, Collection<Substance> has, Collection<Substance> often) {
        return new Contents(making, Set.copyOf(has), Set.copyOf(often), Set.of(), Set.of());
    }

    /** A plain thing with these allergens in it. */
    public static Contents having(Collection<Allergen> allergens) {
        return of(Making.PLAIN, allergens.stream().map(Substance::of).collect(Collectors.toSet()), Set.of());
    }

    /** What the household read on the pack: these, and no others that a pack must name. */
    public static Contents named(Collection<Allergen> allergens) {
        Set<Substance> has = allergens.stream().map(Substance::of).collect(Collectors.toSet());
        return new Contents(Making.MADE, has, Set.of(), Set.of(), EnumSet.allOf(Allergen.class));
    }

    /** The same once somebody looked at the pack for some allergens; what is always in it stays. */
    public Contents read(PackLook pack) {
        Set<Substance> all = pack.named().stream().map(Substance::of).collect(Collectors.toCollection(HashSet::new));
        all.addAll(has);
        Set<Allergen> sought = new HashSet<>(looked);
        sought.addAll(pack.named());
        sought.addAll(pack.clear());
        return new Contents(making, all, often, claims, sought);
    }

    /** Whether the pack must still be looked at for something. */
    public boolean look() {
        return making == Making.MADE && !looked.containsAll(EnumSet.allOf(Allergen.class));
    }

    /** Whether this allergen is in it. */
    public Known of(Allergen allergen, @Nullable Country country) {
        if (Substance.groups(has, country).contains(allergen)) {
            return Known.HAS;
        }
        if (claims.stream().anyMatch(claim -> claim.denies(allergen))) {
            return Known.WITHOUT;
        }
        if (making == Making.UNKNOWN) {
            return Known.NOT_KNOWN;
        }
        boolean named = looked.contains(allergen) && allergen.isNamedIn(country);
        boolean may = Substance.groups(often, country).contains(allergen) || exempt(allergen, country);
        return !named && (making == Making.MADE || may) ? Known.LOOK : Known.WITHOUT;
    }

    /** Of what a country's list lets go, the pack must still be looked at: peanut oil in the US. */
    private boolean exempt(Allergen allergen, @Nullable Country country) {
        return Substance.groups(has, null).contains(allergen)
                && !Substance.groups(has, country).contains(allergen);
    }

    /** The groups of a country's list that are in it for sure. */
    public Set<Allergen> allergens(@Nullable Country country) {
        Set<Allergen> groups = EnumSet.copyOf(Allergen.namedIn(country));
        groups.retainAll(Substance.groups(has, country));
        return groups;
    }

    /** The groups of a country's list that are often in it, or as traces, and not for sure. */
    public Set<Allergen> often(@Nullable Country country) {
        Set<Allergen> groups = EnumSet.copyOf(Allergen.namedIn(country));
        groups.removeIf(allergen -> !isOften(allergen, country));
        return groups;
    }

    /** Whether its makers often put this in, or it may have traces of it. */
    public boolean isOften(Allergen allergen, @Nullable Country country) {
        return Substance.groups(often, country).contains(allergen) && of(allergen, country) == Known.LOOK;
    }

    /** The same, saying this of itself. */
    public Contents claiming(Set<Claim> more) {
        if (more.isEmpty()) {
            return this;
        }
        Set<Claim> all = EnumSet.copyOf(more);
        all.addAll(claims);
        return new Contents(making, has, often, all, looked);
    }

    /** Preserved or put into another form by somebody. */
    public Contents made(Making other) {
        return new Contents(
                making == Making.UNKNOWN || making == Making.MADE ? making : other, has, often, claims, looked);
    }

    public boolean says(Claim claim) {
        return claims.contains(claim);
    }
}

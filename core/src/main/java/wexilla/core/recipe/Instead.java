package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * What can go in for something that is not there: the same role and as much of it, cream thinned with broth to the fat of
 * coconut milk, oil by its fat for butter, another pulse for a pulse.
 *
 * @param uses what goes in
 * @param why these, and so much of them
 */
public record Instead(List<Use> uses, String why) {

    private static final Rational NEAR = Trade.number("instead.near-fat");
    private static final Rational HANDY = Trade.number("instead.handy");
    private static final int MOST = Trade.whole("instead.most");

    /** What a food does in a dish. */
    public enum Role {
        CREAMY,
        LIQUID,
        FAT
    }

    /** @param fat grams in 100 of {@code unit} */
    public record Part(Role role, Rational fat, Unit unit) {}

    public record Use(Food food, Amount amount) {}

    /** A food that is there. @param amount of it, in its base unit */
    public record There(Food food, Amount amount) {}

    public Instead {
        uses = List.copyOf(uses);
    }

    /**
     * Proposals, the nearest first; none where nothing that is there can do it.
     *
     * @param roles by food
     * @param there what is in stock, the first to expire first
     */
    public static List<Instead> of(
            Food missing, Amount amount, Map<Key, Part> roles, Collection<There> there, Measures measures) {
        Part part = roles.get(missing.key());
        List<Instead> found = new ArrayList<>(
                part == null
                        ? alike(missing, amount, there, measures)
                        : byRole(new Wanted(missing, part), amount, roles, there, measures));
        return found.stream().limit(MOST).toList();
    }

    private record Wanted(Food food, Part part) {}

    private record Candidate(There there, Part part) {}

    private static List<Instead> byRole(
            Wanted wanted, Amount amount, Map<Key, Part> roles, Collection<There> there, Measures measures) {
        Optional<Rational> all = in(wanted.food(), amount, wanted.part().unit(), measures);
        if (all.isEmpty()) {
            return List.of();
        }
        List<Candidate> same = new ArrayList<>();
        List<Candidate> thin = new ArrayList<>();
        for (There one : there) {
            Part part = roles.get(one.food().key());
            if (part != null && !one.food().key().equals(wanted.food().key())) {
                if (part.role() == wanted.part().role()) {
                    same.add(new Candidate(one, part));
                } else if (part.role() == Role.LIQUID) {
                    thin.add(new Candidate(one, part));
                }
            }
        }
        thin.sort(Comparator.comparing(candidate -> tap(candidate.there().food())));
        same.sort(Comparator.comparing(candidate -> apart(candidate.part(), wanted.part())));
        List<Instead> found = new ArrayList<>();
        for (Candidate one : same) {
            if (wanted.part().role() == Role.FAT) {
                byFat(wanted, one, all.get(), measures).ifPresent(found::add);
            } else if (apart(one.part(), wanted.part()).compareTo(NEAR) <= 0) {
                as(one, all.get(), "as much of it, about as fat", measures).ifPresent(found::add);
            } else if (one.part().fat().compareTo(wanted.part().fat()) > 0) {
                thin.forEach(liquid ->
                        thinned(wanted, one, liquid, all.get(), measures).ifPresent(found::add));
            } else {
                as(one, all.get(), "as much of it; the dish is leaner", measures)
                        .ifPresent(found::add);
            }
        }
        return found;
    }

    private static Rational apart(Part one, Part other) {
        Rational apart = one.fat().minus(other.fat());
        return apart.signum() < 0 ? Rational.ZERO.minus(apart) : apart;
    }

    private static Optional<Instead> as(Candidate one, Rational all, String why, Measures measures) {
        return use(one, all, measures).map(use -> new Instead(List.of(use), why));
    }

    private static Optional<Instead> byFat(Wanted wanted, Candidate one, Rational all, Measures measures) {
        Rational grams = all.times(wanted.part().fat()).dividedBy(one.part().fat());
        Rational whole = Rational.of(grams.toDecimal(0));
        return as(one, whole, "as much fat", measures);
    }

    /** The richer one and a liquid, together as much and as fat. */
    private static Optional<Instead> thinned(
            Wanted wanted, Candidate rich, Candidate liquid, Rational all, Measures measures) {
        Rational part = wanted.part()
                .fat()
                .minus(liquid.part().fat())
                .dividedBy(rich.part().fat().minus(liquid.part().fat()));
        Rational exact = all.times(part);
        Rational handy = HANDY.times(Rational.of(exact.dividedBy(HANDY).rounded()));
        Rational cream = handy.isZero() ? exact : handy;
        Optional<Use> first = use(rich, cream, measures);
        Optional<Use> second = use(liquid, all.minus(cream), measures);
        return first.isEmpty() || second.isEmpty()
                ? Optional.empty()
                : Optional.of(new Instead(
                        List.of(first.get(), second.get()),
                        rich.there().food().name() + " thinned to as much and about as fat"));
    }

    /** So much of it, if there is enough. */
    private static Optional<Use> use(Candidate one, Rational amount, Measures measures) {
        Amount wanted = Amount.of(amount, one.part().unit());
        Food food = one.there().food();
        return amount.signum() > 0 && enough(one.there(), wanted, measures)
                ? Optional.of(new Use(food, wanted))
                : Optional.empty();
    }

    /** Water is from the tap. */
    private static boolean tap(Food food) {
        return food.traits().aisle().equals("none");
    }

    private static boolean enough(There there, Amount wanted, Measures measures) {
        Food food = there.food();
        return tap(food)
                || in(food, wanted, there.amount().unit(), measures)
                        .map(needed -> needed.compareTo(there.amount().value()) <= 0)
                        .orElse(false);
    }

    private static Optional<Rational> in(Food food, Amount amount, Unit unit, Measures measures) {
        return Conversion.convert(food, amount, unit, measures) instanceof Conversion.Converted converted
                ? Optional.of(converted.amount().value())
                : Optional.empty();
    }

    /** As much of another food of its kind: kept alike, from the same aisle, with the same protein. */
    private static List<Instead> alike(Food missing, Amount amount, Collection<There> there, Measures measures) {
        List<Instead> found = new ArrayList<>();
        for (There one : there) {
            Food food = one.food();
            boolean alike = !food.key().equals(missing.key())
                    && !missing.traits().aisle().equals("none")
                    && food.described()
                    && food.base().equals(missing.base())
                    && food.keepingClass().equals(missing.keepingClass())
                    && food.traits().aisle().equals(missing.traits().aisle())
                    && food.traits().protein().equals(missing.traits().protein())
                    && food.seasoning() == missing.seasoning();
            Optional<Rational> all = in(missing, amount, missing.base(), measures);
            if (alike && all.isPresent()) {
                Amount wanted = Amount.of(all.get(), food.base());
                if (wanted.value().compareTo(one.amount().value()) <= 0) {
                    found.add(new Instead(List.of(new Use(food, wanted)), "as much of another of its kind"));
                }
            }
        }
        return found;
    }
}

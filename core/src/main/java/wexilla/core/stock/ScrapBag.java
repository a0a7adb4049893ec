package wexilla.core.stock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * Bones, peelings and rinds that are kept for a pot of stock: each kind in a bag of its own, dated by the oldest in it.
 *
 * @param grams in it, {@code unweighed} what nobody weighed: the bones of one bird or cut, each enough for a pot
 * @param oldest the day its oldest began to age
 * @param lots what lies in it, the oldest first
 */
public record ScrapBag(String name, Rational grams, int unweighed, LocalDate oldest, List<String> lots) {

    /** Grams of bones and trimmings that make a pot, from which on one is due, and millilitres of water to it. */
    private static final Rational POT = Trade.number("scraps.pot-grams");

    private static final Rational DUE = Trade.number("scraps.due-grams");
    private static final Rational WATER = Trade.number("scraps.pot-water");

    /** Scraps that are there. @param bag the kind they are kept by, {@code from} when they began to age */
    public record Scrap(String bag, String lot, Amount amount, LocalDate from) {}

    public ScrapBag {
        lots = List.copyOf(lots);
    }

    /** The bags these are in, by name. */
    public static List<ScrapBag> of(Collection<Scrap> scraps) {
        Map<String, List<Scrap>> bags = new TreeMap<>();
        scraps.forEach(scrap ->
                bags.computeIfAbsent(scrap.bag(), bag -> new ArrayList<>()).add(scrap));
        return bags.entrySet().stream()
                .map(bag -> bag(bag.getKey(), bag.getValue()))
                .toList();
    }

    private static ScrapBag bag(String name, List<Scrap> scraps) {
        List<Scrap> oldest =
                scraps.stream().sorted(Comparator.comparing(Scrap::from)).toList();
        Rational grams = Rational.ZERO;
        int unweighed = 0;
        for (Scrap scrap : scraps) {
            boolean weighed = scrap.amount().unit().equals(Unit.G);
            grams = weighed ? grams.plus(scrap.amount().value()) : grams;
            unweighed += weighed ? 0 : scrap.amount().value().ceiling().intValueExact();
        }
        return new ScrapBag(
                name,
                grams,
                unweighed,
                oldest.get(0).from(),
                oldest.stream().map(Scrap::lot).toList());
    }

    /** Whether there is enough of it for a pot. */
    public boolean due() {
        return unweighed > 0 || grams.compareTo(DUE) >= 0;
    }

    /** Millilitres of water to all of it: two litres to a pot. */
    public Rational water() {
        return WATER.times(grams.dividedBy(POT).plus(Rational.of(unweighed)));
    }

    /** How full it is, in words. */
    public String words() {
        String weight = grams.isZero() ? "" : Amount.of(grams, Unit.G).toString();
        String rest = unweighed == 0 ? "" : unweighed + (unweighed == 1 ? " lot" : " lots") + " nobody weighed";
        String there = weight.isEmpty() || rest.isEmpty() ? weight + rest : weight + " and " + rest;
        return due() ? there + ": a pot of stock is due" : there + " of about " + Amount.of(POT, Unit.G) + " for a pot";
    }
}

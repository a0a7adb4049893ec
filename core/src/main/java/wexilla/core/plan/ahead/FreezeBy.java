package wexilla.core.plan.ahead;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import wexilla.core.quantity.Rational;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/**
 * What has to go into the freezer because nothing planned uses it in time. Source: handbook, section 6: raw meat that is
 * not planned within its time is frozen; what is not yet in its warning waits.
 *
 * @param days the names of what is to be frozen by each day, the first day first
 */
public record FreezeBy(SortedMap<LocalDate, List<String>> days) {

    /** Less than this of a lot is left over from what is planned: it is not told. Own definition. */
    private static final Rational REST = Rational.of(1, 20);

    /** Something in the fridge that can be frozen. @param warn first day of its warning */
    public record There(OpenLot lot, String name, LocalDate warn) {}

    /** What of each of these lots nothing planned takes in time; those of which next to nothing is left are not in it. */
    public static Map<String, Rational> rest(Collection<OpenLot> lots, Collection<Met> planned) {
        Map<String, Rational> taken = new HashMap<>();
        for (Met met : planned) {
            for (Take take : met.takes()) {
                taken.merge(take.lot().id(), take.amount().value(), Rational::plus);
            }
        }
        Map<String, Rational> rest = new HashMap<>();
        for (OpenLot lot : lots) {
            Rational all = lot.amount().value();
            Rational left = all.minus(taken.getOrDefault(lot.id(), Rational.ZERO));
            if (left.compareTo(all.times(REST)) > 0 && !lot.nobodys(left)) {
                rest.put(lot.id(), left);
            }
        }
        return rest;
    }

    /** @param planned how everything planned is met */
    public static FreezeBy of(List<There> there, Collection<Met> planned, LocalDate today) {
        Map<String, Rational> rest = rest(there.stream().map(There::lot).toList(), planned);
        SortedMap<LocalDate, List<String>> days = new TreeMap<>();
        for (There one : there) {
            LocalDate limit = one.lot().limit();
            if (limit == null || limit.isBefore(today) || one.warn().isAfter(today)) {
                continue;
            }
            Rational left = rest.get(one.lot().id());
            if (left != null) {
                List<String> names = days.computeIfAbsent(limit, day -> new ArrayList<>());
                boolean whole = left.equals(one.lot().amount().value());
                String name = whole ? one.name() : "the rest of the " + one.name();
                if (!names.contains(name)) {
                    names.add(name);
                }
            }
        }
        return new FreezeBy(days);
    }

    /** "freeze by tomorrow: mince, sausages; haddock by Tuesday"; empty where nothing is. */
    public String words(LocalDate today) {
        List<String> words = new ArrayList<>();
        days.forEach((day, names) -> {
            String when = day.equals(today)
                    ? "tonight"
                    : "by "
                            + (day.equals(today.plusDays(1))
                                    ? "tomorrow"
                                    : day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH));
            String what = String.join(", ", names);
            words.add(words.isEmpty() ? "freeze " + when + ": " + what : what + " " + when);
        });
        return String.join("; ", words);
    }
}

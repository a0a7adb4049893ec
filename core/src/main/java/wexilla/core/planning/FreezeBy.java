package wexilla.core.planning;

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

    /** @param planned how everything planned is met */
    public static FreezeBy of(List<There> there, Collection<Met> planned, LocalDate today) {
        Map<String, Rational> taken = new HashMap<>();
        for (Met met : planned) {
            for (Take take : met.takes()) {
                taken.merge(take.lot().id(), take.amount().value(), Rational::plus);
            }
        }
        SortedMap<LocalDate, List<String>> days = new TreeMap<>();
        for (There one : there) {
            LocalDate limit = one.lot().limit();
            if (limit == null || limit.isBefore(today) || one.warn().isAfter(today)) {
                continue;
            }
            Rational all = one.lot().amount().value();
            Rational gone = taken.getOrDefault(one.lot().id(), Rational.ZERO);
            if (all.minus(gone).compareTo(all.times(REST)) > 0) {
                List<String> names = days.computeIfAbsent(limit, day -> new ArrayList<>());
                String name = gone.isZero() ? one.name() : "the rest of the " + one.name();
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

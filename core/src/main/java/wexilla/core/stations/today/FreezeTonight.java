package wexilla.core.stations.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.kitchen.Lot;
import wexilla.core.plan.ahead.FreezeBy;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.stations.plan.Looked;

/** Raw food on its last evening in the fridge that no meal wants: cooked or frozen tonight. @param rest of it, nobody has spoken for */
public record FreezeTonight(Lot lot, Amount rest) {

    /** @param open everything that is there */
    public static List<FreezeTonight> of(List<Lot> open, Looked looked, KeepingGuide guide, LocalDate today) {
        List<Lot> last = open.stream()
                .filter(lot -> lot.state() == Lot.State.RAW)
                .filter(lot -> guide.freezeTonight(lot.clock().keepingClass(), lot.storage(), lot.dates(), today))
                .toList();
        Map<String, Rational> rest = FreezeBy.rest(
                last.stream().map(Lot::open).toList(), looked.check().needs().met());
        return last.stream()
                .flatMap(lot -> Stream.ofNullable(rest.get(lot.id().toString()))
                        .map(left -> new FreezeTonight(
                                lot, Amount.of(left, lot.amount().unit()))))
                .toList();
    }

    /** Whether that is the whole lot. */
    public boolean all() {
        return rest.equals(lot.amount());
    }
}

package wexilla.app.onhand;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Portions;
import wexilla.core.keeping.Age;
import wexilla.core.keeping.KeepDates.Urgency;
import wexilla.core.kitchen.Lot;
import wexilla.core.quantity.Unit;

/**
 * A lot as the screens show it.
 *
 * @param amount as a cook writes it; "have" for a staple that is not counted
 * @param portions whole portions left, for a dish
 * @param weight what that weighs, "about 1.85 kg" where it is reckoned; null where nobody knows
 * @param cost decimal money of what is left, basis "used"; with {@code costComplete} false it is "at least"
 * @param valued whether nobody paid that: it is counted at the newest price seen
 * @param level have, low or out for a staple that is not counted
 * @param since ISO day its clock began, and {@code age} how long that is ago in words
 * @param part "part 2" of a meal of several packets
 * @param until its date with the words in front of it, null when no keeping time is known
 */
public record LotView(
        String id,
        String name,
        String about,
        String amount,
        @Nullable BigDecimal portions,
        @Nullable String weight,
        @Nullable String level,
        String cost,
        boolean costComplete,
        boolean valued,
        String place,
        String placeName,
        Lot.State state,
        String since,
        String age,
        @Nullable UntilView until,
        Urgency urgency,
        @Nullable String container,
        @Nullable String code,
        @Nullable String batch,
        @Nullable String part) {

    /** "eat by" is a limit, "best before" a matter of taste. */
    public record UntilView(String words, String date) {}

    /** How this lot stands on this day. */
    public static LotView of(Lot lot, LocalDate today) {
        return new LotView(
                lot.id().toString(),
                lot.name(),
                lot.about(),
                lot.staple() ? words(lot.level()) : lot.amount().toString(),
                lot.amount().unit().equals(Unit.PORTION)
                        ? Portions.number(lot.amount().value())
                        : null,
                lot.weight() == null || lot.staple() ? null : lot.weight().words(lot.amount()),
                lot.staple() ? words(lot.level()) : null,
                lot.cost().known().decimal(),
                lot.cost().complete(),
                lot.valued(),
                lot.spot().place().toString(),
                lot.placeName(),
                lot.state(),
                lot.clock().from().toString(),
                Age.words(lot.clock().from(), today),
                until(lot),
                lot.dates().urgency(today),
                lot.packet().containerName(),
                lot.packet().code(),
                lot.batch() == null ? null : lot.batch().toString(),
                lot.packet().partNo() == null ? null : "part " + lot.packet().partNo());
    }

    private static String words(Lot.Level level) {
        return level.name().toLowerCase(Locale.ROOT);
    }

    /** The date of a lot with its words, where one is known. */
    public static @Nullable UntilView until(Lot lot) {
        String words = lot.dates().eatBy() != null ? "eat by" : "best before";
        return lot.dates()
                .last()
                .map(date -> new UntilView(words, date.toString()))
                .orElse(null);
    }
}

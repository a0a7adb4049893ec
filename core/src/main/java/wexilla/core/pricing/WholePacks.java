package wexilla.core.pricing;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;

/**
 * What whole packs of one kind cost at the till, basis "bought".
 *
 * @param multi n for a price, for whole multiples of n only; the rest at the single price
 * @param shop where; null for anywhere
 */
public record WholePacks(
        Amount pack,
        Money price,
        @Nullable MultiBuy multi,
        @Nullable String shop) {

    /** In any shop. */
    public WholePacks(Amount pack, Money price, @Nullable MultiBuy multi) {
        this(pack, price, multi, null);
    }

    /** "3 for 10.00". */
    public record MultiBuy(int count, Money price) {

        private static final Pattern WRITTEN =
                Pattern.compile("(\\d{1,2})\\s*(?:for|x|×|@)\\s*(.+)", Pattern.CASE_INSENSITIVE);

        /**
         * As a shop writes it.
         *
         * @throws Unfit if it is no "3 for 13.00"
         */
        public static MultiBuy parse(String text, Currency currency) {
            Matcher written = WRITTEN.matcher(text.strip());
            if (!written.matches()) {
                throw new Unfit("“" + text + "” is no multi-buy; write it like 3 for 13.00");
            }
            return new MultiBuy(Integer.parseInt(written.group(1)), Money.parse(written.group(2), currency));
        }

        /** What one of them comes to, rounded. */
        public Money each() {
            return Money.rounded(price.exact().dividedBy(Rational.of(count)), price.currency());
        }

        public MultiBuy {
            if (count < 2) {
                throw new Unfit("a multi-buy is for two or more, not " + count);
            }
        }
    }

    /** So many packs and what they cost. */
    public record Buy(WholePacks kind, long packs, Money cost) {}

    /** So many of them: what several cost together counts for whole multiples, where it is less. */
    public Buy of(long packs) {
        boolean less = multi != null && multi.price().minor() < Math.multiplyExact(price.minor(), (long) multi.count());
        long sets = less && multi != null ? packs / multi.count() : 0;
        long single = packs - (multi == null ? 0 : sets * multi.count());
        Money offer = multi == null ? Money.zero(price.currency()) : times(multi.price(), sets);
        return new Buy(this, packs, offer.plus(times(price, single)));
    }

    /** What can be bought of it at once: one, and as many as are cheaper together. @param parts of a minor unit of money */
    public List<PackTable.Pack> items(long parts) {
        long amount = Math.max(1, pack.value().times(Rational.of(1000)).floor().longValueExact());
        List<PackTable.Pack> items = new ArrayList<>();
        items.add(new PackTable.Pack(amount, parts * price.minor(), 1));
        if (multi != null) {
            items.add(new PackTable.Pack(
                    amount * multi.count(), parts * multi.price().minor(), multi.count()));
        }
        return items;
    }

    /** The same of several kinds. */
    public static List<PackTable.Pack> items(List<WholePacks> kinds, long parts) {
        return kinds.stream().flatMap(kind -> kind.items(parts).stream()).toList();
    }

    private static Money times(Money money, long count) {
        return Money.of(Math.multiplyExact(money.minor(), count), money.currency());
    }
}

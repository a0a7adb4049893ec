package wexilla.core.stock.notes;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.AmountReader.Reading;
import wexilla.core.quantity.text.Packs;

/**
 * The amounts of a stock note, wherever in the line they stand: "3 packs of 6 slices", "tomato paste 6 little cans",
 * "1 gal bag shredded chicken 2.5 lb", "1 box of 24, 9 left".
 *
 * @param lots so many containers of so much each; one entry where nothing else is said
 * @param rest the words that are left, in their order
 * @param portions whether portions were said; {@code tins} whether it was counted in tins, also where they were weighed
 */
record NoteAmounts(List<Lot> lots, String rest, boolean portions, boolean tins) {

    /** @param each null when no amount was written */
    record Lot(int count, @Nullable Amount each) {}

    private static final Pattern NUMBER = Pattern.compile(
            "^[(]?(?:\\d.*|\\.\\d+.*|[½⅓⅔¼¾⅛].*|half|quarter|a|an|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|dozen|couple)$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES = Pattern.compile("^[x×](\\d{1,3}),?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern PAN = Pattern.compile("^\\d{1,2}[x×]\\d{1,2}[,]?$|^#\\d+$", Pattern.CASE_INSENSITIVE);
    private static final Pattern SERVES = Pattern.compile(
            "[,(]?\\s*\\b(?:all\\s+)?(?:for|serves|feeds)\\s+(\\d{1,2})\\b(?:\\s*(?:people|persons|of us))?\\)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern HALF_LEFT = Pattern.compile(
            ",?\\s*\\b(?:about\\s+|approx\\.?\\s+)?(half|a third|a quarter|two thirds|three quarters|[123]/[234])\\s*-?(?:is\\s+)?(?:left|full)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GONE = Pattern.compile(
            ",?\\s*\\b(?:about\\s+)?(half|a third|a quarter|two thirds|three quarters|[123]/[234])\\s+(?:is\\s+)?(?:gone|used|eaten|empty)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LEFT =
            Pattern.compile("^(?:is\\s+|are\\s+)?(?:left|remaining|over)\\b[,.]?", Pattern.CASE_INSENSITIVE);
    private static final Pattern SIZE_BAG = Pattern.compile(
            "\\b(?:in\\s+)?(\\d{1,2}\\s+)?(gal(?:lon)?|qt|quart|pint|pt|litre|liter|l)[- ]?(?:size[d]?\\s+)?(zip\\s+)?(bags?|containers?|tubs?|boxes|jars?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SINGLE =
            Pattern.compile("\\bsingle\\s+(?:portions?|servings?|boxes)\\b", Pattern.CASE_INSENSITIVE);

    /** "1.2 kg in 3 bags": all of it together. */
    private static final Pattern SHARED_OUT = Pattern.compile(
            "\\bin\\s+(\\d{1,2})\\s+(?:bags?|tubs?|boxes|packs?|packets?|containers?|jars?|tins?|trays?|parcels?)\\b",
            Pattern.CASE_INSENSITIVE);

    static NoteAmounts in(String typed) {
        Matcher shared = SHARED_OUT.matcher(typed);
        if (shared.find() && typed.matches("(?i).*\\d\\s*(?:kg|g|lbs?|oz|ml|l|litres?|cups?|qts?|quarts?)\\b.*")) {
            return in(shared.replaceFirst(" ")).sharedOut(Integer.parseInt(shared.group(1)));
        }
        String text = NoteForms.plain(typed);
        int serves = 0;
        Matcher forSo = SERVES.matcher(text);
        if (forSo.find()) {
            serves = Integer.parseInt(forSo.group(1));
            text = forSo.replaceFirst(" ");
        }
        boolean single = SINGLE.matcher(text).find();
        if (single) {
            serves = 1;
            text = SINGLE.matcher(text).replaceFirst(" ");
        }
        Rational fraction = null;
        Matcher gone = GONE.matcher(text);
        if (gone.find()) {
            fraction = Rational.ONE.minus(fraction(gone.group(1).toLowerCase(Locale.ROOT)));
            text = gone.replaceFirst(" ");
        }
        Matcher half = HALF_LEFT.matcher(text);
        if (half.find()) {
            fraction = fraction(half.group(1).toLowerCase(Locale.ROOT));
            text = half.replaceFirst(" ");
        }
        Matcher bag = SIZE_BAG.matcher(text);
        NoteChunk sized = null;
        if (bag.find()) {
            Rational many = bag.group(1) == null
                    ? Rational.ONE
                    : Rational.of(Integer.parseInt(bag.group(1).strip()));
            Unit unit = Unit.parse(bag.group(2)).orElse(Unit.L);
            String container = bag.group(4).toLowerCase(Locale.ROOT).replaceAll("(?:es|s)$", "");
            boolean contents = bag.group(1) != null && !many.equals(Rational.ONE);
            sized = contents
                    ? new NoteChunk(many, unit, new Packs(many, Amount.of(1, unit), null), false, false, false)
                    : bag.group(1) == null
                            ? null
                            : new NoteChunk(
                                    Rational.ONE,
                                    Unit.named(container.equals("box") ? "box" : container),
                                    null,
                                    false,
                                    false,
                                    false);
            text = bag.replaceFirst(" ");
        }
        List<NoteChunk> chunks = new ArrayList<>();
        StringBuilder rest = new StringBuilder();
        scan(text, chunks, rest);
        if (sized != null) {
            chunks.add(0, sized);
        }
        boolean portions = serves > 0
                || chunks.stream().anyMatch(NoteChunk::portions)
                || chunks.stream()
                        .anyMatch(c ->
                                c.packs() != null && c.packs().each().unit().equals(Unit.PORTION));
        boolean tins = NoteWords.tins(text);
        if (tins && text.contains("drained") && chunks.stream().anyMatch(NoteChunk::pack)) {
            // what it weighs without its water does not say how much of the tin there is
            chunks.removeIf(NoteChunk::measured);
        }
        List<Lot> lots = lots(chunks, serves, fraction);
        return new NoteAmounts(lots, rest.toString().replaceAll("\\s+", " ").strip(), portions, tins);
    }

    /** The same in so many packets. */
    private NoteAmounts sharedOut(int packets) {
        Amount each = lots.size() == 1 && lots.get(0).count() == 1 ? lots.get(0).each() : null;
        return each == null || packets < 1
                ? this
                : new NoteAmounts(List.of(new Lot(packets, each.times(Rational.of(1, packets)))), rest, portions, tins);
    }

    private static Rational fraction(String words) {
        return switch (words) {
            case "1/4" -> Rational.of(1, 4);
            case "1/3" -> Rational.of(1, 3);
            case "2/3" -> Rational.of(2, 3);
            case "3/4" -> Rational.of(3, 4);
            case "a third" -> Rational.of(1, 3);
            case "a quarter" -> Rational.of(1, 4);
            case "two thirds" -> Rational.of(2, 3);
            case "three quarters" -> Rational.of(3, 4);
            default -> Rational.of(1, 2);
        };
    }

    private static void scan(String text, List<NoteChunk> chunks, StringBuilder rest) {
        String left = text.strip();
        boolean start = true;
        while (!left.isEmpty()) {
            String word = left.split("\\s+", 2)[0];
            Matcher times = TIMES.matcher(word);
            if (times.matches()) {
                chunks.add(NoteChunk.times(Integer.parseInt(times.group(1))));
                left = left.substring(word.length()).strip();
                continue;
            }
            boolean article = word.equalsIgnoreCase("a") || word.equalsIgnoreCase("an");
            if (start && Character.isDigit(word.charAt(0)) && !PAN.matcher(word).matches()) {
                AmountReader.read(left);
            }
            Reading reading = PAN.matcher(word).matches()
                            || !NUMBER.matcher(word).matches()
                            || article && !start && !chunks.isEmpty()
                    ? null
                    : amount(left.startsWith("(") ? left.substring(1) : left);
            if (reading == null) {
                rest.append(word).append(' ');
                left = left.substring(word.length()).strip();
                start = false;
                continue;
            }
            String behind = reading.rest().replaceFirst("^[,;)]+", "").strip();
            Unit unit = reading.quantity().unit();
            String next = behind.split("[\\s,]+", 2)[0].toLowerCase(Locale.ROOT);
            boolean bare = reading.bare();
            if (bare && behind.matches("(?i)(?:little|small|sm|large|lg|big|med|medium|family)\\.?\\s+\\p{L}+.*")) {
                String after = behind.split("\\s+", 3)[1].toLowerCase(Locale.ROOT);
                if (NoteChunk.container(after) != null) {
                    behind = behind.split("\\s+", 2)[1];
                    next = after;
                }
            }
            Unit named = bare ? NoteChunk.container(next) : null;
            if (named != null) {
                unit = named;
                bare = false;
                behind = behind.length() <= next.length()
                        ? ""
                        : behind.substring(Math.min(behind.length(), next.length()))
                                .strip();
                behind = behind.replaceFirst("^[,;.)]+", "").strip();
            }
            Matcher leftOver = LEFT.matcher(behind);
            boolean remains = leftOver.find();
            if (remains) {
                behind = behind.substring(leftOver.end()).strip();
            }
            chunks.add(new NoteChunk(
                    reading.quantity().max().value(),
                    unit,
                    named != null ? null : reading.packs(),
                    bare,
                    remains,
                    false));
            behind = behind.replaceFirst("(?i)^(?:each|apiece)\\b[),]*", "").strip();
            behind = behind.replaceFirst("(?i)^of\\s+(?=\\d)", "");
            behind = behind.replaceFirst("(?i)^[x×]\\s*(?=\\d+(?:\\s*\\p{L}|[.,/]\\d))", "");
            start = false;
            if (behind.length() >= left.length()) {
                break;
            }
            left = behind;
        }
    }

    private static @Nullable Reading amount(String text) {
        try {
            return AmountReader.read(text).orElse(null);
        } catch (NotAnAmount noAmount) {
            return null;
        }
    }

    private static List<Lot> lots(List<NoteChunk> chunks, int serves, @Nullable Rational fraction) {
        List<NoteChunk> left = chunks.stream().filter(NoteChunk::left).toList();
        if (!left.isEmpty()) {
            return List.of(new Lot(1, left.get(0).amount()));
        }
        NoteChunk packed =
                chunks.stream().filter(c -> c.packs() != null).findFirst().orElse(null);
        NoteChunk bare = chunks.stream().filter(NoteChunk::bare).findFirst().orElse(null);
        if (packed != null) {
            Packs packs = java.util.Objects.requireNonNull(packed.packs());
            if (packs.total()) {
                return List.of(new Lot(1, packed.amount()));
            }
            boolean one = packs.count().equals(Rational.ONE);
            Rational many = one && bare != null ? bare.value() : packs.count();
            Amount each = fraction == null ? packs.each() : packs.each().times(fraction);
            if (!packs.count().isWhole() && packs.count().compareTo(Rational.ONE) > 0) {
                whole(packs.count());
            }
            return packs.count().isWhole()
                    ? List.of(new Lot(whole(many), each))
                    : List.of(new Lot(1, packs.each().times(packs.count())));
        }
        List<NoteChunk> measured = chunks.stream().filter(NoteChunk::measured).toList();
        NoteChunk pack = chunks.stream().filter(NoteChunk::pack).findFirst().orElse(null);
        NoteChunk portions =
                chunks.stream().filter(NoteChunk::portions).findFirst().orElse(null);
        List<NoteChunk> pieces = chunks.stream().filter(NoteChunk::pieces).toList();
        if (serves > 0 || portions != null) {
            Rational each = portions != null ? portions.value() : Rational.of(serves);
            NoteChunk many = pack != null ? pack : pieces.isEmpty() ? null : pieces.get(0);
            return List.of(new Lot(many == null ? 1 : whole(many.value()), Amount.of(each, Unit.PORTION)));
        }
        if (measured.size() > 1
                && measured.stream()
                        .allMatch(c -> c.unit() == measured.get(0).unit()
                                || c.unit() != null
                                        && c.unit().equals(measured.get(0).unit()))) {
            return measured.stream().map(c -> new Lot(1, c.amount())).toList();
        }
        if (!measured.isEmpty()) {
            Amount each = measured.get(0).amount();
            boolean ofCase = pack != null && !pieces.isEmpty() && pack.value().equals(Rational.ONE);
            Rational times = chunks.stream()
                    .filter(NoteChunk::times)
                    .findFirst()
                    .map(NoteChunk::value)
                    .orElse(Rational.ONE);
            Rational many = ofCase ? pieces.get(0).value() : pack == null ? times : pack.value();
            return List.of(new Lot(many.isWhole() ? whole(many) : 1, fraction == null ? each : each.times(fraction)));
        }
        if (pack != null && !pieces.isEmpty()) {
            NoteChunk many = pieces.stream()
                    .filter(c -> chunks.indexOf(c) > chunks.indexOf(pack))
                    .findFirst()
                    .orElse(pieces.get(0));
            Amount each = Amount.of(many.value(), Unit.PIECE);
            return List.of(new Lot(whole(pack.value()), fraction == null ? each : each.times(fraction)));
        }
        if (pack != null || !pieces.isEmpty()) {
            Amount each = (pack != null ? pack : pieces.get(0)).amount();
            return List.of(new Lot(1, fraction == null ? each : each.times(fraction)));
        }
        return List.of(new Lot(1, fraction == null ? null : Amount.of(fraction, Unit.PIECE)));
    }

    private static int whole(Rational count) {
        if (!count.isWhole() || count.signum() <= 0 || count.compareTo(Rational.of(NoteReader.MOST_CONTAINERS)) > 0) {
            throw new NotAnAmount("containers are counted in whole numbers from 1 to " + NoteReader.MOST_CONTAINERS
                    + ", not " + count.plain());
        }
        return count.numerator().intValueExact();
    }
}

package wexilla.core.stock.notes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.State;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingWords;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.Blanks;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/**
 * Reads a line of a stock note: {@code 3.2 kg pork shoulder, bone in, 17.57}, {@code 3 x 500 g mince Oct}, {@code 2
 * bolognese for 6}, {@code tomato paste opened 24 Nov}, {@code curry for 4 made Sat, frozen Mon, out Tue night}. Prices,
 * days and amounts are found wherever they stand; what is left names the thing, by the reader of recipe lines.
 */
public final class NoteReader {

    /** More containers than this on one line is a slip of the finger. */
    public static final int MOST_CONTAINERS = 60;

    /** A whole haul on one line, in characters; longer than that is no line of a note. */
    private static final int MOST_PASTED = 2000;

    private static final Pattern OPENED =
            Pattern.compile("(?<!un|un-)\\b(?:opened|open|started|part-used)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OUT_OF = Pattern.compile(
            "^(?:we(?:'re| are) )?(?:no(?: more)?|out of)\\s+(?=\\p{L})|\\s*[:,]\\s*(?:out|none|gone|finished)\\s*$|\\s(?:finished|used up|(?:is |are )?out)\\s*$|\\b(?:all gone|none left|run out)\\b",
            Pattern.CASE_INSENSITIVE);
    /** Named alone, these are the cooked dish, not what it is made of. */
    private static final Pattern DISHES = Pattern.compile(
            "(?:(?:bought|frozen|leftover|home-?made|cooked)\\s+)*(?:lasagnes?|lasagnas?|chill?is?|curry|curries|stew|casserole|pizza|bolognese)",
            Pattern.CASE_INSENSITIVE);

    private final LineReader lines;
    private final FoodBook foods;
    private final Currency currency;
    private final Measures measures;
    private final NoteDates dates;
    private final LocalDate today;
    private final NoteNames names;
    private final NoteParts parts;

    /** @param today in the household's zone */
    public NoteReader(FoodBook foods, Currency currency, Measures measures, LocalDate today) {
        this(foods, currency, measures, today, null);
    }

    /**
     * @param today in the household's zone; a month without a year is its latest past one
     * @param order of day and month; null where nobody says
     */
    public NoteReader(
            FoodBook foods, Currency currency, Measures measures, LocalDate today, @Nullable DateOrder order) {
        this.lines = new LineReader(foods);
        this.foods = foods;
        this.currency = currency;
        this.measures = measures;
        this.dates = new NoteDates(today, order);
        this.today = today;
        this.names = new NoteNames(foods, measures);
        this.parts = new NoteParts(foods, currency);
    }

    /**
     * The things of a line: usually one, more where it names more.
     *
     * @throws Unfit with the reason, in the cook's words, when the line cannot be stock
     */
    public List<NoteLine> read(String typed) {
        String text = Blanks.single(typed);
        if (text.length() > LineReader.LONGEST) {
            List<String> pasted = text.length() > MOST_PASTED ? List.of(text) : parts.of(text);
            if (pasted.size() > 1) {
                return pasted.stream().flatMap(one -> read(one).stream()).toList();
            }
            throw new NotAnAmount(
                    "this line has " + text.length() + " characters; " + LineReader.LONGEST + " is the most");
        }
        List<String> priced = parts.apart(text);
        if (priced.size() > 1) {
            return priced.stream().flatMap(one -> read(one).stream()).toList();
        }
        if (text.matches("^[-−–]\\s*\\d.*")) {
            throw new NotAnAmount("an amount cannot be below zero: “" + text + "”");
        }
        NotePrice price = NotePrice.in(text, currency);
        NoteDates.Found dated = dates.in(price.rest());
        String rest = NoteWords.trimmed(dated.rest());
        List<String> several = parts.of(rest);
        if (several.size() > 1) {
            List<NoteLine> all = new ArrayList<>();
            Matcher serves = Pattern.compile(",?\\s*\\ball for (\\d{1,2})\\b").matcher(rest);
            String each = serves.find() ? " for " + serves.group(1) : "";
            for (String one : several) {
                all.addAll(things(text, one + each, new NotePrice(null, one, ""), dated));
            }
            return price.said() == null ? all : sharing(all, price);
        }
        return things(text, rest, price, dated);
    }

    /** One price for several things is shared out alike, and asked about. */
    private List<NoteLine> sharing(List<NoteLine> things, NotePrice price) {
        Money paid = price.paid(1, null, measures);
        if (paid == null) {
            return things;
        }
        List<Money> shares = paid.split(things.stream().map(one -> Rational.ONE).toList());
        List<NoteLine> priced = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            priced.add(things.get(i)
                    .paying(
                            shares.get(i),
                            "what of " + paid + " was for " + things.get(i).foodName()));
        }
        return priced;
    }

    private List<NoteLine> things(String text, String words, NotePrice price, NoteDates.Found dated) {
        boolean opened = dated.days().stream().anyMatch(day -> day.event() == NoteDates.Event.OPENED)
                || OPENED.matcher(words).find();
        boolean none = OUT_OF.matcher(words).find();
        String plain = OUT_OF.matcher(words).replaceAll(" ");
        Matcher mixed = Pattern.compile(
                        "^(.*?)(\\d+)\\s+(?:lg\\s+|large\\s+|small\\s+)?(\\p{L}+)?,?\\s+[-–]?\\s*(\\d+|one|two)\\s+open(?:ed)?$",
                        Pattern.CASE_INSENSITIVE)
                .matcher(plain.strip());
        if (mixed.matches()) {
            int all = Integer.parseInt(mixed.group(2));
            int open = mixed.group(4).matches("\\d+")
                    ? Integer.parseInt(mixed.group(4))
                    : mixed.group(4).equalsIgnoreCase("one") ? 1 : 2;
            String unit = mixed.group(3) == null ? "pieces" : mixed.group(3);
            if (open < all) {
                List<NoteLine> parts =
                        new ArrayList<>(things(text, mixed.group(1) + (all - open) + " " + unit, price, dated));
                parts.addAll(things(
                        text, mixed.group(1) + open + " " + unit + " opened", new NotePrice(null, "", ""), dated));
                return parts;
            }
        }
        plain = NoteWords.withoutLean(plain);
        NoteAmounts amounts = NoteAmounts.in(NoteWords.trimmed(OPENED.matcher(plain)
                .replaceAll(" ")
                .replaceAll("(?i)\\bmarinating\\b", "marinated")
                .replaceAll("(?i)\\bhome[ -]made\\b", "homemade")
                .replaceFirst("(?i)^(?:the )?(?:rest|remains?|remainder|end|ends|last) of (?:the |a |an |some )?", "")
                .replaceAll("(?i),?\\s*\\b(?:wrapped(?: up)?|covered|well wrapped|in foil|in cling ?film)\\b", " ")
                .replaceAll("(?i)\\b(?:nearly|almost|quite)?\\s*full\\b", " ")
                .replaceAll("(?i)\\bveg\\b", "vegetable")));
        String name = NoteWords.trimmed(NoteWords.name(amounts.rest()));
        if (name.isEmpty() && amounts.portions()) {
            throw new NotAnAmount("“" + text + "” names no dish; write it like 2 bolognese for 6");
        }
        if (name.isEmpty()) {
            ReadLine bare = lines.read(NoteWords.trimmed(words));
            name = bare.foodName();
        }
        List<String> asks = new ArrayList<>();
        if (!price.ask().isEmpty()) {
            asks.add(price.ask());
        }
        ReadLine line = names.read(name, amounts);
        boolean dish = amounts.portions();
        Food met = line.food();
        boolean homely = met != null
                && met.name().startsWith("condensed ")
                && !words.matches("(?i).*\\b(?:condensed|tins?|cans?|tinned|canned)\\b.*")
                && amounts.lots().stream()
                        .noneMatch(
                                lot -> lot.each() != null && lot.each().unit().equals(Unit.named("tin")));
        Food food = dish || homely || DISHES.matcher(name).matches() ? null : met;
        State state = opened ? State.OPENED : line.state();
        Since since = Since.of(dated, life(food), aged(dish, food, state, words), today);
        List<NoteLine> things = new ArrayList<>();
        int total = amounts.lots().size();
        NotePrice.Said said = price.said();
        boolean several = said != null
                && said.forSo() > 1
                && total == 1
                && amounts.lots().get(0).count() == 1
                && (amounts.lots().get(0).each() == null
                        || amounts.lots().get(0).each().unit().dimension() != wexilla.core.quantity.Dimension.COUNT);
        int many = several && said != null ? said.forSo() : 1;
        Money paid = price.paid(
                total > 1 ? 1 : amounts.lots().get(0).count() * many,
                total > 1 ? sum(amounts.lots()) : amounts.lots().get(0).each(),
                measures);
        List<Money> shares = paid == null || total == 1
                ? List.of()
                : paid.split(amounts.lots().stream()
                        .map(lot ->
                                lot.each() == null ? Rational.ONE : lot.each().value())
                        .toList());
        for (int i = 0; i < total; i++) {
            NoteAmounts.Lot lot = amounts.lots().get(i);
            Amount each = none
                    ? Amount.of(0, Unit.PIECE)
                    : lot.each() != null ? lot.each() : NoteWords.whole(food, name, words);
            if (each != null && each.value().isZero() && !none) {
                throw new NotAnAmount("an amount of nothing is no stock: “" + text + "”");
            }
            String about = NoteWords.about(line, dish, amounts, words);
            things.add(new NoteLine(
                    text,
                    lot.count() * many,
                    each,
                    food == null && met != null || dish ? name.split(",")[0] : line.foodName(),
                    food,
                    state,
                    about,
                    shares.isEmpty() ? paid : shares.get(i),
                    null,
                    since,
                    dish,
                    asks));
        }
        return things;
    }

    /** Days it keeps at most, unopened: raw meat and fish, chilled things, what stands on a shelf. */
    private static int life(@Nullable Food food) {
        if (food == null || food.traits().rawFlesh()) {
            return Since.RAW;
        }
        return NoteKeeping.onShelf(food.keepingClass()) ? Since.SHELF : Since.CHILLED;
    }

    /** Whether a day without a role is when it was frozen or cooked. */
    private static boolean aged(boolean dish, @Nullable Food food, @Nullable State state, String words) {
        return dish
                || state == State.FROZEN
                || state == State.COOKED
                || food == null && KeepingWords.say("cooked", words)
                || food != null && KeepingGuide.homeCooked(food.keepingClass())
                || KeepingWords.say("frozen", words)
                || KeepingWords.say("made", words);
    }

    private static @Nullable Amount sum(List<NoteAmounts.Lot> lots) {
        Amount sum = null;
        for (NoteAmounts.Lot lot : lots) {
            Amount each = lot.each();
            if (each != null) {
                sum = sum == null ? each : sum.plus(each);
            }
        }
        return sum;
    }
}

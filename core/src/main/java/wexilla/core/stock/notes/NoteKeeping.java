package wexilla.core.stock.notes;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.book.State;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Part;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingWords;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Unit;

/**
 * How long a thing of a stock note keeps, where it lies: by what it is, what was done to it and what was said of its days.
 * What nobody knows gets the safest class its words allow (design: things, sections 2 and 4).
 *
 * @param keepingClass of the keeping guide
 * @param clock its own clock
 * @param dates by that clock, or as printed on it
 * @param unclear whether nobody can say what it is or how long it keeps: to be asked
 */
public record NoteKeeping(String keepingClass, LotClock clock, KeepDates dates, boolean unclear) {

    private static final KeepDates UNSAID = new KeepDates(null, null, null, "", "");

    private static final Set<String> PLANTS =
            Set.of("soft-vegetables", "roots", "onions", "counter-fruit", "potatoes", "apples");
    private static final Set<String> SHELF =
            Set.of("dry-goods", "tins", "jars", "oil", "spices", "condiments", "cartons", "wine");
    private static final Set<String> COOKED_CLASSES = Set.of("soup", KeepingGuide.COOKED_DISH, "cooked-fish");
    private static final Set<String> DAIRY = Set.of("yoghurt", "milk", "cream", "soft-cheese");

    /** Where it lies when nobody said: frozen things in the freezer, opened and cooked ones in the fridge. */
    public static Storage likely(NoteLine line, KeepingGuide guide, LocalDate today) {
        Since since = line.since();
        Food food = line.food();
        String keeping = keepingClass(line, null);
        boolean frozen = line.state() == State.FROZEN
                || since.frozen() != null
                || keeping.equals("frozen-vegetables")
                || food != null && food.name().startsWith("frozen ");
        if (since.outOfFreezer() || line.state() == State.THAWED) {
            return Storage.FRIDGE;
        }
        if (frozen && guide.freezes(keeping)) {
            return Storage.FREEZER;
        }
        boolean opened = line.state() == State.OPENED || since.opened() != null || partOf(line, keeping);
        if (opened && guide.rule(keeping).opened() != null) {
            return Storage.FRIDGE;
        }
        LocalDate from = since.from() == null ? today : since.from();
        return guide.likelyStorage(keeping, from, today);
    }

    /** @param storage where it lies */
    public static NoteKeeping of(NoteLine line, Storage storage, KeepingGuide guide, LocalDate today) {
        return of(line, keepingClass(line, storage), storage, guide, today);
    }

    /** What has a class already, such as a cooked dish whose cook chose it. @param keeping of the keeping guide */
    public static NoteKeeping of(NoteLine line, String keeping, Storage storage, KeepingGuide guide, LocalDate today) {
        Since since = line.since();
        boolean opened = line.state() == State.OPENED
                || since.opened() != null
                || partOf(line, keeping)
                || shelfInFridge(line, storage, keeping);
        boolean untold = guide.rule(keeping).opened() == null;
        LocalDate from = since.from() != null
                ? since.from()
                : since.opened() != null && (!opened || untold) ? since.opened() : today;
        LotClock clock = LotClock.start(keeping, earliest(from, since));
        if (storage == Storage.FREEZER) {
            LocalDate on = intoFreezer(since, today);
            boolean only =
                    since.from() == null && (since.frozen() != null || since.bare() != null || !on.equals(today));
            clock = (only ? LotClock.start(keeping, on) : clock).frozen(on);
        } else if (since.outOfFreezer()) {
            LocalDate into =
                    since.frozen() != null ? since.frozen() : since.thawed() != null ? since.thawed() : since.out();
            LocalDate began = since.from() != null ? since.from() : into;
            boolean raw = raw(keeping);
            LocalDate done = since.thawed() != null
                    ? since.thawed()
                    : raw ? Objects.requireNonNull(since.out()).plusDays(1) : since.out();
            clock = LotClock.start(keeping, Objects.requireNonNull(began))
                    .frozen(Objects.requireNonNull(into))
                    .thawed(Objects.requireNonNull(done));
        } else if (opened && guide.rule(keeping).opened() != null) {
            LocalDate on = since.opened() != null ? since.opened() : since.from() != null ? since.from() : today;
            // bought and opened on days of their own: shut it keeps from the first; else nobody knows since when
            boolean bought = since.from() != null && since.opened() != null;
            clock = guide.opened(clock, on, bought ? guide.dates(clock, storage) : UNSAID);
        }
        KeepDates dates = guide.dates(clock, storage);
        boolean unlikely = since.limit() != null && unlikely(line, since.limit(), storage, today);
        if (since.limit() != null && !unlikely) {
            dates = printed(line, since.limit(), dates, storage, opened || since.outOfFreezer(), guide.country());
        }
        if (since.atOnce() && raw(keeping)) {
            LocalDate on = clock.thawedOn() == null ? today : clock.thawedOn();
            dates = new KeepDates(
                    on, on, null, "thawed in water or a microwave: cook at once", "USDA FSIS, The Big Thaw");
        }
        boolean none = dates.eatBy() == null && dates.bestBefore() == null;
        if (keeping.equals("soup") && storage != Storage.FREEZER && KeepingWords.say("bones", line.text())) {
            dates = new KeepDates(from, from, null, "boiled from bags of bones: freeze today", "handbook, section 6");
        }
        boolean nameless = line.food() == null && nameless(line.foodName());
        boolean unclear = none
                || unlikely
                || nameless
                || keeping.startsWith("unknown-")
                || line.food() == null && !line.dish() && keeping.equals(unknown(storage));
        return new NoteKeeping(keeping, clock, dates, unclear);
    }

    /** Whether what is raw cannot keep so long, whatever is printed on it: the class holds, and it is asked. */
    private static boolean unlikely(NoteLine line, Since.Limit limit, Storage storage, LocalDate today) {
        boolean raw = line.food() != null && line.food().traits().rawFlesh();
        return raw && storage != Storage.FREEZER && limit.day().isAfter(today.plusDays(Since.RAW));
    }

    /** Into the freezer on that day; a use by that has passed was kept when it went in. */
    private static LocalDate intoFreezer(Since since, LocalDate today) {
        LocalDate on = since.frozen() != null ? since.frozen() : since.bare() != null ? since.bare() : since.from();
        if (on != null) {
            return on;
        }
        Since.Limit limit = since.limit();
        boolean before = limit != null
                && limit.role() != Since.Role.BEST_BEFORE
                && limit.day().isBefore(today);
        return before ? Objects.requireNonNull(limit).day() : today;
    }

    /**
     * The dates of what has one printed on it, by its role (design: facts, section 4): what is printed holds for what is
     * shut; once it is open or thawed the earlier of both does. In the US a use by is quality, and the class holds.
     */
    private static KeepDates printed(
            NoteLine line,
            Since.Limit limit,
            KeepDates own,
            Storage storage,
            boolean opened,
            @Nullable Country country) {
        LocalDate day = limit.day();
        LocalDate last = own.last().orElse(null);
        boolean sooner = last == null || day.isBefore(last);
        boolean raw =
                line.food() != null && line.food().traits().rawFlesh() || own.eatBy() != null && line.food() == null;
        boolean quality = limit.role() == Since.Role.BEST_BEFORE && !raw || country == Country.US;
        if (storage == Storage.FREEZER) {
            // frozen in time it is by the freezer's months; a best before on bought frozen goods is its maker's
            return limit.role() == Since.Role.BEST_BEFORE
                    ? new KeepDates(null, null, day, "best before as printed on it", "the pack")
                    : own;
        }
        if (opened && !sooner || country == Country.US && own.eatBy() != null) {
            return own;
        }
        if (limit.role() == Since.Role.SELL_BY && line.since().from() != null) {
            return own;
        }
        String role = switch (limit.role()) {
            case USE_BY -> "use by";
            case BEST_BEFORE -> "best before";
            case SELL_BY -> "sell by";
        };
        LocalDate warned = own.useFrom() != null && own.useFrom().isBefore(day) ? own.useFrom() : day;
        String rule = role + " as printed on it" + (quality ? ": quality, look at it" : "");
        return quality
                ? new KeepDates(
                        null, opened ? own.eatBy() : null, opened && own.eatBy() != null ? null : day, rule, "the pack")
                : new KeepDates(warned, day, null, rule, "the pack");
    }

    static boolean onShelf(String keepingClass) {
        return SHELF.contains(keepingClass) || keepingClass.equals("frozen-vegetables");
    }

    /** "The big tub": a container and nothing that is in it. */
    private static boolean nameless(String name) {
        String[] words = name.strip().split("\\s+");
        int last = words.length - 1;
        return KeepingWords.are("nameless", words[last])
                && Arrays.stream(words, 0, last).allMatch(word -> KeepingWords.are("size", word));
    }

    /** The class of what nobody knows, by where it lies. */
    private static String unknown(@Nullable Storage storage) {
        if (storage == null) {
            return "unknown-fridge";
        }
        return switch (storage) {
            case FREEZER -> "unknown-freezer";
            case CUPBOARD -> "unknown-cupboard";
            default -> "unknown-fridge";
        };
    }

    private static LocalDate earliest(LocalDate from, Since since) {
        LocalDate frozen = since.frozen();
        return frozen != null && frozen.isBefore(from) ? frozen : from;
    }

    /** Half a jar was opened, half an onion was cut, whatever was said. */
    private static boolean partOf(NoteLine line, String keeping) {
        return line.each() != null
                && line.each().unit().dimension() == Dimension.COUNT
                && !line.each().value().isWhole()
                && SHELF.contains(keeping);
    }

    /** A jar that lies in the fridge is open, or as good as: nobody said it is not. */
    private static boolean shelfInFridge(NoteLine line, Storage storage, String keeping) {
        return storage == Storage.FRIDGE && SHELF.contains(keeping) && !KeepingWords.say("unopened", line.text());
    }

    /** In jars, or in pints and quarts, which are jars too. */
    private static boolean jarred(NoteLine line) {
        Amount each = line.each();
        return each != null
                && (each.unit().equals(Unit.named("jar")) || each.unit().dimension() == Dimension.VOLUME);
    }

    private static boolean raw(String keeping) {
        return keeping.startsWith("raw-")
                || keeping.endsWith("-fish") && !keeping.startsWith("cooked")
                || keeping.equals("shellfish");
    }

    private static String keepingClass(NoteLine line, @Nullable Storage storage) {
        String said = line.text() + " " + line.about();
        Food food = line.food();
        if (food == null) {
            boolean whole = storage != Storage.FRIDGE
                    && storage != Storage.FREEZER
                    && line.state() != State.OPENED
                    && line.since().unsaid();
            if (whole && !line.dish() && KeepingWords.say("tin", said)) {
                return "tins";
            }
            boolean bought = line.state() == State.OPENED || line.since().opened() != null;
            return bought && KeepingWords.say("sauces", line.foodName())
                    ? "opened-tins"
                    : byWords(line.foodName() + " " + said, storage, line.dish());
        }
        String keeping = food.keepingClass();
        boolean preserve = storage == Storage.CUPBOARD
                && SHELF.contains(keeping)
                && KeepingWords.say("own", said)
                && (KeepingWords.say("preserve", food.name()) || jarred(line));
        if (keeping.equals("raw-poultry-whole") && KeepingWords.say("jointed", said)) {
            return "raw-poultry";
        }
        boolean joint = food.traits().rawFlesh()
                && (food.traits().cut() == Cut.WHOLE || food.traits().cut() == Cut.TENDERISED)
                && Diet.meat(food);
        if (joint && KeepingWords.say("diced", said)) {
            return keeping.startsWith("raw-poultry") ? "raw-poultry" : "raw-mince";
        }
        if (keeping.equals("frozen-vegetables") && storage == Storage.FRIDGE && !KeepingWords.say("frozen", said)) {
            return "cut-vegetables";
        }
        boolean canned = KeepingWords.say("bottled", said) && line.since().from() != null && storage != Storage.FREEZER;
        if (canned || preserve) {
            return "home-canned";
        }
        boolean half = line.each() != null
                && !line.each().value().isWhole()
                && line.each().unit().dimension() == Dimension.COUNT;
        if (keeping.equals("eggs") && KeepingWords.say("shelled", said)) {
            return "eggs-shelled";
        }
        if (PLANTS.contains(keeping) && storage != Storage.FREEZER && (KeepingWords.say("cut", said) || half)) {
            return "cut-vegetables";
        }
        if (KeepingWords.say("raw", said) && (keeping.equals("cured-meat") || keeping.equals("cooked-ham"))) {
            return "raw-sausage";
        }
        if (KeepingWords.say("fat", food.name()) && !food.name().equals("lard") && storage == Storage.FRIDGE) {
            return line.since().from() == null ? "unknown-fridge" : "soup";
        }
        boolean shut = storage != Storage.FRIDGE
                && storage != Storage.FREEZER
                && line.state() != State.OPENED
                && line.since().opened() == null;
        if (shut && keeping.equals("soup") && KeepingWords.say("carton", said)) {
            return "cartons";
        }
        boolean put = COOKED_CLASSES.contains(keeping) || PLANTS.contains(keeping);
        if (shut && !line.since().made() && put && KeepingWords.say("tin", said)) {
            return "tins";
        }
        boolean own = KeepingWords.say("own", said);
        boolean made = line.since().made() || KeepingWords.say("made", said);
        boolean packed = KeepingWords.say("packed", said) && !own;
        if ((line.since().made() || made && !packed)
                && (SHELF.contains(keeping) || DAIRY.contains(keeping))
                && storage != Storage.FREEZER) {
            return KeepingWords.say("soup", food.name()) ? "soup" : KeepingGuide.COOKED_DISH;
        }
        boolean swells = food.traits().yield(Part.COOKED) != null
                || food.traits().yield(Part.WATER) != null
                || KeepingWords.say("swells", food.name());
        boolean asCooked = half || line.since().from() != null || swells && !KeepingWords.say("dry", said);
        boolean cooked = swells && line.state() == State.COOKED && storage != Storage.FREEZER;
        if ((storage == Storage.FRIDGE && asCooked || cooked) && keeping.equals("dry-goods")) {
            return KeepingWords.say("rice", food.name()) ? KeepingGuide.COOKED_RICE : KeepingGuide.COOKED_DISH;
        }
        boolean opened = line.state() == State.OPENED || line.since().opened() != null;
        if (storage == Storage.FRIDGE && keeping.equals("tins") && !packed && !opened) {
            return KeepingWords.say("soup", food.name()) ? "soup" : KeepingGuide.COOKED_DISH;
        }
        if (SHELF.contains(keeping) && storage == Storage.FREEZER) {
            return keeping.equals("tins") || keeping.equals("jars") ? "soup" : keeping;
        }
        if (keeping.equals("unclassified")) {
            return byWords(line.foodName() + " " + said, storage, line.dish());
        }
        return keeping;
    }

    /** The safest class the words allow. */
    private static String byWords(String words, @Nullable Storage storage, boolean dish) {
        boolean cooked = dish || KeepingWords.say("cooked", words);
        boolean raw = KeepingWords.say("raw", words);
        if (KeepingWords.say("dough", words)) {
            return "pastry";
        }
        if (KeepingWords.say("fat", words) && !cooked) {
            return unknown(storage);
        }
        if (KeepingWords.say("fish", words)) {
            return cooked && !raw ? "cooked-fish" : "shellfish";
        }
        if (raw && (KeepingWords.say("offal", words) || KeepingWords.say("meat", words))) {
            return KeepingWords.say("poultry", words) ? "raw-poultry" : "raw-mince";
        }
        if (KeepingWords.say("soup", words)) {
            return "soup";
        }
        if (KeepingWords.say("eggs", words)) {
            return "egg-dish";
        }
        if (KeepingWords.say("rice", words) && cooked) {
            return "cooked-rice";
        }
        if (cooked && KeepingWords.say("mash", words) && !KeepingWords.say("dish", words)) {
            return "cooked-pulses";
        }
        if (cooked && !KeepingWords.say("baked", words)) {
            return KeepingGuide.COOKED_DISH;
        }
        if (KeepingWords.say("offal", words) || KeepingWords.say("meat", words)) {
            return KeepingWords.say("sausage", words) ? "raw-sausage" : "raw-mince";
        }
        if (KeepingWords.say("baked", words)) {
            return "bread";
        }
        if (storage == Storage.FRIDGE && KeepingWords.say("vegetables", words)) {
            return "cut-vegetables";
        }
        return storage == null && KeepingWords.say("dry-looking", words) ? "unknown-cupboard" : unknown(storage);
    }
}

package wexilla.core.keeping;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Country;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.recipe.Recipe;

/** The keeping table and the rules that use it. */
public final class KeepingGuide {

    /** The class of a cooked dish; must be in the table. */
    public static final String COOKED_DISH = Recipe.DISH_CLASS;

    /** The class of cooked rice: a day, unless the household chooses otherwise. */
    public static final String COOKED_RICE = "cooked-rice";

    /** Between the two classes of a raw bag. */
    private static final char BOTH = '+';

    /** The classes of what was cooked in a kitchen: what goes into a dish from here brings its age. */
    private static final Set<String> HOME_COOKED =
            Set.of(COOKED_DISH, COOKED_RICE, "soup", "cooked-pulses", "egg-dish", "eggs-boiled");

    /** What keeps no longer than this after shopping is told at once: cook by, or freeze tonight. Own definition. */
    private static final int SOON_DAYS = 5;

    private static final String NONE = "no keeping time is recorded for this";

    private final Map<String, KeepingRule> rules;
    private final @Nullable Country country;

    /** @throws IllegalArgumentException if the class of cooked dishes is missing */
    public KeepingGuide(Collection<KeepingRule> rules) {
        this(rules, null);
    }

    private KeepingGuide(Collection<KeepingRule> rules, @Nullable Country country) {
        this.country = country;
        this.rules = rules.stream().collect(Collectors.toUnmodifiableMap(KeepingRule::key, Function.identity()));
        if (!this.rules.containsKey(COOKED_DISH)) {
            throw new IllegalArgumentException("the keeping table lacks " + COOKED_DISH);
        }
    }

    /** Whether what is in this class was cooked: a dish it goes into is as old as it. */
    public static boolean homeCooked(String keepingClass) {
        return HOME_COOKED.contains(keepingClass);
    }

    /**
     * The table of a household that cools cooked rice within the hour: it keeps like other cooked grain.
     *
     * <p>Source: handbook, section 6: rice 1 day unless the household chooses 3–4.
     */
    public KeepingGuide riceKept() {
        Map<String, KeepingRule> all = new HashMap<>(rules);
        all.computeIfPresent(
                COOKED_RICE,
                (key, rule) -> new KeepingRule(
                        key,
                        rule.name() + ", cooled within the hour",
                        rule(COOKED_DISH).fridge(),
                        rule.freezer(),
                        null,
                        null,
                        "chosen by the household; the published guide says " + rule.fridge() + " day"));
        return new KeepingGuide(all.values(), country);
    }

    /** Whose rules it goes by; null for the published US tables. */
    public @Nullable Country country() {
        return country;
    }

    /**
     * The table where another country's rules hold.
     *
     * @param fridge days in the fridge that are others there, by class
     */
    public KeepingGuide in(Country other, Map<String, Local> fridge) {
        Map<String, KeepingRule> all = new HashMap<>(rules);
        fridge.forEach((key, days) -> all.computeIfPresent(
                key,
                (same, rule) -> new KeepingRule(
                        key,
                        rule.name(),
                        days.fridge(),
                        rule.freezer(),
                        rule.cupboard(),
                        rule.opened() == null ? null : shorter(rule.opened(), days.fridge()),
                        rule.usual(),
                        days.source())));
        return new KeepingGuide(all.values(), other);
    }

    private static Span shorter(Span one, Span two) {
        return two.to() < one.to() ? two : one;
    }

    /** Days in the fridge where a country has its own. */
    public record Local(Span fridge, String source) {}

    /**
     * Days left after thawing in the fridge. Source: handbook, section 6; in the UK within 24 hours (Food Standards Agency,
     * Chilling food, from memory), and in the EU, which has no rule of its own.
     */
    private int thawedDays(Span fridge, int usedDays) {
        boolean day = country == Country.UK || country == Country.EU;
        return day ? 1 : Math.max(1, fridge.to() - usedDays);
    }

    /**
     * The class of a raw bag: in the fridge it keeps as the first of two classes, in the freezer as the second.
     *
     * <p>Source: handbook, section 13: what spoils first in the fridge, the shortest row of what is in it in the freezer.
     */
    public static String bag(String fridge, String freezer) {
        return fridge.equals(freezer) ? fridge : fridge + BOTH + freezer;
    }

    private static KeepingRule both(KeepingRule fridge, KeepingRule freezer) {
        return new KeepingRule(
                fridge.key() + BOTH + freezer.key(),
                fridge.name() + " with " + freezer.name(),
                fridge.fridge(),
                freezer.freezer(),
                null,
                null,
                fridge.source() + "; " + freezer.source());
    }

    /** The rule of this class, or one without any time when the table has none. */
    public KeepingRule rule(String keepingClass) {
        int both = keepingClass.indexOf(BOTH);
        if (both > 0) {
            return both(rule(keepingClass.substring(0, both)), rule(keepingClass.substring(both + 1)));
        }
        KeepingRule rule = rules.get(keepingClass);
        return rule != null ? rule : new KeepingRule(keepingClass, "not classified", null, null, null, null, "none");
    }

    /**
     * The dates of food of this class.
     *
     * @param clockFrom day 0: bought, opened or cooked
     * @param frozenOn the day it went into the freezer; asked for only there
     */
    public KeepDates dates(String keepingClass, Storage storage, LocalDate clockFrom, LocalDate frozenOn) {
        KeepingRule rule = rule(keepingClass);
        Span fridge = rule.fridge();
        Span cupboard = rule.cupboard();
        Span freezer = rule.freezer();
        if (storage == Storage.FREEZER && freezer != null) {
            return taste(rule, "freezer", freezer, frozenOn);
        }
        if (storage == Storage.FREEZER && rule.fridge() != null) {
            return new KeepDates(null, null, null, rule.name() + ": not usually frozen", rule.source());
        }
        if (storage == Storage.CUPBOARD && cupboard != null) {
            return taste(rule, "cupboard", cupboard, clockFrom);
        }
        if (fridge != null && storage != Storage.FREEZER) {
            return new KeepDates(
                    clockFrom.plusDays(fridge.from()),
                    clockFrom.plusDays(fridge.to()),
                    null,
                    rule.name() + ": fridge " + fridge + " days",
                    rule.source());
        }
        if (cupboard != null) {
            return taste(rule, "cupboard", cupboard, clockFrom);
        }
        return new KeepDates(null, null, null, rule.name() + ": " + NONE, rule.source());
    }

    /**
     * The dates of a lot where it lies, by its own clock: in the freezer the clock stands still; after thawing in the
     * fridge what was left of its time counts, at least the next dinner; opened things have a time of their own.
     *
     * <p>Source: handbook, section 6: shorter of the time left when frozen and the class's fridge time.
     */
    public KeepDates dates(LotClock clock, Storage storage) {
        KeepingRule rule = rule(clock.keepingClass());
        Span fridge = rule.fridge();
        LocalDate thawed = clock.thawedOn();
        LocalDate frozen = clock.frozenOn();
        if (storage != Storage.FREEZER && thawed != null && fridge != null) {
            int left = thawedDays(fridge, clock.usedDays());
            LocalDate eatBy = thawed.plusDays(left);
            LocalDate warn = thawed.plusDays(Math.min(Math.max(0, fridge.from() - clock.usedDays()), left));
            String used = clock.usedDays() == 0 ? "" : ", " + clock.usedDays() + " of them used before freezing";
            return new KeepDates(
                    warn, eatBy, null, rule.name() + ": thawed, fridge " + fridge + " days" + used, rule.source());
        }
        Span opened = rule.opened();
        if (clock.opened() && opened != null && storage != Storage.FREEZER) {
            int left = Math.max(0, opened.to() - clock.usedDays());
            return new KeepDates(
                    clock.from().plusDays(Math.min(opened.from(), left)),
                    clock.from().plusDays(left),
                    null,
                    rule.name() + ": opened, fridge " + opened + " days",
                    rule.source());
        }
        return dates(clock.keepingClass(), storage, clock.from(), frozen == null ? clock.from() : frozen);
    }

    /**
     * This clock once its packing is opened; as it was where opening changes nothing.
     *
     * @param shut its dates until then
     */
    public LotClock opened(LotClock clock, LocalDate day, KeepDates shut) {
        Span opened = rule(clock.keepingClass()).opened();
        return opened == null ? clock : clock.opened(day, opened.to(), shut.eatBy());
    }

    /**
     * Where food of this class is likely kept: its usual storage, but in the freezer when its fridge time is over and it
     * can be frozen.
     *
     * @param since the day its clock began
     */
    public Storage likelyStorage(String keepingClass, LocalDate since, LocalDate today) {
        KeepingRule rule = rule(keepingClass);
        Storage usual = rule.usualStorage();
        LocalDate eatBy = dates(keepingClass, Storage.FRIDGE, since, since).eatBy();
        boolean over = usual == Storage.FRIDGE && eatBy != null && eatBy.isBefore(today);
        return over && rule.freezer() != null ? Storage.FREEZER : usual;
    }

    /** The class something of this class is in once it is cooked; what has no raw state stays as it is. */
    public String cookedFrom(String keepingClass) {
        if (keepingClass.endsWith("-fish") || keepingClass.equals("shellfish")) {
            return "cooked-fish";
        }
        return keepingClass.startsWith("raw-") ? COOKED_DISH : keepingClass;
    }

    /** Whether food of this class is usually frozen. */
    public boolean freezes(String keepingClass) {
        return rule(keepingClass).freezer() != null;
    }

    /** Whether something put away today keeps only days: to be told with its last day. */
    public boolean keepsOnlyDays(Storage storage, KeepDates dates, LocalDate today) {
        return storage == Storage.FRIDGE && dates.limitWithin(LocalDate.MIN, today.plusDays(SOON_DAYS));
    }

    /**
     * The last day what is left of a pack is good that was bought this day and lies where it usually does; empty for what
     * keeps until somebody wants it, as raw meat and fish in the freezer does.
     */
    public Optional<LocalDate> spareUntil(String keepingClass, LocalDate bought) {
        if (keepingClass.startsWith("raw-") && freezes(keepingClass)) {
            return Optional.empty();
        }
        KeepDates dates = dates(keepingClass, rule(keepingClass).usualStorage(), bought, bought);
        return Optional.ofNullable(dates.eatBy() == null ? dates.bestBefore() : dates.eatBy());
    }

    /**
     * Whether something raw that nobody has spoken for should be frozen tonight: its last day is today or tomorrow. What
     * is past its limit is not frozen any more.
     *
     * <p>Source: handbook, section 6: raw meat not planned within its time, freeze tonight.
     */
    public boolean freezeTonight(String keepingClass, Storage storage, KeepDates dates, LocalDate today) {
        return storage == Storage.FRIDGE && freezes(keepingClass) && dates.limitWithin(today, today.plusDays(1));
    }

    private static KeepDates taste(KeepingRule rule, String where, Span months, LocalDate from) {
        return new KeepDates(
                from.plusMonths(months.from()),
                null,
                from.plusMonths(months.to()),
                rule.name() + ": " + where + " " + months + " months",
                rule.source());
    }

    /** Days of its fridge time that are gone when it is frozen; a started day counts as used. */
    public static int usedDays(LocalDate clockFrom, LocalDate frozenOn) {
        return Math.toIntExact(Math.max(0, ChronoUnit.DAYS.between(clockFrom, frozenOn)));
    }

    /** Something that goes into a dish, with its own clock. */
    public record Ingredient(String keepingClass, LocalDate clockFrom, boolean cooked) {}
}

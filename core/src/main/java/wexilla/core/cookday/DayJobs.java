package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.clock.DayProblem.Aside;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Setting;
import wexilla.core.clock.DayProblem.Touch;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Temperature;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.GearTime;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/** The jobs of one step: hands and what goes on by itself, with what each holds in this kitchen. */
final class DayJobs {

    private static final int SLOW = Trade.whole("day.slow-burner");
    private static final List<Kind> PANS = List.of(Kind.PAN, Kind.GRIDDLE);
    private static final List<Kind> POTS = List.of(Kind.POT);
    private static final WordLists WORDS = WordLists.of("day");
    private static final Pattern FRIES = WORDS.list("fries");
    /** What is browned where it simmers afterwards. */
    private static final Pattern IN_POT =
            Pattern.compile("\\b(?:pot|casserole|dutch oven|saucepan)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern DRAINS = WORDS.list("drains");
    private static final Pattern MEAT = WORDS.list("meat");
    private static final Pattern HANDLES = WORDS.list("handles");
    private static final Pattern COOKED = WORDS.list("cooked");

    private static final int DIAL = Trade.whole("oven.dial");

    private final List<Gear> gear;
    /** What takes long in any oven or cooker. */
    private static final Pattern UNTIMED = Pattern.compile(
            "\\b(?:roast|bake|braise|stew|(?:pressure|slow)[- ]?cook|cook|smoke)\\b", Pattern.CASE_INSENSITIVE);

    private final Set<String> missing = new TreeSet<>();

    DayJobs(List<Gear> gear) {
        this.gear = gear;
    }

    /** Whether a step fries in a pan. */
    static boolean fries(String text) {
        return FRIES.matcher(text).find() && !IN_POT.matcher(text).find();
    }

    /** What steps need and is not there, in words. */
    List<String> missing() {
        return List.copyOf(missing);
    }

    /** Whether there is raw meat or fish in a dish, by its foods and steps: it wants a burner that is not slow. */
    static boolean meat(DayTasks.Dish dish) {
        return dish.inside().raw()
                || dish.steps().stream()
                        .anyMatch(step -> MEAT.matcher(step.text()).find());
    }

    /** Hands first, then what goes on by itself. @param inPot whether it is in a large pot */
    List<Job> jobs(
            String dish,
            boolean inPot,
            boolean meat,
            String text,
            DayStep step,
            int tending,
            @Nullable Kind kind,
            @Nullable Temperature heat) {
        int alone = step.time().waitMin();
        if (alone == 0
                && meat
                && kind != null
                && kind != Kind.BURNER
                && UNTIMED.matcher(step.text()).find()) {
            missing.add(dish + ": “" + text + "” says no minutes of heat: write how long it takes");
        }
        if (alone > 0
                && step.written().about()
                && kind == Kind.RACK
                && UNTIMED.matcher(step.text()).find()
                && StepTime.said(step.text(), sentence -> 1).minutes() == 0) {
            missing.add(dish + ": “" + text + "” says no minutes of heat: about " + alone + " are assumed");
        }
        List<Kind> holds = kind == null ? List.of() : List.of(there(kind));
        // what only has to be put in holds nothing while hands fill it
        boolean atIt = kind == Kind.BURNER || alone == 0;
        boolean full = gear.stream().anyMatch(one -> one.kind() == Kind.BURNER && !one.slow());
        boolean fries = kind == Kind.BURNER
                && FRIES.matcher(step.text()).find()
                && !IN_POT.matcher(step.text()).find();
        List<Job> made = new ArrayList<>();
        if (tending > 0) {
            List<Kind> held = new ArrayList<>(atIt && kind != Kind.RACK ? holds : List.of());
            with(held, kind == Kind.BURNER && inPot ? POTS : fries ? PANS : List.of());
            with(held, DRAINS.matcher(step.text()).find() ? List.of(Kind.SIEVE) : List.of());
            int minutes = kind == Kind.BURNER && !full && holds.contains(Kind.BURNER) ? slow(tending) : tending;
            Touch touch = kind == null ? touch(step.text()) : Touch.NOTHING;
            made.add(new Job(
                    dish,
                    text,
                    true,
                    held,
                    List.of(new Setting(0, minutes)),
                    touch,
                    kind == Kind.BURNER && full,
                    aside(
                            step,
                            touch,
                            alone == 0 ? minutes : 0,
                            minutes + step.written().handsMin() - step.time().handsMin())));
        }
        if (alone > 0) {
            int minutes = alone;
            if (kind == Kind.PRESSURE_COOKER) {
                minutes = GearTime.pressure(step.text(), alone).most();
            }
            int celsius = heat == null ? 0 : dial(heat);
            List<Kind> held = new ArrayList<>(holds);
            with(held, kind == Kind.BURNER && inPot ? POTS : fries && tending == 0 ? PANS : List.of());
            boolean strong = kind == Kind.BURNER && full && (fries || meat);
            made.add(new Job(
                    dish,
                    text,
                    false,
                    held,
                    List.of(new Setting(celsius, minutes)),
                    Touch.NOTHING,
                    strong,
                    aside(step, Touch.NOTHING, minutes, minutes + step.written().waitMin() - alone)));
        }
        return made;
    }

    /** As a dial is set, to five degrees: 425 °F is 220 °C. */
    private static int dial(Temperature heat) {
        return heat.celsius().dividedBy(Rational.of(DIAL)).rounded().intValueExact() * DIAL;
    }

    private static Aside aside(DayStep step, Touch touch, int minutes, int written) {
        return new Aside(
                step.clock().watches(step.text(), minutes), step.amounts(), DayCaution.at(step.text(), touch), written);
    }

    /** The first of these kinds the kitchen has; nobody waits for one nobody wrote down. */
    private void with(List<Kind> held, List<Kind> kinds) {
        kinds.stream()
                .filter(kind -> gear.stream().anyMatch(one -> one.kind() == kind))
                .findFirst()
                .ifPresent(held::add);
    }

    /** A slow burner takes half as long again to heat. */
    private static int slow(int minutes) {
        return (minutes * SLOW + 99) / 100;
    }

    /** Whether hands touch raw meat, or something else on a board. */
    static Touch touch(String text) {
        if (!HANDLES.matcher(text).find()) {
            return Touch.NOTHING;
        }
        return MEAT.matcher(text).find() && !COOKED.matcher(text).find() ? Touch.RAW : Touch.READY;
    }

    /** What a step holds; null for what holds nothing. */
    static @Nullable Kind kind(StepGear.Kind gear) {
        return switch (gear) {
            case PRESSURE_COOKER -> Kind.PRESSURE_COOKER;
            case SLOW_COOKER -> Kind.SLOW_COOKER;
            case HOT_AIR -> Kind.HOT_AIR;
            case OVEN -> Kind.RACK;
            case BURNER -> Kind.BURNER;
            case SMOKER, MICROWAVE, COLD, KETTLE, HANDS -> null;
        };
    }

    /** What a job holds, as far as the kitchen has it; what it has not is told once. */
    Kind[] there(Kind kind) {
        if (gear.stream().anyMatch(one -> one.kind() == kind)) {
            return new Kind[] {kind};
        }
        if (kind != Kind.COOLING) {
            missing.add(switch (kind) {
                        case BURNER -> "no burner";
                        case RACK -> "no oven";
                        case SLOW_COOKER -> "no slow cooker";
                        case PRESSURE_COOKER -> "no pressure cooker";
                        case HOT_AIR -> "no hot-air drawer";
                        case PAN -> "no pan";
                        case GRIDDLE -> "no griddle";
                        case SIEVE -> "no sieve";
                        case POT -> "no large pot";
                        case COOLING -> "no room to cool";
                    }
                    + " is written down under Household; its steps are planned as if there were enough");
        }
        return new Kind[0];
    }
}

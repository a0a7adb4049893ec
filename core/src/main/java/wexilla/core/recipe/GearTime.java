package wexilla.core.recipe;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Temperature;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepGear;

/**
 * How long a step keeps busy what it is cooked in: until that is hot or has its pressure, the time of the step, and until
 * it is open. Handbook, sections 2 and 13.
 *
 * @param gear it is cooked in
 * @param least minutes, {@code most} at most
 */
public record GearTime(StepGear.Kind gear, int least, int most) {

    private static final int UP_LEAST = Trade.whole("day.come-up-least");
    private static final int UP = Trade.whole("day.come-up");
    private static final int NATURAL_LEAST = Trade.whole("day.natural-release-least");
    private static final int NATURAL = Trade.whole("day.natural-release");
    private static final int QUICK = Trade.whole("day.quick-release");
    private static final int PREHEAT = Trade.whole("oven.preheat-minutes");
    private static final int PREHEAT_HOT = Trade.whole("oven.preheat-hot-minutes");
    private static final Rational HOT = Trade.number("oven.hot-celsius");
    private static final Pattern RELEASE_SAID = Pattern.compile(
            "releas\\w*[^.;]{0,20}?\\d+\\s*min|\\d+\\s*min\\w*\\s+(?:of\\s+)?(?:natural|quick)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NATURAL_RELEASE = Pattern.compile("\\bnatural", Pattern.CASE_INSENSITIVE);

    /** Minutes until an oven is so hot. */
    public static int preheat(Rational celsius) {
        return celsius.compareTo(HOT) > 0 ? PREHEAT_HOT : PREHEAT;
    }

    /** A pressure cooker with its pressure for so many minutes. @param text of the step, which can say how it is let off */
    public static GearTime pressure(String text, int minutes) {
        boolean said = RELEASE_SAID.matcher(text).find();
        boolean natural = NATURAL_RELEASE.matcher(text).find();
        int least = said ? 0 : natural ? NATURAL_LEAST : QUICK;
        int most = said ? 0 : natural ? NATURAL : QUICK;
        return new GearTime(StepGear.Kind.PRESSURE_COOKER, UP_LEAST + minutes + least, UP + minutes + most);
    }

    /** Of a step that goes on by itself in something; empty where it does not. */
    public static Optional<GearTime> of(ScaledStep step) {
        int minutes = step.time().waitMin();
        StepGear gear = StepGear.read(step.text());
        if (minutes == 0) {
            return Optional.empty();
        }
        return switch (gear.kind()) {
            case MICROWAVE, COLD, KETTLE, HANDS -> Optional.empty();
            case PRESSURE_COOKER -> Optional.of(pressure(step.text(), minutes));
            case OVEN -> {
                Temperature heat = gear.heat();
                int whole = minutes + preheat(heat == null ? Rational.ZERO : heat.celsius());
                yield Optional.of(new GearTime(gear.kind(), whole, whole));
            }
            case SLOW_COOKER, HOT_AIR, SMOKER, BURNER -> Optional.of(new GearTime(gear.kind(), minutes, minutes));
        };
    }

    /** Of the step in which a line is cooked, the longest where there are several; empty where no step speaks of it. */
    public static Optional<GearTime> of(ReadLine line, List<ScaledStep> steps) {
        List<String> words = Mentions.of(line).filter(word -> !word.isEmpty()).toList();
        return steps.stream()
                .filter(step -> {
                    String text = step.text().toLowerCase(Locale.ROOT);
                    return words.stream().anyMatch(text::contains);
                })
                .flatMap(step -> of(step).stream())
                .max(Comparator.comparingInt(GearTime::most));
    }

    /** "40–55 min of pressure cooker". */
    public String words() {
        String minutes = least == most ? String.valueOf(most) : least + "–" + most;
        return minutes + " min of " + (gear == StepGear.Kind.BURNER ? "pot" : gear.words());
    }
}

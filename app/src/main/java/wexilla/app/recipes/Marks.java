package wexilla.app.recipes;

import java.util.EnumSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wexilla.app.recipes.RecipeInput.LineInput;
import wexilla.app.recipes.RecipeInput.StepInput;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.steps.StepTime;

/**
 * What a file of the world has no place for, in words behind a line or step, so that nothing is lost on the way out and
 * back: "[can stop here: raw bag]", "[hands 5 min, alone 40 min]", "[on the clock: after 1]", "[on the night when ready to bake]".
 */
public final class Marks {

    private static final Pattern STOP = Pattern.compile("\\s*\\[can stop here: ([\\p{L} ]+)]");
    private static final Pattern TIME = Pattern.compile("\\s*\\[hands (\\d{1,4}) min, alone (\\d{1,4}) min]");
    private static final Pattern CLOCK = Pattern.compile("\\s*\\[on the clock: ([^\\]]{1,300})]");
    private static final Pattern NIGHT = Pattern.compile("\\s*\\[on the night when ([\\p{L}, ]+)]");

    private Marks() {}

    public static String of(RecipeLine line) {
        return line.heldBackIn().isEmpty()
                ? line.read().text()
                : line.read().text() + " [on the night when "
                        + line.heldBackIn().stream().sorted().map(Style::words).collect(Collectors.joining(", ")) + "]";
    }

    public static String of(RecipeStep step) {
        StepTime typed = step.typed();
        String time = typed == null ? "" : " [hands " + typed.handsMin() + " min, alone " + typed.waitMin() + " min]";
        Style stop = step.stop();
        String clock =
                step.clock().isNone() ? "" : " [on the clock: " + step.clock().words() + "]";
        return step.text() + time + clock + (stop == null ? "" : " [can stop here: " + stop.words() + "]");
    }

    public static LineInput line(String text) {
        Matcher night = NIGHT.matcher(text);
        Set<Style> held = EnumSet.noneOf(Style.class);
        String plain = text;
        if (night.find()) {
            plain = night.replaceAll("");
            for (String words :
                    night.reset().results().findFirst().orElseThrow().group(1).split(",\\s*")) {
                style(words).ifPresent(held::add);
            }
        }
        return new LineInput(plain.strip(), held, null);
    }

    public static StepInput step(String text) {
        Matcher stop = STOP.matcher(text);
        Style style = stop.find() ? style(stop.group(1)).orElse(null) : null;
        Matcher time = TIME.matcher(text);
        boolean timed = time.find();
        Matcher clock = CLOCK.matcher(text);
        boolean clocked = clock.find();
        String plain = CLOCK.matcher(
                        TIME.matcher(STOP.matcher(text).replaceAll("")).replaceAll(""))
                .replaceAll("")
                .strip();
        return new StepInput(
                plain,
                style,
                timed ? Integer.valueOf(time.group(1)) : null,
                timed ? Integer.valueOf(time.group(2)) : null,
                clocked ? clock.group(1) : null);
    }

    private static java.util.Optional<Style> style(String words) {
        return java.util.Arrays.stream(Style.values())
                .filter(style -> style.words().equals(words.strip()))
                .findFirst();
    }
}

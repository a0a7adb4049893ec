package wexilla.core.cookday;

import java.util.List;
import java.util.Map;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.steps.StepTime;

/**
 * How fast a household cooks against what is written: its own ratio from the last steps it timed, hands and waits apart,
 * and for a step it has timed before that step's own (handbook, sections 10 and 13). Minutes nobody was there do not count.
 *
 * @param hands times as long as written; {@code waits} the same for what goes on by itself
 * @param steps ratios of single steps, by {@link #key}; hands and waits apart
 */
public record OwnPace(Rational hands, Rational waits, Map<String, Rational> steps) {

    public static final OwnPace AS_WRITTEN = new OwnPace(Rational.ONE, Rational.ONE, Map.of());

    private static final Rational WEIGHT = Rational.of(Trade.whole("pace.prior"));
    private static final int LAST = Trade.whole("pace.last");

    public OwnPace {
        steps = Map.copyOf(steps);
    }

    /** @param actual minutes it took, above 0; {@code planned} above 0 */
    public record Timed(int actual, int planned) {

        Rational ratio() {
            return Rational.of(actual, planned);
        }
    }

    /** (3 · prior + Σ actual / planned) / (3 + n), of the last ten. @param timed newest first */
    public static Rational ratio(Rational prior, List<Timed> timed) {
        List<Timed> last = timed.subList(0, Math.min(LAST, timed.size()));
        Rational sum = last.stream().map(Timed::ratio).reduce(Rational.ZERO, Rational::plus);
        return WEIGHT.times(prior).plus(sum).dividedBy(WEIGHT.plus(Rational.of(last.size())));
    }

    /** The name of a step among the ratios. */
    public static String key(String dish, String text, boolean hands) {
        return (hands ? "h " : "w ") + dish + "\n" + text;
    }

    /** The time of a step at this household's pace; never nothing where something is written. */
    public StepTime of(String dish, String text, StepTime written) {
        return new StepTime(
                minutes(written.handsMin(), steps.getOrDefault(key(dish, text, true), hands)),
                minutes(written.waitMin(), steps.getOrDefault(key(dish, text, false), waits)),
                written.about());
    }

    private static int minutes(int written, Rational ratio) {
        int own = Rational.of(written).times(ratio).rounded().intValueExact();
        return written == 0 ? 0 : Math.max(1, Math.min(StepTime.MOST_MINUTES, own));
    }
}

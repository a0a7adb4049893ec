package wexilla.core.cookday;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.text.CookWords;

/**
 * What a probe says of a task: how far its core is from what it has to reach, or whether it cools in time. FDA Food Code
 * 3-501.14 (from memory): from 57 to 21 °C within two hours of the heat, to 5 °C within six.
 *
 * @param good whether it is reached, or cools in time
 */
public record DayProbe(String words, boolean good) {

    private static final int FIRST = Trade.whole("cooling.first-celsius");
    private static final int FIRST_MINUTES = Trade.whole("cooling.first-minutes");
    private static final int COLD = Trade.whole("cooling.cold-celsius");
    private static final int COLD_MINUTES = Trade.whole("cooling.cold-minutes");
    private static final Pattern REACH = Pattern.compile("reach (\\d+) °C");

    /**
     * @param since minutes since the task began
     * @param tenths of a degree Celsius, as the probe reads
     */
    public static DayProbe of(Job job, int since, int tenths) {
        Matcher reach = REACH.matcher(job.aside().caution());
        if (reach.find()) {
            int target = Integer.parseInt(reach.group(1)) * 10;
            return tenths >= target
                    ? new DayProbe("reached: " + reach.group(1) + " °C in the core", true)
                    : new DayProbe(degrees(target - tenths) + " more to " + reach.group(1) + " °C in the core", false);
        }
        if (job.aside().caution().equals(DayCaution.COLD)) {
            return cooling(since, tenths);
        }
        return new DayProbe("nothing is to be reached here", true);
    }

    private static DayProbe cooling(int since, int tenths) {
        if (tenths <= COLD * 10) {
            return new DayProbe("cold: put it away", true);
        }
        boolean first = tenths > FIRST * 10;
        int left = (first ? FIRST_MINUTES : COLD_MINUTES) - since;
        int to = first ? FIRST : COLD;
        if (left < 0) {
            return new DayProbe(
                    "still above " + to + " °C, " + CookWords.minutes(-left)
                            + " too late: heat it to 74 °C again and cool it faster, or throw it away",
                    false);
        }
        return new DayProbe(to + " °C within " + CookWords.minutes(left), true);
    }

    private static String degrees(int tenths) {
        return tenths % 10 == 0 ? tenths / 10 + " °C" : tenths / 10 + "." + tenths % 10 + " °C";
    }
}

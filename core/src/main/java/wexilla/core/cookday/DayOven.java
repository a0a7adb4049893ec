package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Setting;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/** Dishes share the oven within 15 degrees of a common setting, their times corrected (handbook, section 10). */
final class DayOven {

    private static final int SHARE = Trade.whole("oven.share");
    private static final int PER_DEGREE = Trade.whole("oven.per-degree");
    private static final int TO_MINUTES = Trade.whole("oven.to-minutes");

    private DayOven() {}

    /** Each job of the oven may have the settings it could share with another one; its time follows. */
    static void share(List<Job> jobs, List<Integer> ovenJobs) {
        List<Integer> wanted = ovenJobs.stream()
                .map(job -> jobs.get(job).settings().get(0).celsius())
                .toList();
        for (int i = 0; i < ovenJobs.size(); i++) {
            Job job = jobs.get(ovenJobs.get(i));
            Setting own = job.settings().get(0);
            if (own.celsius() == 0 || job.hands()) {
                continue;
            }
            List<Integer> settings = wanted.stream()
                    .filter(other -> other > 0)
                    .flatMap(other -> Stream.of(other, between(own.celsius(), other)))
                    .filter(setting -> Math.abs(setting - own.celsius()) <= SHARE)
                    .distinct()
                    .sorted()
                    .collect(Collectors.toCollection(ArrayList::new));
            settings.remove(Integer.valueOf(own.celsius()));
            settings.add(0, own.celsius());
            List<Setting> timed = settings.stream()
                    .map(celsius -> new Setting(celsius, minutes(own, celsius)))
                    .toList();
            jobs.set(ovenJobs.get(i), job.lasting(timed));
        }
    }

    /** To five degrees. */
    private static int between(int one, int other) {
        return 5 * Math.round((one + other) / 10f);
    }

    /** One per cent of the time for each degree it is cooler, to five minutes. */
    static int minutes(Setting own, int celsius) {
        if (celsius == own.celsius()) {
            return own.minutes();
        }
        Rational exact = Rational.of(own.minutes())
                .times(Rational.of(100 + (long) PER_DEGREE * (own.celsius() - celsius)))
                .dividedBy(Rational.of(100));
        int told = exact.dividedBy(Rational.of(TO_MINUTES)).rounded().intValueExact() * TO_MINUTES;
        return Math.max(TO_MINUTES, told);
    }
}

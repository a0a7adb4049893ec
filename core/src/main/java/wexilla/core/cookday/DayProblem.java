package wexilla.core.cookday;

import java.util.List;
import wexilla.core.quantity.Trade;

/**
 * What has to be done on a cook day, with what, and what follows what. Minutes count from the begin of the first session.
 *
 * @param jobs in any order; lags name them by their place
 * @param people who is there when; jobs with hands need one of them from beginning to end
 * @param gear one for each burner, rack, cooker and space
 */
public record DayProblem(List<Job> jobs, List<Lag> lags, List<Person> people, List<Gear> gear) {

    /** What a job may hold. */
    public enum Kind {
        BURNER,
        RACK,
        SLOW_COOKER,
        PRESSURE_COOKER,
        HOT_AIR,
        COOLING
    }

    /** Minutes an oven needs from one setting to another. */
    public static final int CHANGE = Trade.whole("oven.change-minutes");

    /** A lag without a most. */
    public static final int NEVER = Integer.MAX_VALUE / 4;

    /**
     * A job that is done without a break.
     *
     * @param dish it is for
     * @param hands whether somebody is at it all the time; else it goes on by itself
     * @param holds what it holds from beginning to end
     * @param settings how long it takes, one for each oven setting it may have; one alone, at 0 degrees, without an oven
     */
    public record Job(String dish, String text, boolean hands, List<Kind> holds, List<Setting> settings) {

        public Job {
            holds = List.copyOf(holds);
            settings = List.copyOf(settings);
            if (settings.isEmpty()) {
                throw new IllegalArgumentException("“" + text + "” takes no time that is known");
            }
        }

        /** A job without an oven. */
        public static Job of(String dish, String text, int minutes, boolean hands, Kind... holds) {
            return new Job(dish, text, hands, List.of(holds), List.of(new Setting(0, minutes)));
        }

        /** Whether it goes on by itself for so long that it is better begun early. */
        public boolean longWait() {
            return !hands && settings.get(0).minutes() >= LONG;
        }
    }

    static final int LONG = Trade.whole("day.long-wait");

    /** @param celsius of the oven; 0 without one */
    public record Setting(int celsius, int minutes) {

        public Setting {
            if (minutes < 0) {
                throw new IllegalArgumentException("minutes of a job are not below nothing");
            }
        }
    }

    /** From the end of one job to the begin of another: at least so long, at most so long. */
    public record Lag(int from, int to, int least, int most) {

        public Lag {
            if (least > most || from == to) {
                throw new IllegalArgumentException("a lag runs from one job to another, its least not above its most");
            }
        }
    }

    /** @param from minute, {@code to} minute after */
    public record Window(int from, int to) {}

    /** @param there in their order, apart from each other */
    public record Person(String name, List<Window> there) {

        public Person {
            there = List.copyOf(there);
        }
    }

    /** @param oven which oven a rack is of, from 0; 0 for everything else */
    public record Gear(Kind kind, String name, int oven) {}

    public DayProblem {
        jobs = List.copyOf(jobs);
        lags = List.copyOf(lags);
        people = List.copyOf(people);
        gear = List.copyOf(gear);
    }
}

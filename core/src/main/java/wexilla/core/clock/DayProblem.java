package wexilla.core.clock;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unfit;
import wexilla.core.recipe.GearTime;
import wexilla.core.recipe.steps.StepClock.Watch;

/**
 * What has to be done on a cook day, with what, and what follows what. Minutes count from the begin of the first session.
 *
 * @param jobs in any order; lags name them by their place
 * @param people who is there when; jobs with hands need one of them from beginning to end
 * @param gear one for each burner, rack, cooker, pan and space
 * @param live what is past already; {@link Live#NOTHING} while nothing was begun
 */
public record DayProblem(List<Job> jobs, List<Lag> lags, List<Person> people, List<Gear> gear, Live live) {

    /** What a job may hold. */
    public enum Kind {
        BURNER,
        RACK,
        SLOW_COOKER,
        PRESSURE_COOKER,
        HOT_AIR,
        PAN,
        GRIDDLE,
        SIEVE,
        /** A large pot. */
        POT,
        COOLING
    }

    /** What hands touch: after raw meat the board and the hands are cleaned before something that is eaten as it is. */
    public enum Touch {
        NOTHING,
        RAW,
        READY
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
     * @param strong whether it needs a burner that is not slow: what fries or comes to the boil
     * @param aside what the cook wants to know at it
     * @param of the batch or big buy it belongs to, by its id; empty for one that belongs to none
     */
    public record Job(
            String dish,
            String text,
            boolean hands,
            List<Kind> holds,
            List<Setting> settings,
            Touch touch,
            boolean strong,
            Aside aside,
            String of) {

        public Job {
            holds = List.copyOf(holds);
            settings = List.copyOf(settings);
            if (settings.isEmpty()) {
                throw new Unfit("“" + text + "” takes no time that is known");
            }
        }

        public Job(String dish, String text, boolean hands, List<Kind> holds, List<Setting> settings) {
            this(dish, text, hands, holds, settings, Touch.NOTHING, false, Aside.NOTHING);
        }

        public Job(
                String dish,
                String text,
                boolean hands,
                List<Kind> holds,
                List<Setting> settings,
                Touch touch,
                boolean strong,
                Aside aside) {
            this(dish, text, hands, holds, settings, touch, strong, aside, "");
        }

        /** The same job of a batch or big buy. */
        public Job belonging(String id) {
            return new Job(dish, text, hands, holds, settings, touch, strong, aside, id);
        }

        /** Whether it is of this batch or big buy; of this dish where it belongs to none. */
        public boolean is(String which) {
            return of.isEmpty() ? dish.equals(which) : of.equals(which);
        }

        /** What it is found by: {@link #is}. */
        public String key() {
            return of.isEmpty() ? dish : of;
        }

        /** Whether both are of one dish; two batches of one recipe are two. */
        public boolean sameDish(Job other) {
            return key().equals(other.key());
        }

        /** The same, of other minutes. */
        public Job lasting(List<Setting> other) {
            return new Job(dish, text, hands, holds, other, touch, strong, aside, of);
        }

        /** The same, of something raw or ready to eat. */
        public Job touching(Touch what) {
            return new Job(dish, text, hands, holds, settings, what, strong, aside, of);
        }

        /** The same, with a word of caution more. */
        public Job cautioned(String more) {
            String words = aside.caution().isEmpty() || more.isEmpty() || more.equals(aside.caution())
                    ? aside.caution().isEmpty() ? more : aside.caution()
                    : aside.caution() + "; " + more;
            return new Job(
                    dish,
                    text,
                    hands,
                    holds,
                    settings,
                    touch,
                    strong,
                    new Aside(aside.watches(), aside.amounts(), words, aside.written()),
                    of);
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

    /**
     * What the cook wants to know at a job.
     *
     * @param watches when somebody looks at it while it goes on: no hands of long, no other job moves
     * @param amounts what goes in, in kitchen measures
     * @param caution the core temperature to reach, the hard boil, the deadline of cooling; empty for none
     * @param written minutes it takes as written; 0 where that is what it is planned with
     */
    public record Aside(List<Watch> watches, List<String> amounts, String caution, int written) {

        public static final Aside NOTHING = new Aside(List.of(), List.of(), "", 0);

        public Aside {
            watches = List.copyOf(watches);
            amounts = List.copyOf(amounts);
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

    /** Windows without the minutes between. */
    public static List<Window> without(List<Window> there, int from, int to) {
        return there.stream()
                .flatMap(window -> Stream.of(
                                new Window(window.from(), Math.min(window.to(), from)),
                                new Window(Math.max(window.from(), to), window.to()))
                        .filter(part -> part.from() < part.to()))
                .toList();
    }

    /** @param there in their order, apart from each other */
    public record Person(String name, List<Window> there) {

        public Person {
            there = List.copyOf(there);
        }
    }

    /**
     * @param oven which oven a rack is of, from 0; 0 for everything else
     * @param slow a weak burner: nothing that needs a strong one goes onto it
     * @param out it failed: nothing more is begun on it
     */
    public record Gear(Kind kind, String name, int oven, boolean slow, boolean out) {

        public Gear(Kind kind, String name, int oven) {
            this(kind, name, oven, false, false);
        }

        public Gear failed() {
            return new Gear(kind, name, oven, slow, true);
        }
    }

    /** Minutes between two loads of one oven, hot-air drawer, cooker or pot; none in pans and on griddles. */
    public static final int LOAD = Trade.whole("day.load-minutes");

    /** Minutes to clean down after raw meat, before something that is eaten as it is. */
    public static final int CLEAN = Trade.whole("day.clean-minutes");

    /** Minutes between two loads of a thing of this kind. */
    static int between(Kind kind) {
        return switch (kind) {
            case RACK, HOT_AIR, SLOW_COOKER, PRESSURE_COOKER, POT -> LOAD;
            case BURNER, PAN, GRIDDLE, SIEVE, COOLING -> 0;
        };
    }

    /**
     * A job that was begun, and stays as it was.
     *
     * @param end when it ended, or is to end
     * @param person who was at it; -1 for nobody
     * @param gear what it holds, by place
     */
    public record Begun(int job, int start, int end, int person, List<Integer> gear) {

        public Begun {
            gear = List.copyOf(gear);
        }
    }

    /** A job that is not to begin before a minute: somebody moved it there. */
    public record Pin(int job, int from) {}

    /** @param now the minute before which nothing more is begun */
    public record Live(int now, List<Begun> begun, List<Pin> pins) {

        public static final Live NOTHING = new Live(0, List.of(), List.of());

        public Live {
            begun = List.copyOf(begun);
            pins = List.copyOf(pins);
        }
    }

    public DayProblem {
        jobs = List.copyOf(jobs);
        lags = List.copyOf(lags);
        people = List.copyOf(people);
        gear = List.copyOf(gear);
    }

    /** A day on which nothing was begun. */
    public DayProblem(List<Job> jobs, List<Lag> lags, List<Person> people, List<Gear> gear) {
        this(jobs, lags, people, gear, Live.NOTHING);
    }

    public DayProblem with(List<Person> others, List<Gear> other) {
        return new DayProblem(jobs, lags, others, other, live);
    }

    public DayProblem with(List<Lag> others) {
        return new DayProblem(jobs, others, people, gear, live);
    }

    /** Whether two jobs are one stay in the same thing: nothing is emptied between them. */
    boolean joined(int one, int other) {
        return lags.stream()
                .anyMatch(lag -> lag.most() < NEVER
                        && (lag.from() == one && lag.to() == other || lag.from() == other && lag.to() == one));
    }

    /**
     * For each job the one whose pot it goes on in: what is in it is not tipped out between. -1 for none; no two go on in
     * the same.
     */
    int[] carriers() {
        int[] carriers = new int[jobs.size()];
        Arrays.fill(carriers, -1);
        Set<Integer> carried = new HashSet<>();
        for (Lag lag : lags) {
            if (lag.most() < NEVER
                    && carriers[lag.to()] < 0
                    && jobs.get(lag.from()).holds().contains(Kind.POT)
                    && jobs.get(lag.to()).holds().contains(Kind.POT)
                    && carried.add(lag.from())) {
                carriers[lag.to()] = lag.from();
            }
        }
        return carriers;
    }

    /** For each job the first one in its pot; itself where it goes on in none. */
    int[] pots() {
        int[] first = carriers();
        for (int job = 0; job < first.length; job++) {
            int at = job;
            int before = first[job];
            for (int steps = 0; before >= 0 && steps < first.length; steps++) {
                at = before;
                before = first[at] == at ? -1 : first[at];
            }
            first[job] = at;
        }
        return first;
    }

    /** Minutes until an oven is as hot as a job wants it; 0 for what is in no oven. */
    static int preheat(Job job) {
        int celsius = job.settings().get(0).celsius();
        return !job.holds().contains(Kind.RACK) || celsius == 0 ? 0 : GearTime.preheat(Rational.of(celsius));
    }

    /** The jobs that were begun, by place. */
    public Set<Integer> begunJobs() {
        return live.begun().stream().map(Begun::job).collect(Collectors.toSet());
    }

    /** The minute each job may begin at the earliest, whatever it follows: an oven is hot a while after the day began. */
    public int[] notBefore() {
        int[] from = IntStream.range(0, jobs.size())
                .map(job -> Math.max(live.now(), preheat(jobs.get(job))))
                .toArray();
        live.pins().forEach(pin -> from[pin.job()] = Math.max(from[pin.job()], pin.from()));
        return from;
    }
}

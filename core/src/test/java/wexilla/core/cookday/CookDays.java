package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Setting;
import wexilla.core.clock.DayProblem.Window;

/** Cook days as they come, made from a seed: dishes with cutting, frying, simmering, roasting, cooling and bagging. */
public final class CookDays {

    /** Most is cooked on the stove, then in the oven; one dish in ten in the slow cooker. */
    private static final int[] KINDS = {0, 0, 0, 0, 1, 1, 1, 2, 3, 3};

    private CookDays() {}

    /** @param dishes from 1 to 16; about 5 jobs each */
    public static DayProblem of(long seed, int dishes) {
        Random random = new Random(seed);
        List<Job> jobs = new ArrayList<>();
        List<Lag> lags = new ArrayList<>();
        int shared = -1;
        if (random.nextInt(3) > 0) {
            shared = jobs.size();
            jobs.add(Job.of("all", "dice the onions", 10 + random.nextInt(20), true));
        }
        List<Integer> lasts = new ArrayList<>();
        for (int dish = 0; dish < dishes; dish++) {
            lasts.add(dish(random, "dish " + dish, jobs, lags, shared, lasts));
        }
        List<Gear> gear = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            gear.add(new Gear(Kind.BURNER, "burner " + i, 0));
        }
        gear.add(new Gear(Kind.RACK, "upper rack", 0));
        gear.add(new Gear(Kind.RACK, "lower rack", 0));
        gear.add(new Gear(Kind.SLOW_COOKER, "slow cooker", 0));
        gear.add(new Gear(Kind.PRESSURE_COOKER, "pressure cooker", 0));
        for (int i = 1; i <= 3; i++) {
            gear.add(new Gear(Kind.COOLING, "cooling space " + i, 0));
        }
        List<Person> people = new ArrayList<>();
        people.add(new Person("Nora", List.of(new Window(0, 3000))));
        if (random.nextBoolean()) {
            int from = random.nextInt(120);
            people.add(new Person("Tomas", List.of(new Window(from, from + 60 + random.nextInt(240)))));
        }
        return new DayProblem(jobs, lags, people, gear);
    }

    /** @return the job after which the dish can go into another one */
    private static int dish(
            Random random, String name, List<Job> jobs, List<Lag> lags, int shared, List<Integer> others) {
        int cut = add(jobs, Job.of(name, "cut", 5 + random.nextInt(20), true));
        if (shared >= 0 && random.nextBoolean()) {
            lags.add(new Lag(shared, cut, 0, DayProblem.NEVER));
        }
        if (!others.isEmpty() && random.nextInt(6) == 0) {
            lags.add(new Lag(others.get(random.nextInt(others.size())), cut, 0, DayProblem.NEVER));
        }
        int heat;
        switch (KINDS[random.nextInt(KINDS.length)]) {
            case 0 -> {
                int fry = add(jobs, Job.of(name, "fry", 5 + random.nextInt(15), true, Kind.BURNER));
                heat = add(jobs, Job.of(name, "simmer", 20 + random.nextInt(100), false, Kind.BURNER));
                lags.add(new Lag(cut, fry, 0, DayProblem.NEVER));
                lags.add(new Lag(fry, heat, 0, 0));
            }
            case 1 -> {
                int degrees = 160 + 10 * random.nextInt(6);
                int minutes = 25 + random.nextInt(60);
                heat = add(jobs, new Job(name, "roast", false, List.of(Kind.RACK), settings(degrees, minutes)));
                lags.add(new Lag(cut, heat, 0, DayProblem.NEVER));
            }
            case 2 -> {
                heat = add(jobs, Job.of(name, "slow cook", 180 + random.nextInt(180), false, Kind.SLOW_COOKER));
                lags.add(new Lag(cut, heat, 0, DayProblem.NEVER));
            }
            default -> {
                int come = add(jobs, Job.of(name, "come up", 10 + random.nextInt(10), false, Kind.PRESSURE_COOKER));
                heat = add(
                        jobs,
                        Job.of(name, "pressure and release", 15 + random.nextInt(50), false, Kind.PRESSURE_COOKER));
                lags.add(new Lag(cut, come, 0, DayProblem.NEVER));
                lags.add(new Lag(come, heat, 0, 0));
            }
        }
        int last = heat;
        if (random.nextBoolean()) {
            int finish = add(jobs, Job.of(name, "drain and pick", 5 + random.nextInt(15), true));
            lags.add(new Lag(heat, finish, 0, random.nextBoolean() ? 5 : 30));
            last = finish;
        }
        int cool = add(jobs, Job.of(name, "cool", 90, false, Kind.COOLING));
        lags.add(new Lag(last, cool, 0, 20));
        int bag = add(jobs, Job.of(name, "bag", 5 + random.nextInt(10), true));
        lags.add(new Lag(cool, bag, 0, 30));
        return last;
    }

    private static List<Setting> settings(int degrees, int minutes) {
        List<Setting> settings = new ArrayList<>();
        for (int off : new int[] {0, -10, 10}) {
            settings.add(new Setting(degrees + off, 5 * Math.round(minutes * (1 - off / 100f) / 5)));
        }
        return settings;
    }

    private static int add(List<Job> jobs, Job job) {
        jobs.add(job);
        return jobs.size() - 1;
    }
}

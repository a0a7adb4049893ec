package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;

/** The jobs of a day while they are found, and what follows what. */
final class JobList {

    private final List<Job> jobs = new ArrayList<>();
    private final List<Lag> lags = new ArrayList<>();
    private final List<String> before = new ArrayList<>();
    private final List<Integer> ovenJobs = new ArrayList<>();
    private final DayJobs made;

    JobList(DayJobs made) {
        this.made = made;
    }

    DayJobs made() {
        return made;
    }

    /** What is done the evening before, in words. */
    List<String> before() {
        return before;
    }

    int size() {
        return jobs.size();
    }

    Job job(int at) {
        return jobs.get(at);
    }

    /** @return its place */
    int add(Job job) {
        jobs.add(job);
        return jobs.size() - 1;
    }

    void change(int at, Job job) {
        jobs.set(at, job);
    }

    /** A job that goes on in an oven by itself: it may share it with others. */
    void inOven(int job) {
        ovenJobs.add(job);
    }

    void lag(int from, int to, int least, int most) {
        lags.add(new Lag(from, to, least, Math.max(least, most)));
    }

    /** Each of the later ones after each of the earlier, whenever that is. */
    void follow(List<Integer> earlier, List<Integer> later) {
        earlier.forEach(one -> later.forEach(other -> lag(one, other, 0, DayProblem.NEVER)));
    }

    DayProblem problem(List<Person> people, List<Gear> gear) {
        DayOven.share(jobs, ovenJobs);
        return new DayProblem(jobs, lags, people, gear);
    }
}

package wexilla.core.clock;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.List;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Window;

/** The same cook day for the CP-SAT solver of OR-Tools, written from the rules and not from our search: the oracle. */
final class ProvenDay {

    /**
     * @param free and {@code end} as found; {@code boundFree} and {@code boundEnd} below which nothing is possible
     * @param waits the begins of what goes on alone for long, together; -1 where they were not proven
     */
    record Proven(int free, int end, int boundFree, int boundEnd, boolean optimal, int waits) {}

    private final DayProblem problem;
    private final CpModel model = new CpModel();
    private final IntVar[] start;
    private final IntVar[] end;
    private final IntVar[] minutes;
    private final BoolVar[][] chosen;
    private final int horizon;
    private final IntVar free;
    private final IntVar all;

    private ProvenDay(DayProblem problem, int horizon) {
        Loader.loadNativeLibraries();
        this.problem = problem;
        this.horizon = horizon;
        int n = problem.jobs().size();
        start = new IntVar[n];
        end = new IntVar[n];
        minutes = new IntVar[n];
        chosen = new BoolVar[n][];
        free = model.newIntVar(0, horizon, "free");
        all = model.newIntVar(0, horizon, "end");
        for (int job = 0; job < n; job++) {
            variables(job);
        }
        for (Lag lag : problem.lags()) {
            LinearExpr gap = LinearExpr.newBuilder()
                    .add(start[lag.to()])
                    .addTerm(end[lag.from()], -1)
                    .build();
            model.addGreaterOrEqual(gap, lag.least());
            if (lag.most() < DayProblem.NEVER) {
                model.addLessOrEqual(gap, lag.most());
            }
        }
        people();
        for (Kind kind : Kind.values()) {
            gear(kind);
        }
        ovens();
    }

    /** @param horizon a minute by which everything surely can be done */
    static Proven of(DayProblem problem, int horizon, double seconds) {
        ProvenDay day = new ProvenDay(problem, horizon);
        day.model.minimize(day.free);
        CpSolver first = solver(seconds);
        CpSolverStatus status = first.solve(day.model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            throw new IllegalStateException("no plan: " + status);
        }
        int free = (int) first.value(day.free);
        int boundFree = (int) Math.ceil(first.bestObjectiveBound() - 1e-6);
        boolean optimal = status == CpSolverStatus.OPTIMAL;
        day.model.addLessOrEqual(day.free, free);
        day.model.clearObjective();
        day.model.minimize(day.all);
        CpSolver second = solver(seconds);
        CpSolverStatus again = second.solve(day.model);
        if (again != CpSolverStatus.OPTIMAL && again != CpSolverStatus.FEASIBLE) {
            return new Proven(free, (int) first.value(day.all), boundFree, boundFree, false, -1);
        }
        int end = (int) second.value(day.all);
        int boundEnd = (int) Math.ceil(second.bestObjectiveBound() - 1e-6);
        boolean proven = optimal && again == CpSolverStatus.OPTIMAL;
        return new Proven(free, end, boundFree, boundEnd, proven, proven ? day.waits(end, seconds) : -1);
    }

    /** The third goal, with the first two as they are: long waits early. */
    private int waits(int end, double seconds) {
        model.addLessOrEqual(all, end);
        model.clearObjective();
        List<IntVar> waits = new ArrayList<>();
        for (int job = 0; job < start.length; job++) {
            if (problem.jobs().get(job).longWait()) {
                waits.add(start[job]);
            }
        }
        model.minimize(LinearExpr.sum(waits.toArray(IntVar[]::new)));
        CpSolver third = solver(seconds);
        return third.solve(model) == CpSolverStatus.OPTIMAL ? (int) Math.round(third.objectiveValue()) : -1;
    }

    private static CpSolver solver(double seconds) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(2).setRandomSeed(1).setMaxTimeInSeconds(seconds);
        return solver;
    }

    private void variables(int job) {
        Job one = problem.jobs().get(job);
        int n = one.settings().size();
        start[job] = model.newIntVar(problem.notBefore()[job], horizon, "s" + job);
        end[job] = model.newIntVar(0, horizon, "e" + job);
        minutes[job] = model.newIntVarFromDomain(
                Domain.fromValues(one.settings().stream()
                        .mapToLong(DayProblem.Setting::minutes)
                        .toArray()),
                "d" + job);
        chosen[job] = new BoolVar[n];
        for (int i = 0; i < n; i++) {
            chosen[job][i] = model.newBoolVar("o" + job + "." + i);
            model.addEquality(minutes[job], one.settings().get(i).minutes()).onlyEnforceIf(chosen[job][i]);
        }
        model.addExactlyOne(chosen[job]);
        model.addEquality(
                LinearExpr.newBuilder().add(start[job]).add(minutes[job]).build(), end[job]);
        model.addGreaterOrEqual(all, end[job]);
        if (one.hands()) {
            model.addGreaterOrEqual(free, end[job]);
        } else {
            List<Literal> begun = new ArrayList<>();
            for (DayProblem.Person person : problem.people()) {
                for (Window window : person.there()) {
                    BoolVar here = model.newBoolVar("");
                    model.addGreaterOrEqual(start[job], window.from()).onlyEnforceIf(here);
                    model.addLessOrEqual(start[job], window.to()).onlyEnforceIf(here);
                    begun.add(here);
                }
            }
            model.addBoolOr(begun.toArray(Literal[]::new));
        }
    }

    private void people() {
        int persons = problem.people().size();
        List<List<IntervalVar>> of = new ArrayList<>();
        for (int person = 0; person < persons; person++) {
            of.add(new ArrayList<>());
        }
        for (int job = 0; job < start.length; job++) {
            if (!problem.jobs().get(job).hands()) {
                continue;
            }
            List<Literal> who = new ArrayList<>();
            for (int person = 0; person < persons; person++) {
                for (Window window : problem.people().get(person).there()) {
                    BoolVar does = model.newBoolVar("");
                    of.get(person).add(model.newOptionalIntervalVar(start[job], minutes[job], end[job], does, ""));
                    model.addGreaterOrEqual(start[job], window.from()).onlyEnforceIf(does);
                    model.addLessOrEqual(end[job], window.to()).onlyEnforceIf(does);
                    who.add(does);
                }
            }
            model.addExactlyOne(who.toArray(Literal[]::new));
        }
        of.forEach(model::addNoOverlap);
    }

    private void gear(Kind kind) {
        long capacity =
                problem.gear().stream().filter(gear -> gear.kind() == kind).count();
        var cumulative = model.addCumulative(capacity);
        for (int job = 0; job < start.length; job++) {
            if (problem.jobs().get(job).holds().contains(kind)) {
                long load = goesOn(job, kind) ? 0 : DayProblem.between(kind);
                cumulative.addDemand(
                        model.newIntervalVar(
                                start[job],
                                LinearExpr.newBuilder()
                                        .add(minutes[job])
                                        .add(load)
                                        .build(),
                                LinearExpr.newBuilder().add(end[job]).add(load).build(),
                                ""),
                        1);
            }
        }
    }

    /** Whether the same stay in the thing goes on with another job: nothing is emptied between them. */
    private boolean goesOn(int job, Kind kind) {
        return problem.lags().stream()
                .anyMatch(lag -> lag.from() == job
                        && lag.most() < DayProblem.NEVER
                        && problem.jobs().get(lag.to()).holds().contains(kind));
    }

    /** One oven: jobs on its racks have one setting, or stand apart. */
    private void ovens() {
        long ovens = problem.gear().stream()
                .filter(gear -> gear.kind() == Kind.RACK)
                .map(Gear::oven)
                .distinct()
                .count();
        if (ovens > 1) {
            throw new IllegalArgumentException("the oracle knows one oven");
        }
        for (int job = 0; job < start.length; job++) {
            if (problem.jobs().get(job).holds().contains(Kind.RACK) && chosen[job].length > 1) {
                otherSettingsOnlyShared(job);
            }
        }
        for (int a = 0; a < start.length; a++) {
            for (int b = a + 1; b < start.length; b++) {
                if (problem.jobs().get(a).holds().contains(Kind.RACK)
                        && problem.jobs().get(b).holds().contains(Kind.RACK)) {
                    apart(a, b);
                }
            }
        }
    }

    /** Another setting than is written only while somebody else is in the oven. */
    private void otherSettingsOnlyShared(int job) {
        List<Literal> shared = new ArrayList<>();
        for (int other = 0; other < start.length; other++) {
            if (other != job && problem.jobs().get(other).holds().contains(Kind.RACK)) {
                BoolVar overlap = model.newBoolVar("");
                model.addLessThan(start[job], end[other]).onlyEnforceIf(overlap);
                model.addLessThan(start[other], end[job]).onlyEnforceIf(overlap);
                shared.add(overlap);
            }
        }
        shared.add(chosen[job][0]);
        model.addBoolOr(shared.toArray(Literal[]::new));
    }

    private void apart(int a, int b) {
        BoolVar before = model.newBoolVar("");
        BoolVar after = model.newBoolVar("");
        BoolVar same = model.newBoolVar("");
        model.addLessOrEqual(
                        LinearExpr.newBuilder()
                                .add(end[a])
                                .add(DayProblem.CHANGE)
                                .build(),
                        start[b])
                .onlyEnforceIf(before);
        model.addLessOrEqual(
                        LinearExpr.newBuilder()
                                .add(end[b])
                                .add(DayProblem.CHANGE)
                                .build(),
                        start[a])
                .onlyEnforceIf(after);
        for (int i = 0; i < chosen[a].length; i++) {
            List<Literal> alike = new ArrayList<>();
            for (int k = 0; k < chosen[b].length; k++) {
                if (problem.jobs().get(a).settings().get(i).celsius()
                        == problem.jobs().get(b).settings().get(k).celsius()) {
                    alike.add(chosen[b][k]);
                }
            }
            alike.add(chosen[a][i].not());
            alike.add(same.not());
            model.addBoolOr(alike.toArray(Literal[]::new));
        }
        model.addBoolOr(new Literal[] {before, after, same});
    }
}

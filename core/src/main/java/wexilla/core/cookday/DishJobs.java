package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.cookday.DayTasks.Dish;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepGraph;

/**
 * The jobs of one dish: each part of a step after those it waits for, and no later than what is hot, raw or dressed by then
 * allows; what is kept is cooled and bagged.
 */
final class DishJobs {

    static final int DRESSED = Trade.whole("day.dressed-minutes");
    private static final int AT_ONCE = Trade.whole("day.at-once");
    private static final int JOIN = Trade.whole("day.join-minutes");
    private static final int RICE = Trade.whole("day.rice-minutes");
    private static final int COOL_RICE = Trade.whole("day.cool-rice-minutes");
    private static final int MOST_STIRRED = Trade.whole("day.stirred-in-minutes");
    private static final int RAW = Trade.whole("day.raw-minutes");
    private static final Rational LARGE = Trade.number("day.large-pot-portions");
    private static final int BAG = Trade.whole("day.bag-minutes");
    private static final int PACKET = Trade.whole("day.packet-minutes");
    private static final int PORTIONS = Trade.whole("day.packet-portions");

    private static final WordLists WORDS = WordLists.of("day");
    private static final Pattern IS_RICE = WORDS.list("rice");
    private static final Pattern IS_DRESSED = WORDS.list("dressed");
    private static final Pattern BAGS = WORDS.list("bags");
    private static final Pattern COOLS = WORDS.list("cools");
    private static final Pattern MEAT = WORDS.list("meat");
    private static final Pattern NOW = Pattern.compile(
            "\\b(?:drain|serve|pour off|at once|immediately|straight away)\\b", Pattern.CASE_INSENSITIVE);

    /**
     * What came of a dish.
     *
     * @param first jobs it begins with
     * @param cooked those after which it is ready; {@code hot} those of them whose heat is still in it, {@code dressed} those
     *     that wilt
     * @param heat the jobs that heat is from
     * @param named for each step its words and the job it begins with
     */
    record Ends(
            List<Integer> first,
            List<Integer> cooked,
            Set<Integer> hot,
            Set<Integer> dressed,
            Set<Integer> heat,
            Map<String, Integer> named) {

        /** The jobs that wait for a dish that goes into this one: the first step that names it, else the first of all. */
        List<Integer> waitingFor(String other) {
            String name = other.toLowerCase(Locale.ROOT);
            String last = name.substring(name.lastIndexOf(' ') + 1);
            return Stream.of(name, last.length() < SHORTEST ? name : last)
                    .flatMap(word -> named.entrySet().stream()
                            .filter(step -> step.getKey().contains(word))
                            .map(Map.Entry::getValue))
                    .findFirst()
                    .map(List::of)
                    .orElse(first);
        }
    }

    /** A shorter word names too much. */
    private static final int SHORTEST = 4;

    /**
     * How a part of a dish stands after a step.
     *
     * @param begin its first job; -1 for none
     * @param jobs after which it is done
     * @param warm jobs whose heat is still in it; none where it is cold or raw
     * @param heats whether it heats, {@code cold} whether it cools, {@code after} whether it comes after some heat
     * @param meat whether raw meat or fish came into it, by the words of the steps
     */
    private record Part(
            DayStep step,
            int begin,
            List<Integer> jobs,
            Set<Integer> warm,
            boolean heats,
            boolean cold,
            boolean after,
            boolean meat) {}

    private final Dish dish;
    private final Map<Integer, List<Integer>> cut;
    private final JobList list;
    private final List<DayStep> steps = new ArrayList<>();
    private final List<List<Integer>> needs = new ArrayList<>();
    private final List<StepGear> gears = new ArrayList<>();
    /** The places at which something is wanted that is cut once. */
    private final Map<Integer, List<Integer>> cutAt = new LinkedHashMap<>();

    private final List<Part> parts = new ArrayList<>();
    private final List<Integer> first = new ArrayList<>();
    private boolean heated;

    private DishJobs(Dish dish, Map<Integer, List<Integer>> cut, JobList list) {
        this.dish = dish;
        this.cut = cut;
        this.list = list;
    }

    /** @param cut jobs that cut something for several dishes, by the step that wants it */
    static Ends of(Dish dish, Map<Integer, List<Integer>> cut, JobList list) {
        int from = list.size();
        DishJobs made = new DishJobs(dish, cut, list);
        made.split();
        made.stirredIn();
        for (int at = 0; at < made.steps.size(); at++) {
            made.read(at);
        }
        Ends ends = made.ends();
        for (int job = from; job < list.size(); job++) {
            list.change(job, list.job(job).belonging(dish.of()));
        }
        return ends;
    }

    /** Steps that are done in several places become their parts. */
    private void split() {
        List<StepGear> read =
                StepGear.of(dish.steps().stream().map(DayStep::text).toList());
        List<Integer> last = new ArrayList<>();
        for (int step = 0; step < dish.steps().size(); step++) {
            DayStep whole = dish.steps().get(step);
            int begins = steps.size();
            for (DayStep part : DayParts.of(whole, read.get(step))) {
                StepGear own = part.gear();
                needs.add(
                        steps.size() > begins
                                ? List.of(steps.size() - 1)
                                : waitsFor(step, whole).stream()
                                        .map(last::get)
                                        .distinct()
                                        .toList());
                steps.add(part);
                gears.add(heated(own == null ? read.get(step) : own));
            }
            last.add(steps.size() - 1);
            cutAt.put(begins, cut.getOrDefault(step, List.of()));
        }
    }

    /** What is stirred in between two steps on the stove stays on it. */
    private void stirredIn() {
        for (int at = 0; at < steps.size(); at++) {
            boolean between = gears.get(at).kind() == StepGear.Kind.HANDS
                    && steps.get(at).time().waitMin() == 0
                    && steps.get(at).time().handsMin() <= MOST_STIRRED
                    && StepGraph.joins(steps.get(at).text())
                    && needs.get(at).stream().anyMatch(this::onStove)
                    && goesOnOnStove(at);
            if (between) {
                gears.set(at, new StepGear(StepGear.Kind.BURNER, null));
            }
        }
    }

    private boolean goesOnOnStove(int at) {
        return IntStream.range(at + 1, steps.size())
                .anyMatch(later -> needs.get(later).contains(at) && onStove(later));
    }

    private boolean onStove(int at) {
        return gears.get(at).kind() == StepGear.Kind.BURNER;
    }

    /** What bakes without a heat of its own is in the oven as it was heated. */
    private StepGear heated(StepGear gear) {
        boolean oven = gear.kind() == StepGear.Kind.OVEN || gear.kind() == StepGear.Kind.HOT_AIR;
        if (!oven || gear.heat() != null) {
            return gear;
        }
        return gears.stream()
                .filter(before -> before.kind() == gear.kind() && before.heat() != null)
                .reduce((one, other) -> other)
                .orElse(gear);
    }

    private List<Integer> waitsFor(int step, DayStep whole) {
        if (!whole.clock().follows().isEmpty()) {
            return whole.clock().follows().stream()
                    .map(number -> number - 1)
                    .filter(before -> before >= 0 && before < step)
                    .toList();
        }
        return !dish.needs().isEmpty() ? dish.needs().get(step) : step == 0 ? List.of() : List.of(step - 1);
    }

    private void read(int at) {
        DayStep step = steps.get(at);
        StepGear gear = gears.get(at);
        Kind kind = DayJobs.kind(gear.kind());
        boolean afterHeat = needs.get(at).stream().map(parts::get).anyMatch(before -> before.heats() || before.after());
        boolean meat = MEAT.matcher(step.text()).find()
                || needs.get(at).stream().map(parts::get).anyMatch(Part::meat);
        Set<Integer> warm = new LinkedHashSet<>();
        needs.get(at).forEach(before -> warm.addAll(parts.get(before).warm()));
        if (kind == null
                && warm.isEmpty()
                && DayTasks.BEFORE.matcher(step.text()).find()) {
            list.before().add(dish.name() + ": " + step.text());
            parts.add(new Part(step, -1, List.of(), Set.of(), false, true, false, meat));
            return;
        }
        int begin = list.size();
        // when an oven is turned on the clock says itself
        List<Integer> own = StepGraph.onlyHeatsOven(step.text()) ? List.of() : jobs(at, kind, gear);
        // an oven that is heated cooks nothing
        boolean heats = kind != null && !(kind == Kind.RACK && step.time().waitMin() == 0);
        boolean cold = gear.kind() == StepGear.Kind.COLD;
        if (own.isEmpty()) {
            List<Integer> before = after(at).keySet().stream().toList();
            parts.add(new Part(step, -1, before, warm, false, false, afterHeat, meat));
            return;
        }
        if (heats || cold) {
            Set<Integer> direct = after(at).keySet();
            warm.stream().filter(hot -> !direct.contains(hot)).forEach(hot -> list.lag(hot, begin, 0, limit(hot)));
        }
        if (heats) {
            String boil = heated ? "" : DayCaution.boil(dish);
            own.forEach(job -> list.change(job, list.job(job).cautioned(boil)));
            heated = true;
        }
        // loads wait for each other
        Set<Integer> left = heats && own.size() == 1 ? Set.copyOf(own) : heats || cold ? Set.of() : warm;
        parts.add(new Part(step, begin, own, left, heats, cold, afterHeat, meat));
    }

    /** Rice is eaten or cold within the hour, everything else within two. */
    private int limit(int hot) {
        return IS_RICE.matcher(list.job(hot).text()).find() ? RICE : DayTasks.INTO_COLD;
    }

    /** What a step waits for, each with the minutes it may wait at most. */
    private Map<Integer, Integer> after(int at) {
        DayStep step = steps.get(at);
        Map<Integer, Integer> after = new LinkedHashMap<>();
        boolean joins = needs.get(at).size() > 1;
        boolean heats = DayJobs.kind(gears.get(at).kind()) != null;
        int latest = needs.get(at).stream().mapToInt(before -> before).max().orElse(-1);
        for (int before : needs.get(at)) {
            Part part = parts.get(before);
            int most = most(part, step, heats, before == latest && onStove(at), joins);
            part.jobs().forEach(job -> after.merge(job, most, Math::min));
        }
        cutAt.getOrDefault(at, List.of()).forEach(job -> after.merge(job, DayProblem.NEVER, Math::min));
        return after;
    }

    private int most(Part part, DayStep step, boolean heats, boolean last, boolean joins) {
        Integer typed = step.clock().most();
        if (typed != null) {
            return typed;
        }
        if (part.jobs().size() > 1) {
            // loads wait for each other
            return DayProblem.NEVER;
        }
        if (part.heats()) {
            boolean soon = heats || step.time().waitMin() > 0;
            // what stays in its pot or pan goes on at once, whatever is tipped in
            boolean stays = last
                    && part.jobs().stream()
                            .anyMatch(job -> list.job(job).holds().contains(Kind.BURNER));
            return joins && !stays
                    ? JOIN
                    : NOW.matcher(step.text()).find()
                            ? AT_ONCE
                            : soon ? DayTasks.HOT : limit(part.jobs().get(0));
        }
        boolean raw = !part.cold()
                && part.warm().isEmpty()
                && DayJobs.touch(part.step().text()) == DayProblem.Touch.RAW;
        return raw ? RAW : IS_DRESSED.matcher(part.step().text()).find() ? DRESSED : DayProblem.NEVER;
    }

    /**
     * The jobs of a step, after those it waits for.
     *
     * @return those after which it is done
     */
    private List<Integer> jobs(int at, @Nullable Kind kind, StepGear gear) {
        DayStep step = steps.get(at);
        Map<Integer, Integer> after = after(at);
        List<Integer> done = new ArrayList<>();
        boolean alone = step.time().waitMin() > 0;
        int loads = alone ? step.loads() : 1;
        int tending = step.time().handsMin() * (alone ? 1 : step.loads());
        for (int load = 1; load <= loads; load++) {
            String text = loads == 1 ? step.text() : step.text() + " (load " + load + " of " + loads + ")";
            int last = -1;
            for (Job job : list.made()
                    .jobs(dish.name(), inPot(at), DayJobs.meat(dish), text, step, tending, kind, gear.heat())) {
                int own = list.add(job);
                if (last >= 0) {
                    list.lag(last, own, 0, kind != null ? 0 : DayProblem.NEVER);
                } else {
                    after.forEach(
                            (before, most) -> list.lag(before, own, step.clock().least(), most));
                    if (after.isEmpty()) {
                        first.add(own);
                    }
                }
                last = own;
                if (kind == Kind.RACK && !job.hands()) {
                    list.inOven(own);
                }
            }
            if (last >= 0) {
                done.add(last);
            }
        }
        return done;
    }

    /** Whether a step is in a large pot: what fills more than a saucepan, fried there too where it simmers afterwards. */
    private boolean inPot(int at) {
        boolean large = dish.portions().compareTo(LARGE) >= 0;
        return large
                && onStove(at)
                && (!DayJobs.fries(steps.get(at).text())
                        || needs.get(at).stream().anyMatch(this::onStove)
                        || goesOnOnStove(at));
    }

    private Ends ends() {
        Set<Integer> needed = new LinkedHashSet<>();
        needs.forEach(needed::addAll);
        List<Integer> cooked = new ArrayList<>();
        Set<Integer> hot = new LinkedHashSet<>();
        Set<Integer> dressed = new LinkedHashSet<>();
        Set<Integer> warm = new LinkedHashSet<>();
        for (int at = 0; at < parts.size(); at++) {
            Part part = parts.get(at);
            if (!needed.contains(at)) {
                cooked.addAll(part.jobs());
                warm.addAll(part.warm());
                hot.addAll(part.heats() || !part.warm().isEmpty() ? part.jobs() : List.of());
                dressed.addAll(IS_DRESSED.matcher(part.step().text()).find() ? part.jobs() : List.of());
            }
        }
        cautioned();
        if (dish.kept() && heated) {
            kept(cooked, warm);
        }
        Map<String, Integer> named = new LinkedHashMap<>();
        parts.stream()
                .filter(part -> part.begin() >= 0)
                .forEach(part -> named.putIfAbsent(part.step().text().toLowerCase(Locale.ROOT), part.begin()));
        return new Ends(first, cooked, hot, dressed, warm, named);
    }

    /** What the core has to reach is said at the last heat of what is raw. */
    private void cautioned() {
        boolean named = parts.stream().anyMatch(Part::meat);
        parts.stream()
                .filter(part -> part.heats() && (part.meat() || !named))
                .reduce((one, other) -> other)
                .or(() -> parts.stream().filter(Part::heats).reduce((one, other) -> other))
                .ifPresent(part -> part.jobs()
                        .forEach(job -> list.change(
                                job,
                                list.job(job).cautioned(dish.inside().heat().words()))));
    }

    /** What is kept cools, and is bagged within two hours from the heat; what its own steps do is not done again. */
    private void kept(List<Integer> cooked, Set<Integer> warm) {
        List<Part> after =
                parts.stream().filter(part -> !part.heats() && part.after()).toList();
        Part bags = after.stream()
                .filter(part ->
                        BAGS.matcher(part.step().text()).find() && !part.jobs().isEmpty())
                .reduce((one, other) -> other)
                .orElse(null);
        boolean cools = after.stream()
                .anyMatch(part -> COOLS.matcher(part.step().text()).find()
                        && part.step().time().waitMin() >= DayTasks.COOL / 3);
        List<Integer> last = new ArrayList<>(warm.isEmpty() ? lastHeat() : warm);
        boolean rice = last.stream()
                .anyMatch(hot -> IS_RICE.matcher(list.job(hot).text()).find());
        int most = rice ? RICE : DayTasks.INTO_COLD;
        if (bags != null) {
            int bag = bags.begin();
            if (!cools) {
                List<Integer> put = needs.get(parts.indexOf(bags)).stream()
                        .flatMap(before -> parts.get(before).jobs().stream())
                        .distinct()
                        .toList();
                list.lag(cooling(put, rice), bag, 0, DayProblem.NEVER);
            }
            last.forEach(hot -> list.lag(hot, bag, 0, most));
            return;
        }
        int loads = cooked.equals(last) ? last.size() : 1;
        for (int load = 0; load < loads; load++) {
            List<Integer> own = loads == 1 ? cooked : List.of(cooked.get(load));
            List<Integer> ownHeat = loads == 1 ? last : List.of(last.get(load));
            List<Integer> cooled = cools ? own : List.of(cooling(own, rice));
            int bag = bagging(loads);
            cooled.forEach(job -> list.lag(job, bag, 0, DayProblem.NEVER));
            ownHeat.forEach(hot -> list.lag(hot, bag, 0, most));
        }
    }

    private List<Integer> lastHeat() {
        return parts.stream()
                .filter(Part::heats)
                .reduce((one, other) -> other)
                .map(Part::jobs)
                .orElse(List.of());
    }

    private int cooling(List<Integer> after, boolean rice) {
        int minutes = rice ? COOL_RICE : DayTasks.COOL;
        int most = (rice ? RICE : DayTasks.INTO_COLD) - minutes;
        int cool = list.add(Job.of(
                        dish.name(),
                        rice ? "spread it thin to cool" : "cool it in shallow trays",
                        minutes,
                        false,
                        list.made().there(Kind.COOLING))
                .cautioned(DayCaution.COLD));
        after.forEach(job -> list.lag(job, cool, 0, most));
        return cool;
    }

    private int bagging(int loads) {
        int all = Math.max(
                1, dish.portions().dividedBy(Rational.of(PORTIONS)).ceiling().intValueExact());
        int packets = Math.max(1, (all + loads - 1) / loads);
        return list.add(Job.of(
                dish.name(),
                DayTasks.BAG_IT + " " + packets + (packets == 1 ? " packet" : " packets"),
                BAG + PACKET * packets,
                true));
    }
}

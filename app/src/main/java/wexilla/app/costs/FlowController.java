package wexilla.app.costs;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.Lots;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostFlow;

/** Money followed to the cent, from what was bought to what became of it and back. */
@RestController
class FlowController {

    /** More rows than this nobody reads. */
    private static final int MOST_ROWS = 400;

    private final Flows flows;
    private final Lots lots;

    FlowController(Flows flows, Lots lots) {
        this.flows = flows;
        this.lots = lots;
    }

    /**
     * One step of the money, each below the one it comes from.
     *
     * @param depth 0 for the lot that was asked about
     * @param lot what it is in; absent where it only ends
     * @param end eaten, used, binned, given, lost, there or own where all of it ends here; absent where it goes on
     * @param start decimal money above it in its column, so that it can be drawn
     */
    record FlowStep(
            int depth, @Nullable String lot, @Nullable String end, String name, String cost, String start) {}

    /** @param steps in the order they are read */
    record FlowView(String name, String cost, boolean complete, List<FlowStep> whither, List<FlowStep> whence) {}

    @GetMapping("/api/costs/flow/{lot}")
    FlowView flow(Household household, @PathVariable UUID lot) {
        Lot asked = lots.byId(household, lot)
                .orElseThrow(() -> Problem.missing("There is no such thing in this household."));
        CostFlow.Branch down = flows.whither(household, lot);
        CostFlow.Branch up = flows.whence(household, lot);
        Map<String, String> names = names(household, List.of(down, up));
        return new FlowView(
                name(asked),
                down.cost().decimal(),
                asked.cost().complete(),
                steps(down, names, household),
                steps(up, names, household));
    }

    private Map<String, String> names(Household household, List<CostFlow.Branch> branches) {
        List<UUID> ids = new ArrayList<>();
        branches.forEach(branch -> collect(branch, ids));
        Map<String, String> names = new HashMap<>();
        lots.byId(household, ids.stream().distinct().toList())
                .forEach(lot -> names.put(lot.id().toString(), name(lot)));
        return names;
    }

    private static void collect(CostFlow.Branch branch, List<UUID> ids) {
        ids.add(UUID.fromString(branch.lot()));
        branch.into().forEach(one -> collect(one, ids));
    }

    private static String name(Lot lot) {
        return lot.about().isEmpty() || lot.about().equals(lot.name()) ? lot.name() : lot.name() + ", " + lot.about();
    }

    private static List<FlowStep> steps(CostFlow.Branch root, Map<String, String> names, Household household) {
        List<FlowStep> steps = new ArrayList<>();
        walk(root, 0, Money.zero(household.currency()), names, steps);
        return steps.size() <= MOST_ROWS ? steps : steps.subList(0, MOST_ROWS);
    }

    private static void walk(
            CostFlow.Branch branch, int depth, Money above, Map<String, String> names, List<FlowStep> steps) {
        String name = names.getOrDefault(branch.lot(), "something that is gone");
        boolean ends = branch.into().isEmpty() && branch.ends().size() == 1;
        CostFlow.End only = ends ? branch.ends().get(0).end() : null;
        steps.add(new FlowStep(
                depth,
                branch.lot(),
                only == null ? null : word(only),
                only == null || only == CostFlow.End.OWN ? name : name + ": " + words(only),
                branch.cost().decimal(),
                above.decimal()));
        Money start = above;
        for (CostFlow.Branch into : branch.into()) {
            walk(into, depth + 1, start, names, steps);
            start = start.plus(into.cost());
        }
        for (CostFlow.Leaf leaf : ends ? List.<CostFlow.Leaf>of() : branch.ends()) {
            steps.add(new FlowStep(
                    depth + 1,
                    null,
                    word(leaf.end()),
                    words(leaf.end()),
                    leaf.cost().decimal(),
                    start.decimal()));
            start = start.plus(leaf.cost());
        }
    }

    private static String word(CostFlow.End end) {
        return end.name().toLowerCase(Locale.ROOT);
    }

    private static String words(CostFlow.End end) {
        return switch (end) {
            case EATEN -> "eaten";
            case USED -> "used by hand";
            case BINNED -> "binned";
            case GIVEN -> "given away";
            case LOST -> "counted, and not there";
            case THERE -> "still there";
            case OWN -> "seasoning, and what came without a lot";
        };
    }
}

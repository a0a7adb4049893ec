package wexilla.app.day;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.cook.Batches;
import wexilla.app.cook.Cookings;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.cookday.DayTasks;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/** The cook day: batches planned for it, what is done the day before, what is chopped once. */
@RestController
class CookDayController {

    private final Batches batches;
    private final Recipes recipes;
    private final Sizes sizes;
    private final DayBefore dayBefore;
    private final Acts acts;
    private final Snapshots snapshots;

    CookDayController(
            Batches batches, Recipes recipes, Sizes sizes, DayBefore dayBefore, Acts acts, Snapshots snapshots) {
        this.batches = batches;
        this.recipes = recipes;
        this.sizes = sizes;
        this.dayBefore = dayBefore;
        this.acts = acts;
        this.snapshots = snapshots;
    }

    record PotView(
            String batch,
            String recipe,
            String title,
            Style style,
            String factor,
            int vessels,
            BigDecimal portions,
            int handsMin,
            int waitMin) {}

    record PartView(String dish, String amount) {}

    record PreparationView(String what, String how, String all, List<PartView> parts) {}

    record TaskView(String words, String why) {}

    /**
     * @param days ISO days ahead that have batches or a joint to stretch; {@code joints} of this day
     */
    record CookDayView(
            String day,
            List<String> days,
            List<TaskView> dayBefore,
            List<PreparationView> preparations,
            List<PotView> pots,
            List<String> joints) {}

    @GetMapping("/api/cookday")
    CookDayView day(Household household, @RequestParam(required = false) @Nullable String day) {
        Snapshot now = snapshots.of(household);
        LocalDate today = now.today();
        List<Batch> ahead = batches.named(now, List.of(), today.minusDays(14), today.plusDays(60));
        List<LocalDate> days = Stream.concat(ahead.stream().map(Batch::cookOn), dayBefore.jointDays(now).stream())
                .distinct()
                .sorted()
                .toList();
        LocalDate shown = day == null
                ? days.stream().filter(d -> !d.isBefore(today)).findFirst().orElse(today)
                : read("/day", day);
        List<CookDay.Task> takeOut = dayBefore.tasks(now, shown);
        List<Pot> pots = new ArrayList<>();
        List<Batch> own = batches.withRecipes(
                now, ahead.stream().filter(b -> b.cookOn().equals(shown)).toList());
        for (Batch batch : own) {
            if (batch.recipe() != null) {
                pots.add(new Pot(
                        batch.id().toString(), batch.sized(household.measures()).orElseThrow(), batch.style()));
            }
        }
        CookDay made = CookDay.of(pots, household.measures());
        List<TaskView> before = new ArrayList<>();
        Stream.concat(takeOut.stream(), made.dayBefore().stream())
                .forEach(task -> before.add(new TaskView(task.words(), task.why())));
        return new CookDayView(
                shown.toString(),
                days.stream().map(LocalDate::toString).toList(),
                before,
                made.preparations().stream()
                        .map(p -> new PreparationView(
                                p.what(),
                                p.how(),
                                p.all(),
                                p.parts().stream()
                                        .map(part -> new PartView(part.dish(), part.amount()))
                                        .toList()))
                        .toList(),
                made.pots().stream().map(pot -> view(own, pot)).toList(),
                dayBefore.joints(now, shown).stream().map(DayTasks.Dish::name).toList());
    }

    private static PotView view(List<Batch> own, Pot pot) {
        Batch batch = own.stream()
                .filter(b -> b.id().toString().equals(pot.id()))
                .findFirst()
                .orElseThrow();
        return new PotView(
                batch.id().toString(),
                String.valueOf(batch.recipeId()),
                batch.name(),
                batch.style(),
                batch.size().factor().exact(),
                batch.size().vessels(),
                Portions.number(batch.portions()),
                pot.time().handsMin(),
                pot.time().waitMin());
    }

    private static LocalDate read(String field, String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no day; write it like 2026-11-28.");
        }
    }

    /**
     * @param factor of the recipe as written; absent for as written
     * @param vessels in how many pots, trays or bags; absent for the loads its fill needs
     */
    record BatchInput(
            UUID recipe,
            Style style,
            @Nullable String factor,
            @Nullable Integer vessels,
            String cookOn) {}

    @PostMapping("/api/cookday/batches")
    Said plan(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody BatchInput input) {
        return acts.say(household, key, "batch", input, act -> {
            Written stored = recipes.current(household, input.recipe());
            if (!stored.recipe().styles().contains(input.style())) {
                throw Problem.at(
                        "/style", "This recipe has no stop “" + input.style().words() + "”.");
            }
            LocalDate cookOn = read("/cookOn", input.cookOn());
            if (cookOn.isBefore(act.day()) || cookOn.isAfter(act.day().plusDays(60))) {
                throw Problem.at("/cookOn", "A cook day lies from today to 60 days ahead, not on " + cookOn + ".");
            }
            Sized sized =
                    sizes.pots(household).sized(stored.recipe(), Cookings.factor(input.factor()), input.vessels());
            Amount portions = Amount.of(sized.portions(), Unit.PORTION);
            Money none = Money.zero(household.currency());
            batches.write(act, act.newId(), stored, sized, input.style(), State.PLANNED, cookOn, none);
            return "To cook on " + Household.words(cookOn) + ": "
                    + stored.recipe().title() + ", " + portions;
        });
    }

    @PostMapping("/api/cookday/batches/{id}/drop")
    Said drop(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, "batch-drop", id, act -> {
            Batch batch = batches.byId(snapshots.of(household), List.of(id)).get(id);
            if (batch == null || batch.state() != State.PLANNED) {
                throw Problem.missing("There is no such planned batch.");
            }
            batches.drop(act, id);
            return "Not cooked after all: " + batch.name();
        });
    }
}

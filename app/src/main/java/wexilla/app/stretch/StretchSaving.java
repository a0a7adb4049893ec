package wexilla.app.stretch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Lots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.lines.LineList;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stations.stretch.PartDinners.OnTable;
import wexilla.core.stretch.Slab;
import wexilla.core.stretch.StretchPlan.Dish;

/** Keeps the plan of a big buy, and lets the evenings follow its parts. */
@Component
class StretchSaving {

    private static final int LONGEST_NAME = 80;

    private final Stretches stretches;
    private final PartEvenings evenings;
    private final Lots lots;
    private final Foods foods;
    private final Reference reference;

    StretchSaving(Stretches stretches, PartEvenings evenings, Lots lots, Foods foods, Reference reference) {
        this.stretches = stretches;
        this.evenings = evenings;
        this.lots = lots;
        this.foods = foods;
        this.reference = reference;
    }

    /** @return what was done, with the days that have another meal already */
    String save(Act act, StretchController.StretchInput input) {
        Household household = act.household();
        StretchAsked asked = input.asked();
        read(household, asked);
        there(household, input);
        Optional<Stretches.Stretch> old = Optional.ofNullable(input.id()).map(id -> stretches.get(household, id));
        old.ifPresent(one -> unchanged(one, input.version()));
        UUID id = input.id() == null ? act.newId() : input.id();
        stretches.save(act, id, input.lot(), asked);
        List<OnTable> before = old.map(one -> onTable(household, one.asked())).orElse(List.of());
        List<LocalDate> taken = evenings.follow(act, before, onTable(household, asked));
        int parts = asked.shares().size();
        String said = "Stretch: " + asked.food().strip() + ", " + parts + (parts == 1 ? " part" : " parts");
        return taken.isEmpty()
                ? said
                : said + "; another meal is planned for "
                        + taken.stream().distinct().map(Household::words).collect(Collectors.joining(", "));
    }

    /** The parts leave the evenings they were planned for. */
    void drop(Act act, UUID id) {
        StretchAsked asked = stretches.get(act.household(), id).asked();
        stretches.drop(act, id);
        evenings.follow(act, onTable(act.household(), asked), List.of());
    }

    private void read(Household household, StretchAsked asked) {
        Asked.name("/food", asked.food(), LONGEST_NAME);
        LineReader reader = new LineReader(foods.known(household).book());
        for (int i = 0; i < asked.shares().size(); i++) {
            ShareAsked share = asked.shares().get(i);
            Asked.name("/shares/" + i + "/name", share.name(), LONGEST_NAME);
            String extender = share.extender() == null ? "" : share.extender();
            Asked.at("/shares/" + i + "/extender", () -> LineList.of(extender, reader));
            if (share.season() != null && share.season().length() > LONGEST_NAME) {
                throw Problem.at(
                        "/shares/" + i + "/season", "A season note has at most " + LONGEST_NAME + " characters.");
            }
        }
        Cutting.of(asked, foods.known(household).book(), reference, household.currency());
    }

    private void there(Household household, StretchController.StretchInput input) {
        if (input.lot() != null && lots.byId(household, input.lot()).isEmpty()) {
            throw Problem.at("/lot", "There is no such joint on hand.");
        }
        List<UUID> more = input.asked().more();
        if (!more.isEmpty() && input.lot() == null) {
            throw Problem.at("/asked/moreLots", "Say first which pack of it comes first.");
        }
        for (UUID one : more) {
            if (one.equals(input.lot()) || lots.byId(household, one).isEmpty()) {
                throw Problem.at("/asked/moreLots", "One of these packs is not on hand any more; choose them anew.");
            }
        }
    }

    private static void unchanged(Stretches.Stretch old, int seen) {
        if (old.state() != Stretches.State.OPEN) {
            throw Problem.changed(
                    "This big buy is cooked: its parts lie on hand under their names and are changed there.");
        }
        if (old.version() != seen) {
            throw Problem.changed("This big buy was changed in another window; look at it again.");
        }
    }

    /** The parts that have an evening, each with what its dish is made of. */
    private List<OnTable> onTable(Household household, StretchAsked asked) {
        List<OnTable> parts = new ArrayList<>();
        if (asked.shares().stream().noneMatch(share -> share.eatOn() != null)) {
            return parts;
        }
        Cut cut = Cutting.of(asked, foods.known(household).book(), reference, household.currency());
        for (int i = 0; i < asked.shares().size(); i++) {
            ShareAsked share = asked.shares().get(i);
            LocalDate day = Cutting.day("/shares/" + i + "/eatOn", share.eatOn());
            if (day != null && share.meat()) {
                Dish dish = cut.plan().dishes().get(i);
                int plates = Math.min(
                        Recipe.MOST_PORTIONS,
                        Math.max(1, dish.plates().ceiling().intValueExact()));
                parts.add(new OnTable(
                        share.name().strip(), day, share.eatenAt(), plates, lines(asked, share, dish, household)));
            }
        }
        return parts;
    }

    private List<String> lines(StretchAsked asked, ShareAsked share, Dish dish, Household household) {
        boolean raw = asked.cut() == Slab.Cut.RAW;
        Rational grams = Rational.of((raw ? dish.rawGrams() : dish.grams()).toDecimal(0));
        String food = asked.food().strip();
        List<String> lines = new ArrayList<>();
        lines.add(grams.plain() + " g " + (raw || food.startsWith("cooked ") ? food : "cooked " + food));
        String extender = Objects.requireNonNullElse(share.extender(), "");
        LineReader reader = new LineReader(foods.known(household).book());
        LineList.ofStored(extender, reader).lines().forEach(line -> lines.add(line.text()));
        return lines;
    }
}

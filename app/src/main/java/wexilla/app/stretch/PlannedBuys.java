package wexilla.app.stretch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.app.stretch.Stretches.Stretch;
import wexilla.core.food.Food;
import wexilla.core.plan.ahead.BigBuy;
import wexilla.core.stretch.DishKind;
import wexilla.core.stretch.Slab;
import wexilla.core.stretch.StretchPlan.Dish;

/** The big buys that have a cook day, as the plan sees them. */
@Component
public class PlannedBuys {

    private final Stretches stretches;
    private final Reference reference;

    PlannedBuys(Stretches stretches, Reference reference) {
        this.stretches = stretches;
        this.reference = reference;
    }

    /** Those not cooked yet whose day is today or later. */
    public List<BigBuy> ahead(Snapshot now) {
        return stretches.ahead(now.household()).stream()
                .filter(stretch -> !cookOn(stretch).isBefore(now.today()))
                .map(stretch -> buy(now, stretch))
                .toList();
    }

    private static LocalDate cookOn(Stretch stretch) {
        return LocalDate.parse(Objects.requireNonNull(stretch.asked().cookOn()));
    }

    private BigBuy buy(Snapshot now, Stretch stretch) {
        Cutting.StretchAsked asked = stretch.asked();
        String keeps = now.book()
                .find(asked.food())
                .map(food -> keepingClass(food, asked.cut()))
                .orElse("");
        List<BigBuy.Part> parts = new ArrayList<>();
        LocalDate limit = null;
        try {
            Cut cut = Cutting.of(asked, now.book(), reference, now.household().currency());
            for (int i = 0; i < asked.shares().size(); i++) {
                ShareAsked share = asked.shares().get(i);
                Dish dish = cut.plan().dishes().get(i);
                // raw parts keep the date of the raw joint, which stands on its lot
                limit = dish.eatBy() == null || asked.cut() == Slab.Cut.RAW ? limit : dish.eatBy();
                parts.add(new BigBuy.Part(
                        share.name(),
                        extender(share),
                        eatOn(share),
                        share.eatenAt(),
                        !share.meat() ? null : asked.cut() == Slab.Cut.RAW ? dish.rawGrams() : dish.grams(),
                        share.meat() ? dish.cost() : null,
                        dish.freeze()));
            }
        } catch (Problem unreadable) {
            // what was kept by other rules than those of today still speaks for its raw weight
            parts.clear();
            asked.shares()
                    .forEach(share -> parts.add(new BigBuy.Part(
                            share.name(), extender(share), eatOn(share), share.eatenAt(), null, null, false)));
        }
        return new BigBuy(
                stretch.id().toString(),
                asked.food(),
                asked.weight(),
                cookOn(stretch),
                asked.pots(),
                asked.cut() == Slab.Cut.RAW,
                keeps,
                limit,
                parts);
    }

    private static String keepingClass(Food food, Slab.Cut cut) {
        return cut == Slab.Cut.RAW ? food.keepingClass() : DishKind.keepingClass(DishKind.group(food));
    }

    private static String extender(ShareAsked share) {
        return share.extender() == null ? "" : share.extender();
    }

    private static @Nullable LocalDate eatOn(ShareAsked share) {
        return share.eatOn() == null ? null : LocalDate.parse(share.eatOn());
    }
}

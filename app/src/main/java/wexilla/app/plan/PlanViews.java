package wexilla.app.plan;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.app.plan.Slots.DishKind;
import wexilla.app.plan.Slots.Kind;
import wexilla.app.plan.Slots.State;
import wexilla.core.planning.Judgement;
import wexilla.core.planning.Remark;

/** What the Plan station is asked and answered. */
public final class PlanViews {

    private PlanViews() {}

    /** @param of id of the recipe or the dish in stock; absent for a side */
    record DishView(
            DishKind kind,
            @Nullable String of,
            String name,
            @Nullable Integer portions) {}

    record RemarkView(Judgement.Level level, String words, String why) {

        static RemarkView of(Remark remark) {
            return new RemarkView(remark.level(), remark.words(), remark.why());
        }
    }

    /**
     * @param tableTime "18:30"; {@code start} ISO date and time to begin, absent once it is eaten
     * @param plates adult portions of those who eat, as a decimal
     * @param people ids of who eats
     */
    record SlotView(
            String id,
            Kind kind,
            State state,
            boolean locked,
            String tableTime,
            @Nullable String start,
            int minutes,
            String plates,
            String note,
            int version,
            List<String> people,
            List<DishView> dishes) {}

    /** @param slot absent while nothing is planned */
    record PlanDay(String date, @Nullable SlotView slot, List<RemarkView> remarks) {}

    /** A dish that is there. @param until its date with the words in front of it */
    record InStock(
            String batch,
            String name,
            int portions,
            @Nullable String until) {}

    record PlanView(String today, List<PlanDay> days, List<InStock> inStock, String usualTable, int usualMinutes) {}

    /**
     * A dish as chosen or typed: by id, or by a name that is found, or becomes a recipe of that name.
     *
     * @param portions to make or to take; absent for as many as eat
     */
    public record DishInput(
            @Nullable UUID recipe,
            @Nullable UUID batch,
            @Nullable String text,
            @Nullable Integer portions) {}

    /**
     * @param version as last seen, 0 for an evening nobody planned yet
     * @param sides as typed, foods with their usual amount a head: "90 g pasta, peas and a salad"
     */
    public record EveningInput(
            String day,
            int version,
            Kind kind,
            String tableTime,
            int minutes,
            boolean locked,
            String note,
            List<UUID> people,
            List<DishInput> dishes,
            @Nullable String sides) {}
}

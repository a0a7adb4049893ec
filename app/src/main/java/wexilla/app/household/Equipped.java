package wexilla.app.household;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Once;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.cookday.KitchenGear;
import wexilla.core.kitchen.house.Household;
import wexilla.core.recipe.steps.StepGear;

/** What the household is equipped with: pots, pans, the oven, cookers. */
@Component
public class Equipped {

    /** What a piece of equipment is; says in what it is measured. */
    public enum Kind {
        POT(StepGear.Kind.BURNER),
        PAN(StepGear.Kind.OVEN),
        OVEN(null),
        TRAY(StepGear.Kind.OVEN),
        SLOW_COOKER(StepGear.Kind.SLOW_COOKER),
        PRESSURE_COOKER(StepGear.Kind.PRESSURE_COOKER),
        BURNER(null);

        private final StepGear.@Nullable Kind gear;

        Kind(StepGear.@Nullable Kind gear) {
            this.gear = gear;
        }

        /** What keeps a vessel of this kind busy; null for what is no vessel. */
        public StepGear.@Nullable Kind gear() {
            return gear;
        }
    }

    /**
     * @param size what it holds or its sides, as typed: "5 l", "9x13 in"; null where nobody measured
     * @param count how many like this
     */
    public record Equipment(
            UUID id, String name, Kind kind, @Nullable String size, int count, int version) {}

    /** A burner that is called so takes half as long again to heat; a pan that is called so is fried in. */
    private static final Pattern SLOW = Pattern.compile("\\b(?:slow|weak)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern FRIED_IN =
            Pattern.compile("\\b(?:frying pan|skillet|wok|griddle)\\b", Pattern.CASE_INSENSITIVE);

    private final JdbcClient db;
    private final Once once;
    private final Journal journal;

    Equipped(JdbcClient db, Journal journal, Once once) {
        this.once = once;
        this.db = db;
        this.journal = journal;
    }

    /** What there is to cook with on a clock: burners, racks, cookers, frying pans; pots are not held. */
    public static List<Gear> gear(List<Equipment> equipment) {
        List<Gear> gear = new ArrayList<>();
        int ovens = 0;
        for (Equipment one : equipment) {
            String kind = switch (one.kind()) {
                case OVEN -> "oven " + one.name();
                case SLOW_COOKER -> "slow cooker";
                case PRESSURE_COOKER -> "pressure cooker";
                case BURNER -> SLOW.matcher(one.name()).find() ? "slow burner" : "burner";
                case POT -> FRIED_IN.matcher(one.name()).find() ? "frying pan" : "pot";
                case PAN, TRAY -> FRIED_IN.matcher(one.name()).find() ? "frying pan" : "";
            };
            if (!kind.isEmpty()) {
                ovens += KitchenGear.add(gear, kind, Math.min(one.count(), KitchenGear.MOST), ovens);
            }
        }
        return gear;
    }

    public List<Equipment> all(Household household) {
        return once.read(
                List.of("equipment", household.id()),
                () -> db.sql("select id, name, kind, size, count, version from equipment where household_id = ? "
                                + "order by kind, name, id")
                        .params(household.id())
                        .query(Equipment.class)
                        .list());
    }

    /** Writes it down, or anew. */
    public void save(Act act, Equipment equipment) {
        journal.before(act, Thing.EQUIPMENT, equipment.id());
        db.sql("""
                        insert into equipment (household_id, id, name, kind, size, count) values (?, ?, ?, ?, ?, ?)
                        on conflict (household_id, id) do update set name = excluded.name, kind = excluded.kind,
                            size = excluded.size, count = excluded.count,
                            version = equipment.version + 1""")
                .params(Arrays.asList(
                        act.household().id(),
                        equipment.id(),
                        equipment.name(),
                        equipment.kind().name(),
                        equipment.size(),
                        equipment.count()))
                .update();
    }

    public void remove(Act act, UUID id) {
        journal.before(act, Thing.EQUIPMENT, id);
        db.sql("delete from equipment where household_id = ? and id = ?")
                .params(act.household().id(), id)
                .update();
    }
}

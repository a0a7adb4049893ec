package wexilla.app.day;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.core.cookday.OwnPace;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Rational;

/** What steps really took on the cook days of a household, and the pace that follows from it. */
@Component
class TimedSteps {

    private final JdbcClient db;

    TimedSteps(JdbcClient db) {
        this.db = db;
    }

    /** A step that was timed. */
    private record Timed(String dish, String text, boolean hands, OwnPace.Timed took) {}

    /** Every step that was timed, newest day first; what was never begun or took no minute is not among them. */
    private List<Timed> timed(Household household) {
        return db.sql("""
                        select coalesce(v.title, t.dish) as dish, t.text, t.hands, t.end_min - t.start_min - t.away as took, t.planned from cook_task t
                        join cook_day d on d.household_id = t.household_id and d.id = t.cook_day
                        left join batch b on b.household_id = t.household_id and b.id = t.of
                        left join recipe_version v on v.household_id = b.household_id and v.recipe = b.recipe and v.n = b.n
                        where t.household_id = ? and t.state = 'DONE' and t.planned > 0
                            and t.end_min - t.start_min - t.away > 0
                        order by d.begins desc, t.end_min desc, t.pos limit 500""")
                .params(household.id())
                .query((row, n) -> new Timed(
                        row.getString("dish"),
                        row.getString("text"),
                        row.getBoolean("hands"),
                        new OwnPace.Timed(row.getInt("took"), row.getInt("planned"))))
                .list();
    }

    /** From the last steps that were timed. */
    OwnPace pace(Household household) {
        List<Timed> timed = timed(household);
        Rational hands = OwnPace.ratio(Rational.ONE, took(timed, true));
        Rational waits = OwnPace.ratio(Rational.ONE, took(timed, false));
        Map<String, Rational> steps = new HashMap<>();
        timed.stream()
                .collect(Collectors.groupingBy(one -> OwnPace.key(one.dish(), one.text(), one.hands())))
                .forEach((key, own) -> steps.put(
                        key,
                        OwnPace.ratio(
                                own.get(0).hands() ? hands : waits,
                                own.stream().map(Timed::took).toList())));
        return new OwnPace(hands, waits, steps);
    }

    private static List<OwnPace.Timed> took(List<Timed> timed, boolean hands) {
        return timed.stream()
                .filter(one -> one.hands() == hands)
                .map(Timed::took)
                .toList();
    }
}

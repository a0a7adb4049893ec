package wexilla.app.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Lots;
import wexilla.core.keeping.KeepDates.Urgency;
import wexilla.core.kitchen.house.Household;

/** The two weeks on top of every screen, and what waits at each station. */
@RestController
class RibbonController {

    private static final int DAYS = 14;

    private final JdbcClient db;
    private final Lots lots;
    private final Clock clock;

    RibbonController(JdbcClient db, Lots lots, Clock clock) {
        this.db = db;
        this.lots = lots;
        this.clock = clock;
    }

    /** What is eaten in the evening. @param of the recipe or the batch; absent for a side */
    record EvenView(String name, @Nullable String of) {}

    /** What is eaten in the evening, and what ends its time on this day. */
    record DayView(String date, @Nullable EvenView eaten, List<LotView> ends) {}

    /**
     * @param past lots past their date already
     * @param onHand lots to use now: past their date, or in its warning
     * @param toPack cooked dishes that wait on the counter
     */
    record RibbonView(String today, List<DayView> days, int past, int onHand, int toPack) {}

    @GetMapping("/api/ribbon")
    RibbonView ribbon(Household household) {
        LocalDate today = household.dayOf(clock.instant());
        List<LotView> open =
                lots.open(household).stream().map(lot -> LotView.of(lot, today)).toList();
        Map<LocalDate, EvenView> eaten = eaten(household, today);
        List<DayView> days = IntStream.range(0, DAYS)
                .mapToObj(today::plusDays)
                .map(day -> new DayView(day.toString(), eaten.get(day), ending(open, day)))
                .toList();
        long past = open.stream().filter(lot -> lot.urgency() == Urgency.PAST).count();
        long soon = open.stream().filter(lot -> lot.urgency() == Urgency.SOON).count();
        return new RibbonView(
                today.toString(),
                days,
                (int) past,
                (int) (past + soon),
                lots.waiting(household).size());
    }

    private Map<LocalDate, EvenView> eaten(Household household, LocalDate today) {
        Map<LocalDate, EvenView> eaten = new HashMap<>();
        db.sql("""
                        select distinct on (s.day) s.day, coalesce(b.name, v.title, d.text) as name,
                            coalesce(d.batch, d.recipe)::text as of
                        from slot s
                        join meal_dish d on d.household_id = s.household_id and d.slot = s.id and d.kind <> 'TASK'
                        left join batch b on b.household_id = d.household_id and b.id = d.batch
                        left join recipe r on r.household_id = d.household_id and r.id = d.recipe
                        left join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                            and v.n = r.current_version
                        where s.household_id = ? and s.day between ? and ? and s.meal = 'dinner'
                        and s.kind not in ('OUT', 'UNDECIDED')
                        order by s.day, d.kind = 'SIDE', d.pos""").params(household.id(), today, today.plusDays(DAYS - 1)).query(row -> {
            eaten.put(row.getObject("day", LocalDate.class), new EvenView(row.getString("name"), row.getString("of")));
        });
        return eaten;
    }

    private static List<LotView> ending(List<LotView> open, LocalDate day) {
        return open.stream()
                .filter(lot -> lot.until() != null && lot.until().date().equals(day.toString()))
                .toList();
    }
}

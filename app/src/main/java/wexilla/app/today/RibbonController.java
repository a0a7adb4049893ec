package wexilla.app.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
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

    private final Lots lots;
    private final Clock clock;

    RibbonController(Lots lots, Clock clock) {
        this.lots = lots;
        this.clock = clock;
    }

    /** What ends its time on this day. */
    record DayView(String date, List<LotView> ends) {}

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
        List<DayView> days = IntStream.range(0, DAYS)
                .mapToObj(today::plusDays)
                .map(day -> new DayView(day.toString(), ending(open, day)))
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

    private static List<LotView> ending(List<LotView> open, LocalDate day) {
        return open.stream()
                .filter(lot -> lot.until() != null && lot.until().date().equals(day.toString()))
                .toList();
    }
}

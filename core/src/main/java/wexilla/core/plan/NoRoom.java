package wexilla.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import wexilla.core.packing.Room;
import wexilla.core.quantity.Rational;

/**
 * What is to be frozen for a meal, and does not fit beside what lies in the freezers by then.
 *
 * @param fullest the day it is worst; @param millilitres too much on it
 */
record NoRoom(LocalDate day, String subject, LocalDate fullest, Rational millilitres) implements Judgement {

    /** What the meal at this place has frozen, where it does not fit on every day until it is taken out. */
    static List<Judgement> of(Outlook plan, int at) {
        Rational room = plan.kitchen().room();
        if (room == null) {
            return List.of();
        }
        List<Judgement> found = new ArrayList<>();
        for (TakeOut out : plan.takeOut().get(at)) {
            LocalDate from = out.freezeOn();
            LocalDate fullest = from;
            Rational most = Rational.ZERO;
            for (LocalDate on = from; on != null && on.isBefore(out.by().toLocalDate()); on = on.plusDays(1)) {
                Rational over = full(plan, on).minus(room);
                fullest = over.compareTo(most) > 0 ? on : fullest;
                most = over.compareTo(most) > 0 ? over : most;
            }
            if (fullest != null && most.signum() > 0) {
                found.add(new NoRoom(out.forDay(), out.name(), fullest, most));
            }
        }
        return found;
    }

    /** Millilitres more than today that lie in the freezers on this day, as far as the plan says. */
    private static Rational full(Outlook plan, LocalDate on) {
        Rational more = Rational.ZERO;
        for (List<TakeOut> meal : plan.takeOut()) {
            for (TakeOut out : meal) {
                Rational takes = out.millilitres();
                boolean gone = !out.by().toLocalDate().isAfter(on);
                if (out.freezeOn() == null) {
                    more = gone ? more.minus(takes) : more;
                } else if (!out.freezeOn().isAfter(on) && !gone) {
                    more = more.plus(takes);
                }
            }
        }
        return more;
    }

    @Override
    public PlanRule rule() {
        return PlanRule.ROOM;
    }

    @Override
    public Level level() {
        return Level.STOP;
    }

    @Override
    public Remark remark() {
        return Remark.stop(
                subject + " does not fit into the freezer: "
                        + millilitres.dividedBy(Rational.of(1000)).toDecimal(1) + " l too much on "
                        + Remark.day(fullest)
                        + ": eat something from it before, or freeze less",
                "a portion takes about " + Room.portion());
    }
}

package wexilla.core.planning;

import java.time.LocalDate;
import wexilla.core.quantity.Amount;

/** Less is there of something cooked at home than a dish wants, and nobody sells it. @param subject what; @param dish for */
record ShortOf(LocalDate day, String subject, String dish, Amount lacking) implements Judgement {

    @Override
    public PlanRule rule() {
        return PlanRule.SUPPLY;
    }

    @Override
    public Level level() {
        return Level.DO;
    }

    @Override
    public Remark remark() {
        return Remark.act(
                dish + " is short of " + lacking + " " + subject
                        + ": make it smaller, or stretch it with pulses or vegetables",
                "");
    }
}

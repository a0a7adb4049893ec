package wexilla.core.plan;

import java.time.LocalDate;
import wexilla.core.quantity.Amount;

/**
 * Less is there of something cooked at home than a dish wants, and nobody sells it.
 *
 * @param subject what; @param dish for; @param none whether nothing of it is there
 */
record ShortOf(LocalDate day, String subject, String dish, Amount lacking, boolean none) implements Judgement {

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
        String words = none
                ? dish + " wants " + lacking + " " + subject
                        + ", and none is there: cook it first, or eat something else"
                : dish + " is short of " + lacking + " " + subject
                        + ": make it smaller, or stretch it with pulses or vegetables";
        return Remark.act(words, "");
    }
}

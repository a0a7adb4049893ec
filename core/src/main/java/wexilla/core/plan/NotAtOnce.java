package wexilla.core.plan;

import java.time.LocalDate;

/** Not everything of a meal can be hot at one time with the burners, racks and cookers there are. @param subject the dishes */
record NotAtOnce(LocalDate day, String subject) implements Judgement {

    @Override
    public PlanRule rule() {
        return PlanRule.GEAR;
    }

    @Override
    public int weight() {
        return 10;
    }

    @Override
    public Remark remark() {
        return Remark.hint(
                subject + " cannot all be hot at once with what there is to cook with: one waits, kept warm");
    }
}

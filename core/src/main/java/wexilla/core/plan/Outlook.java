package wexilla.core.plan;

import java.util.List;
import wexilla.core.shopping.Needs.Met;

/**
 * Evenings with how their wants are met: what the rules of a plan look at.
 *
 * @param evenings in the order of the days
 * @param met for each evening, what it wants
 * @param takeOut for each evening, what leaves the freezer for it
 * @param clocks for each evening, when it begins
 * @param kitchen what there is to cook and freeze with
 */
record Outlook(
        List<PlannedMeal> evenings,
        List<List<Met>> met,
        List<List<TakeOut>> takeOut,
        List<Countdown.Clock> clocks,
        PlanCheck.Kitchen kitchen) {}

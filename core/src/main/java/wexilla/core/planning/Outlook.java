package wexilla.core.planning;

import java.time.LocalDateTime;
import java.util.List;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.shopping.Needs.Met;

/**
 * Evenings with how their wants are met: what the rules of a plan look at.
 *
 * @param evenings in the order of the days
 * @param met for each evening, what it wants
 * @param takeOut for each evening, what leaves the freezer for it
 * @param gear there is to cook with; empty where nobody asks for it
 */
record Outlook(
        List<Evening> evenings, List<List<Met>> met, List<List<TakeOut>> takeOut, LocalDateTime now, List<Gear> gear) {}

import type { Schema } from '../../api/client';
import { shortDay, tapeColour } from '../../kit/words';

type Plan = Schema['PlanView'];
/** A thread of the plan. @param note what is said beside its name */
type Thread = Schema['ThreadView'] & { note?: string };
export type MealName = Schema['DayMealView']['meal'];

/** Sizes of the picture, in its own pixels. */
export const size = { left: 86, row: 46, lane: 34, top: 26, weeks: 22, gap: 12, foot: 22, dot: 15 };

export type Laid = { thread: Thread; y: number; x: number; to: number; label: number };
export type Shelf = { name: Thread['shelf'] | 'TABLE'; y: number; height: number };
export type Layout = {
  width: number;
  height: number;
  column: number;
  /** Where the shelves begin; above them stand the days, and the weeks where there are some. */
  top: number;
  weeks: Plan['weeks'];
  meals: MealName[];
  shelves: Shelf[];
  threads: Laid[];
  x: (at: string) => number;
  middle: (day: string) => number;
  table: (meal: MealName) => number;
  /** Of what was cooked together; what is cooked fresh has the colour of its dish. */
  colour: (of: string, name?: string) => string;
};

const DAY = 24 * 60 * 60 * 1000;
const order: MealName[] = ['BREAKFAST', 'BOXES', 'LUNCH', 'SNACK', 'DINNER', 'SUPPER'];
const shelfNames = ['FRIDGE', 'FREEZER', 'CUPBOARD'] as const;

// wall times without a zone: counted as if there were no summer time, so that a day is as wide as any other
const time = (at: string) => Date.parse(at.length > 10 ? `${at}Z` : `${at}T00:00Z`);

/** "We 2": as much as a narrow column takes. */
export const narrowDay = (iso: string) => shortDay(iso).replace(/^(\w\w)\w* (\d+).*$/, '$1 $2');

/** One day of the run: its meals, what lies on its shelves, and beside each thread the day it is for. */
export function dayOf(plan: Plan, date: string): Plan {
  const threads: Thread[] = plan.threads.flatMap((thread) => {
    const born = thread.born.slice(0, 10);
    const last = thread.climbs.at(-1)?.day;
    const here = thread.climbs.filter(
      (climb) => climb.day === date || (climb.out && climb.out.slice(0, 10) <= date && climb.day >= date),
    );
    const lies = born <= date && (last ? date <= last : !thread.until || date <= thread.until);
    const later = thread.climbs.find((climb) => climb.day > date);
    // what is there lies there all day, whatever the time is
    const begin = thread.ahead ? thread.born : `${date}T00:00`;
    return lies && (here.length > 0 || thread.shelf !== 'CUPBOARD')
      ? [
          {
            ...thread,
            born: begin,
            climbs: here,
            note: later && here.every((climb) => climb.day > date) ? shortDay(later.day) : undefined,
          },
        ]
      : [];
  });
  return {
    ...plan,
    days: plan.days.filter((day) => day.date === date),
    threads,
    cookDays: plan.cookDays.filter((day) => day === date),
    weeks: [],
  };
}

/** Where everything stands: days from left to right, four shelves from top to bottom, no two threads on one lane at once. */
export function layout(plan: Plan, room: number): Layout {
  const start = time(plan.days[0]?.date ?? plan.today);
  const days = Math.max(1, plan.days.length);
  const column = Math.max(days > 14 ? 46 : 58, (room - size.left) / days);
  const width = size.left + column * days;
  const x = (at: string) => size.left + ((time(at) - start) / DAY) * column;
  const middle = (day: string) => x(day.slice(0, 10)) + column / 2;
  const top = plan.weeks.length > 0 ? size.top + size.weeks : size.top;
  const meals = order.filter((meal) => plan.days.some((day) => day.meals.some((one) => one.meal === meal)));
  const table = (meal: MealName) => top + meals.indexOf(meal) * size.row + size.row / 2 + 4;
  const shelves: Shelf[] = [{ name: 'TABLE', y: top, height: meals.length * size.row + 8 }];
  const threads: Laid[] = [];
  let y = top + meals.length * size.row + 8 + size.gap;
  for (const name of shelfNames) {
    const laid = lanes(
      plan.threads.filter((thread) => thread.shelf === name),
      x,
      middle,
      width,
    );
    const height = Math.max(1, laid.count) * size.lane + 10;
    threads.push(...laid.threads.map((one) => ({ ...one, y: y + 12 + one.y * size.lane })));
    shelves.push({ name, y, height });
    y += height + size.gap;
  }
  const dishes = plan.days.flatMap((day) => day.meals.flatMap((meal) => meal.slot?.dishes ?? []));
  const colour = (of: string, name?: string) => {
    const dish = dishes.find((one) => one.of === of) ?? dishes.find((one) => one.name === name);
    return tapeColour(dish?.of ?? of);
  };
  return {
    width,
    height: y + size.foot,
    column,
    top,
    weeks: plan.weeks,
    meals,
    shelves,
    threads,
    x,
    middle,
    table,
    colour,
  };
}

/** Threads on as few lanes as hold them; the earliest first. */
function lanes(
  threads: Thread[],
  x: (at: string) => number,
  middle: (day: string) => number,
  width: number,
): { threads: Laid[]; count: number } {
  const ends: number[] = [];
  const laid: Laid[] = [];
  const placed = threads
    .map((thread) => {
      const meals = thread.climbs.map((climb) => middle(climb.day));
      const leaves = thread.climbs.map((climb) => (climb.out ? x(climb.out) : middle(climb.day)));
      const limit = thread.note ? width : thread.until && thread.climbs.length === 0 ? x(thread.until) + 20 : 0;
      const begin =
        thread.shelf === 'CUPBOARD' ? Math.min(...meals) : Math.max(size.left + 4, Math.min(x(thread.born), ...meals));
      const to = Math.min(width - 6, Math.max(begin, ...leaves, limit));
      const words = Math.min(190, 14 + thread.name.length * 6.6);
      const label = Math.max(size.left + 2, Math.min(begin - 6, width - words - 4));
      return { thread, x: begin, to, label, words };
    })
    .sort((a, b) => a.label - b.label || a.x - b.x);
  for (const one of placed) {
    const until = Math.max(one.to + 8, one.label + one.words + 6);
    let lane = ends.findIndex((end) => end <= one.label);
    if (lane < 0) {
      lane = ends.length;
      ends.push(0);
    }
    ends[lane] = until;
    laid.push({ thread: one.thread, y: lane, x: one.x, to: one.to, label: one.label });
  }
  return { threads: laid, count: ends.length };
}

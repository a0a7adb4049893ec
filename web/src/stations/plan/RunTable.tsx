import type { KeyboardEvent } from 'react';
import type { Schema } from '../../api/client';
import { mealWords, shortDay } from '../../kit/words';
import { type Layout, type MealName, size } from './runLayout';

type Plan = Schema['PlanView'];
/** A meal's place in the run. */
export type At = { day: string; meal: MealName };
/** A meal on its way to another day. */
export type Moving = { from: At; over: At };

/** The table: a dot for each meal with how many eat, to be opened, dragged, or moved with the arrow keys. */
export function RunTable({
  plan,
  laid,
  moving,
  grab,
  step,
  enter,
  stop,
  open,
}: {
  plan: Plan;
  laid: Layout;
  moving: Moving | undefined;
  grab: (at: At) => void;
  step: (at: At, by: number) => void;
  enter: (at: At) => void;
  stop: () => void;
  open: (day: string, meal: MealName) => void;
}) {
  const keys = (at: At) => (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by !== 0 || event.key === 'Enter' || event.key === ' ' || event.key === 'Escape') {
      event.preventDefault();
    }
    if (by !== 0) {
      step(at, by);
    } else if (event.key === 'Enter' || event.key === ' ') {
      enter(at);
    } else if (event.key === 'Escape') {
      stop();
    }
  };
  return plan.days.flatMap((day) =>
    day.meals.map((meal) => {
      const at: At = { day: day.date, meal: meal.meal };
      const slot = meal.slot;
      const main = slot?.dishes.find((dish) => dish.kind === 'RECIPE' || dish.kind === 'BATCH');
      const x = laid.middle(day.date);
      const y = laid.table(meal.meal);
      const wrong = meal.remarks.some((remark) => remark.level === 'STOP');
      const target = moving?.over.day === day.date && moving.from.meal === meal.meal && moving.from.day !== day.date;
      const words = main?.name ?? slot?.dishes[0]?.name ?? (slot?.kind === 'OUT' ? 'out' : 'open');
      return (
        // an SVG has no button of its own
        // biome-ignore lint/a11y/useSemanticElements: see above
        <g
          key={`${day.date} ${meal.meal}`}
          role="button"
          tabIndex={0}
          aria-label={`${shortDay(day.date)}, ${mealWords[meal.meal]}: ${words}${wrong ? ', does not hold' : ''}`}
          className={`run-meal ${target ? 'run-target' : ''}`}
          onPointerDown={(event) => main && !slot?.locked && event.button === 0 && grab(at)}
          onClick={() => (moving && moving.over.day !== day.date ? undefined : open(day.date, meal.meal))}
          onKeyDown={keys(at)}
        >
          <title>{words}</title>
          <rect
            x={x - laid.column / 2 + 2}
            y={y - 21}
            width={laid.column - 4}
            height={42}
            rx={6}
            className="run-slot"
          />
          {main ? (
            <>
              <circle cx={x} cy={y} r={size.dot} fill={laid.colour(main.of ?? main.name)} className="run-dot" />
              <text x={x} y={y + 5} className="run-count">
                {(slot?.people.length ?? 0) + (slot?.guests.length ?? 0)}
              </text>
              {wrong && <path d={`M${x + 9} ${y - 17} l9 0 l0 9 z`} className="run-wrong" />}
            </>
          ) : (
            <text x={x} y={y + 4} className="run-open">
              {slot?.kind === 'OUT' ? 'out' : slot && slot.dishes.length > 0 ? 'cold' : 'open'}
            </text>
          )}
        </g>
      );
    }),
  );
}

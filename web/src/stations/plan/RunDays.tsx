import type { Schema } from '../../api/client';
import { useMoneyWords } from '../../kit/kit';
import { shortDay, tapeColour } from '../../kit/words';
import { narrowDay } from './runLayout';

/** The days of the run as a row to choose from, and to drop a meal on: the main dish of each as a dot. */
export function RunDays({
  plan,
  on,
  over,
  choose,
}: {
  plan: Schema['PlanView'];
  on: string;
  over: string | undefined;
  choose: (day: string) => void;
}) {
  const money = useMoneyWords();
  const week = plan.weeks.filter((one) => one.from <= on).at(-1);
  return (
    <>
      {week && (
        <p className="mb-2">
          <b>{money(week.cost, week.complete, week.missing)}</b> in the seven days from {shortDay(week.from)},{' '}
          {week.meals} {week.meals === 1 ? 'meal' : 'meals'}
        </p>
      )}
      <div className="run-days">
        {plan.days.map((day) => {
          const wrong = day.meals.some((meal) => meal.remarks.some((remark) => remark.level === 'STOP'));
          const dishes = day.meals.flatMap((meal) => meal.slot?.dishes ?? []).filter((dish) => dish.of);
          return (
            <button
              key={day.date}
              type="button"
              data-day={day.date}
              aria-pressed={day.date === on}
              aria-label={`${shortDay(day.date)}${wrong ? ', something does not hold' : ''}`}
              className={`run-days-one ${over === day.date && over !== on ? 'run-days-over' : ''}`}
              onClick={() => choose(day.date)}
            >
              {narrowDay(day.date)}
              <span className="run-days-dots" aria-hidden="true">
                {dishes.slice(0, 3).map((dish) => (
                  <i key={dish.of} style={{ background: tapeColour(dish.of ?? dish.name) }} />
                ))}
                {wrong && <b>!</b>}
              </span>
            </button>
          );
        })}
      </div>
    </>
  );
}

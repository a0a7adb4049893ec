import type { Schema } from '../../api/client';
import { shortDay, tapeColour } from '../../kit/words';

/** "Mo 23". */
const narrowDay = (iso: string) => shortDay(iso).replace(/^(\w\w)\w* (\d+).*$/, '$1 $2');

/** The days as a row to choose from, and to drop a meal on: the main dish of each as a dot. */
export function Days({
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
  return (
    <div className="days">
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
            className={`days-one ${over === day.date && over !== on ? 'days-over' : ''}`}
            onClick={() => choose(day.date)}
          >
            {narrowDay(day.date)}
            <span className="days-dots" aria-hidden="true">
              {dishes.slice(0, 3).map((dish) => (
                <i key={dish.of} style={{ background: tapeColour(dish.of ?? dish.name) }} />
              ))}
              {wrong && <b>!</b>}
            </span>
          </button>
        );
      })}
    </div>
  );
}

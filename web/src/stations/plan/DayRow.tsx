import type { Schema } from '../../api/client';
import { Tape } from '../../kit/kit';
import { clockTime, mealWords, ribbonDay, shortDay } from '../../kit/words';
import { kindWords, type MealName } from './meals';

/** One day: its meals, and a way to one more. */
export function DayRow({ day, open }: { day: Schema['PlanDay']; open: (meal: MealName | undefined) => void }) {
  const weekend = /^(Sat|Sun)/.test(shortDay(day.date));
  return (
    <li
      className={`row grid-cols-[4.6rem_minmax(0,1fr)] px-2 md:grid-cols-[7.4rem_minmax(0,1fr)] ${weekend ? 'bg-base-100' : ''}`}
    >
      <span className="grid content-start justify-items-start">
        <span className="display text-lg">{shortDay(day.date)}</span>
        <button
          type="button"
          className="btn btn-ghost px-0 text-sm font-normal"
          aria-label={`another meal on ${shortDay(day.date)}`}
          onClick={() => open(undefined)}
        >
          + meal
        </button>
      </span>
      <span className="grid gap-1">
        {day.meals.map((meal) => (
          <MealRow
            key={meal.meal}
            date={day.date}
            meal={meal}
            only={day.meals.length === 1}
            open={() => open(meal.meal)}
          />
        ))}
      </span>
    </li>
  );
}

/** One meal: when, what, and what to know about it. */
function MealRow({
  date,
  meal,
  only,
  open,
}: {
  date: string;
  meal: Schema['DayMealView'];
  only: boolean;
  open: () => void;
}) {
  const slot = meal.slot;
  const usual = meal.usual.id !== undefined && meal.usual.kind !== 'COOK' ? kindWords[meal.usual.kind] : 'nothing yet';
  return (
    <button
      type="button"
      onClick={open}
      className="grid w-full cursor-pointer grid-cols-1 gap-x-4 rounded text-left hover:bg-base-300 md:grid-cols-[5.4rem_minmax(0,18rem)_minmax(0,1fr)]"
    >
      <span className="max-md:flex max-md:gap-2">
        <span className="sr-only">
          {shortDay(date)}, {mealWords[meal.meal]}{' '}
        </span>
        <span className="figure text-lg font-bold">{slot?.tableTime ?? meal.usual.tableTime}</span>
        {(!only || meal.meal !== 'DINNER') && <span className="quiet block text-sm">{mealWords[meal.meal]}</span>}
      </span>
      <span className="grid content-start gap-1">
        {!slot && <span className="quiet">{usual}</span>}
        {slot && slot.dishes.length === 0 && <span className="quiet">{kindWords[slot.kind]}</span>}
        {slot?.dishes.map((dish, i) =>
          dish.kind === 'SIDE' || dish.kind === 'TASK' ? (
            <span key={dish.name} className="pl-3 text-sm">
              {dish.kind === 'SIDE' ? 'with ' : ''}
              {dish.name}
            </span>
          ) : (
            <Tape key={dish.of ?? i} name={dish.name} of={dish.of ?? dish.name}>
              {dish.cookOn
                ? `cooked ${ribbonDay(dish.cookOn)}`
                : kindWords[dish.kind === 'BATCH' ? 'STOCK' : slot.kind]}
            </Tape>
          ),
        )}
        {slot && slot.guests.length > 0 && (
          <span className="pl-3 text-sm">guests: {slot.guests.map((guest) => guest.name).join(', ')}</span>
        )}
        {slot?.note && <span className="quiet pl-3 text-sm">{slot.note}</span>}
      </span>
      <span className="text-sm">
        {slot?.start && slot.dishes.length > 0 && !slot.start.endsWith(slot.tableTime) && (
          <span className="figure mr-3 font-bold">begin {clockTime(slot.start, date)}</span>
        )}
        {meal.remarks.map((remark) => (
          <span
            key={remark.words}
            title={remark.why}
            className={`block ${remark.level === 'STOP' ? 'font-bold text-accent' : remark.level === 'DO' ? 'font-semibold text-primary' : 'quiet'}`}
          >
            {remark.words}
          </span>
        ))}
      </span>
    </button>
  );
}

import type { Schema } from '../../api/client';
import { counted, ribbonDay, tapeColour } from '../../kit/words';
import type { useMoving } from './useMoving';

/** Evenings that are offered for what nobody eats yet. */
const OFFERED = 6;

/** Dinners nobody has decided, from a day on. */
function open(plan: Schema['PlanView'], from: string): string[] {
  return plan.days
    .filter((day) => day.date >= from)
    .filter((day) => {
      const slot = day.meals.find((meal) => meal.meal === 'DINNER')?.slot;
      return !slot || (slot.state === 'PLANNED' && !slot.locked && slot.kind !== 'OUT' && slot.dishes.length === 0);
    })
    .map((day) => day.date)
    .slice(0, OFFERED);
}

/** What is cooked ahead and nobody eats yet: onto which evenings it goes, each with one tap. */
export function WhereTo({ plan, hands }: { plan: Schema['PlanView']; hands: ReturnType<typeof useMoving> }) {
  const loose = plan.inStock.filter((dish) => dish.cookOn && dish.free > 0);
  if (loose.length === 0) {
    return null;
  }
  return (
    <section className="mt-4" aria-label="Nobody’s yet">
      <h2 className="text-xl">Cooked ahead, and nobody’s yet: where do they go?</h2>
      <ul>
        {loose.map((dish) => {
          const days = open(plan, dish.cookOn ?? plan.today);
          const many = dish.free < dish.portions ? `${dish.free} of ` : '';
          return (
            <li key={dish.batch} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
              <span className="tape plate-tape tape-name" style={{ background: tapeColour(dish.batch) }}>
                {dish.name}
              </span>
              <span className="quiet">
                {many}
                {counted(dish.portions, 'portion')}, cooked {ribbonDay(dish.cookOn ?? plan.today)}
              </span>
              {days.map((day) => (
                <button
                  key={day}
                  type="button"
                  className="btn btn-outline btn-sm min-h-11"
                  aria-label={`${dish.name} on ${ribbonDay(day)}`}
                  disabled={hands.busy}
                  onClick={() => hands.put({ day, meal: 'DINNER' }, { batch: dish.batch, name: dish.name })}
                >
                  {ribbonDay(day)}
                </button>
              ))}
            </li>
          );
        })}
      </ul>
      <p className="quiet mt-1">What is left here is packed for the freezer.</p>
    </section>
  );
}

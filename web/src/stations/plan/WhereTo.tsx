import type { Schema } from '../../api/client';
import { counted, ribbonDay } from '../../kit/words';
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
  return (
    <>
      {loose.map((dish) => {
        const days = open(plan, dish.cookOn ?? plan.today);
        const many = dish.free < dish.portions ? `${dish.free} of ` : '';
        return (
          <section key={dish.batch} className="enamel mt-2 p-3" aria-label={`Where does ${dish.name} go?`}>
            <p className="mb-2">
              <b>{dish.name}</b>, cooked {ribbonDay(dish.cookOn ?? plan.today)}: {many}
              {counted(dish.portions, 'portion')} {dish.free === 1 ? 'is' : 'are'} nobody’s yet. Where do they go?
            </p>
            <div className="flex flex-wrap gap-1">
              {days.map((day) => (
                <button
                  key={day}
                  type="button"
                  className="btn btn-outline"
                  aria-label={`${dish.name} on ${ribbonDay(day)}`}
                  disabled={hands.busy}
                  onClick={() => hands.put({ day, meal: 'DINNER' }, { batch: dish.batch, name: dish.name })}
                >
                  {ribbonDay(day)}
                </button>
              ))}
              <span className="quiet self-center">
                {days.length === 0 ? 'every evening is decided: ' : ''}left here, they are packed for the freezer
              </span>
            </div>
          </section>
        );
      })}
    </>
  );
}

import type { Problem, Schema } from '../../api/client';
import { Field, Several } from '../../kit/Field';
import { FieldProblem, OneOf } from '../../kit/kit';
import { ribbonDay, styleWords } from '../../kit/words';
import type { DishForm } from './DishFields';

type Style = NonNullable<Schema['DishInput']['style']>;
const styles = (['COOKED', 'READY_TO_BAKE', 'RAW_BAG'] as const).map((style): [Style, string] => [
  style,
  styleWords[style],
]);

/** How many days behind its cook day are offered to eat of it. */
const OFFERED = 10;

/** When a dish is cooked: for its meal, or ahead in one pot for several. */
export function Ahead({
  at,
  date,
  plan,
  dish,
  set,
  problem,
}: {
  at: number;
  date: string;
  plan: Schema['PlanView'];
  dish: DishForm;
  set: (dish: DishForm) => void;
  problem: Problem | undefined;
}) {
  const days = plan.days.map((day) => day.date);
  const before = days.filter((day) => day <= date).slice(-OFFERED);
  const from = days.indexOf(dish.cookOn);
  const others = plan.days
    .slice(from, from + OFFERED)
    .filter((day) => day.date !== date)
    .filter((day) => {
      const slot = day.meals.find((meal) => meal.meal === 'DINNER')?.slot;
      return !slot || (slot.state === 'PLANNED' && !slot.locked && slot.kind !== 'OUT');
    });
  return (
    <>
      <fieldset>
        <legend className="font-semibold">Cooked</legend>
        <OneOf
          of="Cooked"
          choices={[['', 'for this meal'], ...before.map((day): [string, string] => [day, ribbonDay(day)])]}
          chosen={dish.cookOn}
          choose={(cookOn) => set({ ...dish, cookOn, also: dish.also.filter((day) => cookOn !== '' && day >= cookOn) })}
        />
        <FieldProblem at={`/dishes/${at}/cookOn`} problem={problem} />
      </fieldset>
      {dish.cookOn !== '' && (
        <>
          <Several
            label="Eaten on, too"
            chosen={dish.also}
            set={(also) => set({ ...dish, also })}
            of={others.map((day) => [day.date, ribbonDay(day.date)])}
          />
          <Field
            label="Makes in all"
            kind="number"
            value={dish.makes}
            set={(makes) => set({ ...dish, makes })}
            at={`/dishes/${at}/makes`}
            problem={problem}
            placeholder="as many as eat of it"
            hint="12: the plan then asks where the rest of them go"
          />
          <fieldset>
            <legend className="font-semibold">How far</legend>
            <OneOf of="How far" choices={styles} chosen={dish.style} choose={(style) => set({ ...dish, style })} />
          </fieldset>
        </>
      )}
    </>
  );
}

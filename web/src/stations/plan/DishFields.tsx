import type { Problem, Schema } from '../../api/client';
import { Field, Several } from '../../kit/Field';
import { FieldProblem } from '../../kit/kit';
import { Suggestions } from '../../kit/Suggestions';

/** A dish as typed, or one from the stock; `eaters` empty for everybody. */
export type DishForm = { name: string; batch: string | undefined; portions: string; eaters: string[]; frozen: boolean };

export const emptyDish: DishForm = { name: '', batch: undefined, portions: '', eaters: [], frozen: false };

/** One dish of a meal; where there are several, who eats of it. */
export function DishFields({
  at,
  dish,
  set,
  fromStock,
  inStock,
  eaters,
  problem,
}: {
  at: number;
  dish: DishForm;
  set: (dish: DishForm) => void;
  fromStock: boolean;
  inStock: Schema['InStock'][];
  eaters: { id: string; name: string }[];
  problem: Problem | undefined;
}) {
  return (
    <div className="grid gap-2">
      {fromStock && (
        <fieldset>
          <legend className="font-semibold">What is there</legend>
          {inStock.length === 0 && <p className="quiet">No dish is in stock.</p>}
          <div className="flex flex-wrap gap-1">
            {inStock.map((there) => (
              <button
                key={there.batch}
                type="button"
                aria-pressed={dish.batch === there.batch}
                className={`btn h-auto min-h-11 ${dish.batch === there.batch ? 'btn-primary' : 'btn-outline'}`}
                onClick={() => set({ ...dish, batch: there.batch, name: there.name })}
              >
                {there.name} · {there.portions}
              </button>
            ))}
          </div>
        </fieldset>
      )}
      <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_8rem]">
        <div>
          <Field
            label={at === 0 ? 'Dish' : `Dish ${at + 1}`}
            value={dish.name}
            set={(name) => set({ ...dish, name, batch: undefined, frozen: false })}
            at={`/dishes/${at}/text`}
            problem={problem}
            hint={at === 0 ? 'a recipe, something in stock, or just a name' : ''}
          />
          {!dish.batch && !fromStock && <Suggestions text={dish.name} choose={(name) => set({ ...dish, name })} />}
        </div>
        <Field
          label="Portions"
          kind="number"
          value={dish.portions}
          set={(portions) => set({ ...dish, portions })}
          at={`/dishes/${at}/portions`}
          problem={problem}
          placeholder="for all"
        />
      </div>
      {eaters.length > 0 && (
        <Several
          label={`Dish ${at + 1} is for`}
          chosen={dish.eaters}
          set={(chosen) => set({ ...dish, eaters: chosen })}
          of={eaters.map((person) => [person.id, person.name])}
        />
      )}
      <FieldProblem at={`/dishes/${at}/eaters`} problem={problem} />
    </div>
  );
}

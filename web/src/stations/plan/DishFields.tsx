import type { Problem, Schema } from '../../api/client';
import { Field, Several } from '../../kit/Field';
import { FieldProblem } from '../../kit/kit';
import { Suggestions } from '../../kit/Suggestions';
import { ribbonDay } from '../../kit/words';
import { Ahead } from './Ahead';

/** A dish as typed, or one from the stock; `eaters` empty for everybody. */
export type DishForm = {
  name: string;
  batch: string | undefined;
  portions: string;
  eaters: string[];
  frozen: boolean;
  /** The day it is cooked ahead, empty for the meal itself; how far, and the other days it is eaten. */
  cookOn: string;
  style: NonNullable<Schema['DishInput']['style']>;
  also: string[];
  /** Portions that are cooked ahead in all; empty for as many as its meals eat. */
  makes: string;
};

export const emptyDish: DishForm = {
  name: '',
  batch: undefined,
  portions: '',
  eaters: [],
  frozen: false,
  cookOn: '',
  style: 'COOKED',
  also: [],
  makes: '',
};

/** "12 · 4 free · cooked Sun 6". */
function thereWords(there: Schema['InStock']): string {
  const free = there.free < there.portions ? ` · ${there.free} free` : '';
  return `${there.portions}${free}${there.cookOn ? ` · cooked ${ribbonDay(there.cookOn)}` : ''}`;
}

/** One dish of a meal; where there are several, who eats of it. */
export function DishFields({
  at,
  dish,
  set,
  fromStock,
  date,
  plan,
  eaters,
  problem,
}: {
  at: number;
  dish: DishForm;
  set: (dish: DishForm) => void;
  fromStock: boolean;
  date: string;
  plan: Schema['PlanView'];
  eaters: { id: string; name: string }[];
  problem: Problem | undefined;
}) {
  // nothing is cooked before it is eaten
  const there = plan.inStock.filter((one) => !one.cookOn || one.cookOn <= date);
  const text = dish.name.trim().toLowerCase();
  const called = there.filter((one) => text.length > 1 && one.name.toLowerCase().includes(text));
  const take = (one: Schema['InStock']) => set({ ...dish, batch: one.batch, name: one.name, cookOn: '', also: [] });
  return (
    <div className="grid gap-2">
      {fromStock && (
        <fieldset>
          <legend className="font-semibold">What is there, or will be</legend>
          {there.length === 0 && <p className="quiet">No dish is in stock.</p>}
          <div className="flex flex-wrap gap-1">
            {there.map((one) => (
              <button
                key={one.batch}
                type="button"
                aria-pressed={dish.batch === one.batch}
                className={`btn h-auto min-h-11 ${dish.batch === one.batch ? 'btn-primary' : 'btn-outline'}`}
                onClick={() => take(one)}
              >
                {one.name} · {thereWords(one)}
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
          {!dish.batch && !fromStock && (
            <div className="mt-1 flex flex-wrap gap-1">
              {called.map((one) => (
                <button
                  key={one.batch}
                  type="button"
                  className="btn btn-outline btn-sm h-auto min-h-11"
                  onClick={() => take(one)}
                >
                  {one.name} · {one.cookOn ? '' : 'there: '}
                  {thereWords(one)}
                </button>
              ))}
            </div>
          )}
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
      {!dish.batch && !fromStock && dish.name.trim() !== '' && (
        <Ahead at={at} date={date} plan={plan} dish={dish} set={set} problem={problem} />
      )}
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

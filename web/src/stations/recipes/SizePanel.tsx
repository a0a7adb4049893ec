import { Link } from 'react-router';
import type { Problem, Schema } from '../../api/client';
import { Choice, Field, Several } from '../../kit/Field';
import { shortNumber } from '../../kit/words';
import { howWords, type Size } from './size';

type Props = {
  recipe: Schema['RecipeView'];
  size: Size;
  set: (part: Partial<Size>) => void;
  people: Schema['PersonView'][];
  scaled: Schema['Scaled'] | undefined;
  problem: Problem | undefined;
};

const labels: Partial<Record<Size['how'], string>> = {
  factor: 'Times',
  servings: 'Portions',
  batches: 'Eat now',
  food: 'In hand',
  vessel: 'In hand',
  money: 'Money',
};

const hints: Partial<Record<Size['how'], string>> = { food: '2.3 kg', vessel: '8x8 in', money: '15.00' };

/** By what the recipe is brought to another size; the lines below follow at once. */
export function SizePanel({ recipe, size, set, people, scaled, problem }: Props) {
  return (
    <section className="enamel mb-6 p-4" aria-labelledby="size">
      <div className="flex flex-wrap items-end gap-3">
        <h2 id="size" className="mr-2 mb-2 text-2xl">
          Size
        </h2>
        {[1, 2, 3, 4].map((times) => (
          <button
            key={times}
            type="button"
            aria-pressed={size.how === 'factor' && size.value === String(times)}
            className={`btn min-h-11 min-w-14 ${size.how === 'factor' && size.value === String(times) ? 'btn-primary' : 'btn-outline'}`}
            onClick={() => set({ how: 'factor', value: String(times) })}
          >
            × {times}
          </button>
        ))}
        <Choice
          label="By"
          wide="w-48"
          value={size.how}
          set={(how) => set({ how, value: how === 'factor' ? '2' : how === 'batches' ? '1' : '' })}
          of={howWords}
        />
        {size.how === 'food' && (
          <Choice
            label="Of"
            wide="w-48"
            value={size.food}
            set={(food) => set({ food })}
            of={Object.fromEntries(recipe.lines.filter((line) => line.amount).map((line) => [line.food, line.food]))}
          />
        )}
        {size.how === 'vessel' && (
          <Field
            label="Written for"
            wide="w-32"
            value={size.from}
            set={(from) => set({ from })}
            placeholder="9x13 in"
          />
        )}
        {size.how !== 'people' && (
          <Field
            label={labels[size.how] ?? ''}
            wide="w-28"
            kind={size.how === 'food' || size.how === 'vessel' ? 'text' : 'number'}
            value={size.value}
            set={(value) => set({ value })}
            placeholder={hints[size.how] ?? ''}
          />
        )}
        {size.how === 'batches' && (
          <Field label="Freeze" wide="w-24" kind="number" value={size.freeze} set={(freeze) => set({ freeze })} />
        )}
        <Field
          label="Pots"
          wide="w-20"
          kind="number"
          value={size.pots}
          set={(pots) => set({ pots })}
          placeholder={String(scaled?.vessels ?? 1)}
        />
        <Field label="Bags" wide="w-20" kind="number" value={size.bags} set={(bags) => set({ bags })} placeholder="1" />
        <Choice
          label="Measures"
          wide="w-48"
          value={size.system}
          set={(system) => set({ system })}
          of={{ metric: 'litres and spoons', weight: 'weigh dry food', us: 'cups and spoons' }}
        />
      </div>
      {size.how === 'people' && (
        <div className="mt-3">
          <Several
            label="At the table"
            chosen={people.filter((one) => !size.away.includes(one.id)).map((one) => one.id)}
            set={(chosen) => set({ away: people.map((one) => one.id).filter((id) => !chosen.includes(id)) })}
            of={people.map((one) => [one.id, one.name])}
          />
        </div>
      )}
      <div aria-live="polite">
        {problem && (
          <p role="alert" className="fieldproblem mt-2">
            {problem.detail}
          </p>
        )}
        {scaled && scaled.factor !== '1' && (
          <p className="mt-3">
            <strong className="figure text-2xl">× {shortNumber(scaled.factor)}</strong> makes{' '}
            <strong className="figure text-xl">{shortNumber(scaled.portions)}</strong> portions
            {scaled.vessels > 1 && <> in {scaled.vessels} pots</>} ·{' '}
            <Link to={`/cook/${recipe.id}?factor=${scaled.factor}&vessels=${scaled.vessels}`} className="underline">
              cook it at this size
            </Link>
          </p>
        )}
      </div>
    </section>
  );
}

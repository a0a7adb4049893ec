import { useId, useState } from 'react';
import { answer, api, type Schema } from '../api/client';
import { useFoods, useQuestion } from '../api/queries';
import { useAct } from '../api/useAct';
import { Field, Several } from './Field';
import { OtherProblem } from './kit';

type Allergen = Schema['QuestionView']['allergens'][number];

/** One question about a name nobody has described, answered with a tap; nothing waits for the answer. */
export function Ask({ name, done = () => undefined }: { name: string; done?: () => void }) {
  const id = useId();
  const [other, setOther] = useState('');
  const [like, setLike] = useState<Schema['LikenessView']>();
  const question = useQuestion(name).data;
  const found = useFoods(other).data ?? [];
  const same = useAct(
    'all',
    (key, body: Schema['SameInput']) =>
      answer(api.POST('/api/household/names/same', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  const own = useAct(
    'all',
    (key, body: Schema['OwnInput']) =>
      answer(api.POST('/api/household/names/own', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  if (!question) {
    return null;
  }
  if (like && question.allergens.length > 0) {
    return (
      <Contains
        title={`What is in ${name}, ${like.words}?`}
        of={question.allergens}
        answer={(allergens) => own.act({ name, likeness: like.slug, allergens })}
      />
    );
  }
  const near = other.trim() === '' ? question.near : found;
  return (
    <fieldset className="mt-2 rounded-md border-2 border-[var(--line)] p-3" aria-label={`What is ${name}?`}>
      <div className="flex flex-wrap items-center gap-2">
        <span className="font-semibold">{name} is</span>
        <label className="sr-only" htmlFor={id}>
          Another food that {name} is
        </label>
        <input
          id={id}
          className="input w-44"
          value={other}
          placeholder="another food"
          onChange={(event) => setOther(event.target.value)}
        />
        {near.map((food) => (
          <button
            key={food.key}
            type="button"
            className="btn btn-outline btn-sm min-h-11"
            onClick={() => same.act({ name, food: food.key })}
          >
            {food.name}
          </button>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <span className="quiet">or its own:</span>
        {question.likenesses.map((one) => (
          <button
            key={one.slug}
            type="button"
            className="btn btn-ghost btn-sm min-h-11"
            onClick={() => (question.allergens.length > 0 ? setLike(one) : own.act({ name, likeness: one.slug }))}
          >
            {one.words}
          </button>
        ))}
      </div>
      <OtherProblem problem={same.problem ?? own.problem} fields={[]} />
    </fieldset>
  );
}

/** What a bunch, a jar, a piece weighs: asked once, where a price waits for it. */
export function AskMeasure({ food, unit }: { food: string; unit: string }) {
  const [amount, setAmount] = useState('');
  const save = useAct('all', (key, body: Schema['MeasureInput']) =>
    answer(api.POST('/api/household/measures', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-2 rounded-md border-2 border-[var(--line)] p-3"
      onSubmit={(event) => {
        event.preventDefault();
        save.act({ food, unit, amount });
      }}
    >
      <Field
        label={`1 ${unit} of ${food} is about`}
        wide="w-28"
        value={amount}
        placeholder="40 g"
        set={(value) => {
          setAmount(value);
          save.forget();
        }}
        at="/amount"
        problem={save.problem}
      />
      <button type="submit" className="btn btn-outline" disabled={save.busy || amount.trim() === ''}>
        Remember it
      </button>
      <OtherProblem problem={save.problem} fields={['/amount']} />
    </form>
  );
}

/** Asked only where somebody who eats here has an allergen. */
function Contains(props: { title: string; of: Allergen[]; answer: (allergens: Allergen[] | undefined) => void }) {
  const [chosen, setChosen] = useState<Allergen[]>([]);
  return (
    <div className="mt-2 rounded-md border-2 border-[var(--line)] p-3">
      <Several
        label={props.title}
        chosen={chosen}
        set={setChosen}
        of={props.of.map((allergen) => [allergen, allergen.toLowerCase()])}
      />
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn btn-outline btn-sm min-h-11" onClick={() => props.answer(chosen)}>
          {chosen.length === 0 ? 'none of them' : 'these'}
        </button>
        <button type="button" className="btn btn-outline btn-sm min-h-11" onClick={() => props.answer(undefined)}>
          look at the pack
        </button>
      </div>
    </div>
  );
}

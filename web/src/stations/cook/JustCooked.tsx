import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { whole } from '../../kit/words';
import { type Also, AlsoRows } from './AlsoRows';

/** Cooked without a recipe: a name, what went in, what came out. */
export function JustCooked() {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [portions, setPortions] = useState('');
  const [used, setUsed] = useState<Also[]>([]);
  const cook = useAct(
    'stock',
    (key, body: Schema['JustInput']) =>
      answer(api.POST('/api/cook/just', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => navigate('/pack'),
  );
  const typed = (set: (value: string) => void) => (value: string) => {
    set(value);
    cook.forget();
  };
  return (
    <form
      className="enamel p-5"
      aria-label="Just cooked"
      onSubmit={(event) => {
        event.preventDefault();
        cook.act({
          name,
          portions: whole(portions, undefined, undefined),
          used: used.map(({ lot, amount }) => ({ lot, amount: amount.trim() === '' ? undefined : amount })),
        });
      }}
    >
      <h2 className="mb-2 text-2xl">Just cooked, without a recipe</h2>
      <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_9rem]">
        <Field label="Called" value={name} set={typed(setName)} at="/name" problem={cook.problem} />
        <Field
          label="Portions out"
          kind="number"
          value={portions}
          set={typed(setPortions)}
          at="/portions"
          problem={cook.problem}
        />
      </div>
      <AlsoRows
        also={used}
        set={(also) => {
          setUsed(also);
          cook.forget();
        }}
        problem={cook.problem}
        field="/used"
      />
      <OtherProblem problem={cook.problem} fields={['/name', '/portions', '/used/']} />
      <button type="submit" className="btn btn-primary mt-3" disabled={cook.busy}>
        Write it down
      </button>
    </form>
  );
}

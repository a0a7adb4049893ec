import { useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { useForm } from '../../kit/useForm';
import { portionsOf } from '../../kit/words';
import { type Also, AlsoRows } from './AlsoRows';

type Form = { name: string; portions: string; cameOut: string; used: Also[]; raw: boolean };

/** Cooked without a recipe: a name, what went in, what came out. */
export function JustCooked() {
  const navigate = useNavigate();
  const cook = useAct(
    'stock',
    (key, body: Schema['JustInput']) =>
      answer(api.POST('/api/cook/just', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => navigate(form.cameOut.trim() === '' ? '/pack' : '/onhand'),
    'just',
  );
  const { form, set } = useForm<Form>(
    { name: '', portions: '', cameOut: '', used: [], raw: false },
    cook.forget,
    'just',
  );
  return (
    <form
      className="enamel p-5"
      aria-label="Just cooked"
      onSubmit={(event) => {
        event.preventDefault();
        cook.act({
          name: form.name,
          portions: portionsOf(form.portions, undefined),
          cameOut: form.cameOut.trim() === '' ? undefined : form.cameOut,
          raw: form.raw || undefined,
          used: form.used.map(({ lot, amount }) => ({ lot, amount: amount.trim() === '' ? undefined : amount })),
        });
      }}
    >
      <h2 className="mb-2 text-2xl">Just cooked, without a recipe</h2>
      <div className="grid gap-4 sm:grid-cols-2">
        <div className="sm:col-span-2">
          <Field label="Called" value={form.name} set={(name) => set({ name })} at="/name" problem={cook.problem} />
        </div>
        <Field
          label="Portions out"
          kind="number"
          value={form.portions}
          set={(portions) => set({ portions })}
          at="/portions"
          problem={cook.problem}
        />
        <Field
          label="or weighed, measured"
          value={form.cameOut}
          set={(cameOut) => set({ cameOut })}
          at="/cameOut"
          problem={cook.problem}
          placeholder="1.2 kg, 2 l, 24"
        />
      </div>
      <label className="mt-3 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={form.raw}
          onChange={(event) => set({ raw: event.target.checked })}
        />
        raw, only put together: it is cooked another day
      </label>
      <AlsoRows also={form.used} set={(used) => set({ used })} problem={cook.problem} field="/used" />
      <OtherProblem problem={cook.problem} fields={['/name', '/portions', '/cameOut', '/used/']} />
      <button type="submit" className="btn btn-primary mt-3" disabled={cook.busy}>
        Write it down
      </button>
    </form>
  );
}

import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useNames } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Ask } from '../../kit/Ask';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';

/** What this kitchen calls what: what was said, what nobody has said yet, and what its bunches and jars weigh. */
export function NameRows() {
  const names = useNames().data;
  if (!names) {
    return null;
  }
  return (
    <section aria-labelledby="names" className="mt-10" id="names-of-this-kitchen">
      <h2 id="names" className="text-2xl">
        What this kitchen calls what
      </h2>
      <p className="quiet mb-3">
        Names the food book does not know. Nothing waits for an answer; one answer holds wherever the name stands.
      </p>
      <div className="grid items-start gap-8 lg:grid-cols-2">
        <UnsaidNames names={names.unsaid} />
        <div>
          <SaidNames names={names.said} />
          <Measures measures={names.measures} />
        </div>
      </div>
      {names.unread.length > 0 && (
        <>
          <h3 className="mt-6 mb-2 text-xl">Cannot be read any more</h3>
          <ul>
            {names.unread.map((line) => (
              <li key={line} className="row fieldproblem">
                {line}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

const FIRST = 8;

/** One question at a time is open. */
function UnsaidNames({ names }: { names: Schema['UnsaidName'][] }) {
  const [open, setOpen] = useState<string>();
  const [all, setAll] = useState(false);
  return (
    <div>
      <h3 className="mb-2 text-xl">Nobody has said what it is</h3>
      {names.length === 0 && <p className="quiet">Everything in the book and on hand is known.</p>}
      <ul>
        {(all ? names : names.slice(0, FIRST)).map((one) => (
          <li key={one.name} className="row grid-cols-[minmax(0,1fr)_auto]">
            <span>
              <span className="font-semibold">{one.name}</span> <span className="quiet">{where(one)}</span>
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-expanded={open === one.name}
              onClick={() => setOpen(open === one.name ? undefined : one.name)}
            >
              Say what it is<span className="sr-only">: {one.name}</span>
            </button>
            {open === one.name && (
              <div className="col-span-full">
                <Ask name={one.name} done={() => setOpen(undefined)} />
              </div>
            )}
          </li>
        ))}
      </ul>
      {names.length > FIRST && !all && (
        <button type="button" className="btn btn-ghost mt-2" onClick={() => setAll(true)}>
          {names.length - FIRST} more
        </button>
      )}
    </div>
  );
}

function where({ recipes, there }: Schema['UnsaidName']) {
  const book = recipes === 0 ? [] : [recipes === 1 ? 'in a recipe' : `in ${recipes} recipes`];
  return [...book, ...(there > 0 ? ['on hand'] : [])].join(', ');
}

function SaidNames({ names }: { names: Schema['SaidName'][] }) {
  const forget = useAct('all', (key, id: string) =>
    answer(
      api.POST('/api/household/names/{id}/forget', { params: { path: { id }, header: { 'Idempotency-Key': key } } }),
    ),
  );
  return (
    names.length > 0 && (
      <>
        <h3 className="mb-2 text-xl">Said here</h3>
        <ul>
          {names.map((one) => (
            <li key={one.id} className="row grid-cols-[minmax(0,1fr)_auto]">
              <span>
                <span className="font-semibold">{one.name}</span> is {one.is}
                {one.allergens && <span className="quiet"> · {one.allergens}</span>}
              </span>
              <button type="button" className="btn btn-ghost" disabled={forget.busy} onClick={() => forget.act(one.id)}>
                Not so<span className="sr-only">: {one.name}</span>
              </button>
            </li>
          ))}
        </ul>
        <OtherProblem problem={forget.problem} fields={[]} />
      </>
    )
  );
}

function Measures({ measures }: { measures: Schema['MeasureView'][] }) {
  const [open, setOpen] = useState(false);
  const forget = useAct('all', (key, id: string) =>
    answer(
      api.POST('/api/household/measures/{id}/forget', { params: { path: { id }, header: { 'Idempotency-Key': key } } }),
    ),
  );
  return (
    <>
      <h3 className="mt-4 mb-2 flex items-center justify-between text-xl">
        Bunches, jars, pieces here
        <button type="button" className="btn btn-ghost" onClick={() => setOpen(!open)} aria-expanded={open}>
          One more
        </button>
      </h3>
      {open && <MeasureForm done={() => setOpen(false)} />}
      {measures.length === 0 && !open && <p className="quiet">What the book says holds; say where yours differ.</p>}
      <ul>
        {measures.map((one) => (
          <li key={one.id} className="row grid-cols-[minmax(0,1fr)_auto]">
            <span>
              1 {one.unit} of {one.food} is <span className="figure font-semibold">{one.amount}</span>
            </span>
            <button type="button" className="btn btn-ghost" disabled={forget.busy} onClick={() => forget.act(one.id)}>
              Not so<span className="sr-only">: {one.food}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}

function MeasureForm({ done }: { done: () => void }) {
  const [unit, setUnit] = useState('bunch');
  const [food, setFood] = useState('');
  const [amount, setAmount] = useState('');
  const save = useAct(
    'all',
    (key, body: Schema['MeasureInput']) =>
      answer(api.POST('/api/household/measures', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  const typed = (set: (value: string) => void) => (value: string) => {
    set(value);
    save.forget();
  };
  return (
    <form
      className="enamel my-2 grid gap-3 p-4 sm:grid-cols-[7rem_minmax(0,1fr)_8rem]"
      onSubmit={(event) => {
        event.preventDefault();
        save.act({ food, unit, amount });
      }}
    >
      <Field label="One" value={unit} set={typed(setUnit)} at="/unit" problem={save.problem} placeholder="bunch" />
      <Field label="of" value={food} set={typed(setFood)} at="/food" problem={save.problem} placeholder="mint" />
      <Field label="is" value={amount} set={typed(setAmount)} at="/amount" problem={save.problem} placeholder="40 g" />
      <OtherProblem problem={save.problem} fields={['/unit', '/food', '/amount']} />
      <button type="submit" className="btn btn-primary sm:col-span-3 sm:justify-self-start" disabled={save.busy}>
        Write down
      </button>
    </form>
  );
}

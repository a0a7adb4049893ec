import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { dietWords, whole } from '../../kit/words';
import { PersonForm } from './PersonForm';
import { allergenWords, appetiteWords, flagWords } from './words';

type Person = Schema['PersonView'];

/** Everybody at the table; a tap opens one to change. */
export function PeopleRows({ people, allergens }: { people: Person[]; allergens: Person['allergens'] }) {
  const [open, setOpen] = useState<string>();
  return (
    <section aria-labelledby="who-eats">
      <div className="mb-2 flex items-end justify-between">
        <h2 id="who-eats" className="text-2xl">
          Who eats
        </h2>
        {people.length > 0 && (
          <button type="button" className="btn btn-outline" onClick={() => setOpen('new')}>
            Somebody more
          </button>
        )}
      </div>
      {people.length === 0 && open !== 'new' && <Table oneByOne={() => setOpen('new')} />}
      {open === 'new' && <PersonForm person={undefined} allergens={allergens} done={() => setOpen(undefined)} />}
      <ul className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        {people.map((person) =>
          open === person.id ? (
            <li key={person.id} className="sm:col-span-2 xl:col-span-3">
              <PersonForm person={person} allergens={allergens} done={() => setOpen(undefined)} />
            </li>
          ) : (
            <li key={person.id}>
              <button type="button" className="enamel h-full w-full p-4 text-left" onClick={() => setOpen(person.id)}>
                <span className="flex items-baseline justify-between gap-3">
                  <span className={`display text-xl ${person.active ? '' : 'quiet'}`}>{person.name}</span>
                  <span className="figure text-lg font-bold">
                    {person.portions}
                    <span className="sr-only"> plates</span>
                  </span>
                </span>
                <span className="quiet block text-sm">
                  {person.active ? appetiteWords[person.appetite] : 'has moved out'}
                </span>
                <Bears person={person} />
              </button>
            </li>
          ),
        )}
      </ul>
    </section>
  );
}

function Bears({ person }: { person: Person }) {
  const words = [
    ...person.diets.map((d) => dietWords[d]),
    ...person.allergens.map((a) => `no ${allergenWords[a]}`),
    ...person.flags.map((f) => flagWords[f]),
    ...person.dislikes.map((d) => `does not like ${d}`),
    ...(person.chilli === 0 ? ['no chilli'] : []),
  ];
  return words.length > 0 ? (
    <span className="mt-1 block text-sm font-semibold text-accent">{words.join(' · ')}</span>
  ) : null;
}

const heads = [
  ['adults', 'Adults'],
  ['teenagers', 'Teenagers'],
  ['children9to13', 'Children 9–13'],
  ['children4to8', 'Children 4–8'],
  ['under4', 'Under 4'],
] as const;

/** A quick start: how many, names later. */
function Table({ oneByOne }: { oneByOne: () => void }) {
  const [count, setCount] = useState<Record<string, string>>({ adults: '2' });
  const act = useAct('all', (key, body: Schema['TableInput']) =>
    answer(api.POST('/api/household/table', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  const of = (head: string) => whole(count[head] ?? '', 0);
  return (
    <form
      className="enamel p-5"
      onSubmit={(event) => {
        event.preventDefault();
        act.act({
          adults: of('adults'),
          teenagers: of('teenagers'),
          children9to13: of('children9to13'),
          children4to8: of('children4to8'),
          under4: of('under4'),
        });
      }}
    >
      <p className="mb-3 text-lg">How many sit at the table? Names, allergies and dislikes can come later.</p>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-5">
        {heads.map(([head, words]) => (
          <Field
            key={head}
            label={words}
            kind="number"
            value={count[head] ?? ''}
            set={(value) => {
              setCount({ ...count, [head]: value });
              act.forget();
            }}
            at={`/${head}`}
            problem={act.problem}
          />
        ))}
      </div>
      <OtherProblem problem={act.problem} fields={heads.map(([head]) => `/${head}`)} />
      <div className="mt-4 flex gap-3">
        <button type="submit" className="btn btn-primary" disabled={act.busy}>
          Set the table
        </button>
        <button type="button" className="btn btn-ghost" onClick={oneByOne}>
          One by one
        </button>
      </div>
    </form>
  );
}

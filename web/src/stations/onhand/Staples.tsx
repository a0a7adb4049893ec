import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OneOf, OtherProblem } from '../../kit/kit';

type Level = Schema['LevelInput']['level'];

const levels: [Level, string][] = [
  ['HAVE', 'have'],
  ['LOW', 'low'],
  ['OUT', 'out'],
];

/** What is not counted: one tap says how it stands; low and out go on the list. */
export function Staples({ staples }: { staples: Schema['LotView'][] }) {
  const set = useAct('stock', (key, { lot, level }: { lot: string; level: Level }) =>
    answer(
      api.POST('/api/lots/{id}/level', {
        params: { path: { id: lot }, header: { 'Idempotency-Key': key } },
        body: { level },
      }),
    ),
  );
  if (staples.length === 0) {
    return null;
  }
  return (
    <section className="enamel p-4" aria-labelledby="staples">
      <h2 id="staples" className="mb-1 text-xl">
        Not counted
      </h2>
      <p className="quiet text-sm">low and out go on the shopping list</p>
      <ul>
        {staples.map((lot) => (
          <li key={lot.id} className="row grid-cols-[minmax(0,1fr)_auto] last:border-0">
            <span className="font-semibold">{lot.name}</span>
            <OneOf
              of={lot.name}
              choices={levels}
              chosen={levels.find(([, words]) => words === lot.level)?.[0]}
              choose={(level) => set.act({ lot: lot.id, level })}
            />
          </li>
        ))}
      </ul>
      <OtherProblem problem={set.problem} fields={[]} />
    </section>
  );
}

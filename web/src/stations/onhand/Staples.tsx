import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OtherProblem } from '../../kit/kit';
import type { Lot } from './OnHand';

type Level = Schema['LevelInput']['level'];

const levels: [Level, string][] = [
  ['HAVE', 'have'],
  ['LOW', 'low'],
  ['OUT', 'out'],
];

/** What is not counted: one tap says how it stands; low and out go on the list. */
export function Staples({ staples }: { staples: Lot[] }) {
  const set = useAct((key, { lot, level }: { lot: string; level: Level }) =>
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
            <span className="join">
              {levels.map(([level, words]) => (
                <button
                  key={level}
                  type="button"
                  aria-pressed={lot.level === words}
                  aria-label={`${lot.name}: ${words}`}
                  className={`btn join-item ${lot.level === words ? 'btn-primary' : 'btn-outline'}`}
                  onClick={() => set.act({ lot: lot.id, level })}
                >
                  {words}
                </button>
              ))}
            </span>
          </li>
        ))}
      </ul>
      <OtherProblem problem={set.problem} fields={[]} />
    </section>
  );
}

import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OtherProblem } from '../../kit/kit';
import { allergenWords } from '../household/words';

type Look = Schema['LookView'];

/** Packs that must be looked at, since somebody who eats here must not eat something; one tap keeps what was seen. */
export function LookFirst({ look }: { look: Look[] }) {
  const say = useAct('all', (key, body: Schema['LookedInput']) =>
    answer(api.POST('/api/household/looked', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  if (look.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="look-first" className="mb-6">
      <h2 id="look-first" className="mb-2 text-2xl">
        Look at the pack
      </h2>
      <ul className="grid gap-2">
        {look.map((one) => (
          <li key={one.food} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span>
              <strong>{one.name}</strong>
              {one.often.length > 0 && (
                <span className="text-accent"> often has {one.often.map((a) => allergenWords[a]).join(', ')}</span>
              )}
              {one.ask.length > 0 && (
                <span className="text-accent">
                  {' '}
                  · ask its maker about {one.ask.map((a) => allergenWords[a]).join(', ')}: packs need not name it here
                </span>
              )}
            </span>
            <span className="flex flex-wrap gap-2">
              {one.allergens.length > 0 && (
                <button
                  type="button"
                  className="btn btn-outline btn-sm min-h-11"
                  disabled={say.busy}
                  onClick={() => say.act({ food: one.food, named: [], clear: one.allergens })}
                >
                  no {one.allergens.map((a) => allergenWords[a]).join(', no ')} on it
                </button>
              )}
              {one.allergens.map((allergen) => (
                <button
                  key={allergen}
                  type="button"
                  className="btn btn-ghost btn-sm min-h-11"
                  disabled={say.busy}
                  onClick={() => say.act({ food: one.food, named: [allergen], clear: [] })}
                >
                  it names {allergenWords[allergen]}
                </button>
              ))}
            </span>
          </li>
        ))}
      </ul>
      <OtherProblem problem={say.problem} fields={[]} />
    </section>
  );
}

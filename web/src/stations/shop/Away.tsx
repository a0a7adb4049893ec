import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useHousehold } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { shortDay } from '../../kit/words';

type Props = { inBasket: string; done: (soon: Schema['SoonView'][]) => void };

/** Home: one till total, then everything goes to its place. */
export function Away({ inBasket, done }: Props) {
  const [till, setTill] = useState('');
  const away = useAct(
    'stock',
    (key, body: Schema['AwayInput']) =>
      answer(api.POST('/api/shop/away', { params: { header: { 'Idempotency-Key': key } }, body })),
    (answered) => {
      setTill('');
      done(answered.soon);
    },
  );
  return (
    <form
      className="mt-4 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        away.act({ till: till.trim() === '' ? undefined : till });
      }}
    >
      <Field
        label="The till said"
        kind="number"
        wide="w-36"
        value={till}
        set={(value) => {
          setTill(value);
          away.forget();
        }}
        at="/till"
        problem={away.problem}
        placeholder={inBasket}
      />
      <button type="submit" className="btn btn-primary btn-lg" disabled={away.busy}>
        Home: put it away
      </button>
      <OtherProblem problem={away.problem} fields={['/till']} />
    </form>
  );
}

/** What came home and keeps only days. */
export function Soon({ soon }: { soon: Schema['SoonView'][] }) {
  const freezer = (useHousehold().data?.places ?? []).find((place) => place.kind === 'FREEZER');
  const [frozen, setFrozen] = useState<string[]>([]);
  const freeze = useAct('stock', async (key, lot: string) => {
    const said = await answer(
      api.POST('/api/lots/{id}', {
        params: { path: { id: lot }, header: { 'Idempotency-Key': key } },
        body: { hand: 'MOVE', place: freezer?.id },
      }),
    );
    setFrozen((now) => [...now, lot]);
    return said;
  });
  const open = soon.filter((lot) => !frozen.includes(lot.lot));
  if (open.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="soon" className="enamel mb-6 p-4">
      <h2 id="soon" className="text-xl">
        Keeps only days
      </h2>
      <ul>
        {open.map((lot) => (
          <li key={lot.lot} className="row grid-cols-[minmax(0,1fr)_auto] last:border-0">
            <span>
              <strong>{lot.name}</strong> <span className="figure">{lot.amount}</span>: cook by {shortDay(lot.cookBy)}
              {lot.freezes && ', or freeze tonight'}
            </span>
            {lot.freezes && freezer && (
              <button type="button" className="btn btn-outline" onClick={() => freeze.act(lot.lot)}>
                Freeze it<span className="sr-only">: {lot.name}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      <OtherProblem problem={freeze.problem} fields={[]} />
    </section>
  );
}

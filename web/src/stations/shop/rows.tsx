import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Ask, AskMeasure } from '../../kit/Ask';
import { Money, OtherProblem } from '../../kit/kit';
import { shortDay, whole } from '../../kit/words';

type Wanted = Schema['WantedView'];

const packsOf = (packs: number, pack: string | undefined) =>
  pack ? (packs > 1 ? `${packs} × ${pack}` : pack) : packs > 1 ? `${packs} ×` : '';

/** One thing to buy, in which of `several` shops: a tap puts it into the basket at the expected price; only a surprise is typed. */
export function WantedRow({
  wanted,
  ask,
  waits,
  several = false,
}: {
  wanted: Wanted;
  ask: boolean;
  waits: boolean;
  several?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const [asking, setAsking] = useState(false);
  const [packs, setPacks] = useState(String(wanted.packs));
  const [pack, setPack] = useState(wanted.pack ?? '');
  const [price, setPrice] = useState(wanted.expected ?? '');
  const tick = useAct('list', (key, body: Schema['TickInput']) =>
    answer(api.POST('/api/shop/tick', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  const send = (too?: boolean) =>
    tick.act({
      food: wanted.food,
      item: wanted.item,
      name: wanted.name,
      packs: whole(packs, 0),
      pack: pack.trim() === '' ? undefined : pack,
      price: price.trim() === '' ? undefined : price,
      shop: wanted.shop,
      too: too || undefined,
    });
  const forget = (set: (value: string) => void) => (event: React.ChangeEvent<HTMLInputElement>) => {
    set(event.target.value);
    tick.forget();
  };
  return (
    <li className="row grid-cols-[44px_minmax(0,1fr)_auto] gap-x-3">
      <button
        type="button"
        className="shop-box"
        aria-label={`In the basket: ${wanted.name}`}
        aria-pressed={waits}
        disabled={tick.busy || waits}
        onClick={() => send()}
      />
      <button type="button" className="packet-open min-h-11" aria-expanded={open} onClick={() => setOpen(!open)}>
        <span className="text-lg font-semibold">{wanted.name}</span>{' '}
        <span className="figure font-bold">{packsOf(wanted.packs, wanted.pack)}</span>
        <span className="quiet block text-sm">
          {wanted.shop && several && <strong>{wanted.shop} · </strong>}
          {wanted.staple && 'staple, low or out'}
          {wanted.need && wanted.need !== wanted.pack && `needs ${wanted.need} · `}
          {wanted.dishes.join(', ')}
          {wanted.firstDay && `, ${shortDay(wanted.firstDay)}`}
          {wanted.why && <span className="text-accent"> {wanted.why}</span>}
          {waits && !tick.busy && <strong> · taken, kept here until the kitchen answers</strong>}
        </span>
      </button>
      <span className="text-right">
        {wanted.expected ? <Money amount={wanted.expected} /> : <span className="quiet text-sm">no price yet</span>}
      </span>
      {open && (
        <div className="no-print col-span-3 flex flex-wrap items-end gap-2 pb-2">
          <label className="text-sm">
            Packs
            <input className="input w-16" inputMode="numeric" value={packs} onChange={forget(setPacks)} />
          </label>
          <label className="text-sm">
            of
            <input className="input w-28" value={pack} placeholder="400 g" onChange={forget(setPack)} />
          </label>
          <label className="text-sm">
            for all of them
            <input className="input w-24" inputMode="decimal" value={price} onChange={forget(setPrice)} />
          </label>
          <button type="button" className="btn btn-primary" disabled={tick.busy} onClick={() => send()}>
            Into the basket
          </button>
        </div>
      )}
      <div className="no-print col-span-3">
        {!waits && <OtherProblem problem={tick.problem} fields={[]} />}
        {!waits && tick.problem?.field === '/too' && (
          <button type="button" className="btn btn-outline mb-2" disabled={tick.busy} onClick={() => send(true)}>
            Bought too
          </button>
        )}
        {ask && !asking && (
          <button type="button" className="btn btn-ghost min-h-11" onClick={() => setAsking(true)}>
            {wanted.known ? `What does 1 ${wanted.asksUnit ?? ''} of ${wanted.name} weigh?` : `What is ${wanted.name}?`}
          </button>
        )}
        {asking &&
          ask &&
          (wanted.known ? <AskMeasure food={wanted.name} unit={wanted.asksUnit ?? ''} /> : <Ask name={wanted.name} />)}
      </div>
    </li>
  );
}

/** Whether something can be asked about it. */
export const asks = (wanted: Wanted) => !wanted.known || wanted.asksUnit !== undefined;

/** What lies in the basket; taking it out undoes the tick. */
export function InBasket({ basket }: { basket: Schema['TickedView'][] }) {
  const out = useAct('list', async (key, act: string) => {
    const undone = await answer(
      api.POST('/api/acts/{act}/undo', { params: { path: { act }, header: { 'Idempotency-Key': key } } }),
    );
    return { act: '', subject: `Out again: ${undone.subject}` };
  });
  return (
    <section aria-labelledby="basket" className="enamel p-4">
      <h2 id="basket" className="text-xl">
        In the basket
      </h2>
      {basket.length === 0 && <p className="quiet">Nothing yet; tap the box of what you took.</p>}
      <ul>
        {basket.map((entry) => (
          <li key={entry.act} className="row grid-cols-[minmax(0,1fr)_auto_auto] last:border-0">
            <span>
              <span className="font-semibold">{entry.name}</span>{' '}
              <span className="figure">{packsOf(entry.packs, entry.pack)}</span>
              {entry.who && <span className="quiet block text-sm">{entry.who}</span>}
            </span>
            {entry.price ? <Money amount={entry.price} /> : <span className="quiet text-sm">no price</span>}
            <button type="button" className="btn btn-ghost" onClick={() => out.act(entry.act)}>
              out<span className="sr-only"> again: {entry.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <OtherProblem problem={out.problem} fields={[]} />
    </section>
  );
}

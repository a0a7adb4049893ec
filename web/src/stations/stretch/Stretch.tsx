import { useState } from 'react';
import type { Schema } from '../../api/client';
import { useStretches } from '../../api/queries';
import { Money, Tape, Waiting } from '../../kit/kit';
import { shortDay } from '../../kit/words';
import { CompareBuys } from './CompareBuys';
import { Cutting } from './Cutting';
import { emptyForm, type Form, formOf } from './form';

/** Big buys: those on hand, those being cut, and "what if". */
export function Stretch() {
  const stretches = useStretches();
  const [chosen, setChosen] = useState<Form>();
  if (!stretches.data) {
    return <Waiting />;
  }
  const { onHand, stretches: stored } = stretches.data;
  const open = stored.filter((one) => one.state === 'OPEN');
  const form = chosen ?? (open[0] ? formOf(open[0]) : undefined);
  return (
    <Cutting key={formKey(form)} start={form ?? emptyForm()} done={() => setChosen(undefined)}>
      <div className="mt-10 grid items-start gap-8 lg:grid-cols-2">
        <section aria-labelledby="big-buys">
          <h2 id="big-buys" className="mb-2 text-2xl">
            Big buys on hand
          </h2>
          {onHand.length === 0 && (
            <p className="quiet">Nothing big is on hand uncut. Write one down under On hand, or ask “what if”.</p>
          )}
          <ul>
            {onHand.map((buy) => (
              <li key={[buy.lot, ...buy.moreLots].join()} className="row grid-cols-[minmax(0,1fr)_auto_auto]">
                <span>
                  <span className="font-semibold">{buy.food}</span>
                  <span className="quiet block text-sm">
                    {buy.moreLots.length > 0 && `${buy.moreLots.length + 1} packs as one buy · `}
                    {buy.placeName}
                    {buy.rawEatBy && ` · raw to ${shortDay(buy.rawEatBy)}`}
                  </span>
                </span>
                <span className="figure">
                  {buy.weight} · <Money amount={buy.price} />
                </span>
                <button type="button" className="btn btn-outline" onClick={() => setChosen(ofBuy(buy))}>
                  {buy.moreLots.length > 0 ? 'Cut all' : 'Cut it'}
                  <span className="sr-only">
                    : {buy.food}, {buy.weight}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <button type="button" className="btn btn-ghost mt-2" onClick={() => setChosen(emptyForm({ version: -1 }))}>
            What if I bought …
          </button>
        </section>
        <Stored stored={stored} choose={(one) => setChosen(formOf(one))} />
      </div>
      <CompareBuys
        choose={({ food, weight, price }) => {
          setChosen(emptyForm({ version: -2, food, weight, price }));
          window.scrollTo({ top: 0 });
        }}
      />
    </Cutting>
  );
}

const formKey = (form: Form | undefined) =>
  form?.id ?? (form?.lot === undefined ? 'what if' : [form.lot, ...form.moreLots].join());

const ofBuy = (buy: Schema['BigBuy']): Form =>
  emptyForm({
    lot: buy.lot,
    moreLots: buy.moreLots,
    food: buy.food,
    weight: buy.weight,
    price: buy.price,
    rawEatBy: buy.rawEatBy,
  });

function Stored({ stored, choose }: { stored: Schema['StretchView'][]; choose: (one: Schema['StretchView']) => void }) {
  return (
    <section aria-labelledby="cut">
      <h2 id="cut" className="mb-2 text-2xl">
        Cut already
      </h2>
      {stored.length === 0 && <p className="quiet">No big buy is cut yet.</p>}
      <ul>
        {stored.map((one) => (
          <li key={one.id} className="row grid-cols-[minmax(0,1fr)_auto]">
            <span>
              <span className="font-semibold">{one.asked.food}</span>
              <span className="quiet block text-sm">
                {one.asked.weight} · {one.state === 'COOKED' ? 'cooked' : 'still raw'} ·{' '}
                {one.asked.shares.map((share) => share.name).join(', ') || 'no parts yet'}
              </span>
              <span className="mt-1 flex flex-wrap gap-2">
                {one.lots.map(
                  (lot) =>
                    lot && (
                      <Tape key={lot.id} name={lot.about} of={lot.id}>
                        {lot.amount}
                      </Tape>
                    ),
                )}
              </span>
            </span>
            {one.state === 'OPEN' && (
              <button type="button" className="btn btn-ghost" onClick={() => choose(one)}>
                Go on
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

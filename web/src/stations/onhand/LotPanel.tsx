import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useHousehold, useLotRule, useSheet } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Ask } from '../../kit/Ask';
import { Field } from '../../kit/Field';
import { KeepsAs } from '../../kit/KeepsAs';
import { FieldProblem, Money, OtherProblem } from '../../kit/kit';
import { Panel } from '../../kit/Panel';
import { counted, shortDay } from '../../kit/words';
import { PutRight } from './PutRight';
import { Urgent } from './Urgent';

type Input = Schema['HandInput'];

/** Where it went, dish by dish, and who wants the rest. */
function Sheet({ lot }: { lot: string }) {
  const sheet = useSheet(lot).data;
  if (!sheet || sheet.uses.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="sheet" className="mt-4">
      <h3 id="sheet" className="text-lg">
        {sheet.whole} of it
      </h3>
      <ul>
        {sheet.uses.map((use) => (
          <li key={`${use.what} ${use.day ?? ''} ${use.amount}`} className="row grid-cols-[minmax(0,1fr)_auto] py-1">
            <span>
              {use.what}
              {use.day && <span className="quiet">, {shortDay(use.day)}</span>}
            </span>
            <span className="figure">
              {use.amount}
              <span className="quiet text-sm">
                {use.measure && ` · ${use.measure}`} · {use.part}
              </span>
            </span>
          </li>
        ))}
      </ul>
      <p className={sheet.closes ? 'quiet' : 'font-semibold text-accent'}>{sheet.words}</p>
    </section>
  );
}

const reasons = ['gone off', 'forgotten', 'not liked', 'burnt', 'freezer burn'];

/** One thing in the hand: use it, move it, open it, count it, bin it. */
export function LotPanel({ lot, close }: { lot: Schema['LotView']; close: () => void }) {
  const rule = useLotRule(lot.id).data;
  const [amount, setAmount] = useState('');
  const [place, setPlace] = useState('');
  const [binning, setBinning] = useState(false);
  const places = (useHousehold().data?.places ?? []).filter((p) => p.kind !== 'COUNTER' && p.id !== lot.place);
  const hand = useAct(
    'stock',
    (key, body: Input) =>
      answer(
        api.POST('/api/lots/{id}', { params: { path: { id: lot.id }, header: { 'Idempotency-Key': key } }, body }),
      ),
    close,
  );
  const keeps = useAct('stock', (key, body: Schema['KeepsInput']) =>
    answer(
      api.POST('/api/lots/{id}/keeps', {
        params: { path: { id: lot.id }, header: { 'Idempotency-Key': key } },
        body,
      }),
    ),
  );
  const typed = amount.trim() === '' ? undefined : amount;
  const how = typed ? '' : ' all';
  return (
    <Panel title={lot.about ? `${lot.name}, ${lot.about}` : lot.name} close={close}>
      <p className="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <span className="figure text-3xl font-bold">
          {lot.portions === undefined ? lot.amount : counted(lot.portions, 'portion')}
        </span>
        {lot.weight && <span className="quiet">{lot.weight}</span>}
        <Money amount={lot.cost} complete={lot.costComplete} />
        {lot.valued && <span className="quiet text-sm">at the newest price seen: nobody wrote what was paid</span>}
        <span className="quiet">
          {lot.placeName} · {lot.age === 'today' ? 'from today' : `${lot.age} old, since ${shortDay(lot.since)}`}
        </span>
        <span className="w-full">
          <Urgent lot={lot} />
          <span className="quiet block min-h-5 text-sm">{rule && `${rule.rule} (${rule.source})`}</span>
        </span>
      </p>
      {rule?.unsaid && <Ask name={rule.unsaid} />}
      <Field
        label="How much"
        value={amount}
        set={(value) => {
          setAmount(value);
          hand.forget();
        }}
        at="/amount"
        problem={hand.problem}
        placeholder={`all ${lot.amount}`}
        hint="leave it open for all of it"
      />
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-primary" onClick={() => hand.act({ hand: 'USE', amount: typed })}>
          Used{how}
        </button>
        <button type="button" className="btn btn-outline" aria-expanded={binning} onClick={() => setBinning(!binning)}>
          Bin{how} …
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => hand.act({ hand: 'GIVE', amount: typed })}>
          Given away{how}
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => hand.act({ hand: 'OPEN' })}>
          Opened
        </button>
        <button
          type="button"
          className="btn btn-ghost"
          disabled={!typed}
          onClick={() => hand.act({ hand: 'COUNT', amount: typed })}
        >
          That is what is there
        </button>
      </div>
      {binning && (
        <fieldset className="mt-3 flex flex-wrap gap-2">
          <legend className="quiet text-sm">Why?</legend>
          {reasons.map((reason) => (
            <button
              key={reason}
              type="button"
              className="btn btn-outline btn-accent"
              onClick={() => hand.act({ hand: 'WASTE', amount: typed, reason })}
            >
              {reason}
            </button>
          ))}
        </fieldset>
      )}
      <div className="mt-4 flex flex-wrap items-end gap-2">
        <label>
          <span className="block font-semibold">Move{how} to</span>
          <select className="select w-64" value={place} onChange={(event) => setPlace(event.target.value)}>
            <option value="">choose a place</option>
            {places.map((choice) => (
              <option key={choice.id} value={choice.id}>
                {choice.name}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="btn btn-outline"
          disabled={place === ''}
          onClick={() => hand.act({ hand: 'MOVE', amount: typed, place })}
        >
          Put it there
        </button>
      </div>
      {rule?.keepsAs && (
        <div className="mt-4">
          <KeepsAs choices={rule.choices} value={rule.keepsAs} set={(keepsAs) => keeps.act({ keepsAs })} />
          <OtherProblem problem={keeps.problem} fields={[]} />
        </div>
      )}
      <PutRight lot={lot} close={close} />
      <Sheet lot={lot.id} />
      <p className="mt-2">
        <Link to={`/costs/flow/${lot.id}`} className="link inline-block min-h-11 content-center">
          Where its money comes from and goes
        </Link>
      </p>
      <p className="quiet mt-1 text-sm">Into the freezer it is frozen today; out of it into the fridge it thaws.</p>
      <FieldProblem at="/place" problem={hand.problem} />
      <OtherProblem problem={hand.problem} fields={['/amount', '/place']} />
    </Panel>
  );
}

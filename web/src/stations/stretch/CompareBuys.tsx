import { useState } from 'react';
import { answer, api, newKey, Refused, type Schema } from '../../api/client';
import { useCompared, useStockUp } from '../../api/pieces';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { Money, OtherProblem } from '../../kit/kit';
import { counted, minuteWords } from '../../kit/words';

type Row = { key: string; food: string; weight: string; price: string };

const empty = (): Row => ({ key: newKey(), food: '', weight: '', price: '' });

/** Whole, pieces, mince, pulses, tins: side by side for the same plates. */
export function CompareBuys({ choose }: { choose: (buy: Row) => void }) {
  const [open, setOpen] = useState(false);
  const [rows, setRows] = useState<Row[]>([empty(), empty()]);
  const [plates, setPlates] = useState('12');
  const stockUp = useStockUp().data;
  const full = rows.filter((row) => [row.food, row.weight, row.price].every((text) => text.trim() !== ''));
  const asked = {
    buys: full.map(({ food, weight, price }) => ({ food, weight, price })),
    plates: Number.parseInt(plates, 10) || 0,
  };
  const compared = useCompared(asked, full.length > 0);
  const problem = full.length > 0 && compared.error instanceof Refused ? compared.error.problem : undefined;
  const put = (key: string, more: Partial<Row>) =>
    setRows(rows.map((row) => (row.key === key ? { ...row, ...more } : row)));
  if (!open) {
    return (
      <button type="button" className="btn btn-ghost mt-8" onClick={() => setOpen(true)}>
        Compare buys side by side
      </button>
    );
  }
  return (
    <section aria-labelledby="compare" className="mt-10">
      <h2 id="compare" className="mb-2 text-2xl">
        Compare buys
      </h2>
      <Field
        label="For plates"
        kind="number"
        wide="w-24"
        value={plates}
        set={setPlates}
        at="/plates"
        problem={problem}
      />
      <ul className="mt-3 grid items-start gap-4 md:grid-cols-2 lg:grid-cols-3">
        {rows.map((row) => {
          const at = full.indexOf(row);
          const buy = at < 0 ? undefined : compared.data?.buys[at];
          return (
            <li key={row.key} className="enamel grid gap-2 p-4">
              <Field
                label="Buy"
                value={row.food}
                set={(food) => put(row.key, { food })}
                at={`/buys/${at}/food`}
                problem={problem}
                placeholder="whole chicken"
              />
              <div className="grid grid-cols-2 gap-2">
                <Field
                  label="Weight"
                  value={row.weight}
                  set={(weight) => put(row.key, { weight })}
                  at={`/buys/${at}/weight`}
                  problem={problem}
                  placeholder="2.5 kg"
                />
                <Field
                  label="Price"
                  kind="number"
                  value={row.price}
                  set={(price) => put(row.key, { price })}
                  at={`/buys/${at}/price`}
                  problem={problem}
                  placeholder="6.40"
                />
              </div>
              {buy && <Compared buy={buy} plates={asked.plates} choose={() => choose(row)} />}
            </li>
          );
        })}
      </ul>
      <OtherProblem
        problem={problem}
        fields={rows
          .flatMap((_, i) => ['food', 'weight', 'price'].map((name) => `/buys/${i}/${name}`))
          .concat('/plates')}
      />
      {stockUp && stockUp.length > 0 && (
        <p className="quiet mt-3">
          stocked up at or under, a kilo: {stockUp.map((one) => `${one.food} ${one.perKilo}`).join(' · ')}
        </p>
      )}
      {rows.length < 6 && (
        <button type="button" className="btn btn-outline mt-3" onClick={() => setRows([...rows, empty()])}>
          Another buy beside them
        </button>
      )}
    </section>
  );
}

function Compared({ buy, plates, choose }: { buy: Schema['BuyView']; plates: number; choose: () => void }) {
  return (
    <>
      <p>
        <span className="figure text-3xl font-bold">
          <Money amount={buy.plate} />
        </span>{' '}
        a plate of {buy.plateGrams} g
      </p>
      <p>
        <Money amount={buy.cookedKilo} /> a kilo cooked · {counted(buy.plates, 'plate')} in it
        {buy.plateProtein && ` · ${buy.plateProtein} g protein a plate`}
      </p>
      <p className="quiet text-sm">
        for {counted(plates, 'plate')}: {buy.needed}, <Money amount={buy.neededCost} />, {minuteWords(buy.handsMin)} of
        hands
        {buy.besides && ` · besides: ${buy.besides}`}
      </p>
      {buy.saves && <p className="quiet text-sm">{buy.saves}</p>}
      {buy.stockUp && <p className="font-semibold">{buy.stockUp}</p>}
      <StockUp buy={buy} />
      <button type="button" className="btn btn-ghost justify-self-start" onClick={choose}>
        Cut this one<span className="sr-only">: {buy.food}</span>
      </button>
    </>
  );
}

/** The price at or under which this household buys more than it needs. */
function StockUp({ buy }: { buy: Schema['BuyView'] }) {
  const [perKilo, setPerKilo] = useState(buy.stockUpPrice ?? '');
  const save = useAct(
    'facts',
    (key, body: Schema['StockUpInput']) =>
      answer(api.POST('/api/stretch/stock-up', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => undefined,
  );
  return (
    <div className="flex items-end gap-2">
      <Field
        label="Stock up at, a kilo"
        kind="number"
        wide="w-36"
        value={perKilo}
        set={setPerKilo}
        at="/perKilo"
        problem={save.problem}
        placeholder="2.20"
      />
      {perKilo.trim() !== (buy.stockUpPrice ?? '') && (
        <button
          type="button"
          className="btn btn-outline"
          disabled={save.busy}
          onClick={() => save.act({ food: buy.food, perKilo })}
        >
          Keep
        </button>
      )}
    </div>
  );
}

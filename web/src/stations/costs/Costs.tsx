import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useBook, useCosts } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { Empty, Heading, Money, OtherProblem, Waiting } from '../../kit/kit';
import { shortDay } from '../../kit/words';
import { Yields } from './Yields';

/** What dishes cost, what weeks cost, and the prices it all comes from. */
export function Costs() {
  const costs = useCosts().data;
  const book = useBook({ sort: 'COST' });
  if (!costs || !book.data) {
    return <Waiting />;
  }
  const costed = book.data.pages.flatMap((page) => page.cards);
  const week = costs.weeks[1];
  return (
    <>
      <Heading title="What it costs" below="what went in, what was paid, what was binned; each sum says which">
        {week && (
          <>
            <Money amount={week.used} big />
            <p className="quiet">
              eaten last week, used · <Money amount={week.paid} /> paid, <Money amount={week.paidADay} /> a day
            </p>
          </>
        )}
      </Heading>
      <div className="grid items-start gap-8 lg:grid-cols-2">
        <div className="grid gap-8">
          <section aria-labelledby="plates">
            <h2 id="plates" className="mb-2 text-2xl">
              A portion, used
            </h2>
            {costed.length === 0 && (
              <Empty to="/recipes" go="To the book">
                No recipe has lines yet; lines make a dish costed.
              </Empty>
            )}
            <ul>
              {costed.map((recipe) => (
                <li key={recipe.id} className="row grid-cols-[minmax(0,1fr)_auto]">
                  <Link to={`/recipes/${recipe.id}`} className="min-h-11 content-center font-semibold hover:underline">
                    {recipe.title}
                  </Link>
                  <span className="text-right">
                    <span className="text-xl">
                      <Money
                        amount={recipe.cost.perPortion ?? ''}
                        complete={recipe.cost.complete}
                        missing={recipe.cost.missing}
                      />
                    </span>
                    {recipe.cost.unknown.length > 0 && (
                      <span className="block text-sm text-accent">
                        {recipe.cost.unknown.length === 1 ? '1 line' : `${recipe.cost.unknown.length} lines`} unknown
                      </span>
                    )}
                  </span>
                </li>
              ))}
            </ul>
            {book.hasNextPage && (
              <button type="button" className="btn btn-outline mt-3" onClick={() => void book.fetchNextPage()}>
                Show more
              </button>
            )}
          </section>
          <Weeks weeks={costs.weeks} />
          <Yields />
        </div>
        <Prices prices={costs.prices} />
      </div>
    </>
  );
}

function Weeks({ weeks }: { weeks: Schema['WeekOf'][] }) {
  return (
    <section aria-labelledby="weeks">
      <h2 id="weeks" className="mb-2 text-2xl">
        By week
      </h2>
      <table className="w-full text-right [&_td+td]:pl-3">
        <thead className="quiet text-sm">
          <tr>
            <th className="text-left font-normal">from</th>
            <th className="font-normal">eaten, used</th>
            <th className="font-normal">paid at the till</th>
            <th className="font-normal">binned</th>
            <th className="font-normal">given away</th>
          </tr>
        </thead>
        <tbody>
          {weeks.map((week) => (
            <tr key={week.monday} className="border-b border-[var(--line)]">
              <td className="figure py-2 text-left">{shortDay(week.monday)}</td>
              <td>
                <Money amount={week.used} />
              </td>
              <td>
                <Money amount={week.paid} />
                {Number(week.paid) > 0 && (
                  <span className="quiet figure block text-sm whitespace-nowrap">
                    <Money amount={week.paidADay} /> a day
                  </span>
                )}
              </td>
              <td>{Number(week.binned) > 0 ? <Money amount={week.binned} /> : <span className="quiet">–</span>}</td>
              <td>{Number(week.given) > 0 ? <Money amount={week.given} /> : <span className="quiet">–</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Prices({ prices }: { prices: Schema['PriceView'][] }) {
  const [food, setFood] = useState('');
  const [pack, setPack] = useState('');
  const [price, setPrice] = useState('');
  const [multi, setMulti] = useState('');
  const [shop, setShop] = useState('');
  const save = useAct(
    'facts',
    (key, body: Schema['PriceInput']) =>
      answer(api.POST('/api/costs/prices', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => {
      setFood('');
      setPack('');
      setPrice('');
      setMulti('');
    },
  );
  const field = (set: (value: string) => void) => (value: string) => {
    set(value);
    save.forget();
  };
  return (
    <section aria-labelledby="prices">
      <h2 id="prices" className="mb-2 text-2xl">
        Price book
      </h2>
      <form
        className="mb-3 grid items-end gap-3 sm:grid-cols-[minmax(0,1fr)_7rem_7rem]"
        onSubmit={(event) => {
          event.preventDefault();
          save.act({
            food,
            pack,
            price,
            multi: multi.trim() === '' ? undefined : multi,
            shop: shop.trim() === '' ? undefined : shop,
          });
        }}
      >
        <Field label="Food" value={food} set={field(setFood)} at="/food" problem={save.problem} />
        <Field label="Pack" value={pack} set={field(setPack)} at="/pack" problem={save.problem} placeholder="1 kg" />
        <Field label="Price" kind="number" value={price} set={field(setPrice)} at="/price" problem={save.problem} />
        <Field
          label="Or several"
          value={multi}
          set={field(setMulti)}
          at="/multi"
          problem={save.problem}
          placeholder="3 for 13.00"
        />
        <Field label="Shop" value={shop} set={field(setShop)} at="/shop" problem={save.problem} placeholder="market" />
        <button type="submit" className="btn btn-primary sm:col-span-2 sm:justify-self-start" disabled={save.busy}>
          Write down
        </button>
      </form>
      <OtherProblem problem={save.problem} fields={['/food', '/pack', '/price', '/multi', '/shop']} />
      {prices.length === 0 && (
        <Empty>No price is written down yet. Prices also come from notes and from the list.</Empty>
      )}
      <ul>
        {prices.map((one) => (
          <li key={one.food} className="row grid-cols-[minmax(0,1fr)_auto_6.5rem]">
            <span>
              <span className="font-semibold">{one.name}</span>
              <span className={`block text-sm ${one.old ? 'font-bold text-accent' : 'quiet'}`}>
                {one.pack} for {one.price}, {shortDay(one.seenOn)}
                {one.shop && `, ${one.shop}`}
                {one.multi && ` · ${one.multi}`}
                {one.old && ': an old price'}
              </span>
            </span>
            <Money amount={one.each} />
            <span className="quiet text-sm">{one.unit}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useShop } from '../../api/queries';
import { useSent } from '../../api/unanswered';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { Empty, Heading, Money, OneOf, OtherProblem, Waiting } from '../../kit/kit';
import { Away, Soon } from './Away';
import { Hand } from './Hand';
import { asks, InBasket, WantedRow } from './rows';
import { Where } from './Where';

type Wanted = Schema['WantedView'];

const spans: [number, string][] = [
  [3, '3 days'],
  [7, '7 days'],
  [14, '14 days'],
];

/** What is missing, by aisle, in packs; a tick books the expected price; at home it is put away. */
export function Shop() {
  const [days, setDays] = useState(7);
  const [text, setText] = useState('');
  const [soon, setSoon] = useState<Schema['SoonView'][]>([]);
  const shop = useShop(days).data;
  // ticked without a network it stays ticked, here and after the screen has asked again
  const sent = useSent('/api/shop/tick');
  const typed = useSent('/api/shop/items');
  const waits = (wanted: Wanted) =>
    sent.some((tick) => (wanted.item ? tick.item === wanted.item : !tick.item && tick.name === wanted.name));
  const add = useAct(
    'list',
    (key, body: Schema['ItemInput']) =>
      answer(api.POST('/api/shop/items', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => setText(''),
  );
  const everything = useAct('list', (key, body: Schema['EverythingInput']) =>
    answer(api.POST('/api/shop/everything', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  if (!shop) {
    return <Waiting />;
  }
  const aisles = [...new Set(shop.wanted.map((wanted) => wanted.aisle))];
  // one question on a screen; the others wait under Household
  const asked = shop.wanted.find(asks);
  const several = new Set(shop.wanted.map((wanted) => wanted.shop).filter(Boolean)).size > 1;
  const nothing = shop.wanted.length === 0 && shop.basket.length === 0;
  return (
    <>
      <Heading
        title={shop.wanted.length === 1 ? '1 thing to buy' : `${shop.wanted.length} things to buy`}
        below={
          <span className="max-md:hidden">
            what the evenings of {shop.days} days need, less what is there
            {shop.walked !== undefined && `; in the order you walk ${shop.walked || 'the shop'}`}
          </span>
        }
      >
        {!nothing && (
          <>
            <Money amount={shop.expected} complete={shop.complete} missing={shop.missing} big />
            <p className="quiet max-md:hidden">
              expected at the till · <Money amount={shop.inBasket} complete={shop.inBasketComplete} /> in the basket
            </p>
          </>
        )}
      </Heading>
      <div className="no-print mb-5 flex flex-wrap items-end gap-4">
        <div className="max-md:hidden">
          <OneOf choices={spans} chosen={days} choose={setDays} />
        </div>
        <form
          className="flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            add.act({ text });
          }}
        >
          <Field
            label="Also"
            value={text}
            set={(value) => {
              setText(value);
              add.forget();
            }}
            at="/text"
            problem={add.problem}
            placeholder="2 l milk"
            wide="w-48"
          />
          <button type="submit" className="btn btn-outline" disabled={add.busy}>
            Put on the list
          </button>
        </form>
      </div>
      {typed.map((item) => (
        <p key={String(item.text)} className="quiet mb-2">
          <strong>{String(item.text)}</strong> · kept here until the kitchen answers
        </p>
      ))}
      <OtherProblem problem={add.problem} fields={['/text']} />
      <Soon soon={soon} />
      {nothing && (
        <Empty to="/plan" go="To the plan">
          Nothing is missing. Plan some evenings, or say that a staple is low; both come here by themselves.
        </Empty>
      )}
      <div className="grid items-start gap-8 lg:grid-cols-[3fr_2fr]">
        <div className="columns-1 gap-8 xl:columns-2">
          {aisles.map((aisle) => (
            <section key={aisle} aria-label={aisle} className="mb-5 break-inside-avoid">
              <h2 className="border-b-2 border-base-content pb-1 text-xl">{aisle}</h2>
              <ul>
                {shop.wanted
                  .filter((wanted) => wanted.aisle === aisle)
                  .map((wanted) => (
                    <WantedRow
                      key={keyOf(wanted)}
                      wanted={wanted}
                      ask={wanted === asked}
                      waits={waits(wanted)}
                      several={several}
                    />
                  ))}
              </ul>
            </section>
          ))}
        </div>
        <div className="no-print">
          <InBasket basket={shop.basket} />
          {shop.wanted.length > 0 && (
            <button
              type="button"
              className="btn btn-outline mt-3"
              disabled={everything.busy}
              onClick={() => everything.act({ days: shop.days })}
            >
              Took everything
            </button>
          )}
          <OtherProblem problem={everything.problem} fields={[]} />
          {shop.basket.length > 0 && <Away inBasket={shop.inBasket} done={setSoon} />}
          <Where sums={shop.shops} />
          {shop.wanted.length > 0 && <Hand days={shop.days} />}
          <div className="mt-6 md:hidden">
            <OneOf choices={spans} chosen={days} choose={setDays} />
          </div>
        </div>
      </div>
      {shop.basket.length > 0 && (
        <p className="so-far no-print md:hidden">
          <span>
            in the basket <Money amount={shop.inBasket} complete={shop.inBasketComplete} />
          </span>
          <span>
            to come <Money amount={shop.toCome} complete={shop.toComeComplete} />
          </span>
        </p>
      )}
    </>
  );
}

const keyOf = (wanted: Wanted) => wanted.item ?? `${wanted.food} ${wanted.need ?? ''} ${wanted.pack ?? ''}`;

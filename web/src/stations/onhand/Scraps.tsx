import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useScraps } from '../../api/pieces';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { shortDay } from '../../kit/words';

/** Bags of bones and peelings, how full they are, and the pot of stock that is due. @param only those that are due */
export function Scraps({ due = false }: { due?: boolean }) {
  const bags = (useScraps().data ?? []).filter((bag) => bag.due || !due);
  if (bags.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="scraps" className="mt-6">
      <h2 id="scraps" className="mb-2 text-2xl">
        For a pot of stock
      </h2>
      <ul>
        {bags.map((bag) => (
          <Bag key={bag.bag} bag={bag} />
        ))}
      </ul>
    </section>
  );
}

function Bag({ bag }: { bag: Schema['ScrapBagView'] }) {
  const [water, setWater] = useState<string>();
  const boil = useAct(
    'stock',
    (key, body: Schema['PotInput']) =>
      answer(api.POST('/api/scraps/pot', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => setWater(undefined),
  );
  return (
    <li className="row grid-cols-[minmax(0,1fr)_auto]">
      <span>
        <span className="font-semibold">{bag.bag}</span>
        <span className={`block text-sm ${bag.due ? 'font-semibold' : 'quiet'}`}>
          {bag.words} · the oldest from {shortDay(bag.oldest)}
        </span>
      </span>
      {water === undefined ? (
        <button type="button" className="btn btn-outline" onClick={() => setWater(bag.water)}>
          Boil it<span className="sr-only">: {bag.bag}</span>
        </button>
      ) : (
        <span className="flex items-end gap-2">
          <Field label="Water" value={water} set={setWater} wide="w-20" at="/water" problem={boil.problem} />
          <button
            type="button"
            className="btn btn-primary"
            disabled={boil.busy}
            onClick={() => boil.act({ bag: bag.bag, water })}
          >
            The stock is boiled
          </button>
        </span>
      )}
      <OtherProblem problem={boil.problem} fields={['/water']} />
    </li>
  );
}

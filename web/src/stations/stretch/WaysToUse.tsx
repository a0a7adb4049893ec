import { useState } from 'react';
import { useWays } from '../../api/queries';
import { Field } from '../../kit/Field';
import { Money } from '../../kit/kit';
import { minuteWords } from '../../kit/words';
import { type Form, partsOf } from './form';

/** Two or three complete ways to use the buy for who eats here; one tap takes a way over, to be changed like any other. */
export function WaysToUse({ form, put }: { form: Form; put: (parts: Form['parts']) => void }) {
  const [open, setOpen] = useState(false);
  const [days, setDays] = useState('7');
  const [freezer, setFreezer] = useState('');
  const [taken, setTaken] = useState<{ name: string; before: Form['parts'] }>();
  const asked = {
    food: form.food,
    weight: form.weight,
    price: form.price,
    cookedYield: form.cookedYield.trim() === '' ? undefined : form.cookedYield,
    days: Number.parseInt(days, 10) || undefined,
    cookOn: form.cookOn === '' ? undefined : form.cookOn,
    freezerLitres: freezer.trim() === '' ? undefined : freezer,
  };
  const ways = useWays(asked, open);
  return (
    <section aria-labelledby="ways" className="mb-6">
      <div className="flex flex-wrap items-end gap-4">
        <h2 id="ways" className="text-2xl">
          Ways to use it
        </h2>
        {!open && (
          <button type="button" className="btn btn-outline" onClick={() => setOpen(true)}>
            Show me some
          </button>
        )}
        {open && (
          <>
            <Field label="Days to feed" kind="number" value={days} set={setDays} wide="w-20" />
            <Field
              label="Freezer room, l"
              kind="number"
              value={freezer}
              set={setFreezer}
              wide="w-32"
              placeholder="what is free"
            />
          </>
        )}
      </div>
      {open && ways.error && <p className="fieldproblem">{ways.error.message}</p>}
      {open && ways.data && (
        <ul className="mt-3 grid items-start gap-4 lg:grid-cols-3">
          {ways.data.ways.map((way) => (
            <li key={way.name} className="enamel p-4">
              <h3 className="text-xl">{way.name}</h3>
              <p>
                <span className="figure text-3xl font-bold">{Math.floor(Number(way.plates))}</span> plates ·{' '}
                <Money amount={way.costPerPlate} /> of it a plate
              </p>
              <p className="quiet text-sm">
                {way.stretchFactor} × as many as plain · about {minuteWords(way.handsMin)} of hands
              </p>
              <ul className="my-2">
                {way.parts.map((part) => (
                  <li key={part.name} className="row grid-cols-[minmax(0,1fr)_auto] py-1">
                    <span>{part.name}</span>
                    <span className="figure">{Math.round(Number(part.grams))} g</span>
                  </li>
                ))}
              </ul>
              <ul className="quiet list-disc pl-4 text-sm">
                {way.reasons.map((reason) => (
                  <li key={reason}>{reason}</li>
                ))}
              </ul>
              <button
                type="button"
                className="btn btn-primary mt-3"
                onClick={() => {
                  setTaken({ name: way.name, before: form.parts });
                  put(partsOf(way));
                  setOpen(false);
                }}
              >
                Use it so<span className="sr-only">: {way.name}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {!open && taken && (
        <p className="mt-1">
          Taken over: {taken.name}. Change what you like, then keep it.{' '}
          <button
            type="button"
            className="btn btn-ghost min-h-11"
            onClick={() => {
              put(taken.before);
              setTaken(undefined);
            }}
          >
            As it was before
          </button>
        </p>
      )}
    </section>
  );
}

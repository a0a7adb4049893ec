import { useState } from 'react';
import type { Schema } from '../../api/client';
import { useBalance, usePieceDishes } from '../../api/pieces';
import { Choice } from '../../kit/Field';
import { Money } from '../../kit/kit';
import { counted, minuteWords, shortDay } from '../../kit/words';
import { askedOf, type Form, type Part } from './form';

type By = NonNullable<Schema['PieceAsked']['by']>;

const order: Record<By, string> = {
  COST: 'the cheapest plate',
  USES_UP: 'what else it uses up',
  RATING: 'how it was liked',
  VARIETY: 'what we have not had for long',
  HANDS: 'least work',
};

type Props = { form: Form; pos: number; put: (more: Partial<Part>) => void };

/** Dishes of the book that take this piece; one tap makes it that dish. */
export function PieceDishes({ form, pos, put }: Props) {
  const [by, setBy] = useState<By>('COST');
  const dishes = usePieceDishes({ asked: askedOf(form), pos, by }, pos >= 0);
  return (
    <section className="sm:col-span-2 lg:col-span-6" aria-label="Dishes for it">
      <Choice label="Dishes of the book, first" value={by} set={setBy} of={order} wide="w-72" />
      {dishes.error && <p className="fieldproblem">{dishes.error.message}</p>}
      {dishes.data?.length === 0 && <p className="quiet mt-2">No recipe of the book takes it in this shape.</p>}
      <ul className="mt-2">
        {dishes.data?.slice(0, 8).map((dish) => (
          <li key={dish.recipe} className="row grid-cols-[minmax(0,1fr)_auto_auto]">
            <span>
              <span className="font-semibold">{dish.title}</span>
              <span className="quiet block text-sm">
                {counted(dish.plates, 'plate')} of {dish.meat} g · about {minuteWords(dish.hands)} of hands
                {dish.usesUp.length > 0 && ` · uses up ${dish.usesUp.join(', ')}`}
                {dish.eaten ? ` · last had ${shortDay(dish.eaten)}` : ' · not had yet'}
              </span>
            </span>
            <Money amount={dish.plateCost} complete={dish.complete} />
            <button
              type="button"
              className="btn btn-outline"
              onClick={() => put({ name: dish.title, plates: String(dish.plates), extender: '' })}
            >
              Make it this<span className="sr-only">: {dish.title}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** More of the extender and less meat, as far as the dish stays right. */
export function PieceBalance({ form, pos, put }: Props) {
  const balance = useBalance({ asked: askedOf(form), pos }, pos >= 0);
  const [at, setAt] = useState<number>();
  const stops = balance.data?.stops ?? [];
  const shown = Math.min(at ?? balance.data?.now ?? 0, stops.length - 1);
  const stop = stops[shown];
  if (balance.error || !stop) {
    return balance.error ? <p className="fieldproblem lg:col-span-6">{balance.error.message}</p> : null;
  }
  return (
    <section className="enamel p-3 sm:col-span-2 lg:col-span-6" aria-label="More or less meat">
      <p>
        <span className="figure text-3xl font-bold">{stop.plates}</span> plates · {stop.plateMeat} g of meat of{' '}
        {stop.plateGrams} g
        {stop.plateCost && (
          <>
            {' '}
            · <Money amount={stop.plateCost} /> a plate
          </>
        )}
        {stop.plateProtein && ` · ${stop.plateProtein} g protein`}
      </p>
      <label className="block">
        <span className="flex justify-between text-sm">
          <span>more meat</span>
          <span>more of the rest</span>
        </span>
        <input
          type="range"
          className="range w-full"
          min={0}
          max={stops.length - 1}
          value={shown}
          aria-valuetext={counted(stop.plates, 'plate')}
          onChange={(event) => setAt(Number(event.target.value))}
        />
      </label>
      <p className="quiet text-sm">
        with {stop.extender || 'nothing'} · {balance.data?.rule}
      </p>
      {shown !== balance.data?.now && (
        <button
          type="button"
          className="btn btn-primary mt-2"
          onClick={() => {
            setAt(undefined);
            put({ plates: String(stop.plates), extender: stop.extender });
          }}
        >
          Take these {counted(stop.plates, 'plate')}
        </button>
      )}
    </section>
  );
}

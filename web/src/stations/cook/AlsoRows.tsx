import { useState } from 'react';
import type { Problem, Schema } from '../../api/client';
import { useOnHand } from '../../api/queries';
import { FieldProblem } from '../../kit/kit';

export type Also = { lot: string; name: string; there: string; amount: string };

type Props = { also: Also[]; set: (also: Also[]) => void; problem: Problem | undefined; field: string };

/** What else went in from stock: ticked, all of it or about so much. */
export function AlsoRows({ also, set, problem, field }: Props) {
  const [word, setWord] = useState('');
  const lots = (useOnHand().data?.places ?? []).flatMap((place) => place.lots);
  const found =
    word.trim().length < 2
      ? []
      : lots
          .filter((lot) => `${lot.name} ${lot.about}`.toLowerCase().includes(word.trim().toLowerCase()))
          .filter((lot) => !also.some((one) => one.lot === lot.id))
          .slice(0, 6);
  const add = (lot: Schema['LotView']) => {
    set([...also, { lot: lot.id, name: nameOf(lot), there: lot.amount, amount: '' }]);
    setWord('');
  };
  return (
    <div className="mt-3">
      <ul>
        {also.map((one, i) => (
          <li key={one.lot} className="row grid-cols-[minmax(0,1fr)_8.5rem_auto]">
            <span className="text-lg font-semibold">{one.name}</span>
            <span>
              <input
                className="input w-full"
                aria-label={`How much of ${one.name}`}
                placeholder={`all ${one.there}`}
                value={one.amount}
                onChange={(event) =>
                  set(also.map((old) => (old.lot === one.lot ? { ...old, amount: event.target.value } : old)))
                }
              />
              <FieldProblem at={`${field}/${i}/amount`} problem={problem} />
              <FieldProblem at={`${field}/${i}/lot`} problem={problem} />
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              onClick={() => set(also.filter((old) => old.lot !== one.lot))}
            >
              out<span className="sr-only">: {one.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <label className="mt-2 block">
        <span className="text-sm">What else went in from stock</span>
        <input
          className="input block w-full max-w-sm"
          value={word}
          placeholder="two letters of its name"
          onChange={(event) => setWord(event.target.value)}
        />
      </label>
      <div className="mt-1 flex flex-wrap gap-1">
        {found.map((lot) => (
          <button key={lot.id} type="button" className="btn btn-outline" onClick={() => add(lot)}>
            {nameOf(lot)} · {lot.amount} · {lot.placeName}
          </button>
        ))}
      </div>
    </div>
  );
}

const nameOf = (lot: Schema['LotView']) => (lot.about ? `${lot.name}, ${lot.about}` : lot.name);

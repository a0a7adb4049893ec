import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../api/client';
import { useScale } from '../api/pieces';

/** The kitchen scale: what lies on it, tare, and the weight taken over with one tap. A small panel plays the stand-in. */
export function Scale({ take, what }: { take: (grams: number) => void; what: string }) {
  const [open, setOpen] = useState(false);
  const queries = useQueryClient();
  const reading = useScale(open).data;
  if (!open) {
    return (
      <button type="button" className="btn btn-outline" onClick={() => setOpen(true)}>
        Scale<span className="sr-only">: {what}</span>
      </button>
    );
  }
  const again = () => queries.invalidateQueries({ queryKey: ['scale'] });
  const play = async (grams: number) => {
    await answer(api.POST('/api/scale/play', { body: { grams } }));
    await again();
  };
  const onIt = reading ? reading.grams + reading.tared : 0;
  return (
    <section className="enamel grid gap-2 p-3" aria-label={`Scale: ${what}`}>
      <output className="figure text-4xl font-bold" aria-live="off">
        {reading ? `${reading.grams} g` : '– g'}
        <span className="quiet text-base font-normal">{reading && !reading.steady && ' · still moving'}</span>
      </output>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={!reading?.steady || reading.grams <= 0}
          onClick={() => reading && take(reading.grams)}
        >
          Take this weight
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={async () => {
            await answer(api.POST('/api/scale/tare'));
            await again();
          }}
        >
          Tare
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => setOpen(false)}>
          Put it away
        </button>
      </div>
      <label className="quiet text-sm">
        no scale is connected: play it
        <input
          type="range"
          className="range block w-full"
          min={0}
          max={6000}
          step={5}
          value={Math.min(6000, onIt)}
          onChange={(event) => void play(Number(event.target.value))}
        />
      </label>
    </section>
  );
}

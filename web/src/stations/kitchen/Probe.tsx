import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../../api/client';
import { useProbe } from '../../api/kitchen';

/** The probe in the food: how warm it is, and how far that is from where it has to be. A small panel plays the stand-in. */
export function Probe({ id, pos, what }: { id: string; pos: number; what: string }) {
  const [open, setOpen] = useState(false);
  const queries = useQueryClient();
  const read = useProbe(id, pos, open).data;
  if (!open) {
    return (
      <button type="button" className="btn btn-ghost kitchen-button" onClick={() => setOpen(true)}>
        Probe<span className="sr-only">: {what}</span>
      </button>
    );
  }
  const play = async (tenths: number) => {
    await answer(api.POST('/api/probe/play', { body: { tenths } }));
    await queries.invalidateQueries({ queryKey: ['probe'] });
  };
  return (
    <section className="enamel grid w-full gap-2 p-3" aria-label={`Probe: ${what}`}>
      <output className="figure text-4xl font-bold" aria-live="off">
        {read ? `${(read.tenths / 10).toFixed(1)} °C` : '– °C'}
      </output>
      {read && <p className={read.good ? 'text-xl' : 'kitchen-caution'}>{read.words}</p>}
      <label className="quiet text-sm">
        no probe is connected: play it
        <input
          type="range"
          className="range block w-full"
          min={0}
          max={1000}
          step={5}
          value={Math.max(0, Math.min(1000, read?.tenths ?? 200))}
          onChange={(event) => void play(Number(event.target.value))}
        />
      </label>
      <button type="button" className="btn btn-ghost kitchen-button" onClick={() => setOpen(false)}>
        Put it away
      </button>
    </section>
  );
}

import { useState } from 'react';
import type { Schema } from '../../api/client';
import { useInstead } from '../../api/pieces';

/** What goes in for a line that is not there, one thing on a line. */
export type Other = { uses: string; keep: boolean };

type Props = {
  asked: Schema['InsteadAsked'];
  food: string;
  other: Other | undefined;
  set: (other: Other | undefined) => void;
  problem: React.ReactNode;
};

/** Not there: use other. What in stock can do it is proposed with amounts; anything else can be typed. */
export function UseOther({ asked, food, other, set, problem }: Props) {
  const [open, setOpen] = useState(false);
  const proposals = useInstead(asked, open || other !== undefined);
  if (!open && !other) {
    return (
      <button type="button" className="btn btn-ghost btn-sm min-h-11" onClick={() => setOpen(true)}>
        not there: use other<span className="sr-only"> for {food}</span>
      </button>
    );
  }
  return (
    <section className="enamel grid gap-2 p-3" aria-label={`Instead of ${food}`}>
      {proposals.data?.length === 0 && <p className="quiet">Nothing on hand does the same; say what goes in.</p>}
      <ul className="flex flex-wrap gap-2">
        {proposals.data?.map((one) => (
          <li key={one.uses.join()}>
            <button
              type="button"
              aria-pressed={other?.uses === one.uses.join('\n')}
              className={`btn h-auto py-2 ${other?.uses === one.uses.join('\n') ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => set({ uses: one.uses.join('\n'), keep: other?.keep ?? false })}
            >
              <span className="text-left">
                {one.uses.join(' + ')}
                <span className="block text-sm font-normal">
                  {one.why}
                  {one.allergens.length > 0 && ` · brings in ${one.allergens.join(', ')}`}
                </span>
                {one.against.map((words) => (
                  <span key={words} className="block text-sm font-semibold text-accent">
                    {words}
                  </span>
                ))}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <label className="block">
        <span className="font-semibold">Goes in instead</span>
        <textarea
          className="textarea block w-full"
          rows={Math.max(1, (other?.uses ?? '').split('\n').length)}
          value={other?.uses ?? ''}
          placeholder="200 ml cream"
          onChange={(event) => set({ uses: event.target.value, keep: other?.keep ?? false })}
        />
      </label>
      {problem}
      <div className="flex flex-wrap gap-2">
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={other?.keep ?? false}
            disabled={!other}
            onChange={(event) => other && set({ ...other, keep: event.target.checked })}
          />
          the recipe says so from now on
        </label>
        <button
          type="button"
          className="btn btn-ghost ml-auto"
          onClick={() => {
            setOpen(false);
            set(undefined);
          }}
        >
          It is there after all
        </button>
      </div>
    </section>
  );
}

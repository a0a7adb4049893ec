import { useId } from 'react';
import type { Schema } from '../../api/client';

type Sliders = Schema['Sliders'];

const words: [keyof Sliders, string, string][] = [
  ['cheap', 'cheap', 'little to buy'],
  ['quick', 'quick', 'few minutes of hands'],
  ['varied', 'varied', 'not the same soon again'],
  ['useUp', 'uses up', 'what expires is eaten'],
  ['favourites', 'favourites', 'what was liked'],
  ['fewNew', 'few new dishes', 'what you know how to cook'],
  ['fewChanges', 'few changes', 'what stands stays'],
];

const steps = ['not at all', 'a little', 'as usual', 'much', 'above all'];

/** How much each thing counts, in a cook's words. */
export function Wishes({ sliders, set }: { sliders: Sliders; set: (sliders: Sliders) => void }) {
  const id = useId();
  return (
    <div className="grid gap-x-8 gap-y-2 sm:grid-cols-2">
      {words.map(([wish, word, more]) => (
        <div key={wish}>
          <label htmlFor={`${id}-${wish}`} className="flex justify-between gap-2">
            <span>
              <b>{word}</b> <span className="quiet text-sm">{more}</span>
            </span>
            <span>{steps[sliders[wish]]}</span>
          </label>
          <input
            id={`${id}-${wish}`}
            type="range"
            className="range range-primary w-full"
            min={0}
            max={4}
            step={1}
            value={sliders[wish]}
            aria-valuetext={steps[sliders[wish]]}
            onChange={(event) => set({ ...sliders, [wish]: Number(event.target.value) })}
          />
        </div>
      ))}
    </div>
  );
}

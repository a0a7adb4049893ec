import { useRibbon } from '../api/queries';
import { ribbonDay, shortDay, tapeColour } from './words';

/** The two weeks on top: what ends its time on which day. */
export function Ribbon() {
  const ribbon = useRibbon();
  return (
    // a list that scrolls must be reachable by keyboard
    // biome-ignore lint/a11y/noNoninteractiveTabindex: scrollable region
    <section className="ribbon" aria-label="Two weeks: what ends its time when" tabIndex={0}>
      {(ribbon.data?.days ?? []).map((day, i) => (
        <div key={day.date}>
          <div className={`figure text-sm whitespace-nowrap ${i === 0 ? 'font-bold' : 'quiet'}`}>
            {ribbonDay(day.date)}
          </div>
          {day.ends.slice(0, 2).map((lot) => (
            <span
              key={lot.id}
              className="tape ribbon-mark tape-name mt-1"
              style={{ background: tapeColour(lot.batch ?? lot.name) }}
              title={`${lot.name}, ${lot.amount}: ${lot.until?.words} ${shortDay(day.date)}`}
            >
              {lot.name}
            </span>
          ))}
          {day.ends.length > 2 && <span className="quiet block text-xs/4">and {day.ends.length - 2} more</span>}
          {day.ends.length === 0 && <div className="mt-3 border-t-2 border-dashed border-[var(--line)]" />}
        </div>
      ))}
    </section>
  );
}

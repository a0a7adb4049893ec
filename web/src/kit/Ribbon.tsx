import { useLocation } from 'react-router';
import { useRibbon } from '../api/queries';
import { ribbonDay, tapeColour } from './words';

/** The two weeks on top: what is eaten in the evenings, and a notch where something ends its time. */
export function Ribbon() {
  const ribbon = useRibbon();
  const { pathname } = useLocation();
  // the same two weeks, larger, stand below
  if (pathname === '/plan') {
    return null;
  }
  return (
    // a list that scrolls must be reachable by keyboard
    // biome-ignore lint/a11y/noNoninteractiveTabindex: scrollable region
    <section className="ribbon" aria-label="Two weeks: what is eaten, and what ends its time when" tabIndex={0}>
      {(ribbon.data?.days ?? []).map((day, i) => (
        <div key={day.date}>
          <div className={`figure text-sm whitespace-nowrap ${i === 0 ? 'font-bold' : 'quiet'}`}>
            {ribbonDay(day.date)}
          </div>
          {day.eaten ? (
            <span
              className="tape ribbon-mark tape-name"
              style={{ background: tapeColour(day.eaten.of ?? day.eaten.name) }}
              title={day.eaten.name}
            >
              {day.eaten.name}
            </span>
          ) : (
            <span className="ribbon-open" />
          )}
          {day.ends.length > 0 && (
            <span
              className="ribbon-ends"
              title={day.ends.map((lot) => `${lot.name}, ${lot.amount}: ${lot.until?.words}`).join('; ')}
            >
              {day.ends.length === 1 ? `${day.ends[0]?.name} ends` : `${day.ends.length} end`}
            </span>
          )}
        </div>
      ))}
    </section>
  );
}

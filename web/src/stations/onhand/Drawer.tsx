import type { Schema } from '../../api/client';
import { Tape } from '../../kit/kit';
import { until } from '../../kit/words';

/** A drawer of the freezer with its packets stacked in it; a notch marks what to use first, the words say so too. */
export function Drawer({ place }: { place: Schema['PlaceView'] }) {
  return (
    <section aria-label={place.name}>
      <ul className="freezer-drawer">
        {place.lots.length === 0 && <li className="quiet p-2 text-center">empty</li>}
        {place.lots.map((lot) => (
          <li
            key={lot.id}
            className={`packet ${lot.urgency === 'SOON' || lot.urgency === 'PAST' ? 'notch' : ''}`}
            title={`${lot.rule} (${lot.source})`}
          >
            <Tape name={lot.name} of={lot.batch ?? lot.name}>
              {lot.portions ?? lot.amount}
              {lot.portions !== undefined && <span className="sr-only"> portions</span>}
            </Tape>
            <div className="flex justify-between gap-2 px-2 pt-1 text-sm">
              <span>{lot.until ? until(lot.until.words, lot.until.date) : 'no date known'}</span>
              <span className="figure font-bold">{lot.code}</span>
            </div>
          </li>
        ))}
      </ul>
      <h3 className="mt-2 text-base">{place.name}</h3>
    </section>
  );
}

import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OtherProblem, Tape } from '../../kit/kit';
import { until } from '../../kit/words';

type Props = { place: Schema['PlaceView']; litres: string | undefined; open: (lot: Schema['LotView']) => void };

/** A drawer of the freezer with its packets stacked in it; a notch marks what to use first, the words say so too. */
export function Drawer({ place, litres, open }: Props) {
  const full = useAct('stock', (key, id: string) =>
    answer(api.POST('/api/onhand/places/{id}/full', { params: { path: { id }, header: { 'Idempotency-Key': key } } })),
  );
  return (
    <section aria-label={place.name}>
      <ul className="freezer-drawer">
        {place.lots.length === 0 && <li className="quiet p-2 text-center">empty</li>}
        {place.lots.map((lot) => (
          <li key={lot.id} className={`packet ${lot.urgency === 'SOON' || lot.urgency === 'PAST' ? 'notch' : ''}`}>
            <button type="button" className="packet-open" onClick={() => open(lot)}>
              <Tape name={lot.part ? `${lot.name}, ${lot.part}` : lot.name} of={lot.batch ?? lot.name}>
                {lot.portions ?? lot.amount}
                {lot.portions !== undefined && <span className="sr-only"> portions</span>}
              </Tape>
              <span className="flex justify-between gap-2 px-2 pt-1 text-sm">
                <span>{lot.until ? until(lot.until.words, lot.until.date) : 'no date known'}</span>
                <span className="figure font-bold">{lot.code}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex items-baseline justify-between gap-2">
        <h3 className="text-base">{place.name}</h3>
        {litres ? (
          <span className="quiet text-sm">full at {litres} l</span>
        ) : (
          place.lots.length > 0 && (
            <button type="button" className="min-h-11 text-sm underline" onClick={() => full.act(place.id)}>
              it’s full<span className="sr-only">: {place.name}</span>
            </button>
          )
        )}
      </div>
      <OtherProblem problem={full.problem} fields={[]} />
    </section>
  );
}

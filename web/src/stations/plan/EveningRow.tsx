import type { Schema } from '../../api/client';
import { Tape } from '../../kit/kit';
import { clockTime, shortDay } from '../../kit/words';

const kindWords = { COOK: 'cook', STOCK: 'from stock', LEFTOVERS: 'leftovers', UNDECIDED: 'undecided', OUT: 'out' };

/** One evening: when, what, and what to know about it. */
export function EveningRow({ day, open }: { day: Schema['PlanDay']; open: () => void }) {
  const slot = day.slot;
  const weekend = /^(Sat|Sun)/.test(shortDay(day.date));
  return (
    <li>
      <button
        type="button"
        onClick={open}
        className={`row w-full cursor-pointer grid-cols-[4.6rem_minmax(0,1fr)] text-left hover:bg-base-300 md:grid-cols-[7.4rem_4.2rem_minmax(0,18rem)_minmax(0,1fr)] ${weekend ? 'bg-base-100' : ''} px-2`}
      >
        <span className="display text-lg">{shortDay(day.date)}</span>
        <span className="figure text-lg font-bold max-md:hidden">{slot?.tableTime}</span>
        <span className="grid gap-1">
          {!slot && <span className="quiet">nothing yet</span>}
          {slot && slot.dishes.length === 0 && <span className="quiet">{kindWords[slot.kind]}</span>}
          {slot?.dishes.map((dish, i) =>
            dish.kind === 'SIDE' ? (
              <span key={dish.name} className="pl-3 text-sm">
                with {dish.name}
              </span>
            ) : (
              <Tape key={dish.of ?? i} name={dish.name} of={dish.of ?? dish.name}>
                {kindWords[slot.kind]}
              </Tape>
            ),
          )}
          {slot?.note && <span className="quiet pl-3 text-sm">{slot.note}</span>}
        </span>
        <span className="text-sm max-md:col-span-2">
          {slot?.start && slot.dishes.length > 0 && !slot.start.endsWith(slot.tableTime) && (
            <span className="figure mr-3 font-bold">begin {clockTime(slot.start, day.date)}</span>
          )}
          {day.remarks.map((remark) => (
            <span
              key={remark.words}
              title={remark.why}
              className={`block ${remark.level === 'STOP' ? 'font-bold text-accent' : remark.level === 'DO' ? 'font-semibold text-primary' : 'quiet'}`}
            >
              {remark.words}
            </span>
          ))}
        </span>
      </button>
    </li>
  );
}

import type { Schema } from '../../api/client';
import { Money } from '../../kit/kit';
import { fullDay } from '../../kit/words';

/** The label as it will be printed; its code is given when the packet is stored. */
export function LabelPicture({ label, byHand }: { label: Schema['LabelView']; byHand: boolean }) {
  if (byHand) {
    return (
      <ol className="packet-label h-full" aria-label={`Write by hand: ${label.name}`}>
        {label.byHand.map((line) => (
          <li key={line} className="tape-name text-2xl">
            {line}
          </li>
        ))}
        <li className="quiet text-sm">and the code it gets when packed</li>
      </ol>
    );
  }
  return (
    <div className="packet-label h-full">
      <p className="tape-name text-2xl">{label.name}</p>
      <p className="font-bold">
        {label.holds}
        {label.parts > 1 && `, part ${label.part} of ${label.parts}`} ·{' '}
        <Money amount={label.cost} complete={label.costComplete} />
      </p>
      <p className="text-sm">
        {label.style} · packed {fullDay(label.packedOn)}
      </p>
      {label.until && (
        <p className="font-bold">
          {label.until.words} {fullDay(label.until.date)}
        </p>
      )}
      {label.contains && (
        <p className="mt-2 text-sm">
          <strong>Has</strong> {label.contains}
        </p>
      )}
      {label.add.length > 0 && (
        <p className="mt-2 text-sm">
          <strong>Add</strong> {label.add.join(' · ')}
        </p>
      )}
      {label.finish.length > 0 && (
        <p className="mt-1 text-sm">
          <strong>Finish</strong> {label.finish.join(' ')}
        </p>
      )}
    </div>
  );
}

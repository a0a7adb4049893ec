import { useState } from 'react';
import type { Schema } from '../../api/client';
import { useHandLabels, usePack } from '../../api/queries';
import { Empty, Heading, Tape, Waiting } from '../../kit/kit';
import { counted, shortDay, shortNumber } from '../../kit/words';
import { PackDish } from './PackDish';

/** What waits on the counter becomes packets with labels; what was packed keeps its label sheet. */
export function Pack() {
  const pack = usePack();
  const [chosen, setChosen] = useState<string>();
  if (!pack.data) {
    return <Waiting />;
  }
  const { waiting, places, containers, packed } = pack.data;
  const dish = waiting.find((lot) => lot.id === chosen) ?? waiting.find((lot) => lot.urgency !== 'PAST') ?? waiting[0];
  const portions = waiting.reduce((sum, lot) => sum + (lot.portions ?? 0), 0);
  return (
    <>
      <Heading
        title={portions > 0 ? `${counted(shortNumber(String(portions)), 'portion')} to pack` : 'Pack'}
        below="labels first, then fill; cool before closing"
      />
      {waiting.length === 0 && (
        <Empty to="/cook" go="Cook something">
          Nothing waits on the counter. What is marked cooked comes here.
        </Empty>
      )}
      {waiting.length > 1 && (
        <div className="mb-6 flex flex-wrap gap-3">
          {waiting.map((lot) => (
            <button
              key={lot.id}
              type="button"
              aria-pressed={lot.id === dish?.id}
              className={`min-h-11 rounded-md border-2 p-1 ${lot.id === dish?.id ? 'border-base-content' : 'border-transparent'}`}
              onClick={() => setChosen(lot.id)}
            >
              <Tape name={lot.name} of={lot.batch ?? lot.id}>
                {lot.portions}
              </Tape>
            </button>
          ))}
        </div>
      )}
      {dish ? (
        <PackDish key={dish.id} dish={dish} places={places} containers={containers}>
          <Packed packed={packed} />
        </PackDish>
      ) : (
        <Packed packed={packed} />
      )}
    </>
  );
}

/** Four short lines and the code, for a marker pen. */
function ByHand({ act }: { act: string }) {
  const labels = useHandLabels(act).data ?? [];
  return (
    <ol className="col-span-full grid gap-3 pb-2 sm:grid-cols-2 lg:grid-cols-3">
      {labels.map((label) => (
        <li key={label.code} className="packet-label">
          {label.lines.map((line) => (
            <span key={line} className="tape-name block text-xl">
              {line}
            </span>
          ))}
          <span className="figure text-2xl font-bold">{label.code}</span>
        </li>
      ))}
    </ol>
  );
}

function Packed({ packed }: { packed: Schema['PackedView'][] }) {
  const [hand, setHand] = useState<string>();
  return (
    <section aria-labelledby="packed" className="mt-10">
      <h2 id="packed" className="mb-2 text-2xl">
        Packed lately
      </h2>
      {packed.length === 0 && <p className="quiet">Nothing yet.</p>}
      <ul>
        {packed.map((one) => (
          <li key={one.act} className="row md:grid-cols-[minmax(0,18rem)_7rem_1fr_auto]">
            <Tape name={one.packets[0]?.name ?? ''} of={one.packets[0]?.batch ?? one.act}>
              {one.packets
                .filter((packet) => packet.portions !== 0)
                .map((packet) => packet.portions ?? packet.amount)
                .join(' + ') || 'eaten up'}
            </Tape>
            <span>{shortDay(one.on)}</span>
            <span>
              {one.packets[0]?.placeName} ·{' '}
              <span className="figure font-bold">{one.packets.map((packet) => packet.code).join(' ')}</span>
            </span>
            {one.packets.some((packet) => packet.portions !== 0) && (
              <span className="flex gap-1">
                <a className="btn btn-outline btn-sm min-h-11" href={one.labels} target="_blank" rel="noreferrer">
                  Label sheet
                </a>
                <button
                  type="button"
                  className="btn btn-ghost btn-sm min-h-11"
                  aria-expanded={hand === one.act}
                  onClick={() => setHand(hand === one.act ? undefined : one.act)}
                >
                  by hand<span className="sr-only">: {one.subject}</span>
                </button>
              </span>
            )}
            {hand === one.act && <ByHand act={one.act} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

import type { Schema } from '../../api/client';
import { useOnHand } from '../../api/queries';
import { Empty, Heading, Money, Tape, Waiting } from '../../kit/kit';
import { until } from '../../kit/words';
import { Drawer } from './Drawer';
import { NoteBox } from './NoteBox';

type Place = Schema['PlaceView'];
export type Lot = Schema['LotView'];

/** What there is: a note to type, what to use first, the freezer as a picture, the rest by place. */
export function OnHand() {
  const onHand = useOnHand();
  if (!onHand.data) {
    return <Waiting />;
  }
  const { places, useFirst, frozenPortions, worth, worthComplete } = onHand.data;
  const freezers = places.filter((place) => place.kind === 'FREEZER');
  const others = places.filter((place) => place.kind !== 'FREEZER' && place.lots.length > 0);
  const empty = places.every((place) => place.lots.length === 0);
  return (
    <>
      <Heading
        title={frozenPortions > 0 ? `${frozenPortions} plates in the freezer` : 'On hand'}
        below="everything there is, with its date and what it cost"
      >
        {!empty && (
          <>
            <Money amount={worth} complete={worthComplete} big />
            <p className="quiet">is what all of it cost</p>
          </>
        )}
      </Heading>
      <div className="mb-8 grid gap-6 lg:grid-cols-[3fr_2fr]">
        <NoteBox places={places} />
        <UseFirst lots={useFirst} empty={empty} />
      </div>
      <h2 className="mb-3 text-2xl">Freezer</h2>
      <div className="mb-8 grid gap-5 sm:grid-cols-2 xl:grid-cols-4">
        {freezers.map((place) => (
          <Drawer key={place.id} place={place} />
        ))}
      </div>
      <div className="grid items-start gap-6 lg:grid-cols-2">
        {others.map((place) => (
          <Shelf key={place.id} place={place} />
        ))}
      </div>
    </>
  );
}

function UseFirst({ lots, empty }: { lots: Lot[]; empty: boolean }) {
  return (
    <section aria-labelledby="use-first">
      <h2 id="use-first" className="mb-3 text-2xl">
        Use first
      </h2>
      {lots.length === 0 && (
        <Empty>
          {empty ? 'Nothing is written down yet. Start with the freezer, as a note.' : 'Nothing is in a hurry.'}
        </Empty>
      )}
      <ul>
        {lots.slice(0, 6).map((lot) => (
          <li key={lot.id} className="row grid-cols-[minmax(0,1fr)_12rem]">
            <Tape name={lot.name} of={lot.batch ?? lot.name}>
              {lot.amount}
            </Tape>
            <span className="text-right">
              <Urgent lot={lot} />
              <span className="quiet block text-sm">
                {lot.urgency === 'SOON' && 'soon · '}
                {lot.placeName}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {lots.length > 6 && <p className="quiet mt-1">and {lots.length - 6} more below</p>}
    </section>
  );
}

/** The date with its words; plum only beside words that say why. */
export function Urgent({ lot }: { lot: Lot }) {
  if (!lot.until) {
    return <span className="quiet">no date known</span>;
  }
  const words = until(lot.until.words, lot.until.date);
  const hint = `${lot.rule} (${lot.source})`;
  if (lot.urgency === 'PAST') {
    return (
      <strong className="text-accent" title={hint}>
        past: {words}
      </strong>
    );
  }
  return (
    <span className={lot.urgency === 'SOON' ? 'font-bold' : ''} title={hint}>
      {words}
    </span>
  );
}

function Shelf({ place }: { place: Place }) {
  return (
    <section className="enamel p-4" aria-label={place.name}>
      <h2 className="mb-1 text-xl">{place.name}</h2>
      <ul>
        {place.lots.map((lot) => (
          <li key={lot.id} className="row grid-cols-[minmax(0,1fr)_5.5rem_5rem] last:border-0">
            <span>
              <span className="font-semibold">{lot.name}</span>
              {lot.about && <span className="quiet">, {lot.about}</span>}
              <span className="block text-sm">
                <Urgent lot={lot} />
              </span>
            </span>
            <span className="figure text-right font-semibold">{lot.amount}</span>
            <span className="text-right">
              {lot.costComplete ? <Money amount={lot.cost} /> : <span className="quiet text-sm">no price</span>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

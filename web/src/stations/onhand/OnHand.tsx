import { useState } from 'react';
import type { Schema } from '../../api/client';
import { useHousehold, useOnHand } from '../../api/queries';
import { Empty, Heading, Money, Tape, Waiting } from '../../kit/kit';
import { counted } from '../../kit/words';
import { Drawer } from './Drawer';
import { LotPanel } from './LotPanel';
import { NoteBox } from './NoteBox';
import { Scraps } from './Scraps';
import { Staples } from './Staples';
import { Urgent } from './Urgent';

type Place = Schema['PlaceView'];
type Lot = Schema['LotView'];

/** What there is: a note to type, what to use first, the freezer as a picture, the rest by place. */
export function OnHand() {
  const onHand = useOnHand();
  const household = useHousehold();
  const [opened, setOpened] = useState<Lot>();
  if (!onHand.data) {
    return <Waiting />;
  }
  const { places, useFirst, dinners, plates, eatFirst, staples, worth, worthComplete, missing } = onHand.data;
  const lots = new Map(places.flatMap((place) => place.lots).map((lot) => [lot.id, lot]));
  const first = useFirst.flatMap((id) => lots.get(id) ?? []);
  const litres = (id: string) => household.data?.places.find((place) => place.id === id)?.litres;
  const freezers = places.filter((place) => place.kind === 'FREEZER');
  const others = places.filter((place) => place.kind !== 'FREEZER' && place.lots.length > 0);
  const empty = staples.length === 0 && places.every((place) => place.lots.length === 0);
  return (
    <>
      <Heading
        title={headline(dinners, plates)}
        below={eatFirst ? `eat the ${eatFirst} first` : 'everything there is, with its date and what it cost'}
      >
        {!empty && (
          <>
            <Money amount={worth} complete={worthComplete} missing={missing} big />
            <p className="quiet">is what all of it cost</p>
          </>
        )}
      </Heading>
      <div className="no-print mb-8 grid gap-6 lg:grid-cols-[3fr_2fr]">
        <NoteBox places={places} />
        <UseFirst lots={first} empty={empty} open={setOpened} />
      </div>
      <div className="mb-3 flex items-end justify-between">
        <h2 className="text-2xl">Freezer</h2>
        {!empty && (
          <button type="button" className="btn btn-ghost no-print" onClick={() => window.print()}>
            Print the count sheet
          </button>
        )}
      </div>
      <div className="mb-8 grid gap-5 sm:grid-cols-2 xl:grid-cols-4">
        {freezers.map((place) => (
          <Drawer key={place.id} place={place} litres={litres(place.id)} open={setOpened} />
        ))}
      </div>
      <div className="grid items-start gap-6 lg:grid-cols-2">
        {others.map((place) => (
          <Shelf key={place.id} place={place} open={setOpened} />
        ))}
        <Staples staples={staples} />
        <Scraps />
      </div>
      {opened && <LotPanel lot={opened} close={() => setOpened(undefined)} />}
    </>
  );
}

/** What lies frozen, in dinners for this table; in plates while nobody said who eats. */
function headline(dinners: number | undefined, plates: number): string {
  if (plates === 0) {
    return 'On hand';
  }
  if (dinners === undefined) {
    return `${counted(plates, 'plate')} in the freezer`;
  }
  return dinners === 1 ? '1 dinner in the freezer' : `${dinners} dinners in the freezer`;
}

function UseFirst({ lots, empty, open }: { lots: Lot[]; empty: boolean; open: (lot: Lot) => void }) {
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
            <button type="button" className="packet-open min-h-11" onClick={() => open(lot)}>
              <Tape name={lot.name} of={lot.batch ?? lot.name}>
                {lot.amount}
              </Tape>
            </button>
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

function Shelf({ place, open }: { place: Place; open: (lot: Lot) => void }) {
  return (
    <section className="enamel p-4" aria-label={place.name}>
      <h2 className="mb-1 text-xl">{place.name}</h2>
      <ul>
        {place.lots.map((lot) => (
          <li key={lot.id} className="row grid-cols-[minmax(0,1fr)_5.5rem_5rem] last:border-0">
            <button type="button" className="packet-open min-h-11" onClick={() => open(lot)}>
              <span className="font-semibold">{lot.name}</span>
              {lot.about && <span className="quiet">, {lot.about}</span>}
              <span className="block text-sm">
                <Urgent lot={lot} />
                <span className="quiet"> · {lot.age === 'today' ? 'from today' : `${lot.age} old`}</span>
              </span>
            </button>
            <span className="figure text-right font-semibold">{lot.amount}</span>
            <span className="text-right">
              {lot.valued && <span className="quiet text-sm">about </span>}
              {lot.costComplete ? <Money amount={lot.cost} /> : <span className="quiet text-sm">no price</span>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

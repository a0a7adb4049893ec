import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Choice, Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { placeWords } from './words';

type Place = Schema['PlaceName'];

/** Where things lie. */
export function PlaceRows({ places }: { places: Place[] }) {
  const [open, setOpen] = useState<string>();
  return (
    <section aria-labelledby="places">
      <div className="mb-2 flex items-end justify-between">
        <h2 id="places" className="text-2xl">
          Places
        </h2>
        <button type="button" className="btn btn-outline" onClick={() => setOpen('new')}>
          One more
        </button>
      </div>
      {open === 'new' && <PlaceForm done={() => setOpen(undefined)} />}
      <ul>
        {places.map((place) =>
          open === place.id ? (
            <li key={place.id}>
              <PlaceForm place={place} done={() => setOpen(undefined)} />
            </li>
          ) : (
            <li key={place.id} className="row grid-cols-[minmax(0,1fr)_auto_auto]">
              <span className="font-semibold">{place.name}</span>
              <span className="quiet">
                {placeWords[place.kind]}
                {place.litres && ` · full at ${place.litres} l`}
              </span>
              <button type="button" className="btn btn-ghost" onClick={() => setOpen(place.id)}>
                Change<span className="sr-only"> {place.name}</span>
              </button>
            </li>
          ),
        )}
      </ul>
    </section>
  );
}

function PlaceForm({ place, done }: { place?: Place; done: () => void }) {
  const [name, setName] = useState(place?.name ?? '');
  const [kind, setKind] = useState<Place['kind']>(place?.kind ?? 'FREEZER');
  const save = useAct(
    (key, body: Schema['PlaceInput']) =>
      answer(api.POST('/api/household/places', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  const remove = useAct(
    (key, id: string) =>
      answer(
        api.POST('/api/household/places/{id}/remove', { params: { path: { id }, header: { 'Idempotency-Key': key } } }),
      ),
    done,
  );
  return (
    <form
      className="enamel my-2 grid gap-3 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        save.act({ id: place?.id, version: place?.version ?? 0, name, kind });
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <Field
          label="Name"
          value={name}
          set={(value) => {
            setName(value);
            save.forget();
          }}
          at="/name"
          problem={save.problem}
        />
        <Choice label="What it is" value={kind} set={setKind} of={placeWords} />
      </div>
      <OtherProblem problem={save.problem ?? remove.problem} fields={['/name']} />
      <div className="flex gap-3">
        <button type="submit" className="btn btn-primary" disabled={save.busy}>
          Write down
        </button>
        <button type="button" className="btn btn-ghost" onClick={done}>
          Leave it
        </button>
        {place && (
          <button type="button" className="btn btn-ghost ml-auto" onClick={() => remove.act(place.id)}>
            Remove
          </button>
        )}
      </div>
    </form>
  );
}

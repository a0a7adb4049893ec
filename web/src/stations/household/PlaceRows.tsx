import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Choice, Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { whole } from '../../kit/words';
import { Ends, Rows } from './Rows';
import { placeWords } from './words';

type Place = Schema['PlaceName'];

/** Where things lie. */
export function PlaceRows({ places }: { places: Place[] }) {
  return (
    <Rows
      title="Places"
      things={places}
      line={(place) => (
        <>
          <span className="font-semibold">{place.name}</span>
          <span className="quiet">
            {placeWords[place.kind]}
            {place.litres && ` · ${place.litres} l`}
          </span>
        </>
      )}
      form={(place, done) => <PlaceForm place={place} done={done} />}
    />
  );
}

function PlaceForm({ place, done }: { place?: Place; done: () => void }) {
  const [name, setName] = useState(place?.name ?? '');
  const [kind, setKind] = useState<Place['kind']>(place?.kind ?? 'FREEZER');
  const [litres, setLitres] = useState(place?.litres ?? '');
  const [drawers, setDrawers] = useState('1');
  const save = useAct(
    'all',
    (key, body: Schema['PlaceInput']) =>
      answer(api.POST('/api/household/places', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  const remove = useAct(
    'all',
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
        const freezer = kind === 'FREEZER';
        save.act({
          id: place?.id,
          version: place?.version ?? 0,
          name,
          kind,
          litres: freezer ? litres : undefined,
          drawers: freezer && !place ? whole(drawers, 1) : undefined,
        });
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
      {kind === 'FREEZER' && (
        <div className="grid gap-3 sm:grid-cols-2">
          <Field
            label="Litres"
            value={litres}
            set={(value) => {
              setLitres(value);
              save.forget();
            }}
            at="/litres"
            problem={save.problem}
            hint="stands on its plate or in its booklet; left open, “it’s full” learns it"
          />
          {!place && (
            <Field
              label="How many of this size"
              value={drawers}
              set={(value) => {
                setDrawers(value);
                save.forget();
              }}
              at="/drawers"
              problem={save.problem}
            />
          )}
        </div>
      )}
      <OtherProblem problem={save.problem ?? remove.problem} fields={['/name', '/litres', '/drawers']} />
      <Ends busy={save.busy} leave={done} away={place && { words: 'Remove', act: () => remove.act(place.id) }} />
    </form>
  );
}

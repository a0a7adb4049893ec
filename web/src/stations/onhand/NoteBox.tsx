import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useNoteRead } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Ask } from '../../kit/Ask';
import { Field } from '../../kit/Field';
import { FieldProblem, Money, OneOf, OtherProblem } from '../../kit/kit';
import { useKept } from '../../kit/useKept';
import { shortDay, until } from '../../kit/words';

const kinds: [boolean, string][] = [
  [false, 'what is there'],
  [true, 'just back'],
];

/** A stock note: typed as on paper, understood line by line; what is not understood stays to be put right. */
export function NoteBox({ places }: { places: Schema['PlaceView'][] }) {
  const [text, setText] = useKept('note');
  const [search] = useSearchParams();
  const freezer = places.find((choice) => choice.kind === 'FREEZER')?.id;
  const [place, setPlace] = useState(search.get('into') === 'freezer' ? freezer : undefined);
  const [bought, setBought] = useState(false);
  const [till, setTill] = useState('');
  const read = useNoteRead(text, place);
  const lines = text.trim() === '' ? [] : (read.data ?? []);
  const asked = lines.find((line) => line.problem === '' && !line.known && !line.dish);
  const store = useAct(
    'stock',
    (key, body: Schema['NoteInput']) =>
      answer(api.POST('/api/onhand/note', { params: { header: { 'Idempotency-Key': key } }, body })),
    (stored) => {
      setText(stored.left.join('\n'));
      setTill('');
    },
  );
  return (
    <section aria-label="Stock note">
      <h2 className="mb-3 text-2xl">
        <label htmlFor="note-text">{bought ? 'Just back: write down what came in' : 'Write down what is there'}</label>
      </h2>
      <div className="mb-2">
        <OneOf choices={kinds} chosen={bought} choose={setBought} />
      </div>
      <textarea
        id="note-text"
        className="textarea textarea-lg w-full"
        rows={4}
        value={text}
        aria-invalid={store.problem?.field === '/text'}
        aria-describedby="note-problem"
        placeholder={'3.2 kg pork shoulder, bone in, 17.57\n3 x 500 g mince Oct\n2 bolognese for 6'}
        onChange={(event) => {
          setText(event.target.value);
          store.forget();
        }}
      />
      <FieldProblem id="note-problem" at="/text" problem={store.problem} />
      {lines.length > 0 && (
        <ol className="enamel mt-2 px-4 py-1" aria-label="As understood">
          {lines.map((line) => (
            <li
              key={`${line.number} ${line.food} ${line.amount} ${line.eatBy}`}
              className="row grid-cols-[minmax(0,1fr)_auto] last:border-0"
            >
              {line.problem ? <NotUnderstood line={line} /> : <Understood line={line} />}
            </li>
          ))}
        </ol>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <label className="flex items-center gap-2">
          Where
          <select
            className="select"
            value={place ?? ''}
            onChange={(event) => setPlace(event.target.value || undefined)}
          >
            <option value="">each to its usual place</option>
            {places.map((choice) => (
              <option key={choice.id} value={choice.id}>
                {choice.name}
              </option>
            ))}
          </select>
        </label>
        {bought && (
          <Field
            label="The till said"
            kind="number"
            wide="w-32"
            value={till}
            set={(value) => {
              setTill(value);
              store.forget();
            }}
            at="/till"
            problem={store.problem}
          />
        )}
        <button
          type="button"
          className="btn btn-primary"
          disabled={store.busy}
          onClick={() => store.act({ text, place, bought, till: bought ? till : undefined })}
        >
          Put it away
        </button>
      </div>
      <OtherProblem problem={store.problem} fields={['/text', '/till']} />
      {/* below the button: what it still fetches moves nothing under a thumb */}
      {asked && (
        <div className="enamel mt-3 px-4 py-2">
          <Ask name={asked.food} />
        </div>
      )}
    </section>
  );
}

function NotUnderstood({ line }: { line: Schema['NoteLineView'] }) {
  return (
    <>
      <span className="fieldproblem">
        line {line.number}: {line.problem}
      </span>
      <span />
    </>
  );
}

function Understood({ line }: { line: Schema['NoteLineView'] }) {
  const portions = line.dish ? 'a dish' : line.known ? '' : 'a food of your own';
  return (
    <>
      <span>
        <span className="figure font-bold">
          {line.count > 1 && `${line.count} × `}
          {line.amount ?? 'have'}
        </span>{' '}
        <span className="font-semibold">{line.food}</span>
        {line.state && !line.food.includes(line.state) && <span className="quiet"> · {line.state}</span>}
        {line.about && <span className="quiet">, {line.about}</span>}
        {portions && <span className="quiet"> · {portions}</span>}
        <span className="quiet block text-sm" title={line.rule}>
          {line.placeName}
          {line.eatBy && ` · eat by ${shortDay(line.eatBy)}`}
          {line.bestBefore && ` · ${until('best before', line.bestBefore)}`}
        </span>
        {line.asks.length > 0 && <span className="block text-accent">not sure {line.asks.join('; ')}</span>}
      </span>
      {line.price ? <Money amount={line.price} /> : <span className="quiet text-sm">no price</span>}
    </>
  );
}

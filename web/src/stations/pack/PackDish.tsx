import { type ReactNode, useEffect, useRef, useState } from 'react';
import { answer, api, newKey, Refused, type Schema } from '../../api/client';
import { usePackDraft } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { FieldProblem, Money, OneOf, OtherProblem, Waiting } from '../../kit/kit';
import { counted, mealWords, portionsOf, shortDay } from '../../kit/words';
import { LabelPicture } from './LabelPicture';

type Props = {
  dish: Schema['LotView'];
  places: Schema['PlaceChoice'][];
  containers: Schema['ContainerView'][];
  children?: ReactNode;
};

const waits: Record<Schema['ForMealView']['waits'], string> = {
  OUT: 'stay out for it',
  FRIDGE: 'from the fridge',
  FREEZER: 'from the freezer',
};

type Shape = NonNullable<Schema['PackInput']['shape']> | '';
const shapes: [Shape, string][] = [
  ['', 'not said'],
  ['FLAT', 'flat, 3 cm at most'],
  ['BLOCK', 'pot-shaped'],
];

type Packet = { key: string; text: string };

/**
 * Shares one dish out into packets; the labels stand below before anything is filled.
 *
 * @param children what stands below it: shown once the first labels are known, so that nothing moves under a finger
 */
export function PackDish({ dish, places, containers, children }: Props) {
  const [packets, setPackets] = useState<Packet[]>([]);
  const [each, setEach] = useState('6');
  const [eachProblem, setEachProblem] = useState('');
  const [place, setPlace] = useState(places.find((choice) => choice.freezer)?.id ?? places[0]?.id ?? '');
  const [container, setContainer] = useState('');
  const [together, setTogether] = useState(false);
  const [weighed, setWeighed] = useState('');
  const [shape, setShape] = useState<Shape>('');
  const [byHand, setByHand] = useState(false);
  const input: Schema['PackInput'] = {
    lot: dish.id,
    packets: packets.map((packet) => portionsOf(packet.text, 0)),
    place,
    container: container || undefined,
    together,
    weighed: weighed.trim() || undefined,
    shape: shape || undefined,
  };
  const draft = usePackDraft(input);
  const [split, setSplit] = useState<Schema['SplitView']>();
  const fridge = places.find((choice) => !choice.freezer)?.id;
  const pack = useAct('stock', (key, body: Schema['PackInput']) =>
    answer(api.POST('/api/pack', { params: { header: { 'Idempotency-Key': key } }, body })),
  );

  const fill = (portions: number[], where: string | undefined) => {
    setPackets(portions.map((one) => ({ key: newKey(), text: String(one) })));
    if (where) {
      setPlace(where);
    }
  };
  // the cook may type on before an answer is there: only what was asked last counts
  const asked = useRef('');
  // until it is shared out anew the packets are those of the size before: nothing is packed by them
  const [sharing, setSharing] = useState(false);
  const share = async (size: string, anew = false) => {
    const ask = newKey();
    asked.current = ask;
    setEach(size);
    setSharing(true);
    let shared: Schema['SplitView'] | undefined;
    let wrong = '';
    try {
      shared = await answer(api.POST('/api/pack/even', { body: { lot: dish.id, each: portionsOf(size, 0) } }));
    } catch (error) {
      wrong = error instanceof Refused ? error.message : 'The kitchen does not answer.';
    }
    if (asked.current === ask) {
      setSharing(false);
      setEachProblem(wrong);
      if (shared) {
        setSplit(shared);
        // all of it is eaten before its limit in the fridge: nothing is frozen
        if (shared.packets.length === 0) {
          fill([shared.fridge], fridge);
        } else {
          // what was put into the fridge before says nothing of the rest
          fill(shared.packets, anew ? places.find((choice) => choice.freezer)?.id : undefined);
        }
      }
    }
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: the first sharing out is made once for a dish
  useEffect(() => {
    void share(each, true);
  }, [dish.id, dish.portions]);

  const problem = draft.data?.problem;
  if (!draft.data && !draft.error && eachProblem === '') {
    return <Waiting />;
  }
  return (
    <>
      <div className="grid gap-8 lg:grid-cols-[2fr_3fr]">
        <section aria-label="Packets">
          <h2 className="text-2xl">{dish.name}</h2>
          <p className="quiet mb-4">
            {dish.amount} on the counter · <Money amount={dish.cost} complete={dish.costComplete} /> used
          </p>
          {split && split.meals.length > 0 && (
            <div className="mb-3">
              <ul className="mb-1">
                {split.meals.map((one) => (
                  <li key={one.day + one.meal}>
                    {shortDay(one.day)}, {mealWords[one.meal]}: {counted(one.portions, 'portion')} {waits[one.waits]}
                  </li>
                ))}
              </ul>
              {split.fridge > 0 && split.packets.length > 0 && fridge && (
                <button type="button" className="btn btn-outline" onClick={() => fill([split.fridge], fridge)}>
                  {counted(split.fridge, 'portion')} into the fridge first
                </button>
              )}
            </div>
          )}
          <label className="mb-3 flex items-center gap-3">
            <span className="font-semibold">
              {split && split.meals.length > 0 ? 'The rest, portions a packet' : 'Portions a packet'}
            </span>
            <input
              className="input w-20"
              inputMode="numeric"
              value={each}
              aria-invalid={eachProblem !== ''}
              onChange={(event) => share(event.target.value)}
            />
          </label>
          {eachProblem && (
            <p role="alert" className="fieldproblem mb-2">
              {eachProblem}
            </p>
          )}
          <ol className="mb-4 flex flex-wrap gap-2">
            {packets.map((packet, i) => (
              <li key={packet.key}>
                <input
                  className="input figure w-16 text-center text-xl font-bold"
                  inputMode="numeric"
                  aria-label={`Portions in packet ${i + 1}`}
                  value={packet.text}
                  onChange={(event) => {
                    setPackets(
                      packets.map((old) => (old.key === packet.key ? { ...old, text: event.target.value } : old)),
                    );
                    pack.forget();
                  }}
                />
              </li>
            ))}
            <li>
              <button
                type="button"
                className="btn btn-outline"
                aria-label="Another packet"
                onClick={() => setPackets([...packets, { key: newKey(), text: '1' }])}
              >
                +
              </button>
            </li>
            <li>
              <button
                type="button"
                className="btn btn-outline"
                aria-label="One packet less"
                disabled={packets.length < 2}
                onClick={() => setPackets(packets.slice(0, -1))}
              >
                −
              </button>
            </li>
          </ol>
          <div aria-live="polite">
            {problem && <p className="fieldproblem mb-3">{problem}</p>}
            {draft.data?.mind.map((words) => (
              <p key={words} className="font-semibold text-accent">
                {words}
              </p>
            ))}
            {!problem && draft.data && draft.data.left > 0 && (
              <p className="mb-3">
                {draft.data.left === 1 ? '1 portion stays' : `${draft.data.left} portions stay`} on the counter.
              </p>
            )}
          </div>
          {packets.length > 1 && (
            <button
              type="button"
              aria-pressed={together}
              className={`btn mb-3 ${together ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => setTogether(!together)}
            >
              these {packets.length} are one meal
            </button>
          )}
          <label className="mb-3 block">
            <span className="font-semibold">Where</span>
            <select className="select w-full" value={place} onChange={(event) => setPlace(event.target.value)}>
              {places.map((choice) => (
                <option key={choice.id} value={choice.id}>
                  {choice.name}
                </option>
              ))}
            </select>
            <FieldProblem at="/place" problem={pack.problem} />
          </label>
          <label className="mb-4 block">
            <span className="font-semibold">In what</span>
            <select className="select w-full" value={container} onChange={(event) => setContainer(event.target.value)}>
              <option value="">not said</option>
              {containers.map((choice) => (
                <option key={choice.id} value={choice.id}>
                  {choice.name}
                </option>
              ))}
            </select>
          </label>
          {places.find((choice) => choice.id === place)?.freezer && (
            <fieldset className="mb-3">
              <legend className="font-semibold">Shape</legend>
              <OneOf of="Shape" choices={shapes} chosen={shape} choose={setShape} />
            </fieldset>
          )}
          <Field
            label="These packets weigh"
            value={weighed}
            set={(value) => {
              setWeighed(value);
              pack.forget();
            }}
            at="/weighed"
            problem={pack.problem ?? (draft.error instanceof Refused ? draft.error.problem : undefined)}
            placeholder="not weighed"
            hint="what the scale shows: by it the packets thaw, and fill the drawer"
          />
          <button
            type="button"
            className="btn btn-primary btn-lg mt-4 min-h-16"
            disabled={pack.busy || sharing}
            onClick={() => pack.act(input)}
          >
            Pack {packets.length === 1 ? '1 packet' : `${packets.length} packets`}
          </button>
          <FieldProblem at="/packets" problem={pack.problem} />
          <OtherProblem problem={pack.problem} fields={['/packets', '/place', '/weighed']} />
        </section>
        <section aria-label="Labels before filling">
          <div className="mb-3 flex items-baseline justify-between gap-3">
            <h2 className="text-2xl">Labels</h2>
            <button
              type="button"
              aria-pressed={byHand}
              className={`btn ${byHand ? 'btn-primary' : 'btn-ghost'}`}
              onClick={() => setByHand(!byHand)}
            >
              write by hand
            </button>
          </div>
          <ol className="grid gap-4 sm:grid-cols-2">
            {(draft.data?.labels ?? []).map((label, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: labels of one dish differ by their place only
              <li key={i}>
                <LabelPicture label={label} byHand={byHand} />
              </li>
            ))}
          </ol>
        </section>
      </div>
      {children}
    </>
  );
}

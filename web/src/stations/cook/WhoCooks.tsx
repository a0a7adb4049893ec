import { Field } from '../../kit/Field';
import { shortDay } from '../../kit/words';

/** When somebody cooks; a second time is another session, the day after if it says so. */
type Hand = { name: string; from: string; to: string; from2: string; to2: string; next: boolean };
export type Hands = { begin: string; doneBy: string; hands: Hand[]; rest: string; restFor: string };

export const noHands: Hands = { begin: '', doneBy: '', hands: [], rest: '', restFor: '20' };

/** As the clock is asked: apart by commas, "Nora;14:00;17:30". */
export function handsText(who: Hands, day: string): { hands: string; breaks: string } {
  const plain = (text: string) => text.replaceAll(/[;,]/g, ' ');
  const hands = who.hands.flatMap((hand) => {
    const first = hand.from === '' || hand.to === '' ? plain(hand.name) : `${plain(hand.name)};${hand.from};${hand.to}`;
    const on = hand.next ? `${dayAfter(day)}T` : '';
    return hand.from2 === '' || hand.to2 === ''
      ? [first]
      : [first, `${plain(hand.name)};${on}${hand.from2};${on}${hand.to2}`];
  });
  return { hands: hands.join(','), breaks: who.rest === '' ? '' : `${who.rest};${plain(who.restFor)}` };
}

const dayAfter = (day: string) =>
  new Date(new Date(`${day}T00:00:00Z`).getTime() + 86_400_000).toISOString().slice(0, 10);

type Props = {
  who: Hands;
  set: (who: Hands) => void;
  cooks: string[];
  day: string;
  problem: string | undefined;
};

/** Begin or end, who cooks from when to when, and when nobody does. */
export function WhoCooks({ who, set, cooks, day, problem }: Props) {
  const names = cooks.length === 0 ? ['cook'] : cooks;
  const toggle = (name: string) =>
    set({
      ...who,
      hands: who.hands.some((hand) => hand.name === name)
        ? who.hands.filter((hand) => hand.name !== name)
        : [...who.hands, { name, from: '', to: '', from2: '', to2: '', next: true }],
    });
  const change = (name: string, part: Partial<Hand>) =>
    set({ ...who, hands: who.hands.map((hand) => (hand.name === name ? { ...hand, ...part } : hand)) });
  return (
    <div className="no-print enamel mb-4 grid gap-4 p-4">
      <div className="flex flex-wrap items-end gap-4">
        <Field
          label="Begin"
          kind="time"
          value={who.begin}
          set={(begin) => set({ ...who, begin })}
          wide="w-32"
          at="/begin"
        />
        <Field
          label="Or be done by"
          kind="time"
          value={who.doneBy}
          set={(doneBy) => set({ ...who, doneBy })}
          wide="w-32"
        />
        <Field label="A break from" kind="time" value={who.rest} set={(rest) => set({ ...who, rest })} wide="w-32" />
        <Field
          label="for minutes"
          kind="number"
          value={who.restFor}
          set={(restFor) => set({ ...who, restFor })}
          wide="w-20"
        />
      </div>
      <div>
        <span className="block font-semibold">Who cooks</span>
        <div className="flex flex-wrap gap-2">
          {names.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={who.hands.some((hand) => hand.name === name)}
              className={`btn ${who.hands.some((hand) => hand.name === name) ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => toggle(name)}
            >
              {name}
            </button>
          ))}
        </div>
      </div>
      {who.hands.map((hand) => (
        <div key={hand.name} className="flex flex-wrap items-end gap-3">
          <span className="w-28 font-semibold">{hand.name}</span>
          <Field label="from" kind="time" value={hand.from} set={(from) => change(hand.name, { from })} wide="w-32" />
          <Field label="to" kind="time" value={hand.to} set={(to) => change(hand.name, { to })} wide="w-32" />
          <Field
            label="and again from"
            kind="time"
            value={hand.from2}
            set={(from2) => change(hand.name, { from2 })}
            wide="w-32"
          />
          <Field label="to" kind="time" value={hand.to2} set={(to2) => change(hand.name, { to2 })} wide="w-32" />
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={hand.next}
              onChange={(event) => change(hand.name, { next: event.target.checked })}
            />
            on {shortDay(dayAfter(day))}
          </label>
        </div>
      ))}
      {problem && (
        <p className="fieldproblem" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}

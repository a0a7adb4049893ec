import { useState } from 'react';
import type { Schema } from '../../api/client';
import { useProposal } from '../../api/plan';
import { Field } from '../../kit/Field';
import { Money, OneOf, OtherProblem } from '../../kit/kit';
import { counted } from '../../kit/words';
import { Proposed } from './Proposed';
import { Wishes } from './Wishes';

type Input = Schema['ProposeInput'];
export type Choice = Schema['MealChoice'];

const mixtures = [
  ['CHEAP', 'cheap'],
  ['EASY', 'easy'],
  ['VARIED', 'varied'],
  ['LITTLE', 'change little'],
] as const;

export const middle: Schema['Sliders'] = {
  cheap: 2,
  quick: 2,
  varied: 2,
  useUp: 2,
  favourites: 2,
  fewNew: 1,
  fewChanges: 2,
};

const key = (choice: { day: string; meal: string }) => `${choice.day} ${choice.meal}`;

/** A plan that proposes itself: how it should be, what must be in it, and the plan beside what stands. */
export function Propose({ from, close }: { from: string; close: () => void }) {
  const [asked, setAsked] = useState<Input>({ from, days: 14, mixture: 'VARIED', anew: false, asks: [], seed: 1 });
  const [sliders, setSliders] = useState(middle);
  const [typed, setTyped] = useState('');
  const [budget, setBudget] = useState('');
  const [kept, setKept] = useState<Choice[]>([]);
  const proposal = useProposal();
  const data = proposal.data;
  const ask = (more: Partial<Input> = {}) => {
    const next = { ...asked, ...more };
    setAsked(next);
    const before = data?.meals.flatMap((meal) => (meal.open && meal.choice ? [meal.choice] : []));
    proposal.ask({
      ...next,
      sliders: next.mixture === 'OWN' ? sliders : undefined,
      budget: budget.trim() === '' ? undefined : budget,
      asks: typed.split(/\n|;/).flatMap((wish) => (wish.trim() ? [wish.trim()] : [])),
      kept,
      before,
    });
  };
  const keep = (choice: Choice) =>
    setKept(
      kept.some((one) => key(one) === key(choice)) ? kept.filter((one) => key(one) !== key(choice)) : [...kept, choice],
    );
  const swap = (choice: Choice) => {
    const now = [...kept.filter((one) => key(one) !== key(choice)), choice];
    setKept(now);
    proposal.ask({ ...proposal.last, kept: now, before: data?.meals.flatMap((m) => (m.choice ? [m.choice] : [])) });
  };
  return (
    <section className="enamel mb-6 grid gap-4 p-4" aria-label="A plan that proposes itself">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h2 className="text-2xl">What shall it be?</h2>
          <p className="quiet">from what you have, what you cook and who eats; nothing is written until you take it</p>
        </div>
        {data && (
          <div className="text-right">
            <Money amount={data.cost} complete={data.complete} missing={data.missing} big />
            <p className="quiet">
              to buy for {counted(data.meals.length, 'meal')} · {Math.floor(data.minutes / 60)} h {data.minutes % 60}{' '}
              min of hands
            </p>
            {data.weeks.length > 1 && <p className="quiet figure">week by week {data.weeks.join(' · ')}</p>}
          </div>
        )}
      </div>
      <div className="flex flex-wrap items-end gap-4">
        <OneOf
          of="Mixture"
          choices={[...mixtures, ['OWN', 'adjust'] as const]}
          chosen={asked.mixture}
          choose={(mixture) => setAsked({ ...asked, mixture })}
        />
        <OneOf
          of="How long"
          choices={[
            [7, '1 week'],
            [14, '2'],
            [21, '3'],
            [28, '4'],
            [35, '5'],
          ]}
          chosen={asked.days}
          choose={(days) => setAsked({ ...asked, days })}
        />
        <OneOf
          of="What is open"
          choices={[
            [false, 'only what is open'],
            [true, 'all but locked'],
          ]}
          chosen={asked.anew}
          choose={(anew) => setAsked({ ...asked, anew })}
        />
      </div>
      {asked.mixture === 'OWN' && <Wishes sliders={sliders} set={setSliders} />}
      <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_10rem_10rem]">
        <Field
          label="It should"
          value={typed}
          set={setTyped}
          placeholder="fish twice; no oven on Tuesday; use the mince by Friday"
          hint="several with ; between"
        />
        <Field
          label="From"
          kind="date"
          value={asked.from ?? from}
          set={(day) => setAsked({ ...asked, from: day })}
          at="/day"
          problem={proposal.problem}
        />
        <Field
          label="Money for a week"
          value={budget}
          set={setBudget}
          at="/budget"
          problem={proposal.problem}
          placeholder="none"
        />
      </div>
      <OtherProblem problem={proposal.problem} fields={['/budget', '/day']} />
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn btn-primary btn-lg" disabled={proposal.busy} onClick={() => ask()}>
          {proposal.busy ? 'Looking …' : data ? 'Propose again' : 'Propose'}
        </button>
        {data && (
          <button
            type="button"
            className="btn btn-outline btn-lg"
            disabled={proposal.busy}
            onClick={() => proposal.ask({ ...proposal.last, effort: 4_000_000, kept })}
          >
            Look longer
          </button>
        )}
        {proposal.percent === undefined ? (
          <button type="button" className="btn btn-ghost btn-lg" onClick={close}>
            Leave it
          </button>
        ) : (
          <>
            <button type="button" className="btn btn-outline btn-lg" onClick={proposal.stop}>
              That will do
            </button>
            <progress className="progress w-40 self-center" max={100} value={proposal.percent} aria-label="Looked" />
          </>
        )}
      </div>
      {data && (
        <WhyNot
          busy={proposal.busy}
          answer={data.whyNot}
          ask={(dish) => proposal.ask({ ...proposal.last, whyNot: dish })}
        />
      )}
      {data && <Proposed proposal={data} kept={kept} keep={keep} swap={swap} taken={close} />}
    </section>
  );
}

/** A dish that is not in it: who must not eat it, or what it would cost where it fits best. */
function WhyNot({ busy, answer, ask }: { busy: boolean; answer: string | undefined; ask: (dish: string) => void }) {
  const [dish, setDish] = useState('');
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        ask(dish);
      }}
    >
      <Field label="Why not" value={dish} set={setDish} placeholder="lasagne" />
      <button type="submit" className="btn btn-outline" disabled={busy || dish.trim() === ''}>
        Ask
      </button>
      {answer && (
        <p role="status" className="min-w-0 flex-1 basis-80 self-center font-bold">
          {answer}
        </p>
      )}
    </form>
  );
}

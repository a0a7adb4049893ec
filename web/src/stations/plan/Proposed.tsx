import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OtherProblem, Tape } from '../../kit/kit';
import { counted, mealWords, shortDay } from '../../kit/words';
import type { Choice } from './Propose';

type Proposal = Schema['ProposalView'];
type Meal = Schema['ProposedMeal'];

const fromWords: Record<string, string> = {
  cooked: 'cooked',
  fridge: 'from the fridge',
  freezer: 'from the freezer',
  stock: 'there already',
};

/** The plan that was found, beside what stands: why, what else it could be, and taken whole or meal by meal. */
export function Proposed({
  proposal,
  kept,
  keep,
  swap,
  taken,
}: {
  proposal: Proposal;
  kept: Choice[];
  keep: (choice: Choice) => void;
  swap: (choice: Choice) => void;
  taken: () => void;
}) {
  const send = (key: string, body: Schema['TakeProposal']) =>
    answer(api.POST('/api/plan/take', { params: { header: { 'Idempotency-Key': key } }, body }));
  const take = useAct('plan', send);
  const takeAll = useAct('plan', send, taken);
  const all = proposal.meals.flatMap((meal) => (meal.choice && (meal.open || isKept(kept, meal)) ? [meal.choice] : []));
  return (
    <div className="grid gap-4">
      {proposal.clash.length > 0 && (
        <p role="alert" className="fieldproblem">
          {proposal.clash.length === 1 ? 'This cannot be had: ' : 'These cannot be had together: '}
          {proposal.clash.join(' · ')}
        </p>
      )}
      {proposal.broken.map((words) => (
        <p key={words} className="font-bold text-accent">
          {words}
        </p>
      ))}
      <ol>
        {proposal.meals.map((meal) => (
          <ProposedRow
            key={`${meal.day} ${meal.meal}`}
            meal={meal}
            kept={isKept(kept, meal)}
            keep={keep}
            swap={swap}
            take={() => take.act({ meals: meal.together })}
          />
        ))}
      </ol>
      <ul className="quiet list-disc pl-5">
        {proposal.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
        {proposal.left.length > 0 && <li>{leftOver(proposal.left)}</li>}
        {proposal.cutOff && <li>the search ended before everything was tried</li>}
      </ul>
      <OtherProblem problem={take.problem ?? takeAll.problem} fields={[]} />
      <div className="flex gap-3">
        <button
          type="button"
          className="btn btn-primary btn-lg"
          disabled={takeAll.busy || all.length === 0}
          onClick={() => takeAll.act({ meals: all })}
        >
          Take all {all.length}
        </button>
      </div>
    </div>
  );
}

/** What of the packs nobody eats in time, by name; of what keeps how many things. */
const leftOver = (left: Proposal['left']) => {
  const lost = left.filter((one) => one.wasted);
  const keeps = left.length - lost.length;
  return [
    ...lost.map((one) => `${one.amount} ${one.food}${one.until ? ` to ${shortDay(one.until)}` : ''}`),
    ...(keeps > 0 ? [`${counted(keeps, 'thing')} that keep${keeps === 1 ? 's' : ''}`] : []),
  ].reduce((words, one) => `${words}${words.endsWith(': ') ? '' : ' · '}${one}`, 'the packs leave: ');
};

const isKept = (kept: Choice[], meal: Meal) => kept.some((one) => one.day === meal.day && one.meal === meal.meal);

function ProposedRow({
  meal,
  kept,
  keep,
  swap,
  take,
}: {
  meal: Meal;
  kept: boolean;
  keep: (choice: Choice) => void;
  swap: (choice: Choice) => void;
  take: () => void;
}) {
  const [open, setOpen] = useState(false);
  const { choice } = meal;
  const changes = meal.stands !== '' && meal.stands !== meal.name;
  return (
    <li className="row grid-cols-1 gap-x-4 px-1 md:grid-cols-[7rem_minmax(0,17rem)_minmax(0,1fr)_auto]">
      <span>
        <span className="display block">{shortDay(meal.day)}</span>
        {meal.meal !== 'DINNER' && <span className="quiet text-sm">{mealWords[meal.meal]}</span>}
      </span>
      <span className="grid content-start">
        {choice ? (
          <Tape name={meal.name} of={choice.recipe ?? choice.batch ?? meal.name}>
            {fromWords[meal.from]}
          </Tape>
        ) : (
          <span className="quiet">{meal.name || 'nothing fits'}</span>
        )}
        {changes && <span className="quiet pl-2 text-sm">instead of {meal.stands}</span>}
      </span>
      <span className="text-sm">
        {meal.reasons.join(' · ')}
        {open && (
          <span className="mt-1 grid gap-1">
            {meal.swaps.map((other) => (
              <button
                key={other.name}
                type="button"
                className="btn btn-outline h-auto min-h-11 justify-start text-left"
                onClick={() => swap(other.choice)}
              >
                <b>{other.name}</b> {other.words}
              </button>
            ))}
            {choice && (
              <button type="button" className="btn btn-outline justify-start" onClick={take}>
                take this one
              </button>
            )}
          </span>
        )}
      </span>
      {meal.open || kept ? (
        <span className="flex items-start gap-1">
          {choice && (
            <button
              type="button"
              aria-pressed={kept}
              className={`btn ${kept ? 'btn-primary' : 'btn-ghost'}`}
              onClick={() => keep(choice)}
            >
              {kept ? 'stays' : 'keep'}
            </button>
          )}
          <button type="button" className="btn btn-ghost" aria-expanded={open} onClick={() => setOpen(!open)}>
            or …
          </button>
        </span>
      ) : (
        <span className="quiet pt-2 text-sm">as decided</span>
      )}
    </li>
  );
}

import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { usePlan } from '../../api/queries';
import { Heading, OneOf, useMoneyWords, Waiting } from '../../kit/kit';
import { Panel } from '../../kit/Panel';
import { mealWords, shortDay } from '../../kit/words';
import { DayRow } from './DayRow';
import { HabitsPanel } from './HabitsPanel';
import { MealPanel } from './MealPanel';
import type { MealName } from './meals';
import { Propose } from './Propose';
import { SharePanel } from './SharePanel';
import { Weeks } from './Weeks';

const weeks = [
  [7, '1 week'],
  [14, '2'],
  [21, '3'],
  [28, '4'],
  [35, '5'],
] as const;

type Open = { date: string; meal: MealName | undefined };

/** One to five weeks of meals: what is eaten, what to do in time, and what does not hold. */
export function Plan() {
  const [days, setDays] = useState<number>(14);
  const plan = usePlan(days);
  const money = useMoneyWords();
  const [open, setOpen] = useState<Open>();
  const [proposing, setProposing] = useState(false);
  const [beside, setBeside] = useState<'habits' | 'share'>();
  if (!plan.data) {
    return <Waiting />;
  }
  const meals = plan.data.days.flatMap((day) => day.meals);
  const planned = meals.filter((meal) => meal.slot && meal.slot.kind !== 'UNDECIDED').length;
  const cost = plan.data.weeks.find((week) => week.from === plan.data.today && week.meals > 0);
  const wrong = meals.flatMap((meal) => meal.remarks).filter((remark) => remark.level === 'STOP').length;
  return (
    <div className="flex flex-col">
      <Heading
        title={planned === 0 ? 'Nothing is planned yet' : title(wrong)}
        below={
          planned === 0
            ? 'tap a plate and write what you would cook anyway; a name is enough'
            : `${planned} of ${meals.length} meals planned · tap a plate to change it, drag a packet onto one`
        }
      >
        {cost && (
          <>
            <p className="figure font-bold text-warning md:text-4xl">{money(cost.till, cost.tillComplete)}</p>
            <p className="quiet max-md:hidden">
              at the till for the next seven days, {money(cost.cost, cost.complete, cost.missing)} eaten
            </p>
          </>
        )}
      </Heading>
      <div className="mb-4 flex flex-wrap gap-3 max-md:order-2">
        <OneOf of="Weeks" choices={weeks} chosen={days} choose={setDays} />
        {!proposing && (
          <button type="button" className="btn btn-primary" onClick={() => setProposing(true)}>
            Propose a plan
          </button>
        )}
        <button type="button" className="btn btn-ghost" onClick={() => setBeside('habits')}>
          What repeats
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => setBeside('share')}>
          For elsewhere
        </button>
      </div>
      {plan.data.freezeBy && (
        <p className="mb-4 max-md:order-2">
          <Link to="/onhand" className="font-bold underline">
            {plan.data.freezeBy}
          </Link>
        </p>
      )}
      {proposing && <Propose from={firstOpen(plan.data)} close={() => setProposing(false)} />}
      <Weeks plan={plan.data} open={(date, meal) => setOpen({ date, meal })} />
      <details className="max-md:order-2">
        <summary className="btn btn-ghost">The same as a list, with all that is to be known</summary>
        <ol>
          {plan.data.days.map((day) => (
            <DayRow key={day.date} day={day} open={(meal) => setOpen({ date: day.date, meal })} />
          ))}
        </ol>
      </details>
      {beside === 'habits' && <HabitsPanel plan={plan.data} close={() => setBeside(undefined)} />}
      {beside === 'share' && <SharePanel plan={plan.data} close={() => setBeside(undefined)} />}
      {open && <OpenMeal open={open} plan={plan.data} choose={setOpen} />}
    </div>
  );
}

/** "One thing to sort out". */
const title = (wrong: number) =>
  wrong === 0 ? 'Everything holds' : wrong === 1 ? 'One thing to sort out' : `${wrong} things to sort out`;

/** The first day with nothing decided: a proposal begins there. */
function firstOpen(plan: Schema['PlanView']): string {
  const open = plan.days.find((day) => day.meals.some((meal) => !meal.slot || meal.slot.kind === 'UNDECIDED'));
  return open?.date ?? plan.days[0]?.date ?? plan.today;
}

/** The meal that was tapped, or which one more it is to be. */
function OpenMeal({
  open,
  plan,
  choose,
}: {
  open: Open;
  plan: Schema['PlanView'];
  choose: (open: Open | undefined) => void;
}) {
  const close = () => choose(undefined);
  const day = plan.days.find((one) => one.date === open.date);
  const there = day?.meals ?? [];
  if (open.meal === undefined) {
    const free = plan.usual.filter((usual) => !there.some((meal) => meal.meal === usual.meal));
    return (
      <Panel title={`${shortDay(open.date)}: which meal?`} close={close}>
        <div className="flex flex-wrap gap-2">
          {free.map((usual) => (
            <button
              key={usual.meal}
              type="button"
              className="btn btn-outline btn-lg"
              onClick={() => choose({ ...open, meal: usual.meal })}
            >
              {mealWords[usual.meal]}
            </button>
          ))}
        </div>
      </Panel>
    );
  }
  const usual = plan.usual.find((one) => one.meal === open.meal);
  const meal = there.find((one) => one.meal === open.meal) ?? (usual && { meal: open.meal, usual, remarks: [] });
  return meal && <MealPanel key={`${open.date}-${open.meal}`} date={open.date} meal={meal} plan={plan} close={close} />;
}

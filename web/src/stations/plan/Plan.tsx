import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { usePlan } from '../../api/queries';
import { Heading, OneOf, Waiting } from '../../kit/kit';
import { Panel } from '../../kit/Panel';
import { mealWords, shortDay } from '../../kit/words';
import { DayRow } from './DayRow';
import { HabitsPanel } from './HabitsPanel';
import { MealPanel } from './MealPanel';
import type { MealName } from './meals';
import { Propose } from './Propose';
import { RunPicture } from './RunPicture';
import { SharePanel } from './SharePanel';

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
  const [open, setOpen] = useState<Open>();
  const [proposing, setProposing] = useState(false);
  const [beside, setBeside] = useState<'habits' | 'share'>();
  if (!plan.data) {
    return <Waiting />;
  }
  const meals = plan.data.days.flatMap((day) => day.meals);
  const planned = meals.filter((meal) => meal.slot && meal.slot.kind !== 'UNDECIDED').length;
  const wrong = meals.flatMap((meal) => meal.remarks).filter((remark) => remark.level === 'STOP').length;
  return (
    <>
      <Heading
        title={planned === 0 ? 'Nothing is planned yet' : `${planned} of ${meals.length} meals planned`}
        below={
          planned === 0
            ? 'open a meal and write what you would cook anyway; a name is enough'
            : 'tap a meal to change it; dates, thawing and who eats are checked'
        }
      >
        {planned > 0 && (
          <>
            <p className={`figure text-4xl font-bold ${wrong > 0 ? 'text-accent' : ''}`}>{wrong}</p>
            <p className="quiet">{wrong === 1 ? 'thing does not hold' : 'things do not hold'}</p>
          </>
        )}
      </Heading>
      <div className="mb-4 flex flex-wrap gap-3">
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
        <p className="mb-4">
          <Link to="/onhand" className="font-bold underline">
            {plan.data.freezeBy}
          </Link>
        </p>
      )}
      {planned > 0 && <RunPicture plan={plan.data} open={(date, meal) => setOpen({ date, meal })} />}
      {proposing && <Propose from={firstOpen(plan.data)} close={() => setProposing(false)} />}
      <ol>
        {plan.data.days.map((day) => (
          <DayRow key={day.date} day={day} open={(meal) => setOpen({ date: day.date, meal })} />
        ))}
      </ol>
      {beside === 'habits' && <HabitsPanel plan={plan.data} close={() => setBeside(undefined)} />}
      {beside === 'share' && <SharePanel plan={plan.data} close={() => setBeside(undefined)} />}
      {open && <OpenMeal open={open} plan={plan.data} choose={setOpen} />}
    </>
  );
}

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

import { type CSSProperties, type PointerEvent, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { Schema } from '../../api/client';
import { useMoneyWords } from '../../kit/kit';
import { ribbonDay, shortDay } from '../../kit/words';
import { Boards } from './Boards';
import { Days } from './Days';
import type { MealName } from './meals';
import { Plate } from './Plate';
import { type Moving, useMoving } from './useMoving';
import { WhereTo } from './WhereTo';

type Plan = Schema['PlanView'];
type Hands = ReturnType<typeof useMoving>;

/** Narrower than this there is room for one day at a time. */
const NARROW = 640;
const WEEK = 7;

/** The weeks as a table that is touched: a plate for each meal, and the boards what they eat of lies on. */
export function Weeks({ plan, open }: { plan: Plan; open: (day: string, meal: MealName | undefined) => void }) {
  const box = useRef<HTMLFieldSetElement>(null);
  // as wide as the window until it is measured, so that nothing moves
  const [room, setRoom] = useState(window.innerWidth);
  const [day, setDay] = useState(plan.today);
  const hands = useMoving(plan);
  useLayoutEffect(() => {
    const wide = () => setRoom(box.current?.clientWidth ?? 1000);
    wide();
    window.addEventListener('resize', wide);
    return () => window.removeEventListener('resize', wide);
  }, []);
  // a finger that has grabbed a meal moves it, not the page
  const grabbed = useRef(false);
  grabbed.current = hands.moving !== undefined;
  useEffect(() => {
    const hold = (event: TouchEvent) => grabbed.current && event.cancelable && event.preventDefault();
    const here = box.current;
    here?.addEventListener('touchmove', hold, { passive: false });
    return () => here?.removeEventListener('touchmove', hold);
  }, []);
  // a packet that was dragged is put down where it is let go; one that was taken up by the tap on its plate
  const carried = useRef(false);
  const { shown, moving } = hands;
  const narrow = room > 0 && room < NARROW;
  const on = plan.days.some((one) => one.date === day) ? day : plan.today;
  const weeks = narrow
    ? [shown.days.filter((one) => one.date === on)]
    : Array.from({ length: Math.ceil(shown.days.length / WEEK) }, (_, i) => shown.days.slice(i * WEEK, (i + 1) * WEEK));
  const under = (event: PointerEvent) =>
    document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-day]') ?? undefined;
  return (
    <section className="mb-6" aria-label="The weeks: what is eaten, and from what">
      <fieldset
        ref={box}
        className={`weeks ${hands.held ? 'weeks-holding' : ''}`}
        aria-label="Tap a plate to change it; drag a meal or a packet onto another, or press m and the arrow keys"
        onPointerDownCapture={(event) => {
          carried.current = !(event.target as Element).closest('[data-day]');
        }}
        onPointerMove={(event) => {
          const to = under(event)?.getAttribute('data-day');
          if (moving && to) {
            hands.over(moving.from, { ...moving.from, day: to });
          }
        }}
        onPointerUp={(event) => {
          if (moving) {
            hands.drop();
          } else if (hands.held && carried.current) {
            const at = under(event);
            const to = at?.getAttribute('data-day');
            const meal = at?.getAttribute('data-meal') as MealName | null | undefined;
            if (to && meal) {
              hands.put({ day: to, meal }, hands.held);
            }
          }
        }}
        onPointerCancel={hands.stop}
        onPointerLeave={() => moving && !hands.busy && hands.stop()}
      >
        {narrow && <Days plan={shown} on={on} over={moving?.over.day} choose={setDay} />}
        {weeks.map((days) => (
          <Week key={days[0]?.date} plan={shown} days={days} hands={hands} open={open} />
        ))}
      </fieldset>
      <WhereTo plan={shown} hands={hands} />
      {hands.held && (
        <p aria-live="polite" className="enamel mt-2 p-3">
          <b>{hands.held.name}</b> in your hand: tap the plate it is for.{' '}
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => hands.hold(undefined)}>
            Put it back
          </button>
        </p>
      )}
      <Says moving={moving} plan={shown} problem={hands.problem} />
    </section>
  );
}

/** Up to seven days: their plates, and the boards beneath. */
function Week({
  plan,
  days,
  hands,
  open,
}: {
  plan: Plan;
  days: Plan['days'];
  hands: Hands;
  open: (day: string, meal: MealName | undefined) => void;
}) {
  const money = useMoneyWords();
  const week = plan.weeks.find((one) => one.from === days[0]?.date);
  const outs = plan.threads.flatMap((thread) =>
    thread.climbs.flatMap((climb) => (climb.out ? [{ name: thread.name, out: climb.out }] : [])),
  );
  return (
    <div className="week" style={{ '--days': days.length } as CSSProperties}>
      <p className="week-money">
        {week && week.meals > 0 && week.from !== plan.today && (
          <>
            <b>{money(week.till, week.tillComplete)}</b>
            <span className="quiet block text-sm">
              {week.meals} {week.meals === 1 ? 'meal' : 'meals'}
            </span>
          </>
        )}
      </p>
      {days.map((day) => {
        const dinner = day.meals.find((meal) => meal.meal === 'DINNER');
        const eat = (dinner?.slot?.people.length ?? 0) + (dinner?.slot?.guests.length ?? 0);
        return (
          <p key={day.date} className="week-day">
            <b>{ribbonDay(day.date)}</b>
            <span className="quiet figure block text-sm">
              {dinner?.slot?.tableTime ?? dinner?.usual.tableTime}
              {eat > 0 && ` · ${eat}`}
              {plan.cookDays.includes(day.date) && <b className="text-primary"> · cook day</b>}
            </span>
          </p>
        );
      })}
      <h2 className="week-name">Table</h2>
      {days.map((day) => (
        <div key={day.date} className="week-plates">
          {day.meals.map((meal) => (
            <Plate
              key={meal.meal}
              at={{ day: day.date, meal: meal.meal }}
              meal={meal}
              only={day.meals.length === 1}
              hands={hands}
              open={() => open(day.date, meal.meal)}
            />
          ))}
          <button
            type="button"
            className="week-more"
            aria-label={`another meal on ${shortDay(day.date)}`}
            onClick={() => open(day.date, undefined)}
          >
            + meal
          </button>
        </div>
      ))}
      {outs.some((one) => days.some((day) => one.out.startsWith(day.date))) && (
        <>
          <span className="max-md:hidden" />
          {days.map((day) => (
            <div key={day.date} className="week-outs">
              {outs
                .filter((one) => one.out.startsWith(day.date))
                .map((one) => (
                  <span key={one.name} className="plate-out block">
                    take out {one.name} <span className="figure">{one.out.slice(11, 16)}</span>
                  </span>
                ))}
            </div>
          ))}
        </>
      )}
      <Boards plan={plan} days={days.map((day) => day.date)} hands={hands} />
    </div>
  );
}

/** What a move would break, at its place. */
function Says({ moving, plan, problem }: { moving: Moving | undefined; plan: Plan; problem: string | undefined }) {
  if (problem) {
    return (
      <p role="alert" className="fieldproblem mt-2">
        {problem}
      </p>
    );
  }
  if (!moving || moving.from.day === moving.over.day) {
    return null;
  }
  const stops = [moving.over, moving.from].flatMap((at) =>
    (plan.days.find((day) => day.date === at.day)?.meals ?? [])
      .filter((meal) => meal.meal === at.meal)
      .flatMap((meal) => meal.remarks.map((remark) => ({ day: at.day, ...remark })))
      .filter((remark) => remark.level === 'STOP'),
  );
  return (
    <p aria-live="polite" className="enamel mt-2 p-3">
      <b>{shortDay(moving.over.day)}: </b>
      {stops.length === 0
        ? 'holds'
        : stops.map((remark) => (
            <span key={`${remark.day} ${remark.words}`} className="block font-bold text-accent">
              {shortDay(remark.day)}: {remark.words}
            </span>
          ))}
    </p>
  );
}

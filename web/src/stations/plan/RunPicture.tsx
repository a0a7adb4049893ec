import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { shortDay } from '../../kit/words';
import { RunDays } from './RunDays';
import { RunShelves } from './RunShelves';
import { type At, type Moving, RunTable } from './RunTable';
import { RunThreads } from './RunThreads';
import { dayOf, type Layout, layout, type MealName, size } from './runLayout';

type Plan = Schema['PlanView'];

/** Narrower than this there is room for one day at a time. */
const NARROW = 520;

/**
 * The run: days from left to right, on a phone a day at a time; what is eaten from what. A meal is moved by dragging it, by
 * mouse or finger, or with the arrow keys.
 */
export function RunPicture({ plan, open }: { plan: Plan; open: (day: string, meal: MealName) => void }) {
  const box = useRef<HTMLFieldSetElement>(null);
  const [room, setRoom] = useState(1000);
  const [moving, setMoving] = useState<Moving>();
  const [tried, setTried] = useState<Plan>();
  const [day, setDay] = useState(plan.today);
  const asked = useRef(0);
  const move = useAct(
    'plan',
    (key, body: Schema['MoveInput']) =>
      answer(api.POST('/api/plan/move', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => stop(),
  );
  useEffect(() => {
    const wide = () => setRoom(box.current?.clientWidth ?? 1000);
    wide();
    window.addEventListener('resize', wide);
    return () => window.removeEventListener('resize', wide);
  }, []);
  // a finger on a meal moves it, not the page: what is drawn cannot say so by its style
  const grabbed = useRef(false);
  useEffect(() => {
    const hold = (event: TouchEvent) => grabbed.current && event.cancelable && event.preventDefault();
    const here = box.current;
    here?.addEventListener('touchmove', hold, { passive: false });
    return () => here?.removeEventListener('touchmove', hold);
  }, []);
  const stop = () => {
    grabbed.current = false;
    asked.current++;
    setMoving(undefined);
    setTried(undefined);
  };
  const over = (from: At, to: At) => {
    setMoving({ from, over: to });
    const mine = ++asked.current;
    if (from.day === to.day) {
      setTried(undefined);
      return;
    }
    answer(api.POST('/api/plan/try', { params: { query: { days: plan.days.length } }, body: { from, to } })).then(
      (view) => mine === asked.current && setTried(view),
      () => mine === asked.current && setTried(undefined),
    );
  };
  const drop = () => {
    grabbed.current = false;
    if (moving && moving.from.day !== moving.over.day) {
      move.act({ from: moving.from, to: moving.over });
    } else {
      stop();
    }
  };
  const shown = tried ?? plan;
  const narrow = room > 0 && room < NARROW;
  const on = plan.days.some((one) => one.date === day) ? day : plan.today;
  const drawn = narrow ? dayOf(shown, on) : shown;
  const laid = layout(drawn, room);
  return (
    <section className="mb-6" aria-label="The run: what is eaten from what">
      <fieldset
        ref={box}
        className="run-box"
        aria-label="Drag a meal to another day, or move it with the arrow keys and Enter"
        onPointerMove={(event) =>
          moving && over(moving.from, { ...moving.from, day: dayUnder(event, laid, drawn, narrow) })
        }
        onPointerUp={drop}
        onPointerCancel={stop}
        onPointerLeave={() => moving && !move.busy && stop()}
      >
        {narrow && <RunDays plan={shown} on={on} over={moving?.over.day} choose={setDay} />}
        <svg width={laid.width} height={laid.height} className="run" role="presentation">
          <RunShelves plan={drawn} laid={laid} />
          <RunThreads laid={laid} plan={plan} />
          <RunTable
            plan={drawn}
            laid={laid}
            moving={moving}
            grab={(at) => {
              grabbed.current = true;
              setMoving({ from: at, over: at });
            }}
            step={(at, by) => {
              const days = plan.days.map((one) => one.date);
              const from = moving?.from ?? at;
              const now = days.indexOf(moving?.over.day ?? at.day);
              over(from, { ...from, day: days[Math.min(days.length - 1, Math.max(0, now + by))] ?? at.day });
            }}
            enter={(at) => (moving ? drop() : open(at.day, at.meal))}
            stop={stop}
            open={open}
          />
        </svg>
      </fieldset>
      <Says moving={moving} plan={shown} problem={move.problem?.detail} />
    </section>
  );
}

/** The day under the pointer: a column of the picture, or of the days above it where there is one at a time. */
function dayUnder(event: PointerEvent<HTMLElement>, laid: Layout, plan: Plan, narrow: boolean): string {
  const here = document.elementFromPoint(event.clientX, event.clientY);
  if (narrow) {
    return here?.closest('[data-day]')?.getAttribute('data-day') ?? plan.days[0]?.date ?? plan.today;
  }
  const box = event.currentTarget;
  const x = event.clientX - box.getBoundingClientRect().left + box.scrollLeft - size.left;
  const day = Math.min(plan.days.length - 1, Math.max(0, Math.floor(x / laid.column)));
  return plan.days[day]?.date ?? plan.today;
}

/** What a move would break, at its place; else how to move. */
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
  const remarks = [moving.over, moving.from].flatMap((at) =>
    (plan.days.find((day) => day.date === at.day)?.meals ?? [])
      .filter((meal) => meal.meal === at.meal)
      .flatMap((meal) => meal.remarks.map((remark) => ({ day: at.day, ...remark }))),
  );
  const stops = remarks.filter((remark) => remark.level === 'STOP');
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

import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { mealWords, ribbonDay, shortDay } from '../../kit/words';
import { RunThreads } from './RunThreads';
import { type Layout, layout, type MealName, size } from './runLayout';

type Plan = Schema['PlanView'];
type At = { day: string; meal: MealName };
type Moving = { from: At; over: At };

const shelfWords = { TABLE: 'Table', FRIDGE: 'Fridge', FREEZER: 'Freezer', CUPBOARD: 'Cupboard' };

/** The run: days from left to right, what is eaten from what; a meal is moved by dragging it, or with the arrow keys. */
export function RunPicture({ plan, open }: { plan: Plan; open: (day: string, meal: MealName) => void }) {
  const box = useRef<HTMLFieldSetElement>(null);
  const [room, setRoom] = useState(1000);
  const [moving, setMoving] = useState<Moving>();
  const [tried, setTried] = useState<Plan>();
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
  const stop = () => {
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
    if (moving && moving.from.day !== moving.over.day) {
      move.act({ from: moving.from, to: moving.over });
    } else {
      stop();
    }
  };
  const shown = tried ?? plan;
  const laid = layout(shown, room);
  return (
    <section className="mb-6" aria-label="The run: what is eaten from what">
      <fieldset
        ref={box}
        className="run-box"
        aria-label="Drag a meal to another day, or move it with the arrow keys and Enter"
      >
        <svg
          width={laid.width}
          height={laid.height}
          className="run"
          role="presentation"
          onPointerMove={(event) => moving && over(moving.from, { ...moving.from, day: dayAt(event, laid, plan) })}
          onPointerUp={drop}
          onPointerLeave={() => moving && !move.busy && stop()}
        >
          <Shelves plan={shown} laid={laid} />
          <RunThreads laid={laid} plan={shown} />
          <Table
            plan={shown}
            laid={laid}
            moving={moving}
            grab={(at) => setMoving({ from: at, over: at })}
            step={(at, by) => {
              const days = plan.days.map((day) => day.date);
              const from = moving?.from ?? at;
              const now = days.indexOf(moving?.over.day ?? at.day);
              const day = days[Math.min(days.length - 1, Math.max(0, now + by))] ?? at.day;
              over(from, { ...from, day });
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

function dayAt(event: PointerEvent<SVGSVGElement>, laid: Layout, plan: Plan): string {
  const x = event.clientX - event.currentTarget.getBoundingClientRect().left - size.left;
  const day = Math.min(plan.days.length - 1, Math.max(0, Math.floor(x / laid.column)));
  return plan.days[day]?.date ?? plan.today;
}

/** "We 2": as much as a narrow column takes. */
const narrowDay = (iso: string) => shortDay(iso).replace(/^(\w\w)\w* (\d+).*$/, '$1 $2');

function Shelves({ plan, laid }: { plan: Plan; laid: Layout }) {
  return (
    <>
      {laid.shelves.map((shelf) => (
        <g key={shelf.name}>
          <rect x={2} y={shelf.y} width={laid.width - 4} height={shelf.height} rx={6} className="run-shelf" />
          <text x={12} y={shelf.y + 22} className="run-name">
            {shelfWords[shelf.name]}
          </text>
        </g>
      ))}
      {plan.cookDays.map((day) => (
        <g key={day}>
          <rect
            x={laid.x(day)}
            y={size.top - 4}
            width={laid.column}
            height={laid.height - size.top - size.foot + 4}
            className="run-cookday"
          />
          <text x={laid.middle(day)} y={laid.height - 6} className="run-foot">
            cook day
          </text>
        </g>
      ))}
      {plan.days.map((day, i) => (
        <text key={day.date} x={laid.middle(day.date)} y={16} className={`run-day ${i === 0 ? 'font-bold' : ''}`}>
          {laid.column < 58 ? narrowDay(day.date) : ribbonDay(day.date)}
        </text>
      ))}
      <line
        x1={laid.x(plan.now)}
        x2={laid.x(plan.now)}
        y1={size.top - 6}
        y2={laid.height - size.foot}
        className="run-now"
      />
    </>
  );
}

function Table({
  plan,
  laid,
  moving,
  grab,
  step,
  enter,
  stop,
  open,
}: {
  plan: Plan;
  laid: Layout;
  moving: Moving | undefined;
  grab: (at: At) => void;
  step: (at: At, by: number) => void;
  enter: (at: At) => void;
  stop: () => void;
  open: (day: string, meal: MealName) => void;
}) {
  const keys = (at: At) => (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by !== 0 || event.key === 'Enter' || event.key === ' ' || event.key === 'Escape') {
      event.preventDefault();
    }
    if (by !== 0) {
      step(at, by);
    } else if (event.key === 'Enter' || event.key === ' ') {
      enter(at);
    } else if (event.key === 'Escape') {
      stop();
    }
  };
  return plan.days.flatMap((day) =>
    day.meals.map((meal) => {
      const at: At = { day: day.date, meal: meal.meal };
      const slot = meal.slot;
      const main = slot?.dishes.find((dish) => dish.kind === 'RECIPE' || dish.kind === 'BATCH');
      const x = laid.middle(day.date);
      const y = laid.table(meal.meal);
      const wrong = meal.remarks.some((remark) => remark.level === 'STOP');
      const target = moving?.over.day === day.date && moving.from.meal === meal.meal && moving.from.day !== day.date;
      const words = main?.name ?? slot?.dishes[0]?.name ?? (slot?.kind === 'OUT' ? 'out' : 'open');
      return (
        // an SVG has no button of its own
        // biome-ignore lint/a11y/useSemanticElements: see above
        <g
          key={`${day.date} ${meal.meal}`}
          role="button"
          tabIndex={0}
          aria-label={`${shortDay(day.date)}, ${mealWords[meal.meal]}: ${words}${wrong ? ', does not hold' : ''}`}
          className={`run-meal ${target ? 'run-target' : ''}`}
          onPointerDown={(event) => main && !slot?.locked && event.button === 0 && grab(at)}
          onClick={() => (moving && moving.over.day !== day.date ? undefined : open(day.date, meal.meal))}
          onKeyDown={keys(at)}
        >
          <title>{words}</title>
          <rect
            x={x - laid.column / 2 + 2}
            y={y - 21}
            width={laid.column - 4}
            height={42}
            rx={6}
            className="run-slot"
          />
          {main ? (
            <>
              <circle cx={x} cy={y} r={size.dot} fill={laid.colour(main.of ?? main.name)} className="run-dot" />
              <text x={x} y={y + 5} className="run-count">
                {(slot?.people.length ?? 0) + (slot?.guests.length ?? 0)}
              </text>
              {wrong && <path d={`M${x + 9} ${y - 17} l9 0 l0 9 z`} className="run-wrong" />}
            </>
          ) : (
            <text x={x} y={y + 4} className="run-open">
              {slot?.kind === 'OUT' ? 'out' : slot && slot.dishes.length > 0 ? 'cold' : 'open'}
            </text>
          )}
        </g>
      );
    }),
  );
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

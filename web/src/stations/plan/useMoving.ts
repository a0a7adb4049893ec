import { useRef, useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import type { MealName } from './meals';

/** A meal's place in the weeks. */
export type At = { day: string; meal: MealName };
/** A meal on its way to another day. */
export type Moving = { from: At; over: At };
/** A dish in one's hand, to be put on a plate. */
export type Held = { batch: string; name: string };

/** What is moved over the two weeks: a meal to another day, tried while it moves, or a dish that is there onto a plate. */
export function useMoving(plan: Schema['PlanView']) {
  const [moving, setMoving] = useState<Moving>();
  const [held, hold] = useState<Held>();
  const [tried, setTried] = useState<Schema['PlanView']>();
  const asked = useRef(0);
  const stop = () => {
    asked.current++;
    setMoving(undefined);
    setTried(undefined);
  };
  const move = useAct(
    'plan',
    (key, body: Schema['MoveInput']) =>
      answer(api.POST('/api/plan/move', { params: { header: { 'Idempotency-Key': key } }, body })),
    stop,
  );
  const put = useAct(
    'plan',
    (key, body: Schema['PutInput']) =>
      answer(api.POST('/api/plan/put', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => hold(undefined),
  );
  const over = (from: At, to: At) => {
    if (moving?.over.day === to.day && moving.from.day === from.day) {
      return;
    }
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
  return {
    moving,
    held,
    hold,
    /** The plan as it would be. */
    shown: tried ?? plan,
    busy: move.busy || put.busy,
    problem: move.problem?.detail ?? put.problem?.detail,
    over,
    stop,
    drop: () => {
      if (moving && moving.from.day !== moving.over.day) {
        move.act({ from: moving.from, to: moving.over });
      } else {
        stop();
      }
    },
    put: (to: At, dish: Held) => put.act({ to, batch: dish.batch }),
    step: (at: At, by: number) => {
      const days = plan.days.map((one) => one.date);
      const from = moving?.from ?? at;
      const now = days.indexOf(moving?.over.day ?? at.day);
      over(from, { ...from, day: days[Math.min(days.length - 1, Math.max(0, now + by))] ?? at.day });
    },
  };
}

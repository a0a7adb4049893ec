import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { type Run, type RunTask, useHandsAct, useTaskAct } from '../../api/kitchen';
import { useCookDay } from '../../api/queries';
import { OtherProblem } from '../../kit/kit';
import { clockTime, minuteWords, tapeColour } from '../../kit/words';
import { useSpoken } from './useDevice';

type Props = { run: Run; id: string; hands: Schema['RunHands']; now: number; spoken: boolean };

/** A second tap of a wet finger is no second task. */
const SETTLES = 900;

/** What these hands do now, with what goes in; what comes next. */
export function NowCard({ run, id, hands, now, spoken }: Props) {
  const task = hands.now === undefined ? undefined : run.tasks[hands.now];
  const next = hands.next === undefined ? undefined : run.tasks[hands.next];
  const settled = useSettledOn(`${task?.pos} ${task?.state}`);
  const [more, setMore] = useState(false);
  const act = useTaskAct(id, () => setMore(false));
  useSpoken(task ? `${task.dish}: ${task.text}` : '', spoken);
  return (
    <section className="kitchen-card" aria-label={`${hands.name}, now`} style={{ borderTopColor: cardColour(task) }}>
      {task ? (
        <>
          <p className="quiet text-xl">
            <strong className="display text-2xl text-base-content">{task.dish}</strong> · {since(task, run, now)}
          </p>
          <p className="kitchen-words">{task.text}</p>
          {task.amounts.length > 0 && (
            <ul className="kitchen-amounts">
              {task.amounts.map((amount) => (
                <li key={amount}>{amount}</li>
              ))}
            </ul>
          )}
          {task.caution !== '' && <p className="kitchen-caution">{task.caution}</p>}
          <div className="flex flex-wrap items-center gap-3">
            {task.state === 'TO_DO' && (
              <button
                type="button"
                className="btn btn-outline kitchen-button"
                disabled={!settled || act.busy}
                onClick={() => act.act({ pos: task.pos, what: 'BEGIN' })}
              >
                I begin
              </button>
            )}
            <button
              type="button"
              className="btn btn-primary kitchen-done"
              disabled={!settled || act.busy}
              onClick={() => act.act({ pos: task.pos, what: 'DONE' })}
            >
              Done
            </button>
            <button
              type="button"
              className="btn btn-ghost kitchen-button"
              disabled={act.busy}
              onClick={() => act.act({ pos: task.pos, what: 'LONGER', minutes: 5 })}
            >
              + 5 min
            </button>
            <button
              type="button"
              className="btn btn-ghost kitchen-button"
              aria-expanded={more}
              onClick={() => setMore(!more)}
            >
              More
            </button>
          </div>
          {more && <More run={run} id={id} task={task} hands={hands} done={() => setMore(false)} />}
        </>
      ) : (
        <>
          <p className="kitchen-words">{free(run, hands)}</p>
          {next && hands.ready && (
            <button
              type="button"
              className="btn btn-outline kitchen-button justify-self-start"
              disabled={act.busy}
              onClick={() => act.act({ pos: next.pos, what: 'BEGIN' })}
            >
              I begin the next now
            </button>
          )}
        </>
      )}
      <OtherProblem problem={act.problem} fields={[]} />
      {next && (
        <p className="kitchen-next">
          <span className="quiet">next, {clockTime(next.start, run.day)}: </span>
          <strong>{next.dish}</strong>: {next.text}
        </p>
      )}
    </section>
  );
}

function More({
  run,
  id,
  task,
  hands,
  done,
}: {
  run: Run;
  id: string;
  task: RunTask;
  hands: Schema['RunHands'];
  done: () => void;
}) {
  const act = useTaskAct(id, done);
  const away = useHandsAct(id, done);
  const pots = useCookDay(run.day).data?.pots ?? [];
  const pot = pots.find((one) => one.batch === task.of);
  const later = run.tasks.filter((one) => one.hands && one.state === 'TO_DO' && one.pos !== task.pos);
  later.sort((a, b) => a.from - b.from);
  return (
    <div className="grid gap-3 border-t-2 border-dashed border-[var(--line)] pt-3">
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-outline kitchen-button"
          onClick={() => away.act({ what: 'AWAY', name: hands.name, minutes: 20 })}
        >
          Away 20 min
        </button>
        <button
          type="button"
          className="btn btn-outline kitchen-button"
          onClick={() => act.act({ pos: task.pos, what: 'LEAVE_OUT' })}
        >
          Skip it
        </button>
        {pot && (
          <Link
            to={`/cook/${pot.recipe}?batch=${pot.batch}&factor=${pot.factor}&vessels=${pot.vessels}&style=${pot.style}`}
            className="btn btn-outline kitchen-button"
          >
            Not there: use other
          </Link>
        )}
      </div>
      {later.length > 0 && (
        <details>
          <summary className="cursor-pointer text-xl font-semibold">I am here …</summary>
          <ul>
            {later.slice(0, 12).map((one) => (
              <li key={one.pos}>
                <button type="button" className="kitchen-line" onClick={() => act.act({ pos: one.pos, what: 'HERE' })}>
                  <strong>{one.dish}</strong>: {one.text}
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
      <OtherProblem problem={act.problem ?? away.problem} fields={[]} />
    </div>
  );
}

const cardColour = (task: RunTask | undefined) => (task ? tapeColour(task.dish) : 'var(--line)');

function since(task: RunTask, run: Run, now: number): string {
  if (task.state === 'TO_DO') {
    return `to begin ${clockTime(task.start, run.day)}, about ${minuteWords(task.to - task.from)}`;
  }
  const minute = run.minute + Math.floor((now - run.now) / 60_000);
  const left = task.to - minute;
  const gone = `since ${clockTime(task.start, run.day)}`;
  return left >= 0 ? `${gone}, about ${minuteWords(left)} more` : `${gone}, ${minuteWords(-left)} longer than thought`;
}

function free(run: Run, hands: Schema['RunHands']): string {
  if (!hands.there) {
    return `${hands.name} is away`;
  }
  if (run.over) {
    return 'All is done, bagged and cold';
  }
  return hands.next === undefined ? 'Off your feet' : `Nothing needs you for ${minuteWords(hands.free)}`;
}

/** False for a moment after something changed under the finger. */
function useSettledOn(what: string): boolean {
  const [of, setOf] = useState(what);
  useEffect(() => {
    const later = setTimeout(() => setOf(what), SETTLES);
    return () => clearTimeout(later);
  }, [what]);
  return of === what;
}

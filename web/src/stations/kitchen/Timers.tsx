import { type ReactNode, useState } from 'react';
import { type Run, type RunTask, useTaskAct, useTimerAct } from '../../api/kitchen';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { tapeColour, whole } from '../../kit/words';
import { Probe } from './Probe';
import { useRinging } from './useDevice';

type Props = { run: Run; id: string; now: number; sound: boolean };

/** What runs, what rings, and what is to be put on or taken off by now. */
export function Timers({ run, id, now, sound }: Props) {
  const rings = run.timers.some((timer) => timer.due <= now);
  useRinging(rings && sound);
  const task = useTaskAct(id);
  const timer = useTimerAct(id);
  const at = (pos: number) => run.tasks[pos];
  return (
    <section className="kitchen-timers" aria-label="On the heat, and timers">
      {run.toBegin.map((pos) => (
        <Line key={pos} task={at(pos)} words={`put on now: ${at(pos)?.text}`} urgent>
          <button
            type="button"
            className="btn btn-primary kitchen-button"
            disabled={task.busy}
            onClick={() => task.act({ pos, what: 'BEGIN' })}
          >
            It is on
          </button>
        </Line>
      ))}
      {run.timers.map((one) => {
        const of = one.task === undefined ? undefined : at(one.task);
        const ends = of !== undefined && one.words === of.text;
        return (
          <Line
            key={one.id}
            task={of}
            words={one.words}
            left={one.due - now}
            urgent={one.due <= now}
            caution={ends ? of?.caution : undefined}
          >
            {ends && of ? (
              <>
                <button
                  type="button"
                  className={`btn kitchen-button ${one.due <= now ? 'btn-primary' : 'btn-outline'}`}
                  disabled={task.busy}
                  onClick={() => task.act({ pos: of.pos, what: 'DONE' })}
                >
                  It is done
                </button>
                <button
                  type="button"
                  className="btn btn-ghost kitchen-button"
                  disabled={task.busy}
                  onClick={() => task.act({ pos: of.pos, what: 'LONGER', minutes: 5 })}
                >
                  + 5 min
                </button>
                {of.caution !== '' && <Probe id={id} pos={of.pos} what={of.dish} />}
              </>
            ) : (
              <button
                type="button"
                className={`btn kitchen-button ${one.due <= now ? 'btn-primary' : 'btn-ghost'}`}
                disabled={timer.busy}
                onClick={() => timer.act({ heard: one.id })}
              >
                {one.due <= now ? 'Heard' : 'Stop'}
              </button>
            )}
          </Line>
        );
      })}
      {run.timers.length === 0 && run.toBegin.length === 0 && <p className="quiet text-xl">Nothing is on.</p>}
      <OtherProblem problem={task.problem ?? timer.problem} fields={[]} />
      <OwnTimer id={id} />
    </section>
  );
}

function Line({
  task,
  words,
  left,
  urgent,
  caution,
  children,
}: {
  task: RunTask | undefined;
  words: string;
  left?: number;
  urgent: boolean;
  caution?: string | undefined;
  children: ReactNode;
}) {
  return (
    <div className="kitchen-timer" data-urgent={urgent} style={{ borderLeftColor: tapeColour(task?.dish ?? words) }}>
      <p className="min-w-0">
        <strong className="text-xl">{task?.dish ?? 'timer'}</strong>
        <span className="block">{words}</span>
        {caution !== undefined && caution !== '' && <span className="kitchen-caution block text-base">{caution}</span>}
        {task?.heat !== undefined && <span className="quiet block">oven at {task.heat}</span>}
      </p>
      {left !== undefined && (
        <p className="figure text-3xl font-bold whitespace-nowrap" role="timer">
          {left <= 0 && <span className="block text-lg">rings</span>}
          {countdown(left)}
        </p>
      )}
      <div className="flex flex-wrap gap-2">{children}</div>
    </div>
  );
}

/** "1:05:20", "4:07", and after the time "+ 2:30". */
function countdown(left: number): string {
  const seconds = Math.floor(Math.abs(left) / 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor(seconds / 60) % 60;
  const words = `${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(seconds % 60)}`;
  return left < 0 ? `+ ${words}` : words;
}

function OwnTimer({ id }: { id: string }) {
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState('');
  const [minutes, setMinutes] = useState('');
  const timer = useTimerAct(id, () => {
    setOpen(false);
    setWords('');
    setMinutes('');
  });
  if (!open) {
    return (
      <button type="button" className="btn btn-ghost kitchen-button justify-self-start" onClick={() => setOpen(true)}>
        A timer of my own
      </button>
    );
  }
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        timer.act({ words, minutes: whole(minutes, 0) });
      }}
    >
      <Field label="Timer for" value={words} set={setWords} problem={timer.problem} at="/words" wide="w-44" />
      <Field
        label="Minutes"
        kind="number"
        value={minutes}
        set={setMinutes}
        problem={timer.problem}
        at="/minutes"
        wide="w-24"
      />
      <button type="submit" className="btn btn-primary kitchen-button" disabled={timer.busy}>
        Set it
      </button>
      <OtherProblem problem={timer.problem} fields={['/words', '/minutes']} />
    </form>
  );
}

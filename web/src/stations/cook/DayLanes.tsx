import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { Schema } from '../../api/client';
import { clockTime, minuteWords, tapeColour } from '../../kit/words';

type Clock = Schema['ClockView'];
type Task = Schema['ClockTask'];

const STEP = 5;

/** What is dragged: from where it was taken, and how many minutes it lies from there now. */
type Drag = { pos: number; x: number; wide: number; by: number };

/**
 * One row a lane, time to the right; the same as a list beneath.
 *
 * @param move where what is to come can be moved: by mouse, finger, and arrow keys
 */
export function DayLanes({ clock, move }: { clock: Clock; move?: (pos: number, at: string) => void }) {
  const [chosen, setChosen] = useState<number>();
  const task = clock.tasks.find((one) => one.pos === chosen);
  const [drag, setDrag] = useState<Drag>();
  const moved = useRef(false);
  const hours = Array.from({ length: Math.floor(clock.minutes / 60) + 1 }, (_, i) => i * 60);
  const share = (minute: number) => `${(100 * minute) / Math.max(1, clock.minutes)}%`;
  const begin = new Date(`${clock.begin}:00Z`).getTime();
  const local = (minute: number) => new Date(begin + minute * 60_000).toISOString().slice(0, 16);
  const movable = (one: Task) => move !== undefined && (one.state === 'TO_DO' || one.state === 'WAITS');
  const by = (one: Task) => (drag?.pos === one.pos ? drag.by : 0);
  const down = (event: PointerEvent<HTMLButtonElement>, one: Task) => {
    moved.current = false;
    if (movable(one)) {
      event.currentTarget.setPointerCapture(event.pointerId);
      const wide = event.currentTarget.parentElement?.clientWidth ?? 1;
      setDrag({ pos: one.pos, x: event.clientX, wide, by: 0 });
    }
  };
  const over = (event: PointerEvent<HTMLButtonElement>) => {
    if (drag) {
      const minutes = ((event.clientX - drag.x) / drag.wide) * clock.minutes;
      const next = Math.round(minutes / STEP) * STEP;
      moved.current = moved.current || next !== 0;
      setDrag({ ...drag, by: next });
    }
  };
  const up = (one: Task) => {
    if (drag && drag.by !== 0) {
      move?.(one.pos, local(Math.max(0, one.from + drag.by)));
    }
    setDrag(undefined);
  };
  const keys = (event: KeyboardEvent, one: Task) => {
    const step = event.key === 'ArrowRight' ? STEP : event.key === 'ArrowLeft' ? -STEP : 0;
    if (step !== 0 && movable(one)) {
      event.preventDefault();
      move?.(one.pos, local(Math.max(0, one.from + step)));
    }
  };
  return (
    <>
      <figure className="dayclock" aria-label="The day on one clock">
        <div className="dayclock-in" style={{ minWidth: `${8 + clock.minutes / 14}rem` }}>
          <div className="dayclock-row">
            <span />
            <div className="dayclock-lane dayclock-hours" aria-hidden="true">
              {hours.map((hour) => (
                <span key={hour} style={{ left: share(hour) }}>
                  {local(hour).slice(11)}
                </span>
              ))}
            </div>
          </div>
          {clock.lanes.map((lane, i) => (
            <div key={lane.name} className={`dayclock-row dayclock-${lane.kind}`}>
              <span className="dayclock-name">{lane.name}</span>
              <div className="dayclock-lane">
                {hours.map((hour) => (
                  <i key={hour} style={{ left: share(hour) }} aria-hidden="true" />
                ))}
                {clock.tasks
                  .filter((one) => one.lanes.includes(i))
                  .map((one) => (
                    <button
                      key={one.pos}
                      type="button"
                      className="dayclock-tape"
                      data-state={one.state}
                      data-movable={movable(one)}
                      aria-pressed={chosen === one.pos}
                      aria-label={`${one.dish}: ${one.text}, ${clockTime(one.start, clock.day)}`}
                      style={{
                        left: share(one.from + by(one)),
                        width: share(one.to - one.from),
                        background: tapeColour(one.dish),
                      }}
                      title={`${one.dish}: ${one.text}`}
                      onPointerDown={(event) => down(event, one)}
                      onPointerMove={over}
                      onPointerUp={() => up(one)}
                      onPointerCancel={() => setDrag(undefined)}
                      onKeyDown={(event) => keys(event, one)}
                      onClick={() => !moved.current && setChosen(chosen === one.pos ? undefined : one.pos)}
                    >
                      <span>
                        {one.heat !== undefined && `${one.heat.replace(/ .*/, '')}° `}
                        {one.dish}
                      </span>
                    </button>
                  ))}
                {lane.kind === 'hands' && (
                  <b style={{ left: share(clock.handsMin) }} title="off your feet" aria-hidden="true" />
                )}
                {clock.now !== undefined && clock.now >= 0 && clock.now <= clock.minutes && (
                  <em style={{ left: share(clock.now) }} title="now" aria-hidden="true" />
                )}
              </div>
            </div>
          ))}
        </div>
      </figure>
      {task && <Chosen task={task} day={clock.day} movable={movable(task)} />}
      <details className="mt-3 dayclock-list">
        <summary className="cursor-pointer font-semibold">The same as a list</summary>
        <ol>
          {clock.tasks
            .filter((one) => one.state !== 'LEFT_OUT')
            .map((one) => (
              <li
                key={one.pos}
                className="row grid-cols-[4rem_minmax(0,1fr)] sm:grid-cols-[4rem_4rem_minmax(0,1fr)_minmax(0,12rem)]"
              >
                <span className="figure font-bold">{clockTime(one.start, clock.day)}</span>
                <span className="quiet figure hidden sm:block">{minuteWords(one.to - one.from)}</span>
                <span>
                  <strong>{one.dish}</strong>: {one.text}
                  {one.amounts.length > 0 && <span className="block">{one.amounts.join(' · ')}</span>}
                  {one.caution !== '' && <span className="block font-semibold text-accent">{one.caution}</span>}
                  {one.watches.length > 0 && <span className="block">look: {one.watches.join(' · ')}</span>}
                  <span className="quiet block text-sm">{one.why}</span>
                </span>
                <span className="quiet text-sm">
                  {stateWords[one.state]}
                  {one.lanes.map((lane) => clock.lanes[lane]?.name).join(', ')}
                </span>
              </li>
            ))}
        </ol>
      </details>
    </>
  );
}

const stateWords: Record<Task['state'], string> = {
  TO_DO: '',
  BEGUN: 'goes on · ',
  DONE: 'done · ',
  LEFT_OUT: 'left out',
  WAITS: 'waits for what is not there',
};

function Chosen({ task, day, movable }: { task: Task; day: string; movable: boolean }) {
  return (
    <p className="enamel mt-2 p-3" role="status">
      <strong className="figure">
        {clockTime(task.start, day)}–{clockTime(task.end, day)}
      </strong>{' '}
      <strong>{task.dish}</strong>: {task.text}
      {task.amounts.length > 0 && <span className="block">{task.amounts.join(' · ')}</span>}
      {task.caution !== '' && <span className="block font-semibold text-accent">{task.caution}</span>}
      {task.watches.length > 0 && <span className="block">look: {task.watches.join(' · ')}</span>}
      <span className="quiet block">
        why here: {task.why}
        {movable && ' · drag it, or move it with the arrow keys; the rest gives way'}
      </span>
    </p>
  );
}

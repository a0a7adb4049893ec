import { useState } from 'react';
import type { Schema } from '../../api/client';
import { useDayClock } from '../../api/pieces';
import { Field } from '../../kit/Field';
import { OneOf, Waiting } from '../../kit/kit';
import { clockTime, tapeColour } from '../../kit/words';

type Task = Schema['ClockTask'];

/** The counter clock: lanes for hands, flames, oven, cookers and cold, with everything of the day on them. */
export function DayClock({ day }: { day: string }) {
  const [people, setPeople] = useState(1);
  const [begin, setBegin] = useState('');
  const [doneBy, setDoneBy] = useState('');
  const [open, setOpen] = useState(false);
  const asked = useDayClock({ day, people, begin, doneBy });
  const clock = asked.data;
  if (asked.error && !clock) {
    return <p className="fieldproblem">{asked.error.message}</p>;
  }
  if (!clock) {
    return <Waiting />;
  }
  if (clock.tasks.length === 0) {
    return clock.impossible === '' ? null : <p className="fieldproblem mb-4">{clock.impossible}</p>;
  }
  return (
    <section aria-label="Counter clock" className="mb-8">
      <div className="mb-3 flex flex-wrap items-end gap-x-8 gap-y-2">
        <p>
          <span className="quiet block">off your feet</span>
          <span className="figure text-4xl font-bold">{clockTime(clock.handsFree, day)}</span>
        </p>
        <p>
          <span className="quiet block">bagged and cold</span>
          <span className="figure text-4xl font-bold">{clockTime(clock.cold, day)}</span>
        </p>
        <p className="text-lg">
          from <strong className="figure">{clockTime(clock.begin, day)}</strong> with{' '}
          {clock.lanes
            .filter((lane) => lane.kind === 'hands')
            .map((lane) => lane.name)
            .join(' and ')}
        </p>
        <button type="button" className="btn btn-ghost no-print" aria-expanded={open} onClick={() => setOpen(!open)}>
          Other times, other hands
        </button>
      </div>
      {open && (
        <div className="no-print mb-4 flex flex-wrap items-end gap-4">
          <div>
            <span className="block font-semibold">Who cooks</span>
            <OneOf
              choices={[1, 2, 3, 4].map((n): [number, string] => [n, String(n)])}
              chosen={people}
              choose={setPeople}
            />
          </div>
          <Field label="Begin" value={begin} set={setBegin} wide="w-24" placeholder="10:00" at="/begin" />
          <Field label="Or be done by" value={doneBy} set={setDoneBy} wide="w-24" placeholder="17:30" at="/doneBy" />
          {asked.error && <p className="fieldproblem">{asked.error.message}</p>}
        </div>
      )}
      <Lanes clock={clock} />
      {clock.warnings.map((warning) => (
        <p key={warning} className="fieldproblem mt-2">
          {warning}
        </p>
      ))}
      {clock.earlier.length > 0 && (
        <p className="quiet mt-2">
          off your feet earlier with: {clock.earlier.map((one) => `${one.what}: ${minutes(one.minutes)}`).join(' · ')}
        </p>
      )}
    </section>
  );
}

const minutes = (n: number) => (n < 60 ? `${n} min` : `${Math.floor(n / 60)} h ${n % 60 === 0 ? '' : n % 60}`.trim());

/** One row a lane, time to the right; the same as a list beneath. */
function Lanes({ clock }: { clock: Schema['ClockView'] }) {
  const [chosen, setChosen] = useState<Task>();
  const hours = Array.from({ length: Math.floor(clock.minutes / 60) + 1 }, (_, i) => i * 60);
  const first = new Date(`${clock.begin}:00Z`);
  const at = (minute: number) => new Date(first.getTime() + minute * 60_000).toISOString().slice(11, 16);
  const share = (minute: number) => `${(100 * minute) / Math.max(1, clock.minutes)}%`;
  return (
    <>
      <figure className="dayclock" aria-label="The day on one clock">
        <div className="dayclock-in" style={{ minWidth: `${8 + clock.minutes / 14}rem` }}>
          <div className="dayclock-row">
            <span />
            <div className="dayclock-lane dayclock-hours" aria-hidden="true">
              {hours.map((hour) => (
                <span key={hour} style={{ left: share(hour) }}>
                  {at(hour)}
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
                  .filter((task) => task.lanes.includes(i))
                  .map((task) => (
                    <button
                      key={`${task.dish} ${task.text} ${task.from}`}
                      type="button"
                      className="dayclock-tape"
                      aria-pressed={chosen === task}
                      style={{
                        left: share(task.from),
                        width: share(task.to - task.from),
                        background: tapeColour(task.dish),
                      }}
                      title={`${task.dish}: ${task.text}`}
                      onClick={() => setChosen(chosen === task ? undefined : task)}
                    >
                      <span>
                        {task.celsius !== undefined && `${task.celsius}° `}
                        {task.dish}
                      </span>
                    </button>
                  ))}
                {lane.kind === 'hands' && (
                  <b style={{ left: share(clock.handsMin) }} title="off your feet" aria-hidden="true" />
                )}
              </div>
            </div>
          ))}
        </div>
      </figure>
      {chosen && (
        <p className="enamel mt-2 p-3" role="status">
          <strong className="figure">
            {clockTime(chosen.start, clock.day)}–{clockTime(chosen.end, clock.day)}
          </strong>{' '}
          <strong>{chosen.dish}</strong>: {chosen.text}
          <span className="quiet block">why here: {chosen.why}</span>
        </p>
      )}
      <details className="mt-3">
        <summary className="cursor-pointer font-semibold">The same as a list</summary>
        <ol>
          {clock.tasks.map((task) => (
            <li
              key={`${task.dish} ${task.text} ${task.from}`}
              className="row grid-cols-[4rem_minmax(0,1fr)] sm:grid-cols-[4rem_4rem_minmax(0,1fr)_minmax(0,12rem)]"
            >
              <span className="figure font-bold">{clockTime(task.start, clock.day)}</span>
              <span className="quiet figure hidden sm:block">{minutes(task.to - task.from)}</span>
              <span>
                <strong>{task.dish}</strong>: {task.text}
                <span className="quiet block text-sm">{task.why}</span>
              </span>
              <span className="quiet text-sm">{task.lanes.map((lane) => clock.lanes[lane]?.name).join(', ')}</span>
            </li>
          ))}
        </ol>
      </details>
    </>
  );
}

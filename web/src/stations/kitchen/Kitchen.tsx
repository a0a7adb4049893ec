import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { type Run, useRun, useServerNow, useTold } from '../../api/kitchen';
import { OneOf, Waiting } from '../../kit/kit';
import { useRemembered } from '../../kit/useRemembered';
import { clockTime, shortDay } from '../../kit/words';
import { Around } from './Around';
import { NowCard } from './NowCard';
import { Others } from './Others';
import { Timers } from './Timers';
import { useAwake } from './useDevice';

/** The day as hands need it: one large card, what comes next, and what rings. Wet hands, from a metre away. */
export function Kitchen() {
  const asked = useRun(undefined);
  const run = asked.data;
  const now = useServerNow(run?.now, asked.dataUpdatedAt);
  useTold();
  useAwake();
  useEffect(() => {
    document.title = 'Kitchen · Wexilla';
  }, []);
  if (!run) {
    return asked.error ? <p className="fieldproblem p-6">{asked.error.message}</p> : <Waiting />;
  }
  // kept from before and asked again just now: a tap would tell of a task that is told already
  const old = !asked.isFetchedAfterMount && asked.fetchStatus === 'fetching' && asked.failureCount === 0;
  return run.id === undefined ? (
    <Nothing />
  ) : (
    <fieldset className="contents" disabled={old}>
      <Day run={run} id={run.id} now={now} />
    </fieldset>
  );
}

function Nothing() {
  return (
    <main className="kitchen">
      <h1 className="text-4xl">No cook day runs</h1>
      <p className="mt-2 text-xl">Begin one on its clock: everything it needs stands there.</p>
      <Link to="/cook" className="btn btn-primary mt-4">
        To the cook day
      </Link>
    </main>
  );
}

function Day({ run, id, now }: { run: Run; id: string; now: number }) {
  const [me, setMe] = useRemembered('kitchen-me', run.hands[0]?.name ?? '');
  const [sound, setSound] = useRemembered('kitchen-sound', 'on');
  const [spoken, setSpoken] = useRemembered('kitchen-spoken', 'off');
  const [around, setAround] = useState(false);
  const mine = run.hands.find((hands) => hands.name === me) ?? run.hands[0];
  return (
    <main className="kitchen">
      <header className="kitchen-top">
        <h1 className="sr-only">Kitchen, {shortDay(run.day)}</h1>
        <p className="figure text-3xl font-bold">{time(now, run.offset)}</p>
        <p>
          <span className="quiet">off your feet </span>
          <strong className="figure">{clockTime(run.handsFree, run.day)}</strong>
        </p>
        <p>
          <span className="quiet">bagged and cold </span>
          <strong className="figure">{clockTime(run.cold, run.day)}</strong>
        </p>
        <span className="ml-auto flex flex-wrap gap-2">
          {run.hands.length > 1 && (
            <OneOf
              of="I am"
              choices={run.hands.map((hands): [string, string] => [hands.name, hands.name])}
              chosen={mine?.name}
              choose={setMe}
            />
          )}
          <Link to="/cook" className="btn btn-ghost">
            Leave
          </Link>
        </span>
      </header>
      {run.told.map((words) => (
        <p key={words} className="kitchen-told" role="alert">
          {words}
        </p>
      ))}
      <div className="kitchen-main">
        <div className="grid content-start gap-4">
          {mine && <NowCard run={run} id={id} hands={mine} now={now} spoken={spoken === 'on'} />}
          <Others run={run} id={id} me={mine?.name} />
        </div>
        <div className="grid content-start gap-4">
          <Timers run={run} id={id} now={now} sound={sound === 'on'} />
          <button
            type="button"
            className="btn btn-outline kitchen-button"
            aria-expanded={around}
            onClick={() => setAround(!around)}
          >
            More: who, what fails, dishes
          </button>
          {around && (
            <Around
              run={run}
              id={id}
              sound={sound}
              setSound={setSound}
              spoken={spoken}
              setSpoken={setSpoken}
              done={() => setAround(false)}
            />
          )}
        </div>
      </div>
    </main>
  );
}

/** By the clock of the kitchen, wherever the device thinks it is. */
const time = (now: number, offset: number) => new Date(now + offset * 60_000).toISOString().slice(11, 16);
